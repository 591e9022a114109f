import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { LarvalPeriod } from '../model/here';
import { firstDay, lastDay } from '../model/half-month';
import { gardenOf, host, plant, planting, target, type World } from '../testing/worked-garden';
import { rulesOf } from './gives/rules';
import { finish } from '../model/steps';
import { allotLeaf } from './leaf';
import { standsOf } from './stands';

/** A host: grams of leaf, of which half can be spared, how many plants, and who eats it. */
interface Bed {
  grams: number;
  count?: number;
  eaters: string[];
  kind?: 'perennial' | 'tree';
}
type Broods = [first: number, last: number][];

/** Half-months from one to another as a brood's days. */
const brood = ([first, last]: [number, number], i: number): LarvalPeriod => ({
  brood: i + 1,
  from: firstDay(first),
  to: lastDay(last),
});

/**
 * Larvae fed, creature by creature and bed by bed, in some half-month. Every larva eats 10 g, ten are wanted of each brood,
 * and the hosts are in full leaf from April to October in a climate whose mean of the day is 15 °C all year.
 */
function fed(beds: Record<string, Bed>, broods: Record<string, Broods>, halfMonth: number, order: 1 | -1 = 1) {
  const names = Object.keys(broods);
  const world: World = {
    plants: Object.entries(beds).map(([id, { grams, kind = 'perennial' }]) =>
      plant(id, { leaf_g: grams, kind, foliage_first: 4, foliage_last: 19, spacing_cm: 20 }),
    ),
    targets: names.map((id) => target(id)),
    hosts: Object.entries(beds).flatMap(([id, { eaters }]) => eaters.map((eater) => host(eater, id))),
  };
  const rows = Object.entries(beds).map(([id, { count = 1 }]) => planting(id, id, count));
  const input = gardenOf(world, order === 1 ? rows : rows.reverse());
  for (const id of names) input.almanac.targets.get(id)!.larval = broods[id]!.map(brood);
  const { stands } = standsOf(input);
  const rules = rulesOf({ ...input, targets: order === 1 ? input.targets : [...input.targets].reverse() }).flatMap((row) =>
    row.rules.filter(({ need }) => need.stage === 'host'),
  );
  const all = finish(allotLeaf(rules, stands));
  return Object.fromEntries(
    rules.map((rule, t) => [
      rule.target.target.id,
      Object.fromEntries(stands.map((stand, s) => [stand.id, all[t]![s] ? Number(all[t]![s]![halfMonth]!.toFixed(4)) : 0])),
    ]),
  );
}
const sum = (of: Record<string, number>) => Object.values(of).reduce((all, larvae) => all + larvae, 0);
const MAY: Broods = [[8, 9]];
const JUNE: Broods = [[10, 11]];
const LATE: Broods = [[14, 15]];

describe('leaf of one stand', () => {
  it('too little for two is divided by what each wants', () => {
    // 240 g spare 120 g: twelve larvae, of ten and ten.
    expect(fed({ a: { grams: 240, eaters: ['brown', 'grey'] } }, { brown: MAY, grey: MAY }, 8)).toEqual({
      brown: { a: 6 },
      grey: { a: 6 },
    });
  });
  it('more than enough shows as plenty, in the same proportion', () => {
    expect(fed({ a: { grams: 600, eaters: ['brown', 'grey'] } }, { brown: MAY, grey: MAY }, 8)).toEqual({
      brown: { a: 15 },
      grey: { a: 15 },
    });
  });
  it('one alone has all of it, plants of a kind together', () => {
    expect(fed({ a: { grams: 60, count: 4, eaters: ['brown'] } }, { brown: MAY }, 8)).toEqual({ brown: { a: 12 } });
  });
  it('too small for one larva, it still feeds in part', () => {
    expect(fed({ a: { grams: 10, eaters: ['brown'] } }, { brown: MAY }, 8)).toEqual({ brown: { a: 0.5 } });
  });
});

