import { describe, expect, it } from 'vitest';
import { larvaeWords } from '../words/needs';
import { larvaeRange, leafDoubt } from './leaf-range';
import type { NeedCoverage } from './types';

describe('how rough a count of larvae is', () => {
  it('by leaf and appetite together', () => {
    // A third of leaf more or less; appetite a quarter: 12 × ⅔ ÷ 1.25 to 12 × 4⁄3 ÷ 0.75.
    const { low, high } = larvaeRange(12, 1 / 3);
    expect(low).toBeCloseTo(6.4, 9);
    expect(high).toBeCloseTo(21.333, 3);
  });
  it.each([
    [0.2, 0.8, 'hardly one'],
    [6.4, 21.3, '6 to 21'],
    [7.1, 7.9, '7'],
    [40, 180, '40 to more than 100'],
    [120, 400, 'more than 100'],
  ])('%f to %f: %s', (low, high, words) => expect(larvaeWords({ low, high })).toBe(words));
});

describe('how near a verdict on leaf is to another', () => {
  const host = (ratio: number, over: Partial<NeedCoverage> = {}) =>
    leafDoubt({
      need: { stage: 'host' },
      cells: [
        { supply: 50, demand: 10 },
        { supply: 10 * ratio, demand: 10 },
      ],
      verdict: ratio >= 1 ? 'closed' : ratio >= 0.4 ? 'thin' : 'open',
      limit: ratio >= 1 ? null : 'amount',
      ...over,
    } as NeedCoverage);
  it.each([
    // Closed with 1.3 times: it would still close with ten thirteenths, 23 % less.
    [1.3, 'quarter'],
    [1.45, 'third'],
    [1.9, 'half'],
    [2.1, null],
    [0.8, 'quarter'],
    [0.7, 'third'],
    [0.55, 'half'],
    [0.45, null],
    [0.3, null],
  ])('%f of what is wanted: %s', (ratio, doubt) => expect(host(ratio)).toBe(doubt));
  it('is no matter of leaf where a patch is missing, or of nectar', () => {
    expect(host(0.9, { limit: 'patch' })).toBeNull();
    expect(host(1.1, { need: { stage: 'nectar' } as NeedCoverage['need'] })).toBeNull();
  });
});
