import type { ClimateNormal } from '../../model/reference';
import { firstDay } from '../../model/half-month';

/** Minimum and maximum temperature (°C) of each day of an average year; index 0 is 1 January. */
export interface DailyNormals {
  tmin: Float64Array;
  tmax: Float64Array;
}

/**
 * Days of an average year drawn between the twelve monthly normals, each taken at mid-month.
 * Throws if a month is missing.
 */
export function dailyNormals(normals: readonly ClimateNormal[]): DailyNormals {
  const months = Array.from({ length: 12 }, (_, i) => {
    const month = normals.find((row) => row.month === i + 1);
    if (!month) throw new RangeError(`The climate normals have no month ${i + 1}.`);
    return month;
  });
  const middle = months.map((_, i) => firstDay(i * 2) + 14.5);
  const tmin = new Float64Array(365);
  const tmax = new Float64Array(365);
  let after = 0;
  for (let day = 1; day <= 365; day++) {
    while (after < 12 && middle[after]! <= day) after++;
    const before = after - 1;
    const a = months[(before + 12) % 12]!;
    const b = months[after % 12]!;
    const startsAt = before < 0 ? middle[11]! - 365 : middle[before]!;
    const endsAt = after > 11 ? middle[0]! + 365 : middle[after]!;
    const share = (day - startsAt) / (endsAt - startsAt);
    tmin[day - 1] = a.tmin_c + share * (b.tmin_c - a.tmin_c);
    tmax[day - 1] = a.tmax_c + share * (b.tmax_c - a.tmax_c);
  }
  return { tmin, tmax };
}

/**
 * Degree-days (°C·day) of one day above `base` °C by the single-sine method (Baskerville and Emin 1969): the
 * temperature is taken as a sine wave between the day's minimum and maximum.
 */
export function degreeDays(tmin: number, tmax: number, base: number): number {
  if (tmax <= base) return 0;
  const mean = (tmin + tmax) / 2;
  if (tmin >= base) return mean - base;
  const amplitude = (tmax - tmin) / 2;
  const theta = Math.asin((base - mean) / amplitude);
  return ((mean - base) * (Math.PI / 2 - theta) + amplitude * Math.cos(theta)) / Math.PI;
}

/** Degree-days above `base` °C of each day of the year; index 0 is 1 January. */
export function degreeDayYear({ tmin, tmax }: DailyNormals, base: number): Float64Array {
  return tmin.map((low, i) => degreeDays(low, tmax[i]!, base));
}
