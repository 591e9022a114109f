import type { Plant } from '../../model/reference';
import type { Seen } from '../../model/seen';
import { isWoody } from '../../model/vocabulary';
import { HALF_MONTHS, dayOfMonthDay, firstDay, lastDay, shareOfHalfMonth, type DayWindow } from '../../model/half-month';
import { seasonalShift, springDelay, type Position } from '../../place/climate/shift';
import { frostFree } from '../../place/climate/frost';
import type { Frosts, BloomSteps } from '../../model/here';
import { SETTINGS } from '../../settings';
import { ownBloom } from './own-dates';

/** A window of half-months moved from the place it is stated for to another, in days. */
function shiftedWindow(first: number, last: number, delay: number): DayWindow {
  const from = firstDay(first);
  const to = lastDay(last);
  const movedTo = Math.round(to + seasonalShift(to, delay));
  const movedFrom = Math.round(from + seasonalShift(from, delay));
  return { from: movedFrom, to: last < first ? movedTo + 365 : Math.max(movedTo, movedFrom) };
}

/**
 * When a plant flowers in this garden, step by step: its reference window (half-months, stated at `reference`) moved by
 * the bioclimatic shift, bounded by this garden's frosts, and settled by the gardener's own dates (in `year`, or null in
 * a usual one), which win over both. Woody plants flower by their own clock; annuals only between the frosts; herbs three
 * weeks past the first. Null for a plant without flowers.
 */
export function bloomSteps(
  plant: Plant,
  reference: Position,
  here: Position,
  frosts: Frosts,
  seen: readonly Seen[] = [],
  year: number | null = null,
): BloomSteps | null {
  if (plant.bloom_first === null || plant.bloom_last === null) return null;
  const delay_d = springDelay(reference, here);
  const moved = shiftedWindow(plant.bloom_first, plant.bloom_last, delay_d);
  const season = frostFree(frosts);
  const frost = frosts.first_frost ? dayOfMonthDay(frosts.first_frost) : null;
  const kept = { ...moved };
  if (plant.blooms_to_frost) kept.to = frost ?? Math.max(kept.to, 365);
  if (plant.kind === 'annual') {
    kept.from = Math.max(kept.from, season.from);
    kept.to = Math.min(kept.to, season.to);
  } else if (!isWoody(plant) && frost !== null && kept.to <= 365) {
    kept.to = Math.min(kept.to, frost + SETTINGS.climate.hardyBloomAfterFrost);
  }
  const bounded = kept.to >= kept.from ? kept : null;
  const { first, last, window } = ownBloom(bounded ?? moved, seen, plant.id, year);
  return {
    stated: shiftedWindow(plant.bloom_first, plant.bloom_last, 0),
    delay_d,
    moved,
    bounded,
    own: { first, last },
    window: bounded || first || last ? window : null,
  };
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
