import { nectarOfPlant } from '../../match/nectar';
import type { TargetHere } from '../../model/here';
import { SETTINGS } from '../../settings';
import type { Need } from '../needs';
import { NO_FEATURES, type Rule } from './rule';

/**
 * Nectar: m² in bloom × value, by kinds in bloom at once. `sharing`: how many divide the flowers; guests share them
 * without using them up, but for hummingbirds.
 */
export function nectarRule(need: Need, target: TargetHere, sharing: number): Rule {
  const { inBloomShare, kindUnits } = SETTINGS.nectar;
  return {
    need,
    target,
    amount: need.demand,
    kinds: need.kinds,
    patch: false,
    whole: false,
    unmet: 0,
    isWorth: ({ bloomShares }, h) => bloomShares[h]! >= inBloomShare,
    autumn: false,
    limitedByGround: false,
    features: NO_FEATURES,
    of({ here, vigour, flowers, bloom }) {
      const full = flowers ? (vigour * nectarOfPlant(target.target, here.plant)) / sharing : 0;
      if (full === 0) return null;
      return {
        each: (h) => full * bloom.amount[h]!,
        // A single stray flower is no kind.
        kindFrom: (h) =>
          bloom.present[h]! >= inBloomShare && bloom.amount[h]! > 0
            ? Math.max(1, Math.ceil(kindUnits / (full * bloom.amount[h]!) - 1e-9))
            : Infinity,
        patch: 0,
      };
    },
  };
}
