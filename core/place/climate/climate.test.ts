import { describe, expect, it } from 'vitest';
import { containerZone, isInZones, zoneOfTemperature, zoneTemperatures } from './zones';
import { frostAfter, frostFree, growingDaysLeft } from './frost';
import { heatClock, heatDelay } from './heat-clock';
import { regionClimes } from './region-climate';
import { heatShare, seasonalShift, shortDayShift, springDelay } from './shift';
import { dailyNormals, degreeDays, degreeDayYear } from './degree-days';
import { libraryOf } from '../../testing/worked-garden';

describe('half-zones', () => {
  it('are 5 °F steps from −60 °F', () => {
    expect(zoneTemperatures('1a').coldest_c).toBeCloseTo(-51.11, 2);
    // Zone 7a: 0 to 5 °F.
    expect(zoneTemperatures('7a').coldest_c).toBeCloseTo(-17.78, 2);
    expect(zoneTemperatures('7a').warmest_c).toBeCloseTo(-15, 2);
  });
  it.each([
    [-17.7, '7a'],
    [-15, '7b'],
    [-60, '1a'],
    [30, '13b'],
  ])('an average yearly minimum of %f °C is zone %s', (c, zone) => expect(zoneOfTemperature(c)).toBe(zone));
  it.each<[string, string, boolean]>([
    ['9b-13b', '9b', true],
    ['9b-13b', '13b', true],
    ['9b-13b', '9a', false],
    ['1a-8a', '8b', false],
    ['northeast-coast', '7a', false],
  ])('the range %s and half-zone %s', (range, zone, within) => expect(isInZones(range, zone)).toBe(within));
  it('count colder for pots outdoors, by the school', () => {
    expect(containerZone('7a', 'one-zone')).toBe('6a');
    expect(containerZone('7a', 'two-zones')).toBe('5a');
    expect(containerZone('7a', 'indoors')).toBe('7a');
    expect(containerZone('1b', 'two-zones')).toBe('1a');
  });
});

describe('frost', () => {
  const here = { last_frost: '04-28', first_frost: '10-27' };
  it('leaves 181 days between 28 April and 27 October', () => {
    // May to September are 153 days, with 2 days of April and 26 of October.
    expect(frostFree(here).days).toBe(181);
  });
  it('leaves 26 growing days on 1 October', () => expect(growingDaysLeft(274, here)).toBe(26));
  it('leaves none in November, the whole year where it is not usual', () => {
    expect(growingDaysLeft(310, here)).toBe(0);
    expect(frostFree({ last_frost: null, first_frost: null }).days).toBe(365);
  });
  it('of a January ends the season of the year before', () => {
    // 29 January to 4 January: 365 days less the 24 from 5 to 28 January.
    const south = { last_frost: '01-28', first_frost: '01-05' };
    expect(frostFree(south)).toEqual({ from: 29, to: 369, days: 341 });
    // On 1 January four days of the old season are left, on 10 January all of the one to come.
    expect([1, 10, 29].map((day) => growingDaysLeft(day, south))).toEqual([4, 341, 341]);
    expect(frostAfter(29, south)).toBe(370);
    expect(frostAfter(3, south)).toBe(5);
  });
  it('of late December that ends spring leaves the year to the next', () => {
    // The day after 30 December is 31 December, day 365; to 19 December, day 353 + 365.
    expect(frostFree({ last_frost: '12-30', first_frost: '12-20' })).toEqual({ from: 365, to: 718, days: 354 });
    expect(frostFree({ last_frost: '12-31', first_frost: '12-20' }).from).toBe(1);
  });
  it('missing at one end leaves that end of the season to the year', () => {
    expect(frostFree({ last_frost: '02-05', first_frost: null })).toEqual({ from: 37, to: 365, days: 329 });
    expect(frostFree({ last_frost: null, first_frost: '12-20' })).toEqual({ from: 1, to: 353, days: 353 });
    expect(frostAfter(100, { first_frost: null })).toBeNull();
  });
});

