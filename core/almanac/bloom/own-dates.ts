import type { Settled, OwnWindow } from '../../model/here';
import type { Seen } from '../../model/seen';
import type { SeenKind } from '../../model/vocabulary';
import { dayOfMonthDay, inYear, type DayWindow } from '../../model/half-month';
import { SETTINGS } from '../../settings';

/** Middle of a list of numbers; of an even count the mean of the two in the middle. */
function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const middle = sorted.length >> 1;
  return sorted.length % 2 === 1 ? sorted[middle]! : (sorted[middle - 1]! + sorted[middle]!) / 2;
}

/**
 * The recorded days of one kind, one a year, each brought within half a year of the calculated day, so that a last flower
 * in January belongs to the season before. Of several in a year the first of firsts counts, the last of lasts.
 */
export function recordedDays(seen: readonly Seen[], of: string, what: SeenKind, calculated: number): Settled['years'] {
  const byYear = new Map<number, number>();
  for (const row of seen) {
    if (row.of !== of || row.what !== what) continue;
    const dayOfYear = dayOfMonthDay(noLeapDay(row.on_day));
    const turns = Math.round((dayOfYear - calculated) / 365);
    const day = dayOfYear - 365 * turns;
    const year = Number(row.on_day.slice(0, 4)) + turns;
    const before = byYear.get(year);
    byYear.set(year, before === undefined ? day : what.startsWith('first') ? Math.min(before, day) : Math.max(before, day));
  }
  return [...byYear].map(([year, day]) => ({ year, day })).sort((a, b) => a.year - b.year);
}

/** `MM-DD` of an ISO date; 29 February counts as the 28th, since the year here has no leap day. */
const noLeapDay = (iso: string) => (iso.endsWith('02-29') ? '02-28' : iso.slice(5));

/** How far the records of a bloom move its day, by how many years there are. */
function bloomWeight(years: number): number {
  const { weight } = SETTINGS.records;
  return weight[Math.min(years, weight.length - 1)]!;
}

/**
 * A day settled by records: in a year of its own, the day recorded then; else the median of the years moves the
 * calculated day as far as `weigh` gives it weight (0–1), by the number of years and their median. Null where nothing is
 * recorded.
 */
export function settle(
  calculated: number,
  years: Settled['years'],
  year: number | null,
  weigh: (years: number, middle: number) => number = bloomWeight,
): Settled | null {
  if (years.length === 0) return null;
  const that = years.find((row) => row.year === year);
  if (that) return { day: that.day, calculated, years, weight: 1 };
  const middle = median(years.map((row) => row.day));
  const weight = weigh(years.length, middle);
  return { day: Math.round(calculated + weight * (middle - calculated)), calculated, years, weight };
}

/** A window whose ends are where they were settled; its first day is kept within the year, and never after its last. */
function windowOf(from: number, to: number): DayWindow {
  return inYear({ from, to: Math.min(Math.max(to, from), from + 364) });
}

/** A bloom window as the gardener’s own first and last flowers settle it, in a year or (null) in a usual one. */
export function ownBloom(window: DayWindow, seen: readonly Seen[], of: string, year: number | null): OwnWindow {
  const first = settle(window.from, recordedDays(seen, of, 'first-bloom', window.from), year);
  const last = settle(window.to, recordedDays(seen, of, 'last-bloom', window.to), year);
  return { first, last, window: windowOf(first?.day ?? window.from, last?.day ?? window.to) };
}

/**
 * A flight as the gardener’s own first and last adults settle it. Whoever was seen has to be fed: a sighting outside the
 * calculated flight lengthens it at once, as far as the median of the years; but that nobody was seen proves little, and
 * shortens it only from SETTINGS.records.shortenFrom years on, and within the year it was recorded.
 */
export function ownFlight(window: DayWindow, seen: readonly Seen[], of: string, year: number | null): OwnWindow {
  const end = (what: SeenKind, calculated: number, outwards: 1 | -1) =>
    settle(calculated, recordedDays(seen, of, what, calculated), year, (years, middle) =>
      outwards * (Math.round(middle) - calculated) > 0 || years >= SETTINGS.records.shortenFrom ? 1 : 0,
    );
  const first = end('first-flight', window.from, -1);
  const last = end('last-flight', window.to, 1);
  return { first, last, window: windowOf(first?.day ?? window.from, last?.day ?? window.to) };
}
