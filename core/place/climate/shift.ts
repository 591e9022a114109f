import { SETTINGS } from '../../settings';

export interface Position {
  lat: number;
  lon: number;
  elevation_m: number;
}

/**
 * Days by which spring comes later at `to` than at `from` (negative: earlier), two places of one region. Hopkins'
 * bioclimatic law: 4 days per degree of latitude north, per 122 m (400 ft) of height and, in the East where he found it,
 * per 5° of longitude east.
 */
export function springDelay(from: Position, to: Position): number {
  const { perLat, perLon, perMetre } = SETTINGS.climate.hopkins;
  const eastern = Math.min(from.lon, to.lon) >= SETTINGS.climate.hopkins.westernmost;
  return (
    perLat * (to.lat - from.lat) + (eastern ? perLon * (to.lon - from.lon) : 0) + perMetre * (to.elevation_m - from.elevation_m)
  );
}

/** A line through points (day of the year, share), straight between them and closed over the new year. */
function shareOn(points: readonly (readonly [day: number, share: number])[], day: number): number {
  const d = ((((day - 1) % 365) + 365) % 365) + 1;
  const last = points.at(-1)!;
  const first = points[0]!;
  let [fromDay, fromShare] = [last[0] - 365, last[1]];
  for (const [toDay, toShare] of points) {
    if (d <= toDay) return fromShare + ((d - fromDay) / (toDay - fromDay)) * (toShare - fromShare);
    [fromDay, fromShare] = [toDay, toShare];
  }
  return last[1] + ((d - last[0]) / (first[0] + 365 - last[0])) * (first[1] - last[1]);
}

/**
 * Share of a difference in warmth that still counts for what opens by heat on a day of the year: whole in spring, less
 * and less through summer, since the length of the day holds the date, and nothing from late August.
 */
export const heatShare = (day: number): number => shareOn(SETTINGS.climate.heatShare, day);

/**
 * Days to add to an event on `day` of the year when it is moved within its region by `delay` (from springDelay): whole in
 * spring, less through summer, and turned round from late August, when cold and short days come sooner to the north.
 */
export const seasonalShift = (day: number, delay: number): number => delay * shareOn(SETTINGS.climate.seasonShare, day);

/**
 * Days by which what waits for short days opens later at `to` than at `from` (negative: earlier): the nights of late summer
 * lengthen first in the north and cool first up the hill.
 */
export function shortDayShift(from: Position, to: Position): number {
  const { perLat, perMetre } = SETTINGS.climate.shortDays;
  return perLat * (to.lat - from.lat) + perMetre * (to.elevation_m - from.elevation_m);
}
