import { describe, expect, it } from 'vitest';
import { GARDEN, libraryOf } from '../../testing/worked-garden';
import { climateHere, dailyNormalsAt, frostRange, frostsAt, monthsHere, zoneOfColdestNight } from './garden-climate';

const library = libraryOf({ plants: [], targets: [], hosts: [] });
const region = library.regions[0]!;

describe('the frosts of a place in its region', () => {
  it('are the region’s in its middle', () => {
    expect(frostsAt(region, region, '7a')).toEqual({ last_frost: '04-20', first_frost: '10-25' });
  });
  it('are four days later and earlier for every degree north', () => {
    expect(frostsAt(region, { ...region, lat: 41 }, '7a')).toEqual({ last_frost: '04-24', first_frost: '10-21' });
    expect(frostsAt(region, { ...region, lat: 39 }, '7a')).toEqual({ last_frost: '04-16', first_frost: '10-29' });
  });
  it('are none where none are usual', () => {
    const none = { last_frost: null, first_frost: null };
    expect(frostsAt({ ...region, ...none }, { ...region, lat: 44 }, '7a')).toEqual(none);
    // From half-zone 10b the coldest night of an average year is above freezing.
    expect(frostsAt(region, region, '10b')).toEqual(none);
    expect(frostsAt(region, region, '10a')).toEqual({ last_frost: '04-20', first_frost: '10-25' });
    // Thirty degrees south the last would fall before the new year and the first after it.
    expect(frostsAt(region, { ...region, lat: 10 }, '10a')).toEqual(none);
  });
  it('fall in eight years of ten within 1.28 standard deviations', () => {
    // 20 April is day 110; 1.28 × 10 = 12.8, thirteen days.
    expect(frostRange('04-20', 10)).toEqual({ from: 97, to: 123 });
    expect(frostRange('01-05', 10)).toEqual({ from: 1, to: 18 });
  });
});

describe('the normals of a place in its region', () => {
  const at = (over: Partial<typeof region>) => dailyNormalsAt(library.normals, region, { ...region, ...over });
  it('are the region’s in its middle', () => expect(at({}).tmin[14]).toBeCloseTo(10));
  it('are 6.5 °C cooler a thousand metres up, by day and by night', () => {
    expect(at({ elevation_m: 1000 }).tmin[200]).toBeCloseTo(3.5);
    expect(at({ elevation_m: 1000 }).tmax[200]).toBeCloseTo(13.5);
  });
  it('are cooler to the north, in January more than in July', () => {
    expect(at({ lat: 41 }).tmin[14]).toBeCloseTo(8.9, 1);
    expect(at({ lat: 41 }).tmin[195]).toBeCloseTo(9.6, 1);
  });
});

describe('the coldest night one remembers', () => {
  it.each([
    // −21 °C remembered is an average of −16 °C: 3.2 °F, of 0 to 5 °F, zone 7a.
    [-21, '7a'],
    // −24 °C is −19 °C: −2.2 °F, of −5 to 0 °F.
    [-24, '6b'],
    // −5 °C is 0 °C: 32 °F, of 30 to 35 °F.
    [-5, '10a'],
  ])('%i °C is zone %s', (celsius, zone) => expect(zoneOfColdestNight(celsius)).toBe(zone));
});

describe('the climate that counts', () => {
  it('is the region’s, unless the gardener says otherwise', () => {
    expect(climateHere(library, region, GARDEN)).toMatchObject({ frost_spread_d: 10, summer: 'warm', humidity: 'moderate' });
    const own = { ...GARDEN, frost_spread_d: 6, summer: 'hot', humidity: 'dry' } as const;
    expect(climateHere(library, region, own)).toMatchObject({ frost_spread_d: 6, summer: 'hot', humidity: 'dry' });
  });
  it('has the gardener’s own rain before the region’s', () => {
    expect(monthsHere(library.normals, GARDEN)[3]).toEqual({ rain_mm: 100, et0_mm: 80, rain_days: 10 });
    const rain_mm = Array.from({ length: 12 }, (_, m) => m * 10);
    expect(monthsHere(library.normals, { ...GARDEN, rain_mm })[3]).toEqual({ rain_mm: 30, et0_mm: 80, rain_days: 10 });
  });
});
