import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseLibrary } from '../../core/library/parse';
import type { Library } from '../../core/model/reference';
import { REFERENCE_FILE_NAMES, type ReferenceFile, TABLES } from '../../core/model/tables';
import type { Connection } from './connection';
import { inTransaction } from './transaction';

/** Loads the CSV files of `folder` into the database when they differ from what it holds; all or nothing. */
export function loadLibrary(db: Connection, folder: string) {
  const texts = Object.fromEntries(
    REFERENCE_FILE_NAMES.map((file) => [file, readFileSync(join(folder, file), 'utf8')]),
  ) as Record<ReferenceFile, string>;
  const hash = createHash('sha256');
  for (const file of REFERENCE_FILE_NAMES) hash.update(file).update(texts[file]);
  const digest = hash.digest('hex');
  if (db.prepare('SELECT digest FROM library_version').pluck().get() === digest) return;

  const { library, problems } = parseLibrary(texts);
  if (problems.length > 0) {
    const { file, row, column, message } = problems[0]!;
    throw new Error(`The reference library cannot be loaded: ${file} row ${row}, ${column}: ${message}`);
  }
  inTransaction(db, () => {
    db.exec('DELETE FROM library_row; DELETE FROM library_version;');
    const insert = db.prepare('INSERT INTO library_row (file, position, row) VALUES (?, ?, ?)');
    for (const file of REFERENCE_FILE_NAMES)
      library[TABLES[file].list].forEach((row, position) => insert.run(file, position, JSON.stringify(row)));
    db.prepare('INSERT INTO library_version (only_row, digest) VALUES (1, ?)').run(digest);
  });
}

/** The library as the database holds it, with the digest that names this version of it. */
export function readLibrary(db: Connection): { library: Library; digest: string } {
  const rows = db.prepare('SELECT row FROM library_row WHERE file = ? ORDER BY position').pluck();
  const lists = REFERENCE_FILE_NAMES.map((file) => [
    TABLES[file].list,
    (rows.all(file) as string[]).map((row) => JSON.parse(row)),
  ]);
  const digest = db.prepare('SELECT digest FROM library_version').pluck().get() as string;
  return { library: Object.fromEntries(lists), digest };
}
