import type { Connection } from './connection';
import { onRollback } from './transaction';

type Row = { id: string };
/** How a list is read: all of it, or the ids in its order. */
interface Reading<R> {
  all(): R[];
  ids(): string[];
}
/** A row as it is now, null where it went, and whether it came to the end of its list. */
interface Change {
  row: Row | null;
  last: boolean;
}
interface Held {
  rows: readonly Row[];
  /** What came, changed and went since. */
  changed: Map<string, Change>;
}

/** So many rows are held, of whichever gardens were asked for last. */
const MOST_ROWS = 200_000;

/**
 * The lists of gardens as they were read last: of a long one most rows are the same at the next press. Only this process
 * writes to the database, and only through server/database/tables.ts, which says here what it changed.
 */
export class HeldRows {
  static readonly #ofEach = new WeakMap<Connection, HeldRows>();
  static of(db: Connection): HeldRows {
    const known = HeldRows.#ofEach.get(db) ?? new HeldRows();
    HeldRows.#ofEach.set(db, known);
    return known;
  }
  /** Forgets all lists: where something was written past tables.ts, or in a transaction that failed. */
  static forget(db: Connection) {
    HeldRows.#ofEach.delete(db);
  }

  readonly #lists = new Map<string, Held>();

  list<R extends Row>(table: string, gardenId: string, reading: Reading<R>): readonly R[] {
    const key = `${table} ${gardenId}`;
    const held = this.#lists.get(key);
    const rows = held ? brought(held, reading) : reading.all();
    // What was asked for last stands last.
    this.#lists.delete(key);
    this.#lists.set(key, { rows, changed: new Map() });
    this.#bound();
    return rows;
  }

  changed(table: string, gardenId: string, id: string, row: Row | null, last = false) {
    const changed = this.#lists.get(`${table} ${gardenId}`)?.changed;
    changed?.set(id, { row, last: last || (changed.get(id)?.last ?? false) });
  }

  #bound() {
    let count = 0;
    for (const { rows } of this.#lists.values()) count += rows.length;
    for (const [key, { rows }] of this.#lists) {
      if (count <= MOST_ROWS) return;
      this.#lists.delete(key);
      count -= rows.length;
    }
  }
}
onRollback((db) => HeldRows.forget(db));

/** A held list as it is now. The same list where nothing of it changed. */
function brought<R extends Row>({ rows, changed }: Held, { ids }: Reading<R>): readonly R[] {
  if (changed.size === 0) return rows as readonly R[];
  const known = new Map((rows as readonly R[]).map((row) => [row.id, row]));
  const isNew = (id: string) => !known.has(id);
  // A row that came back to its old place: only the database knows where that is.
  const needsOrder = [...changed].some(([id, { row, last }]) => row !== null && !last && isNew(id));
  const fresh = [...changed].filter(([id]) => isNew(id)).map(([id]) => id);
  for (const [id, { row }] of changed)
    if (row) known.set(id, row as R);
    else known.delete(id);
  const order = needsOrder ? ids() : [...rows.map((row) => row.id), ...fresh];
  return order.flatMap((id) => known.get(id) ?? []);
}
