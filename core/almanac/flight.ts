import {
  daysOfHalfMonths,
  HALF_MONTHS,
  halfMonthOfDay,
  inYear,
  shareOfHalfMonth,
  turnedTo,
  type DayWindow,
} from '../model/half-month';
import type { FlightHere, TargetHere } from '../model/here';
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

/** What a region about a garden states of a creature, the days by which it is moved to the garden, and the region's share. */
export interface StatedFlights {
  region: string;
  rows: readonly Flight[];
  delay: number;
  share: number;
}

/**
 * A part of a year as it is stated in several regions, moved here: the mean of its days by their shares. Where one of them states
 * all year, that year is turned to the middle of what the others state.
 */
function meanWindow(stated: readonly { window: DayWindow; share: number }[]): DayWindow {
  const isAll = ({ from, to }: DayWindow) => to - from >= 364;
  const some = stated.find(({ window }) => !isAll(window))?.window;
  if (!some) return { from: 1, to: 365 };
  const middle = Math.round((some.from + some.to) / 2);
  const all = stated.map(({ window, share }) => {
    if (isAll(window)) return { from: middle - 182, to: middle + 182, share };
    const from = turnedTo(window.from, some.from);
    return { from, to: from + window.to - window.from, share };
  });
  const whole = all.reduce((sum, { share }) => sum + share, 0);
  const mean = (end: 'from' | 'to') => Math.round(all.reduce((sum, row) => sum + row.share * row[end], 0) / whole);
  return inYear({ from: mean('from'), to: mean('to') });
}

/**
 * The parts of a creature's year in a garden: those of its own region (`about`, first) that hold in its half-zone, moved to it
 * and near a border taken together with the same parts of the regions beyond it; the first and the last day of all settled
 * by what the gardener saw.
 */
export function flightsHere(
  about: readonly StatedFlights[],
  halfZone: string,
  seen: readonly Seen[],
  of: string,
  year: number | null,
): { flights: FlightHere[]; flight: DayWindow } & Pick<TargetHere['flightSteps'], 'stated' | 'near' | 'moved' | 'own'> {
  const holdingOf = ({ rows }: StatedFlights) =>
    rows.filter(({ zones }) => zones === null || isInZones(zones, halfZone)).sort((a, b) => a.first - b.first);
  const [own, ...beyond] = about.map((row) => ({ ...row, holding: holdingOf(row) }));
  const alike = (rows: readonly Flight[], row: Flight) =>
    rows.filter(({ part, laying }) => part === row.part && laying === row.laying);
  /** The same part is the one of its kind that comes at the same place in the order of the year. */
  const sameIn = ({ holding, delay, share }: (typeof beyond)[number], row: Flight) => {
    const same = alike(holding, row)[alike(own!.holding, row).indexOf(row)];
    return same ? [{ window: flightHere(same, delay), share }] : [];
  };
  const parts = own!.holding.map((row): FlightHere => {
    const { part, broods, laying } = row;
    const moved = flightHere(row, own!.delay);
    const others = beyond.flatMap((other) => sameIn(other, row));
    const window = others.length === 0 ? moved : meanWindow([{ window: moved, share: own!.share }, ...others]);
    return { part, window, broods, laying };
  });
  const winged = parts.filter(onTheWing);
  const statedIn = (rows: readonly Flight[]) => wholeFlight(rows.filter(onTheWing).map((row) => flightHere(row, 0)));
  const stated = statedIn(own!.holding);
  const near = beyond
    .filter(({ holding }) => holding.some(onTheWing))
    .map(({ region, share, holding }) => ({ region, share, stated: statedIn(holding) }));
  const moved = wholeFlight(winged.map(({ window }) => window));
  const { window: flight, ...settled } = ownFlight(moved, seen, of, year);
  const flights = parts.map((row): FlightHere => {
    if (!onTheWing(row)) return row;
    const { from, to } = row.window;
    const first = turnedTo(from, moved.from) === moved.from;
    const last = turnedTo(to, moved.to) === moved.to;
    const start = first ? turnedTo(flight.from, from) : from;
    return { ...row, window: { from: start, to: Math.max(start, last ? turnedTo(flight.to, to) : to) } };
  });
  return { flights: flights.sort((a, b) => a.window.from - b.window.from), flight, stated, near, moved, own: settled };
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
