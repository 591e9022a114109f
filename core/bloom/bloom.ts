import type { Plant } from '../model/reference';
import { isWoody } from '../model/vocabulary';
import { HALF_MONTHS, dayOfMonthDay, firstDay, lastDay, shareOfHalfMonth } from '../model/half-month';
import { seasonalShift, springDelay, type Position } from '../climate/shift';
import { frostFree, type Frosts } from '../climate/frost';
import { SETTINGS } from '../settings';

/** Days of the year, inclusive; `to` exceeds 365 where the window runs over the new year. */
export interface DayWindow {
  from: number;
  to: number;
}

/** A window of half-months moved from the place it is stated for to another, in days. */
export function shiftedWindow(first: number, last: number, delay: number): DayWindow {
  const from = firstDay(first);
  const to = lastDay(last);
  const movedTo = Math.round(to + seasonalShift(to, delay));
  const movedFrom = Math.round(from + seasonalShift(from, delay));
  return { from: movedFrom, to: last < first ? movedTo + 365 : Math.max(movedTo, movedFrom) };
}

/**
 * When a plant flowers in this garden: its reference window (half-months, stated at `reference`) moved by the
 * bioclimatic shift and bounded by this garden's frosts. Woody plants flower by their own clock; annuals only
 * between the frosts; herbs three weeks past the first. Null for a plant without flowers, or whose season here
 * is too short.
 */
export function bloomWindow(plant: Plant, reference: Position, here: Position, frosts: Frosts): DayWindow | null {
  if (plant.bloom_first === null || plant.bloom_last === null) return null;
  const window = shiftedWindow(plant.bloom_first, plant.bloom_last, springDelay(reference, here));
  const season = frostFree(frosts);
  const frost = frosts.first_frost ? dayOfMonthDay(frosts.first_frost) : null;
  if (plant.blooms_to_frost) window.to = frost ?? Math.max(window.to, 365);
  if (plant.kind === 'annual') {
    window.from = Math.max(window.from, season.from);
    window.to = Math.min(window.to, season.to);
  } else if (!isWoody(plant) && frost !== null && window.to <= 365) {
    window.to = Math.min(window.to, frost + SETTINGS.climate.hardyBloomAfterFrost);
  }
  return window.to >= window.from ? window : null;
}

/** When a plant stands in leaf here, moved as its bloom is; evergreens (half-months 0–23) all year. */
export function foliageWindow(plant: Plant, reference: Position, here: Position): DayWindow {
  if ((plant.foliage_last - plant.foliage_first + HALF_MONTHS) % HALF_MONTHS === HALF_MONTHS - 1) return { from: 1, to: 365 };
  return shiftedWindow(plant.foliage_first, plant.foliage_last, springDelay(reference, here));
}

/** Share (0–1) of each half-month that lies in a window; all 0 for none. */
export function windowShares(window: DayWindow | null): number[] {
  return Array.from({ length: HALF_MONTHS }, (_, h) => (window ? shareOfHalfMonth(h, window.from, window.to) : 0));
}
