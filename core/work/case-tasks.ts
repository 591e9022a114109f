import { isLeft, type CauseBook } from '../library/causes';
import { dayNumber } from '../model/days';
import type { Planting } from '../model/garden';
import type { Case } from '../model/why';
import { SETTINGS } from '../settings';
import { begun } from './plan-tasks';
import type { Task } from './task';

/** The name of a task of a case: what is done now, or the question whether it helped. */
export const caseTaskKey = (caseId: string, what: 'now' | 'ask'): string => `why ${caseId} ${what}`;

/** Remedies that Work has rules of its own for, in their season. */
const IN_SEASON: ReadonlySet<string> = new Set(['divide', 'renew']);
const lower = (text: string) => text.charAt(0).toLowerCase() + text.slice(1);

/** What the open cases ask for: the remedy of a cause that is acted on, and in some weeks whether it helped. */
export function caseTasks(cases: readonly Case[], book: CauseBook, plantings: readonly Planting[]): Task[] {
  return cases.flatMap((row) => {
    if (row.outcome !== null || row.cause === null || row.acted_on === null) return [];
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
    if (!isLeft(cause) && !IN_SEASON.has(cause.action ?? ''))
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
    if (row.ask_on !== null) {
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
    return tasks;
  });
}
