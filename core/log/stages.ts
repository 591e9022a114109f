import { shelterHalfMonths, nestingHalfMonths } from '../coverage/needs';
import { averageDayOf, type DayNumber, dayNumber } from '../model/days';
import { halfMonthOfDay } from '../model/half-month';
import type { TargetHere } from '../model/here';
import type { Entry } from '../model/log';
import type { Ambition, EntryKind } from '../model/vocabulary';
import { SETTINGS } from '../settings';
import { numberOf } from './book';

/** The steps of a life in a garden. A bird’s are fewer. */
export type Rung = 'visits' | 'lays' | 'larvae' | 'chrysalis' | 'emerges' | 'nests' | 'fledges' | 'winters';

/** What was seen proves it; a later step proves it; its time has not come or nobody has seen it yet. */
type RungState = 'seen' | 'follows' | 'unseen';

export interface RungSeen {
  rung: Rung;
  state: RungState;
  /** First and last day of the year on which it was seen, and how many were counted on how many occasions. */
  first: string | null;
  last: string | null;
  times: number;
  count: number;
}

export interface Ladder {
  target: string;
  year: number;
  rungs: RungSeen[];
  /** Was the life cycle, as far as its ambition goes, seen to run its course in this year? */
  seenToClose: boolean;
  /** Adults came several times, their time of laying is over, and no egg or caterpillar was found: worth asking why. */
  askWhy: boolean;
}

const EVIDENCE: Record<Exclude<Rung, 'winters'>, readonly EntryKind[]> = {
  visits: ['adult', 'courting', 'laying', 'emerged'],
  lays: ['laying', 'eggs'],
  larvae: ['larva', 'trace'],
  chrysalis: ['chrysalis'],
  emerges: ['emerged'],
  nests: ['nest'],
  fledges: ['fledged'],
};

/** What shows that a stage passes the winter. */
const WINTER_STAGE: Partial<Record<TargetHere['wintering']['as'], EntryKind>> = {
  egg: 'eggs',
  larva: 'larva',
  pupa: 'chrysalis',
  adult: 'adult',
};

/** The steps that a creature can take in this garden, in their order. */
export function rungsOf(here: Pick<TargetHere, 'target' | 'occurrence' | 'flights' | 'flight' | 'larval' | 'wintering'>): Rung[] {
  if (here.target.kind === 'hummingbird') return nestingHalfMonths(here).length > 0 ? ['visits', 'nests', 'fledges'] : ['visits'];
  if (here.larval.length === 0) return ['visits'];
  const winters = WINTER_STAGE[here.wintering.as] !== undefined && here.wintering.in !== 'elsewhere';
  return ['visits', 'lays', 'larvae', 'chrysalis', 'emerges', ...(winters ? (['winters'] as const) : [])];
}

/**
 * Does an entry show that the creature came through the winter: the wintering stage found in its rest after the new year,
 * before it flies; or an adult fresh from its case in the first weeks of its flight?
 */
function cameThrough(entry: Entry, here: TargetHere): boolean {
  const day = averageDayOf(entry.on_day);
  const begins = ((here.flight.from - 1) % 365) + 1;
  if (entry.what === 'emerged') return day >= begins - SETTINGS.log.early_d && day <= begins + SETTINGS.log.emerges_d;
  return entry.what === WINTER_STAGE[here.wintering.as] && day < begins && shelterHalfMonths(here).includes(halfMonthOfDay(day));
}

/**
 * What a year’s log shows of a creature’s life here, step by step. A step is proved by a later one as well: who pupates has
 * eaten. `entries`: those about the creature; `today`: nothing after it counts.
 */
export function ladderOf(
  here: TargetHere,
  ambition: Ambition,
  entries: readonly Entry[],
  year: number,
  today: DayNumber,
): Ladder {
  const of = entries.filter((entry) => entry.on_day.startsWith(`${year}-`) && dayNumber(entry.on_day) <= today);
  const rungs = rungsOf(here).map((rung): RungSeen => {
    const seen = of.filter((entry) => (rung === 'winters' ? cameThrough(entry, here) : EVIDENCE[rung].includes(entry.what)));
    const days = seen.map((entry) => entry.on_day).sort();
    return {
      rung,
      state: seen.length > 0 ? 'seen' : 'unseen',
      first: days[0] ?? null,
      last: days.at(-1) ?? null,
      times: seen.length,
      count: seen.reduce((sum, entry) => sum + numberOf(entry), 0),
    };
  });
  let later = false;
  for (const row of [...rungs].reverse()) {
    if (row.rung === 'winters') continue;
    if (row.state === 'unseen' && later) row.state = 'follows';
    later ||= row.state === 'seen';
  }
  const proved = (rung: Rung) => rungs.some((row) => row.rung === rung && row.state !== 'unseen');
  const breeds = here.target.kind === 'hummingbird' ? proved('fledges') : proved('chrysalis');
  return {
    target: here.target.id,
    year,
    rungs,
    seenToClose: ambition === 'visits' || rungs.length === 1 ? proved('visits') : breeds,
    askWhy: ambition !== 'visits' && asksWhy(here, rungs, year, today),
  };
}

function asksWhy(here: TargetHere, rungs: readonly RungSeen[], year: number, today: DayNumber): boolean {
  const lays = rungs.find((row) => row.rung === 'lays');
  const visits = rungs.find((row) => row.rung === 'visits')!;
  if (!lays || lays.state !== 'unseen' || visits.times < SETTINGS.log.visitsUnlaid) return false;
  const laying = here.flights.filter((row) => row.laying);
  const over = Math.min(365, Math.max(...laying.map(({ window }) => window.to)));
  return dayNumber(`${year}-01-01`) + over - 1 < today || dayNumber(visits.first!) + SETTINGS.log.unlaid_d < today;
}
