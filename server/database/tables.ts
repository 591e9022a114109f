import type { Connection } from './connection';

/** How a value of a record is kept in SQLite, which has neither booleans nor lists. */
type Kept = 'plain' | 'flag' | 'json';

/** The tables of a garden whose changes are journalled, and their columns beside id, revision and position. */
export const TABLES = {
  garden: {
    name: 'plain',
    region: 'plain',
    jurisdiction: 'plain',
    lat: 'plain',
    lon: 'plain',
    elevation_m: 'plain',
    half_zone: 'plain',
    last_frost: 'plain',
    first_frost: 'plain',
    frost_spread_d: 'plain',
    summer: 'plain',
    humidity: 'plain',
    rain_mm: 'json',
    children: 'flag',
    dogs: 'flag',
    cats: 'flag',
    grazing: 'flag',
    passers_by: 'flag',
    deer: 'plain',
    school_plants: 'plain',
    school_autumn: 'plain',
    school_pots: 'plain',
    yard: 'json',
    money: 'json',
    notes: 'plain',
  },
  site: {
    name: 'plain',
    kind: 'plain',
    area_m2: 'plain',
    volume_l: 'plain',
    sun_h: 'plain',
    sun_when: 'plain',
    texture: 'plain',
    drainage: 'plain',
    ph: 'plain',
    moisture: 'plain',
    salt: 'plain',
    features: 'json',
    richness: 'plain',
    runoff: 'plain',
    outline: 'json',
    height_m: 'plain',
    pot: 'json',
    counts: 'json',
    notes: 'plain',
  },
  thing: { kind: 'plain', name: 'plain', points: 'json', traits: 'json' },
  measure: { site_id: 'plain', kind: 'plain', taken_on: 'plain', reading: 'json', note: 'plain' },
  seen: { of: 'plain', what: 'plain', on_day: 'plain', note: 'plain' },
  garden_target: { target: 'plain', ambition: 'plain', priority: 'plain' },
  plan: { name: 'plain', current: 'flag', wishes: 'json' },
  own_row: { file: 'plain', key: 'plain', cells: 'json' },
  planting: {
    plan_id: 'plain',
    site_id: 'plain',
    plant: 'plain',
    count: 'plain',
    state: 'plain',
    planted_year: 'plain',
    lost_year: 'plain',
    sow_on: 'plain',
    cut: 'json',
    stays: 'flag',
    locked: 'flag',
    source: 'plain',
    cost_minor: 'plain',
    notes: 'plain',
  },
} as const satisfies Record<string, Record<string, Kept>>;

export type TableName = keyof typeof TABLES;
export type Row = { id: string; revision: number } & Record<string, unknown>;

const columnsOf = (table: TableName) => Object.entries(TABLES[table]) as Array<[string, Kept]>;

/** The columns a row speaks of: one remembered before a column came leaves it as the table has it. */
const columnsIn = (table: TableName, row: Record<string, unknown>) =>
  columnsOf(table).filter(([column]) => row[column] !== undefined);

function fromSql(table: TableName, stored: Record<string, unknown>): Row {
  const row: Row = { id: stored.id as string, revision: stored.revision as number };
  for (const [column, kept] of columnsOf(table)) {
    const value = stored[column];
    row[column] = kept === 'flag' ? value === 1 : kept === 'json' ? JSON.parse(value as string) : value;
  }
  return row;
}

function toSql(table: TableName, row: Record<string, unknown>): Record<string, unknown> {
  const stored: Record<string, unknown> = {};
  for (const [column, kept] of columnsIn(table, row)) {
    const value = row[column];
    stored[column] = kept === 'flag' ? (value ? 1 : 0) : kept === 'json' ? JSON.stringify(value) : value;
  }
  return stored;
}

/** One row of a garden, or undefined. A garden's own row has the garden's id. */
export function readRow(db: Connection, table: TableName, gardenId: string, id: string): Row | undefined {
  const sql =
    table === 'garden'
      ? 'SELECT * FROM garden WHERE id = @id AND id = @gardenId AND removed_at IS NULL'
      : `SELECT * FROM ${table} WHERE id = @id AND garden_id = @gardenId`;
  const stored = db.prepare(sql).get({ id, gardenId }) as Record<string, unknown> | undefined;
  return stored && fromSql(table, stored);
}

/** The rows of a garden's table in the order they were made. */
export function readRows(db: Connection, table: Exclude<TableName, 'garden'>, gardenId: string): Row[] {
  const stored = db.prepare(`SELECT * FROM ${table} WHERE garden_id = ? ORDER BY position, id`).all(gardenId);
  return (stored as Record<string, unknown>[]).map((row) => fromSql(table, row));
}

/** Where a row stands in its garden's list; null for a garden and for a row that is not there. */
export function positionOf(db: Connection, table: TableName, id: string): number | null {
  if (table === 'garden') return null;
  return (db.prepare(`SELECT position FROM ${table} WHERE id = ?`).pluck().get(id) as number | undefined) ?? null;
}

/** Writes a row whole: in place, or where it is new at `position` of its garden's list, by default the end. */
export function writeRow(db: Connection, table: TableName, gardenId: string, row: Row, position: number | null = null) {
  const columns = columnsIn(table, row).map(([column]) => column);
  const values = { ...toSql(table, row), id: row.id, revision: row.revision, garden_id: gardenId, position };
  const updates = [...columns, 'revision'].map((column) => `${column} = excluded.${column}`).join(', ');
  const names = columns.join(', ');
  const marks = columns.map((column) => `@${column}`).join(', ');
  const sql =
    table === 'garden'
      ? `INSERT INTO garden (id, revision, ${names}) VALUES (@id, @revision, ${marks})
         ON CONFLICT (id) DO UPDATE SET ${updates}`
      : `INSERT INTO ${table} (id, garden_id, revision, position, ${names})
         VALUES (@id, @garden_id, @revision,
                 coalesce(@position, (SELECT coalesce(max(position), 0) + 1 FROM ${table} WHERE garden_id = @garden_id)), ${marks})
         ON CONFLICT (id) DO UPDATE SET ${updates}`;
  db.prepare(sql).run(values);
}

/** Removes a row; the journal holds what is needed to bring it back. */
export function removeRow(db: Connection, table: TableName, gardenId: string, id: string) {
  db.prepare(`DELETE FROM ${table} WHERE id = ? AND garden_id = ?`).run(id, gardenId);
}
