import { describe, expect, it } from 'vitest';
import { bedQuestion, thing } from '../testing/layout';
import { host, plant, target } from '../testing/worked-garden';
import { checksOf } from './checks';
import { climbingIn } from './climbing';
import { colourYear } from './colour-year';
import { driftOutlines } from './drift-outline';
import { scoreOf } from './score';
import { baselineOf, staked } from './staking';
import { statureOf } from './stature';
import type { Standing } from './question';
import { areaOf } from '../place/yard/geometry';

const LOW = plant('low', { height_min_cm: 20, height_max_cm: 20, spacing_cm: 30, spread_cm: 30 });
const TALL = plant('tall', { height_min_cm: 150, height_max_cm: 150, spacing_cm: 60, spread_cm: 60 });
const WALK = thing(
  'path',
  'Walk',
  [
    [0, 4.2],
    [20, 4.2],
  ],
  { width_m: 1, paved: false },
);
const at = (kind: number, x: number, y: number, held = false): Standing => ({ kind, x, y, held });
const kinds = (checks: ReturnType<typeof checksOf>) => checks.map((check) => check.kind);

describe('what speaks against a place', () => {
  const question = bedQuestion(
    [6, 2],
    [
      [LOW, 2],
      [TALL, 1],
    ],
    { things: [WALK] },
  );

  it('nothing, where low stands before tall with room', () => {
    const plants = [at(0, 2, 0.5), at(0, 3, 0.5), at(1, 2.5, 1.5)];
    for (const i of [0, 1, 2]) expect(checksOf(question, plants, i)).toEqual([]);
    expect(scoreOf(question, { plants, unplaced: [0, 0] }).wishes.heights).toEqual({ value: 1, of: 3, against: [] });
  });
  it('tall in front hides what is behind it, and both are said so', () => {
    const plants = [at(0, 2.5, 1.5), at(1, 2.5, 0.5)];
    expect(kinds(checksOf(question, plants, 0))).toContain('hidden');
    expect(checksOf(question, plants, 1)).toContainEqual({ kind: 'hides', rule: false, whom: [0], side: 'bottom' });
    expect(scoreOf(question, { plants, unplaced: [0, 0] }).wishes.heights).toEqual({ value: 0.5, of: 2, against: [0] });
  });
  it('too close: half of the mean of 30 and 60 cm is less than the rule’s 0.72 of it', () => {
    const plants = [at(0, 2, 1), at(1, 2.225, 1)];
    const [check] = checksOf(question, plants, 0);
    expect(check).toMatchObject({ kind: 'close', rule: true, other: 1 });
    expect((check as { distance: number }).distance).toBeCloseTo(0.225);
    expect((check as { wanted: number }).wanted).toBeCloseTo(0.45);
    expect(scoreOf(question, { plants, unplaced: [1, 0] }).rules).toMatchObject({ placed: 1, apart: [0, 1], inside: [] });
    expect(checksOf(question, [at(0, 2, 1), at(1, 2.4, 1)], 0)[0]).toMatchObject({ kind: 'close', rule: false });
  });
  it('outside the bed', () => {
    const plants = [at(0, -0.3, 1)];
    expect(checksOf(question, plants, 0)[0]).toEqual({ kind: 'outside', rule: true });
    expect(scoreOf(question, { plants, unplaced: [0, 0] }).rules.inside).toEqual([0]);
  });
  it('a crown that reaches over the path', () => {
    expect(checksOf(question, [at(1, 3, 0.12)], 0)).toContainEqual(expect.objectContaining({ kind: 'edge', worn: true }));
  });
});

