import {
  daysOfHalfMonths,
  HALF_MONTHS,
  halfMonthOfDay,
  inYear,
  shareOfHalfMonth,
  turnedTo,
  type DayWindow,
} from '../model/half-month';
import type { FlightHere, OwnWindow } from '../model/here';
import type { Flight } from '../model/reference';
import type { Seen } from '../model/seen';
import { isInZones } from '../place/climate/zones';
import { seasonalShift } from '../place/climate/shift';
import { SETTINGS } from '../settings';
import { ownFlight } from './bloom/own-dates';

const isAllYear = ({ first, last }: Pick<Flight, 'first' | 'last'>) => (last + 1) % HALF_MONTHS === first;

/**
 * A part of a creature's year moved from the middle of its region to a garden in it, in days: its first and last day by the
 * shift of their own season. A part all year stays one; where `last` comes before `first` it runs over the new year.
 */
export function flightHere(flight: Pick<Flight, 'first' | 'last'>, delay: number): DayWindow {
  if (isAllYear(flight)) return { from: 1, to: 365 };
  const { from: start, to: end } = daysOfHalfMonths(flight.first, flight.last);
  const from = Math.round(start + seasonalShift(start, delay));
  // However far it is moved, it keeps a day, and never meets its own tail.
  const to = Math.min(Math.max(from, Math.round(end + seasonalShift(end, delay))), from + 364);
  return inYear({ from, to });
}

/** Is anybody on the wing in a part of the year? */
export const onTheWing = ({ part }: Pick<FlightHere, 'part'>) => part !== 'summer-sleep';

/** The year from the first adult to the last: all windows taken together, begun after the longest time without any. */
export function wholeFlight(windows: readonly DayWindow[]): DayWindow {
  // Windows begun less windows ended, day by day over two years: a day is flown where some are open.
  const steps = new Int32Array(2 * 365 + 2);
  for (const { from, to } of windows) {
    steps[from]! += 1;
    steps[Math.min(to, from + 364) + 1]! -= 1;
  }
  const flown = new Array<boolean>(365).fill(false);
  let open = 0;
  for (let day = 1; day <= 2 * 365; day++) {
    open += steps[day]!;
    if (open > 0) flown[(day - 1) % 365] = true;
  }
  if (flown.every(Boolean)) return { from: 1, to: 365 };
  let best = { length: 0, end: 0 };
  let run = 0;
  for (let i = 0; i < 2 * 365; i++) {
    run = flown[i % 365] ? 0 : run + 1;
    if (run > best.length && run <= 365) best = { length: run, end: i % 365 };
  }
  const from = ((best.end + 1) % 365) + 1;
  return { from, to: from + 365 - best.length - 1 };
}

/**
 * The parts of a creature's year in a garden: those of its region that hold in its half-zone, moved to it, the first and the
 * last day of all settled by what the gardener saw.
 */
export function flightsHere(
  rows: readonly Flight[],
  halfZone: string,
  delay: number,
  seen: readonly Seen[],
  of: string,
  year: number | null,
): { flights: FlightHere[]; flight: DayWindow; stated: DayWindow; moved: DayWindow; own: Pick<OwnWindow, 'first' | 'last'> } {
  const holding = rows.filter(({ zones }) => zones === null || isInZones(zones, halfZone));
  const parts = holding.map((row): FlightHere => {
    const { part, broods, laying } = row;
    return { part, window: flightHere(row, delay), broods, laying };
  });
  const winged = parts.filter(onTheWing);
  const stated = wholeFlight(holding.filter(onTheWing).map((row) => flightHere(row, 0)));
  const moved = wholeFlight(winged.map(({ window }) => window));
  const { window: flight, ...own } = ownFlight(moved, seen, of, year);
  const flights = parts.map((row): FlightHere => {
    if (!onTheWing(row)) return row;
    const { from, to } = row.window;
    const first = turnedTo(from, moved.from) === moved.from;
    const last = turnedTo(to, moved.to) === moved.to;
    const start = first ? turnedTo(flight.from, from) : from;
    return { ...row, window: { from: start, to: Math.max(start, last ? turnedTo(flight.to, to) : to) } };
  });
  return { flights: flights.sort((a, b) => a.window.from - b.window.from), flight, stated, moved, own };
}

/**
 * Half-months in which adults are on the wing for a third of the time or more, from the first of the flight on; of flights
 * that fill a third of none, all they touch.
 */
export function flightHalfMonths(flights: readonly FlightHere[], flight: DayWindow): number[] {
  const winged = flights.filter(onTheWing);
  const shares = Array.from({ length: HALF_MONTHS }, (_, h) =>
    Math.min(
      1,
      winged.reduce((sum, { window }) => sum + shareOfHalfMonth(h, window.from, window.to), 0),
    ),
  );
  const first = halfMonthOfDay(flight.from);
  const from = (least: number) => {
    const found = shares.flatMap((share, h) => (share >= least ? [h] : []));
    return [...found.filter((h) => h >= first), ...found.filter((h) => h < first)];
  };
  const flown = from(SETTINGS.nectar.inBloomShare);
  return flown.length > 0 ? flown : from(1e-9);
}
