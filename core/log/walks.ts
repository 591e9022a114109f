import { averageDayOf } from '../model/days';
import { HALF_MONTHS, halfMonthOfDay } from '../model/half-month';
import type { Entry } from '../model/log';
import { SETTINGS } from '../settings';
import { numberOf, type LogBook } from './book';

/** What a walk counted of one creature, or of all. */
export interface WalkCount {
  hours: number;
  count: number;
}

/** A number an hour, with the range in which the true one lies nineteen times in twenty. */
export interface Rate extends WalkCount {
  walks: number;
  perHour: number;
  low: number;
  high: number;
}

/** Quantile of the normal distribution for a range that holds nineteen times in twenty. */
const Z = 1.96;

/** Does an entry count adults on the wing? Others of a walk (eggs, caterpillars) are written down, not counted by the hour. */
const isCounted = ({ what }: Entry): boolean => what === 'adult' || what === 'courting' || what === 'laying';

const cube = (x: number): number => x * x * x;

/**
 * Rate of some walks, per hour. The range is Byar's approximation to the exact Poisson limits, widened by how unevenly the
 * walks came out (quasi-Poisson dispersion, at least 1, from three walks on): butterflies come in crowds, and a range that
 * took them for evenly spread would promise too much. Null where nobody walked.
 */
export function rateOf(walks: readonly WalkCount[]): Rate | null {
  const hours = walks.reduce((sum, walk) => sum + walk.hours, 0);
  if (hours <= 0) return null;
  const count = walks.reduce((sum, walk) => sum + walk.count, 0);
  const perHour = count / hours;
  let dispersion = 1;
  if (walks.length >= 3 && count > 0) {
    const chi2 = walks.reduce((sum, walk) => sum + (walk.count - perHour * walk.hours) ** 2 / (perHour * walk.hours), 0);
    dispersion = Math.max(1, chi2 / (walks.length - 1));
  }
  const z = Z * Math.sqrt(dispersion);
  const low = count === 0 ? 0 : count * cube(Math.max(0, 1 - 1 / (9 * count) - z / (3 * Math.sqrt(count))));
  const more = count + 1;
  const high = more * cube(1 - 1 / (9 * more) + z / (3 * Math.sqrt(more)));
  return { hours, count, walks: walks.length, perHour, low: low / hours, high: high / hours };
}

interface CountedWalk extends WalkCount {
  year: number;
  halfMonth: number;
}

/** Every walk of the log with what it counted of a creature, or (null) of all adults. */
export function countedWalks(book: LogBook, of: string | null): CountedWalk[] {
  return book.walks.map((walk) => {
    const counted = book.onWalk(walk.id).filter((entry) => isCounted(entry) && (of === null || entry.of === of));
    return {
      year: Number(walk.on_day.slice(0, 4)),
      halfMonth: halfMonthOfDay(averageDayOf(walk.on_day)),
      hours: (walk.minutes ?? 0) / 60,
      count: counted.reduce((sum, entry) => sum + numberOf(entry), 0),
    };
  });
}

/** Rates by half-month of one year; null where nobody walked. */
export function ratesOf(walks: readonly CountedWalk[], year: number): (Rate | null)[] {
  const byHalfMonth: CountedWalk[][] = Array.from({ length: HALF_MONTHS }, () => []);
  for (const walk of walks) if (walk.year === year) byHalfMonth[walk.halfMonth]!.push(walk);
  return byHalfMonth.map(rateOf);
}

export interface YearsCompared {
  before: Rate;
  after: Rate;
  /** Half-months in which both years were walked: only those are compared. */
  halfMonths: number[];
  /** `more` and `fewer` only where the ranges do not meet. */
  verdict: 'more' | 'fewer' | 'no-difference-shown';
}

/** Two years of walks compared over the half-months walked in both; null where there are none. */
export function yearsCompared(walks: readonly CountedWalk[], before: number, after: number): YearsCompared | null {
  const walkedIn = (year: number) => new Set(walks.filter((walk) => walk.year === year).map((walk) => walk.halfMonth));
  const [first, second] = [walkedIn(before), walkedIn(after)];
  const halfMonths = [...first].filter((h) => second.has(h)).sort((a, b) => a - b);
  const rate = (year: number) => rateOf(walks.filter((walk) => walk.year === year && halfMonths.includes(walk.halfMonth)));
  const [a, b] = [rate(before), rate(after)];
  if (!a || !b) return null;
  const verdict = b.low > a.high ? 'more' : b.high < a.low ? 'fewer' : 'no-difference-shown';
  return { before: a, after: b, halfMonths, verdict };
}

/** The minutes a walk is usually given: as long as the last one, or SETTINGS.log.walkMinutes. */
export const usualMinutes = (book: LogBook): number => book.walks[0]?.minutes ?? SETTINGS.log.walkMinutes;
