import { describe, expect, it } from 'vitest';
import { YearDays } from '../almanac/anchors';
import type { Way } from '../library/ways';
import { dayInYear, dayNumber, isoOf } from '../model/days';
import type { PlantHere } from '../model/here';
import type { Propagation } from '../model/reference';
import type { RaiseMethod } from '../model/vocabulary';
import { plant, way } from '../testing/worked-garden';
import { outFrom, plantingWindow } from './out';
import { coldSeason, upFrom, yearClassOf, type RaisePlace } from './place';
import { isStart, nextStart, secondStart, type Start } from './starts';
import { firstFlower, seasonAfter, stepsOf } from './steps';

/**
 * A place of straight slopes: −10 °C on 15 January, a fifth of a degree more each day to midsummer, and down again; twelve
 * degrees between night and noon. Last frost 20 April (day 110), first 25 October (day 298).
 */
const mean = (day: number) => -10 + 0.2 * Math.min(Math.abs(day - 15), 365 - Math.abs(day - 15));
const slope = {
  tmin: Float64Array.from({ length: 365 }, (_, i) => mean(i + 1) - 6),
  tmax: Float64Array.from({ length: 365 }, (_, i) => mean(i + 1) + 6),
};
const flat = (c: number) => ({ tmin: new Float64Array(365).fill(c - 5), tmax: new Float64Array(365).fill(c + 5) });
const months = (rain: (month: number) => number) =>
  Array.from({ length: 12 }, (_, i) => ({ rain_mm: rain(i + 1), et0_mm: 80, rain_days: 8 }));
const frosts = { last_frost: '04-20', first_frost: '10-25' };

function placeOf(
  daily = slope,
  rain = months(() => 90),
  of: typeof frosts | { last_frost: null; first_frost: null } = frosts,
): RaisePlace {
  const days = (year: number) => new YearDays(year, { frosts: of, daily, months: rain }, null);
  return { days, daily, months: rain, cold: coldSeason(daily), yearClass: yearClassOf(days(2027), daily, rain) };
}
const place = placeOf();
const herb: Pick<PlantHere, 'plant' | 'bloom' | 'foliage' | 'sowing'> = {
  plant: plant('aster'),
  bloom: { from: 230, to: 270 },
  foliage: { from: 100, to: 300 },
  sowing: null,
};
const of = (method: RaiseMethod, over: Partial<Propagation> = {}): Way => ({
  method,
  row: way('aster', [method], { chill_days: 0, depth_mm: 3, days_from: 10, days_to: 30, rate_from: 0.4, rate_to: 0.6, ...over }),
  ofKin: false,
});
const start = (a: Way, today: string, at = place, here = herb) => {
  const found = nextStart(a, here, at, dayNumber(today));
  return isStart(found) ? [isoOf(found.from), isoOf(found.best), isoOf(found.latest)] : found;
};
const kinds = (a: Way, begin: string, here = herb) =>
  stepsOf(a, here, '7a', place, dayNumber(begin)).map(({ kind, number, from }) => `${kind}${number ?? ''} ${isoOf(from)}`);

describe('a place', () => {
  it('is cold from the day whose mean falls to seven degrees to the day it rises above', () => {
    // Seven degrees are 85 days from 15 January: 9 April (day 99 is 6.8 °C, 100 is 7.0), and 22 October (day 295).
    expect(place.cold).toEqual({ from: 295, to: 465, days: 171 });
    expect(coldSeason(flat(7.1))).toBeNull();
    expect(coldSeason(flat(6.9))).toMatchObject({ days: 365 });
  });
  it('lets seed come up outdoors when the mean reaches ten degrees', () => {
    // Ten degrees are 100 days from 15 January: day 115.
    expect(upFrom(slope)).toBe(115);
    expect(upFrom(flat(12))).toBe(1);
  });
  it.each([
    ['cold winters', slope, months(() => 90), frosts, 'cold-winter'],
    ['mild winters', flat(12), months(() => 90), frosts, 'mild-winter'],
    ['no frost', flat(20), months(() => 90), { last_frost: null, first_frost: null }, 'frost-free'],
    ['rain in winter only', flat(12), months((m) => (m < 4 || m > 10 ? 120 : 4)), frosts, 'dry-summer'],
    ['hardly any rain', flat(15), months((m) => (m === 8 ? 30 : 10)), frosts, 'desert'],
    // Rain in winter only, and cold all the same: the winter decides.
    ['cold and dry in summer', slope, months((m) => (m < 4 || m > 10 ? 120 : 4)), frosts, 'cold-winter'],
  ] as const)('with %s is of that class', (_, daily, rain, at, expected) => {
    expect(placeOf(daily, [...rain], at as typeof frosts).yearClass).toBe(expected);
  });
});

