/**
 * The year is 24 half-months: 0 is 1–15 January, 1 is 16–31 January … 23 is 16–31 December.
 * Day of year runs 1–365; leap days are ignored, since every window here is an average.
 */
export const HALF_MONTHS = 24;

/** The months in words, January first. */
export const MONTH_NAMES = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
] as const;
/** The months by their first three letters, as columns are headed. */
export const SHORT_MONTHS = MONTH_NAMES.map((name) => name.slice(0, 3));
/** Days of the months of an average year, January first. */
export const MONTH_LENGTHS = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31] as const;

/** Day of the year before the first of each month (0 for January). */
const MONTH_OFFSETS = MONTH_LENGTHS.map((_, month) => MONTH_LENGTHS.slice(0, month).reduce((sum, days) => sum + days, 0));

/** Days of the year, inclusive; `to` exceeds 365 where the window runs over the new year. */
export interface DayWindow {
  from: number;
  to: number;
}

/** First day of the year (1–365) of half-month `h`. */
export function firstDay(h: number): number {
  const month = Math.floor(h / 2);
  return MONTH_OFFSETS[month]! + (h % 2 === 0 ? 1 : 16);
}

/** Last day of the year (1–365) of half-month `h`. */
export function lastDay(h: number): number {
  const month = Math.floor(h / 2);
  return h % 2 === 0 ? MONTH_OFFSETS[month]! + 15 : MONTH_OFFSETS[month]! + MONTH_LENGTHS[month]!;
}

/** Any integer day brought into 1–365, so that 366 is 1 January and 0 is 31 December. */
export function wrapDay(day: number): number {
  return ((((Math.round(day) - 1) % 365) + 365) % 365) + 1;
}

/** The days from the first of half-month `first` to the last of `last`; over the new year where `last` comes before. */
export function daysOfHalfMonths(first: number, last: number): DayWindow {
  return { from: firstDay(first), to: lastDay(last) + (last < first ? 365 : 0) };
}

/** A window turned by whole years so that it begins within the year; one that began at most a year off. */
export function inYear({ from, to }: DayWindow): DayWindow {
  const turn = from < 1 ? 365 : from > 365 ? -365 : 0;
  return { from: from + turn, to: to + turn };
}

/** A day turned by whole years as near to another as it goes. */
export function turnedTo(day: number, near: number): number {
  return day + 365 * Math.round((near - day) / 365);
}

/** Half-month of a day of the year (1–365; other integers wrap round the year). */
export function halfMonthOfDay(day: number): number {
  const d = wrapDay(day);
  let month = 11;
  while (MONTH_OFFSETS[month]! >= d) month--;
  return month * 2 + (d - MONTH_OFFSETS[month]! > 15 ? 1 : 0);
}

/** Day of the year of an `MM-DD` date. */
export function dayOfMonthDay(monthDay: string): number {
  const [month, day] = monthDay.split('-').map(Number) as [number, number];
  return MONTH_OFFSETS[month - 1]! + day;
}

/** `MM-DD` of a day of the year. */
export function monthDayOf(day: number): string {
  const d = wrapDay(day);
  let month = 11;
  while (MONTH_OFFSETS[month]! >= d) month--;
  const inMonth = d - MONTH_OFFSETS[month]!;
  return `${String(month + 1).padStart(2, '0')}-${String(inMonth).padStart(2, '0')}`;
}

/** Manners of writing a day: `6 May`, `May 6`. */
export type DateManner = 'day-first' | 'month-first';
let manner: DateManner = 'day-first';

/** Sets the manner in which days are written from now on, everywhere: it is a reader's habit, like a language. */
export const writeDays = (as: DateManner) => void (manner = as);

/** A day of the year in words: `6 May`, or `May 6`. */
export function dayName(day: number): string {
  const [month, inMonth] = monthDayOf(day).split('-').map(Number) as [number, number];
  const name = MONTH_NAMES[month - 1]!;
  return manner === 'day-first' ? `${inMonth} ${name}` : `${name} ${inMonth}`;
}

