import { SETTINGS } from '../settings';
import type { CoverageInput } from './coverage';
import { giverOf } from './givers';
import type { NeedCoverage } from './types';

/** How far the leaf of those who serve a host need may differ from its figure: as far as the least sure of them. */
export function leafSpread(input: Pick<CoverageInput, 'almanac' | 'plantings' | 'around'>, { cells }: NeedCoverage): number {
  let spread = 0;
  for (const id of new Set(cells.flatMap(({ contributions }) => contributions.map(({ planting }) => planting)))) {
    const giver = giverOf(input, id);
    const here = giver && input.almanac.plants.get(giver.plant);
    if (here) spread = Math.max(spread, SETTINGS.leafRange.leaf[here.plant.confidence]);
  }
  return spread;
}

/** Between which numbers of larvae a calculated one lies: leaf may differ by `spread`, and a larva's appetite beside it. */
export function larvaeRange(larvae: number, spread: number): { low: number; high: number } {
  const { appetite } = SETTINGS.leafRange;
  return { low: (larvae * (1 - spread)) / (1 + appetite), high: (larvae * (1 + spread)) / (1 - appetite) };
}

/**
 * How near a host need is to another verdict, where its leaf decides: the largest of a quarter, a third and a half by which
 * the figure need not be off to leave it closed, or to close it; null where it is farther, or something else holds it down.
 */
export function leafDoubt({ need, cells, verdict, limit }: NeedCoverage): 'quarter' | 'third' | 'half' | null {
  if (need.stage !== 'host' || verdict === 'open' || (limit !== null && limit !== 'amount')) return null;
  const ratio = Math.min(...cells.map(({ supply, demand }) => supply / demand));
  const off = verdict === 'closed' ? 1 - 1 / ratio : 1 - ratio;
  if (off < 1 / 4) return 'quarter';
  if (off < 1 / 3) return 'third';
  return off < 1 / 2 ? 'half' : null;
}
