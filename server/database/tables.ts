import type { Statement } from 'better-sqlite3';
import { z } from 'zod';
import { Garden, GardenTarget, OwnRow, Plan, Planting, Site, type GardenRecords } from '../../core/model/garden';
import { ENTRY_SHAPE, type Entry } from '../../core/model/log';
import { BATCH_SHAPE, type Batch } from '../../core/model/raise';
import { CASE_SHAPE, type Case } from '../../core/model/why';
import { OwnDayFields, WorkFields, type OwnDay, type Work } from '../../core/model/work';
import { MeasureFields, ThingFields, type Measure, type Thing } from '../../core/model/yard';
import type { Connection } from './connection';
import { HeldRows } from './held-rows';

/** The records of a garden by the table that holds them. Their columns follow from their schemas. */
export interface Records {
  garden: Garden;
  site: Site;
  thing: Thing;
  measure: Measure;
  entry: Entry;
  work: Work;
  own_day: OwnDay;
  batch: Batch;
  why_case: Case;
  garden_target: GardenTarget;
  plan: Plan;
  own_row: OwnRow;
  planting: Planting;
}
export type TableName = keyof Records;
/** The tables whose rows belong to a garden; a garden's own row has the garden's id. */
export type ListTable = Exclude<TableName, 'garden'>;

const stored = z.object({ id: z.string(), revision: z.number() });
/** The schema of each table's rows: what a row that lacks a newer column is completed by. */
export const SCHEMAS: { [T in TableName]: z.ZodType<Records[T]> } = {
  garden: Garden,
  site: Site,
  thing: ThingFields.and(stored) as z.ZodType<Thing>,
  measure: MeasureFields.and(stored) as z.ZodType<Measure>,
  entry: z.object({ ...ENTRY_SHAPE, ...stored.shape }),
  work: z.object({ ...WorkFields.shape, ...stored.shape }),
  own_day: z.object({ ...OwnDayFields.shape, ...stored.shape }),
  batch: z.object({ ...BATCH_SHAPE, ...stored.shape }),
  why_case: z.object({ ...CASE_SHAPE, ...stored.shape }),
  garden_target: GardenTarget,
  plan: Plan,
  own_row: OwnRow,
  planting: Planting,
};

/** The table of each list of a garden's records. The log is none of them: it is long, and travels by itself. */
export const LISTS = {
  sites: 'site',
  targets: 'garden_target',
  plans: 'plan',
  plantings: 'planting',
  own: 'own_row',
  things: 'thing',
  measures: 'measure',
  work: 'work',
  weather: 'own_day',
  batches: 'batch',
  cases: 'why_case',
} as const satisfies Record<Exclude<keyof GardenRecords, 'garden' | 'seen'>, ListTable>;

/** How a value of a record is held in SQLite, which has neither booleans nor lists. */
type Held = 'plain' | 'flag' | 'json';

function heldAs(schema: unknown): Held {
  if (schema instanceof z.ZodDefault || schema instanceof z.ZodNullable || schema instanceof z.ZodOptional)
    return heldAs(schema.unwrap());
  if (schema instanceof z.ZodBoolean) return 'flag';
  return schema instanceof z.ZodObject || schema instanceof z.ZodArray || schema instanceof z.ZodRecord ? 'json' : 'plain';
}

/** The columns of a record beside id and revision. Kinds of one record have the same columns: the first shows them. */
function columnsFor(shape: Record<string, unknown>): Map<string, Held> {
  return new Map(
    Object.entries(shape)
      .filter(([column]) => column !== 'id' && column !== 'revision')
      .map(([column, schema]) => [column, heldAs(schema)]),
  );
}
const COLUMNS: Record<TableName, ReadonlyMap<string, Held>> = {
  garden: columnsFor(Garden.shape),
  site: columnsFor(Site.shape),
  thing: columnsFor(ThingFields.options[0].shape),
  measure: columnsFor(MeasureFields.options[0].shape),
  entry: columnsFor(ENTRY_SHAPE),
  work: columnsFor(WorkFields.shape),
  own_day: columnsFor(OwnDayFields.shape),
  batch: columnsFor(BATCH_SHAPE),
  why_case: columnsFor(CASE_SHAPE),
  garden_target: columnsFor(GardenTarget.shape),
  plan: columnsFor(Plan.shape),
  own_row: columnsFor(OwnRow.shape),
  planting: columnsFor(Planting.shape),
};

const statements = new WeakMap<Connection, Map<string, Statement>>();
/** A statement, prepared once for each connection: the same few are asked thousands of times when a plan is taken. */
function prepared(db: Connection, sql: string): Statement {
  const own = statements.get(db) ?? new Map<string, Statement>();
  statements.set(db, own);
  const known = own.get(sql) ?? db.prepare(sql);
  own.set(sql, known);
  return known;
}

/** The same for a statement of one column. */
const preparedPluck = (db: Connection, sql: string): Statement => prepared(db, `${sql} -- one column`).pluck();

function fromSql<T extends TableName>(table: T, held: Record<string, unknown>): Records[T] {
  const row: Record<string, unknown> = { id: held.id, revision: held.revision };
  for (const [column, as] of COLUMNS[table]) {
    const value = held[column];
    row[column] = as === 'flag' ? value === 1 : as === 'json' ? JSON.parse(value as string) : value;
  }
  return row as unknown as Records[T];
}

/** The columns a row speaks of: one remembered before a column came leaves it as the table has it. */
function toSql(table: TableName, row: object): Record<string, unknown> {
  const held: Record<string, unknown> = {};
  for (const [column, as] of COLUMNS[table]) {
    const value = (row as Record<string, unknown>)[column];
    if (value === undefined) continue;
    held[column] = as === 'flag' ? (value ? 1 : 0) : as === 'json' ? JSON.stringify(value) : value;
  }
  return held;
}

