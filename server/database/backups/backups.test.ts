import {
  copyFileSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  truncateSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { afterAll, beforeEach, describe, expect, it } from 'vitest';
import { beginSession } from '../../access/sessions';
import { provenBy, savePassphrase } from '../../access/passphrase';
import { closeDatabase, openDatabase } from '../connection';
import { loadLibrary } from '../library';
import { openStore, type Store } from '../open';
import { createGarden, deleteRemoved, listGardens, listRemoved, removeGarden, restoreGarden } from '../records/gardens';
import { logSince } from '../records/log';
import { readChanges, readGarden } from '../records/reading';
import { backUpBeforeImport, backupFolder, dailyRound, makeBackup, restoreBackup } from './backups';
import { backUpNow, listBackups } from './files';
import { flawOf } from './flaw';
import { PRESSES } from '../testing/presses';

const MIGRATIONS = 'server/database/migrations';
const folder = mkdtempSync(join(tmpdir(), 'outwash-backups-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

/** A first start made once: the tests begin from copies of it. */
const first = join(folder, 'first.sqlite');
let n = 0;
let store: Store;
const POND = 'kettle-pond-commons';
beforeEach(() => {
  if (!existsSync(first)) closeDatabase(openStore(first, process.cwd()).db);
  if (store?.db.open) closeDatabase(store.db);
  const own = join(folder, String(n++));
  mkdirSync(own);
  copyFileSync(first, join(own, 'outwash.sqlite'));
  store = openStore(join(own, 'outwash.sqlite'), process.cwd());
});
const metres = () => readGarden(store.db, POND).garden.elevation_m;
const kinds = () => listBackups(backupFolder(store)).map((backup) => backup.kind);

describe('a backup', () => {
  it('holds every garden in one file, with its size and time, and is made while others write', async () => {
    const making = makeBackup(store, 'asked');
    PRESSES.changePlace!(store.db, POND, 17);
    const made = await making;
    expect(made).toMatchObject({ kind: 'asked', bytes: expect.any(Number) });
    expect(Math.abs(Date.parse(made.at) - Date.now())).toBeLessThan(60_000);
    const path = join(backupFolder(store), made.name);
    expect(readdirSync(backupFolder(store))).toEqual([made.name]);
    expect(flawOf(path)).toBeNull();
    const copy = openDatabase(path, MIGRATIONS);
    expect(listGardens(copy)).toHaveLength(3);
    copy.close();
  });
  it('leaves out who may come in', async () => {
    savePassphrase(store.db, 'change', await provenBy('four wet geese at dawn'), '2026-05-01T12:00:00.000Z');
    const { name } = await makeBackup(store, 'asked');
    const copy = new Database(join(backupFolder(store), name), { readonly: true });
    expect(copy.prepare('SELECT count(*) FROM passphrase').pluck().get()).toBe(0);
    copy.close();
    expect(store.db.prepare('SELECT count(*) FROM passphrase').pluck().get()).toBe(1);
  });
  it('is made once a day, and before an import where something was written since', async () => {
    await dailyRound(store, new Date());
    await dailyRound(store, new Date());
    expect(kinds()).toEqual(['daily']);
    await backUpBeforeImport(store);
    expect(kinds()).toEqual(['daily']);
    PRESSES.changePlace!(store.db, POND, 17);
    await backUpBeforeImport(store);
    await backUpBeforeImport(store);
    expect(kinds()).toEqual(['before-import', 'daily']);
    // Yesterday’s is not today’s.
    const [daily] = listBackups(backupFolder(store)).filter((backup) => backup.kind === 'daily');
    const yesterday = new Date(Date.now() - 86_400_000).toISOString().slice(0, 10).replace(/-/g, '');
    const earlier = daily!.name.replace(/\d{8}T/, `${yesterday}T`);
    renameSync(join(backupFolder(store), daily!.name), join(backupFolder(store), earlier));
    await dailyRound(store, new Date());
    expect(kinds()).toEqual(['daily', 'before-import', 'daily']);
  });
  it('that was cut short is cleared away by the next', async () => {
    mkdirSync(backupFolder(store));
    writeFileSync(join(backupFolder(store), 'outwash-20260501T120000000Z-daily.sqlite.part'), 'half');
    expect(kinds()).toEqual([]);
    const { name } = await makeBackup(store, 'asked');
    expect(readdirSync(backupFolder(store))).toEqual([name]);
  });
  it('is made before a database of an earlier version is brought up to this one', () => {
    const own = join(folder, 'earlier');
    const early = join(own, 'migrations');
    mkdirSync(early, { recursive: true });
    const names = readdirSync(MIGRATIONS).sort();
    for (const name of names.slice(0, -1)) copyFileSync(join(MIGRATIONS, name), join(early, name));
    const file = join(own, 'outwash.sqlite');
    openDatabase(file, early).close();
    expect(existsSync(join(own, 'backups'))).toBe(false);
    openDatabase(file, MIGRATIONS).close();
    openDatabase(file, MIGRATIONS).close();
    const [backup, ...others] = listBackups(join(own, 'backups'));
    expect(backup!.kind).toBe('before-migration');
    expect(others).toEqual([]);
    const copy = new Database(join(own, 'backups', backup!.name), { readonly: true });
    expect(copy.pragma('user_version', { simple: true })).toBe(names.length - 1);
    copy.close();
  });
});

describe('going back to a backup', () => {
  it('brings every garden back as it was, and can itself be undone', async () => {
    PRESSES.changePlace!(store.db, POND, 11);
    const { name } = await makeBackup(store, 'asked');
    PRESSES.changePlace!(store.db, POND, 22);
    const { garden } = readGarden(store.db, POND);
    removeGarden(store.db, POND, garden.revision);
    const { before } = await restoreBackup(store, name);
    expect(metres()).toBe(11);
    await restoreBackup(store, before);
    expect(listGardens(store.db)).toHaveLength(2);
    restoreGarden(store.db, POND);
    expect(metres()).toBe(22);
  });
  it('brings back the oldest that is kept too, though another takes its place in the list', async () => {
    PRESSES.changePlace!(store.db, POND, 1);
    const { name } = await makeBackup(store, 'asked');
    PRESSES.changePlace!(store.db, POND, 2);
    const { before: oldest } = await restoreBackup(store, name);
    for (let i = 0; i < 2; i++) await restoreBackup(store, name);
    expect(kinds().filter((kind) => kind === 'before-restore')).toHaveLength(3);
    await restoreBackup(store, oldest);
    expect(metres()).toBe(2);
    expect(readdirSync(join(backupFolder(store), '..')).filter((file) => file.includes('going-back'))).toEqual([]);
  });
  it('leaves who may come in as it is', async () => {
    const { name } = await makeBackup(store, 'asked');
    savePassphrase(store.db, 'change', await provenBy('four wet geese at dawn'), '2026-05-01T12:00:00.000Z');
    beginSession(store.db, 'change', { device: 'A phone', address: '192.168.1.9' }, new Date());
    await restoreBackup(store, name);
    for (const table of ['passphrase', 'session'])
      expect(store.db.prepare(`SELECT count(*) FROM ${table}`).pluck().get()).toBe(1);
  });
  it('a window that was open sees the garden whole, though as many changes were made since', async () => {
    PRESSES.changePlace!(store.db, POND, 11);
    const { name } = await makeBackup(store, 'asked');
    PRESSES.recount!(store.db, POND, 3);
    PRESSES.writeDown!(store.db, POND, 3);
    const seen = readGarden(store.db, POND);
    await restoreBackup(store, name);
    PRESSES.recount!(store.db, POND, 5);
    PRESSES.writeDown!(store.db, POND, 5);
    expect(readChanges(store.db, POND, seen.at)).toEqual(readGarden(store.db, POND));
    expect(logSince(store.db, POND, seen.log_at).whole).toBe(true);
    // From then on only what changes is sent again.
    const now = readGarden(store.db, POND);
    PRESSES.recount!(store.db, POND, 6);
    expect(readChanges(store.db, POND, now.at)).toHaveProperty('since', now.at);
  });
  it('to a damaged or unknown one, or one of a newer version, is refused and changes nothing', async () => {
    PRESSES.changePlace!(store.db, POND, 33);
    const { name } = await makeBackup(store, 'asked');
    truncateSync(join(backupFolder(store), name), 50_000);
    await expect(restoreBackup(store, name)).rejects.toThrow(/The backup is damaged/);
    await expect(restoreBackup(store, '../outwash.sqlite')).rejects.toThrow(/There is no backup/);
    const later = backUpNow(store.db, backupFolder(store), 'daily');
    const copy = new Database(join(backupFolder(store), later.name));
    copy.pragma('user_version = 999');
    copy.close();
    await expect(restoreBackup(store, later.name)).rejects.toThrow(/newer version of Outwash/);
    expect(metres()).toBe(33);
    expect(kinds()).toEqual(['daily', 'asked']);
  });
});

describe('a first start', () => {
  it('that was cut short before the demo gardens came brings them at the next', () => {
    const file = join(folder, 'short.sqlite');
    const db = openDatabase(file, MIGRATIONS);
    loadLibrary(db, 'reference');
    closeDatabase(db);
    const again = openStore(file, process.cwd());
    expect(listGardens(again.db)).toHaveLength(3);
    for (const { id } of listGardens(again.db)) removeGarden(again.db, id, readGarden(again.db, id).garden.revision);
    closeDatabase(again.db);
    const third = openStore(file, process.cwd());
    expect(listGardens(third.db)).toEqual([]);
    closeDatabase(third.db);
  });
});

describe('a removed garden', () => {
  it('is listed for ninety days, then deleted with all that is its own', async () => {
    const { revision } = readGarden(store.db, POND).garden;
    removeGarden(store.db, POND, revision);
    store.db.prepare('UPDATE garden SET removed_at = ? WHERE id = ?').run('2026-01-01T12:00:00.000Z', POND);
    expect(listRemoved(store.db)).toEqual([
      { id: POND, name: 'Kettle Pond Commons', removed_at: '2026-01-01T12:00:00.000Z', kept_until: '2026-04-01T12:00:00.000Z' },
    ]);
    await dailyRound(store, new Date('2026-04-01T11:59:00.000Z'));
    expect(listRemoved(store.db)).toHaveLength(1);
    await dailyRound(store, new Date('2026-04-01T12:00:00.000Z'));
    expect(listRemoved(store.db)).toEqual([]);
    for (const table of ['site', 'planting', 'entry', 'journal', 'row_change', 'log_change', 'picture'])
      expect(store.db.prepare(`SELECT count(*) FROM ${table} WHERE garden_id = ?`).pluck().get(POND), table).toBe(0);
    expect(listGardens(store.db)).toHaveLength(2);
  });
  it('is deleted before its time only where that is asked for', () => {
    expect(() => deleteRemoved(store.db, POND)).toThrow(/was removed here/);
    removeGarden(store.db, POND, readGarden(store.db, POND).garden.revision);
    deleteRemoved(store.db, POND);
    const fields = JSON.parse(readFileSync('demo/kettle-pond-commons.json', 'utf8')).garden;
    expect(createGarden(store.db, fields)).toBe(POND);
    // One of the same id that is made later has nothing of it.
    expect(readGarden(store.db, POND)).toMatchObject({ sites: [], plantings: [], work: [], plans: [{ name: 'Plan' }] });
  });
});
