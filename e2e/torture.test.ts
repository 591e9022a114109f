import { describe, expect, it } from 'vitest';
import { disk } from '../scripts/torture/disk';
import { files } from '../scripts/torture/files';
import { fuzz } from '../scripts/torture/fuzz';
import { kills } from '../scripts/torture/kills';

/** A short run of each of `npm run torture`, the same every time. */
const SECONDS = 1000;
const SEED = 25;

describe('nothing is lost and nothing breaks', () => {
  it('when the server is killed amid writing', async () => {
    const { faults, line } = await kills(Date.now() + 15 * SECONDS, SEED);
    expect(faults).toEqual([]);
    expect(line).toMatch(/^\d+ kills amid [1-9]\d* entries/);
  });
  it('when every route is sent what it does not expect', async () => {
    const { faults, line } = await fuzz(Date.now() + 12 * SECONDS, SEED);
    expect(faults).toEqual([]);
    expect(line).toMatch(/^\d{2,} strange requests/);
  });
  it('when garden files are damaged', async () => {
    const { faults, line } = await files(Date.now() + 60 * SECONDS, SEED, 60);
    expect(faults).toEqual([]);
    expect(line).toMatch(/^60 damaged garden files/);
  });
  it('when the disk is full', async () => {
    const { faults } = await disk(SEED);
    expect(faults).toEqual([]);
  });
});
