import { ADMISSIBLE, eatsOf } from '../../library/hosts';
import type { TargetHere } from '../../model/here';
import type { Host, Plant } from '../../model/reference';
import { SETTINGS } from '../../settings';
import type { Need } from '../needs';
import type { Stand } from '../stands';
import { broodByHalfMonth, eatingOf, leafStock, type Eaten } from './leaf-stock';
import { NO_FEATURES, type Giving, type Rule } from './rule';

/** Anything whose light a female looks at. */
export type Lit = Pick<Stand['site'], 'sun_h'>;

/**
 * How readily a female lays on a site (0–1): wholly in the light she wants, less with every hour that it differs, along
 * SETTINGS.host.light.
 */
export function lightShare(wanted: Host['light'], { sun_h }: Lit): number {
  if (wanted === 'any') return 1;
  const points = SETTINGS.host.light[wanted];
  const next = points.findIndex(([hours]) => hours >= sun_h);
  if (next === 0) return points[0]![1];
  if (next === -1) return points.at(-1)![1];
  const [[from, low], [to, high]] = [points[next - 1]!, points[next]!];
  return low + ((high - low) * (sun_h - from)) / (to - from);
}

/** Larvae that a gram of leaf of a plant raises on a site; 0 for what is no host, and for a trap. */
function larvaePerGram({ hosts, target }: TargetHere, plant: string, site: Lit): number {
  const host = hosts.get(plant);
  if (!host || !target.larva_leaf_g) return 0;
  return (SETTINGS.host.rank[host.rank] * lightShare(host.light, site)) / target.larva_leaf_g;
}

/** Does a female lay on a plant on a site: a primary or accepted host where she goes? */
export function isLaidOn({ hosts }: TargetHere, plant: string, site: Lit): boolean {
  const host = hosts.get(plant);
  return host !== undefined && ADMISSIBLE.has(host.rank) && lightShare(host.light, site) >= SETTINGS.host.laidOnFrom;
}

const isShrubOrTree = (plant: Plant) => plant.kind === 'shrub' || plant.kind === 'tree';

/**
 * The part of a findable patch that one plant is: a tree is one, a violet a sixth. `grown`: its size beside a grown one; a
 * whip of a cherry is no patch before it stands as high as a shrub.
 */
export function patchShare(plant: Plant, patchPlants: number | null, grown = 1): number {
  const { patch, largeHerbCm, woodyPatchCm } = SETTINGS.host;
  if (patchPlants !== null && !isShrubOrTree(plant)) return 1 / patchPlants;
  if (isShrubOrTree(plant) && plant.height_max_cm >= woodyPatchCm)
    return Math.min(1, (plant.height_max_cm * grown) / woodyPatchCm) / patch.woody;
  if (plant.kind === 'vine') return 1 / patch.vine;
  return 1 / (plant.height_max_cm >= largeHerbCm ? patch.largeHerb : patch.smallHerb);
}

/** How the broods of a target eat one plant of a stand; null where it is no host of theirs. */
function eatenBy(target: TargetHere, stand: Stand): Eaten | null {
  const perGram = larvaePerGram(target, stand.here.plant.id, stand.site);
  if (perGram === 0 || target.larval.length === 0) return null;
  const stock = leafStock(stand, eatsOf(target.target, target.hosts.get(stand.here.plant.id)));
  const appetite_g = 1 / perGram;
  return { stock, appetite_g, broods: target.larval.map((period) => eatingOf(period, stock, appetite_g)) };
}

/** Larvae of each brood that one plant raises, if nobody else eats of it and every brood of the target so far was as large. */
export function raisedAlone({ stock, broods }: Eaten): number[] {
  return broods.map(({ halfMonths }) => {
    let most = 0;
    for (const h of halfMonths)
      if (stock.spare[h]! > 0) most = Math.max(most, broods.reduce((sum, { missing }) => sum + missing[h]!, 0) / stock.spare[h]!);
    return most === 0 ? 0 : 1 / most;
  });
}

/**
 * Host: larvae raised on leaf, by kinds of host that are laid on, in a patch large enough to be found. A half-month has what
 * the brood then feeding finds, after what those before it have eaten and what grew back.
 */
export function hostRule(need: Need, target: TargetHere): Rule {
  const brood = broodByHalfMonth(target.larval);
  const givings = new WeakMap<Stand, Giving | null>();
  const eatings = new WeakMap<Stand, Eaten | null>();
  const eats = (stand: Stand): Eaten | null => {
    let known = eatings.get(stand);
    if (known === undefined) eatings.set(stand, (known = eatenBy(target, stand)));
    return known;
  };
  const givingOf = (stand: Stand): Giving | null => {
    const { plant } = stand.here;
    const laidOn = isLaidOn(target, plant.id, stand.site);
    const eaten = eats(stand);
    if (!eaten && !laidOn) return null;
    const raised = eaten ? raisedAlone(eaten) : [];
    const each = (h: number) => (eaten && brood[h]! >= 0 ? raised[brood[h]!]! * eaten.stock.there[h]! : 0);
    return {
      each,
      kindFrom: (h) => (laidOn && each(h) > 0 ? 1 : Infinity),
      patch: laidOn ? patchShare(plant, target.target.patch_plants, stand.grown) : 0,
    };
  };
  return {
    need,
    target,
    amount: need.demand,
    kinds: need.kinds,
    patch: true,
    whole: false,
    unmet: 0,
    isWorth: ({ plant, foliageShares, bloomShares }, h) =>
      (eatsOf(target.target, target.hosts.get(plant.id)) === 'buds' ? bloomShares : foliageShares)[h]! >=
      SETTINGS.host.worthShare,
    autumn: false,
    limitedByGround: false,
    near: false,
    steady: false,
    saturates: false,
    features: NO_FEATURES,
    eats,
    of(stand) {
      let known = givings.get(stand);
      if (known === undefined) givings.set(stand, (known = givingOf(stand)));
      return known;
    },
  };
}