/** A date in words: `4 May 2026`, or `May 4, 2026`, from 2026-05-04. */
export function dateName(date: string): string {
  const [year, month, day] = date.split('-').map(Number) as [number, number, number];
  const name = MONTH_NAMES[month - 1]!;
  return manner === 'day-first' ? `${day} ${name} ${year}` : `${name} ${day}, ${year}`;
}

/** A half-month in words: `early May`, `late October`. */
export function halfMonthName(h: number): string {
  return `${h % 2 === 0 ? 'early' : 'late'} ${MONTH_NAMES[Math.floor(h / 2)]}`;
}

/** The half-months from `first` to `last` inclusive; a range with first > last runs over the new year. */
export function halfMonthsBetween(first: number, last: number): number[] {
  const length = ((last - first + HALF_MONTHS) % HALF_MONTHS) + 1;
  return Array.from({ length }, (_, i) => (first + i) % HALF_MONTHS);
}

/** The half-months that a window of days touches, in its order; all of them where it is a year long. */
export function halfMonthsTouched({ from, to }: DayWindow): number[] {
  const first = halfMonthOfDay(from);
  return halfMonthsBetween(first, to - from >= 364 ? (first + HALF_MONTHS - 1) % HALF_MONTHS : halfMonthOfDay(to));
}

/**
 * Share (0–1) of half-month `h` that lies within the days `from`–`to` inclusive.
 * `to` may exceed 365, or be less than `from`, where the window runs over the new year.
 */
export function shareOfHalfMonth(h: number, from: number, to: number): number {
  const start = wrapDay(from);
  const length = to >= from ? to - from + 1 : to + 365 - from + 1;
  if (length >= 365) return 1;
  const end = start + length - 1;
  const overlap = (a: number, b: number) => Math.max(0, Math.min(b, end) - Math.max(a, start) + 1);
  const first = firstDay(h);
  const last = lastDay(h);
  return (overlap(first, last) + overlap(first + 365, last + 365)) / (last - first + 1);
}

/** Where the start of a day (1–366) lies in a year whose half-months are drawn alike wide, 0–1: 1 January is 0. */
export function shareOfYear(day: number): number {
  if (day >= 366) return 1;
  const h = halfMonthOfDay(day);
  return (h + (wrapDay(day) - firstDay(h)) / (lastDay(h) - firstDay(h) + 1)) / HALF_MONTHS;
}

/** A window of days as the stretches of one year in which it lies: one, or two where it runs over the new year. */
export function stretchesOf({ from, to }: { from: number; to: number }): [number, number][] {
  if (to - from >= 364) return [[1, 365]];
  return to > 365
    ? [
        [1, to - 365],
        [from, 365],
      ]
    : [[from, to]];
}

/** Runs of consecutive half-months, e.g. [3,4,5,9] → [[3,5],[9,9]]; a run over the new year is one run. */
export function runsOf(halfMonths: readonly number[]): Array<[number, number]> {
  const sorted = [...halfMonths].sort((a, b) => a - b);
  const runs: Array<[number, number]> = [];
  for (const h of sorted) {
    const last = runs.at(-1);
    if (last && last[1] === h - 1) last[1] = h;
    else runs.push([h, h]);
  }
  const first = runs[0];
  const last = runs.at(-1);
  if (first && last && runs.length > 1 && first[0] === 0 && last[1] === HALF_MONTHS - 1) {
    runs.shift();
    last[1] = first[1];
  }
  return runs;
}

/** Shares (0 or 1) of the 24 half-months: 1 in those named, as a strip is drawn from. */
export function wholeShares(halfMonths: readonly number[]): number[] {
  return Array.from({ length: HALF_MONTHS }, (_, h) => (halfMonths.includes(h) ? 1 : 0));
}

/** Half-months in words: `late April to early June, and late September`. */
export function halfMonthsInWords(halfMonths: readonly number[]): string {
  if (halfMonths.length === HALF_MONTHS) return 'all year';
  const parts = runsOf(halfMonths).map(([a, b]) => (a === b ? halfMonthName(a) : `${halfMonthName(a)} to ${halfMonthName(b)}`));
  return parts.length > 1 ? `${parts.slice(0, -1).join(', ')} and ${parts.at(-1)}` : (parts[0] ?? 'never');
}
