import type { TargetHere } from '../../model/here';
import { isWoody, type Feature, type SpecialNeed } from '../../model/vocabulary';
import { SETTINGS } from '../../settings';
import type { Need } from '../needs';
import type { Stand } from '../stands';
import type { Rule } from './rule';

/** What serves a special need: features of a bed, and plants, in the half-months in which they do. */
interface Special {
  features: readonly Feature[];
  /** Does a plant serve it in a half-month? */
  plant?: (stand: Stand, halfMonth: number) => boolean;
  /** Kinds of such plants that are wanted together; one where it is a single thing. */
  kinds?: number;
}

const isTallAndWoody = ({ here, site }: Stand) =>
  isWoody(here.plant) && here.plant.height_max_cm >= SETTINGS.special.coverCm && site.kind === 'bed';

/** The special needs. A new one is a line here, with its name in the vocabulary and its words. */
const SPECIALS: Record<SpecialNeed, Special> = {
  alkaloid: {
    features: [],
    plant: ({ here, bloom }, h) => here.plant.alkaloid && bloom.present[h]! >= SETTINGS.nectar.inBloomShare,
  },
  mud: { features: ['mud'] },
  fruit: { features: ['fruit'] },
  water: { features: ['water', 'mud'] },
  perch: { features: ['perch'], plant: isTallAndWoody },
  'nest-cover': { features: ['dense-cover'], plant: isTallAndWoody },
  // Enough native kinds feed the small insects that a hummingbird's young live on.
  insects: { features: [], plant: ({ here }) => here.status.native, kinds: SETTINGS.special.insectKinds },
};

/** Special: present or not. One unmet is thin, and open only where the adults cannot feed without it. */
export function specialRule(need: Need, target: TargetHere): Rule {
  const { features, plant, kinds = 1 } = SPECIALS[need.special!];
  const cannotFeed = need.special === 'fruit' && target.target.adult_food === 'sap-fruit';
  return {
    need,
    target,
    amount: 0,
    kinds,
    patch: false,
    whole: true,
    unmet: cannotFeed ? 0 : SETTINGS.coverage.thin,
    isWorth: () => true,
    autumn: false,
    limitedByGround: false,
    features: new Map(features.map((feature) => [feature, 1])),
    of(stand) {
      if (!plant) return null;
      const serving = need.halfMonths.filter((h) => plant(stand, h));
      if (serving.length === 0) return null;
      const when = new Set(serving);
      return {
        // One of many kinds is not by itself what serves it.
        each: (h) => (when.has(h) && kinds === 1 ? 1 : 0),
        kindFrom: (h) => (when.has(h) ? 1 : Infinity),
        patch: 0,
      };
    },
  };
}
