import type { PlantHere, TargetHere } from '../model/here';
import type { EntryFields } from '../model/log';
import type { Seen } from '../model/seen';
import { askedDays, countsIn, type AskedDay } from '../almanac/bloom/own-dates';
import type { Almanac } from '../model/here';

/** What of an entry the calendar of a garden depends on. */
export type DatedEntry = Pick<EntryFields, 'what' | 'of' | 'on_day' | 'counts_as'> & { id: string };

/** Sightings that prove an adult on the wing. */
const WINGED: ReadonlySet<EntryFields['what']> = new Set(['adult', 'courting', 'laying', 'emerged']);

/** Can an entry move the calendar? */
export const isDated = ({ what, of }: Pick<EntryFields, 'what' | 'of'>): boolean =>
  of !== null && (WINGED.has(what) || what === 'first-flower' || what === 'last-flower');

/**
 * First and last days of bloom and flight from the log: every first and last flower, and of the adults of a creature the
 * earliest and the latest of each half of a year, with all that the gardener said to be a first or a last. Halves, because
 * a flight over the new year begins in one and ends in the other. What the gardener said to be neither is left out.
 */
export function datesOf(entries: Iterable<DatedEntry>): Seen[] {
  const found: Seen[] = [];
  const ends = new Map<string, Map<number, { first: DatedEntry; last: DatedEntry }>>();
  for (const entry of entries) {
    const { id, what, of, on_day, counts_as } = entry;
    if (of === null || counts_as === 'neither') continue;
    if (what === 'first-flower' || what === 'last-flower') {
      const role = what === 'first-flower' ? 'first' : 'last';
      found.push({ id, of, what: `${role}-bloom`, on_day, sure: counts_as === role });
    } else if (WINGED.has(what)) {
      if (counts_as !== null) {
        found.push({ id, of, what: `${counts_as}-flight`, on_day, sure: true });
        continue;
      }
      const half = 2 * Number(on_day.slice(0, 4)) + (on_day.slice(5, 7) < '07' ? 0 : 1);
      let halves = ends.get(of);
      if (!halves) ends.set(of, (halves = new Map()));
      const end = halves.get(half);
      if (!end) halves.set(half, { first: entry, last: entry });
      else if (on_day < end.first.on_day) end.first = entry;
      else if (on_day > end.last.on_day) end.last = entry;
    }
  }
  for (const { first, last } of [...ends.values()].flatMap((halves) => [...halves.values()])) {
    found.push({ id: first.id, of: first.of!, what: 'first-flight', on_day: first.on_day, sure: false });
    found.push({ id: last.id, of: last.of!, what: 'last-flight', on_day: last.on_day, sure: false });
  }
  return found;
}

/** The calculated first and last day of a plant's bloom or a creature's flight, before the gardener's own; null for none. */
export function calculatedEnds(here: PlantHere | TargetHere): { from: number; to: number } | null {
  if ('flightSteps' in here) return here.flightSteps.moved;
  return here.bloomSteps ? (here.bloomSteps.bounded ?? here.bloomSteps.moved) : null;
}

/** The dates that move the calendar of a garden: those written down of what is not in it move nothing. */
export function datesThatCount(seen: readonly Seen[], almanac: Pick<Almanac, 'plants' | 'targets'>): Seen[] {
  const ends = new Map<string, ReturnType<typeof calculatedEnds>>();
  const endsOf = ({ of, what }: Seen) => {
    if (!ends.has(of)) {
      const here = what.endsWith('bloom') ? almanac.plants.get(of) : almanac.targets.get(of);
      ends.set(of, here ? calculatedEnds(here) : null);
    }
    return ends.get(of)!;
  };
  return seen.filter((row) => {
    const window = endsOf(row);
    return window !== null && countsIn(row, window);
  });
}

/**
 * The dates that are more than SETTINGS.records.askFrom_d days from what is expected, and that nobody has confirmed yet:
 * none of them counts until then. The latest comes first.
 */
export function datesAsked(seen: readonly Seen[], almanac: Pick<Almanac, 'plants' | 'targets'>): AskedDay[] {
  const byKind = new Map<string, Seen>();
  for (const row of seen) if (!row.sure) byKind.set(`${row.of} ${row.what}`, row);
  return [...byKind.values()]
    .flatMap(({ of, what }) => {
      const here = what.endsWith('bloom') ? almanac.plants.get(of) : almanac.targets.get(of);
      const ends = here && calculatedEnds(here);
      return ends ? askedDays(seen, of, what, ends) : [];
    })
    .sort((a, b) => b.row.on_day.localeCompare(a.row.on_day));
}
