import type { Sowing } from '../../model/here';
import type { Plant } from '../../model/reference';
import type { DayWindow } from '../../model/half-month';
import type { Clime } from '../../place/climate/region-climate';
import { SETTINGS } from '../../settings';
import { lawOf } from './opening';

/**
 * How an annual is sown in a garden so that it flowers when it usually does there: its usual sowing, counted from the day
 * tender plants stand outdoors, and the days from it to the first flower of its `bloom` here, so that sown on its usual day
 * it flowers as usual. In place is preferred to indoors. Null for what is not an annual sown in spring, or where the figure
 * is not believable (SETTINGS.sowing), as of annuals that winter as seedlings.
 */
export function sowingOf(plant: Plant, bloom: DayWindow | null, { tenderFrom }: Pick<Clime, 'tenderFrom'>): Sowing | null {
  const law = lawOf(plant);
  // What keeps time by spring's heat or the rains came up in autumn.
  if (plant.kind !== 'annual' || bloom === null || law === 'spring' || law === 'rain') return null;
  const { least, most } = SETTINGS.sowing.toFlower_d;
  const ways = [
    { indoors: false, weeks: plant.sow_in_place },
    { indoors: true, weeks: plant.sow_indoors },
  ];
  for (const { indoors, weeks } of ways) {
    if (weeks === null) continue;
    const usual = tenderFrom - 1 - 7 * weeks;
    const toFlower_d = bloom.from - usual;
    if (toFlower_d >= least && toFlower_d <= most) return { indoors, toFlower_d, weeks, usual };
  }
  return null;
}