/** One row of a garden, or undefined. A garden that was removed has none. */
export function readRow<T extends TableName>(db: Connection, table: T, gardenId: string, id: string): Records[T] | undefined {
  const sql =
    table === 'garden'
      ? 'SELECT * FROM garden WHERE id = @id AND id = @gardenId AND removed_at IS NULL'
      : `SELECT * FROM ${table} WHERE id = @id AND garden_id = @gardenId`;
  const held = prepared(db, sql).get({ id, gardenId }) as Record<string, unknown> | undefined;
  return held && fromSql(table, held);
}

/** The rows of a garden's table in the order they were made. They are shared: nobody changes one. */
export function readRows<T extends ListTable>(db: Connection, table: T, gardenId: string): readonly Records[T][] {
  return HeldRows.of(db).list(table, gardenId, {
    all: () => {
      const rows = prepared(db, `SELECT * FROM ${table} WHERE garden_id = ? ORDER BY position, id`).all(gardenId);
      return (rows as Record<string, unknown>[]).map((row) => fromSql(table, row));
    },
    ids: () => idsOf(db, table, gardenId),
  });
}

/** The ids of a garden's rows of a table, in their order. */
const idsOf = (db: Connection, table: ListTable, gardenId: string): string[] =>
  preparedPluck(db, `SELECT id FROM ${table} WHERE garden_id = ? ORDER BY position, id`).all(gardenId) as string[];

/** Where the rows of a garden's table stand in their list, by id. */
export function positionsOf(db: Connection, table: ListTable, gardenId: string): Map<string, number> {
  const rows = prepared(db, `SELECT id, position FROM ${table} WHERE garden_id = ?`).all(gardenId);
  return new Map((rows as { id: string; position: number }[]).map((row) => [row.id, row.position]));
}

/** The position behind the last row of a garden's list. */
const nextPosition = (db: Connection, table: ListTable, gardenId: string): number =>
  preparedPluck(db, `SELECT coalesce(max(position), 0) + 1 FROM ${table} WHERE garden_id = ?`).get(gardenId) as number;

/** Where a row stands in its garden's list; null for a garden and for a row that is not there. */
export function positionOf(db: Connection, table: TableName, id: string): number | null {
  if (table === 'garden') return null;
  return (preparedPluck(db, `SELECT position FROM ${table} WHERE id = ?`).get(id) as number | undefined) ?? null;
}

/** A row with its columns alone, as its table gives it back. */
function shaped<T extends TableName>(table: T, row: Records[T]): Records[T] {
  // Most rows are so already.
  if (Object.keys(row).length === COLUMNS[table].size + 2) return row;
  const columns = ['id', 'revision', ...COLUMNS[table].keys()] as (keyof Records[T])[];
  return Object.fromEntries(columns.map((column) => [column, row[column]])) as unknown as Records[T];
}

/** A row as its table gives it back, and where it stands in its list (null for a garden). */
export interface Stored<T extends TableName> {
  row: Records[T];
  position: number | null;
}

/**
 * Adds a row, at `position` of its garden's list or by default at its end, and returns it as the table gives it back. An
 * id that is taken breaks a constraint.
 */
export function insertRow<T extends TableName>(
  db: Connection,
  table: T,
  gardenId: string,
  row: Records[T],
  position: number | null = null,
): Stored<T> {
  const held = toSql(table, row);
  const columns = Object.keys(held);
  const names = ['id', 'revision', ...columns];
  let place = position;
  const given: unknown[] = [row.id, row.revision, ...Object.values(held)];
  if (table !== 'garden') {
    names.push('garden_id', 'position');
    place ??= nextPosition(db, table as ListTable, gardenId);
    given.push(gardenId, place);
  }
  // Bound by their places: by their names it takes twice as long, and a plan that is copied has thousands of rows.
  prepared(db, `INSERT INTO ${table} (${names.join(', ')}) VALUES (${names.map(() => '?').join(', ')})`).run(given);
  return { row: written(db, table, gardenId, row, columns.length, position === null), position: place };
}

/** Writes a row that is there already over itself; returns it as the table gives it back. */
export function updateRow<T extends TableName>(db: Connection, table: T, gardenId: string, row: Records[T]): Records[T] {
  const held = toSql(table, row);
  const columns = Object.keys(held);
  const updates = [...columns, 'revision'].map((column) => `${column} = @${column}`).join(', ');
  const owner = table === 'garden' ? 'id' : 'garden_id';
  const given = { ...held, id: row.id, revision: row.revision, garden_id: gardenId };
  prepared(db, `UPDATE ${table} SET ${updates} WHERE id = @id AND ${owner} = @garden_id`).run(given);
  return written(db, table, gardenId, row, columns.length);
}

/** The row that was written, as the table gives it back: read from there only where not all of its columns were given. */
function written<T extends TableName>(
  db: Connection,
  table: T,
  gardenId: string,
  row: Records[T],
  columns: number,
  last = false,
): Records[T] {
  const now = columns === COLUMNS[table].size ? shaped(table, row) : readRow(db, table, gardenId, row.id)!;
  HeldRows.of(db).changed(table, gardenId, row.id, now, last);
  return now;
}

/** Removes a row; the journal holds what is needed to bring it back. */
export function removeRow(db: Connection, table: TableName, gardenId: string, id: string) {
  HeldRows.of(db).changed(table, gardenId, id, null);
  prepared(db, `DELETE FROM ${table} WHERE id = ? AND garden_id = ?`).run(id, gardenId);
}
