import type { CoverageInput } from '../coverage/coverage';
import { giverOf, giversOf } from '../coverage/givers';
import type { Coverage, CoverageVerdict, NeedCoverage } from '../coverage/types';
import { halfMonthsInWords } from '../model/half-month';
import type { SpecialNeed, Stage } from '../model/vocabulary';
import { doubtWords, featureWords, needFigure, whereWords, needName, percent } from './needs';
import type { Units } from './units';

/** One need of one target as a row of the ledger. */
export interface LedgerRow {
  target: string;
  stage: Stage;
  special: SpecialNeed | null;
  creature: string;
  need: string;
  verdict: CoverageVerdict;
  /** How rough the verdict is, where leaf decides it; else empty. */
  doubt: string;
  /** Served at its weakest, in percent; the figure behind it; when it is needed and when it is short; and who serves it. */
  served: string;
  figure: string;
  when: string;
  short: string;
  by: string;
  /** The few that give most, and how many more there are. */
  mostly: string;
  ratio: number;
  firstNeeded: number;
  firstShort: number;
}

export const LEDGER_COLUMNS = [
  { key: 'creature', name: 'Species' },
  { key: 'need', name: 'Need' },
  { key: 'verdict', name: 'Verdict' },
  { key: 'served', name: 'Served' },
  { key: 'figure', name: 'At its weakest' },
  { key: 'when', name: 'When needed' },
  { key: 'short', name: 'Short in' },
  { key: 'by', name: 'Served by' },
] as const;
export type LedgerColumn = (typeof LEDGER_COLUMNS)[number]['key'];

const FEW = 3;

/** The plantings that serve a need, those that give most first, and what else does: `6 Swamp milkweed in The swale`. */
function servedBy(covered: NeedCoverage, input: CoverageInput, siteName: (id: string) => string): string[] {
  const plants = giversOf(covered).flatMap(({ planting }) => {
    const giver = giverOf(input, planting);
    const here = giver && input.almanac.plants.get(giver.plant);
    return here ? [`${giver.count} ${here.plant.common} ${whereWords(giver, siteName)}`] : [];
  });
  return [...plants, ...covered.features.map((row) => featureWords(row, siteName))];
}

/** The ledger of a garden: every need of every target, in the order of the targets, in words. */
export function ledgerRows(input: CoverageInput, covered: Coverage, siteName: (id: string) => string, units: Units): LedgerRow[] {
  return covered.targets.flatMap(({ target, needs }) => {
    const here = input.almanac.targets.get(target)!;
    return needs.map((row): LedgerRow => {
      const by = servedBy(row, input, siteName);
      const weakest = row.cells.reduce((a, b) => (b.ratio < a.ratio ? b : a));
      return {
        target,
        stage: row.need.stage,
        special: row.need.special,
        creature: here.target.common,
        need: needName(row.need, here),
        verdict: row.verdict,
        doubt: doubtWords(row),
        served: percent(row.ratio),
        figure: needFigure(here, row, weakest, units),
        when: halfMonthsInWords(row.need.halfMonths),
        short: row.verdict === 'closed' ? '' : halfMonthsInWords(row.gaps),
        by: by.join('; '),
        mostly: by.length > FEW + 1 ? `${by.slice(0, FEW).join('; ')}; and ${by.length - FEW} more` : by.join('; '),
        ratio: row.ratio,
        firstNeeded: row.need.halfMonths[0]!,
        firstShort: row.gaps[0] ?? Infinity,
      };
    });
  });
}

const ORDER: Record<CoverageVerdict, number> = { open: 0, thin: 1, closed: 2 };
const byName = new Intl.Collator('en');

/** Rows of the ledger by a column: figures by size, half-months by the year, words by the alphabet; ties stay as they were. */
export function sortedLedger(rows: readonly LedgerRow[], column: LedgerColumn, downwards: boolean): LedgerRow[] {
  const compare = (a: LedgerRow, b: LedgerRow): number => {
    if (column === 'verdict') return ORDER[a.verdict] - ORDER[b.verdict] || a.ratio - b.ratio;
    if (column === 'served' || column === 'figure') return a.ratio - b.ratio;
    if (column === 'when') return a.firstNeeded - b.firstNeeded;
    // Infinity from Infinity is no number: what is never short is equal among itself.
    if (column === 'short') return a.firstShort === b.firstShort ? 0 : a.firstShort - b.firstShort;
    return byName.compare(a[column], b[column]);
  };
  return [...rows].sort((a, b) => (downwards ? compare(b, a) : compare(a, b)));
}
