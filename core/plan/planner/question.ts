import type { Almanac } from '../../model/here';
import type { CoverageInput } from '../../coverage/coverage';
import type { Planting } from '../../model/garden';
import { LIVE_STATES } from '../../model/states';
import type { PlanWishes } from '../../model/wishes';
import type { PlantSize } from '../../model/vocabulary';
import { usualSize, type OwnLosses, type OwnPrices } from '../shopping/sizes';
import type { Plant } from '../../model/reference';

/** What a plan is asked for: the garden as coverage reads it, and the gardener's wishes and prices. */
export interface PlanQuestion extends Omit<CoverageInput, 'year'> {
  almanac: Almanac;
  wishes: PlanWishes;
  prices: OwnPrices;
  /** What this garden lost of each plant in its first winter. */
  losses: OwnLosses;
  /** What a plant is bought as, where it is not the usual size, by plant id. */
  sizes: Readonly<Record<string, PlantSize>>;
  /** Does the gardener raise plants from seed? */
  raises: boolean;
}

export const sizeFor = ({ sizes, raises }: Pick<PlanQuestion, 'sizes' | 'raises'>, plant: Plant): PlantSize =>
  sizes[plant.id] ?? usualSize(plant, raises);

/** Does a planting stay as it is, whatever is proposed? What is lost or removed is no part of the plan. */
export function isKept(planting: Planting, { keep, leave }: Pick<PlanWishes, 'keep' | 'leave'>): boolean {
  if (!LIVE_STATES.has(planting.state)) return false;
  if (planting.locked || planting.stays || leave.includes(planting.site_id)) return true;
  return keep === 'planned' || (keep === 'grown' && planting.state !== 'planned');
}

/** The plantings that a proposal is built around; of a bed that stays as it is, all. */
export const keptOf = ({ plantings, wishes }: Pick<PlanQuestion, 'plantings' | 'wishes'>) =>
  plantings.filter((planting) => isKept(planting, wishes));
