import type { LarvalPeriod } from '../model/here';
import type { Target } from '../model/reference';
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

/**
 * When the larvae of each brood feed, from the flight period, the broods a year, the wintering stage and the
 * degree-days of the place. `year`: degree-days above the target's base for each day of the year. Generation
 * time is dev_degree_days; its shares for egg, larva and pupa are settings. Empty for a target without larvae.
 */
export function larvalPeriods(
  target: Pick<Target, 'overwinters_as' | 'winter_larva' | 'dev_degree_days'>,
  flight: DayWindow,
  broods: number,
  year: Float64Array,
): LarvalPeriod[] {
  const total = target.dev_degree_days;
  if (total === null || broods === 0) return [];
  const { share, layingDays, springWait, springShare } = SETTINGS.broods;
  const periods: LarvalPeriod[] = [];
  const wintersAs = target.overwinters_as;
  const springFeeders = wintersAs === 'egg' || (wintersAs === 'larva' && target.winter_larva !== 'full-grown');
  const partGrown = wintersAs === 'larva' && target.winter_larva === 'part-grown';

  if (springFeeders) {
    const toEat = share.larva * (partGrown ? springShare : 1);
    const to = backward(year, flight.from, total * share.pupa);
    periods.push({ brood: 0, from: backward(year, flight.from, total * (share.pupa + toEat)), to });
  }
  // The eggs of the last brood of an egg or unfed-larva winterer feed nobody until spring.
  const laying = springFeeders && !partGrown ? broods - 1 : broods;
  let layFrom = flight.from + (wintersAs === 'adult' ? springWait : 0);
  for (let brood = 1; brood <= laying && layFrom <= flight.to; brood++) {
    const layTo = Math.min(layFrom + layingDays - 1, flight.to);
    const winters = partGrown && brood === broods;
    const eaten = share.egg + share.larva * (winters ? 1 - springShare : 1);
    const hatch = forward(year, layFrom, total * share.egg);
    const firstGrown = forward(year, layFrom, total * eaten);
    const stops = growthStops(year, layFrom);
    // A later brood that cannot grow up before the cold is not raised here.
    if (hatch === null || firstGrown === null || (brood > 1 && firstGrown > stops)) break;
    const grown = forward(year, layTo, total * eaten) ?? stops;
    periods.push({ brood, from: hatch, to: Math.max(hatch, Math.min(grown, stops)) });
    const next = forward(year, layFrom, total);
    if (next === null) break;
    layFrom = next;
  }
  return periods;
}

/** Half-months in which larvae feed for a third of the time or more. */
export function larvalHalfMonths(periods: readonly LarvalPeriod[]): number[] {
  return Array.from({ length: HALF_MONTHS }, (_, h) => h).filter((h) =>
    periods.some((period) => shareOfHalfMonth(h, period.from, period.to) >= SETTINGS.nectar.inBloomShare),
  );
}
