import { mkdirSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import Database from 'better-sqlite3';
import { plainLine } from '../../core/model/fields';
import { backUpNow, folderBeside } from './backups/files';
import { DatabaseRefused, refusalFor } from './refusals';

export type Connection = Database.Database;

/** A database of up to so many bytes is looked through for damage whenever it is opened; a larger one by `npm run doctor`. */
const CHECKED_BYTES = 300_000_000;

/**
 * Opens the database at `file` (':memory:' for a passing one), creating and migrating it as needed; one that is migrated
 * is backed up before. One server at a time has the file: a second one is refused. Throws DatabaseRefused, with what to do,
 * where it is in use, damaged, cannot be written, is another program's, or was written by a newer version.
 */
export function openDatabase(file: string, migrations: string): Connection {
  let db: Connection | undefined;
  try {
    if (file !== ':memory:') mkdirSync(dirname(file), { recursive: true });
    db = new Database(file, { timeout: 1000 });
    // The lock is the operating system's: it goes with the process, however that ends.
    db.pragma('locking_mode = EXCLUSIVE');
    mustBeOurs(db);
    db.pragma('journal_mode = WAL');
    // A change that was answered is on the disk.
    db.pragma('synchronous = FULL');
    db.pragma('foreign_keys = ON');
    db.function('plain_line', { deterministic: true }, (text) => plainLine(String(text)));
    db.exec('BEGIN IMMEDIATE; COMMIT');
    migrate(db, migrations);
    return db;
  } catch (error) {
    db?.close();
    throw refusalFor(error, file);
  }
}

/** Closes the database with all it holds in its main file, so that this file alone is a whole copy. */
export function closeDatabase(db: Connection) {
  if (!db.open) return;
  db.pragma('wal_checkpoint(TRUNCATE)');
  db.pragma('journal_mode = DELETE');
  db.close();
}

const versionOf = (db: Connection) => db.pragma('user_version', { simple: true }) as number;

/** Refuses a database that is damaged, or that another program has made. */
function mustBeOurs(db: Connection) {
  const tables = db.prepare(`SELECT name FROM sqlite_master WHERE type = 'table'`).pluck().all();
  if (versionOf(db) === 0 && tables.length > 0)
    throw new DatabaseRefused(
      `The file ${db.name} is a database of another program. Nothing was changed; choose another file with OUTWASH_DATABASE.`,
    );
  if (db.memory || statSync(db.name).size > CHECKED_BYTES) return;
  if (db.pragma('quick_check(1)', { simple: true }) !== 'ok')
    throw Object.assign(new Error('The database does not pass its check.'), { code: 'SQLITE_CORRUPT' });
}

/** Runs the numbered SQL files that this database has not had yet, each in its own transaction. */
function migrate(db: Connection, folder: string) {
  const done = versionOf(db);
  const files = readdirSync(folder)
    .filter((name) => /^\d{3}-.*\.sql$/.test(name))
    .sort();
  const newest = Number(files.at(-1)?.slice(0, 3) ?? 0);
  if (done > newest)
    throw new DatabaseRefused(
      `The database ${db.name} was written by a newer version of Outwash (its format is ${done}, this version knows ${newest}). ` +
        'Start the newer version, or choose another file with OUTWASH_DATABASE. Nothing was changed.',
    );
  if (done > 0 && done < newest && !db.memory) backUpNow(db, folderBeside(db.name), 'before-migration');
  for (const name of files) {
    const number = Number(name.slice(0, 3));
    if (number <= done) continue;
    db.transaction(() => {
      db.exec(readFileSync(join(folder, name), 'utf8'));
      db.pragma(`user_version = ${number}`);
    })();
  }
}
