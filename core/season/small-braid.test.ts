import { describe, expect, it } from 'vitest';
import type { CoverageVerdict, NeedCoverage, TargetCoverage } from '../coverage/types';
import { smallBraid } from './small-braid';

const need = (verdicts: [number, CoverageVerdict][]) =>
  ({ cells: verdicts.map(([halfMonth, verdict]) => ({ halfMonth, verdict })) }) as NeedCoverage;
const row = (verdict: CoverageVerdict, ...needs: NeedCoverage[]) => ({ target: 'x', verdict, ratio: 1, needs }) as TargetCoverage;

describe('a braid in small', () => {
  it('shows of several needs in a half-month the worst, and nothing where nothing is needed', () => {
    const [channel] = smallBraid([
      row(
        'open',
        need([
          [8, 'closed'],
          [9, 'thin'],
        ]),
        need([
          [9, 'open'],
          [10, 'closed'],
        ]),
        need([[8, 'thin']]),
      ),
    ]);
    expect(channel!.closes).toBe(false);
    expect(channel!.cells).toHaveLength(24);
    expect(channel!.cells.slice(7, 12)).toEqual([null, 'thin', 'open', 'closed', null]);
  });
  it('closes where the whole life cycle does', () => {
    expect(smallBraid([row('closed', need([[3, 'closed']]))])[0]!.closes).toBe(true);
    expect(smallBraid([])).toEqual([]);
  });
});
