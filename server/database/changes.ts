import { groupBy } from '../../core/model/group';
import type { Connection } from './connection';
import { remembered } from './installation';
import type { TableName } from './tables';

/** Notes which rows of a garden changed, so that a window that has the rest is sent only those. */
export function noteChanges(db: Connection, gardenId: string, rows: readonly { table: TableName; id: string }[]) {
  const list = JSON.stringify(rows.map(({ table, id }) => [table, id]));
  db.prepare(`INSERT INTO row_change (garden_id, of, row) SELECT ?, value ->> 0, value ->> 1 FROM json_each(?) ORDER BY key`).run(
    gardenId,
    list,
  );
}

/** The number of the last change of a garden's records; 0 where there was none since it was made. */
export function changeAt(db: Connection, gardenId: string): number {
  const at = db.prepare('SELECT max(at) FROM row_change WHERE garden_id = ?').pluck().get(gardenId) as number | null;
  return Math.max(at ?? 0, earliestKnown(db));
}

/** The rows of a garden that changed after a change, by their table, in the order of the changes. */
export function changedSince(db: Connection, gardenId: string, since: number): Map<TableName, string[]> {
  const rows = db.prepare('SELECT of, row FROM row_change WHERE garden_id = ? AND at > ? ORDER BY at').all(gardenId, since);
  const byTable = groupBy(rows as { of: TableName; row: string }[], (change) => change.of);
  return new Map([...byTable].map(([of, changes]) => [of as TableName, changes.map((change) => change.row)]));
}

/** Changes before this one are of a database that was since put back to an earlier copy: nothing counts from them. */
export const earliestKnown = (db: Connection): number => Number(remembered(db, 'whole-before') ?? 0);
