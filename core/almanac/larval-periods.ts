import type { FlightHere, LarvalPeriod, Wintering } from '../model/here';
import { HALF_MONTHS, shareOfHalfMonth, type DayWindow } from '../model/half-month';
import { SETTINGS } from '../settings';

/** Degree-days (°C·day) of a day of the year, days beyond 365 running on into the next. */
const heatOf = (year: Float64Array, day: number) => year[(((day - 1) % 365) + 365) % 365]!;

/** Allowance (degree-days) for sums of shares: a quarter and three tenths of 100 are 55. */
const A_HAIR = 1e-9;

/** First day by which `sum` degree-days have gathered from `from`, at most a year on; null where they never do. */
function forward(year: Float64Array, from: number, sum: number): number | null {
  let gathered = 0;
  for (let day = from; day < from + 365; day++) {
    gathered += heatOf(year, day);
    if (gathered >= sum - A_HAIR) return day;
  }
  return null;
}

/** Last day from which `sum` degree-days gather before `until`; at the earliest the day growth wakes. */
function backward(year: Float64Array, until: number, sum: number): number {
  let gathered = 0;
  for (let day = until - 1; day > until - 365; day--) {
    const heat = heatOf(year, day);
    // With hardly a degree-day a day nothing grows: winter lies before.
    if (heat < SETTINGS.broods.springStart && gathered > 0) return day + 1;
    gathered += heat;
    if (gathered >= sum - A_HAIR) return day;
  }
  return until - 365;
}

/** First day from `from` on which too little heat gathers: growth stops for the winter. */
function growthStops(year: Float64Array, from: number): number {
  const afterMidsummer = Math.max(from, 200);
  for (let day = afterMidsummer; day < from + 365; day++) if (heatOf(year, day) < SETTINGS.broods.autumnStop) return day;
  return from + 364;
}

/** What the larvae of a target's broods depend on. */
export interface Breeding {
  wintering: Pick<Wintering, 'as' | 'larva'>;
  /** Degree-days from egg to adult; null for a creature without larvae. */
  dev_degree_days: number | null;
  /** The parts of its year; larvae come of those whose adults lay. */
  flights: readonly FlightHere[];
}

/** Does the stage that winters feed in spring: out of the egg, or grown in part? */
const feedsInSpring = ({ as, larva }: Breeding['wintering']) => as === 'egg' || (as === 'larva' && larva !== 'full-grown');

/** The last day of a laying part whose eggs feed before winter: of an egg or unfed-larva winterer the last that still flies itself. */
function lastEgg({ window }: FlightHere, wintering: Breeding['wintering'], total: number, year: Float64Array): number {
  if (!feedsInSpring(wintering) || wintering.larva === 'part-grown') return window.to;
  for (let day = window.to; day >= window.from; day--) if ((forward(year, day, total) ?? Infinity) <= window.to) return day;
  return window.from - 1;
}

/**
 * The generations that come of one laying part, each laid from the day its first adults fly to the day before the next
 * ones do, the last to the end of the part: heat says how soon one can follow another, and the stated number how many do,
 * since the length of the day sends many to rest before the heat does. One stated brood is one, however warm it is.
 */
function generations(part: FlightHere, wintering: Breeding['wintering'], total: number, year: Float64Array): DayWindow[] {
  const { share, springShare } = SETTINGS.broods;
  const partGrown = wintering.as === 'larva' && wintering.larva === 'part-grown';
  const { from } = part.window;
  const until = part.broods === 1 && feedsInSpring(wintering) && !partGrown ? from - 1 : lastEgg(part, wintering, total, year);
  const most = feedsInSpring(wintering) && !partGrown ? part.broods - 1 : part.broods;
  const found: DayWindow[] = [];
  let layFrom = from;
  while (layFrom <= until) {
    const order = found.length + 1;
    const emerges = order < most ? forward(year, layFrom, total) : null;
    const next = emerges === null ? null : Math.max(emerges, from + Math.ceil((order * (until - from + 1)) / most));
    const isLast = next === null || next > until;
    const layTo = isLast ? until : next - 1;
    const eaten = share.egg + share.larva * (isLast && partGrown ? 1 - springShare : 1);
    const hatch = forward(year, layFrom, total * share.egg);
    const firstGrown = forward(year, layFrom, total * eaten);
    const stops = growthStops(year, layFrom);
    // A later brood that cannot grow up before the cold is not raised here.
    if (hatch === null || firstGrown === null || (found.length > 0 && firstGrown > stops)) break;
    const grown = forward(year, layTo, total * eaten) ?? stops;
    found.push({ from: hatch, to: Math.max(hatch, Math.min(grown, stops)) });
    if (isLast) break;
    layFrom = next;
  }
  return found;
}

/**
 * When the larvae of each brood feed: wherever adults lay, from the first hatch to the last larva that can still grow up
 * before the cold, or to the winter rest of one that rests as a larva. `year`: degree-days above the target's base for each
 * day of the year in this garden; they run the generations, of which there are no more than stated. Generation time is
 * dev_degree_days; its shares for egg, larva and pupa are settings. Empty for a target without larvae.
 */
export function larvalPeriods({ wintering, dev_degree_days: total, flights }: Breeding, year: Float64Array): LarvalPeriod[] {
  const laying = flights.filter((row) => row.laying && row.broods > 0);
  if (total === null || laying.length === 0) return [];
  const { share, springShare } = SETTINGS.broods;
  const periods: LarvalPeriod[] = [];
  const first = laying[0]!.window.from;
  if (feedsInSpring(wintering)) {
    const toEat = share.larva * (wintering.larva === 'part-grown' ? springShare : 1);
    const to = backward(year, first, total * share.pupa);
    periods.push({ brood: 0, from: backward(year, first, total * (share.pupa + toEat)), to });
  }
  let brood = 1;
  for (const part of laying)
    for (const period of generations(part, wintering, total, year)) periods.push({ brood: brood++, ...period });
  return periods;
}

/**
 * How many broods of adults a garden's heat makes in a year: one for each time larvae feed after the first flight; the
 * larvae of an egg or unfed-larva winterer that feed in spring are the last brood of the year before.
 */
export function broodsHere({ larval, wintering }: { larval: readonly LarvalPeriod[]; wintering: Breeding['wintering'] }): number {
  const spring = larval.some((period) => period.brood === 0) && wintering.larva !== 'part-grown';
  return larval.filter((period) => period.brood > 0).length + (spring ? 1 : 0);
}

/** Half-months in which larvae feed for a third of the time or more. */
export function larvalHalfMonths(periods: readonly LarvalPeriod[]): number[] {
  return Array.from({ length: HALF_MONTHS }, (_, h) => h).filter((h) =>
    periods.some((period) => shareOfHalfMonth(h, period.from, period.to) >= SETTINGS.nectar.inBloomShare),
  );
}
