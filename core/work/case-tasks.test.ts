import { describe, expect, it } from 'vitest';
import { CauseBook } from '../library/causes';
import { dayNumber } from '../model/days';
import { CaseFields, type Case } from '../model/why';
import { cause, planting, symptom } from '../testing/worked-garden';
import { caseTaskKey, caseTasks } from './case-tasks';

const book = new CauseBook({
  symptoms: [symptom()],
  causes: [
    cause('thirst', { action: 'water', now: 'Water it.', creatures: 'Look for eggs.' }),
    cause('well', { well: true, now: 'Leave it.', next: 'Plant more.' }),
    cause('hopeless', { now: 'Nothing now.' }),
    cause('crowded', { action: 'divide' }),
    cause('bare', { next: 'Mulch it.' }),
  ],
  checks: [],
});
const row = (over: Partial<Case> = {}): Case => ({
  ...CaseFields.parse({
    symptom: 'droops',
    seen_on: '2026-07-01',
    cause: 'thirst',
    acted_on: '2026-07-02',
    ask_on: '2026-07-30',
  }),
  id: 'c1',
  revision: 0,
  ...over,
});
const tasksOf = (over: Partial<Case> = {}) =>
  caseTasks([row(over)], book, [planting('p', 'herb', 4)], { last_frost: '04-20', first_frost: '10-25' });

describe('tasks of a case', () => {
  it('are its remedy within the week, and in some weeks the question whether it helped', () => {
    const [now, ask] = tasksOf({ planting_id: 'p', site_id: 'bed' });
    expect(now).toMatchObject({
      key: caseTaskKey('c1', 'now'),
      action: 'remedy',
      site_id: 'bed',
      plantings: ['p'],
      plants: [{ plant: 'herb', count: 4 }],
      from: dayNumber('2026-07-02'),
      until: dayNumber('2026-07-08'),
      steps: ['Water it.', 'Look for eggs.'],
      title: 'it droops: thirst',
    });
    expect(ask).toMatchObject({ key: 'why c1 ask', action: 'follow-up', from: dayNumber('2026-07-30') });
  });
  it('are only the question where all is well, nothing helps now, or Work has its own season for it', () => {
    for (const cause of ['well', 'hopeless', 'crowded'])
      expect(tasksOf({ cause }).map((task) => task.action)).toEqual(['follow-up']);
  });
  it('are also what helps from the next spring on, even after the case is closed, unless it was dropped', () => {
    const next = tasksOf({ cause: 'bare' }).at(-1)!;
    // A month before 21 April, the first day after the average last frost.
    expect(next).toMatchObject({ key: 'why c1 next', action: 'remedy', from: dayNumber('2027-03-22'), steps: ['Mulch it.'] });
    const closed = { cause: 'bare', closed_on: '2026-08-01' } as const;
    expect(tasksOf({ ...closed, outcome: 'helped' }).map((task) => task.key)).toEqual(['why c1 next']);
    expect(tasksOf({ ...closed, outcome: 'dropped' })).toEqual([]);
  });
  it('are none before a cause is acted on, after the case is closed, and of a cause that is no more', () => {
    expect(tasksOf({ acted_on: null })).toEqual([]);
    expect(tasksOf({ outcome: 'helped', closed_on: '2026-08-01' })).toEqual([]);
    expect(tasksOf({ cause: 'gone' })).toEqual([]);
    expect(tasksOf({ symptom: 'gone' })).toEqual([]);
  });
  it('go without a planting that is no more', () => {
    expect(tasksOf({ planting_id: 'gone' })[0]).toMatchObject({ plantings: [], plants: [] });
  });
});
