import type { GardenFields } from '../model/garden';
import type { Library } from '../model/reference';
import { HALF_ZONES } from '../model/vocabulary';
import { zoneIndex } from '../place/climate/zones';

/**
 * A garden as the region's profile describes it: what a new garden starts from. The half-zone is the middle of
 * the region's. Throws a RangeError for an unknown region.
 */
export function regionalGarden(library: Pick<Library, 'regions' | 'areas'>, regionId: string): GardenFields {
  const region = library.regions.find((row) => row.id === regionId);
  if (!region) throw new RangeError(`The library has no region ${regionId}.`);
  const middle = Math.floor((zoneIndex(region.zone_min) + zoneIndex(region.zone_max)) / 2);
  return {
    name: '',
    region: region.id,
    jurisdiction: null,
    lat: region.lat,
    lon: region.lon,
    elevation_m: region.elevation_m,
    half_zone: HALF_ZONES[middle]!,
    last_frost: region.last_frost,
    first_frost: region.first_frost,
    frost_spread_d: null,
    summer: null,
    humidity: null,
    rain_mm: null,
    children: false,
    dogs: false,
    cats: false,
    grazing: false,
    passers_by: false,
    deer: 'none',
    balcony: false,
    tags: [],
    archived: false,
    allowed: [],
    nearby: null,
    school_plants: 'natives-first',
    school_autumn: 'leave',
    school_pots: 'two-zones',
    school_layout: 'drifts',
    school_sowing: 'winter-containers',
    school_roots: 'tease',
    indoor_light: 'sill',
    clock: null,
    yard: null,
    money: null,
    notes: '',
  };
}
