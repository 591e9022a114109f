import { describe, expect, it } from 'vitest';
import { WorkFields } from '../../../core/model/work';
import { pondGarden } from '../testing/presses';
import { step } from '../journal';
import { exportGarden, copyGarden } from './garden-file';
import { readGarden } from './reading';
import { addWork, putDays, removeDay, removeWork } from './work';

const done = (task: string, on_day = '2027-05-08') => WorkFields.parse({ what: 'done', task, on_day });
const own = (title: string) => WorkFields.parse({ what: 'own', task: 'x', on_day: '2027-05-08', title, every_days: 14 });

describe('what is said of the work', () => {
  it('is written down and taken back, each as one change', () => {
    const { db, id } = pondGarden();
    const before = readGarden(db, id).work.length;
    const row = addWork(db, id, done('2027 thin x'), 'Tick off a task');
    expect(readGarden(db, id).work.at(-1)).toMatchObject({ id: row, what: 'done', task: '2027 thin x', revision: 0 });
    expect(step(db, id, 'undo')).toBe('Tick off a task');
    expect(readGarden(db, id).work).toHaveLength(before);
    step(db, id, 'redo');
    removeWork(db, id, readGarden(db, id).work.at(-1)!);
    expect(readGarden(db, id).work).toHaveLength(before);
    expect(() => removeWork(db, id, { id: row, revision: 0 })).toThrow(/may have been removed/);
  });
  it('an own task has a name of its own, and goes with what was said of it', () => {
    const { db, id } = pondGarden();
    const before = readGarden(db, id).work.length;
    const first = addWork(db, id, own('Oil the gate'), 'a');
    addWork(db, id, own('Oil the gate'), 'b');
    const [a, b] = readGarden(db, id).work.slice(-2);
    expect(a!.task).not.toBe(b!.task);
    addWork(db, id, done(a!.task), 'c');
    removeWork(db, id, { id: first, revision: 0 });
    expect(
      readGarden(db, id)
        .work.slice(before)
        .map((row) => row.id),
    ).toEqual([b!.id]);
    step(db, id, 'undo');
    expect(readGarden(db, id).work).toHaveLength(before + 3);
  });
  it.each([
    ['an own task without a title', { what: 'own', task: 'x', on_day: '2027-05-08' }, 'Say what is to be done.'],
    [
      'put off to an earlier day',
      { what: 'put-off', task: 'x', on_day: '2027-05-08', until: '2027-05-08' },
      'Put it off until a later day.',
    ],
    ['a day that is none', { what: 'done', task: 'x', on_day: '2027-02-30' }, 'That day is not in the calendar.'],
    ['no task', { what: 'done', task: ' ', on_day: '2027-02-03' }, 'Say which task is meant.'],
  ])('%s is refused', (_, fields, message) => {
    expect(WorkFields.safeParse(fields).error!.issues[0]!.message).toBe(message);
  });
  it('is left out of a copy without plants, and goes with one that has them', () => {
    const { db, id } = pondGarden();
    expect(exportGarden(db, copyGarden(db, id, false)).work).toEqual([]);
    expect(exportGarden(db, copyGarden(db, id, true)).work).toHaveLength(readGarden(db, id).work.length);
  });
});

describe('days of weather', () => {
  const day = (on_day: string, rain_mm: number) => ({ on_day, low_c: null, high_c: null, rain_mm });
  it('are written over where they are there, of two of one day the later counts', () => {
    const { db, id } = pondGarden();
    putDays(db, id, [day('2027-05-01', 3), day('2027-05-02', 4), day('2027-05-01', 5)]);
    putDays(db, id, [day('2027-05-02', 9)]);
    expect(readGarden(db, id).weather.map((row) => [row.on_day, row.rain_mm, row.revision])).toEqual([
      ['2027-05-01', 5, 0],
      ['2027-05-02', 9, 1],
    ]);
    expect(step(db, id, 'undo')).toBe('Write down a day’s weather');
    expect(readGarden(db, id).weather[1]!.rain_mm).toBe(4);
    expect(step(db, id, 'undo')).toBe('Write down the weather of 2 days');
    expect(readGarden(db, id).weather).toEqual([]);
  });
  it('are deleted at the revision that was seen', () => {
    const { db, id } = pondGarden();
    putDays(db, id, [day('2027-05-01', 3)]);
    const [row] = readGarden(db, id).weather;
    expect(() => removeDay(db, id, { id: row!.id, revision: 7 })).toThrow(/changed in another window/);
    removeDay(db, id, { id: row!.id, revision: 0 });
    expect(readGarden(db, id).weather).toEqual([]);
  });
});
