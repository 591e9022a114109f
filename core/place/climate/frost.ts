import type { Frosts } from '../../model/here';
import { dayOfMonthDay } from '../../model/half-month';

/** The frost-free days of a year, inclusive: `to` exceeds 365 where they run over the new year. */
export interface FrostFree {
  from: number;
  to: number;
  days: number;
}

/**
 * The frost-free days of the year: the day after the last frost to the day before the next first one, with their number.
 * A first frost in January ends the season of the year before, as in the warm South. Where one of the two is not usual
 * that end of the season is the year's; where neither is, the whole year is frost-free.
 */
export function frostFree({ last_frost, first_frost }: Frosts): FrostFree {
  if (!last_frost && !first_frost) return { from: 1, to: 365, days: 365 };
  const from = last_frost ? (dayOfMonthDay(last_frost) % 365) + 1 : 1;
  const until = first_frost ? dayOfMonthDay(first_frost) : 366;
  const days = (until - from + 365) % 365;
  return { from, to: from + days - 1, days };
}

/** Days from `day` (1–365) until the first frost, counting that day; 365 where no frost is usual, 0 after it. */
export function growingDaysLeft(day: number, frosts: Frosts): number {
  const season = frostFree(frosts);
  if (season.days === 365) return 365;
  // The first days of January may still belong to the season before.
  if (day + 365 <= season.to) return season.to - (day + 365) + 1;
  return day > season.to ? 0 : season.to - Math.max(day, season.from) + 1;
}

/**
 * The first frost that ends what began on a day of the year, on the same scale: it exceeds 365 where it falls after the
 * new year. Null where none is usual.
 */
export function frostAfter(day: number, { first_frost }: Pick<Frosts, 'first_frost'>): number | null {
  if (!first_frost) return null;
  const frost = dayOfMonthDay(first_frost);
  return frost >= day ? frost : frost + 365;
}
