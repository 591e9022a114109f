import type { Almanac } from '../model/here';
import type { Planting } from '../model/garden';
import { LIVE_STATES } from '../model/states';
import { HALF_MONTHS } from '../model/half-month';
import { crownM2 } from '../match/quantities';
import { plantingShares } from '../almanac/bloom/planting-bloom';

const WINDBORNE: ReadonlySet<string> = new Set(['none', 'catkin']);

/** Square metres of the plan in flower in each half-month, crowns of grown plants, without what flowers for the wind. */
export function bloomRidge(
  plantings: readonly Pick<Planting, 'plant' | 'count' | 'state' | 'sow_on' | 'cut'>[],
  { plants, frosts }: Pick<Almanac, 'plants' | 'frosts'>,
): number[] {
  const ridge = new Array<number>(HALF_MONTHS).fill(0);
  for (const planting of plantings) {
    const here = plants.get(planting.plant);
    if (!here || !LIVE_STATES.has(planting.state) || WINDBORNE.has(here.plant.flower_form)) continue;
    const area = planting.count * crownM2(here.plant);
    plantingShares(here, planting, frosts).amount.forEach((share, h) => (ridge[h]! += area * share));
  }
  return ridge;
}
