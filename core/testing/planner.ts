import { FRESH_WISHES } from '../model/fresh-wishes';
import type { PlanWishes } from '../model/wishes';
import type { PlanQuestion } from '../plan/planner/question';
import { gardenOf, host, plant, target, type World } from './worked-garden';

/** A plan asked for in a worked world, on one bed of 40 m² unless `over` says otherwise. */
export function ask(world: World, wishes: Partial<PlanWishes> = {}, over: Partial<PlanQuestion> = {}): PlanQuestion {
  const { almanac, garden, sites, targets, plantings } = gardenOf(world, []);
  return {
    almanac,
    garden,
    sites,
    targets,
    plantings,
    wishes: { ...FRESH_WISHES, ...wishes },
    prices: {},
    sizes: {},
    raises: false,
    losses: {},
    ...over,
  };
}

/** A host of 100 g leaf without flowers, and three flowers of May; 0.25 m² a plant, 5.00 each. */
export const HOST = plant('host', { leaf_g: 100, bloom_first: null, bloom_last: null, nectar_butterfly: 0 });
export const MAYFLOWERS = ['white', 'blue', 'red'].map((id) => plant(id, { bloom_first: 8, bloom_last: 9, leaf_g: 0 }));

/**
 * One butterfly of May that winters in litter. To close it wants six of the host (a patch of small herbs; two would
 * feed ten larvae) and two kinds of flower.
 */
export const ONE: World = { plants: [HOST, ...MAYFLOWERS], targets: [target('brown')], hosts: [host('brown', 'host')] };
