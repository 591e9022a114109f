import type { Contribution, NeedCoverage } from './types';

/** What each planting gives a need at its best half-month, those that give most first. */
export function giversOf(covered: NeedCoverage): Contribution[] {
  const best = new Map<string, number>();
  for (const cell of covered.cells)
    for (const { planting, amount } of cell.contributions) best.set(planting, Math.max(best.get(planting) ?? 0, amount));
  return [...best].map(([planting, amount]) => ({ planting, amount })).sort((a, b) => b.amount - a.amount);
}
