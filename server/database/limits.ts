import { FILE_ROWS } from '../../core/model/garden';
import { limitSentence, MOST, type Limited } from '../../core/model/limits';
import type { Connection } from './connection';
import { Fault } from './faults';
import { LISTS, type ListTable, type Records, type TableName } from './tables';

/** The list of a garden's file that a table's rows go into. */
const LIST_OF = {
  entry: 'log',
  ...Object.fromEntries(Object.entries(LISTS).map(([list, table]) => [table, list])),
} as Record<ListTable, Exclude<Limited, 'photos'>>;

/**
 * Refuses a row that a garden's file could not hold: what is written here can be read back. A 422 fault with the
 * sentence of what is wrong with it.
 */
export function mustFit<T extends TableName>(table: T, row: Records[T]) {
  const result = FILE_ROWS[table === 'garden' ? 'garden' : LIST_OF[table as ListTable]].safeParse(row);
  if (result.success) return;
  const [issue] = result.error.issues;
  throw new Fault(422, issue!.message, { fields: { [issue!.path.join('.') || 'body']: issue!.message } });
}

/** Refuses what would make a garden hold more rows of a table than its file may. */
export function mustHold(db: Connection, table: ListTable, gardenId: string) {
  const held = db.prepare(`SELECT count(*) FROM ${table} WHERE garden_id = ?`).pluck().get(gardenId) as number;
  if (held > MOST[LIST_OF[table]]) throw new Fault(422, limitSentence(LIST_OF[table]));
}
