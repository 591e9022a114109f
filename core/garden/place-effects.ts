import type { PlantHere } from '../model/here';
import type { GardenHere } from './here';
import { frostRange } from '../place/climate/garden-climate';
import { frostFree } from '../place/climate/frost';
import { livesThroughWinter, zoneIndex } from '../place/climate/zones';
import { isListed } from '../library/status';
import { DIMENSIONS, gradeOf, type FitSite } from '../match/fit/dimensions';
import { HALF_ZONES } from '../model/vocabulary';
import { springDelay } from '../place/climate/shift';
import { sunAt } from '../place/sun/sun-path';
import { waterYear } from '../place/soil/water-year';

/** A value of the place of which the panel says what it changes. */
export type PlaceValue = 'region' | 'half_zone' | 'frosts' | 'summer' | 'humidity' | 'rain' | 'position' | 'household';

/** A site on which nothing but the place itself can hold a plant back. */
const ANY_BED: FitSite = {
  kind: 'bed',
  area_m2: 5000,
  volume_l: null,
  sun_h: 6,
  sun_when: 'morning',
  texture: 'loam',
  drainage: 'well',
  ph: 6.5,
  moisture: 3,
  salt: 'none',
  pot: null,
};
/** Plants held back by something, and a few of them by name. */
export interface Marked {
  count: number;
  examples: string[];
}

/** What a value of a garden's place changes, counted over the plants recorded in its region. */
export type PlaceEffect =
  | { value: 'region'; summary: string; soils: string; creatures: number; plants: number }
  | {
      value: 'half_zone';
      zone: string;
      hardy: number;
      recorded: number;
      /** Half a zone colder, and who of the hardy would be lost there; null where there is no colder zone. */
      colder: { zone: string; lost: Marked } | null;
      /** How wet a warm zone is: the same zone is another place in dry and in sultry summers. */
      air: 'sultry' | 'dry' | 'middling';
      summer: string;
      heat: Marked;
    }
  /** Days (1–365) between which a frost falls in eight years of ten; null where none is usual. */
  | { value: 'frosts'; days: number; spring: DaySpan | null; autumn: DaySpan | null }
  | { value: 'summer'; summer: string; regions: string | null; heat: Marked; unsuitable: number }
  | { value: 'humidity'; air: 'dry' | 'moderate' | 'humid'; held: Marked }
  /** Months (0–11) in which an open bed of loam falls below half of its store. */
  | { value: 'rain'; year_mm: number; own: boolean; thirsty: number[] }
  /** Altitudes (degrees) of the sun at noon, and how many times its height a wall shades at noon in midwinter. */
  | { value: 'position'; delay_d: number; june: number; december: number; shade: number }
  | { value: 'household'; passersBy: boolean; deer: 'none' | 'some' | 'many'; browsed: number };

interface DaySpan {
  from: number;
  to: number;
}

const EXAMPLES = 3;
const markedOf = (rows: readonly PlantHere[]): Marked => ({
  count: rows.length,
  examples: rows.slice(0, EXAMPLES).map((row) => row.plant.common),
});
/** Share of its store below which a bed wants water. */
const HALF_OF_STORE = 0.45;

/** What a value of the garden's place changes. */
export function placeEffect(value: PlaceValue, { almanac, garden, climate, region }: GardenHere): PlaceEffect {
  const recorded = [...almanac.plants.values()].filter((here) => here.status.offered && !isListed(here.status.status));
  const held = (dimension: 'cold' | 'heat' | 'humidity', least: number) =>
    recorded.filter((here) => gradeOf(DIMENSIONS[dimension](here.plant, ANY_BED, almanac.place)) >= least);
  switch (value) {
    case 'region':
      return { value, summary: region.summary, soils: region.soils, creatures: almanac.targets.size, plants: recorded.length };
    case 'half_zone': {
      const hardy = recorded.filter((here) => livesThroughWinter(here.plant, garden.half_zone));
      const colder = HALF_ZONES[zoneIndex(garden.half_zone) - 1];
      const warm = zoneIndex(garden.half_zone) >= zoneIndex('8a');
      return {
        value,
        zone: garden.half_zone,
        hardy: hardy.length,
        recorded: recorded.length,
        colder: colder ? { zone: colder, lost: markedOf(hardy.filter((here) => !livesThroughWinter(here.plant, colder))) } : null,
        air: warm && climate.humidity === 'humid' ? 'sultry' : climate.humidity === 'dry' ? 'dry' : 'middling',
        summer: climate.summer,
        heat: markedOf(held('heat', 1)),
      };
    }
    case 'frosts': {
      const rangeOf = (day: string | null) => (day ? frostRange(day, climate.frost_spread_d) : null);
      const both = garden.last_frost !== null && garden.first_frost !== null;
      return {
        value,
        days: frostFree(garden).days,
        spring: both ? rangeOf(garden.last_frost) : null,
        autumn: both ? rangeOf(garden.first_frost) : null,
      };
    }
    case 'summer':
      return {
        value,
        summer: climate.summer,
        regions: garden.summer && garden.summer !== region.summer ? region.summer : null,
        heat: markedOf(held('heat', 1)),
        unsuitable: held('heat', 2).length,
      };
    case 'humidity':
      return { value, air: climate.humidity, held: markedOf(held('humidity', 1)) };
    case 'rain': {
      const bed = waterYear({ ...ANY_BED, runoff: 'none' }, climate.months);
      return {
        value,
        year_mm: climate.months.reduce((sum, row) => sum + row.rain_mm, 0),
        own: garden.rain_mm !== null,
        thirsty: bed.flatMap((share, month) => (share < HALF_OF_STORE ? [month] : [])),
      };
    }
    case 'position': {
      const high = (day: number) => (sunAt(garden.lat, garden.lon, day, 0).altitude * 180) / Math.PI;
      const december = Math.round(high(355));
      return {
        value,
        delay_d: springDelay(region, garden),
        june: Math.round(high(172)),
        december,
        shade: 1 / Math.tan((december * Math.PI) / 180),
      };
    }
    case 'household':
      return {
        value,
        passersBy: garden.passers_by,
        deer: garden.deer,
        browsed: recorded.filter((here) => here.plant.deer === 'low').length,
      };
  }
}
