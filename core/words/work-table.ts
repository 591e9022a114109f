import { isoOf, type DayNumber } from '../model/days';
import type { Task } from '../work/task';
import { ACTION_WORDS, amountWords, forWords, stepSentences, taskTitle, type Names } from './work';
import { inUnitsOf, type Units } from './units';

/** A task as a row of a table elsewhere; the columns of `TASK_COLUMNS`. */
export const TASK_COLUMNS = ['from', 'until', 'work', 'bed', 'plants', 'minutes', 'amount', 'with', 'how', 'why'] as const;

/** Tasks as rows of text, by the columns. */
export function taskRows(tasks: readonly Task[], names: Names, units: Units): string[][] {
  return tasks.map((task) => [
    isoOf(task.from),
    isoOf(task.until),
    ACTION_WORDS[task.action],
    task.site_id === null ? '' : names.site(task.site_id),
    task.plants.length > 0
      ? task.plants.map(({ plant, count }) => `${count} ${names.plant(plant)}`).join('; ')
      : forWords(task, names),
    String(Math.round(task.minutes)),
    task.amounts.map((row) => amountWords(row, units)).join('; '),
    task.tools,
    stepSentences(task, units).join(' '),
    inUnitsOf(task.why, units),
  ]);
}

/** A task as days of a calendar elsewhere; both days belong to it. */
export interface WorkEvent {
  key: string;
  kind: string;
  title: string;
  note: string;
  first: string;
  last: string;
}

/** Tasks as events from a day on: one with its whole window, one that repeats each time it is due. */
export function workEvents(tasks: readonly Task[], names: Names, units: Units, from: DayNumber): WorkEvent[] {
  return tasks.flatMap((task) => {
    const event = (key: string, first: DayNumber, last: DayNumber): WorkEvent => ({
      key: key.replaceAll(' ', '-'),
      kind: ACTION_WORDS[task.action],
      title: taskTitle(task, names),
      note: [...stepSentences(task, units), inUnitsOf(task.why, units)].filter(Boolean).join(' '),
      first: isoOf(first),
      last: isoOf(last),
    });
    if (task.every === null) return task.until < from ? [] : [event(task.key, task.from, task.until)];
    const found: WorkEvent[] = [];
    for (let day = task.from; day <= Math.min(task.until, from + 365); day += task.every)
      if (day >= from) found.push(event(`${task.key} ${isoOf(day)}`, day, day));
    return found;
  });
}
