import { randomUUID } from 'node:crypto';
import type {
  Garden,
  GardenFields,
  GardenFile,
  GardenState,
  GardenSummary,
  GardenTarget,
  OwnRow,
  OwnRowFields,
  Plan,
  Planting,
  PlantingFields,
  Site,
  SiteFields,
  TargetFields,
} from '../../core/model/garden';
import type { Measure, Thing } from '../../core/model/yard';
import type { Seen } from '../../core/model/seen';
import { slugOf } from '../../core/model/slug';
import type { Connection } from './connection';
import { Fault } from './faults';
import { historyOf, record } from './journal';
import { keepPicture, readPicture } from './pictures';
import { readRow, readRows, writeRow, type Row, type TableName } from './tables';

const as = <T>(rows: unknown): T => rows as T;
export const newId = () => randomUUID();

/** An id that reads like the name, made unlike every other garden's. */
function gardenIdFor(db: Connection, name: string): string {
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
      `SELECT id, name, region, half_zone,
              (SELECT count(*) FROM site WHERE garden_id = garden.id) AS sites,
              (SELECT count(*) FROM garden_target WHERE garden_id = garden.id) AS targets,
              (SELECT count(*) FROM planting JOIN plan ON plan.id = planting.plan_id AND plan.current = 1
               WHERE planting.garden_id = garden.id) AS plantings
       FROM garden WHERE removed_at IS NULL ORDER BY created_at, id`,
    )
    .all() as GardenSummary[];
}

/** The row, or a 404 fault that names it. */
export function mustRead(db: Connection, table: TableName, gardenId: string, id: string, what: string): Row {
  const row = readRow(db, table, gardenId, id);
  if (!row) throw new Fault(404, `There is no ${what} “${id}” here; it may have been removed.`);
  return row;
}

/** Everything of a garden; a 404 fault for an unknown or removed one. */
export function readGarden(db: Connection, id: string): GardenState {
  const garden = mustRead(db, 'garden', id, id, 'garden');
  return {
    garden: as<Garden>(garden),
    sites: as<Site[]>(readRows(db, 'site', id)),
    targets: as<GardenTarget[]>(readRows(db, 'garden_target', id)),
    plans: as<Plan[]>(readRows(db, 'plan', id)),
    plantings: as<Planting[]>(readRows(db, 'planting', id)),
    own: as<OwnRow[]>(readRows(db, 'own_row', id)),
    things: as<Thing[]>(readRows(db, 'thing', id)),
    measures: as<Measure[]>(readRows(db, 'measure', id)),
    seen: as<Seen[]>(readRows(db, 'seen', id)),
    history: historyOf(db, id),
  };
}

/** Makes a garden with an empty plan and returns its id. */
export function createGarden(db: Connection, fields: GardenFields): string {
  return db
    .transaction(() => {
      const id = gardenIdFor(db, fields.name);
      writeRow(db, 'garden', id, { ...fields, id, revision: 0 });
      writeRow(db, 'plan', id, { id: newId(), revision: 0, name: 'Plan', current: true, wishes: null });
      return id;
    })
    .immediate();
}

/** Takes a garden out of the list; restoreGarden brings it back whole. */
export function removeGarden(db: Connection, id: string) {
  mustRead(db, 'garden', id, id, 'garden');
  db.prepare(`UPDATE garden SET removed_at = strftime('%Y-%m-%dT%H:%M:%fZ', 'now') WHERE id = ?`).run(id);
}

export function restoreGarden(db: Connection, id: string) {
  const restored = db.prepare('UPDATE garden SET removed_at = NULL WHERE id = ?').run(id);
  if (restored.changes === 0) throw new Fault(404, `There is no garden “${id}” here.`);
}

/** A change to a row read at `revision`; a 409 fault with the row as it is now, if somebody changed it since. */
export function revised(
  db: Connection,
  table: TableName,
  gardenId: string,
  id: string,
  revision: number,
  fields: object,
  what: string,
): Row {
  const current = mustRead(db, table, gardenId, id, what);
  if (current.revision !== revision)
    throw new Fault(409, `This ${what} was changed in another window since you opened it.`, { current });
  return { ...current, ...fields, id, revision: revision + 1 };
}

