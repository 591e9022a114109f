import { describe, expect, it } from 'vitest';
import { target } from '../testing/worked-garden';
import { larvalHalfMonths, larvalPeriods } from './larval-periods';

// Five degree-days a day, all year: an egg-to-adult of 100 takes 20 days; egg 3, larva 12, pupa 5.
const steady = new Float64Array(365).fill(5);
const may = { from: 121, to: 151 };

describe('larval periods from flight and heat', () => {
  it('one brood of a pupa-winterer feeds from the first hatch until the last egg has grown', () => {
    // Laid 1–30 May (days 121–150); hatches on the third day, grown on the fifteenth.
    expect(larvalPeriods(target('x'), may, 1, steady)).toEqual([{ brood: 1, from: 123, to: 164 }]);
  });
  it('a second brood is laid when the first flies', () => {
    const periods = larvalPeriods(target('x'), { from: 121, to: 200 }, 2, steady);
    expect(periods.map((p) => [p.brood, p.from, p.to])).toEqual([
      [1, 123, 164],
      [2, 142, 183],
    ]);
  });
  it('a larva that wintered unfed feeds in the spring before flight only', () => {
    // The pupa takes the five days before flight, the larva the twelve before those.
    const sleeper = target('x', { overwinters_as: 'larva', winter_larva: 'unfed' });
    expect(larvalPeriods(sleeper, may, 1, steady)).toEqual([{ brood: 0, from: 104, to: 116 }]);
  });
  it('a wintered adult waits for leaves before it lays', () => {
    const [first] = larvalPeriods(target('x', { overwinters_as: 'adult' }), { from: 80, to: 200 }, 1, steady);
    expect(first!.from).toBe(112);
  });
  it('growth stops when the heat does', () => {
    const cold = steady.map((heat, i) => (i + 1 > 250 ? 0 : heat));
    const [only] = larvalPeriods(target('x'), { from: 230, to: 260 }, 1, cold);
    expect(only!.to).toBe(251);
  });
  it('a hummingbird has none', () => {
    expect(larvalPeriods(target('x', { dev_degree_days: null }), may, 2, steady)).toEqual([]);
  });
  it('half-months count from a third on', () => {
    // 3 May to 13 June.
    expect(larvalHalfMonths([{ brood: 1, from: 123, to: 164 }])).toEqual([8, 9, 10]);
  });
  it('a part-grown one eats half in the spring before flight, and half after it', () => {
    const sleeper = target('x', { overwinters_as: 'larva', winter_larva: 'part-grown' });
    // Before day 121: the pupa five days from 116, half of a larva six days from 110. After: egg 15 and half a larva 30
    // degree-days, nine days; the last egg is laid on day 150.
    expect(larvalPeriods(sleeper, may, 1, steady)).toEqual([
      { brood: 0, from: 110, to: 116 },
      { brood: 1, from: 123, to: 158 },
    ]);
  });
  it('in spring it begins when growth wakes', () => {
    // No heat until day 100; five days of pupa before day 110, and no more than four before those.
    const late = steady.map((heat, i) => (i + 1 <= 100 ? 0 : heat));
    const sleeper = target('x', { overwinters_as: 'larva', winter_larva: 'unfed' });
    expect(larvalPeriods(sleeper, { from: 110, to: 140 }, 1, late)).toEqual([{ brood: 0, from: 101, to: 105 }]);
  });
  it('where a year has too little heat it feeds all the year before', () => {
    // 4,000 degree-days are 800 days here: 200 as a pupa, and more than a year as a larva.
    const slow = target('x', { overwinters_as: 'larva', winter_larva: 'unfed', dev_degree_days: 4000 });
    expect(larvalPeriods(slow, may, 1, steady)).toEqual([{ brood: 0, from: 121 - 365, to: 121 - 200 }]);
  });
  it('a cold week before the flight does not end growth', () => {
    const cool = steady.map((heat, i) => (i + 1 >= 205 && i + 1 < 212 ? 0 : heat));
    expect(larvalPeriods(target('x'), { from: 230, to: 260 }, 1, cool)).toEqual([{ brood: 1, from: 232, to: 273 }]);
  });
  it('a later brood that grows up before the cold is raised, one that cannot is not', () => {
    // Laid from day 199 a second brood has grown by day 213.
    const until = (day: number) => steady.map((heat, i) => (i + 1 >= day ? 0 : heat));
    expect(larvalPeriods(target('x'), { from: 180, to: 260 }, 2, until(215))).toEqual([
      { brood: 1, from: 182, to: 215 },
      { brood: 2, from: 201, to: 215 },
    ]);
    expect(larvalPeriods(target('x'), { from: 180, to: 260 }, 2, until(212))).toEqual([{ brood: 1, from: 182, to: 212 }]);
  });
});
