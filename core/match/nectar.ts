import type { Plant, Target } from '../model/reference';
import type { TargetHere } from '../model/here';
import { SETTINGS } from '../settings';
import { crownM2 } from './quantities';

/** Do the adults live on flowers, wholly or in part? Sap and fruit feeders do not, nor moths that never feed. */
export const drinksNectar = (target: Pick<Target, 'adult_food'>) =>
  target.adult_food === 'nectar' || target.adult_food === 'mixed';

/** Nectar units of one grown, thriving plant in full bloom for a guest. */
export function nectarOfPlant(target: TargetHere['target'], plant: Plant): number {
  const value =
    target.kind === 'hummingbird'
      ? plant.nectar_hummingbird
      : target.kind === 'moth'
        ? plant.nectar_moth
        : plant.nectar_butterfly;
  if (value === 0 || plant.tube_mm > target.tongue_mm) return 0;
  const form = target.flower_forms.includes(plant.flower_form) ? 1 : SETTINGS.nectar.otherForm;
  return crownM2(plant) * value * form;
}
