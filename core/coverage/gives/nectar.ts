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
    near: false,
    steady: false,
    saturates: true,
    features: NO_FEATURES,
    of({ here, site, vigour, flowers, bloom }) {
      const full = flowers ? flowersM2(here.plant, site, vigour) * nectarOfFlower(target.target, here.plant) : 0;
      if (full === 0) return null;
      const { amount, present } = bloom;
      const each = (h: number) => (amount[h] === 0 ? 0 : (full * amount[h]!) / sharing(h));
      const pale = nectarValue(target.target, here.plant) < kindValue;
      return {
        each,
        // A single stray flower is no kind, nor what hardly feeds anybody.
        kindFrom: (h) =>
          !pale && amount[h]! > 0 && present[h]! >= inBloomShare
            ? Math.max(1, Math.ceil((kindShare * need.demand) / each(h) - 1e-9))
            : Infinity,
        patch: 0,
        pale,
      };
    },
  };
}
