import { nectarOfFlower, nectarValue } from '../../match/nectar';
import { flowersM2 } from '../../match/quantities';
import type { TargetHere } from '../../model/here';
import { SETTINGS } from '../../settings';
import type { Need } from '../needs';
import { NO_FEATURES, type Rule } from './rule';

/**
 * Nectar: m² in bloom × value, by kinds in bloom at once. `sharing`: how many divide the flowers, by half-month; guests share
 * them without using them up, but for hummingbirds. More of one kind than is wanted of all serves nobody the better.
 */
export function nectarRule(need: Need, target: TargetHere, sharing: (halfMonth: number) => number): Rule {
  const { inBloomShare, kindShare, kindValue } = SETTINGS.nectar;
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
    limitedByGround: true,
    saturates: true,
    features: NO_FEATURES,
    of({ here, site, vigour, flowers, bloom }) {
      const full = flowers ? flowersM2(here.plant, site, vigour) * nectarOfFlower(target.target, here.plant) : 0;
      if (full === 0) return null;
      const each = (h: number) => (full * bloom.amount[h]!) / sharing(h);
      const carries = nectarValue(target.target, here.plant) >= kindValue;
      return {
        each,
        // A single stray flower is no kind.
        kindFrom: (h) =>
          carries && bloom.present[h]! >= inBloomShare && bloom.amount[h]! > 0
            ? Math.max(1, Math.ceil((kindShare * need.demand) / each(h) - 1e-9))
            : Infinity,
        patch: 0,
      };
    },
  };
}
