import { dayOfMonthDay, monthDayOf } from './half-month';

/** A day of a real calendar as a whole number: days since 1 January 1970. */
export type DayNumber = number;

const DAY_MS = 86_400_000;

/** The number of an ISO date. */
export const dayNumber = (iso: string): DayNumber => Math.round(Date.parse(`${iso}T00:00:00Z`) / DAY_MS);

/** The ISO date of a day. */
export const isoOf = (day: DayNumber): string => new Date(day * DAY_MS).toISOString().slice(0, 10);

/** The year of a day. */
export const yearOf = (day: DayNumber): number => new Date(day * DAY_MS).getUTCFullYear();

/** Day of an average year (1–365) of an ISO date; 29 February counts as the 28th. */
export function averageDayOf(iso: string): number {
  const monthDay = iso.slice(5);
  return dayOfMonthDay(monthDay === '02-29' ? '02-28' : monthDay);
}
/** The same of a day. */
export const averageDay = (day: DayNumber): number => averageDayOf(isoOf(day));

/** The day on which a day of an average year falls in a year; below 1 and beyond 365 in the years before and after. */
export function dayInYear(year: number, day: number): DayNumber {
  const whole = Math.round(day);
  const turns = Math.floor((whole - 1) / 365);
  return dayNumber(`${year + turns}-${monthDayOf(whole)}`);
}
