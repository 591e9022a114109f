import { afterAll, beforeEach, describe, expect, it } from 'vitest';
import { readFileSync } from 'node:fs';
import { GardenFile } from '../../../core/model/garden';
import { entry } from '../../../core/testing/log';
import { openDatabase, type Connection } from '../connection';
import { step } from '../journal';
import { readRow, readRows } from '../tables';
import { exportGarden, importGarden } from './garden-file';
import { addEntries, logSince, removeEntry, updateEntry } from './log';
import { exportPhotos, readPhoto, savePhoto } from './photos';
import { removeGarden } from './gardens';
import { readGarden } from './reading';
import { logAt, readSeen } from './seen';

const demo = GardenFile.parse(JSON.parse(readFileSync('demo/kettle-pond-commons.json', 'utf8')));
let db: Connection;
let garden: string;
beforeEach(() => {
  db?.close();
  db = openDatabase(':memory:', 'server/database/migrations');
  garden = importGarden(db, { ...demo, log: [] });
});
afterAll(() => db.close());
const bare = ({ revision: _, ...fields }: ReturnType<typeof entry>) => fields;
const milkweed = () =>
  readRows(db, 'planting', garden).find((row) => row.plant === 'asclepias-incarnata' && row.state === 'in-ground')!;

describe('writing entries down', () => {
  it('one that is sent twice is saved once', () => {
    const seen = bare(entry('adult', 'danaus-plexippus', '2026-07-04', { count: 2 }));
    expect(addEntries(db, garden, [seen], 'x')).toBe(1);
    expect(addEntries(db, garden, [seen], 'x')).toBe(0);
    expect(readRows(db, 'entry', garden)).toEqual([{ ...seen, revision: 0 }]);
    // Nothing was changed, so there is one change to undo.
    step(db, garden, 'undo');
    expect(readRows(db, 'entry', garden)).toEqual([]);
    expect(() => step(db, garden, 'undo')).toThrow('nothing to undo');
  });
  it('an id of another garden is refused', () => {
    const other = importGarden(db, { ...demo, log: [] });
    const seen = bare(entry('adult', 'danaus-plexippus', '2026-07-04'));
    addEntries(db, other, [seen], 'x');
    expect(() => addEntries(db, garden, [seen], 'x')).toThrow('Another garden has an entry of that id.');
  });
  it('many are one change', () => {
    const rows = Array.from({ length: 50 }, (_, i) => bare(entry('adult', 'danaus-plexippus', '2026-07-04', { count: i })));
    addEntries(db, garden, rows, 'x');
    step(db, garden, 'undo');
    expect(readRows(db, 'entry', garden)).toHaveLength(0);
  });
});

describe('a loss', () => {
  const loss = (count: number) =>
    bare(entry('lost', 'asclepias-incarnata', '2026-05-14', { count, planting_id: milkweed().id, cause: 'winter' }));
  it('changes the planting in the same change, and undo brings both back', () => {
    const before = milkweed();
    const lost = loss(4);
    addEntries(db, garden, [lost], 'x');
    expect(milkweed().count).toBe(before.count - 4);
    expect(readRow(db, 'planting', garden, lost.id)).toMatchObject({ count: 4, state: 'lost', lost_year: 2026 });
    step(db, garden, 'undo');
    expect(milkweed().count).toBe(before.count);
    expect(readRow(db, 'planting', garden, lost.id)).toBeUndefined();
    expect(readRows(db, 'entry', garden)).toEqual([]);
  });
  it('removed again gives the plants back; changed, it counts as it says now', () => {
    const before = milkweed().count;
    const lost = loss(4);
    addEntries(db, garden, [lost], 'x');
    updateEntry(db, garden, { id: lost.id, revision: 0 }, { ...lost, count: 2 });
    expect(milkweed().count).toBe(before - 2);
    removeEntry(db, garden, { id: lost.id, revision: 1 });
    expect(milkweed().count).toBe(before);
  });
  it('of more than stand there, or of what is lost already, is refused beside its field', () => {
    const all = loss(milkweed().count);
    expect(() => addEntries(db, garden, [loss(99)], 'x')).toThrow(`Only ${milkweed().count} stand there.`);
    addEntries(db, garden, [all], 'x');
    const again = { ...all, id: 'again' };
    expect(() => addEntries(db, garden, [again], 'x')).toThrow('It is written down as lost already.');
    expect(readRow(db, 'entry', garden, 'again')).toBeUndefined();
  });
  it('of a plant that stands there no longer is refused', () => {
    expect(() => addEntries(db, garden, [{ ...loss(1), of: 'zizia-aurea' }], 'x')).toThrow('Another plant stands there by now.');
  });
});

