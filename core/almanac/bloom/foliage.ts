import type { Plant } from '../../model/reference';
import { isWoody } from '../../model/vocabulary';
import { daysOfHalfMonths, HALF_MONTHS, inYear, type DayWindow } from '../../model/half-month';
import { frostAfter, frostFree } from '../../place/climate/frost';
import { shortDayShift } from '../../place/climate/shift';
import { livesThroughWinter } from '../../place/climate/zones';
import { SETTINGS } from '../../settings';
import { lawOf, openingShift, witherWithHeat } from './opening';
import type { BloomPlace } from './stated';

/**
 * When a plant stands in leaf here: from the heat of spring, to the short days of autumn; evergreens (half-months 0–23) all
 * year, and what the frost kills no longer than it.
 */
export function foliageWindow(
  plant: Plant,
  bloom: DayWindow | null,
  { garden, climes, frosts, halfZone }: BloomPlace,
): DayWindow {
  if ((plant.foliage_last - plant.foliage_first + HALF_MONTHS) % HALF_MONTHS === HALF_MONTHS - 1) return { from: 1, to: 365 };
  const reference = climes.get(plant.bloom_ref)!;
  const middle = climes.get(garden.region)!;
  const { from: first, to: last } = daysOfHalfMonths(plant.foliage_first, plant.foliage_last);
  const law = lawOf(plant);
  const moves = law === 'autumn' ? 'spring' : law;
  const opens = openingShift(moves, first, reference, middle, garden);
  const falls =
    law === 'rain'
      ? opens
      : witherWithHeat(last)
        ? openingShift(moves, last, reference, middle, garden)
        : shortDayShift(reference, garden);
  const window = { from: Math.round(first + opens), to: Math.round(last + falls) };
  // Leaf comes before flower, wherever the flower is stated.
  if (bloom && !isWoody(plant) && plant.kind !== 'bulb' && bloom.from < window.from) window.from = bloom.from;
  if (window.to < window.from) window.to = window.from;
  if (window.to - window.from >= 364) return { from: 1, to: 365 };
  const survives = (law === 'tender' || law === 'ever') && livesThroughWinter({ ...plant, kind: 'perennial' }, halfZone);
  // Where its winter spares it a tender plant keeps its leaf.
  if (survives && frostFree(frosts).days >= SETTINGS.climate.leafKept_d) return { from: 1, to: 365 };
  const killed =
    plant.kind === 'annual' || law === 'tender' || law === 'ever' ? frostAfter(Math.max(1, window.from), frosts) : null;
  if (killed !== null && !isWoody(plant)) window.to = Math.max(window.from, Math.min(window.to, killed - 1));
  return inYear(window);
}
