import type { CoverageVerdict, NeedCoverage, TargetCoverage } from '../coverage/types';
import type { CoverageCell } from '../coverage/types';
import { HALF_MONTHS } from '../model/half-month';
import type { Stage } from '../model/vocabulary';

/** A stretch of half-months in which a strand stays in one state; it never runs over the new year. */
export interface Reach {
  first: number;
  last: number;
  verdict: CoverageVerdict;
  cells: CoverageCell[];
}

export interface Strand {
  stage: Stage;
  need: NeedCoverage;
  reaches: Reach[];
}

export interface Channel {
  target: string;
  closes: boolean;
  verdict: CoverageVerdict;
  strands: Strand[];
}

/** The reaches of one need, in the order of the year. */
export function reachesOf(covered: NeedCoverage): Reach[] {
  const byHalfMonth = new Map(covered.cells.map((cell) => [cell.halfMonth, cell]));
  const reaches: Reach[] = [];
  for (let h = 0; h < HALF_MONTHS; h++) {
    const cell = byHalfMonth.get(h);
    if (!cell) continue;
    const open = reaches.at(-1);
    if (open && open.last === h - 1 && open.verdict === cell.verdict) {
      open.last = h;
      open.cells.push(cell);
    } else reaches.push({ first: h, last: h, verdict: cell.verdict, cells: [cell] });
  }
  return reaches;
}

/**
 * The braid of a garden: a channel for each target, a strand for each need, and each strand's reaches. Nothing is
 * computed here that coverage has not said; this only orders it in the year.
 */
export function braid(targets: readonly TargetCoverage[]): Channel[] {
  return targets.map(({ target, verdict, needs }) => ({
    target,
    verdict,
    closes: verdict === 'closed',
    strands: needs.map((need) => ({ stage: need.need.stage, need, reaches: reachesOf(need) })),
  }));
}
