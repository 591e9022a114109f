import type { GardenFields } from '../../model/garden';
import { dayOfMonthDay, monthDayOf, turnedTo, wrapDay } from '../../model/half-month';
import type { ClimateNormal, Library, Region } from '../../model/reference';
import { SETTINGS } from '../../settings';
import type { WaterMonth } from '../soil/water-year';
import type { Frosts } from '../../model/here';
import { dailyNormals, type DailyNormals } from './degree-days';
import { regionsAbout } from './region-mix';
import { springDelay, type Position } from './shift';
import { zoneIndex, zoneOfTemperature } from './zones';

/**
 * The region's average frosts brought to a place in it: later in spring and earlier in autumn up the hill and to the north.
 * None where the half-zone knows no usual frost (SETTINGS.climate.frostFreeZone), nor where moving leaves no day of the
 * year for it.
 */
export function frostsAt(region: Region, at: Position, halfZone: string): Frosts {
  const none = { last_frost: null, first_frost: null };
  if (zoneIndex(halfZone) >= zoneIndex(SETTINGS.climate.frostFreeZone)) return none;
  if (region.last_frost === null || region.first_frost === null)
    return { last_frost: region.last_frost, first_frost: region.first_frost };
  const delay = springDelay(region, at);
  const moved = (monthDay: string, spring: boolean) => Math.round(dayOfMonthDay(monthDay) + (spring ? delay : -delay));
  const last = moved(region.last_frost, true);
  const first = moved(region.first_frost, false);
  // A last frost before the new year and a first one after it meet: no frost is usual.
  if (last < 1 && first > 365) return none;
  const onDay = (day: number) => monthDayOf(Math.max(1, Math.min(365, day)));
  return { last_frost: onDay(last), first_frost: onDay(first) };
}

/**
 * The normals of a region brought to a place in it, as days of an average year: cooler up the hill by the lapse of the
 * atmosphere, and to the north, in winter more than in summer. Throws as dailyNormals does.
 */
export function dailyNormalsAt(normals: readonly ClimateNormal[], region: Region, at: Position): DailyNormals {
  const { perMetre, perLat } = SETTINGS.climate.lapse;
  const up = perMetre * (at.elevation_m - region.elevation_m);
  const cooler = (month: number) => {
    const summer = (1 - Math.cos((2 * Math.PI * (month - 1)) / 12)) / 2;
    return up + (at.lat - region.lat) * (perLat.january + summer * (perLat.july - perLat.january));
  };
  const moved = normals
    .filter((row) => row.region === region.id)
    .map((row) => ({ ...row, tmin_c: row.tmin_c + cooler(row.month), tmax_c: row.tmax_c + cooler(row.month) }));
  return dailyNormals(moved);
}

/** What the almanac and the frosts of a garden need to know of its regions. */
type Regional = Pick<Library, 'regions' | 'areas' | 'normals'>;
type Placed = Position & Pick<GardenFields, 'region' | 'jurisdiction'>;

function regionNamed({ regions }: Pick<Library, 'regions'>, id: string): Region {
  const found = regions.find((row) => row.id === id);
  if (!found) throw new RangeError(`The library has no region ${id}.`);
  return found;
}

/**
 * The days of an average year in a garden: the normals of its region brought to it, near a border taken together with those of
 * the regions beyond it by their shares. Throws a RangeError for an unknown region, and as dailyNormals does.
 */
export function dailyNormalsHere(library: Regional, garden: Placed): DailyNormals {
  const about = regionsAbout(library.areas, garden).map(({ region, share }) => ({
    share,
    daily: dailyNormalsAt(library.normals, regionNamed(library, region), garden),
  }));
  if (about.length === 1) return about[0]!.daily;
  const mean = (of: keyof DailyNormals) =>
    about[0]!.daily[of].map((_, day) => about.reduce((sum, { share, daily }) => sum + share * daily[of][day]!, 0));
  return { tmin: mean('tmin'), tmax: mean('tmax') };
}

/**
 * The average frosts of a garden: those of its region brought to it, near a border the mean with those of the regions beyond it.
 * None where more of the ground about it knows none.
 */
export function frostsHere(library: Pick<Library, 'regions' | 'areas'>, garden: Placed, halfZone: string): Frosts {
  const about = regionsAbout(library.areas, garden).map(({ region, share }) => ({
    share,
    ...frostsAt(regionNamed(library, region), garden, halfZone),
  }));
  const mean = (of: keyof Frosts): string | null => {
    const known = about.filter((row) => row[of] !== null);
    const share = known.reduce((sum, row) => sum + row.share, 0);
    if (share < 0.5) return null;
    const [first] = known;
    const near = dayOfMonthDay(first![of]!);
    const day = known.reduce((sum, row) => sum + row.share * turnedTo(dayOfMonthDay(row[of]!), near), 0) / share;
    return monthDayOf(wrapDay(Math.round(day)));
  };
  return { last_frost: mean('last_frost'), first_frost: mean('first_frost') };
}

/** The days (1–365) between which a frost falls in eight years of ten, from its average date and standard deviation. */
export function frostRange(monthDay: string, spread_d: number): { from: number; to: number } {
  const day = dayOfMonthDay(monthDay);
  const reach = Math.round(SETTINGS.climate.eightInTen * spread_d);
  return { from: Math.max(1, day - reach), to: Math.min(365, day + reach) };
}

/**
 * The half-zone of somebody who remembers the coldest night of their winters (°C). A zone is the average of every
 * year's coldest night, and the coldest of those that one remembers lies below it (SETTINGS.climate.rememberedBelow_c).
 */
export function zoneOfColdestNight(celsius: number): string {
  return zoneOfTemperature(celsius + SETTINGS.climate.rememberedBelow_c);
}

type Climate = Pick<GardenFields, 'frost_spread_d' | 'summer' | 'humidity' | 'rain_mm'>;

/** Rain and thirst (reference evapotranspiration) by month here: the region's, with the gardener's own rain before it. */
export function monthsHere(normals: readonly ClimateNormal[], garden: Climate & Pick<GardenFields, 'region'>): WaterMonth[] {
  const own = normals.filter((row) => row.region === garden.region).sort((a, b) => a.month - b.month);
  return own.map((row, i) => ({ rain_mm: garden.rain_mm?.[i] ?? row.rain_mm, et0_mm: row.et0_mm, rain_days: row.rain_days }));
}

/** The climate that counts here, each value the gardener's own or else the region's. */
export function climateHere(library: Pick<Library, 'normals'>, region: Region, garden: Climate & Pick<GardenFields, 'region'>) {
  return {
    frost_spread_d: garden.frost_spread_d ?? region.frost_spread_d,
    summer: garden.summer ?? region.summer,
    humidity: garden.humidity ?? region.humidity,
    months: monthsHere(library.normals, garden),
  };
}
