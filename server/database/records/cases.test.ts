import { describe, expect, it } from 'vitest';
import { GardenFile } from '../../../core/model/garden';
import { CaseFields } from '../../../core/model/why';
import { WorkFields } from '../../../core/model/work';
import { step } from '../journal';
import { pondGarden } from '../testing/presses';
import { addCase, removeCase, updateCase } from './cases';
import { copyGarden, exportGarden, importGarden } from './garden-file';
import { readGarden } from './reading';
import { addWork } from './work';

const fields = (over: object = {}) =>
  CaseFields.parse({ symptom: 'wilting', of: 'asclepias-incarnata', seen_on: '2027-05-08', ...over });

describe('a case', () => {
  it('is saved, acted on, closed, undone and done again, each as one change', () => {
    const { db, id } = pondGarden();
    const row = addCase(db, id, fields(), 'It wilts');
    expect(readGarden(db, id).cases.at(-1)).toMatchObject({ id: row, answers: [], cause: null, outcome: null, revision: 0 });
    const answers = [{ check: 'soil-dry', yes: true, on_day: '2027-05-08' }];
    const acted = fields({ answers, cause: 'dry', acted_on: '2027-05-08', ask_on: '2027-06-05' });
    updateCase(db, id, { id: row, revision: 0 }, acted, 'It wilts');
    expect(readGarden(db, id).cases.at(-1)).toMatchObject({ revision: 1, cause: 'dry', answers });
    updateCase(db, id, { id: row, revision: 1 }, { ...acted, outcome: 'helped', closed_on: '2027-06-06' }, 'It wilts');
    expect(step(db, id, 'undo')).toBe('Say what came of “It wilts”');
    expect(step(db, id, 'undo')).toBe('Act on “It wilts”');
    expect(readGarden(db, id).cases.at(-1)).toMatchObject({ cause: null, answers: [] });
    expect(step(db, id, 'redo')).toBe('Act on “It wilts”');
    expect(readGarden(db, id).cases.at(-1)).toMatchObject({ cause: 'dry' });
  });
  it('that somebody else changed meanwhile is not written over', () => {
    const { db, id } = pondGarden();
    const row = addCase(db, id, fields(), 'x');
    updateCase(db, id, { id: row, revision: 0 }, fields({ note: 'one' }), 'x');
    expect(() => updateCase(db, id, { id: row, revision: 0 }, fields({ note: 'two' }), 'x')).toThrow();
    expect(readGarden(db, id).cases.at(-1)!.note).toBe('one');
  });
  it('goes with what was said of its tasks', () => {
    const { db, id } = pondGarden();
    const row = addCase(db, id, fields({ cause: 'dry', acted_on: '2027-05-08' }), 'x');
    addWork(db, id, WorkFields.parse({ what: 'done', task: `why ${row} now`, on_day: '2027-05-08' }), 'x');
    const before = readGarden(db, id).work.length;
    const { revision } = readGarden(db, id).cases.find((one) => one.id === row)!;
    removeCase(db, id, { id: row, revision });
    expect(readGarden(db, id).cases.some((one) => one.id === row)).toBe(false);
    expect(readGarden(db, id).work.length).toBe(before - 1);
    step(db, id, 'undo');
    expect(readGarden(db, id).work.length).toBe(before);
  });
  it('is checked at the door', () => {
    expect(CaseFields.safeParse({ symptom: 'x', seen_on: '2027-05-08', acted_on: '2027-05-08' }).error!.issues[0]!.message).toBe(
      'Say which cause you act on.',
    );
    expect(CaseFields.safeParse({ symptom: 'x', seen_on: '2027-05-08', outcome: 'helped' }).success).toBe(false);
    expect(CaseFields.safeParse({ symptom: 'x', seen_on: '2027-05-08', outcome: 'maybe', closed_on: '2027-05-09' }).success).toBe(
      false,
    );
    expect(CaseFields.safeParse({ symptom: 'x', seen_on: 'soon' }).success).toBe(false);
  });
});

describe('cases in files', () => {
  it('go out and come in with their plantings, beds and what was said of their tasks', () => {
    const { db, id } = pondGarden();
    const { plantings } = readGarden(db, id);
    const one = plantings.find((row) => row.plant === 'asclepias-incarnata')!;
    const row = addCase(db, id, fields({ planting_id: one.id, site_id: one.site_id, cause: 'dry', acted_on: '2027-05-08' }), 'x');
    addWork(db, id, WorkFields.parse({ what: 'done', task: `why ${row} now`, on_day: '2027-05-08' }), 'x');
    const file = GardenFile.parse(JSON.parse(JSON.stringify(exportGarden(db, id))));
    const again = importGarden(db, { ...file, garden: { ...file.garden, name: 'Again' } });
    const copy = readGarden(db, again);
    const found = copy.cases.at(-1)!;
    expect(found.id).not.toBe(row);
    expect(copy.plantings.find((planting) => planting.id === found.planting_id)).toMatchObject({
      plant: one.plant,
      site_id: found.site_id,
    });
    expect(copy.work.some((said) => said.task === `why ${found.id} now`)).toBe(true);
  });
  it('a copy for another year has none; a file twice the same case is refused', () => {
    const { db, id } = pondGarden();
    addCase(db, id, fields(), 'x');
    expect(readGarden(db, copyGarden(db, id, false)).cases).toEqual([]);
    expect(readGarden(db, copyGarden(db, id, true)).cases.length).toBe(readGarden(db, id).cases.length);
    const file = JSON.parse(JSON.stringify(exportGarden(db, id))) as { cases: object[] };
    file.cases.push(file.cases[0]!);
    expect(GardenFile.safeParse(file).error!.issues[0]!.message).toContain('The case');
  });
});
