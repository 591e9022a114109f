import type { Frosts } from '../../model/here';
import { dayOfMonthDay } from '../../model/half-month';

/**
 * The frost-free days of the year: the day after the last frost to the day before the first, with their number.
 * Where either frost is not usual the whole year is frost-free.
 */
export function frostFree({ last_frost, first_frost }: Frosts): { from: number; to: number; days: number } {
  if (!last_frost || !first_frost) return { from: 1, to: 365, days: 365 };
  const from = dayOfMonthDay(last_frost) + 1;
  const to = dayOfMonthDay(first_frost) - 1;
  return { from, to, days: Math.max(0, to - from + 1) };
}

/** Days from `day` (1–365) until the first frost, counting that day; 365 where no frost is usual, 0 after it. */
export function growingDaysLeft(day: number, frosts: Frosts): number {
  const season = frostFree(frosts);
  if (season.days === 365) return 365;
  return day > season.to ? 0 : season.to - Math.max(day, season.from) + 1;
}
