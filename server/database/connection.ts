import { mkdirSync, readdirSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import Database from 'better-sqlite3';

export type Connection = Database.Database;

/** Opens the database at `file` (':memory:' for a passing one), creating and migrating it as needed. */
export function openDatabase(file: string, migrations: string): Connection {
  if (file !== ':memory:') mkdirSync(dirname(file), { recursive: true });
  const db = new Database(file);
  db.pragma('journal_mode = WAL');
  db.pragma('foreign_keys = ON');
  db.pragma('busy_timeout = 3000');
  migrate(db, migrations);
  return db;
}

/** Runs the numbered SQL files that this database has not had yet, each in its own transaction. */
function migrate(db: Connection, folder: string) {
  const done = db.pragma('user_version', { simple: true }) as number;
  const files = readdirSync(folder)
    .filter((name) => /^\d{3}-.*\.sql$/.test(name))
    .sort();
  for (const name of files) {
    const number = Number(name.slice(0, 3));
    if (number <= done) continue;
    db.transaction(() => {
      db.exec(readFileSync(join(folder, name), 'utf8'));
      db.pragma(`user_version = ${number}`);
    })();
  }
}
