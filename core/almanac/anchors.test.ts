import { describe, expect, it } from 'vitest';
import { dayInYear, dayNumber } from '../model/days';
import type { Weather, WeatherDay } from '../place/weather/weather';
import { anchorOf, YearDays, type YearPlace } from './anchors';

const flat = (low: number, high: number) => ({ tmin: new Float64Array(365).fill(low), tmax: new Float64Array(365).fill(high) });
const even = Array.from({ length: 12 }, () => ({ rain_mm: 100, et0_mm: 80, rain_days: 10 }));
/** Nights that rise by a tenth of a degree a day from −8 °C on 15 January to midsummer, and fall as they rose. */
const slope = {
  tmin: Float64Array.from({ length: 365 }, (_, i) => -8 + 0.1 * Math.min(Math.abs(i - 14), 365 - Math.abs(i - 14))),
  tmax: new Float64Array(365).fill(25),
};
const place: YearPlace = { frosts: { last_frost: '04-20', first_frost: '10-25' }, daily: slope, months: even };
const mild: WeatherDay = { low_c: 12, high_c: 22, rain_mm: 0, et0_mm: 3 };

/** Mild weather from 1 January to a day of 2026, with some days of its own and a forecast. */
function weather(today: string, own: Record<string, Partial<WeatherDay>> = {}, forecast: Partial<WeatherDay>[] = []): Weather {
  const first = dayNumber('2026-01-01');
  const past = Array.from({ length: dayNumber(today) - first + 1 }, () => mild);
  for (const [on, day] of Object.entries(own)) past[dayNumber(on) - first] = { ...mild, ...day };
  return { first, past, forecast: Array.from({ length: 7 }, (_, i) => ({ ...mild, ...forecast[i] })) };
}
const daysOf = (over: Partial<YearPlace> = {}, known: Weather | null = null) => new YearDays(2026, { ...place, ...over }, known);
const here = (bloom: [number, number] | null, foliage: [number, number]) => ({
  bloom: bloom && { from: bloom[0], to: bloom[1] },
  foliage: { from: foliage[0], to: foliage[1] },
});

describe('an anchor', () => {
  it.each([
    ['last-frost+14', { of: 'last-frost', value: 0, offset: 14 }],
    ['bloom-end-7', { of: 'bloom-end', value: 0, offset: -7 }],
    ['cool-nights -4+14', { of: 'cool-nights', value: -4, offset: 14 }],
    ['warm-nights 10', { of: 'warm-nights', value: 10, offset: 0 }],
    // 4 July is day 185.
    ['07-04', { of: 'date', value: 185, offset: 0 }],
  ])('%s', (text, anchor) => expect(anchorOf(text)).toEqual(anchor));
  it('refuses what is none', () => expect(() => anchorOf('when the moon is full +')).toThrow('no anchor'));
});

describe('the anchors of an average year', () => {
  // 20 April is day 110, 25 October day 298.
  it.each([
    ['last-frost', 110],
    ['last-frost-14', 96],
    ['first-frost+7', 305],
    ['07-04', 185],
  ])('%s is day %i', (text, day) => expect(daysOf().dayOf(text, null)).toBe(day));
  it('of a plant are its own bloom and leaf', () => {
    const plant = here([150, 180], [90, 280]);
    expect(['bloom-start', 'bloom-end+7', 'leaf-out-14', 'leaf-fall'].map((text) => daysOf().dayOf(text, plant))).toEqual([
      150, 187, 76, 280,
    ]);
  });
  it('are none where a plant has no such day: no bloom, or leaf all year', () => {
    expect(daysOf().dayOf('bloom-end', here(null, [90, 280]))).toBeNull();
    expect(daysOf().dayOf('leaf-fall', here(null, [1, 365]))).toBeNull();
    // What keeps its leaf comes into new leaf a month before the last frost.
    expect(daysOf().dayOf('leaf-out', here(null, [1, 365]))).toBe(80);
  });
  it('without frosts stand at the coldest days: a month after them, and six weeks before', () => {
    const none = daysOf({ frosts: { last_frost: null, first_frost: null } });
    // Coldest on day 15: 15 + 30, and 15 + 365 − 45.
    expect(none.dayOf('last-frost', null)).toBe(45);
    expect(none.dayOf('first-frost', null)).toBe(335);
    expect(none.frostless).toBe(true);
    expect(daysOf().frostless).toBe(false);
  });
  it('cool nights: single nights lie four degrees below the average of their date', () => {
    // The average reaches 5 + 4 = 9 °C on its way down where it is 17 degrees above −8: 170 days before 15 January.
    expect(daysOf().dayOf('cool-nights 5', null)).toBe(15 + 365 - 170);
    expect(daysOf({ daily: flat(20, 30) }).dayOf('cool-nights 5', null)).toBeNull();
  });
  it('warm nights: from where the average stays two degrees above', () => {
    // 5 + 2 = 7 °C is 15 degrees above −8: 150 days after 15 January.
    expect(daysOf().dayOf('warm-nights 5', null)).toBe(165);
    expect(daysOf({ daily: flat(20, 30) }).dayOf('warm-nights 5', null)).toBe(1);
    expect(daysOf({ daily: flat(2, 12) }).dayOf('warm-nights 5', null)).toBeNull();
  });
  it('the rains set in after the dry months, and never where none is dry', () => {
    // Dry from May to September: less than six tenths of the thirst; October is wet again (day 274).
    const summerDry = even.map((month, i) => ({ ...month, rain_mm: i >= 4 && i <= 8 ? 10 : 100 }));
    expect(daysOf({ months: summerDry }).dayOf('rains', null)).toBe(274);
    expect(daysOf().dayOf('rains', null)).toBeNull();
  });
});

