import { mkdirSync, readdirSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import Database from 'better-sqlite3';
import { plainLine } from '../../core/model/fields';

export type Connection = Database.Database;

/** Why the database cannot be used, in a sentence for whoever starts the application. */
export class DatabaseRefused extends Error {}

/**
 * Opens the database at `file` (':memory:' for a passing one), creating and migrating it as needed. One server at a time
 * has the file: a second one is refused. Throws DatabaseRefused where it is in use, or was written by a newer version.
 */
export function openDatabase(file: string, migrations: string): Connection {
  if (file !== ':memory:') mkdirSync(dirname(file), { recursive: true });
  const db = new Database(file, { timeout: 1000 });
  try {
    // The lock is the operating system's: it goes with the process, however that ends.
    db.pragma('locking_mode = EXCLUSIVE');
    db.pragma('journal_mode = WAL');
    // A change that was answered is on the disk.
    db.pragma('synchronous = FULL');
    db.pragma('foreign_keys = ON');
    db.function('plain_line', { deterministic: true }, (text) => plainLine(String(text)));
    db.exec('BEGIN IMMEDIATE; COMMIT');
    migrate(db, migrations);
    return db;
  } catch (error) {
    db.close();
    if ((error as { code?: string }).code === 'SQLITE_BUSY')
      throw new DatabaseRefused(
        `The database ${file} is in use by another server. Stop that one, or choose another file with OUTWASH_DATABASE.`,
      );
    throw error;
  }
}

/** Closes the database with all it holds in its main file, so that this file alone is a whole copy. */
export function closeDatabase(db: Connection) {
  if (!db.open) return;
  db.pragma('wal_checkpoint(TRUNCATE)');
  db.pragma('journal_mode = DELETE');
  db.close();
}

/** Runs the numbered SQL files that this database has not had yet, each in its own transaction. */
function migrate(db: Connection, folder: string) {
  const done = db.pragma('user_version', { simple: true }) as number;
  const files = readdirSync(folder)
    .filter((name) => /^\d{3}-.*\.sql$/.test(name))
    .sort();
  const newest = Number(files.at(-1)?.slice(0, 3) ?? 0);
  if (done > newest)
    throw new DatabaseRefused(
      `The database ${db.name} was written by a newer version of Outwash (its format is ${done}, this version knows ${newest}). ` +
        'Start the newer version, or choose another file with OUTWASH_DATABASE. Nothing was changed.',
    );
  for (const name of files) {
    const number = Number(name.slice(0, 3));
    if (number <= done) continue;
    db.transaction(() => {
      db.exec(readFileSync(join(folder, name), 'utf8'));
      db.pragma(`user_version = ${number}`);
    })();
  }
}
