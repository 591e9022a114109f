import type { TargetHere } from '../almanac/almanac';
import { HALF_MONTHS } from '../model/half-month';
import type { Need } from '../needs/needs';
import { larvaeFed, type Stand } from './supply';

/**
 * Shares the leaf of every stand among the larvae that feed on it. Returns, for each target and stand, the
 * larvae fed in each half-month.
 *
 * In each half-month the stands with fewest kinds of larvae on them are allotted first, each in proportion to
 * what its eaters still lack, so that a caterpillar with one host is not robbed by one with a choice. What is
 * left over is then shared out the same way, so that plenty shows as plenty.
 */
export function allotLeaf(
  eaters: readonly { here: TargetHere; need: Need | undefined }[],
  stands: readonly Stand[],
): Float64Array[][] {
  const allotted = eaters.map(() => stands.map(() => new Float64Array(HALF_MONTHS)));
  // Larvae of each target that a whole stand would raise in full leaf, did it have the stand to itself.
  const alone = eaters.map(({ here, need }) => stands.map((stand) => (need ? larvaeFed(here, stand) : 0)));
  const feedsIn = eaters.map(({ need }) => new Set(need?.halfMonths));

  for (let h = 0; h < HALF_MONTHS; h++) {
    const feeding = eaters.map((_, t) => t).filter((t) => feedsIn[t]!.has(h));
    if (feeding.length === 0) continue;
    const lacking = eaters.map(({ need }) => need?.demand ?? 0);
    const shared = stands
      .map((stand, s) => ({
        s,
        leaf: stand.foliageShares[h]!,
        users: feeding.filter((t) => alone[t]![s]! > 0),
      }))
      .filter(({ leaf, users }) => leaf > 0 && users.length > 0)
      .sort((a, b) => a.users.length - b.users.length);
    const spare = shared.map(({ s, leaf, users }) => {
      // Share of this stand each user would need for all it still lacks.
      const wants = users.map((t) => lacking[t]! / (alone[t]![s]! * leaf));
      const wanted = wants.reduce((sum, want) => sum + want, 0);
      const scale = wanted > 1 ? 1 / wanted : 1;
      users.forEach((t, i) => {
        const fed = wants[i]! * scale * alone[t]![s]! * leaf;
        allotted[t]![s]![h]! += fed;
        lacking[t] = Math.max(0, lacking[t]! - fed);
      });
      return 1 - Math.min(1, wanted);
    });
    shared.forEach(({ s, leaf, users }, i) => {
      for (const t of users) allotted[t]![s]![h]! += (spare[i]! / users.length) * alone[t]![s]! * leaf;
    });
  }
  return allotted;
}