describe('the anchors of a year whose weather is known', () => {
  it('a late frost puts the last frost off', () => {
    expect(daysOf({}, weather('2026-05-10', { '2026-05-03': { low_c: -1 } })).dayOf('last-frost', null)).toBe(123);
    // So does one that is forecast: the third day from 10 May is 13 May, day 133.
    expect(daysOf({}, weather('2026-05-10', {}, [{}, {}, { low_c: 0 }])).dayOf('last-frost', null)).toBe(133);
    // An early spring brings it no earlier: more frosts may come.
    expect(daysOf({}, weather('2026-04-01')).dayOf('last-frost', null)).toBe(110);
  });
  it('an early frost is the first, and a warm autumn waits for it', () => {
    expect(daysOf({}, weather('2026-10-10', { '2026-10-05': { low_c: -2 } })).dayOf('first-frost', null)).toBe(278);
    // 5 November is day 309: none so far, and none in the seven days forecast.
    expect(daysOf({}, weather('2026-11-05')).dayOf('first-frost', null)).toBe(309 + 8);
  });
  it('a cold night is met on the day before it, a forecast one with two degrees of doubt', () => {
    expect(daysOf({}, weather('2026-08-20', { '2026-08-15': { low_c: 4 } })).dayOf('cool-nights 5', null)).toBe(226);
    // Forecast for the second day from 20 August (day 232): 7 °C may be 5.
    expect(daysOf({}, weather('2026-08-20', {}, [{}, { low_c: 7 }])).dayOf('cool-nights 5', null)).toBe(233);
    expect(daysOf({}, weather('2026-08-20', {}, [{}, { low_c: 7.5 }])).dayOf('cool-nights 5', null)).toBeGreaterThan(233);
  });
  it('a cold night in spring keeps in what is tender', () => {
    // Warm nights from day 165, 14 June; on 18 June (day 169) one of 3 °C: from the day after it.
    expect(daysOf({}, weather('2026-06-20', { '2026-06-18': { low_c: 3 } })).dayOf('warm-nights 5', null)).toBe(170);
  });
  it('the rains set in when twenty millimetres fell within a week', () => {
    const summerDry = even.map((month, i) => ({ ...month, rain_mm: i >= 4 && i <= 8 ? 10 : 100 }));
    const wet = weather('2026-10-20', { '2026-10-10': { rain_mm: 12 }, '2026-10-14': { rain_mm: 9 } });
    // 14 October is day 287.
    expect(daysOf({ months: summerDry }, wet).dayOf('rains', null)).toBe(287);
  });
});

it('days of an average year fall into real ones, over the new year too', () => {
  expect(dayInYear(2026, 1)).toBe(dayNumber('2026-01-01'));
  expect(dayInYear(2026, 370)).toBe(dayNumber('2027-01-05'));
  expect(dayInYear(2026, 0)).toBe(dayNumber('2025-12-31'));
  // In a leap year 1 March is day 60 of the average all the same.
  expect(dayInYear(2028, 60)).toBe(dayNumber('2028-03-01'));
});
