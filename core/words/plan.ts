import type { Hindrance } from '../match/hindrance';
import type { Site } from '../model/garden';
import { isPlanted } from '../model/states';
import type { Obstacle } from '../plan/planner/obstacles';
import type { Ruled } from '../plan/planner/why-open';
import { changeWords } from './fit';
import { listed } from './lists';
import { hindranceWords } from './offers';
import type { Units } from './units';

/** The names that sentences about a plan use. */
export interface PlanNames {
  plant: (id: string) => string;
  site: (id: string) => string;
  target: (id: string) => string;
}

/** Where an obstacle is mended. */
export const OBSTACLE_PLACES: Record<Obstacle['kind'], 'place' | 'targets' | 'plan' | 'wishes'> = {
  'no-site': 'place',
  'no-target': 'targets',
  overfull: 'plan',
  'over-limit': 'wishes',
  'locked-refused': 'plan',
  'locked-unfit': 'plan',
  'over-budget': 'wishes',
  'wish-unfit': 'wishes',
};

/** What stands in the way of a plan, in a sentence that says what to change. */
export function obstacleSentence(obstacle: Obstacle, names: PlanNames, units: Units): string {
  switch (obstacle.kind) {
    case 'no-site':
      return 'There is no bed and no container to plant: add one, and a plan can be made for it.';
    case 'no-target':
      return 'No creature is chosen: choose whom the garden is for, and a plan can be made for them.';
    case 'overfull':
      return `What is kept in ${names.site(obstacle.site)} takes ${units.area(obstacle.over_m2)} more than there is: unlock or remove some of it, or correct its area.`;
    case 'over-limit':
      return `${obstacle.kept} ${names.plant(obstacle.plant)} are kept, but no more than ${obstacle.most} are wanted: raise that limit, or unlock some.`;
    case 'locked-refused':
      return `${names.plant(obstacle.plant)} is locked in ${names.site(obstacle.site)}, but may not be grown here: unlock it and remove it.`;
    case 'locked-unfit':
      return `${names.plant(obstacle.plant)} is locked in ${names.site(obstacle.site)}, where it does not fit and serves nobody: unlock it, or move it.`;
    case 'wish-unfit': {
      const what = obstacle.plant ? names.plant(obstacle.plant) : `a host of ${names.target(obstacle.host_of!)}`;
      return `You want ${what} in ${names.site(obstacle.site)}, where none can be planted: it does not suit the place, is too tall, or is kept out. Choose another bed, or leave it to the plan.`;
    }
    case 'over-budget': {
      const { bill, budget } = obstacle;
      return `What is planned and kept costs ${units.money(bill)}, more than the ${units.money(budget)} there is: raise the budget by ${units.money(bill - budget)}, or unlock some of it.`;
    }
  }
}

/** Sites by name, or all of a garden in two words: `South bank and The swale`, `every pot`. */
export function sitesWords(sites: readonly Site[], all: readonly Site[]): string {
  const planted = all.filter(isPlanted);
  if (sites.length < 2 || sites.length < planted.length) return listed(sites.map((site) => site.name));
  const kinds = new Set(sites.map((site) => site.kind));
  return kinds.size > 1 ? 'every bed and pot' : kinds.has('container') ? 'every pot' : 'every bed';
}

/** What rules one or several plants out on one or several sites, in a clause. */
export function ruledWords({ plants, sites, why }: Ruled & { why: Hindrance }, units: Units): string {
  const many = plants.length > 1;
  if (why.kind === 'windy' && many) return 'they climb, and the wind would have them down';
  if (why.kind !== 'no-room' || (!many && sites.length === 1)) return hindranceWords(why, units);
  const left = `${sites.length > 1 ? 'at most ' : ''}${units.area(why.left_m2)} is left`;
  if (!many) return `${why.count === 1 ? 'it wants' : `${why.count} take`} ${units.area(why.wanted_m2)}, ${left}`;
  return `no room for any of them: the first wants ${units.area(why.wanted_m2)}, ${left}`;
}

/** The smallest change that would let a plant in on a site, in a few words. */
export function admittingWords(why: Hindrance, units: Units): string {
  switch (why.kind) {
    case 'gate':
      return 'none: it stays out';
    case 'unrecorded':
      return 'find out that it is harmless here';
    case 'unfit':
      return why.reasons.map((reason) => changeWords(reason, units)).join('; and ');
    case 'too-many':
      return 'a richer plant';
    case 'no-room':
      return `${units.area(why.wanted_m2 - why.left_m2)} more ground`;
    case 'crowns':
      return 'another bed';
    case 'too-wide':
      return 'a larger bed, or a place in the lawn';
    case 'one-kind':
      return 'a larger bed';
    case 'pot-full':
      return why.upright ? 'take out the tall one' : 'take something out';
    case 'windy':
      return 'a place out of the wind';
    case 'danger':
      return 'keep them apart, and allow it';
    case 'exotic-milkweed':
      return 'allow it, and cut it to the ground each autumn';
    case 'none-wanted':
      return 'raise that limit';
    case 'too-tall':
      return `${units.length(why.height_cm - why.allowed_cm)} more height`;
  }
}

/** The same for one or several plants that are ruled out by the same. */
export const lettingInWords = ({ plants, why }: Pick<Ruled, 'plants'> & { why: Hindrance }, units: Units): string =>
  plants.length > 1 && why.kind === 'no-room' ? 'more ground, or a place made for one of them' : admittingWords(why, units);