it('thorns by the path are said, and a yard back are not', () => {
  const ROSE = plant('rose', { manners: 'prickly', height_min_cm: 40, height_max_cm: 50, spacing_cm: 50, spread_cm: 50 });
  const question = bedQuestion([6, 2], [[ROSE, 1]], { things: [WALK] });
  expect(checksOf(question, [at(0, 3, 0.4)], 0)).toContainEqual(expect.objectContaining({ kind: 'harm', harm: 'thorns' }));
  expect(kinds(checksOf(question, [at(0, 3, 1.2)], 0))).not.toContain('harm');
  expect(scoreOf(question, { plants: [at(0, 3, 0.4)], unplaced: [0] }).wishes.harm!.value).toBe(0);
});

it('a host split in two is not found: two of the four that are wanted together', () => {
  const world = { targets: [target('brown', { patch_plants: 4 })], hosts: [host('brown', 'low')] };
  const question = bedQuestion([6, 2], [[LOW, 4]], { world });
  const split = [at(0, 0.5, 1), at(0, 0.8, 1), at(0, 5, 1), at(0, 5.3, 1)];
  expect(checksOf(question, split, 0)).toContainEqual({ kind: 'patch', rule: false, together: 2, wanted: 4 });
  expect(scoreOf(question, { plants: split, unplaced: [0] }).wishes.hosts!.value).toBe(0.5);
  const together = [at(0, 0.5, 1), at(0, 0.8, 1), at(0, 1.1, 1), at(0, 1.4, 1)];
  expect(scoreOf(question, { plants: together, unplaced: [0] }).wishes.hosts!.value).toBe(1);
});

it('what runs beside what is weak will take its place', () => {
  const RUNNER = plant('runner', { manners: 'runs', vigour: 3, spacing_cm: 40, spread_cm: 40 });
  const question = bedQuestion(
    [6, 2],
    [
      [LOW, 1],
      [RUNNER, 1],
    ],
  );
  expect(checksOf(question, [at(0, 2, 1), at(1, 2.4, 1)], 0)).toContainEqual({ kind: 'overrun', rule: false, by: 1 });
  expect(kinds(checksOf(question, [at(0, 2, 1), at(1, 4, 1)], 0))).not.toContain('overrun');
});

describe('by the tape', () => {
  it('a plant three along and four off is five from A, and √(7² + 4²) from B', () => {
    const baseline = baselineOf({
      outline: [
        [0, 0],
        [10, 0],
        [10, 6],
        [0, 6],
      ],
    });
    expect(baseline).toMatchObject({ a: [0, 0], b: [10, 0], length: 10 });
    const tape = staked(baseline, { x: 3, y: 4 });
    expect(tape.fromA).toBeCloseTo(5);
    expect(tape.fromB).toBeCloseTo(Math.sqrt(65));
    expect([tape.along, tape.off]).toEqual([3, 4]);
  });
  it('the bed lies to the left of A to B, whichever way round its outline runs', () => {
    const { a, b } = baselineOf({
      outline: [
        [0, 6],
        [10, 6],
        [10, 0],
        [0, 0],
      ],
    });
    expect([a, b]).toEqual([
      [0, 0],
      [10, 0],
    ]);
    expect(
      staked(
        baselineOf({
          outline: [
            [0, 0],
            [0, 10],
            [2, 10],
            [2, 0],
          ],
        }),
        { x: 1, y: 4 },
      ).off,
    ).toBeGreaterThan(0);
  });
});

it('the outline of a drift goes round all its plants, and two plants make none', () => {
  const row = [0, 0.3, 0.6].map((x) => at(0, 1 + x, 1));
  const [drift] = driftOutlines([{ spacing: 0.3 }], row);
  expect(drift).toMatchObject({ kind: 0, count: 3 });
  // Circles of 0.27 m (0.52 × 1.7 × 0.3), overlapping: more than one of 0.22 m², less than three.
  expect(areaOf(drift!.outline)).toBeGreaterThan(0.22);
  expect(areaOf(drift!.outline)).toBeLessThan(0.66);
  expect(driftOutlines([{ spacing: 0.3 }], row.slice(0, 2))).toEqual([]);
});