describe('the start', () => {
  it('of a winter container is about the solstice, and not later than leaves it its days of cold', () => {
    // Cold to day 465, 10 April: of sixty days that end with it the first is 10 February.
    expect(start(of('winter-container', { chill_days: 60 }), '2026-11-25')).toEqual(['2026-10-22', '2026-12-21', '2027-02-10']);
    // Today is later than the best day, and early enough.
    expect(start(of('winter-container', { chill_days: 60 }), '2027-01-20')).toEqual(['2026-10-22', '2027-01-20', '2027-02-10']);
    // Too late: next winter.
    expect(start(of('winter-container', { chill_days: 60 }), '2027-02-11')).toEqual(['2027-10-22', '2027-12-21', '2028-02-10']);
  });
  it('is refused where the winter has too few cold days, with both figures', () => {
    expect(start(of('winter-container', { chill_days: 200 }), '2026-11-25')).toEqual({ no: 'cold', days: 171, wanted: 200 });
    expect(start(of('autumn-in-place', { chill_days: 30 }), '2026-11-25', placeOf(flat(12)))).toEqual({
      no: 'cold',
      days: 0,
      wanted: 30,
    });
  });
  it('of what wants warmth before the cold lies so long before the winter', () => {
    // 22 October less 60 days is 23 August.
    const [from, , latest] = start(
      of('winter-container', { chill_days: 90, warm_days: 60, treatment: ['double'] }),
      '2027-05-01',
    ) as string[];
    expect(latest).toBe('2027-08-23');
    expect(from).toBe('2027-07-10');
  });
  it('indoors is counted back from the last frost, and before it the cold in the refrigerator', () => {
    const six = { ...herb, plant: plant('aster', { sow_indoors: 6 }) };
    // Six weeks before 20 April; three weeks earlier at the most.
    expect((start(of('indoors'), '2026-11-25', place, six) as string[]).slice(0, 2)).toEqual(['2027-02-16', '2027-03-09']);
    // Eight weeks, as is usual, and thirty days: 20 April − 56 − 30.
    expect((start(of('chilled-indoors', { chill_days: 30 }), '2026-11-25') as string[])[1]).toBe('2027-01-24');
  });
  it('in spring can be put off until it still comes to something before the frost', () => {
    // A perennial sown in place: 25 October less 42 days to root and 30 to come up is 14 August.
    expect(start(of('spring-in-place'), '2027-03-01')).toEqual(['2027-04-20', '2027-04-20', '2027-08-14']);
    // An annual of 60 days to its flower that has to flower three weeks: 25 October − 21 − 60.
    const annual = {
      ...herb,
      plant: plant('z', { kind: 'annual', sow_in_place: 0 }),
      sowing: { indoors: false, toFlower_d: 60, weeks: 0, usual: 110 },
    };
    expect((start(of('spring-in-place'), '2027-03-01', place, annual) as string[])[2]).toBe('2027-08-05');
  });
  it('of parts is the span of the row that is open or comes next, over the new year too', () => {
    const twice = of('softwood', { window: 'last-frost+30..last-frost+60|first-frost-75..first-frost-30' });
    expect(start(twice, '2027-03-01')).toEqual(['2027-05-20', '2027-05-20', '2027-06-19']);
    expect(start(twice, '2027-06-20')).toEqual(['2027-08-11', '2027-08-11', '2027-09-25']);
    expect(start(of('hardwood', { window: 'leaf-fall+7..last-frost-20' }), '2027-01-10')).toEqual([
      '2026-11-03',
      '2027-01-10',
      '2027-03-31',
    ]);
  });
  it('of parts has two weeks where a short season lets the ends of its span pass each other', () => {
    const passed = of('half-ripe', { window: 'bloom-end..first-frost-60' });
    // Bloom ends on day 270, 27 September; first frost less 60 days is 26 August.
    expect(start(passed, '2027-03-01')).toEqual(['2027-09-27', '2027-09-27', '2027-10-11']);
  });
  it('of seed that comes up slowly is in spring all the same: it winters in its pot', () => {
    const slow = of('chilled-indoors', { chill_days: 100, days_from: 45, days_to: 150 });
    // Sown at the latest two weeks before 20 April, a hundred days after it went into the cold: 27 December.
    expect((start(slow, '2026-11-25') as string[])[2]).toBe('2026-12-27');
  });
  it('takes the span of its class of year where the row has one', () => {
    const row = { window: 'desert:10-01..11-30|last-frost..last-frost+30' };
    expect((start(of('softwood', row), '2027-01-01') as string[])[0]).toBe('2027-04-20');
    const desert = placeOf(
      flat(15),
      months(() => 10),
    );
    expect((start(of('softwood', row), '2027-01-01', desert) as string[])[0]).toBe('2027-10-01');
  });
  it('has a second two weeks after, where the season allows it', () => {
    const one: Start = { from: 100, best: 100, latest: 114 };
    expect(secondStart(one)).toBe(114);
    expect(secondStart({ ...one, latest: 113 })).toBeNull();
  });
});