export function updateGarden(db: Connection, id: string, revision: number, fields: GardenFields) {
  record(db, id, `Change ${fields.name}`, ({ write }) =>
    write('garden', revised(db, 'garden', id, id, revision, fields, 'garden')),
  );
}

export function addSite(db: Connection, gardenId: string, fields: SiteFields): string {
  mustRead(db, 'garden', gardenId, gardenId, 'garden');
  const id = newId();
  record(db, gardenId, `Add ${fields.name}`, ({ write }) => write('site', { ...fields, id, revision: 0 }));
  return id;
}

export function updateSite(db: Connection, gardenId: string, id: string, revision: number, fields: SiteFields) {
  record(db, gardenId, `Change ${fields.name}`, ({ write }) =>
    write('site', revised(db, 'site', gardenId, id, revision, fields, 'bed')),
  );
}

/** Removes a bed with what is planted there. */
export function removeSite(db: Connection, gardenId: string, id: string) {
  const site = mustRead(db, 'site', gardenId, id, 'bed');
  record(db, gardenId, `Remove ${site.name}`, ({ remove }) => {
    // The bed goes last, so that taking the change back brings it first and what belongs to it has where to stand.
    for (const table of ['planting', 'measure'] as const)
      for (const row of readRows(db, table, gardenId)) if (row.site_id === id) remove(table, row.id);
    remove('site', id);
  });
}

export function addTarget(db: Connection, gardenId: string, fields: TargetFields, common: string) {
  mustRead(db, 'garden', gardenId, gardenId, 'garden');
  if (readRows(db, 'garden_target', gardenId).some((row) => row.target === fields.target))
    throw new Fault(409, `${common} is among this garden’s targets already.`);
  record(db, gardenId, `Choose ${common}`, ({ write }) => write('garden_target', { ...fields, id: newId(), revision: 0 }));
}

export function updateTarget(
  db: Connection,
  gardenId: string,
  id: string,
  revision: number,
  fields: TargetFields,
  common: string,
) {
  record(db, gardenId, `Change ${common}`, ({ write }) =>
    write('garden_target', revised(db, 'garden_target', gardenId, id, revision, fields, 'target')),
  );
}

export function removeTarget(db: Connection, gardenId: string, id: string, common: (target: string) => string) {
  const row = mustRead(db, 'garden_target', gardenId, id, 'target');
  record(db, gardenId, `Let ${common(row.target as string)} go`, ({ remove }) => remove('garden_target', id));
}

/** Adds plants to the current plan: more of a planned planting of the same kind on the same site, or a new one. */
export function addPlanting(db: Connection, gardenId: string, fields: PlantingFields, common: string) {
  mustRead(db, 'garden', gardenId, gardenId, 'garden');
  mustRead(db, 'site', gardenId, fields.site_id, 'bed');
  const plan = readRows(db, 'plan', gardenId).find((row) => row.current)!;
  const same = as<Planting[]>(readRows(db, 'planting', gardenId)).find(
    (row) =>
      row.plan_id === plan.id &&
      row.plant === fields.plant &&
      row.site_id === fields.site_id &&
      row.state === 'planned' &&
      fields.state === 'planned' &&
      row.sow_on === fields.sow_on,
  );
  record(db, gardenId, `Add ${fields.count} ${common}`, ({ write }) =>
    write(
      'planting',
      same
        ? { ...same, count: same.count + fields.count, revision: same.revision + 1 }
        : { ...fields, id: newId(), revision: 0, plan_id: plan.id },
    ),
  );
}

export function updatePlanting(
  db: Connection,
  gardenId: string,
  id: string,
  revision: number,
  fields: PlantingFields,
  common: string,
) {
  mustRead(db, 'site', gardenId, fields.site_id, 'bed');
  record(db, gardenId, `Change ${common}`, ({ write }) =>
    write('planting', revised(db, 'planting', gardenId, id, revision, fields, 'planting')),
  );
}

export function removePlanting(db: Connection, gardenId: string, id: string, common: (plant: string) => string) {
  const row = mustRead(db, 'planting', gardenId, id, 'planting');
  record(db, gardenId, `Take out ${common(row.plant as string)}`, ({ remove }) => remove('planting', id));
}

