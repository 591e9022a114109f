import { isLeft, type CauseBook } from '../library/causes';
import { dayInYear, dayNumber, yearOf } from '../model/days';
import type { Frosts } from '../model/here';
import { frostFree } from '../place/climate/frost';
import type { Planting } from '../model/garden';
import type { Case } from '../model/why';
import { SETTINGS } from '../settings';
import { begun } from './plan-tasks';
import type { Task } from './task';

/** The name of a task of a case: what is done now, the question whether it helped, or what is done next season. */
export const caseTaskKey = (caseId: string, what: 'now' | 'ask' | 'next'): string => `why ${caseId} ${what}`;

/** Remedies that Work has rules of its own for, in their season. */
const IN_SEASON: ReadonlySet<string> = new Set(['divide', 'renew']);
const lower = (text: string) => text.charAt(0).toLowerCase() + text.slice(1);

/**
 * What cases ask for: the remedy of a cause that is acted on, in some weeks whether it helped, and about the last frost of the
 * next spring what helps from then on, whether or not the case is closed.
 */
export function caseTasks(cases: readonly Case[], book: CauseBook, plantings: readonly Planting[], frosts: Frosts): Task[] {
  return cases.flatMap((row) => {
    if (row.outcome === 'dropped' || row.cause === null || row.acted_on === null) return [];
    const symptom = book.symptom(row.symptom);
    const cause = book.cause(row.symptom, row.cause);
    if (!symptom || !cause) return [];
    const planting = plantings.find((one) => one.id === row.planting_id);
    const common = {
      source: 'why',
      site_id: row.site_id,
      plantings: planting ? [planting.id] : [],
      plants: planting ? [{ plant: planting.plant, count: planting.count }] : [],
      title: `${lower(symptom.name)}: ${lower(cause.name)}`,
    } as const;
    const from = dayNumber(row.acted_on);
    const tasks: Task[] = [];
    const open = row.outcome === null;
    if (open && !isLeft(cause) && !IN_SEASON.has(cause.action ?? ''))
      tasks.push(
        begun({
          ...common,
          key: caseTaskKey(row.id, 'now'),
          action: 'remedy',
          from,
          until: from + SETTINGS.work.week_d - 1,
          minutes: SETTINGS.why.remedyMinutes,
          steps: [cause.now, cause.creatures].filter(Boolean),
          why: cause.name,
        }),
      );
    if (open && row.ask_on !== null) {
      const ask = dayNumber(row.ask_on);
      tasks.push(
        begun({
          ...common,
          key: caseTaskKey(row.id, 'ask'),
          action: 'follow-up',
          from: ask,
          until: ask + SETTINGS.why.askWithin_d,
          minutes: SETTINGS.work.minutes.least,
          steps: [],
          why: cause.name,
        }),
      );
    }
    if (cause.next !== '' && !cause.well) {
      const spring = dayInYear(yearOf(from) + 1, frostFree(frosts).from);
      const { before_d, after_d } = SETTINGS.why.nextSeason;
      tasks.push(
        begun({
          ...common,
          key: caseTaskKey(row.id, 'next'),
          action: 'remedy',
          from: spring - before_d,
          until: spring + after_d,
          minutes: SETTINGS.why.remedyMinutes,
          steps: [cause.next],
          why: cause.name,
        }),
      );
    }
    return tasks;
  });
}
