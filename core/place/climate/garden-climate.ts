import type { GardenFields } from '../../model/garden';
import { dayOfMonthDay, monthDayOf } from '../../model/half-month';
import type { ClimateNormal, Library, Region } from '../../model/reference';
import { SETTINGS } from '../../settings';
import type { WaterMonth } from '../soil/water-year';
import type { Frosts } from '../../model/here';
import { seasonalShift, springDelay, type Position } from './shift';
import { zoneOfTemperature } from './zones';

/** The region's average frosts brought to a place in it: later in spring and earlier in autumn up the hill and to the north. */
export function frostsAt(region: Region, at: Position): Frosts {
  const delay = springDelay(region, at);
  const moved = (monthDay: string | null) => {
    if (monthDay === null) return null;
    const day = dayOfMonthDay(monthDay);
    return monthDayOf(Math.max(1, Math.min(365, day + seasonalShift(day, delay))));
  };
  return { last_frost: moved(region.last_frost), first_frost: moved(region.first_frost) };
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
  return own.map((row, i) => ({ rain_mm: garden.rain_mm?.[i] ?? row.rain_mm, et0_mm: row.et0_mm }));
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
