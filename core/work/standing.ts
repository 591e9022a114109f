import { dayNumber, type DayNumber } from '../model/days';
import type { Work } from '../model/work';
import { weatherOn, type Weather } from '../place/weather/weather';
import { SETTINGS } from '../settings';
import type { Task, TaskAction } from './task';

/** Where a task stands on a day. `open`: its window is open, and any day of it will do; `anytime`: it stays so for long. */
export type Standing = 'late' | 'today' | 'open' | 'week' | 'anytime' | 'coming' | 'later' | 'done' | 'skipped' | 'gone';

/** A task on a day: where it stands, when it is due, and the best day for it. */
export interface TaskOn extends Task {
  standing: Standing;
  due: DayNumber;
  /** The best day of the coming seven within its window; null where the window is not open in them. */
  best: DayNumber | null;
  /** When it was last done, and put off until. */
  last: DayNumber | null;
  putOff: DayNumber | null;
}

/** Is it to be done now: late, today, or in a window that is open and closes before long? */
export const isNow = ({ standing }: Pick<TaskOn, 'standing'>): boolean =>
  standing === 'late' || standing === 'today' || standing === 'open';

/** What cannot wait for a better day. */
const URGENT: ReadonlySet<TaskAction> = new Set(['water', 'bring-in', 'protect']);
const DRY_WORK: ReadonlySet<TaskAction> = new Set([
  'cut-down',
  'cut-dead',
  'cut-third',
  'shear',
  'thin',
  'deadhead',
  'feed',
  'mulch',
  'cut',
  'pinch',
]);
const COOL_WORK: ReadonlySet<TaskAction> = new Set(['plant', 'divide', 'sow', 'harden-off', 'take-out']);

/** What was said of tasks, by the task. */
export function saidOf(work: readonly Work[]): Map<string, Work[]> {
  const found = new Map<string, Work[]>();
  for (const row of work) if (row.what !== 'own') found.set(row.task, [...(found.get(row.task) ?? []), row]);
  return found;
}

/** How good a day is for a task, more is better: dry for cuts and mulch, cool with rain to follow for what has to root. */
function goodness(action: TaskAction, day: DayNumber, weather: Weather | null): number {
  const on = weather && weatherOn(weather, day);
  if (!on) return 0;
  const { wetDay_mm, hotDay_c } = SETTINGS.work;
  const wet = on.rain_mm >= wetDay_mm;
  if (DRY_WORK.has(action)) return wet ? -1 : 0;
  if (!COOL_WORK.has(action)) return 0;
  const rainAfter = (weatherOn(weather, day + 1)?.rain_mm ?? 0) >= wetDay_mm;
  return (wet ? -1 : 0) + (on.high_c >= hotDay_c ? -2 : 0) + (rainAfter ? 1 : 0);
}

/** The best day for a task among the coming ones of its window, the first of several as good. */
function bestDay(task: Task, due: DayNumber, today: DayNumber, weather: Weather | null): DayNumber | null {
  const first = Math.max(due, today);
  const last = Math.min(task.until, today + SETTINGS.work.week_d - 1);
  let best: DayNumber | null = null;
  let most = -Infinity;
  for (let day = first; day <= last; day++) {
    const good = goodness(task.action, day, weather);
    if (good > most) [best, most] = [day, good];
  }
  return best;
}

/**
 * Where a task stands on a day, after what was said of it: one that is done comes again after its days, within its window;
 * one that was put off is due on the day it was put off to.
 */
export function standingOn(task: Task, said: readonly Work[], today: DayNumber, weather: Weather | null): TaskOn {
  const upTo = said.filter((row) => dayNumber(row.on_day) <= today);
  const days = (what: Work['what']) => upTo.filter((row) => row.what === what).map((row) => dayNumber(row.on_day));
  const done = Math.max(-Infinity, ...days('done'));
  const skipped = Math.max(-Infinity, ...days('skipped'));
  const settled = Math.max(done, skipped);
  const last = Number.isFinite(done) ? done : null;
  const lastPutOff = upTo.filter((row) => row.what === 'put-off').at(-1);
  const putOff = lastPutOff?.until && dayNumber(lastPutOff.on_day) >= settled ? dayNumber(lastPutOff.until) : null;
  let due = task.from;
  if (Number.isFinite(settled)) {
    const again = task.every === null ? Infinity : settled + task.every;
    if (settled >= task.from - SETTINGS.work.week_d && again > task.until)
      return { ...task, standing: done >= skipped ? 'done' : 'skipped', due, best: null, last, putOff: null };
    if (task.every !== null) due = Math.max(due, again);
  }
  if (putOff !== null) due = Math.max(due, putOff);
  const on = { ...task, due, last, putOff, best: bestDay(task, due, today, weather) };
  if (today > Math.max(task.until, due)) {
    const late = today <= Math.max(task.until, due) + SETTINGS.work.late_d;
    return { ...on, standing: late && task.every === null && task.action !== 'watch' ? 'late' : 'gone' };
  }
  const { week_d, coming_d, anytime_d } = SETTINGS.work;
  if (due <= today) {
    const long = task.every === null && task.until - today > anytime_d;
    return { ...on, standing: URGENT.has(task.action) || task.until <= today ? 'today' : long ? 'anytime' : 'open' };
  }
  return { ...on, standing: due < today + week_d ? 'week' : due < today + coming_d ? 'coming' : 'later' };
}
