import { crownM2, groundM2 } from '../../match/quantities';
import type { PlantHere, TargetHere } from '../../model/here';
import { isWoody, type AutumnSchool, type Feature } from '../../model/vocabulary';
import { SETTINGS } from '../../settings';
import type { Need } from '../needs';
import { NO_FEATURES, type Rule } from './rule';

type Place = TargetHere['wintering']['in'];

/** The feature of a bed that shelters each sort of wintering place. */
const SHELTERING: Partial<Record<Place, Feature>> = { bark: 'logs', soil: 'bare-soil', cover: 'dense-cover' };

/** Places that lie under, or are, the whole crown of a shrub or tree; stems and bark are about its foot. */
const UNDER_CROWNS: ReadonlySet<Place> = new Set(['litter', 'cover', 'host']);

/** Share (0–1) of the open ground under a plant that shelters a target through winter, after the autumn's work. */
function shelterShare(target: TargetHere, { plant, foliageShares }: PlantHere, autumn: AutumnSchool): number {
  const left = SETTINGS.shelter.autumn[autumn];
  const annual = plant.kind === 'annual';
  switch (target.wintering.in) {
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
 * Shelter: square metres of the place a target winters in, after the autumn's work, alike in every half-month. Leaf litter
 * lies under plants in open ground, as far as the crown of a shrub or tree reaches; stems are those of tall herbs; bark is shrubs, trees and logs; pots freeze through and
 * shelter nobody. It is the ground itself: a bed gives no more of it than it has.
 */
export function shelterRule(need: Need, target: TargetHere, autumn: AutumnSchool): Rule {
  const feature = SHELTERING[target.wintering.in];
  return {
    need,
    target,
    amount: need.demand,
    kinds: 0,
    patch: false,
    whole: false,
    unmet: 0,
    isWorth: () => true,
    autumn: true,
    limitedByGround: true,
    // Wintering adults fly there; the young cannot go far.
    near: target.wintering.as !== 'adult',
    steady: true,
    saturates: false,
    features: feature ? new Map([[feature, SETTINGS.shelter.featureArea]]) : NO_FEATURES,
    of({ here, site, vigour }) {
      const { plant } = here;
      if (site.kind === 'container') return null;
      const isTall = plant.kind === 'shrub' || plant.kind === 'tree';
      // A lawn is mown and raked: only what stands over it shelters anybody.
      if (site.ground === 'lawn' && !isTall) return null;
      const under = isTall && UNDER_CROWNS.has(target.wintering.in) ? crownM2(plant) : groundM2(plant, 1, site);
      const area = under * Math.min(1, vigour) * shelterShare(target, here, autumn);
      return area === 0 ? null : { each: () => area, kindFrom: () => Infinity, patch: 0 };
    },
  };
}
