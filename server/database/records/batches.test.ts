import { describe, expect, it } from 'vitest';
import { GardenFile } from '../../../core/model/garden';
import { BatchFields, type LookFields } from '../../../core/model/raise';
import { WorkFields } from '../../../core/model/work';
import { step } from '../journal';
import { pondGarden } from '../testing/presses';
import { addBatch, removeBatch, updateBatch } from './batches';
import { copyGarden, exportGarden, importGarden } from './garden-file';
import { readGarden } from './reading';
import { addWork } from './work';

const look = (over: Partial<LookFields> = {}) => ({
  on_day: '2027-05-01',
  up: 0,
  lost: 0,
  potted: 0,
  planted: 0,
  given: 0,
  note: '',
  ...over,
});
const fields = (over: object = {}) =>
  BatchFields.parse({ plant: 'asclepias-incarnata', method: 'winter-container', planned_on: '2027-01-05', units: 20, ...over });

describe('a batch', () => {
  it('is started, looked at, undone and done again, each as one change', () => {
    const { db, id } = pondGarden();
    const before = readGarden(db, id).batches.length;
    const batch = addBatch(db, id, fields(), 'Swamp milkweed');
    expect(readGarden(db, id).batches.at(-1)).toMatchObject({ id: batch, units: 20, looks: [], ended: false, revision: 0 });
    updateBatch(
      db,
      id,
      { id: batch, revision: 0 },
      fields({ begun_on: '2027-01-06', looks: [look({ up: 9 })] }),
      'Swamp milkweed',
    );
    expect(readGarden(db, id).batches.at(-1)).toMatchObject({ revision: 1, looks: [{ up: 9, on_day: '2027-05-01' }] });
    expect(step(db, id, 'undo')).toBe('Look at Swamp milkweed');
    expect(readGarden(db, id).batches.at(-1)!.looks).toEqual([]);
    expect(step(db, id, 'undo')).toBe('Start Swamp milkweed');
    expect(readGarden(db, id).batches).toHaveLength(before);
    step(db, id, 'redo');
    expect(readGarden(db, id).batches.at(-1)!.id).toBe(batch);
  });
  it('that somebody changed meanwhile is not written over', () => {
    const { db, id } = pondGarden();
    const batch = addBatch(db, id, fields(), 'x');
    updateBatch(db, id, { id: batch, revision: 0 }, fields({ units: 30 }), 'x');
    expect(() => updateBatch(db, id, { id: batch, revision: 0 }, fields({ units: 40 }), 'x')).toThrow();
    expect(readGarden(db, id).batches.at(-1)!.units).toBe(30);
  });
  it('goes with what was said of its steps, and comes back with it', () => {
    const { db, id } = pondGarden();
    const batch = addBatch(db, id, fields(), 'x');
    const said = readGarden(db, id).work.length;
    addWork(db, id, WorkFields.parse({ what: 'done', task: `raise ${batch} sow`, on_day: '2027-01-06' }), 'Tick off a task');
    removeBatch(db, id, { id: batch, revision: 0 });
    expect(readGarden(db, id).work).toHaveLength(said);
    step(db, id, 'undo');
    expect(readGarden(db, id).work).toHaveLength(said + 1);
  });
  it('goes out with the garden and comes in again, its ticked steps still its own', () => {
    const { db, id } = pondGarden();
    const batch = addBatch(db, id, fields({ begun_on: '2027-01-06', looks: [look({ up: 3 })] }), 'x');
    addWork(db, id, WorkFields.parse({ what: 'done', task: `raise ${batch} sow`, on_day: '2027-01-06' }), 'Tick off a task');
    const file = GardenFile.parse(JSON.parse(JSON.stringify(exportGarden(db, id))));
    const other = readGarden(db, importGarden(db, file));
    const last = other.batches.at(-1)!;
    expect(last.id).not.toBe(batch);
    expect(last).toMatchObject({ units: 20, looks: [{ up: 3 }] });
    expect(other.work.some((row) => row.task === `raise ${last.id} sow`)).toBe(true);
    expect(other.work.some((row) => row.task.includes(batch))).toBe(false);
    expect(readGarden(db, copyGarden(db, id, false)).batches).toEqual([]);
    expect(readGarden(db, copyGarden(db, id, true)).batches).toHaveLength(readGarden(db, id).batches.length);
  });
  it.each([
    ['no seeds', { units: 0 }, 'units'],
    ['more up than sown', { begun_on: '2027-01-06', looks: [look({ up: 21 })] }, 'More came up than were sown.'],
    [
      'more lost and planted than came up',
      { begun_on: '2027-01-06', looks: [look({ up: 4, lost: 2, planted: 3 })] },
      'than ever came up',
    ],
    ['more potted than came up', { begun_on: '2027-01-06', looks: [look({ up: 4, potted: 5 })] }, 'More were potted'],
    ['counted before it was begun', { looks: [look({ up: 1 })] }, 'Say when it was begun'],
    [
      'looks out of order',
      { begun_on: '2027-01-06', looks: [look({ on_day: '2027-05-02' }), look({ on_day: '2027-05-01' })] },
      'not in the order',
    ],
    ['no such way', { method: 'magic' }, 'a way of raising it'],
    ['a day that is none', { planned_on: '2027-02-30' }, 'not in the calendar'],
  ])('with %s is refused', (_, over, message) => {
    const result = BatchFields.safeParse({
      plant: 'a',
      method: 'winter-container',
      planned_on: '2027-01-05',
      units: 20,
      ...over,
    });
    expect(result.success).toBe(false);
    const said = result.error!.issues.map((issue) => `${issue.path.join('.')} ${issue.message}`).join(' ');
    expect(said).toContain(message);
  });
  it('a file with the same batch twice is refused with its place', () => {
    const { db, id } = pondGarden();
    const file = exportGarden(db, id);
    const twice = { ...file, batches: [file.batches[0], file.batches[0]] };
    expect(GardenFile.safeParse(twice).error!.issues[0]).toMatchObject({ path: ['batches', 1] });
  });
});
