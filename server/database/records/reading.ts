import { randomUUID } from 'node:crypto';
import type { GardenChanges, PutRow } from '../../../core/garden/changed';
import type { GardenRecords, GardenState } from '../../../core/model/garden';
import type { Connection } from '../connection';
import { Fault } from '../faults';
import { changeAt, changedSince, earliestKnown } from '../changes';
import { historyOf } from '../journal';
import { logAt, readSeen } from './seen';
import { LISTS, readRow, readRows, type Records, type TableName } from '../tables';

export const newId = () => randomUUID();

/** What a row of each table is called to the gardener. */
const NAMES: Record<TableName, string> = {
  garden: 'garden',
  site: 'bed',
  thing: 'thing in the yard',
  measure: 'measurement',
  entry: 'entry of the log',
  work: 'note of the work',
  own_day: 'reading of the weather',
  batch: 'batch',
  why_case: 'case',
  garden_target: 'target',
  plan: 'plan',
  own_row: 'correction',
  planting: 'planting',
};

/** The row, or a 404 fault that names it. */
export function mustRead<T extends TableName>(db: Connection, table: T, gardenId: string, id: string): Records[T] {
  const row = readRow(db, table, gardenId, id);
  if (!row) throw new Fault(404, `There is no ${NAMES[table]} “${id}” here; it may have been removed.`);
  return row;
}

/** A row as the gardener saw it: which one, and at which revision. */
export interface Known {
  id: string;
  revision: number;
}

/** The row as it was at a revision; a 409 fault with the row as it is now, if somebody changed it since. */
export function mustReadAt<T extends TableName>(db: Connection, table: T, gardenId: string, { id, revision }: Known): Records[T] {
  const current = mustRead(db, table, gardenId, id);
  if (current.revision !== revision)
    throw new Fault(409, `This ${NAMES[table]} was changed in another window since you opened it.`, { current });
  return current;
}

/** A row with some of its fields changed, at its next revision. */
export const revised = <R extends Records[TableName]>(row: R, fields: Partial<R>): R => ({
  ...row,
  ...fields,
  id: row.id,
  revision: row.revision + 1,
});

/** All records of a garden; a 404 fault for an unknown or removed one. */
export function readRecords(db: Connection, id: string): GardenRecords {
  const garden = mustRead(db, 'garden', id, id);
  const lists = Object.entries(LISTS).map(([list, table]) => [list, readRows(db, table, id)]);
  return { garden, ...Object.fromEntries(lists), seen: readSeen(db, id) } as GardenRecords;
}

/** Everything of a garden as it is answered; a 404 fault for an unknown or removed one. */
export function readGarden(db: Connection, id: string): GardenState {
  return { ...readRecords(db, id), ...positionIn(db, id) };
}

/** How far a garden's changes have come. */
const positionIn = (db: Connection, id: string) => ({ history: historyOf(db, id), at: changeAt(db, id), log_at: logAt(db, id) });

/**
 * What changed of a garden after a change that is known; all of it where none is, or where that one is not of this
 * database. A 404 fault for an unknown or removed garden.
 */
export function readChanges(db: Connection, id: string, since: number | null): GardenState | GardenChanges {
  const position = positionIn(db, id);
  if (since === null || since > position.at || since < earliestKnown(db)) return { ...readRecords(db, id), ...position };
  const garden = mustRead(db, 'garden', id, id);
  const changed = changedSince(db, id, since);
  const changes: GardenChanges = { of: id, since, ...position, put: {}, gone: {} };
  if (changed.has('garden')) changes.garden = garden;
  if (changed.has('entry')) changes.seen = readSeen(db, id);
  for (const [list, table] of Object.entries(LISTS)) {
    const ids = new Set(changed.get(table));
    if (ids.size === 0) continue;
    const put: PutRow<object>[] = [];
    let after: string | null = null;
    for (const row of readRows(db, table, id)) {
      if (ids.delete(row.id)) put.push({ row, after });
      after = row.id;
    }
    if (put.length > 0) Object.assign(changes.put, { [list]: put });
    // What changed and stands in the list no more.
    if (ids.size > 0) Object.assign(changes.gone, { [list]: [...ids] });
  }
  return changes;
}
