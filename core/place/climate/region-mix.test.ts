import { describe, expect, it } from 'vitest';
import { readLibrary } from '../../../scripts/reference-files';
import type { RegionArea } from '../../model/reference';
import { frostsHere } from './garden-climate';
import { regionsAbout } from './region-mix';

const area = (region: string, lon_min: number, lon_max: number): RegionArea => ({
  jurisdiction: 'NC',
  lat_min: 30,
  lat_max: 40,
  lon_min,
  lon_max,
  region,
});
/** Two regions that meet at 80° west. */
const AREAS = [area('west', -90, -80), area('east', -80, -70)];
const at = (lon: number, region = lon < -80 ? 'west' : 'east', jurisdiction: string | null = 'NC') =>
  regionsAbout(AREAS, { region, jurisdiction, lat: 35, lon });
const shareOf = (found: ReturnType<typeof at>, region: string) => found.find((row) => row.region === region)?.share ?? 0;

describe('the regions about a garden', () => {
  it('are its own alone far from every border', () => {
    // 60 km are 0.66° of longitude at 35° north.
    expect(at(-80.7)).toEqual([{ region: 'west', share: 1 }]);
    expect(at(-78)).toEqual([{ region: 'east', share: 1 }]);
  });
  it('are both by halves on the border, its own first', () => {
    for (const region of ['west', 'east']) {
      const found = at(-80.0001, region);
      expect(found[0]!.region).toBe(region);
      expect(shareOf(found, 'west')).toBeCloseTo(0.5, 1);
      expect(found.reduce((sum, row) => sum + row.share, 0)).toBeCloseTo(1, 9);
    }
  });
  it('are the same from whichever of the two it is told', () => {
    for (const lon of [-80.2, -80.05, -79.9, -79.8])
      for (const region of ['west', 'east'])
        expect(shareOf(at(lon, 'west'), region), String(lon)).toBe(shareOf(at(lon, 'east'), region));
  });
  it('count less and less on the way from the border', () => {
    const shares = [-80, -80.1, -80.2, -80.3, -80.5, -80.7].map((lon) => shareOf(at(lon, 'west'), 'east'));
    for (const [i, share] of shares.entries()) if (i > 0) expect(share).toBeLessThanOrEqual(shares[i - 1]!);
    expect(shares.at(-1)).toBe(0);
  });
  it('are the region chosen alone where it is not about the place, or where the state is not known', () => {
    expect(at(-75, 'west')).toEqual([{ region: 'west', share: 1 }]);
    expect(at(-80, 'west', null)).toEqual([{ region: 'west', share: 1 }]);
  });
});

describe('frosts near a border', () => {
  const { library } = readLibrary();
  const frosts = (lon: number, region: string) =>
    frostsHere(library, { region, jurisdiction: 'NC', lat: 35.6, lon, elevation_m: 330 }, '7b');
  it('do not depend on the region it is told from', () => {
    // At 81.3° west the highlands meet the piedmont.
    expect(frosts(-81.3, 'appalachian-highlands')).toEqual(frosts(-81.3, 'southeast-piedmont'));
  });
  it('lie between those of both', () => {
    const far = (region: string) =>
      frostsHere(library, { region, jurisdiction: null, lat: 35.6, lon: -81.3, elevation_m: 330 }, '7b');
    const [hills, plain, here] = [far('appalachian-highlands'), far('southeast-piedmont'), frosts(-81.3, 'southeast-piedmont')];
    const between = (of: 'last_frost' | 'first_frost') => {
      const [low, high] = [hills[of]!, plain[of]!].sort();
      return here[of]! >= low! && here[of]! <= high!;
    };
    expect([between('last_frost'), between('first_frost')]).toEqual([true, true]);
  });
});
