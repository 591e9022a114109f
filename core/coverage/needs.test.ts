import { describe, expect, it } from 'vitest';
import { middleThird, needsOf, shelterHalfMonths } from './needs';
import { target } from '../testing/worked-garden';

const may = { from: 121, to: 151 };

describe('needs', () => {
  const larval = [{ brood: 1, from: 123, to: 164 }];
  const resident = { status: 'resident', nest_first: null, nest_last: null } as const;
  it('of a resident that breeds are host, nectar and shelter', () => {
    const needs = needsOf(target('x'), resident, may, larval, 'breeds');
    expect(needs.map((n) => [n.stage, n.demand, n.kinds])).toEqual([
      ['host', 10, 1],
      ['nectar', 1.5, 2],
      ['shelter', 1, 0],
    ]);
    expect(needs[1]!.halfMonths).toEqual([8, 9]);
    // From late June until the first flight in May.
    expect(needs[2]!.halfMonths).toEqual([11, 12, 13, 14, 15, 16, 17, 18, 19, 20, 21, 22, 23, 0, 1, 2, 3, 4, 5, 6, 7]);
  });
  it('of one that only visits are nectar', () => {
    expect(needsOf(target('x'), resident, may, larval, 'visits').map((n) => [n.stage, n.demand])).toEqual([['nectar', 0.5]]);
  });
  it('of a thriving one are thirty larvae, four units, three kinds', () => {
    const needs = needsOf(target('x'), resident, may, larval, 'thrives');
    expect(needs.map((n) => [n.demand, n.kinds])).toEqual([
      [30, 1],
      [4, 3],
      [2, 0],
    ]);
  });
  it('of a migrant have no shelter, of a hummingbird twice the nectar, of a sap feeder none', () => {
    expect(needsOf(target('x'), { ...resident, status: 'migrant' }, may, larval, 'breeds').map((n) => n.stage)).toEqual([
      'host',
      'nectar',
    ]);
    const bird = target('x', { kind: 'hummingbird', overwinters_in: 'elsewhere', special_needs: ['insects'] });
    expect(needsOf(bird, resident, may, [], 'breeds').map((n) => [n.stage, n.demand])).toEqual([
      ['nectar', 3],
      ['special', 1],
    ]);
    const sap = target('x', { adult_food: 'sap-fruit', special_needs: ['fruit'] });
    expect(needsOf(sap, resident, may, larval, 'visits').map((n) => n.special)).toEqual(['fruit']);
  });
  it('for nest cover lie in the nesting season only, and nowhere where it does not nest', () => {
    const bird = target('x', { kind: 'hummingbird', overwinters_in: 'elsewhere', special_needs: ['nest-cover', 'perch'] });
    const nests = needsOf(bird, { status: 'migrant', nest_first: 9, nest_last: 13 }, { from: 121, to: 273 }, [], 'breeds');
    expect(nests.find((n) => n.special === 'nest-cover')!.halfMonths).toEqual([9, 10, 11, 12, 13]);
    const winters = needsOf(bird, { status: 'winter', nest_first: null, nest_last: null }, { from: 244, to: 440 }, [], 'breeds');
    expect(winters.map((n) => n.special ?? n.stage)).toEqual(['nectar', 'perch']);
  });
  it('of a moth that never feeds are host and shelter', () => {
    const silkmoth = target('x', { kind: 'moth', adult_food: 'none' });
    expect(needsOf(silkmoth, resident, may, larval, 'breeds').map((n) => n.stage)).toEqual(['host', 'shelter']);
  });
  it('for alkaloids lie in the middle third of the flight', () => {
    expect(middleThird([9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19])).toEqual([13, 14, 15]);
    expect(middleThird([9, 10, 11])).toEqual([10]);
    expect(middleThird([9, 10])).toEqual([9, 10]);
  });
  it('for shelter end when the spring larvae wake', () => {
    const spring = [{ brood: 0, from: 100, to: 116 }];
    const rest = shelterHalfMonths(target('x', { overwinters_as: 'larva', winter_larva: 'unfed' }), may, spring);
    expect([rest[0], rest.at(-1)]).toEqual([10, 5]);
  });
});
