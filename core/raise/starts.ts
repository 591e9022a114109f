import type { YearDays } from '../almanac/anchors';
import { isSeedMethod, type Way } from '../library/ways';
import { dayInYear, yearOf, type DayNumber } from '../model/days';
import type { PlantHere } from '../model/here';
import type { YearClass } from '../model/vocabulary';
import { SETTINGS } from '../settings';
import { rootingDays } from './out';
import type { RaisePlace } from './place';

/** When a way can be begun: from the first day on, best on one, and not after the latest. */
export interface Start {
  from: DayNumber;
  best: DayNumber;
  latest: DayNumber;
}
/** Why a way cannot be taken here. */
export type NoStart = { no: 'cold'; days: number; wanted: number } | { no: 'season' };
export const isStart = (start: Start | NoStart): start is Start => 'best' in start;

type Here = Pick<PlantHere, 'plant' | 'bloom' | 'foliage' | 'sowing'>;

const SPAN = /^(?:([a-z-]+):)?(.+)\.\.(.+)$/;
/** What stands for an anchor that a plant or place does not have: an evergreen never sheds, a wet place has no first rains. */
const INSTEAD: [RegExp, string][] = [
  [/^leaf-fall/, 'first-frost+28'],
  [/^rains/, 'first-frost'],
];

/** The spans of a cell that hold in a class of year: those named for it, else those for any. */
function spansOf(window: string, yearClass: YearClass): { from: string; until: string }[] {
  const spans = window.split('|').map((text) => {
    const [, of, from, until] = SPAN.exec(text)!;
    return { of, from: from!, until: until! };
  });
  const own = spans.filter((span) => span.of === yearClass);
  return own.length > 0 ? own : spans.filter((span) => span.of === undefined);
}

function dayOf(anchor: string, here: Here, days: YearDays): number | null {
  const day = days.dayOf(anchor, here);
  if (day !== null) return day;
  const instead = INSTEAD.find(([pattern]) => pattern.test(anchor));
  return instead ? days.dayOf(instead[1], here) : null;
}

/** A span of a cell as the days on which it begins in a year; null where it has none here. */
function spanIn(span: { from: string; until: string }, here: Here, place: RaisePlace, year: number): Start | null {
  const from = dayOf(span.from, here, place.days(year));
  let until = dayOf(span.until, here, place.days(year));
  if (from === null || until === null) return null;
  // A span from autumn to spring ends in the year after; where a short season lets its ends pass each other, some of it is left.
  if (until < from - PASSED_d) until = (dayOf(span.until, here, place.days(year + 1)) ?? until) + 365;
  until = Math.max(until, from + LEAST_SPAN_d);
  const first = dayInYear(year, from);
  return { from: first, best: first, latest: dayInYear(year, until) };
}

/** Day of the year by which what was sown must be begun so that it still comes to something before the first frost. */
function lastSowing(way: Way, here: Here, days: YearDays): number {
  const { plant, sowing } = here;
  const frost = days.dayOf('first-frost', null)!;
  const { pot_on_d, grow_d, harden_d } = SETTINGS.raise;
  if (plant.kind === 'annual') return frost - SETTINGS.sowing.beforeFrost_d - (sowing?.toFlower_d ?? 75);
  const up = frost - rootingDays(plant) - (way.row.days_to ?? 30);
  if (way.method === 'spring-in-place') return up;
  // What comes up slowly stays in its pot over winter: it can be sown until spring is there all the same.
  return Math.max(up - (way.row.pot_on_days ?? pot_on_d) - grow_d - harden_d, days.dayOf('last-frost', null)! - SPRING_d);
}

/**
 * When a way can be begun in a year (of a winter: in its autumn): seed from the frosts, the cold it wants and the winter's
 * own; parts from their season. A NoStart where it cannot be here.
 */
