import type { PlantHere } from '../almanac/almanac';
import { LIVE_STATES, type Planting } from '../model/garden';
import { HALF_MONTHS } from '../model/half-month';
import { crownM2 } from '../quantities/quantities';

const WINDBORNE: ReadonlySet<string> = new Set(['none', 'catkin']);

/** Square metres of the plan in flower in each half-month, crowns of grown plants, without what flowers for the wind. */
export function bloomRidge(
  plantings: readonly Pick<Planting, 'plant' | 'count' | 'state'>[],
  plantHere: (id: string) => Pick<PlantHere, 'plant' | 'bloomShares'> | undefined,
): number[] {
  const ridge = new Array<number>(HALF_MONTHS).fill(0);
  for (const { plant, count, state } of plantings) {
    const here = plantHere(plant);
    if (!here || !LIVE_STATES.has(state) || WINDBORNE.has(here.plant.flower_form)) continue;
    const area = count * crownM2(here.plant);
    here.bloomShares.forEach((share, h) => (ridge[h]! += area * share));
  }
  return ridge;
}