/** Keeps rows of the library as this garden's own, over what it said of them before. */
export function keepOwn(db: Connection, gardenId: string, rows: readonly OwnRowFields[], label: string) {
  mustRead(db, 'garden', gardenId, gardenId, 'garden');
  const before = new Map(as<OwnRow[]>(readRows(db, 'own_row', gardenId)).map((row) => [`${row.file} ${row.key}`, row]));
  record(db, gardenId, label, ({ write }) => {
    for (const row of rows) {
      const old = before.get(`${row.file} ${row.key}`);
      write('own_row', { ...row, id: old?.id ?? newId(), revision: old ? old.revision + 1 : 0 });
    }
  });
}

/** Goes back to what the shipped library says. */
export function revertOwn(db: Connection, gardenId: string, ids: readonly string[], label: string) {
  for (const id of ids) mustRead(db, 'own_row', gardenId, id, 'correction');
  record(db, gardenId, label, ({ remove }) => {
    for (const id of ids) remove('own_row', id);
  });
}

/** A garden as its open file. */
export function exportGarden(db: Connection, id: string): GardenFile {
  const state = readGarden(db, id);
  const bare = <T extends { revision: number }>({ revision: _, ...rest }: T) => rest;
  const nameless = <T extends { id: string; revision: number }>({ id: _id, revision: _, ...rest }: T) => rest;
  const underlay = state.garden.yard?.underlay;
  return {
    format: 'outwash-garden',
    version: 1,
    garden: bare(state.garden),
    sites: state.sites.map(bare),
    targets: state.targets.map(({ target, ambition, priority }) => ({ target, ambition, priority })),
    plans: state.plans.map(bare),
    plantings: state.plantings.map(bare),
    own: state.own.map(({ file, key, cells }) => ({ file, key, cells })),
    things: as<GardenFile['things']>(state.things.map(nameless)),
    measures: as<GardenFile['measures']>(state.measures.map(nameless)),
    seen: state.seen.map(nameless),
    pictures: underlay ? [{ id: underlay.picture, data: readPicture(db, id, underlay.picture) }] : [],
  };
}

/** Keeps the picture under a drawing that comes from a file, and points the drawing to it. */
function keepUnderlay(db: Connection, gardenId: string, { garden, pictures }: GardenFile) {
  const picture = pictures.find((row) => row.id === garden.yard?.underlay?.picture);
  if (!garden.yard?.underlay) return;
  const underlay = picture ? { ...garden.yard.underlay, picture: keepPicture(db, gardenId, picture.data) } : null;
  writeRow(db, 'garden', gardenId, { ...garden, yard: { ...garden.yard, underlay }, id: gardenId, revision: 0 });
}

/** Brings a garden in from its file as a new garden, every id made anew but the garden's, which is kept if free. */
export function importGarden(db: Connection, file: GardenFile): string {
  return db
    .transaction(() => {
      const taken = db.prepare('SELECT 1 FROM garden WHERE id = ?').get(file.garden.id);
      const id = taken ? gardenIdFor(db, file.garden.name) : file.garden.id;
      const fresh = new Map<string, string>();
      const renamed = (old: string) => {
        if (!fresh.has(old)) fresh.set(old, newId());
        return fresh.get(old)!;
      };
      writeRow(db, 'garden', id, { ...file.garden, id, revision: 0 });
      keepUnderlay(db, id, file);
      for (const site of file.sites) writeRow(db, 'site', id, { ...site, id: renamed(site.id), revision: 0 });
      for (const thing of file.things) writeRow(db, 'thing', id, { ...thing, id: newId(), revision: 0 });
      for (const measure of file.measures)
        writeRow(db, 'measure', id, { ...measure, id: newId(), revision: 0, site_id: renamed(measure.site_id) });
      for (const row of file.seen) writeRow(db, 'seen', id, { ...row, id: newId(), revision: 0 });
      for (const own of file.own) writeRow(db, 'own_row', id, { ...own, id: newId(), revision: 0 });
      for (const target of file.targets) writeRow(db, 'garden_target', id, { ...target, id: newId(), revision: 0 });
      for (const plan of file.plans) writeRow(db, 'plan', id, { ...plan, id: renamed(plan.id), revision: 0 });
      for (const planting of file.plantings)
        writeRow(db, 'planting', id, {
          ...planting,
          id: newId(),
          revision: 0,
          site_id: renamed(planting.site_id),
          plan_id: renamed(planting.plan_id),
        });
      return id;
    })
    .immediate();
}
