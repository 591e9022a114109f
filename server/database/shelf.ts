import { createHash } from 'node:crypto';
import { z } from 'zod';
import { OwnRowFields } from '../../core/model/garden';
import type { Connection } from './connection';
import { inTransaction } from './transaction';

/** A row of the library kept for all gardens of this installation. */
export const ShelfRow = OwnRowFields.extend({ put_on: z.string() });
export type ShelfRow = z.infer<typeof ShelfRow>;

/** Every row on the shelf, by table and key. */
export function readShelf(db: Connection): ShelfRow[] {
  const rows = db.prepare('SELECT file, key, cells, put_on FROM shelf_row ORDER BY file, key').all() as {
    cells: string;
    [column: string]: unknown;
  }[];
  return rows.map((row) => ShelfRow.parse({ ...row, cells: JSON.parse(row.cells) }));
}

/** Puts rows on the shelf, over what it said of them before; all or none. `day`: when, as YYYY-MM-DD. */
export function putOnShelf(db: Connection, rows: readonly OwnRowFields[], day: string) {
  const put = db.prepare(
    'INSERT INTO shelf_row (file, key, cells, put_on) VALUES (?, ?, ?, ?) ON CONFLICT (file, key) DO UPDATE SET cells = excluded.cells, put_on = excluded.put_on',
  );
  inTransaction(db, () => {
    for (const { file, key, cells } of rows) put.run(file, key, JSON.stringify(cells), day);
  });
}

/** Takes rows off the shelf; those that are not on it are passed over. */
export function takeOffShelf(db: Connection, keys: readonly Pick<OwnRowFields, 'file' | 'key'>[]) {
  const take = db.prepare('DELETE FROM shelf_row WHERE file = ? AND key = ?');
  inTransaction(db, () => {
    for (const { file, key } of keys) take.run(file, key);
  });
}

/** What names a state of the library: the shipped one alone, or with what lies on the shelf. */
export function digestWith(digest: string, shelf: readonly ShelfRow[]): string {
  if (shelf.length === 0) return digest;
  const hash = createHash('sha256').update(digest);
  for (const { file, key, cells } of shelf) hash.update(JSON.stringify([file, key, cells]));
  return hash.digest('hex');
}
