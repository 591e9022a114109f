import type { CoverageVerdict, TargetCoverage } from '../coverage/types';
import { HALF_MONTHS } from '../model/half-month';

/** One target in small: how it is served in each half-month, all its needs together; null where it needs nothing then. */
export interface SmallChannel {
  target: string;
  closes: boolean;
  cells: (CoverageVerdict | null)[];
}

const WORSE: readonly CoverageVerdict[] = ['closed', 'thin', 'open'];

/** The braid of a garden in small, as a list of gardens shows it: of several needs in a half-month the worst counts. */
export function smallBraid(targets: readonly TargetCoverage[]): SmallChannel[] {
  return targets.map(({ target, verdict, needs }) => {
    const cells: SmallChannel['cells'] = Array.from({ length: HALF_MONTHS }, () => null);
    for (const need of needs)
      for (const cell of need.cells) {
        const there = cells[cell.halfMonth] ?? null;
        if (there === null || WORSE.indexOf(cell.verdict) > WORSE.indexOf(there)) cells[cell.halfMonth] = cell.verdict;
      }
    return { target, closes: verdict === 'closed', cells };
  });
}
