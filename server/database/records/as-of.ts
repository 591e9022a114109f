import { gunzipSync } from 'node:zlib';
import type { GardenRecords, GardenThen } from '../../../core/model/garden';
import { datesOf } from '../../../core/log/dates';
import type { Entry } from '../../../core/model/log';
import type { Connection } from '../connection';
import { changesSince, type Change } from '../journal';
import { LISTS, positionsOf, readRows, SCHEMAS, type ListTable, type TableName } from '../tables';
import { mustRead } from './reading';
import { inTransaction } from '../transaction';

/** A row and where it stands in its list. */
interface Placed {
  row: object;
  position: number;
  /** Was it put together from what is remembered? */
  remembered?: true;
}

/** All records of a garden, from which changes can be taken back, the last one first. */
export class EarlierGarden {
  readonly #tables = new Map<TableName, Map<string, Placed>>();

  constructor(db: Connection, id: string) {
    this.#tables.set('garden', new Map([[id, { row: mustRead(db, 'garden', id, id), position: 0 }]]));
    for (const table of [...Object.values(LISTS), 'entry' as const]) {
      const positions = positionsOf(db, table, id);
      const rows = readRows(db, table, id).map((row): [string, Placed] => [row.id, { row, position: positions.get(row.id)! }]);
      this.#tables.set(table, new Map(rows));
    }
  }

  /** Takes the changes of one press back. */
  takeBack(changes: readonly Change[]) {
    for (const { id, before, position, table } of [...changes].reverse()) {
      const rows = this.#tables.get(table)!;
      const now = rows.get(id);
      // Only what changed is remembered; the schema completes a row from before a column came.
      if (before) rows.set(id, { row: { ...now?.row, ...before }, position: position ?? now?.position ?? 0, remembered: true });
      else rows.delete(id);
    }
  }

  #rows(table: TableName): object[] {
    return [...this.#tables.get(table)!.values()]
      .sort((a, b) => a.position - b.position)
      .map(({ row, remembered }) => (remembered ? (SCHEMAS[table].parse(row) as object) : row));
  }

  get records(): GardenRecords {
    const lists = Object.entries(LISTS).map(([list, table]: [string, ListTable]) => [list, this.#rows(table)]);
    const [garden] = this.#rows('garden');
    return { garden, ...Object.fromEntries(lists), seen: datesOf(this.#rows('entry') as Entry[]) } as GardenRecords;
  }
}

/** The garden as it was saved where older changes were folded together: nearest before a moment, or the earliest there is. */
function snapshotFor(db: Connection, id: string, moment: string): { at: string; records: GardenRecords } | null {
  const found = (db
    .prepare('SELECT at, records FROM snapshot WHERE garden_id = ? AND at <= ? ORDER BY at DESC')
    .get(id, moment) ?? db.prepare('SELECT at, records FROM snapshot WHERE garden_id = ? ORDER BY at').get(id)) as
    { at: string; records: Buffer } | undefined;
  return found ? { at: found.at, records: JSON.parse(gunzipSync(found.records).toString('utf8')) as GardenRecords } : null;
}

/** When the last of the changes was made that are no longer remembered one by one; null where all are. */
const foldedUpTo = (db: Connection, id: string): string | null =>
  db.prepare('SELECT max(at) FROM snapshot WHERE garden_id = ?').pluck().get(id) as string | null;

/**
 * A garden as it stood at a moment (ISO), or before its last change: all its records as they are, with the changes since
 * then taken back. A change that was undone meanwhile counts as never made. For a moment whose changes are no longer
 * remembered one by one, the garden as it was saved nearest to it, which the answer says.
 */
export function gardenAsOf(db: Connection, id: string, moment: string | 'last-change'): GardenThen {
  return inTransaction(db, (): GardenThen => {
    const garden = new EarlierGarden(db, id);
    const entries = changesSince(db, id, moment);
    for (const { changes } of entries) garden.takeBack(changes);
    const folded = foldedUpTo(db, id);
    const saved = folded !== null && moment !== 'last-change' && moment < folded ? snapshotFor(db, id, moment) : null;
    return {
      ...(saved?.records ?? garden.records),
      changes: entries.map((entry) => entry.label),
      begun: db.prepare('SELECT created_at FROM garden WHERE id = ?').pluck().get(id) as string,
      stood_at: saved?.at ?? null,
    };
  });
}
