import { HALF_MONTHS } from '../model/half-month';
import type { Rule } from './gives/rule';
import type { Stand } from './stands';

/**
 * Shares the leaf of every stand among the larvae that feed on it. Returns, for each rule (of host needs) and stand, the
 * larvae fed in each half-month.
 *
 * In each half-month the stands with fewest kinds of larvae on them are allotted first, each in proportion to what its
 * eaters still lack, so that a caterpillar with one host is not robbed by one with a choice. What is left over is then
 * shared out the same way, so that plenty shows as plenty.
 */
export function allotLeaf(rules: readonly Rule[], stands: readonly Stand[]): Float64Array[][] {
  const allotted = rules.map(() => stands.map(() => new Float64Array(HALF_MONTHS)));
  const givings = rules.map((rule) => stands.map((stand) => rule.of(stand)));
  const feedsIn = rules.map(({ need }) => new Set(need.halfMonths));

  for (let h = 0; h < HALF_MONTHS; h++) {
    const feeding = rules.map((_, t) => t).filter((t) => feedsIn[t]!.has(h));
    if (feeding.length === 0) continue;
    const lacking = rules.map(({ need }) => need.demand);
    // Larvae of each target that a stand would raise, did it have the stand to itself.
    const alone = rules.map((_, t) => stands.map((stand, s) => stand.count * (givings[t]![s]?.each(h) ?? 0)));
    const shared = stands
      .map((_, s) => ({ s, users: feeding.filter((t) => alone[t]![s]! > 0) }))
      .filter(({ users }) => users.length > 0)
      .sort((a, b) => a.users.length - b.users.length);
    const spare = shared.map(({ s, users }) => {
      // Share of this stand each user would need for all it still lacks.
      const wants = users.map((t) => lacking[t]! / alone[t]![s]!);
      const wanted = wants.reduce((sum, want) => sum + want, 0);
      const scale = wanted > 1 ? 1 / wanted : 1;
      users.forEach((t, i) => {
        const fed = wants[i]! * scale * alone[t]![s]!;
        allotted[t]![s]![h]! += fed;
        lacking[t] = Math.max(0, lacking[t]! - fed);
      });
      return 1 - Math.min(1, wanted);
    });
    shared.forEach(({ s, users }, i) => {
      for (const t of users) allotted[t]![s]![h]! += (spare[i]! / users.length) * alone[t]![s]!;
    });
  }
  return allotted;
}
