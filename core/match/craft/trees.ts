import { ageShare, crownM2 } from '../quantities';
import type { Plant } from '../../model/reference';

/** Years ahead that a tree is looked at when it is proposed. */
const YEARS = 10;

/**
 * A tree ten years after planting: its height (cm), and the ground its crown shades then and grown (m²). Crowns grow by age as
 * everything a plant gives does; height by the square root of that, as a crown is an area.
 */
export function treeInTenYears(plant: Plant): { height_cm: number; crown_m2: number; grown_m2: number } {
  const share = ageShare(plant.kind, YEARS);
  const grown_m2 = crownM2(plant);
  const height_cm = ((plant.height_min_cm + plant.height_max_cm) / 2) * Math.sqrt(share);
  return { height_cm, crown_m2: grown_m2 * share, grown_m2 };
}
