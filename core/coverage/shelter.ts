import type { PlantHere, TargetHere } from '../almanac/almanac';
import { isWoody, type AutumnSchool, type Feature } from '../model/vocabulary';
import type { Site } from '../model/garden';
import { groundM2 } from '../quantities/quantities';
import { SETTINGS } from '../settings';
import type { Stand } from './supply';
import type { Contribution } from './types';

export interface ShelterSupply {
  area: number;
  contributions: Contribution[];
  features: string[];
}

export const FEATURE_NAMES: Record<Feature, string> = {
  logs: 'a pile of logs and bark',
  'bare-soil': 'bare undisturbed soil',
  mud: 'a damp mud patch',
  fruit: 'a dish of ripe fruit',
  water: 'moving water',
  perch: 'a bare twig to perch on',
  'dense-cover': 'dense evergreen cover',
};

/** Features of a bed that shelter each sort of wintering place. */
export const SHELTERING: Partial<Record<string, Feature>> = { bark: 'logs', soil: 'bare-soil', cover: 'dense-cover' };

/** Share (0–1) of the open ground under a plant that shelters a target through winter, after the autumn's work. */
export function shelterShare(target: TargetHere, { plant, foliageShares }: PlantHere, autumn: AutumnSchool): number {
  const left = SETTINGS.shelter.autumn[autumn];
  const annual = plant.kind === 'annual';
  switch (target.target.overwinters_in) {
    case 'litter':
      return annual ? 0 : left.litter;
    case 'soil':
      return annual ? 0 : left.soil;
    case 'stems':
      return isWoody(plant) ? 1 : plant.height_max_cm >= SETTINGS.shelter.stemCm ? left.stems : 0;
    case 'bark':
      return isWoody(plant) ? 1 : 0;
    case 'cover':
      return isWoody(plant) && foliageShares[0] === 1 ? 1 : 0;
    case 'host': {
      const host = target.hosts.get(plant.id);
      return !host || host.rank === 'trap' ? 0 : isWoody(plant) ? 1 : left.herbHost;
    }
    default:
      return 0;
  }
}

/**
 * Square metres of the place a target winters in, after the autumn's work. Leaf litter lies under plants that
 * stand in open ground; stems are those of tall herbs; bark is shrubs, trees and logs; pots freeze through and
 * shelter nobody.
 */
export function shelterSupply(
  target: TargetHere,
  stands: readonly Stand[],
  sites: readonly Site[],
  autumn: AutumnSchool,
): ShelterSupply {
  const place = target.target.overwinters_in;
  const supply: ShelterSupply = { area: 0, contributions: [], features: [] };
  const bedArea = new Map<string, number>();
  for (const stand of stands) {
    const { plant } = stand.here;
    if (stand.site.kind === 'container') continue;
    const share = shelterShare(target, stand.here, autumn);
    if (share === 0) continue;
    // Litter and soil are the ground itself: no more of them than the bed has.
    const ground = groundM2(plant, stand.count, stand.site) * Math.min(1, stand.vigour);
    const used = bedArea.get(stand.site.id) ?? 0;
    const area = Math.min(ground, Math.max(0, stand.site.area_m2 - used)) * share;
    bedArea.set(stand.site.id, used + ground);
    if (area > 0) {
      supply.area += area;
      supply.contributions.push({ planting: stand.id, amount: area });
    }
  }
  const feature = SHELTERING[place];
  if (feature)
    for (const site of sites)
      if (site.features.includes(feature)) {
        supply.area += SETTINGS.shelter.featureArea;
        supply.features.push(`${FEATURE_NAMES[feature]} in ${site.name}`);
      }
  return supply;
}
