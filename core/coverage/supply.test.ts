import { describe, expect, it } from 'vitest';
import { plant, site } from '../testing/worked-garden';
import type { Giving, Rule } from './gives/rule';
import type { Stand } from './stands';
import { patchesBySite, supplyTo } from './supply';

const H = 10;
const BED = site('bed', { area_m2: 2 });
const stand = (id: string, count: number, over: Partial<Stand> = {}) =>
  ({ id, here: { plant: plant(id) }, site: BED, count, vigour: 1, ...over }) as unknown as Stand;
/** A rule by which each kind of plant gives what is stated. */
const ruleOf = (givings: Record<string, Partial<Giving> & { amount?: number }>, over: Partial<Rule> = {}) =>
  ({
    amount: 10,
    kinds: 0,
    whole: false,
    limitedByGround: false,
    features: new Map(),
    of: ({ here }: Stand) => {
      const found = givings[here.plant.id];
      return found ? { each: () => found.amount ?? 0, kindFrom: () => Infinity, patch: 0, ...found } : null;
    },
    ...over,
  }) as unknown as Rule;

describe('what a garden gives a need', () => {
  it('is the sum over its stands, each named with its part', () => {
    const rule = ruleOf({ a: { amount: 2 }, b: { amount: 0.5 }, nothing: { amount: 0 } });
    const { amount, contributions } = supplyTo(rule, [stand('a', 3), stand('b', 2), stand('nothing', 9)], [BED])(H);
    // 3 × 2 and 2 × ½.
    expect(amount).toBe(7);
    expect(contributions).toEqual([
      { planting: 'a', amount: 6 },
      { planting: 'b', amount: 1 },
    ]);
  });
  it('a kind counts from its number of plants on, and never where it is none', () => {
    const rule = ruleOf({ a: { amount: 1, kindFrom: () => 3 }, poor: { amount: 1 } });
    const kinds = (count: number) => [...supplyTo(rule, [stand('a', count), stand('poor', 9)], [BED])(H).kinds];
    expect(kinds(2)).toEqual([]);
    expect(kinds(3)).toEqual(['a']);
  });
  it('where an amount is wanted a kind that gives none of it does not count; where kinds alone are, it does', () => {
    const givings = { a: { amount: 0, kindFrom: () => 1 } };
    expect([...supplyTo(ruleOf(givings), [stand('a', 1)], [BED])(H).kinds]).toEqual([]);
    expect([...supplyTo(ruleOf(givings, { amount: 0 }), [stand('a', 1)], [BED])(H).kinds]).toEqual(['a']);
  });
  it('what serves wholly is there or not: one, however many', () => {
    const rule = ruleOf({ a: { amount: 1, kindFrom: () => 1 } }, { amount: 0, whole: true, kinds: 1 });
    expect(supplyTo(rule, [stand('a', 5)], [BED])(H).contributions).toEqual([{ planting: 'a', amount: 1 }]);
  });
  it('no more than lies on the ground of the site, whatever the order of the plantings', () => {
    // A plant takes half a metre square: 0.25 m², and 2 m² hold eight. Five give five; of five more there is room for three.
    const rule = ruleOf({ a: { amount: 1 }, b: { amount: 1 } }, { limitedByGround: true });
    const { contributions } = supplyTo(rule, [stand('a', 5), stand('b', 5)], [BED])(H);
    expect(contributions).toEqual([
      { planting: 'a', amount: 5 },
      { planting: 'b', amount: 3 },
    ]);
    const turned = supplyTo(rule, [stand('b', 5), stand('a', 5)], [BED])(H);
    expect(turned.contributions).toEqual([
      { planting: 'b', amount: 3 },
      { planting: 'a', amount: 5 },
    ]);
  });
  it('of an overfull site what gives most for its ground counts first, so that one more takes nothing away', () => {
    // Eight places of 0.25 m². Six of a give one each, six of b half: six, and two halves; c, which gives nothing, takes none.
    const rule = ruleOf({ a: { amount: 1 }, b: { amount: 0.5 }, c: { amount: 0 } }, { limitedByGround: true });
    expect(supplyTo(rule, [stand('b', 6), stand('a', 6)], [BED])(H).amount).toBe(7);
    expect(supplyTo(rule, [stand('c', 6), stand('b', 6), stand('a', 6)], [BED])(H).amount).toBe(7);
  });
  it('plants half grown take half their ground', () => {
    // Eight at 0.25 m² would fill the 2 m²; half grown they leave room for eight more.
    const rule = ruleOf({ a: { amount: 1 }, b: { amount: 1 } }, { limitedByGround: true });
    const young = ['a', 'b'].map((id) => stand(id, 8, { vigour: 0.5 }));
    expect(supplyTo(rule, young, [BED])(H).contributions.map((row) => row.amount)).toEqual([8, 8]);
  });
  it('what a feature gives is added to an amount, or is a kind of its own', () => {
    const bed = site('bed', { features: ['logs'] });
    const features = new Map([['logs', 4]]) as unknown as Rule['features'];
    expect(supplyTo(ruleOf({}, { features }), [], [bed])(H)).toMatchObject({ amount: 4, kinds: new Set() });
    const special = supplyTo(ruleOf({}, { features, amount: 0 }), [], [bed])(H);
    expect(special).toMatchObject({ amount: 0, kinds: new Set(['logs']) });
  });
});

it('a patch is on one site: plants of two beds are two patches', () => {
  const rule = ruleOf({ a: { patch: 0.25 }, b: { patch: 0.5 } });
  const far = stand('a', 2, { site: site('far') });
  expect([...patchesBySite(rule, [stand('a', 2), stand('b', 1), far, stand('c', 9)])]).toEqual([
    ['bed', 1],
    ['far', 0.5],
  ]);
});
