import type { Plant } from '../../model/reference';
import type { Seen } from '../../model/seen';
import { isWoody } from '../../model/vocabulary';
import { HALF_MONTHS, inYear, shareOfHalfMonth, type DayWindow } from '../../model/half-month';
import { livesThroughWinter } from '../../place/climate/zones';
import { frostAfter, frostFree } from '../../place/climate/frost';
import type { Frosts, BloomSteps, MovedStatement } from '../../model/here';
import { SETTINGS } from '../../settings';
import { lawOf } from './opening';
import { ownBloom } from './own-dates';
import { blended, movedStatements, type BloomPlace, type BloomStatement } from './stated';

/** Did a stated bloom end with the frost, or the year, of its region? One that ended sooner was not ended by it. */
function endedByFrost({ region, stated }: MovedStatement, { climes }: BloomPlace): boolean {
  return stated.to >= (climes.get(region)!.frost ?? 365) - SETTINGS.climate.hardyBloomAfterFrost;
}

/** What of a window lies within the frost-free season, whichever turn of the year it lies in; null for none of it. */
function withinSeason(window: DayWindow, frosts: Frosts): DayWindow | null {
  const season = frostFree(frosts);
  if (season.days === 365) return window;
  const cut = [-365, 0, 365]
    .map((turn) => ({ from: Math.max(window.from, season.from + turn), to: Math.min(window.to, season.to + turn) }))
    .reduce((best, next) => (next.to - next.from > best.to - best.from ? next : best));
  return cut.to >= cut.from ? inYear(cut) : null;
}

/**
 * A moved window kept within a garden's frosts: what is tender flowers only between them; a hardy annual to the first; a
 * herb three weeks past it; woody plants by their own clock, but to the first frost where they flower on as long as they
 * grow, or their winter kills them. What went on to the frost where it is stated goes on to this one (`toFrost`), a sown
 * plant no longer than SETTINGS.climate.tenderLonger times its stated length. Null where the frosts leave it no season.
 */
function boundByFrost(plant: Plant, moved: DayWindow, toFrost: boolean, { frosts, halfZone }: BloomPlace): DayWindow | null {
  const law = lawOf(plant);
  const kept = { ...moved };
  const frost = frostAfter(kept.from, frosts);
  if (toFrost) {
    const longest =
      plant.kind === 'annual' ? kept.from + Math.round(SETTINGS.climate.tenderLonger * (kept.to - kept.from)) : Infinity;
    kept.to = Math.min(frost === null ? Math.max(kept.to, 365) : Math.max(kept.from, frost), longest, kept.from + 364);
  }
  if (law === 'tender' || law === 'ever') return withinSeason(kept, frosts);
  // What opens with the rains, or long after the frosts of autumn have begun, is made for the winter.
  const byItsClock = isWoody(plant) && kept.to - kept.from < SETTINGS.climate.growsOn_d && livesThroughWinter(plant, halfZone);
  if (frost !== null && !byItsClock && law !== 'rain') {
    const spared = plant.kind === 'annual' || isWoody(plant) ? 0 : SETTINGS.climate.hardyBloomAfterFrost + 1;
    const last = frost - 1 + spared;
    kept.to = Math.min(kept.to, kept.from <= last - 365 ? last - 365 : last);
  }
  return kept.to >= kept.from ? inYear(kept) : null;
}

/**
 * When a plant flowers in this garden, step by step: what is stated of it where the climate is nearest (the two nearest
 * blended, where its own region says nothing), moved here by the law of its phenology class with its length kept,
 * bounded by this garden's frosts, and settled by the gardener's own dates (in `year`, or null in a usual one), which win
 * over both. Null for a plant without flowers.
 */
export function bloomSteps(
  plant: Plant,
  statements: readonly BloomStatement[],
  place: BloomPlace,
  seen: readonly Seen[] = [],
  year: number | null = null,
): BloomSteps | null {
  const from = movedStatements(plant, statements, place);
  if (from.length === 0) return null;
  const moved = inYear(blended(from));
  const bounded = boundByFrost(plant, moved, plant.blooms_to_frost && endedByFrost(from[0]!, place), place);
  const { first, last, window } = ownBloom(bounded ?? moved, seen, plant.id, year);
  return {
    law: lawOf(plant),
    from,
    moved,
    bounded,
    own: { first, last },
    window: bounded || first || last ? window : null,
  };
}

/** Share (0–1) of each half-month that lies in a window; all 0 for none. */
export function windowShares(window: DayWindow | null): number[] {
  return Array.from({ length: HALF_MONTHS }, (_, h) => (window ? shareOfHalfMonth(h, window.from, window.to) : 0));
}