function startIn(way: Way, here: Here, place: RaisePlace, year: number): (Start | NoStart)[] {
  const { method, row } = way;
  const { plant } = here;
  const days = place.days(year);
  const chill = row.chill_days ?? 0;
  const warm = row.warm_days ?? 0;
  const cold = place.cold;
  const on = (day: number) => dayInYear(year, day);
  const outdoors = method === 'winter-container' || method === 'autumn-in-place';
  if (outdoors && chill > (cold?.days ?? 0)) return [{ no: 'cold', days: cold?.days ?? 0, wanted: chill }];
  const cells =
    row.window !== '' && method !== 'indoors' && method !== 'chilled-indoors' ? row.window : usual(way, place.yearClass);
  if (cells !== null) {
    const spans = spansOf(cells, place.yearClass).flatMap((span) => spanIn(span, here, place, year) ?? []);
    if (!outdoors || chill === 0 || cold === null) return spans.length > 0 ? spans : [{ no: 'season' }];
    // It must lie in the cold for long enough; what wants warmth first, before it.
    const last = warm > 0 ? on(cold.from - warm) : on(cold.to + 1 - chill);
    return spans.map((span) => {
      if (warm > 0 && row.window === '') return { from: last - WARM_START_d, best: last - WARM_START_d / 2, latest: last };
      return { ...span, latest: Math.min(span.latest, Math.max(last, span.from)) };
    });
  }
  switch (method) {
    case 'winter-container': {
      if (cold === null) return [{ no: 'cold', days: 0, wanted: chill }];
      if (warm > 0) {
        const last = on(cold.from - warm);
        return [{ from: last - WARM_START_d, best: last - WARM_START_d / 2, latest: last }];
      }
      const latest = on(cold.to + 1 - chill);
      return [{ from: on(cold.from), best: Math.min(latest, Math.max(on(cold.from), on(MIDWINTER))), latest }];
    }
    case 'spring-in-place': {
      const usualDay = days.dayOf('last-frost', null)! - 7 * (plant.sow_in_place ?? 0);
      // Where summers are hot and dry, what is sown late comes up into the heat.
      const heat =
        place.yearClass === 'desert' || place.yearClass === 'dry-summer'
          ? days.dayOf('last-frost', null)! + BEFORE_HEAT_d
          : Infinity;
      return window(usualDay, usualDay, Math.min(heat, lastSowing(way, here, days)));
    }
    default: {
      // Indoors: back from the last frost; chilled before that.
      const { indoors_w, earlier_w } = SETTINGS.raise;
      const sow = days.dayOf('last-frost', null)! - 7 * (plant.sow_indoors ?? indoors_w);
      const before = method === 'chilled-indoors' ? chill + warm : 0;
      return window(sow - before - 7 * earlier_w, sow - before, lastSowing(way, here, days) - before);
    }
  }
  function window(from: number, best: number, latest: number): (Start | NoStart)[] {
    return latest < from ? [{ no: 'season' }] : [{ from: on(from), best: on(Math.min(best, latest)), latest: on(latest) }];
  }
}
/** Days before the last frost until which what is to winter in its pot is sown indoors. */
const SPRING_d = 14;
/** Days by which the end of a span can lie before its beginning and still belong to the same season. */
const PASSED_d = 100;
/** Days that a season of parts lasts at the least. */
const LEAST_SPAN_d = 14;
/** Days after the last frost in which it is still cool enough to sow in place where summers are dry. */
const BEFORE_HEAT_d = 45;
/** Days in which seed that wants warmth before the cold can be sown. */
const WARM_START_d = 44;
/** The winter solstice: by then it is cold enough that nothing comes up too early. */
const MIDWINTER = 355;

/** The usual season of a method, where the row names none and it does not follow from the frosts. */
function usual({ method }: Way, yearClass: YearClass): string | null {
  if (method === 'autumn-in-place') return SETTINGS.raise.autumn[yearClass];
  return isSeedMethod(method) ? null : SETTINGS.raise.parts[method as keyof typeof SETTINGS.raise.parts];
}

/** The next start of a way on or after a day: one that is open has its best day today at the earliest. */
export function nextStart(way: Way, here: Here, place: RaisePlace, today: DayNumber): Start | NoStart {
  const year = yearOf(today);
  let refused: NoStart | null = null;
  const found: Start[] = [];
  for (const of of [year - 1, year, year + 1])
    for (const start of startIn(way, here, place, of)) {
      if (!isStart(start)) refused ??= start;
      else if (start.latest >= today) found.push(start);
    }
  const next = found.sort((a, b) => a.from - b.from)[0];
  if (!next) return refused ?? { no: 'season' };
  return { ...next, best: Math.max(next.best, today) > next.latest ? Math.max(next.from, today) : Math.max(next.best, today) };
}

/** A second start, made so that one lost tray is not all; null where the season has no room for it. */
export function secondStart({ best, latest }: Start): DayNumber | null {
  const second = best + SETTINGS.raise.secondStart_d;
  return second <= latest ? second : null;
}
