import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FRESH_LAYOUT } from '../model/fresh-layout';
import type { Plant } from '../model/reference';
import { holds, toLine } from '../place/yard/geometry';
import { bedQuestion, thing, type Bedded } from '../testing/layout';
import { host, plant, target } from '../testing/worked-garden';
import { leastApart } from './apart';
import { arrange, arrangeInSteps } from './arrange';
import { rowsOf } from './rows';
import { scoreOf } from './score';
import type { LayoutQuestion } from './question';

const LOW = plant('low', { height_min_cm: 10, height_max_cm: 20, spacing_cm: 30, spread_cm: 30 });
const TALL = plant('tall', { height_min_cm: 140, height_max_cm: 160, spacing_cm: 60, spread_cm: 60 });
const SHRUB = plant('shrub', { kind: 'shrub', height_min_cm: 150, height_max_cm: 200, spacing_cm: 120, spread_cm: 140 });
const PATH_BELOW = thing(
  'path',
  'Walk',
  [
    [0, 4.2],
    [20, 4.2],
  ],
  { width_m: 1, paved: false },
);
const meanY = ({ plants }: ReturnType<typeof arrange>['best'], kind: number) => {
  const own = plants.filter((row) => row.kind === kind);
  return own.reduce((sum, row) => sum + row.y, 0) / own.length;
};

/** What may never be: a plant outside its bed or at its edge, two too close, more than there are, one that is held moved. */
function rulesBroken(question: LayoutQuestion, plants: ReturnType<typeof arrange>['best']['plants']): string[] {
  const { kinds, frame } = question;
  const ring = [...frame.outline, frame.outline[0]!];
  const broken: string[] = [];
  plants.forEach((one, i) => {
    if (!one.held && (!holds(frame.outline, [one.x, one.y]) || toLine([one.x, one.y], ring) < 0.1 - 1e-9))
      broken.push(`edge ${i}`);
    for (let j = 0; j < i; j++) {
      const other = plants[j]!;
      if (one.held && other.held) continue;
      const least = leastApart(kinds[one.kind]!, kinds[other.kind]!);
      if (Math.hypot(one.x - other.x, one.y - other.y) < least - 1e-6) broken.push(`apart ${i} ${j}`);
    }
  });
  kinds.forEach(({ count, held }, kind) => {
    const own = plants.filter((row) => row.kind === kind);
    if (own.length > count) broken.push(`too many of ${kind}`);
    for (const spot of held)
      if (!own.some((row) => row.x === spot.x && row.y === spot.y && row.held === spot.held)) broken.push(`moved ${kind}`);
  });
  return broken;
}

describe('a bed in front of a path', () => {
  const question = bedQuestion(
    [5, 2],
    [
      [TALL, 5],
      [LOW, 7],
    ],
    { things: [PATH_BELOW] },
  );
  const { best, score } = arrange(question);

  it('has all its plants, the low before the tall', () => {
    expect(question.seen).toEqual(['bottom']);
    expect(best.unplaced).toEqual([0, 0]);
    expect(meanY(best, 1)).toBeLessThan(meanY(best, 0));
    expect(score.wishes.heights!.value).toBe(1);
  });
  it('breaks no rule', () => expect(rulesBroken(question, best.plants)).toEqual([]));
  it('keeps each kind in one drift', () => expect(score.wishes.groups!.value).toBe(1));
  it('is the same whenever it is asked, and another when it is asked again', () => {
    expect(arrange(question).best.plants).toEqual(best.plants);
    expect(arrange(question, 1).best.plants).not.toEqual(best.plants);
  });
  it('is no worse than the rows it began with, at every step', () => {
    const rows = scoreOf(question, rowsOf(question));
    for (const { score: sofar } of arrangeInSteps(question)) expect(sofar.rules.placed).toBeLessThanOrEqual(rows.rules.placed);
  });
});

it('seen from the other side the tall stand on this one', () => {
  const question = bedQuestion(
    [5, 2],
    [
      [TALL, 5],
      [LOW, 7],
    ],
    {
      bed: { layout: { ...FRESH_LAYOUT, seen_from: ['top'], worn: [] } },
    },
  );
  const { best } = arrange(question);
  expect(meanY(best, 0)).toBeLessThan(meanY(best, 1));
});

it('scattered, no plant stands beside one of its kind where there is room', () => {
  const question = bedQuestion(
    [6, 3],
    [
      [LOW, 4],
      [TALL, 4],
      [plant('mid', { spacing_cm: 40, spread_cm: 40 }), 4],
    ],
    {
      garden: { school_layout: 'scattered' },
    },
  );
  const { score } = arrange(question);
  expect(question.manner).toBe('scattered');
  expect(score.wishes.groups!.value).toBeGreaterThanOrEqual(0.75);
});

