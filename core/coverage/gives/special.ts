import type { TargetHere } from '../../model/here';
import type { Feature, SpecialNeed } from '../../model/vocabulary';
import { insectLeaf } from '../../match/insect-leaf';
import { SETTINGS } from '../../settings';
import type { Need } from '../needs';
import type { Stand } from '../stands';
import type { Rule } from './rule';

/** What serves a special need: features of a bed, and plants, in the half-months in which they do. */
interface Special {
  features: readonly Feature[];
  /** Does a plant serve it in a half-month? */
  plant?: (stand: Stand, halfMonth: number) => boolean;
  /** Where it is not a single thing: how much is wanted, and what one plant gives of it in a half-month. */
  amount?: { wanted: number; each: (stand: Stand, halfMonth: number) => number };
}

/** Does a shrub or tree of the open ground stand so high by now? */
const standsAbove =
  (cm: number) =>
  ({ here: { plant }, grown, site }: Stand) =>
    site.kind === 'bed' && (plant.kind === 'shrub' || plant.kind === 'tree') && plant.height_max_cm * grown >= cm;

/** The special needs. A new one is a line here, with its name in the vocabulary and its words. */
const SPECIALS: Record<SpecialNeed, Special> = {
  alkaloid: {
    features: [],
    plant: ({ here, bloom }, h) => here.plant.alkaloid && bloom.present[h]! >= SETTINGS.nectar.inBloomShare,
  },
  mud: { features: ['mud'] },
  fruit: { features: ['fruit'] },
  water: { features: ['water', 'mud'] },
  perch: { features: ['perch'], plant: standsAbove(SETTINGS.special.perchCm) },
  'nest-cover': { features: ['dense-cover'], plant: standsAbove(SETTINGS.special.nestCm) },
  // A hummingbird's young live on the small insects that native leaf feeds.
  insects: {
    features: [],
    amount: {
      wanted: SETTINGS.special.insectLeaf_g,
      each: ({ here, vigour, foliageShares }, h) => insectLeaf(here.plant, here.status.native) * vigour * foliageShares[h]!,
    },
  },
};

/** Special: present or not, or so much of it. One unmet is thin, and open only where the adults cannot feed without it. */
export function specialRule(need: Need, target: TargetHere): Rule {
  const { features, plant, amount } = SPECIALS[need.special!];
  const cannotFeed = need.special === 'fruit' && target.target.adult_food === 'sap-fruit';
  return {
    need,
    target,
    amount: amount?.wanted ?? 0,
    kinds: amount ? 0 : 1,
    patch: false,
    whole: !amount,
    unmet: cannotFeed ? 0 : SETTINGS.coverage.thin,
    isWorth: () => true,
    autumn: false,
    limitedByGround: false,
    near: false,
    steady: false,
    saturates: false,
    features: new Map(features.map((feature) => [feature, 1])),
    of(stand) {
      const serves = (h: number) => (amount ? amount.each(stand, h) : Number(plant?.(stand, h) ?? false));
      if (!need.halfMonths.some((h) => serves(h) > 0)) return null;
      return { each: serves, kindFrom: (h) => (!amount && serves(h) > 0 ? 1 : Infinity), patch: 0 };
    },
  };
}
