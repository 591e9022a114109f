import type { Connection } from './connection';
import { Fault } from './faults';
import { positionOf, readRow, removeRow, writeRow, type Row, type TableName } from './tables';

interface Change {
  table: TableName;
  id: string;
  /** Where the row stood, so that it comes back to its place. */
  position?: number | null;
  before: Row | null;
  after: Row | null;
}

/** Writes rows of one garden and remembers what stood there before. */
export interface Recorder {
  write(table: TableName, row: Row): void;
  remove(table: Exclude<TableName, 'garden'>, id: string): void;
}

/**
 * Makes one change to a garden in a transaction, under a label the gardener is shown ("Remove the swale").
 * What was undone before can no longer be done again.
 */
export function record<T>(db: Connection, gardenId: string, label: string, work: (recorder: Recorder) => T): T {
  return db
    .transaction(() => {
      const changes: Change[] = [];
      const result = work({
        write(table, row) {
          const before = readRow(db, table, gardenId, row.id) ?? null;
          writeRow(db, table, gardenId, row);
          // Read back, so that it compares equal to what the table gives later.
          const after = readRow(db, table, gardenId, row.id) ?? null;
          changes.push({ table, id: row.id, position: positionOf(db, table, row.id), before, after });
        },
        remove(table, id) {
          const before = readRow(db, table, gardenId, id) ?? null;
          changes.push({ table, id, position: positionOf(db, table, id), before, after: null });
          removeRow(db, table, gardenId, id);
        },
      });
      db.prepare('DELETE FROM journal WHERE garden_id = ? AND undone = 1').run(gardenId);
      db.prepare('INSERT INTO journal (garden_id, label, changes) VALUES (?, ?, ?)').run(
        gardenId,
        label,
        JSON.stringify(changes),
      );
      return result;
    })
    .immediate();
}

const NEXT = {
  undo: 'SELECT id, label, changes FROM journal WHERE garden_id = ? AND undone = 0 ORDER BY id DESC LIMIT 1',
  redo: 'SELECT id, label, changes FROM journal WHERE garden_id = ? AND undone = 1 ORDER BY id ASC LIMIT 1',
};
type Entry = { id: number; label: string; changes: string };

/** The labels of the change that would be undone and of the one that would be done again. */
export function historyOf(db: Connection, gardenId: string): { undo: string | null; redo: string | null } {
  const label = (sql: string) => (db.prepare(sql).get(gardenId) as Entry | undefined)?.label ?? null;
  return { undo: label(NEXT.undo), redo: label(NEXT.redo) };
}

/** Does a row stand as it was remembered, its revision and columns that came since aside? */
function standsAs(now: Row | undefined, remembered: Row | null): boolean {
  if (!now || !remembered) return !now && !remembered;
  return Object.entries(remembered).every(
    ([column, value]) => column === 'revision' || JSON.stringify(now[column]) === JSON.stringify(value),
  );
}

/** Takes the last change back, or makes the last one taken back again; throws a 409 fault when there is none. */
export function step(db: Connection, gardenId: string, way: 'undo' | 'redo'): string {
  return db
    .transaction(() => {
      const entry = db.prepare(NEXT[way]).get(gardenId) as Entry | undefined;
      if (!entry) throw new Fault(409, way === 'undo' ? 'There is nothing to undo.' : 'There is nothing to do again.');
      const changes = JSON.parse(entry.changes) as Change[];
      for (const change of way === 'undo' ? changes.reverse() : changes) {
        const [from, to] = way === 'undo' ? [change.after, change.before] : [change.before, change.after];
        const now = readRow(db, change.table, gardenId, change.id);
        if (!standsAs(now, from))
          throw new Fault(
            409,
            `“${entry.label}” cannot be ${way === 'undo' ? 'undone' : 'done again'}: what it changed has changed since.`,
          );
        if (to) writeRow(db, change.table, gardenId, { ...to, revision: (now?.revision ?? to.revision) + 1 }, change.position);
        else removeRow(db, change.table, gardenId, change.id);
      }
      db.prepare('UPDATE journal SET undone = ? WHERE id = ?').run(way === 'undo' ? 1 : 0, entry.id);
      return entry.label;
    })
    .immediate();
}

/** The changes that stand, made after a moment (ISO) or only the last one; the last comes first. */
export function changesSince(
  db: Connection,
  gardenId: string,
  moment: string | 'last-change',
): { label: string; changes: Change[] }[] {
  const entries = (
    moment === 'last-change'
      ? db.prepare('SELECT label, changes FROM journal WHERE garden_id = ? AND undone = 0 ORDER BY id DESC LIMIT 1').all(gardenId)
      : db
          .prepare('SELECT label, changes FROM journal WHERE garden_id = ? AND undone = 0 AND at > ? ORDER BY id DESC')
          .all(gardenId, moment)
  ) as Entry[];
  return entries.map(({ label, changes }) => ({ label, changes: JSON.parse(changes) as Change[] }));
}
