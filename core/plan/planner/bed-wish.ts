import { feeds } from '../../library/hosts';
import type { PlantChoice } from './choices';
import type { PlanQuestion } from './question';

type BedWish = PlanQuestion['wishes']['here'][number];

/** Does a choice answer a wish for a plant, or for a host of a creature, in a bed? */
export const answers = (question: PlanQuestion, { here, site }: PlantChoice, wish: BedWish): boolean =>
  wish.site === site.id && isWanted(question, wish, here.plant.id);

/** Is a plant the one that is wanted, or a host of the creature whose host is? */
export function isWanted({ almanac }: PlanQuestion, { plant, host_of }: BedWish, id: string): boolean {
  return plant === null ? feeds(almanac.targets.get(host_of!)?.hosts, id) : plant === id;
}
