import { ADMISSIBLE } from '../../library/hosts';
import type { TargetHere } from '../../model/here';
import type { Host, Plant } from '../../model/reference';
import { HOST_LIGHTS } from '../../model/vocabulary';
import { SETTINGS } from '../../settings';
import type { Need } from '../needs';
import { lightOf, type Light, type Stand } from '../stands';
import { NO_FEATURES, type Rule } from './rule';

/** How readily a female lays in a light (0–1): 1 in the light she wants, half a step off, nothing two off. */
export function lightShare(wanted: Host['light'], light: Light): number {
  if (wanted === 'any') return 1;
  return SETTINGS.host.lightStep[Math.abs(HOST_LIGHTS.indexOf(wanted) - HOST_LIGHTS.indexOf(light))]!;
}

/** Edible leaf (g fresh) that one plant of a stand can spare and live, in full leaf. */
const spareLeaf = ({ here, vigour }: Pick<Stand, 'here' | 'vigour'>): number =>
  here.plant.leaf_g * vigour * SETTINGS.host.usableShare;

/** Larvae that a gram of leaf of a plant raises in a light; 0 for what is no host, and for a trap. */
export function larvaePerGram({ hosts, target }: TargetHere, plant: string, light: Light): number {
  const host = hosts.get(plant);
  if (!host || !target.larva_leaf_g) return 0;
  return (SETTINGS.host.rank[host.rank] * lightShare(host.light, light)) / target.larva_leaf_g;
}

/** Does a female lay on a plant in a light: a primary or accepted host where she goes? */
export function isLaidOn({ hosts }: TargetHere, plant: string, light: Light): boolean {
  const host = hosts.get(plant);
  return host !== undefined && ADMISSIBLE.has(host.rank) && lightShare(host.light, light) > 0;
}

const isShrubOrTree = (plant: Plant) => plant.kind === 'shrub' || plant.kind === 'tree';

/** The part of a findable patch that one plant is: a tree is one, a violet a sixth. */
export function patchShare(plant: Plant, patchPlants: number | null): number {
  const { patch, largeHerbCm, woodyPatchCm } = SETTINGS.host;
  if (patchPlants !== null && !isShrubOrTree(plant)) return 1 / patchPlants;
  if (isShrubOrTree(plant) && plant.height_max_cm >= woodyPatchCm) return 1 / patch.woody;
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
    features: NO_FEATURES,
    of(stand) {
      const { plant } = stand.here;
      const light = lightOf(stand.site);
      const larvae = spareLeaf(stand) * larvaePerGram(target, plant.id, light);
      const laidOn = isLaidOn(target, plant.id, light);
      if (larvae === 0 && !laidOn) return null;
      return {
        each: (h) => larvae * stand.foliageShares[h]!,
        kindFrom: (h) => (laidOn && larvae * stand.foliageShares[h]! > 0 ? 1 : Infinity),
        patch: laidOn ? patchShare(plant, target.target.patch_plants) : 0,
      };
    },
  };
}
