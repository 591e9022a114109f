import { SETTINGS } from '../../settings';
import type { Choices, SiteRoom } from './choices';

/** Months (0–11) of the season in which nothing that is kept on a site flowers. */
export const flowerlessMonths = ({ kept, season }: Pick<SiteRoom, 'kept' | 'season'>): number[] =>
  [...new Set(season.map((h) => h >> 1))].filter((month) => !kept.months.has(month));

/**
 * What a plan costs in months without a flower on the sites that may be planted (hundredths of the currency). The rows of
 * craft-rows say the same.
 */
export function craftCost({ plants, rooms }: Choices, counts: ArrayLike<number>): number {
  let months = 0;
  for (const room of rooms) {
    const here = plants.filter((row, choice) => row.site === room.site && counts[choice]! > 0);
    months += flowerlessMonths(room).filter((month) => !here.some((row) => row.months.has(month))).length;
  }
  return SETTINGS.planner.weigh.flowerless * months;
}
