import { copyFileSync, existsSync, renameSync, rmSync } from 'node:fs';
import { dirname, join } from 'node:path';
import Database from 'better-sqlite3';
import { closeDatabase, openDatabase, type Connection } from '../connection';
import { Fault } from '../faults';
import { remember } from '../installation';
import { MIGRATIONS, openStore, type Store } from '../open';
import { deleteLongRemoved } from '../records/gardens';
import { inTransaction } from '../transaction';
import { ACCESS_TABLES, backUp, backUpNow, folderBeside, listBackups, sync, type KeptBackup } from './files';
import type { BackupKind } from '../../../core/model/installation';
import { flawOf } from './flaw';

/** Backups are made and put back one after the other. */
let last: Promise<unknown> = Promise.resolve();
function inTurn<T>(work: () => Promise<T>): Promise<T> {
  const mine = last.then(work, work);
  last = mine.catch(() => undefined);
  return mine;
}

/** The folder of a store's backups; a 422 fault for a database that is in no file. */
export function backupFolder(store: Store): string {
  if (store.file === ':memory:') throw new Fault(422, 'This database is held in no file: there is nothing to back up.');
  return folderBeside(store.file);
}

/** How many rows were written when a database was last backed up: an import right after it needs no other. */
const writtenAt = new WeakMap<Connection, number>();
const written = (db: Connection) => db.prepare('SELECT total_changes()').pluck().get() as number;

/** Backs up the gardens of a store while it is used. */
export function makeBackup(store: Store, kind: BackupKind): Promise<KeptBackup> {
  return inTurn(async () => {
    const { db } = store;
    const before = written(db);
    const made = await backUp(db, backupFolder(store), kind);
    writtenAt.set(db, before);
    return made;
  });
}

/** Backs up before gardens are imported, unless nothing was written since the last backup. */
export async function backUpBeforeImport(store: Store) {
  if (store.file !== ':memory:' && writtenAt.get(store.db) !== written(store.db)) await makeBackup(store, 'before-import');
}

/** A backup by its name; a 404 fault where there is none. */
export function mustFindBackup(store: Store, name: string): KeptBackup & { path: string } {
  const folder = backupFolder(store);
  const found = listBackups(folder).find((backup) => backup.name === name);
  if (!found) throw new Fault(404, `There is no backup “${name}” here.`);
  return { ...found, path: join(folder, found.name) };
}

/** What a backup leaves out and going back to one must not change: who may come in. */
function accessOf(db: Connection): Map<string, Record<string, unknown>[]> {
  return new Map(ACCESS_TABLES.map((table) => [table, db.prepare(`SELECT * FROM ${table}`).all() as Record<string, unknown>[]]));
}
function giveAccess(db: Connection, access: ReturnType<typeof accessOf>) {
  for (const [table, rows] of access) {
    db.exec(`DELETE FROM ${table}`);
    for (const row of rows) {
      const columns = Object.keys(row);
      db.prepare(`INSERT INTO ${table} (${columns.join(', ')}) VALUES (${columns.map(() => '?').join(', ')})`).run(
        Object.values(row),
      );
    }
  }
}

/** Changes of gardens are counted; what is counted next must not be taken for something a window has seen. */
const COUNTED = ['row_change', 'log_change'];
const lastCount = (db: Connection): number =>
  db.prepare(`SELECT coalesce(max(seq), 0) FROM sqlite_sequence WHERE name IN (${COUNTED.map(() => '?')})`).pluck().get(COUNTED) as number; // prettier-ignore
function countFrom(db: Connection, from: number) {
  for (const table of COUNTED) {
    const { changes } = db.prepare('UPDATE sqlite_sequence SET seq = ? WHERE name = ?').run(from, table);
    if (changes === 0) db.prepare('INSERT INTO sqlite_sequence (name, seq) VALUES (?, ?)').run(table, from);
  }
  remember(db, 'whole-before', String(from));
}

/**
 * A copy of a backup beside a database, brought up to this version, with who may come in and counted on from there: on the
 * disk and ready to take its place by one rename, so that the one or the other is there, whenever it is cut short.
 */
function readyBeside(from: string, { file, root }: Store, access: ReturnType<typeof accessOf>, count: number): string {
  const beside = join(dirname(file), `.${Date.now()}-going-back.sqlite`);
  copyFileSync(from, beside);
  try {
    const db = openDatabase(beside, join(root, MIGRATIONS));
    inTransaction(db, () => {
      giveAccess(db, access);
      countFrom(db, Math.max(count, lastCount(db)) + 1);
    });
    closeDatabase(db);
    sync(beside);
    return beside;
  } catch (error) {
    rmSync(beside, { force: true });
    throw error;
  }
}

/**
 * Goes back to a backup: every garden is again as it was then. What is here now is backed up before, and the name of that
 * backup is returned: going back to it undoes this. Who may come in stays as it is. Faults: 404 for an unknown backup, 422
 * for one that is damaged or of a newer version; nothing is changed then.
 */
export function restoreBackup(store: Store, name: string): Promise<{ before: string }> {
  return inTurn(() => {
    const { path } = mustFindBackup(store, name);
    const flaw = flawOf(path);
    if (flaw !== null) throw new Fault(422, `The backup is damaged: ${flaw}. Nothing was changed.`);
    const version = versionIn(path);
    const here = store.db.pragma('user_version', { simple: true }) as number;
    if (version > here) throw new Fault(422, 'The backup was made by a newer version of Outwash. Nothing was changed.');
    // From here on nothing else is done until the other database is open: no change falls between the two.
    const { file, root } = store;
    const access = accessOf(store.db);
    const count = lastCount(store.db);
    // Set aside first: to make room for the backup that is made now it may be cleared away.
    const chosen = readyBeside(path, store, access, count);
    const before = backedUp(store, chosen);
    closeDatabase(store.db);
    try {
      renameSync(chosen, file);
      Object.assign(store, openStore(file, root));
    } catch (error) {
      renameSync(readyBeside(join(backupFolder(store), before.name), store, access, count), file);
      Object.assign(store, openStore(file, root));
      throw error;
    }
    return Promise.resolve({ before: before.name });
  });
}

/** Backs up what is here before another is put in its place; where that fails, what was set aside is cleared away. */
function backedUp(store: Store, chosen: string): KeptBackup {
  try {
    return backUpNow(store.db, backupFolder(store), 'before-restore');
  } catch (error) {
    rmSync(chosen, { force: true });
    throw error;
  }
}

function versionIn(path: string): number {
  const db = new Database(path, { readonly: true });
  try {
    return db.pragma('user_version', { simple: true }) as number;
  } finally {
    db.close();
  }
}

/** What is done once a day: a backup, where there is none of this day yet, and long removed gardens go for good. */
export async function dailyRound(store: Store, now = new Date()): Promise<void> {
  if (store.file === ':memory:' || !existsSync(store.file)) return;
  deleteLongRemoved(store.db, now.toISOString());
  const today = now.toISOString().slice(0, 10);
  const backups = listBackups(backupFolder(store));
  if (!backups.some(({ kind, at }) => kind === 'daily' && at.startsWith(today))) await makeBackup(store, 'daily');
}