describe('the bioclimatic shift', () => {
  const here = { lat: 40, lon: -75, elevation_m: 0 };
  it.each([
    ['a degree north', { ...here, lat: 41 }, 4],
    ['five degrees east', { ...here, lon: -70 }, 4],
    ['122 metres up', { ...here, elevation_m: 122 }, 4],
    ['a degree south and 244 m up', { lat: 39, lon: -75, elevation_m: 244 }, 4],
  ])('%s is four days later in spring', (_, to, days) => expect(springDelay(here, to)).toBeCloseTo(days));
  it('counts east and west in the East only', () => {
    expect(springDelay({ ...here, lon: -105 }, { ...here, lon: -115 })).toBe(0);
  });
  it('is whole in spring, less through summer, and turned round from late August', () => {
    expect([60, 100].map((day) => seasonalShift(day, 10))).toEqual([10, 10]);
    // Mid-May, 1 July, 1 August: three quarters, six tenths, four tenths.
    expect([132, 182, 213].map((day) => seasonalShift(day, 10))).toEqual([7.5, 6, 4]);
    expect(seasonalShift(237, 10)).toBeCloseTo(0);
    expect(seasonalShift(290, 10)).toBeCloseTo(-7);
  });
  it('has no jump at the new year, and keeps days within a region in their order', () => {
    expect(Math.abs(seasonalShift(365, 20) - seasonalShift(1, 20))).toBeLessThan(1);
    for (const delay of [-40, -20, 20, 40])
      for (let day = 1; day < 365; day++)
        expect(day + 1 + seasonalShift(day + 1, delay), `day ${day}`).toBeGreaterThan(day + seasonalShift(day, delay));
  });
  it('short days: asters open earlier to the north and up the hill', () => {
    expect(shortDayShift(here, { ...here, lat: 45 })).toBeCloseTo(-11);
    expect(shortDayShift(here, { ...here, lat: 30 })).toBeCloseTo(22);
    expect(shortDayShift(here, { ...here, elevation_m: 1000 })).toBeCloseTo(-8);
  });
});

describe('the heat clock', () => {
  // Five degrees over the base every day in one place, ten in the other.
  const steady = (mean: number) => heatClock({ tmin: new Float64Array(365).fill(mean), tmax: new Float64Array(365).fill(mean) });
  const cool = steady(10);
  const warm = steady(15);
  it('gathers degree-days above 5 °C from 1 January', () => {
    expect(cool[0]).toBeCloseTo(5);
    expect(cool[99]).toBeCloseTo(500);
  });
  it('what a cool place has gathered by day 101 a warm one has by day 51', () => {
    // 100 days of five are 500 degree-days: fifty of ten.
    expect(heatDelay(101, cool, warm)).toBeCloseTo(-50.5);
    expect(heatDelay(51, warm, cool)).toBeCloseTo(51);
    expect(heatDelay(120, cool, cool)).toBe(0);
  });
  it('knows no heat of last year, and none that never comes', () => {
    expect(heatDelay(340, cool, warm)).toBeCloseTo(heatDelay(1, cool, warm));
    expect(heatDelay(200, warm, steady(4))).toBe(365 - 200);
  });
  it('counts whole in March and not at all in September', () => {
    expect(heatShare(60)).toBe(1);
    expect(heatShare(182)).toBe(0.6);
    expect(heatShare(260)).toBe(0);
    expect(Math.abs(heatShare(365) - heatShare(1))).toBeLessThan(0.02);
  });
});

it('a region whose frost is corrected has a clime of its own, though its normals are the same', () => {
  const { regions, normals } = libraryOf({ plants: [], targets: [], hosts: [] });
  const outdoors = (rows: typeof regions) => regionClimes({ regions: rows, normals }).get('flatland')!.tenderFrom;
  // The day after 20 April is day 111, after 1 May day 122.
  expect(outdoors(regions)).toBe(111);
  expect(outdoors(regions.map((row) => ({ ...row, last_frost: '05-01' })))).toBe(122);
  expect(outdoors(regions)).toBe(111);
});

describe('degree-days by the single sine', () => {
  it.each([
    ['all above the base', 12, 22, 10, 7],
    ['all below it', -2, 9, 10, 0],
    // With the base at the mean, half a sine wave of amplitude 5 remains: 5 ÷ π.
    ['half above it', 5, 15, 10, 5 / Math.PI],
  ])('%s', (_, low, high, base, sum) => expect(degreeDays(low, high, base)).toBeCloseTo(sum));
  it('draws days between the months and closes the year', () => {
    const normals = libraryOf({ plants: [], targets: [], hosts: [] }).normals.map((row) =>
      row.month === 7 ? { ...row, tmax_c: 26 } : row,
    );
    const daily = dailyNormals(normals);
    expect(daily.tmax[0]).toBeCloseTo(20);
    expect(Math.max(...daily.tmax)).toBeCloseTo(26, 0);
    expect(degreeDayYear(daily, 10)[10]).toBeCloseTo(5);
  });
  it('refuses a year with a month missing', () => {
    expect(() => dailyNormals([])).toThrow('no month 1');
  });
});
