import { SETTINGS } from '../../settings';

export interface Position {
  lat: number;
  lon: number;
  elevation_m: number;
}

/**
 * Days by which spring comes later at `to` than at `from` (negative: earlier). Hopkins' bioclimatic law:
 * 4 days per degree of latitude north, per 5° of longitude east, and per 122 m (400 ft) of height.
 */
export function springDelay(from: Position, to: Position): number {
  const { perLat, perLon, perMetre } = SETTINGS.climate.hopkins;
  return perLat * (to.lat - from.lat) + perLon * (to.lon - from.lon) + perMetre * (to.elevation_m - from.elevation_m);
}

/**
 * Days to add to an event on `day` of the year when a window stated for a place is moved by `delay` (from
 * springDelay). Whole in spring, fading to none at the turn of the year's heat, reversed in autumn.
 */
export function seasonalShift(day: number, delay: number): number {
  const { hopkinsTurn, hopkinsFade } = SETTINGS.climate;
  const share = Math.max(-1, Math.min(1, (hopkinsTurn - day) / hopkinsFade));
  return delay * share;
}
