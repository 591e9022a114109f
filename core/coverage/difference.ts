import type { Need } from './needs';
import type { Coverage } from './types';

/** What a change to a garden opens or closes: needs whose verdict gets worse or better, and life cycles. */
export interface Difference {
  worse: { target: string; need: Need; before: string; after: string; gaps: number[] }[];
  better: { target: string; need: Need; before: string; after: string; gaps: number[] }[];
  /** Targets whose life cycle no longer closes, and that close now. */
  opened: string[];
  closed: string[];
}

const RANK = { open: 0, thin: 1, closed: 2 };

/** Compares two coverages of the same targets. */
export function differenceOf(before: Coverage, after: Coverage): Difference {
  const found: Difference = { worse: [], better: [], opened: [], closed: [] };
  for (const was of before.targets) {
    const is = after.targets.find((row) => row.target === was.target);
    if (!is) continue;
    if (was.verdict === 'closed' && is.verdict !== 'closed') found.opened.push(was.target);
    if (was.verdict !== 'closed' && is.verdict === 'closed') found.closed.push(was.target);
    for (const needWas of was.needs) {
      const needIs = is.needs.find((row) => row.need.stage === needWas.need.stage && row.need.special === needWas.need.special);
      if (!needIs) continue;
      const change = RANK[needIs.verdict] - RANK[needWas.verdict] || needWas.gaps.length - needIs.gaps.length;
      if (change === 0) continue;
      const row = { target: was.target, need: needWas.need, before: needWas.verdict, after: needIs.verdict, gaps: needIs.gaps };
      (change < 0 ? found.worse : found.better).push(row);
    }
  }
  return found;
}
