import type { GardenRecords, GardenThen } from '../../../core/model/garden';
import { datesOf } from '../../../core/log/dates';
import type { Entry } from '../../../core/model/log';
import type { Connection } from '../connection';
import { changesSince, type Change } from '../journal';
import { LISTS, positionsOf, readRows, SCHEMAS, type ListTable, type TableName } from '../tables';
import { mustRead } from './reading';

/** A row and where it stands in its list. */
interface Placed {
  row: object;
  position: number;
}

/** The rows of a table with changes taken back, the last change first, in the order of their list. */
function takenBack(table: TableName, rows: Map<string, Placed>, changes: readonly Change[]): object[] {
  for (const { id, before, position, table: of } of changes) {
    if (of !== table) continue;
    const now = rows.get(id);
    // A row remembered before a column came leaves it as it is now; the schema completes one that is gone.
    if (before) rows.set(id, { row: { ...now?.row, ...before }, position: position ?? now?.position ?? 0 });
    else rows.delete(id);
  }
  return [...rows.values()].sort((a, b) => a.position - b.position).map(({ row }) => SCHEMAS[table].parse(row) as object);
}

/**
 * A garden as it stood at a moment (ISO), or before its last change: all its records as they are, with the changes since
 * then taken back. A change that was undone meanwhile counts as never made.
 */
export function gardenAsOf(db: Connection, id: string, moment: string | 'last-change'): GardenThen {
  return db.transaction((): GardenThen => {
    const garden = mustRead(db, 'garden', id, id);
    const entries = changesSince(db, id, moment);
    const changes = entries.flatMap((entry) => [...entry.changes].reverse());
    const rowsThen = (table: ListTable) => {
      const positions = positionsOf(db, table, id);
      const rows = readRows(db, table, id).map((row): [string, Placed] => [row.id, { row, position: positions.get(row.id)! }]);
      return takenBack(table, new Map(rows), changes);
    };
    const lists = Object.entries(LISTS).map(([list, table]) => [list, rowsThen(table)]);
    const seen = datesOf(rowsThen('entry') as Entry[]);
    const [gardenThen] = takenBack('garden', new Map([[id, { row: garden, position: 0 }]]), changes);
    return {
      ...({ garden: gardenThen, ...Object.fromEntries(lists), seen } as GardenRecords),
      changes: entries.map((entry) => entry.label),
      begun: db.prepare('SELECT created_at FROM garden WHERE id = ?').pluck().get(id) as string,
    };
  })();
}
