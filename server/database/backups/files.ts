import {
  closeSync,
  existsSync,
  fsyncSync,
  mkdirSync,
  openSync,
  readdirSync,
  renameSync,
  rmSync,
  statfsSync,
  statSync,
} from 'node:fs';
import { open } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import Database from 'better-sqlite3';
import { Fault } from '../faults';
import { BACKUP_KINDS, type BackupKind } from '../../../core/model/installation';
import { inThread } from '../../workers/thread';
import { flawOf } from './flaw';
import { outlived, type Backup } from './keep';

type Connection = Database.Database;

/** A backup with its size in bytes. */
export interface KeptBackup extends Backup {
  bytes: number;
}

const NAME = new RegExp(`^outwash-(\\d{8}T\\d{9}Z)-(${BACKUP_KINDS.join('|')})\\.sqlite$`);
/** A backup that was not finished has this behind its name. */
const UNFINISHED = '.part';
/** Left free on the disk beside a backup, for the gardens themselves (bytes). */
const SPARE = 30_000_000;
/** Who may come in is no part of a backup: it may be given to others, and going back must not bring back an old passphrase. */
export const ACCESS_TABLES = ['passphrase', 'session', 'sign_in'] as const;

/** The folder of the backups of a database: OUTWASH_BACKUPS, or beside it. */
export const folderBeside = (database: string): string => process.env.OUTWASH_BACKUPS ?? join(dirname(database), 'backups');

const nameOf = (kind: BackupKind, at: string) => `outwash-${at.replace(/[-:.]/g, '')}-${kind}.sqlite`;

/** What a name says; null for a file that is no backup. */
function backupNamed(name: string): Backup | null {
  const [, stamp, kind] = NAME.exec(name) ?? [];
  if (stamp === undefined) return null;
  const at = stamp.replace(/^(\d{4})(\d\d)(\d\d)T(\d\d)(\d\d)(\d\d)(\d{3})Z$/, '$1-$2-$3T$4:$5:$6.$7Z');
  return { name, kind: kind as BackupKind, at };
}

/** The backups in a folder, the newest first. */
export function listBackups(folder: string): KeptBackup[] {
  if (!existsSync(folder)) return [];
  return readdirSync(folder)
    .flatMap((name) => backupNamed(name) ?? [])
    .map((backup) => ({ ...backup, bytes: statSync(join(folder, backup.name)).size }))
    .sort((a, b) => b.at.localeCompare(a.at));
}

/** Refuses a backup where the disk has no room for it. */
function mustHaveRoom(db: Connection, folder: string) {
  const { bavail, bsize } = statfsSync(folder);
  const pages = db.pragma('page_count', { simple: true }) as number;
  const bytes = pages * (db.pragma('page_size', { simple: true }) as number);
  if (bavail * bsize < bytes + SPARE) throw new Fault(507, `The disk of the backups has no room for one more: ${folder}.`);
}

/** Where the next backup is written, and where it is put when it is whole. */
function begin(db: Connection, folder: string, kind: BackupKind) {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  // What an earlier one left when it was cut short.
  for (const name of readdirSync(folder)) if (name.includes(UNFINISHED)) rmSync(join(folder, name), { force: true });
  mustHaveRoom(db, folder);
  // Two in the same thousandth of a second are told apart.
  let at = Date.now();
  while (existsSync(join(folder, nameOf(kind, new Date(at).toISOString())))) at++;
  const name = nameOf(kind, new Date(at).toISOString());
  return { name, part: join(folder, name + UNFINISHED), whole: join(folder, name) };
}

/** Makes a copied database one file, without who may come in. */
function strip(part: string) {
  const copy = new Database(part);
  try {
    copy.pragma('journal_mode = DELETE');
    const tables = new Set(copy.prepare(`SELECT name FROM sqlite_master WHERE type = 'table'`).pluck().all());
    for (const table of ACCESS_TABLES) if (tables.has(table)) copy.exec(`DELETE FROM ${table}`);
  } finally {
    copy.close();
  }
}

function mustBeWhole(flaw: string | null, part: string) {
  if (flaw === null) return;
  rmSync(part, { force: true });
  throw new Fault(500, `The backup did not pass its check and was thrown away: ${flaw}`);
}

/** Gives a backup that is whole and on the disk its name, and clears away those that are no longer kept. */
function settle({ name: given, part, whole }: ReturnType<typeof begin>, folder: string): KeptBackup {
  renameSync(part, whole);
  for (const { name: old } of outlived(listBackups(folder))) if (old !== given) rmSync(join(folder, old), { force: true });
  return listBackups(folder).find((backup) => backup.name === given)!;
}

/** Waits until a file is on the disk. */
export function sync(file: string) {
  const handle = openSync(file, 'r+');
  try {
    fsyncSync(handle);
  } finally {
    closeSync(handle);
  }
}

/** Backs a database up at once, with everybody waiting: at a start, and before it is put back. */
export function backUpNow(db: Connection, folder: string, kind: BackupKind): KeptBackup {
  const target = begin(db, folder, kind);
  db.prepare('VACUUM INTO ?').run(target.part);
  strip(target.part);
  mustBeWhole(flawOf(target.part), target.part);
  sync(target.part);
  return settle(target, folder);
}

/** How many pages are copied before others have their turn. */
const PAGES = 500;
/** The longest that the check of a backup may take (ms). */
const MOST_CHECK_MS = 1_800_000;

/** Backs a database up a few pages at a time, while it is used; what is written meanwhile is in it. Nobody waits for it. */
export async function backUp(db: Connection, folder: string, kind: BackupKind): Promise<KeptBackup> {
  const target = begin(db, folder, kind);
  const { part } = target;
  await db.backup(part, { progress: () => PAGES });
  strip(part);
  const late = () => new Fault(500, 'The check of the backup took too long.');
  mustBeWhole(await inThread('check-file', part, () => flawOf(part), MOST_CHECK_MS, late), part);
  const handle = await open(part, 'r+');
  await handle.sync().finally(() => handle.close());
  return settle(target, folder);
}
