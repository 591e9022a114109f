import type { Plant, Target } from '../model/reference';
import type { TargetHere } from '../model/here';
import { SETTINGS } from '../settings';

/** Do the adults live on flowers, wholly or in part? Sap and fruit feeders do not, nor moths that never feed. */
export const drinksNectar = (target: Pick<Target, 'adult_food'>) =>
  target.adult_food === 'nectar' || target.adult_food === 'mixed';

/** What a flower is worth to a guest that can drink from it, 0 (nothing) to 3. */
export function nectarValue(target: Pick<Target, 'kind'>, plant: Plant): number {
  if (target.kind === 'hummingbird') return plant.nectar_hummingbird;
  return target.kind === 'moth' ? plant.nectar_moth : plant.nectar_butterfly;
}

/**
 * Nectar units of a square metre in flower for a guest: its value, less where the form does not suit it, and falling to
 * nothing as the tube outgrows its tongue by SETTINGS.nectar.tongueReach_mm.
 */
export function nectarOfFlower(target: TargetHere['target'], plant: Plant): number {
  const { otherForm, tongueReach_mm } = SETTINGS.nectar;
  const form = target.flower_forms.includes(plant.flower_form) ? 1 : otherForm;
  const reached = Math.max(0, Math.min(1, 1 - (plant.tube_mm - target.tongue_mm) / tongueReach_mm));
  return nectarValue(target, plant) * form * reached;
}