describe('what stands of a plant through the year', () => {
  /** In leaf from April to October, in flower in July: half-months 6 to 19, and 12 and 13. */
  const shares = (from: number, to: number) => Array.from({ length: 24 }, (_, h) => (h >= from && h <= to ? 1 : 0));
  const herb = {
    plant: LOW,
    bloomShares: shares(12, 13),
    foliageShares: shares(6, 19),
    foliage: { from: 91, to: 304 },
    bloom: { from: 182, to: 212 },
  };
  it.each([
    ['in flower at its full height', 12, 'leave', 'flower', 1],
    ['gone in February where the bed is cleared', 3, 'clear', 'gone', 0],
    ['dry stems in February where they are left', 3, 'leave', 'dry', 0.85],
    ['gone in early April, when they are cut and nothing is up', 5, 'leave', 'gone', 0],
  ] as const)('%s', (_, h, school, look, height) => {
    expect(statureOf(herb, h, school)).toMatchObject({ look, height });
  });
  it('half-way to its flower it stands half-way: mid-May, 45 of 91 days', () => {
    const { look, height } = statureOf(herb, 8, 'leave');
    expect(look).toBe('leaf');
    // The middle of the half-month is day 129: 38 of 91 days, of the 0.85 above the first 0.15.
    expect(height).toBeCloseTo(0.15 + 0.85 * (38.3 / 91), 1);
  });
  it('wood stands all year', () => {
    expect(statureOf({ ...herb, plant: plant('shrub', { kind: 'shrub' }) }, 0, 'clear')).toMatchObject({
      look: 'wood',
      height: 1,
    });
  });
});

describe('the colours of a bed through the year', () => {
  const shares = (...open: number[]) => Array.from({ length: 24 }, (_, h) => (open.includes(h) ? 1 : 0));
  const row = (hex: string, open: number[], count: number) => ({
    here: { plant: plant('x', { colour_hex: hex }), bloomShares: shares(...open) },
    count,
    spread: 1,
  });
  it('says where nothing flowers between the first and the last, and when most does', () => {
    const year = colourYear([row('#f2d24a', [8, 9], 1), row('#7a4fa0', [12], 3)]);
    expect(year.gaps).toEqual([10, 11]);
    expect(year.best).toBe(12);
    // Three crowns of a metre across.
    expect(year.halfMonths[12]![0]!.m2).toBeCloseTo((3 * Math.PI) / 4);
  });
  it('is all of one colour where nine tenths of the best half-month are', () => {
    expect(colourYear([row('#f2d24a', [12], 9), row('#7a4fa0', [12], 1)]).allOf).toBe('yellow');
    expect(colourYear([row('#f2d24a', [12], 6), row('#7a4fa0', [12], 4)]).allOf).toBeNull();
    expect(colourYear([])).toEqual({ halfMonths: Array.from({ length: 24 }, () => []), gaps: [], best: null, allOf: null });
  });
});

describe('what there is to climb', () => {
  const vine = { layer: 'climber', count: 2, radius: 0.6, height: 3 } as const;
  const trellis = {
    kind: 'trellis',
    line: [
      [0, 0],
      [1.5, 0],
    ],
    height: 2,
  } as never;
  it('two vines 1.2 m wide want 4.8 m² of a trellis of 2 m, which has 3 m²', () => {
    const { wanted_m2, there_m2 } = climbingIn([vine, { ...vine, layer: 'herb' }], [trellis])!;
    expect(wanted_m2).toBeCloseTo(4.8);
    expect(there_m2).toBeCloseTo(3);
  });
  it('with nothing to climb they want all of their height, and without a climber nothing is asked', () => {
    expect(climbingIn([vine], [])).toEqual({ wanted_m2: 2 * 1.2 * 3, there_m2: 0 });
    expect(climbingIn([{ ...vine, layer: 'herb' }], [trellis])).toBeNull();
  });
});
