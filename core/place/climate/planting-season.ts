import type { Frosts } from '../../model/here';
import { SETTINGS } from '../../settings';
import { frostFree, growingDaysLeft } from './frost';

/** When what is planned can be planted next: from a day of a year on, the day as 1–365. */
export interface PlantingSeason {
  year: number;
  day: number;
}

/**
 * The next planting season from a day of a year (1–365) on: at once while enough of the season is left to root
 * (SETTINGS.planting.rootingDays before the first frost), else from the last frost of the next spring; where no frost is usual
 * at once.
 */
export function nextPlanting(year: number, day: number, frosts: Frosts): PlantingSeason {
  const { from, days } = frostFree(frosts);
  if (days === 365) return { year, day };
  // Before the last frost of this spring, from then on.
  if (growingDaysLeft(day, frosts) >= SETTINGS.planting.rootingDays) return { year, day: Math.max(day, from) };
  return { year: day > from ? year + 1 : year, day: from };
}
