import { describe, expect, it } from 'vitest';
import { postalPlace } from './postal';

describe('a place by its postal code', () => {
  it.each([
    ['a ZIP', '02540', 'MA', 41.6, -70.6],
    ['a ZIP with its four', '85701-1234', 'AZ', 32.2, -111],
    ['a Canadian code', 'V8W 1A1', 'BC', 48.4, -123.4],
    ['its first half, in small letters', 'm5v', 'ON', 43.7, -79.4],
    ['spaces about', '  33040 ', 'FL', 24.6, -81.8],
  ])('%s', (_, typed, jurisdiction, lat, lon) => {
    const place = postalPlace(typed)!;
    expect(place.jurisdiction).toBe(jurisdiction);
    expect(place.lat).toBeCloseTo(lat, 0);
    expect(place.lon).toBeCloseTo(lon, 0);
    expect(place.name).not.toBe('');
  });
  it.each(['', '1234', 'ABCDE', '00000', 'D1A', "02540'; DROP TABLE garden"])('none by “%s”', (typed) => {
    expect(postalPlace(typed)).toBeNull();
  });
});
