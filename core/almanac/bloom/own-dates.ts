import type { Settled, OwnWindow } from '../../model/here';
import type { Seen } from '../../model/seen';
import type { SeenKind } from '../../model/vocabulary';
import { averageDayOf } from '../../model/days';
import { inYear, type DayWindow } from '../../model/half-month';
import { SETTINGS } from '../../settings';

/** Middle of a list of numbers; of an even count the mean of the two in the middle. */
function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const middle = sorted.length >> 1;
  return sorted.length % 2 === 1 ? sorted[middle]! : (sorted[middle - 1]! + sorted[middle]!) / 2;
}

/** A recorded day brought within half a year of a calculated one, and the year it belongs to then. */
function besideCalculated(on_day: string, calculated: number): { year: number; day: number } {
  const dayOfYear = averageDayOf(on_day);
  const turns = Math.round((dayOfYear - calculated) / 365);
  return { year: Number(on_day.slice(0, 4)) + turns, day: dayOfYear - 365 * turns };
}

/** The calculated ends of a bloom or flight: the day that a record is compared with, and the one at the other end. */
interface Ends {
  day: number;
  other: number;
}
const endsFor = (what: SeenKind, { from, to }: DayWindow): Ends =>
  what.startsWith('first') ? { day: from, other: to } : { day: to, other: from };

/** Days between two days of the year, the short way round. */
function apart(a: number, b: number): number {
  const days = Math.abs(a - b) % 365;
  return Math.min(days, 365 - days);
}

/**
 * What becomes of a recorded day beside the calculated end (both of the year): it counts where the gardener said that it
 * is the first or last, and else where it is near. Farther off it is asked about first: it may be a mistake. An adult seen
 * after the first of its flight or before the last says nothing of either; outside of the flight it speaks of the end that
 * is nearer.
 */
function roleOfDay({ what, sure }: Pick<Seen, 'what' | 'sure'>, day: number, ends: Ends): 'counts' | 'asked' | 'idle' {
  if (sure) return 'counts';
  const late = day - ends.day;
  if ((what === 'first-flight' && late >= 0) || (what === 'last-flight' && late <= 0)) return 'idle';
  if (what.endsWith('flight') && apart(day, ends.day) > apart(day, ends.other)) return 'idle';
  return Math.abs(late) > SETTINGS.records.askFrom_d ? 'asked' : 'counts';
}

/** Does a recorded day move the calculated bloom or flight that it is of? */
export function countsIn(row: Seen, window: DayWindow): boolean {
  const ends = endsFor(row.what, window);
  return roleOfDay(row, besideCalculated(row.on_day, ends.day).day, ends) === 'counts';
}

/** A recorded day that is asked about before it counts. */
export interface AskedDay {
  row: Seen;
  year: number;
  day: number;
  calculated: number;
}

/** The recorded days of one kind, of one plant or creature, that are asked about: of a year the farthest off alone. */
export function askedDays(seen: readonly Seen[], of: string, what: SeenKind, window: DayWindow): AskedDay[] {
  const ends = endsFor(what, window);
  const byYear = new Map<number, AskedDay>();
  for (const row of seen) {
    if (row.of !== of || row.what !== what) continue;
    const { year, day } = besideCalculated(row.on_day, ends.day);
    if (roleOfDay(row, day, ends) !== 'asked') continue;
    const before = byYear.get(year);
    if (!before || Math.abs(day - ends.day) > Math.abs(before.day - ends.day))
      byYear.set(year, { row, year, day, calculated: ends.day });
  }
  return [...byYear.values()];
}

/**
 * The recorded days of one kind that count, one a year, each brought within half a year of the calculated day, so that a
 * last flower in January belongs to the season before. Of several in a year the first of firsts counts, the last of lasts.
 */
export function recordedDays(seen: readonly Seen[], of: string, what: SeenKind, window: DayWindow): Settled['years'] {
  const ends = endsFor(what, window);
  const byYear = new Map<number, number>();
  for (const row of seen) {
    if (row.of !== of || row.what !== what) continue;
    const { year, day } = besideCalculated(row.on_day, ends.day);
    if (roleOfDay(row, day, ends) !== 'counts') continue;
    const before = byYear.get(year);
    byYear.set(year, before === undefined ? day : what.startsWith('first') ? Math.min(before, day) : Math.max(before, day));
  }
  return [...byYear].map(([year, day]) => ({ year, day })).sort((a, b) => a.year - b.year);
}

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
  const first = settle(window.from, recordedDays(seen, of, 'first-bloom', window), year);
  const last = settle(window.to, recordedDays(seen, of, 'last-bloom', window), year);
  return { first, last, window: windowOf(first?.day ?? window.from, last?.day ?? window.to) };
}

/**
 * A flight as the gardener’s own first and last adults settle it. Whoever was seen has to be fed: a sighting outside the
 * calculated flight lengthens it at once, as far as the median of the years; but that nobody was seen proves little, and
 * shortens it only from SETTINGS.records.shortenFrom years on, and within the year it was recorded.
 */
export function ownFlight(window: DayWindow, seen: readonly Seen[], of: string, year: number | null): OwnWindow {
  const end = (what: SeenKind, calculated: number, outwards: 1 | -1) =>
    settle(calculated, recordedDays(seen, of, what, window), year, (years, middle) =>
      outwards * (Math.round(middle) - calculated) > 0 || years >= SETTINGS.records.shortenFrom ? 1 : 0,
    );
  const first = end('first-flight', window.from, -1);
  const last = end('last-flight', window.to, 1);
  return { first, last, window: windowOf(first?.day ?? window.from, last?.day ?? window.to) };
}
