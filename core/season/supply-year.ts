import type { Coverage, CoverageCell, NeedCoverage } from '../coverage/types';
import { HALF_MONTHS } from '../model/half-month';

/** The supply of a need through the year, split into what it comes from. */
export interface SupplyYear {
  /** The cell of each half-month; null where the need is not there. */
  cells: (CoverageCell | null)[];
  /** What each source gives in each half-month, in the need's unit; the largest source first. Together they are the supply. */
  bands: { of: string; amounts: number[] }[];
}

/** A need through the year, its supply split by `sourceOf` a planting: a flower form, a site, a plant. */
export function supplyYear(covered: NeedCoverage, sourceOf: (planting: string) => string): SupplyYear {
  const cells = new Array<CoverageCell | null>(HALF_MONTHS).fill(null);
  const bands = new Map<string, number[]>();
  for (const cell of covered.cells) {
    cells[cell.halfMonth] = cell;
    for (const { planting, amount } of cell.contributions) {
      const of = sourceOf(planting);
      const amounts = bands.get(of) ?? new Array<number>(HALF_MONTHS).fill(0);
      amounts[cell.halfMonth]! += amount;
      bands.set(of, amounts);
    }
  }
  const total = (amounts: number[]) => amounts.reduce((sum, amount) => sum + amount, 0);
  return {
    cells,
    bands: [...bands].map(([of, amounts]) => ({ of, amounts })).sort((a, b) => total(b.amounts) - total(a.amounts)),
  };
}

/** Those short of nectar in a half-month, the hungriest first. */
export interface HungryMonth {
  halfMonth: number;
  targets: { target: string; cell: CoverageCell }[];
}

/** The hungry half-months of a garden: those in which a target on the wing finds less nectar than it needs. */
export function hungryMonths(covered: Coverage): HungryMonth[] {
  return Array.from({ length: HALF_MONTHS }, (_, halfMonth) => ({
    halfMonth,
    targets: covered.targets
      .flatMap(({ target, needs }) => {
        const nectar = needs.find((row) => row.need.stage === 'nectar');
        const cell = nectar?.cells.find((row) => row.halfMonth === halfMonth);
        return cell && cell.verdict !== 'closed' ? [{ target, cell }] : [];
      })
      .sort((a, b) => a.cell.ratio - b.cell.ratio),
  })).filter((month) => month.targets.length > 0);
}
