import { describe, expect, it } from 'vitest';
import { GARDEN, libraryOf } from '../../testing/worked-garden';
import { climateHere, frostRange, frostsAt, monthsHere, zoneOfColdestNight } from './garden-climate';

const library = libraryOf({ plants: [], targets: [], hosts: [] });
const region = library.regions[0]!;

describe('the frosts of a place in its region', () => {
  it('are the region’s in its middle', () => {
    expect(frostsAt(region, region)).toEqual({ last_frost: '04-20', first_frost: '10-25' });
  });
  it('are four days later and earlier for every degree north', () => {
    expect(frostsAt(region, { ...region, lat: 41 })).toEqual({ last_frost: '04-24', first_frost: '10-21' });
    expect(frostsAt(region, { ...region, lat: 39 })).toEqual({ last_frost: '04-16', first_frost: '10-29' });
  });
  it('are none where none are usual', () => {
    expect(frostsAt({ ...region, last_frost: null, first_frost: null }, { ...region, lat: 44 })).toEqual({
      last_frost: null,
      first_frost: null,
    });
  });
  it('fall in eight years of ten within 1.28 standard deviations', () => {
    // 20 April is day 110; 1.28 × 10 = 12.8, thirteen days.
    expect(frostRange('04-20', 10)).toEqual({ from: 97, to: 123 });
    expect(frostRange('01-05', 10)).toEqual({ from: 1, to: 18 });
  });
});

describe('the coldest night one remembers', () => {
  it.each([
    // −20 °C remembered is an average of −17.2 °C: 0 to 5 °F, zone 7a.
    [-20, '7a'],
    [-24, '6a'],
    // −3 °C is an average of −0.2 °C: 31.6 °F, of the half-zone 30 to 35 °F.
    [-3, '10a'],
  ])('%i °C is zone %s', (celsius, zone) => expect(zoneOfColdestNight(celsius)).toBe(zone));
});

describe('the climate that counts', () => {
  it('is the region’s, unless the gardener says otherwise', () => {
    expect(climateHere(library, region, GARDEN)).toMatchObject({ frost_spread_d: 10, summer: 'warm', humidity: 'moderate' });
    const own = { ...GARDEN, frost_spread_d: 6, summer: 'hot', humidity: 'dry' } as const;
    expect(climateHere(library, region, own)).toMatchObject({ frost_spread_d: 6, summer: 'hot', humidity: 'dry' });
  });
  it('has the gardener’s own rain before the region’s', () => {
    expect(monthsHere(library.normals, GARDEN)[3]).toEqual({ rain_mm: 100, et0_mm: 80 });
    const rain_mm = Array.from({ length: 12 }, (_, m) => m * 10);
    expect(monthsHere(library.normals, { ...GARDEN, rain_mm })[3]).toEqual({ rain_mm: 30, et0_mm: 80 });
  });
});