describe('leaf through the year', () => {
  // The mean of 15 °C is 10 ⁄ 13 of the warmth at which leaf grows fastest: a herb grows back 0.35 × 10 ⁄ 13 = 0.269 of what
  // is missing in a half-month, a tree 0.1 × 10 ⁄ 13 = 0.0769, and from July a quarter of that.
  const herb = 1 - (0.35 * 10) / 13;
  it('those who come later eat what is left and has grown back', () => {
    // 200 g spare 100 g, which ten of May eat. In June half a brood's worth is eaten by early June, all of it by late June:
    // 10 × 0.731² + 10 is what is missing then, of ten: 1.534.
    const found = fed({ a: { grams: 200, eaters: ['brown', 'grey'] } }, { brown: MAY, grey: JUNE }, 11);
    expect(found.brown).toEqual({ a: 0 });
    expect(found.grey!.a).toBeCloseTo(10 / (herb ** 2 + 1), 3);
    // Those of May find the whole of it.
    expect(fed({ a: { grams: 200, eaters: ['brown', 'grey'] } }, { brown: MAY, grey: JUNE }, 9).brown).toEqual({ a: 10 });
  });
  it('the more the longer they wait', () => {
    // From late May to late August six half-months have passed.
    const found = fed({ a: { grams: 200, eaters: ['brown', 'grey'] } }, { brown: MAY, grey: LATE }, 15);
    expect(found.grey!.a).toBeCloseTo(10 / (herb ** 6 + 1), 3);
  });
  it('the broods of one creature meet on it too', () => {
    const found = fed({ a: { grams: 200, eaters: ['brown'] } }, { brown: [...MAY, ...JUNE] }, 11);
    expect(found.brown!.a).toBeCloseTo(10 / (herb ** 2 + 1), 3);
  });
  it('a tree hardly grows back before it is eaten again', () => {
    const found = fed({ a: { grams: 200, kind: 'tree', eaters: ['brown', 'grey'] } }, { brown: MAY, grey: JUNE }, 11);
    expect(found.grey!.a).toBeCloseTo(10 / ((1 - 1 / 13) ** 2 + 1), 3);
  });
});

describe('leaf of several stands', () => {
  it('feeds all where all can be fed, whatever the order', () => {
    // Fifteen on each; brown eats both, grey the one and red the other: ten of each are fed.
    const beds = { a: { grams: 300, eaters: ['brown', 'grey'] }, b: { grams: 300, eaters: ['brown', 'red'] } };
    for (const order of [1, -1] as const) {
      const found = fed(beds, { brown: MAY, grey: MAY, red: MAY }, 8, order);
      for (const eater of ['brown', 'grey', 'red']) expect(sum(found[eater]!)).toBeCloseTo(10, 3);
    }
  });
  it('a caterpillar with a choice leaves the plant to one without, also to one that comes later', () => {
    const beds = { a: { grams: 200, eaters: ['brown'] }, b: { grams: 200, eaters: ['brown', 'grey'] } };
    expect(sum(fed(beds, { brown: MAY, grey: MAY }, 8).grey!)).toBeCloseTo(10, 3);
    expect(sum(fed(beds, { brown: MAY, grey: JUNE }, 11).grey!)).toBeGreaterThanOrEqual(10);
  });
  it('any order gives the same, and all are fed wherever a division of the leaf feeds them', () => {
    const names = ['brown', 'grey', 'red'];
    const bed = fc.record({ grams: fc.constantFrom(60, 120, 200, 320), eaters: fc.subarray(names, { minLength: 1 }) });
    fc.assert(
      fc.property(bed, bed, bed, (a, b, c) => {
        const broods = { brown: MAY, grey: MAY, red: MAY };
        const one = fed({ a, b, c }, broods, 8);
        const other = fed({ a, b, c }, broods, 8, -1);
        for (const name of names) expect(sum(one[name]!)).toBeCloseTo(sum(other[name]!), 2);
        // By Hall: every set of creatures finds enough on the stands that any of them eats.
        const sets = [1, 2, 3, 4, 5, 6, 7].map((bits) => names.filter((_, i) => (bits >> i) & 1));
        const enough = sets.every(
          (set) =>
            [a, b, c]
              .filter(({ eaters }) => eaters.some((name) => set.includes(name)))
              .reduce((all, { grams }) => all + grams / 20, 0) >=
            10 * set.length,
        );
        if (enough) for (const name of names) expect(sum(one[name]!)).toBeGreaterThanOrEqual(10 - 1e-3);
        else expect(Math.min(...names.map((name) => sum(one[name]!)))).toBeLessThan(10);
      }),
      { numRuns: 150, seed: 5 },
    );
  });
});
