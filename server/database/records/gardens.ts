import { freeName } from '../../../core/model/free-name';
import type { GardenFields, GardenSummary, ListingFields, RemovedGarden } from '../../../core/model/garden';
import { slugOf } from '../../../core/model/slug';
import type { Connection } from '../connection';
import { Fault } from '../faults';
import { noteChanges } from '../changes';
import { HeldRows } from '../held-rows';
import { record } from '../journal';
import { insertRow } from '../tables';
import { mustReadAt, newId, revised } from './reading';
import { inTransaction } from '../transaction';

const MOST_NAME = 80;

/** An id that reads like the name, made unlike every other garden's. */
export function gardenIdFor(db: Connection, name: string): string {
  const slug = slugOf(name).slice(0, 48).replace(/-+$/, '') || 'garden';
  const taken = db.prepare('SELECT 1 FROM garden WHERE id = ?');
  let id = slug;
  for (let n = 2; taken.get(id); n++) id = `${slug}-${n}`;
  return id;
}

type ListedRow = Omit<GardenSummary, 'tags' | 'balcony' | 'archived'> & { tags: string; balcony: number; archived: number };

/** The gardens that have not been removed, oldest first. */
export function listGardens(db: Connection): GardenSummary[] {
  const rows = db
    .prepare(
      `SELECT id, revision, name, region, half_zone, balcony, tags, archived,
              created_at || ' ' || ifnull((SELECT max(id) FROM journal WHERE garden_id = garden.id AND undone = 0), 0) AS stamp,
              ifnull((SELECT max(at) FROM journal WHERE garden_id = garden.id), created_at) AS changed_at,
              (SELECT count(*) FROM site WHERE garden_id = garden.id) AS sites,
              (SELECT count(*) FROM garden_target WHERE garden_id = garden.id) AS targets,
              (SELECT count(*) FROM planting JOIN plan ON plan.id = planting.plan_id AND plan.current = 1
               WHERE planting.garden_id = garden.id) AS plantings
       FROM garden WHERE removed_at IS NULL ORDER BY created_at, id`,
    )
    .all() as ListedRow[];
  return rows.map((row) => ({
    ...row,
    tags: JSON.parse(row.tags) as string[],
    balcony: row.balcony === 1,
    archived: row.archived === 1,
  }));
}

/** Names of the gardens in the list, but for one. */
const namesBut = (db: Connection, id: string) =>
  (db.prepare('SELECT name FROM garden WHERE removed_at IS NULL AND id <> ?').all(id) as { name: string }[]).map(
    (row) => row.name,
  );

/** A name for a garden that no other in the list has: the next free number behind it where one has. */
export function freeGardenName(db: Connection, name: string, id = ''): string {
  const taken = namesBut(db, id);
  // The number behind it must not make it longer than a name may be.
  return taken.includes(name) ? freeName(name.slice(0, MOST_NAME - 5).trim(), taken) : name;
}

/** A 422 fault beside the name where another garden in the list has it. */
function mustBeFreeName(db: Connection, name: string, id = '') {
  if (!namesBut(db, id).includes(name)) return;
  const message = `Another garden is called “${name}”: give this one a name of its own, such as “${freeGardenName(db, name, id)}”.`;
  throw new Fault(422, message, { fields: { name: message } });
}

/** Makes a garden with an empty plan and returns its id. */
export function createGarden(db: Connection, fields: GardenFields): string {
  return inTransaction(db, () => {
    mustBeFreeName(db, fields.name);
    const id = gardenIdFor(db, fields.name);
    insertRow(db, 'garden', id, { ...fields, id, revision: 0 });
    insertRow(db, 'plan', id, { id: newId(), revision: 0, name: 'Plan', current: true, wishes: null });
    return id;
  });
}

export function updateGarden(db: Connection, id: string, revision: number, fields: GardenFields) {
  const garden = mustReadAt(db, 'garden', id, { id, revision });
  if (fields.name !== garden.name) mustBeFreeName(db, fields.name, id);
  record(db, id, `Change ${fields.name}`, ({ update }) => update('garden', revised(garden, fields)));
}

/** Changes how a garden is listed: its tags, and whether it is put away. */
export function listGardenAs(db: Connection, id: string, revision: number, fields: ListingFields) {
  const garden = mustReadAt(db, 'garden', id, { id, revision });
  const label =
    fields.archived === garden.archived
      ? `Tags of ${garden.name}`
      : `${fields.archived ? 'Archive' : 'Bring back'} ${garden.name}`;
  record(db, id, label, ({ update }) => update('garden', revised(garden, fields)));
}

/** Takes a garden out of the list; restoreGarden brings it back whole. */
export function removeGarden(db: Connection, id: string, revision: number) {
  inTransaction(db, () => {
    mustReadAt(db, 'garden', id, { id, revision });
    db.prepare(`UPDATE garden SET removed_at = strftime('%Y-%m-%dT%H:%M:%fZ', 'now') WHERE id = ?`).run(id);
  });
}

/** Days for which a removed garden can be brought back. */
const DAYS_KEPT = 90;

/** The gardens that were removed and can be brought back, the last removed first. */
export function listRemoved(db: Connection): RemovedGarden[] {
  return db
    .prepare(
      `SELECT id, name, removed_at, strftime('%Y-%m-%dT%H:%M:%fZ', removed_at, '+${DAYS_KEPT} days') AS kept_until
       FROM garden WHERE removed_at IS NOT NULL ORDER BY removed_at DESC, id`,
    )
    .all() as RemovedGarden[];
}

/** Deletes for good the gardens that were removed longer ago than they are kept; returns how many. `now`: ISO moment. */
export function deleteLongRemoved(db: Connection, now: string): number {
  return inTransaction(db, () => {
    const ids = db
      .prepare(`SELECT id FROM garden WHERE datetime(removed_at, '+${DAYS_KEPT} days') <= datetime(?)`)
      .pluck()
      .all(now) as string[];
    for (const id of ids) deleteGarden(db, id);
    return ids.length;
  });
}

/** Deletes a garden with all that belongs to it. */
function deleteGarden(db: Connection, id: string) {
  db.prepare('DELETE FROM garden WHERE id = ?').run(id);
  // Its rows went by way of the garden's, past tables.ts.
  HeldRows.forget(db);
  for (const table of ['row_change', 'log_change']) db.prepare(`DELETE FROM ${table} WHERE garden_id = ?`).run(id);
}

/** Deletes a removed garden for good, before its time; a 404 fault where none of that id was removed. */
export function deleteRemoved(db: Connection, id: string) {
  inTransaction(db, () => {
    const removed = db.prepare('SELECT 1 FROM garden WHERE id = ? AND removed_at IS NOT NULL').get(id);
    if (!removed) throw new Fault(404, `No garden “${id}” was removed here.`);
    deleteGarden(db, id);
  });
}

/** Brings a removed garden back; where its name was given to another meanwhile, with a number behind it. */
export function restoreGarden(db: Connection, id: string) {
  const row = db.prepare('SELECT name FROM garden WHERE id = ?').get(id) as { name: string } | undefined;
  if (!row) throw new Fault(404, `There is no garden “${id}” here.`);
  db.prepare('UPDATE garden SET removed_at = NULL, name = ? WHERE id = ?').run(freeGardenName(db, row.name, id), id);
  noteChanges(db, id, [{ table: 'garden', id }]);
}
