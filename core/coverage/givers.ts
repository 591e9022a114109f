import { groupsOf } from '../place/beds/groups';
import { SETTINGS } from '../settings';
import type { CoverageInput } from './coverage';
import { placedOf } from './stands';
import type { Contribution, NeedCoverage } from './types';

/** What each planting gives a need at its best half-month, those that give most first. */
export function giversOf(covered: NeedCoverage): Contribution[] {
  const best = new Map<string, number>();
  for (const cell of covered.cells)
    for (const { planting, amount } of cell.contributions) best.set(planting, Math.max(best.get(planting) ?? 0, amount));
  return [...best].map(([planting, amount]) => ({ planting, amount })).sort((a, b) => b.amount - a.amount);
}

/** Who a contribution comes from: so many of a plant on a site; null where it stands in the yard, outside the beds. */
export interface Giver {
  plant: string;
  count: number;
  site: string | null;
  /** Where it is arranged in its bed: hours of sun there, and in how many groups it stands; null where it is not. */
  placed: { sun_h: number; groups: number } | null;
}

/** What gives under an id of a contribution: a planting, or a tree or shrub that stands around. */
export function giverOf(
  { plantings, around = [], places }: Pick<CoverageInput, 'plantings' | 'around' | 'places'>,
  id: string,
): Giver | null {
  const planting = plantings.find((row) => row.id === id);
  if (planting) {
    const { plant, count, site_id } = planting;
    const stands = placedOf(places, planting);
    const placed = stands && {
      sun_h: stands.sun_h,
      groups: groupsOf(stands.spots, SETTINGS.host.patchReach_m).length,
    };
    return { plant, count, site: site_id, placed };
  }
  const standing = around.find((row) => row.id === id);
  return standing ? { plant: standing.plant, count: 1, site: null, placed: null } : null;
}
