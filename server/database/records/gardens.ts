import type { GardenFields, GardenSummary } from '../../../core/model/garden';
import { slugOf } from '../../../core/model/slug';
import type { Connection } from '../connection';
import { Fault } from '../faults';
import { record } from '../journal';
import { insertRow } from '../tables';
import { mustReadAt, newId, revised } from './reading';

/** An id that reads like the name, made unlike every other garden's. */
export function gardenIdFor(db: Connection, name: string): string {
  const slug = slugOf(name).slice(0, 48).replace(/-+$/, '') || 'garden';
  const taken = db.prepare('SELECT 1 FROM garden WHERE id = ?');
  let id = slug;
  for (let n = 2; taken.get(id); n++) id = `${slug}-${n}`;
  return id;
}

/** The gardens that have not been removed, oldest first. */
export function listGardens(db: Connection): GardenSummary[] {
  return db
    .prepare(
      `SELECT id, revision, name, region, half_zone,
              (SELECT count(*) FROM site WHERE garden_id = garden.id) AS sites,
              (SELECT count(*) FROM garden_target WHERE garden_id = garden.id) AS targets,
              (SELECT count(*) FROM planting JOIN plan ON plan.id = planting.plan_id AND plan.current = 1
               WHERE planting.garden_id = garden.id) AS plantings
       FROM garden WHERE removed_at IS NULL ORDER BY created_at, id`,
    )
    .all() as GardenSummary[];
}

/** Makes a garden with an empty plan and returns its id. */
export function createGarden(db: Connection, fields: GardenFields): string {
  return db
    .transaction(() => {
      const id = gardenIdFor(db, fields.name);
      insertRow(db, 'garden', id, { ...fields, id, revision: 0 });
      insertRow(db, 'plan', id, { id: newId(), revision: 0, name: 'Plan', current: true, wishes: null });
      return id;
    })
    .immediate();
}

export function updateGarden(db: Connection, id: string, revision: number, fields: GardenFields) {
  const garden = mustReadAt(db, 'garden', id, { id, revision });
  record(db, id, `Change ${fields.name}`, ({ update }) => update('garden', revised(garden, fields)));
}

/** Takes a garden out of the list; restoreGarden brings it back whole. */
export function removeGarden(db: Connection, id: string, revision: number) {
  mustReadAt(db, 'garden', id, { id, revision });
  db.prepare(`UPDATE garden SET removed_at = strftime('%Y-%m-%dT%H:%M:%fZ', 'now') WHERE id = ?`).run(id);
}

export function restoreGarden(db: Connection, id: string) {
  const restored = db.prepare('UPDATE garden SET removed_at = NULL WHERE id = ?').run(id);
  if (restored.changes === 0) throw new Fault(404, `There is no garden “${id}” here.`);
}