describe('planting out', () => {
  const at = { halfZone: '7a', yearClass: 'cold-winter' } as const;
  const days = place.days(2027);
  it('of a hardy herb ends six weeks before the frost, of a shrub eight; of a tender plant it begins the day after the last', () => {
    expect(plantingWindow(herb, days, at)).toEqual({ from: 96, to: 256 });
    expect(plantingWindow({ plant: plant('w', { kind: 'shrub' }) }, days, at)).toEqual({ from: 96, to: 242 });
    expect(plantingWindow({ plant: plant('z', { kind: 'annual' }) }, days, at)).toEqual({ from: 111, to: 155 });
  });
  it('waits for the rains only where summers are dry, and has a hundred days from them', () => {
    const wet = months((m) => (m < 4 || m > 10 ? 120 : 4));
    const there = placeOf(flat(12), wet);
    const rains = there.days(2027).dayOf('rains', null)!;
    // The rains set in with November, day 305.
    expect(rains).toBe(305);
    expect(plantingWindow(herb, there.days(2027), { halfZone: '9a', yearClass: 'dry-summer' })).toEqual({ from: 305, to: 405 });
    expect(plantingWindow(herb, there.days(2027), { halfZone: '9a', yearClass: 'mild-winter' })).toEqual({ from: 96, to: 256 });
  });
  it('waits for the window, for mild nights, or for next spring', () => {
    const out = (ready: string, nights: number | null = null) => isoOf(outFrom(herb, place.days, at, dayNumber(ready), nights));
    expect(out('2027-03-01')).toBe('2027-04-06');
    expect(out('2027-06-01')).toBe('2027-06-01');
    expect(out('2027-10-01')).toBe('2028-04-06');
    expect(out('2027-03-01', 5) > '2027-04-20').toBe(true);
  });
});

