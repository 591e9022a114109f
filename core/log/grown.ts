import type { Planting } from '../model/garden';
import type { OwnLosses } from '../plan/shopping/sizes';
import { averageDayOf } from '../model/days';
import type { LogBook } from './book';

/** How plants of one kind, from one source, planted in one year, fared. */
export interface GrownRow {
  plant: string;
  source: string;
  planted_year: number;
  planted: number;
  alive: number;
  /** Of those lost, how many by the end of the year after they were planted: the first winter is in it. */
  lostFirst: number;
  /** First flower after planting, as a year and a day of it; null where none is written down. */
  firstBloom: { year: number; day: number } | null;
}

/** What stood in the ground once, by plant, source and year, with what became of it. Plants that grew there before are left out. */
export function grownOf(plantings: readonly Planting[], book: LogBook): GrownRow[] {
  const rows = new Map<string, GrownRow>();
  for (const row of plantings) {
    const { plant, source, planted_year, count, stays } = row;
    if (planted_year === null || stays || (row.state !== 'in-ground' && row.state !== 'lost')) continue;
    const key = `${plant}\n${source}\n${planted_year}`;
    const grown = rows.get(key) ?? { plant, source, planted_year, planted: 0, alive: 0, lostFirst: 0, firstBloom: null };
    rows.set(key, grown);
    grown.planted += count;
    if (row.state === 'in-ground') grown.alive += count;
    else if (row.lost_year !== null && row.lost_year <= planted_year + 1) grown.lostFirst += count;
  }
  for (const grown of rows.values()) {
    const bloomed = book
      .about(grown.plant)
      .filter((entry) => entry.what === 'first-flower' && Number(entry.on_day.slice(0, 4)) >= grown.planted_year)
      .at(-1);
    if (bloomed) grown.firstBloom = { year: Number(bloomed.on_day.slice(0, 4)), day: averageDayOf(bloomed.on_day) };
  }
  return [...rows.values()].sort((a, b) => b.planted_year - a.planted_year || a.plant.localeCompare(b.plant));
}

/** What was lost of each plant in its first winter, of those whose first winter is over in a year. */
export function ownLosses(plantings: readonly Planting[], thisYear: number): OwnLosses {
  const found: Record<string, { planted: number; lost: number }> = {};
  for (const { plant, count, state, planted_year, lost_year, stays } of plantings) {
    if (planted_year === null || stays || planted_year >= thisYear) continue;
    if (state !== 'in-ground' && state !== 'lost') continue;
    const row = (found[plant] ??= { planted: 0, lost: 0 });
    row.planted += count;
    if (state === 'lost' && lost_year !== null && lost_year <= planted_year + 1) row.lost += count;
  }
  return found;
}
