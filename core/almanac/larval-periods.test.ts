import { describe, expect, it } from 'vitest';
import type { DayWindow } from '../model/half-month';
import type { FlightHere } from '../model/here';
import { broodsHere, larvalHalfMonths, larvalPeriods, type Breeding } from './larval-periods';

// Five degree-days a day, all year: an egg-to-adult of 100 takes 20 days; egg 3, larva 12, pupa 5.
const steady = new Float64Array(365).fill(5);
const may = { from: 121, to: 151 };
const part = (window: DayWindow, broods = 1, over: Partial<FlightHere> = {}): FlightHere => ({
  part: 'breeding',
  window,
  broods,
  laying: true,
  ...over,
});
const PUPA = { as: 'pupa', larva: null } as const;
const UNFED = { as: 'larva', larva: 'unfed' } as const;
const PART_GROWN = { as: 'larva', larva: 'part-grown' } as const;
const EGG = { as: 'egg', larva: null } as const;

/** The larval periods of one laying part, as brood, first and last day. */
const periodsOf = (window: DayWindow, broods = 1, over: Partial<Breeding> = {}, year = steady) =>
  larvalPeriods({ wintering: PUPA, dev_degree_days: 100, flights: [part(window, broods)], ...over }, year).map(
    ({ brood, from, to }) => [brood, from, to],
  );
const coldFrom = (day: number) => steady.map((heat, i) => (i + 1 >= day ? 0 : heat));

describe('larval periods from flight and heat', () => {
  it('one brood of a pupa-winterer feeds from the first hatch until the last egg has grown', () => {
    // Laid 1–31 May (days 121–151); hatches on the third day, grown on the fifteenth.
    expect(periodsOf(may)).toEqual([[1, 123, 165]]);
  });
  it('of several broods larvae feed without a gap from the first hatch to the last egg grown', () => {
    // 1 May to 28 August, 120 days, in two broods: the second flies from the middle, day 181, and lays to the end.
    expect(periodsOf({ from: 121, to: 240 }, 2)).toEqual([
      [1, 123, 194],
      [2, 183, 254],
    ]);
  });
  it('a brood does not follow the one before sooner than it can grow up', () => {
    // Six broods in forty days would be one a week: grown in twenty days they are three, from days 121, 140 and 159.
    expect(periodsOf({ from: 121, to: 160 }, 6).map(([brood, from]) => [brood, from])).toEqual([
      [1, 123],
      [2, 142],
      [3, 161],
    ]);
  });
  it('one stated brood is one, however warm and long its flight', () => {
    expect(periodsOf({ from: 121, to: 300 })).toEqual([[1, 123, 314]]);
  });
  it('a larva that wintered unfed feeds in the spring before flight only', () => {
    // The pupa takes the five days before flight, the larva the twelve before those.
    expect(periodsOf(may, 1, { wintering: UNFED })).toEqual([[0, 104, 116]]);
  });
  it('of two broods of an egg-winterer the last adults’ eggs feed nobody before spring', () => {
    // An egg laid up to day 182 is an adult on day 201, the last of the flight; later ones wait for spring.
    expect(periodsOf({ from: 121, to: 201 }, 2, { wintering: EGG })).toEqual([
      [0, 104, 116],
      [1, 123, 196],
    ]);
  });
  it('a part-grown one eats half in the spring before flight, and half after it', () => {
    // Before day 121: the pupa five days from 116, half of a larva six days from 110. After: egg 15 and half a larva 30
    // degree-days, nine days; the last egg is laid on day 151.
    expect(periodsOf(may, 1, { wintering: PART_GROWN })).toEqual([
      [0, 110, 116],
      [1, 123, 159],
    ]);
  });
  it('growth stops when the heat does', () =>
    expect(periodsOf({ from: 230, to: 260 }, 1, {}, coldFrom(251))).toEqual([[1, 232, 251]]));
  it('a hummingbird has none, nor who lays nothing here', () => {
    expect(periodsOf(may, 2, { dev_degree_days: null })).toEqual([]);
    expect(periodsOf(may, 2, { flights: [part(may, 0, { part: 'return', laying: false })] })).toEqual([]);
  });
  it('each laying part has its own, what only passes or sleeps has none', () => {
    const flights = [
      part({ from: 100, to: 110 }),
      part({ from: 182, to: 240 }, 0, { part: 'summer-sleep', laying: false }),
      part({ from: 250, to: 260 }),
    ];
    expect(periodsOf(may, 1, { flights })).toEqual([
      [1, 102, 124],
      [2, 252, 274],
    ]);
  });
  it('what lays all year has larvae all year', () => {
    const all = larvalPeriods(
      { wintering: { as: 'all-year', larva: null }, dev_degree_days: 100, flights: [part({ from: 1, to: 365 }, 6)] },
      steady,
    );
    expect(larvalHalfMonths(all)).toHaveLength(24);
    all.slice(1).forEach((period, i) => expect(period.from).toBeLessThanOrEqual(all[i]!.to + 1));
  });
  it('in spring it begins when growth wakes', () => {
    // No heat until day 100; five days of pupa before day 110, and no more than four before those.
    const late = steady.map((heat, i) => (i + 1 <= 100 ? 0 : heat));
    expect(periodsOf({ from: 110, to: 140 }, 1, { wintering: UNFED }, late)).toEqual([[0, 101, 105]]);
  });
  it('where a year has too little heat it feeds all the year before', () => {
    // 4,000 degree-days are 800 days here: 200 as a pupa, and more than a year as a larva.
    expect(periodsOf(may, 1, { wintering: UNFED, dev_degree_days: 4000 })).toEqual([[0, 121 - 365, 121 - 200]]);
  });
  it('a cold week before the flight does not end growth', () => {
    const cool = steady.map((heat, i) => (i + 1 >= 205 && i + 1 < 212 ? 0 : heat));
    expect(periodsOf({ from: 230, to: 260 }, 1, {}, cool)).toEqual([[1, 232, 274]]);
  });
  it('a later brood that grows up before the cold is raised, one that cannot is not', () => {
    // The second flies from day 221 and its first larva is grown on day 235.
    expect(periodsOf({ from: 180, to: 260 }, 2, {}, coldFrom(237))).toEqual([
      [1, 182, 234],
      [2, 223, 237],
    ]);
    expect(periodsOf({ from: 180, to: 260 }, 2, {}, coldFrom(234))).toEqual([[1, 182, 234]]);
  });
});

describe('the broods of a year', () => {
  const broods = (wintering: Breeding['wintering'], window: DayWindow, stated: number) =>
    broodsHere({
      larval: larvalPeriods({ wintering, dev_degree_days: 100, flights: [part(window, stated)] }, steady),
      wintering,
    });
  it.each<[string, Breeding['wintering'], DayWindow, number, number]>([
    ['one of one', PUPA, may, 1, 1],
    ['as many as stated, where heat allows', PUPA, { from: 121, to: 240 }, 3, 3],
    ['fewer, where it does not', PUPA, { from: 121, to: 160 }, 6, 3],
    ['the larvae of spring are the last brood of the year before', UNFED, may, 1, 1],
    ['the same of two', EGG, { from: 121, to: 201 }, 2, 2],
    ['a part-grown larva of autumn is the one of spring', PART_GROWN, may, 1, 1],
  ])('%s', (_, wintering, window, stated, expected) => expect(broods(wintering, window, stated)).toBe(expected));
});

it('half-months count from a third on', () => {
  // 3 May to 13 June.
  expect(larvalHalfMonths([{ brood: 1, from: 123, to: 164 }])).toEqual([8, 9, 10]);
});
