import type { Sowing } from '../../model/here';
import type { Plant, Propagation, Region } from '../../model/reference';
import { dayOfMonthDay, firstDay } from '../../model/half-month';
import { SETTINGS } from '../../settings';

/**
 * Days from sowing an annual to its first flower: from its usual sowing at the place its bloom is stated for to the first
 * day of that bloom. In place is preferred to indoors. Null for what is not an annual sown in spring, where that place
 * has no frost to count from, and where the figure is not believable (SETTINGS.sowing), as of annuals that winter as
 * seedlings.
 */
export function sowingOf(plant: Plant, ways: readonly Propagation[], reference: Region): Sowing | null {
  if (plant.kind !== 'annual' || plant.bloom_first === null || reference.last_frost === null) return null;
  const { least, most } = SETTINGS.sowing.toFlower_d;
  for (const method of ['spring-direct', 'indoor'] as const) {
    const way = ways.find((row) => row.method === method);
    if (!way) continue;
    const weeks = way.weeks_before_last_frost ?? 0;
    const toFlower_d = firstDay(plant.bloom_first) - (dayOfMonthDay(reference.last_frost) - 7 * weeks);
    if (toFlower_d >= least && toFlower_d <= most) return { indoors: method === 'indoor', toFlower_d, weeks };
  }
  return null;
}