describe('the steps', () => {
  it('of a winter container: looks in spring, pricked out, hardened off and planted', () => {
    // Up from day 115, 25 April; the middle of the rest is ten days; pricked out 24 after; four weeks; eight of hardening.
    expect(kinds(of('winter-container', { chill_days: 30 }), '2026-12-21')).toEqual([
      'buy 2026-11-16',
      'sow 2026-12-21',
      'look1 2027-04-25',
      'look2 2027-05-09',
      'look3 2027-05-23',
      'prick-out 2027-05-29',
      'harden 2027-06-26',
      'plant-out 2027-07-04',
      // Two years from the spring it came up in.
      'flower 2029-08-18',
    ]);
  });
  it('indoors: looks on day 7, 14 and 21; chilled, so many days later', () => {
    expect(kinds(of('chilled-indoors', { chill_days: 30 }), '2027-02-01').slice(0, 6)).toEqual([
      'buy 2026-12-28',
      'chill 2027-02-01',
      'sow 2027-03-03',
      'look1 2027-03-10',
      'look2 2027-03-17',
      'look3 2027-03-24',
    ]);
  });
  it('of cuttings: a look a week, potted when they root, planted or wintered', () => {
    const cut = of('softwood', { days_from: 14, days_to: 28, nodes: 3, nodes_below: 2 });
    expect(kinds(cut, '2027-06-01')).toEqual([
      'cut 2027-06-01',
      'look1 2027-06-08',
      'look2 2027-06-15',
      'look3 2027-06-22',
      'pot 2027-06-22',
      'look4 2027-06-29',
      'harden 2027-07-20',
      'plant-out 2027-07-28',
      // It roots for three weeks, and its bloom of this year begins on day 230, 18 August.
      'flower 2027-08-18',
    ]);
    // Rooted too late in the year: through the winter in its pot.
    expect(kinds(cut, '2027-08-20').filter((step) => step.startsWith('winter') || step.startsWith('plant-out'))).toEqual([
      'winter 2027-10-16',
      'plant-out 2028-04-06',
    ]);
  });
  it('of what is sown in place is thinned and never moved; of a division it is one day', () => {
    expect(kinds(of('spring-in-place'), '2027-04-20').map((step) => step.split(' ')[0])).toEqual([
      'buy',
      'sow',
      'look1',
      'look2',
      'look3',
      'thin',
      'flower',
    ]);
    expect(kinds(of('division'), '2027-04-01').slice(0, 3)).toEqual([
      'divide 2027-04-01',
      'plant-out 2027-04-01',
      'look1 2027-04-15',
    ]);
  });
  it('have the days in which each is done', () => {
    const spans = (a: Way, begin: string) =>
      Object.fromEntries(
        stepsOf(a, herb, '7a', place, dayNumber(begin)).map(({ kind, number, from, until }) => [
          `${kind}${number ?? ''}`,
          until - from,
        ]),
      );
    expect(spans(of('chilled-indoors', { chill_days: 30, warm_days: 20, treatment: ['double'] }), '2027-01-10')).toMatchObject({
      buy: 14,
      warm: 2,
      chill: 2,
      sow: 3,
      look1: 2,
      'prick-out': 7,
      harden: 7,
      'plant-out': 14,
      flower: 14,
    });
    // Layers: a week to lay them; severed from the middle of the rooting days (90) to two weeks after the last (150 − 90 + 14 …).
    expect(spans(of('layering', { days_from: 30, days_to: 150 }), '2027-04-20')).toMatchObject({
      layer: 7,
      sever: 74,
      'plant-out': 88,
    });
    expect(spans(of('division'), '2027-04-01')).toMatchObject({ divide: 7, 'plant-out': 8, look1: 7 });
    expect(spans(of('spring-in-place'), '2027-04-20')).toMatchObject({ thin: 14 });
    expect(spans(of('hardwood', { days_from: 60, days_to: 90 }), '2027-01-10')).toMatchObject({ cut: 3, look1: 5 });
  });
  it('of bare wood are looks in spring, three weeks apart', () => {
    // Spring comes up on day 115, 25 April.
    expect(kinds(of('hardwood', { days_from: 60, days_to: 90 }), '2027-01-10').slice(0, 4)).toEqual([
      'cut 2027-01-10',
      'look1 2027-04-25',
      'look2 2027-05-16',
      'look3 2027-06-06',
    ]);
    // What roots slowly on the bench is looked at every two weeks, six times at the most.
    const slow = kinds(of('half-ripe', { days_from: 60, days_to: 110 }), '2027-09-01').filter((step) => step.startsWith('look'));
    expect(slow).toEqual([
      'look1 2027-09-15',
      'look2 2027-09-29',
      'look3 2027-10-13',
      'look4 2027-10-27',
      'look5 2027-11-10',
      'look6 2027-11-24',
    ]);
  });
  it('are in the order of their days, whatever the way and the day it is begun', () => {
    for (const method of [
      'winter-container',
      'autumn-in-place',
      'chilled-indoors',
      'indoors',
      'softwood',
      'hardwood',
      'root-cutting',
      'division',
      'layering',
    ] as const)
      for (let month = 1; month <= 12; month++) {
        const steps = stepsOf(
          of(method, { chill_days: 30 }),
          herb,
          '7a',
          place,
          dayNumber(`2027-${String(month).padStart(2, '0')}-10`),
        );
        steps.forEach((step, i) => {
          expect(step.until).toBeGreaterThanOrEqual(step.from);
          if (i > 0) expect(step.from).toBeGreaterThanOrEqual(steps[i - 1]!.from);
        });
      }
  });
});

describe('the first flower', () => {
  it('of an annual comes so many days after sowing, not before it is planted', () => {
    const annual = {
      ...herb,
      plant: plant('z', { kind: 'annual' }),
      sowing: { indoors: true, toFlower_d: 60, weeks: 4, usual: 82 },
    };
    expect(firstFlower(of('indoors'), annual, 100, 130)).toBe(160);
    expect(firstFlower(of('indoors'), annual, 100, 190)).toBe(190);
  });
  it('of what is bought is that of the first season it roots in, and none where it never blooms', () => {
    expect(seasonAfter(herb, dayInYear(2027, 100))).toBe(dayInYear(2027, 230));
    expect(seasonAfter(herb, dayInYear(2027, 240))).toBe(dayInYear(2027, 261));
    expect(seasonAfter(herb, dayInYear(2027, 280))).toBe(dayInYear(2028, 230));
    expect(seasonAfter({ bloom: null }, 1)).toBeNull();
  });
});
