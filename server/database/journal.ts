import type { Connection } from './connection';
import { noteChanges } from './changes';
import { Fault } from './faults';
import { mustFit, mustHold } from './limits';
import { insertRow, positionOf, readRow, removeRow, updateRow, type ListTable, type Records, type TableName } from './tables';
import { inTransaction } from './transaction';

/** One row changed: what it was and what it became. Of a row that stayed, only the columns that changed. */
export interface Change<T extends TableName = TableName> {
  table: T;
  id: string;
  /** Where the row stood, so that it comes back to its place. */
  position?: number | null;
  before: Partial<Records[T]> | null;
  after: Partial<Records[T]> | null;
}

/** The columns in which a row differs before and after. */
function differing<R extends object>(before: R, after: R): [Partial<R>, Partial<R>] {
  const columns = (Object.keys(after) as (keyof R)[]).filter(
    (column) => column !== 'revision' && JSON.stringify(before[column]) !== JSON.stringify(after[column]),
  );
  const of = (row: R) => Object.fromEntries(columns.map((column) => [column, row[column]])) as Partial<R>;
  return [of(before), of(after)];
}

/** Writes rows of one garden and remembers what stood there before. */
export interface Recorder {
  add<T extends TableName>(table: T, row: Records[T]): void;
  update<T extends TableName>(table: T, row: Records[T]): void;
  remove(table: ListTable, id: string): void;
}

/**
 * Makes one change to a garden in a transaction, under a label the gardener is shown ("Remove the swale").
 * What was undone before can no longer be done again. A 422 fault where a garden's file could not hold what it makes.
 */
export function record(db: Connection, gardenId: string, label: string, work: (recorder: Recorder) => void) {
  inTransaction(db, () => {
    const changes: Change[] = [];
    const grown = new Set<ListTable>();
    work({
      // What is remembered is as the table holds it, so that it compares equal to what it gives later.
      add(table, row) {
        mustFit(table, row);
        const { row: after, position } = insertRow(db, table, gardenId, row);
        changes.push({ table, id: row.id, position, before: null, after });
        if (table !== 'garden') grown.add(table as ListTable);
      },
      update(table, row) {
        mustFit(table, row);
        const was = readRow(db, table, gardenId, row.id);
        if (!was) throw new Error(`There is no row ${row.id} of ${table} to be changed.`);
        const [before, after] = differing(was, updateRow(db, table, gardenId, row));
        changes.push({ table, id: row.id, position: positionOf(db, table, row.id), before, after });
      },
      remove(table, id) {
        const before = readRow(db, table, gardenId, id) ?? null;
        changes.push({ table, id, position: positionOf(db, table, id), before, after: null });
        removeRow(db, table, gardenId, id);
      },
    });
    for (const table of grown) mustHold(db, table, gardenId);
    noteChanges(db, gardenId, changes);
    db.prepare('DELETE FROM journal WHERE garden_id = ? AND undone = 1').run(gardenId);
    const text = JSON.stringify(changes);
    db.prepare('INSERT INTO journal (garden_id, label, changes, bytes) VALUES (?, ?, ?, ?)').run(
      gardenId,
      label,
      text,
      text.length,
    );
  });
}

export type Way = 'undo' | 'redo';
const NEXT: Record<Way, string> = {
  undo: 'SELECT id, label FROM journal WHERE garden_id = ? AND undone = 0 ORDER BY id DESC LIMIT 1',
  redo: 'SELECT id, label FROM journal WHERE garden_id = ? AND undone = 1 ORDER BY id ASC LIMIT 1',
};
type Entry = { id: number; label: string };

/** The change that would be undone and the one that would be done again, each by its number and label. */
export function historyOf(db: Connection, gardenId: string): Record<Way, { entry: number; label: string } | null> {
  const of = (way: Way) => {
    const found = db.prepare(NEXT[way]).get(gardenId) as Entry | undefined;
    return found ? { entry: found.id, label: found.label } : null;
  };
  return { undo: of('undo'), redo: of('redo') };
}

/** Does a row stand as it was remembered, its revision and columns that came since aside? */
function standsAs(now: object | undefined, remembered: object | null): boolean {
  if (!now || !remembered) return !now && !remembered;
  return Object.entries(remembered).every(
    ([column, value]) =>
      column === 'revision' || JSON.stringify((now as Record<string, unknown>)[column]) === JSON.stringify(value),
  );
}

/**
 * Undoes the last change, or does again the last one undone, and returns its label. `entry`: the change that is meant,
 * by its number; a 409 fault where there is none, where another one has come since, or where what it changed has changed.
 */
export function step(db: Connection, gardenId: string, way: Way, entry?: number): string {
  return inTransaction(db, () => {
    const found = db.prepare(NEXT[way]).get(gardenId) as Entry | undefined;
    if (!found) throw new Fault(409, way === 'undo' ? 'There is nothing to undo.' : 'There is nothing to do again.');
    if (entry !== undefined && found.id !== entry)
      throw new Fault(409, `Another change was made since, in another window: “${found.label}”. Look at it first.`);
    const changes = JSON.parse(
      db.prepare('SELECT changes FROM journal WHERE id = ?').pluck().get(found.id) as string,
    ) as Change[];
    noteChanges(db, gardenId, changes);
    for (const change of way === 'undo' ? changes.reverse() : changes) takeStep(db, gardenId, change, way, found.label);
    db.prepare('UPDATE journal SET undone = ? WHERE id = ?').run(way === 'undo' ? 1 : 0, found.id);
    return found.label;
  });
}

function takeStep(db: Connection, gardenId: string, { table, id, position, before, after }: Change, way: Way, label: string) {
  const [from, to] = way === 'undo' ? [after, before] : [before, after];
  const now = readRow(db, table, gardenId, id);
  if (!standsAs(now, from))
    throw new Fault(409, `“${label}” cannot be ${way === 'undo' ? 'undone' : 'done again'}: what it changed has changed since.`);
  if (!to) return removeRow(db, table, gardenId, id);
  const row = { ...to, id, revision: (now?.revision ?? to.revision ?? 0) + 1 } as Records[TableName];
  if (now) updateRow(db, table, gardenId, row);
  else insertRow(db, table, gardenId, row, position);
}

/** The changes that stand, made after a moment (ISO), after one of them by its number, or only the last one; the last comes first. */
export function changesSince(
  db: Connection,
  gardenId: string,
  moment: string | number | 'last-change',
): { label: string; changes: Change[] }[] {
  const from = 'SELECT label, changes FROM journal WHERE garden_id = ? AND undone = 0';
  const entries = (
    moment === 'last-change'
      ? db.prepare(`${from} ORDER BY id DESC LIMIT 1`).all(gardenId)
      : db.prepare(`${from} AND ${typeof moment === 'number' ? 'id' : 'at'} > ? ORDER BY id DESC`).all(gardenId, moment)
  ) as { label: string; changes: string }[];
  return entries.map(({ label, changes }) => ({ label, changes: JSON.parse(changes) as Change[] }));
}
