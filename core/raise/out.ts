import type { YearDays } from '../almanac/anchors';
import { dayInYear, yearOf, type DayNumber } from '../model/days';
import type { PlantHere } from '../model/here';
import { isWoody, type YearClass } from '../model/vocabulary';
import { livesThroughWinter } from '../place/climate/zones';
import { SETTINGS } from '../settings';

/** Days from the first rains in which planting is best where summers are dry. */
const RAINY_d = 100;

type Planted = Pick<PlantHere, 'plant'>;
/** What of a place its planting depends on. */
export interface PlantingPlace {
  halfZone: string;
  yearClass: YearClass;
}

/** Is it tender here: not set out before the last frost? */
export const isTender = ({ plant }: Planted, halfZone: string): boolean =>
  plant.kind === 'annual' || !livesThroughWinter(plant, halfZone);

/** Days before the first frost by which a plant is to be in the ground. */
export const rootingDays = (plant: PlantHere['plant']): number =>
  isWoody(plant) ? SETTINGS.planting.woodyRootingDays : SETTINGS.planting.rootingDays;

/**
 * When a plant is planted in a year: days of the year, from the first to the last on which it still roots before the cold.
 * Tender: from the day after the last frost. Where summers are dry: with the rains.
 */
export function plantingWindow(
  here: Planted,
  days: YearDays,
  { halfZone, yearClass }: PlantingPlace,
): { from: number; to: number } {
  const last = days.dayOf('last-frost', null)!;
  const first = days.dayOf('first-frost', null)!;
  if (isTender(here, halfZone)) return { from: last + 1, to: last + SETTINGS.raise.tenderUntil_d };
  const rains = yearClass === 'dry-summer' || yearClass === 'desert' ? days.dayOf('rains', null) : null;
  if (rains !== null) return { from: rains, to: rains + RAINY_d };
  return { from: last - SETTINGS.raise.hardyOut_d, to: first - rootingDays(here.plant) };
}

/** The first day on or after one on which a plant may be set out; `nights`: not before nights stay so warm (°C). */
export function outFrom(
  here: Planted,
  daysOf: (year: number) => YearDays,
  place: PlantingPlace,
  ready: DayNumber,
  nights: number | null = null,
): DayNumber {
  const year = yearOf(ready);
  for (const of of [year - 1, year, year + 1, year + 2]) {
    const days = daysOf(of);
    const { from, to } = plantingWindow(here, days, place);
    const warm = nights === null ? null : days.dayOf(`warm-nights ${nights}`, null);
    const first = dayInYear(of, Math.max(from, warm ?? from));
    // What was raised at home is set out later than what is bought for the summer.
    const last = isTender(here, place.halfZone)
      ? Math.max(to, days.dayOf('first-frost', null)! - SETTINGS.raise.tenderWorth_d)
      : to;
    if (dayInYear(of, last) >= Math.max(first, ready)) return Math.max(first, ready);
  }
  return ready;
}
