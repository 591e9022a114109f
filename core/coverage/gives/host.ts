import { ADMISSIBLE } from '../../library/hosts';
import type { TargetHere } from '../../model/here';
import type { Host, Plant } from '../../model/reference';
import { SETTINGS } from '../../settings';
import type { Need } from '../needs';
import type { Stand } from '../stands';
import { NO_FEATURES, type Rule } from './rule';

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

/** Edible leaf (g fresh) that one plant of a stand can spare and live, in full leaf. */
const spareLeaf = ({ here, vigour }: Pick<Stand, 'here' | 'vigour'>): number =>
  here.plant.leaf_g * vigour * SETTINGS.host.usableShare;

/** Larvae that a gram of leaf of a plant raises on a site; 0 for what is no host, and for a trap. */
export function larvaePerGram({ hosts, target }: TargetHere, plant: string, site: Lit): number {
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

/** Host: larvae raised on leaf, by kinds of host that are laid on, in a patch large enough to be found. */
export function hostRule(need: Need, target: TargetHere): Rule {
  return {
    need,
    target,
    amount: need.demand,
    kinds: need.kinds,
    patch: true,
    whole: false,
    unmet: 0,
    isWorth: ({ foliageShares }, h) => foliageShares[h]! >= 0.5,
    autumn: false,
    limitedByGround: false,
    saturates: false,
    features: NO_FEATURES,
    of(stand) {
      const { plant } = stand.here;
      const larvae = spareLeaf(stand) * larvaePerGram(target, plant.id, stand.site);
      const laidOn = isLaidOn(target, plant.id, stand.site);
      if (larvae === 0 && !laidOn) return null;
      return {
        each: (h) => larvae * stand.foliageShares[h]!,
        kindFrom: (h) => (laidOn && larvae * stand.foliageShares[h]! > 0 ? 1 : Infinity),
        patch: laidOn ? patchShare(plant, target.target.patch_plants, stand.grown) : 0,
      };
    },
  };
}
