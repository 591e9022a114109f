import { describe, expect, it } from 'vitest';
import { JURISDICTIONS } from '../../model/jurisdictions';
import { readLibrary } from '../../../scripts/reference-files';
import { regionAt } from './region-at';

const { areas } = readLibrary().library;

describe('the region of a place', () => {
  it.each([
    ['Key West', 'FL', 24.56, -81.78, 'florida-peninsula'],
    ['Pensacola', 'FL', 30.42, -87.22, 'gulf-coast'],
    ['Cape Cod', 'MA', 41.67, -70.3, 'northeast-coast'],
    ['Pittsfield in the Berkshires', 'MA', 42.45, -73.25, 'northern-forest'],
    ['Asheville', 'NC', 35.6, -82.55, 'appalachian-highlands'],
    ['Raleigh', 'NC', 35.78, -78.64, 'southeast-piedmont'],
    ['Chicago', 'IL', 41.88, -87.63, 'great-lakes-ohio'],
    ['Minneapolis', 'MN', 44.98, -93.27, 'upper-midwest'],
    ['Duluth', 'MN', 46.79, -92.1, 'northern-forest'],
    ['Kansas City', 'KS', 39.1, -94.63, 'central-tallgrass'],
    ['Bismarck', 'ND', 46.81, -100.78, 'northern-plains'],
    ['Denver', 'CO', 39.74, -104.99, 'rocky-mountains'],
    ['Boise', 'ID', 43.62, -116.2, 'interior-northwest'],
    ['Tucson', 'AZ', 32.22, -110.97, 'southwest-sky-islands'],
    ['San Antonio', 'TX', 29.42, -98.49, 'texas-hills-brush'],
    ['Houston', 'TX', 29.76, -95.37, 'gulf-coast'],
    ['San Diego', 'CA', 32.72, -117.16, 'california-coast'],
    ['San Francisco', 'CA', 37.77, -122.42, 'california-coast'],
    ['Sacramento', 'CA', 38.58, -121.49, 'california-interior'],
    ['Palm Springs', 'CA', 33.83, -116.55, 'southwest-sky-islands'],
    ['Portland in Oregon', 'OR', 45.52, -122.68, 'pacific-northwest'],
    ['Bend', 'OR', 44.06, -121.31, 'interior-northwest'],
    ['Victoria on Vancouver Island', 'BC', 48.43, -123.37, 'pacific-northwest'],
    ['Toronto', 'ON', 43.65, -79.38, 'great-lakes-ohio'],
    ['Ottawa', 'ON', 45.42, -75.7, 'northern-forest'],
    ['Winnipeg', 'MB', 49.9, -97.14, 'northern-plains'],
    ['Halifax', 'NS', 44.65, -63.58, 'northeast-coast'],
  ])('%s', (_, jurisdiction, lat, lon, region) => {
    expect(regionAt(areas, jurisdiction, { lat, lon })).toBe(region);
  });
  it('is found without a state, and is unknown far from every rule', () => {
    expect(regionAt(areas, null, { lat: 41.67, lon: -70.3 })).toBe('northeast-coast');
    expect(regionAt(areas, null, { lat: 21.3, lon: -157.8 })).toBeNull();
    expect(regionAt(areas, 'HI', { lat: 21.3, lon: -157.8 })).toBeNull();
  });
  it('is known for every state and southern province', () => {
    const ruled = new Set(areas.map((area) => area.jurisdiction));
    expect(JURISDICTIONS.filter((row) => !ruled.has(row.code))).toEqual([]);
    expect(JURISDICTIONS).toHaveLength(59);
  });
});
