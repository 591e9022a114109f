import type { Frosts } from '../../model/here';
import type { Library, Region } from '../../model/reference';
import { SETTINGS } from '../../settings';
import { dailyNormals, type DailyNormals } from './degree-days';
import { frostFree } from './frost';
import { heatClock, heatDelay } from './heat-clock';
import type { Position } from './shift';

/** A place by what opens a flower there: where it lies, its frosts, and the heat it gathers through an average year. */
export interface Clime extends Position {
  region: string;
  clock: Float64Array;
  /** Day from which tender plants stand outdoors. */
  tenderFrom: number;
  /** Day (it may exceed 365) of the first frost of autumn; null where none is usual. */
  frost: number | null;
}

/** The day after the last frost; where none is usual the first on which the day's mean reaches SETTINGS.climate.tenderMean_c. */
function tenderFrom(frosts: Frosts, { tmin, tmax }: DailyNormals): number {
  if (frosts.last_frost) return frostFree(frosts).from;
  const mild = tmin.findIndex((low, i) => (low + tmax[i]!) / 2 >= SETTINGS.climate.tenderMean_c);
  return mild < 0 ? 1 : mild + 1;
}

const firstFrost = (frosts: Frosts) => (frosts.first_frost ? frostFree(frosts).to + 1 : null);

/** Regions do not change once read, and every garden asks for all of them. */
const known = new WeakMap<readonly Region[], { normals: Library['normals']; climes: Map<string, Clime> }>();

/** The clime of the middle of every region, by its id. Throws as dailyNormals does. */
export function regionClimes({ regions, normals }: Pick<Library, 'regions' | 'normals'>): Map<string, Clime> {
  const before = known.get(regions);
  if (before?.normals === normals) return before.climes;
  const found = new Map(
    regions.map((region) => {
      const daily = dailyNormals(normals.filter((row) => row.region === region.id));
      const { id, lat, lon, elevation_m } = region;
      return [
        id,
        {
          region: id,
          lat,
          lon,
          elevation_m,
          clock: heatClock(daily),
          tenderFrom: tenderFrom(region, daily),
          frost: firstFrost(region),
        },
      ];
    }),
  );
  known.set(regions, { normals, climes: found });
  return found;
}

/**
 * The clime of a garden: its own place, frosts and days (`daily`), with the heat of its region's middle, from which events
 * are moved on to its own place by Hopkins' law.
 */
export function climeOf(garden: Position & Frosts, daily: DailyNormals, middle: Clime): Clime {
  const { lat, lon, elevation_m } = garden;
  return {
    region: middle.region,
    lat,
    lon,
    elevation_m,
    clock: middle.clock,
    tenderFrom: tenderFrom(garden, daily),
    frost: firstFrost(garden),
  };
}

/** How unlike each clime is to another, in days: how far spring and midsummer lie apart by the heat gathered. */
export function climeDistances(climes: ReadonlyMap<string, Clime>, here: Clime): Map<string, number> {
  const [spring, midsummer] = [110, 182];
  const apart = (day: number, { clock }: Clime) => Math.abs(heatDelay(day, clock, here.clock));
  return new Map([...climes].map(([id, clime]) => [id, apart(spring, clime) + apart(midsummer, clime)]));
}
