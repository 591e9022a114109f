import { describe, expect, it } from 'vitest';
import { containerZone, zoneOfTemperature, zoneTemperatures } from './zones';
import { frostFree, growingDaysLeft } from './frost';
import { seasonalShift, springDelay } from './shift';
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
});

describe('the bioclimatic shift', () => {
  const here = { lat: 40, lon: -75, elevation_m: 0 };
  it.each([
    ['a degree north', { ...here, lat: 41 }, 4],
    ['five degrees east', { ...here, lon: -70 }, 4],
    ['122 metres up', { ...here, elevation_m: 122 }, 4],
    ['a degree south and 244 m up', { lat: 39, lon: -75, elevation_m: 244 }, 4],
  ])('%s is four days later in spring', (_, to, days) => expect(springDelay(here, to)).toBeCloseTo(days));
  it('fades to none by July and is reversed in autumn', () => {
    expect(seasonalShift(100, 8)).toBe(8);
    expect(seasonalShift(152, 8)).toBeCloseTo(4);
    expect(seasonalShift(182, 8)).toBe(0);
    expect(seasonalShift(290, 8)).toBe(-8);
  });
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