describe('what changed of a log', () => {
  it('is asked for by the last change that is known', () => {
    const [a, b] = [
      bare(entry('adult', 'danaus-plexippus', '2026-07-04')),
      bare(entry('eggs', 'danaus-plexippus', '2026-07-05')),
    ];
    addEntries(db, garden, [a, b], 'x');
    const all = logSince(db, garden, 0);
    expect([all.whole, all.count, all.put.map((row) => row.id)]).toEqual([true, 2, [a.id, b.id]]);
    expect(logSince(db, garden, all.at)).toEqual({ at: all.at, whole: false, count: 2, put: [], gone: [] });
    updateEntry(db, garden, { id: a.id, revision: 0 }, { ...a, count: 3 });
    removeEntry(db, garden, { id: b.id, revision: 0 });
    const since = logSince(db, garden, all.at);
    expect(since).toMatchObject({ whole: false, count: 1, put: [{ id: a.id, count: 3, revision: 1 }], gone: [b.id] });
    step(db, garden, 'undo');
    expect(logSince(db, garden, since.at)).toMatchObject({ count: 2, put: [{ id: b.id }], gone: [] });
  });
  it('a change that was never made here is answered with all', () => {
    addEntries(db, garden, [bare(entry('adult', 'danaus-plexippus', '2026-07-04'))], 'x');
    expect(logSince(db, garden, 10_000)).toMatchObject({ whole: true, count: 1 });
  });
  it('the dates follow the log, also where a change fails', () => {
    addEntries(db, garden, [bare(entry('first-flower', 'zizia-aurea', '2026-05-08'))], 'x');
    expect(readSeen(db, garden).map((row) => row.on_day)).toEqual(['2026-05-08']);
    const at = logAt(db, garden);
    addEntries(db, garden, [bare(entry('first-flower', 'zizia-aurea', '2025-05-08'))], 'x');
    expect(logAt(db, garden)).toBeGreaterThan(at);
    expect(readGarden(db, garden).seen).toHaveLength(2);
    step(db, garden, 'undo');
    expect(readGarden(db, garden).seen).toHaveLength(1);
  });
  it('a walk that is removed leaves what was counted on it', () => {
    const walk = bare(entry('walk', null, '2026-07-04', { minutes: 20 }));
    const seen = bare(entry('adult', 'danaus-plexippus', '2026-07-04', { walk_id: walk.id }));
    addEntries(db, garden, [walk, seen], 'x');
    removeEntry(db, garden, { id: walk.id, revision: 0 });
    expect(readRows(db, 'entry', garden)).toMatchObject([{ id: seen.id, walk_id: null }]);
  });
});

describe('photographs', () => {
  // The smallest JPEG there can be: start, a scan and its end, without an image a browser could draw.
  const jpeg = (mark: number) =>
    `data:image/jpeg;base64,${Buffer.from([0xff, 0xd8, 0xff, 0xda, 0, 3, mark, 1, 0xff, 0xd9]).toString('base64')}`;
  const PHOTO = { full: jpeg(1), small: jpeg(2) };
  it('are saved once, and not served from a garden that was removed', () => {
    savePhoto(db, garden, 'p1', PHOTO);
    savePhoto(db, garden, 'p1', { full: jpeg(9), small: jpeg(9) });
    expect([readPhoto(db, garden, 'p1', 'full')[6], readPhoto(db, garden, 'p1', 'small')[6]]).toEqual([1, 2]);
    expect(() => readPhoto(db, garden, 'p2', 'full')).toThrow('no such photograph');
    removeGarden(db, garden, readGarden(db, garden).garden.revision);
    expect(() => readPhoto(db, garden, 'p1', 'full')).toThrow('There is no garden');
  });
  it('travel with the garden’s file and come back the same; those nothing speaks of stay behind', () => {
    savePhoto(db, garden, 'p1', PHOTO);
    savePhoto(db, garden, 'orphan', PHOTO);
    addEntries(db, garden, [bare(entry('picture', null, '2026-07-04', { photos: ['p1'] }))], 'x');
    const file = GardenFile.parse(JSON.parse(JSON.stringify(exportGarden(db, garden))));
    expect(file.photos).toEqual([{ id: 'p1', ...PHOTO }]);
    const twin = importGarden(db, file);
    expect(exportPhotos(db, twin, new Set(['p1']))).toEqual(file.photos);
    expect(readRows(db, 'entry', twin)[0]!.photos).toEqual(['p1']);
  });
});
