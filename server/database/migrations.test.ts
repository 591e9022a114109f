import { copyFileSync, existsSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import Database from 'better-sqlite3';
import { GardenFile, SiteFields, type Site } from '../../core/model/garden';
import { FRESH_WISHES } from '../../core/model/fresh-wishes';
import { closeDatabase, openDatabase } from './connection';
import { step } from './journal';
import { withOwn } from '../../core/library/own';
import { loadLibrary, readLibrary } from './library';
import { exportGarden, importGarden } from './records/garden-file';
import { createGarden, listGardens } from './records/gardens';
import { updateWishes } from './records/plans';
import { readGarden } from './records/reading';
import { updateSite } from './records/sites';
import { readRows } from './tables';

const MIGRATIONS = 'server/database/migrations';
const folder = mkdtempSync(join(tmpdir(), 'outwash-migrations-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

it('a database from before the survey keeps its garden, and what was done then can still be undone', () => {
  for (const name of ['001-start.sql', '002-own-rows.sql']) copyFileSync(join(MIGRATIONS, name), join(folder, name));
  const file = join(folder, 'old.sqlite');
  const old = openDatabase(file, folder);
  old.exec(`
    INSERT INTO garden (id, name, region, lat, lon, elevation_m, half_zone, children, dogs, cats, grazing, school_plants, school_autumn, school_pots)
      VALUES ('yard', 'Yard', 'northeast-coast', 41.7, -70.4, 10, '7a', 0, 0, 0, 0, 'natives-first', 'leave', 'two-zones');
    INSERT INTO plan (id, garden_id, position, name, current) VALUES ('plan', 'yard', 1, 'Plan', 1);
    INSERT INTO site (id, garden_id, revision, position, name, kind, area_m2, sun_h, sun_when, texture, drainage, ph, moisture, salt, features)
      VALUES ('bed', 'yard', 1, 1, 'Bed', 'bed', 12, 6, 'all-day', 'loam', 'well', 6.5, 3, 'none', '[]');
  `);
  const row = (sun_h: number) => ({
    id: 'bed',
    revision: sun_h - 5,
    name: 'Bed',
    kind: 'bed',
    area_m2: 12,
    volume_l: null,
    sun_h,
    sun_when: 'all-day',
    texture: 'loam',
    drainage: 'well',
    ph: 6.5,
    moisture: 3,
    salt: 'none',
    features: [],
    notes: '',
  });
  old
    .prepare(`INSERT INTO journal (garden_id, label, changes) VALUES ('yard', 'Change Bed', ?)`)
    .run(JSON.stringify([{ table: 'site', id: 'bed', before: row(5), after: row(6) }]));
  old.close();

  const db = openDatabase(file, MIGRATIONS);
  expect(readGarden(db, 'yard').sites[0]).toMatchObject({ sun_h: 6, outline: [], pot: null, counts: {}, richness: 'medium' });
  expect(step(db, 'yard', 'undo')).toBe('Change Bed');
  expect(readGarden(db, 'yard').sites[0]).toMatchObject({ sun_h: 5, outline: [], runoff: 'none' });
  expect(GardenFile.safeParse(exportGarden(db, 'yard')).success).toBe(true);
  db.close();
});

describe('a database that cannot be used is refused in a sentence', () => {
  it('one that a newer version has written, which is left as it is', () => {
    const file = join(folder, 'newer.sqlite');
    const newer = openDatabase(file, MIGRATIONS);
    newer.pragma('user_version = 999');
    newer.close();
    expect(() => openDatabase(file, MIGRATIONS)).toThrow(/written by a newer version of Outwash \(its format is 999/);
    const again = new Database(file);
    expect(again.pragma('user_version', { simple: true })).toBe(999);
    again.close();
  });
  it('one that another server has open', () => {
    const file = join(folder, 'shared.sqlite');
    const first = openDatabase(file, MIGRATIONS);
    expect(() => openDatabase(file, MIGRATIONS)).toThrow(/in use by another server/);
    first.close();
    openDatabase(file, MIGRATIONS).close();
  });
});

it('after a clean stop the main file alone holds every garden', () => {
  const file = join(folder, 'whole.sqlite');
  const db = openDatabase(file, MIGRATIONS);
  const { id: _, ...fields } = GardenFile.parse(JSON.parse(readFileSync('demo/juniper-wash.json', 'utf8'))).garden;
  createGarden(db, fields);
  closeDatabase(db);
  copyFileSync(file, join(folder, 'copy.sqlite'));
  const copy = openDatabase(join(folder, 'copy.sqlite'), MIGRATIONS);
  expect(listGardens(copy)).toHaveLength(1);
  copy.close();
});

/** A folder with the migrations before a number. */
function migrationsBefore(number: string) {
  const early = join(folder, `before-${number}`);
  mkdirSync(early);
  for (const name of readdirSync(MIGRATIONS).filter((file) => file < number))
    copyFileSync(join(MIGRATIONS, name), join(early, name));
  return early;
}

/** Columns of a garden that came with raising. */
const RAISING = ['school_sowing', 'school_roots', 'indoor_light'];

/** Writes to an earlier database with today's records, whose later columns it has only for as long. */
function asEarlier(file: string, migrations: string, write: (old: ReturnType<typeof openDatabase>) => void) {
  const old = openDatabase(file, migrations);
  for (const later of [
    '009-ground.sql',
    '010-allowed-nearby.sql',
    '011-first-minutes.sql',
    '012-work.sql',
    '013-log.sql',
    '014-beds.sql',
    '015-raise.sql',
    '016-why.sql',
    '017-shelf.sql',
    '018-keep.sql',
    '019-access.sql',
  ])
    old.exec(readFileSync(join(MIGRATIONS, later), 'utf8'));
  write(old);
  old.exec('DROP INDEX journal_size; ALTER TABLE journal DROP COLUMN bytes; ALTER TABLE picture DROP COLUMN saved');
  for (const column of ['selection', 'spots']) old.exec(`ALTER TABLE planting DROP COLUMN ${column}`);
  for (const column of ['ground', 'assumed', 'layout']) old.exec(`ALTER TABLE site DROP COLUMN ${column}`);
  for (const column of ['allowed', 'nearby', 'balcony', 'tags', 'archived', 'clock', 'school_layout', ...RAISING])
    old.exec(`ALTER TABLE garden DROP COLUMN ${column}`);
  for (const table of [
    'work',
    'own_day',
    'entry',
    'log_change',
    'photo',
    'batch',
    'why_case',
    'shelf_row',
    'installation',
    'row_change',
    'snapshot',
    'passphrase',
    'session',
    'sign_in',
  ])
    old.exec(`DROP TABLE ${table}`);
  const [dates] = /CREATE TABLE seen [^;]*;/.exec(readFileSync(join(MIGRATIONS, '005-season.sql'), 'utf8'))!;
  old.exec(dates);
  old.close();
}
const pond = () => GardenFile.parse(JSON.parse(readFileSync('demo/kettle-pond-commons.json', 'utf8')));

it('a source named as earlier versions did is named as now, in the records and in what can be undone', () => {
  const file = join(folder, 'sources.sqlite');
  let id = '';
  let site: Site | undefined;
  asEarlier(file, migrationsBefore('006'), (old) => {
    id = importGarden(old, pond());
    site = readGarden(old, id).sites[0]!;
    updateSite(old, id, site, { ...site, counts: { sun: 'told', moisture: 'reckoned' } as never });
  });
  const db = openDatabase(file, MIGRATIONS);
  expect(readGarden(db, id).sites[0]!.counts).toEqual({ sun: 'stated', moisture: 'calculated' });
  step(db, id, 'undo');
  expect(readGarden(db, id).sites[0]!.counts).toEqual({});
  expect(SiteFields.parse({ ...site!, counts: { ph: 'told' } }).counts).toEqual({ ph: 'stated' });
  db.close();
});

it('recorded dates become entries of the log, and recording one can still be undone', () => {
  const file = join(folder, 'dates.sqlite');
  const old = openDatabase(file, migrationsBefore('013'));
  old.exec(`
    INSERT INTO garden (id, name, region, lat, lon, elevation_m, half_zone, children, dogs, cats, grazing, school_plants, school_autumn, school_pots)
      VALUES ('yard', 'Yard', 'northeast-coast', 41.7, -70.4, 10, '7a', 0, 0, 0, 0, 'natives-first', 'leave', 'two-zones');
    INSERT INTO plan (id, garden_id, position, name, current) VALUES ('plan', 'yard', 1, 'Plan', 1);
    INSERT INTO seen (id, garden_id, revision, position, of, what, on_day, note) VALUES
      ('s1', 'yard', 0, 1, 'asclepias-tuberosa', 'first-bloom', '2026-06-08', 'By the gate.'),
      ('s2', 'yard', 0, 2, 'danaus-plexippus', 'last-flight', '2026-10-02', '');
  `);
  const row = (id: string, of: string, what: string, on_day: string, note: string) => ({
    id,
    revision: 0,
    of,
    what,
    on_day,
    note,
  });
  const journal = old.prepare(`INSERT INTO journal (garden_id, label, changes) VALUES ('yard', ?, ?)`);
  const added = (after: { id: string }) => ({ table: 'seen', id: after.id, position: 1, before: null, after });
  journal.run('first', JSON.stringify([added(row('s1', 'asclepias-tuberosa', 'first-bloom', '2026-06-08', 'By the gate.'))]));
  journal.run('second', JSON.stringify([added(row('s2', 'danaus-plexippus', 'last-flight', '2026-10-02', ''))]));
  old.close();

  const db = openDatabase(file, MIGRATIONS);
  expect(readRows(db, 'entry', 'yard')).toMatchObject([
    { id: 's1', what: 'first-flower', of: 'asclepias-tuberosa', on_day: '2026-06-08', counts_as: 'first', note: 'By the gate.' },
    { id: 's2', what: 'adult', of: 'danaus-plexippus', on_day: '2026-10-02', counts_as: 'last', count: null },
  ]);
  expect(step(db, 'yard', 'undo')).toBe('second');
  expect(step(db, 'yard', 'undo')).toBe('first');
  expect(readRows(db, 'entry', 'yard')).toEqual([]);
  expect(step(db, 'yard', 'redo')).toBe('first');
  expect(readGarden(db, 'yard').seen).toEqual([
    { id: 's1', of: 'asclepias-tuberosa', what: 'first-bloom', on_day: '2026-06-08', sure: true },
  ]);
  db.close();
});

it.each([
  [5, 'quick'],
  [20, 'usual'],
  [60, 'long'],
  [300, 'long'],
  [7, 'usual'],
])('a search of %i seconds becomes %s, and what was done before can still be undone', (seconds, effort) => {
  const file = join(folder, `effort-${seconds}.sqlite`);
  const early = join(folder, 'before-007');
  let id = '';
  const { effort: _, ...fresh } = FRESH_WISHES;
  asEarlier(file, existsSync(early) ? early : migrationsBefore('007'), (old) => {
    id = importGarden(old, pond());
    updateWishes(old, id, readGarden(old, id).plans[0]!, { ...fresh, kinds: 'few', seconds } as never);
    updateWishes(old, id, readGarden(old, id).plans[0]!, { ...fresh, kinds: 'many', seconds } as never);
  });
  const db = openDatabase(file, MIGRATIONS);
  const wishes = () => readGarden(db, id).plans[0]!.wishes;
  expect(wishes()).toEqual({ ...FRESH_WISHES, kinds: 'many', effort });
  if (seconds !== 7) {
    step(db, id, 'undo');
    expect(wishes()).toEqual({ ...FRESH_WISHES, kinds: 'few', effort });
  }
  db.close();
});

it('an own ailment becomes a cause of one’s own, and one that was struck out is dropped', () => {
  const file = join(folder, 'ailments.sqlite');
  const old = openDatabase(file, migrationsBefore('016'));
  old.exec(`
    INSERT INTO garden (id, name, region, lat, lon, elevation_m, half_zone, children, dogs, cats, grazing, school_plants, school_autumn, school_pots)
      VALUES ('yard', 'Yard', 'northeast-coast', 41.7, -70.4, 10, '7a', 0, 0, 0, 0, 'natives-first', 'leave', 'two-zones');
    INSERT INTO plan (id, garden_id, position, name, current) VALUES ('plan', 'yard', 1, 'Plan', 1);
  `);
  const add = old.prepare(
    `INSERT INTO own_row (id, garden_id, position, file, key, cells) VALUES (?, 'yard', ?, 'ailments.csv', ?, ?)`,
  );
  const cells = {
    plant: 'monarda',
    symptom: 'white mildew',
    cause: 'dry',
    evidence: 'any',
    check: 'Is it dry?',
    remedy: 'Water it.',
  };
  add.run('0Abc', 1, 'monarda + white mildew + dry', JSON.stringify(cells));
  add.run('1def', 2, 'viola + x + y', 'null');
  old.close();
  const db = openDatabase(file, MIGRATIONS);
  const { own } = readGarden(db, 'yard');
  expect(own).toHaveLength(1);
  expect(own[0]).toMatchObject({ file: 'causes.csv', key: 'other + own-0abc' });
  loadLibrary(db, 'reference');
  const shipped = readLibrary(db).library;
  const laid = withOwn(shipped, own);
  expect(laid.causes.length).toBe(shipped.causes.length + 1);
  expect(laid.causes.at(-1)).toMatchObject({ symptom: 'other', who: 'monarda', now: 'Water it.', expert: 'Is it dry?' });
  db.close();
});