it('a host is kept in one group that is found, also where the rest is scattered', () => {
  const HOST = plant('nettle', { height_min_cm: 50, height_max_cm: 60, spacing_cm: 40, spread_cm: 40 });
  const world = { targets: [target('brown', { patch_plants: 4 })], hosts: [host('brown', 'nettle')] };
  const question = bedQuestion(
    [5, 3],
    [
      [HOST, 4],
      [LOW, 6],
    ],
    { world, garden: { school_layout: 'scattered' } },
  );
  const { score } = arrange(question);
  expect(question.kinds[0]!.patch).toBe(4);
  expect(score.wishes.hosts!.value).toBe(1);
});

it('what is locked or stands in the ground stays, and the others find their places around it', () => {
  const spots = [{ x: 2.5, y: 1, held: true }];
  const question = bedQuestion(
    [5, 2],
    [
      [SHRUB, 1, { spots }],
      [LOW, 9],
    ],
  );
  const { best } = arrange(question);
  expect(best.plants.filter((row) => row.kind === 0)).toEqual([{ ...spots[0], kind: 0 }]);
  expect(best.unplaced).toEqual([0, 0]);
  expect(rulesBroken(question, best.plants)).toEqual([]);
  const grown = bedQuestion([5, 2], [[SHRUB, 1, { state: 'in-ground', spots: [{ x: 1, y: 1, held: false }] }]], {}, 'standing');
  expect(grown.kinds[0]!.held).toHaveLength(1);
  expect(bedQuestion([5, 2], [[SHRUB, 1, { spots: [{ x: 1, y: 1, held: false }] }]], {}, 'held').kinds[0]!.held).toEqual([]);
});

it('a climber stands at what it can climb', () => {
  const fence = thing(
    'fence',
    'Fence',
    [
      [5, 7],
      [10, 7],
    ],
    { height_m: 1.8, lets_through: 0.5 },
  );
  const VINE = plant('vine', {
    kind: 'vine',
    habit: 'climber',
    height_min_cm: 200,
    height_max_cm: 300,
    spacing_cm: 100,
    spread_cm: 120,
  });
  const question = bedQuestion(
    [5, 2],
    [
      [VINE, 2],
      [LOW, 8],
    ],
    { things: [fence] },
  );
  const { best } = arrange(question);
  const vines = best.plants.filter((row) => row.kind === 0);
  expect(vines).toHaveLength(2);
  for (const { y } of vines) expect(2 - y).toBeLessThanOrEqual(0.5);
});

it('in a bed too full some find no place, and no two stand on top of each other', () => {
  const question = bedQuestion([2, 1], [[TALL, 12]]);
  const { best, score } = arrange(question);
  expect(score.rules.placed).toBeGreaterThan(0);
  expect(best.plants.length + score.rules.placed).toBe(12);
  expect(rulesBroken(question, best.plants)).toEqual([]);
});

const kindOf = fc.record({
  spacing: fc.integer({ min: 12, max: 110 }),
  height: fc.integer({ min: 10, max: 250 }),
  count: fc.integer({ min: 1, max: 9 }),
  kind: fc.constantFrom<Plant['kind']>('perennial', 'perennial', 'grass', 'bulb', 'shrub', 'vine'),
});
it('in any bed no rule is broken, and no more is left out than by plain rows', { timeout: 60_000 }, () => {
  fc.assert(
    fc.property(
      fc.record({
        width: fc.double({ min: 1, max: 6, noNaN: true }),
        depth: fc.double({ min: 0.7, max: 3, noNaN: true }),
        kinds: fc.array(kindOf, { minLength: 1, maxLength: 6 }),
        held: fc.boolean(),
        manner: fc.constantFrom('drifts' as const, 'scattered' as const),
      }),
      ({ width, depth, kinds, held, manner }) => {
        const plants = kinds.map(({ spacing, height, count, kind }, i): Bedded => {
          const row = plant(`kind-${i}`, {
            kind,
            spacing_cm: spacing,
            spread_cm: spacing,
            height_min_cm: height,
            height_max_cm: height,
          });
          return [row, count, i === 0 && held ? { spots: [{ x: width / 2, y: depth / 2, held: true }] } : {}];
        });
        const question = bedQuestion([width, depth], plants, { garden: { school_layout: manner } });
        const { best, score } = arrange(question);
        expect(rulesBroken(question, best.plants)).toEqual([]);
        const rows = Math.min(
          ...[1, 0.9, 0.8, 0.72].map((closeness) => rowsOf(question, closeness).unplaced.reduce((sum, n) => sum + n, 0)),
        );
        expect(score.rules.placed).toBeLessThanOrEqual(rows);
        expect(best.plants.length + score.rules.placed).toBe(kinds.reduce((sum, { count }) => sum + count, 0));
      },
    ),
    { numRuns: 25 },
  );
});
