import type { PlantingFields } from '../../../core/model/garden';
import type { Places } from '../../http/bodies';
import type { Connection } from '../connection';
import { Fault } from '../faults';
import { record } from '../journal';
import { readRows } from '../tables';
import { currentPlan } from './plans';
import { mustRead, mustReadAt, newId, revised, type Known } from './reading';

/** The common name of a plant, for the label of a change. */
type NameOf = (plant: string) => string;

/**
 * Adds plants to the current plan: more of a planned planting of the same kind on the same site, or a new one. Returns
 * the id of the planting.
 */
export function addPlanting(db: Connection, gardenId: string, fields: PlantingFields, nameOf: NameOf): string {
  mustRead(db, 'garden', gardenId, gardenId);
  mustRead(db, 'site', gardenId, fields.site_id);
  const plan = currentPlan(db, gardenId);
  const same = readRows(db, 'planting', gardenId).find(
    (row) =>
      row.plan_id === plan.id &&
      row.plant === fields.plant &&
      row.site_id === fields.site_id &&
      row.state === 'planned' &&
      fields.state === 'planned' &&
      row.sow_on === fields.sow_on,
  );
  const id = same?.id ?? newId();
  record(db, gardenId, `Add ${fields.count} ${nameOf(fields.plant)}`, ({ add, update }) =>
    same
      ? update('planting', revised(same, { count: same.count + fields.count }))
      : add('planting', { ...fields, id, revision: 0, plan_id: plan.id }),
  );
  return id;
}

export function updatePlanting(db: Connection, gardenId: string, known: Known, fields: PlantingFields, nameOf: NameOf) {
  mustRead(db, 'site', gardenId, fields.site_id);
  const row = mustReadAt(db, 'planting', gardenId, known);
  // In another bed its plants have no places yet.
  const spots = fields.site_id === row.site_id ? fields.spots : [];
  record(db, gardenId, `Change ${nameOf(fields.plant)}`, ({ update }) => update('planting', revised(row, { ...fields, spots })));
}

/** Moves several plantings to another site, or removes them, as one change. */
export function changeSeveral(db: Connection, gardenId: string, rows: readonly Known[], site_id: string | null) {
  if (site_id !== null) mustRead(db, 'site', gardenId, site_id);
  const known = rows.map((row) => mustReadAt(db, 'planting', gardenId, row));
  const label = `${site_id === null ? 'Remove' : 'Move'} ${known.length} plantings`;
  record(db, gardenId, label, ({ update, remove }) => {
    for (const row of known)
      if (site_id === null) remove('planting', row.id);
      else update('planting', revised(row, { site_id, spots: row.site_id === site_id ? row.spots : [] }));
  });
}

/** Says where plants of a site stand; a fault where a planting is elsewhere by now, or has fewer plants than places. */
export function placePlants(db: Connection, gardenId: string, siteId: string, { label, plantings }: Places) {
  mustRead(db, 'site', gardenId, siteId);
  record(db, gardenId, label, ({ update }) => {
    for (const { spots, ...known } of plantings) {
      const row = mustReadAt(db, 'planting', gardenId, known);
      if (row.site_id !== siteId) throw new Fault(409, 'Some of these plants are in another bed by now.', { current: row });
      if (spots.length > row.count) throw new Fault(422, `There are ${row.count} plants, and ${spots.length} places were given.`);
      update('planting', revised(row, { spots }));
    }
  });
}

export function removePlanting(db: Connection, gardenId: string, known: Known, nameOf: NameOf) {
  const row = mustReadAt(db, 'planting', gardenId, known);
  record(db, gardenId, `Remove ${nameOf(row.plant)}`, ({ remove }) => remove('planting', row.id));
}
