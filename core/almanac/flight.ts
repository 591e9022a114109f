import {
  firstDay,
  HALF_MONTHS,
  halfMonthOfDay,
  halfMonthsBetween,
  lastDay,
  shareOfHalfMonth,
  type DayWindow,
} from '../model/half-month';
import type { Occurrence } from '../model/reference';
import { seasonalShift } from '../place/climate/shift';
import { SETTINGS } from '../settings';

const HALF_MONTH_DAYS = 365 / 24;

/**
 * A flight period moved from its region to the garden, in whole half-months: records are no finer than that.
 * A flight all year stays one; where `last` comes before `first` it runs over the new year.
 */
export function flightHere(occurrence: Pick<Occurrence, 'first' | 'last'>, delay: number): DayWindow {
  if (occurrence.first === 0 && occurrence.last === HALF_MONTHS - 1) return { from: 1, to: 365 };
  const moved = (h: number, day: number) => h + Math.round(seasonalShift(day, delay) / HALF_MONTH_DAYS);
  const first = Math.max(0, moved(occurrence.first, firstDay(occurrence.first)));
  const last = Math.min(23, moved(occurrence.last, lastDay(occurrence.last)));
  return { from: firstDay(first), to: lastDay(last) + (occurrence.last < occurrence.first ? 365 : 0) };
}

/** Half-months in which adults fly for a third of the time or more, in the order of the flight; of a short flight all it touches. */
export function flightHalfMonths(flight: DayWindow): number[] {
  const touched = halfMonthsBetween(halfMonthOfDay(flight.from), halfMonthOfDay(flight.to));
  const flown = touched.filter((h) => shareOfHalfMonth(h, flight.from, flight.to) >= SETTINGS.nectar.inBloomShare);
  return flown.length > 0 ? flown : touched;
}
