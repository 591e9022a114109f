import type { GardenFile, Plan } from '../../../core/model/garden';
import { entriesOf } from '../../../core/log/earlier';
import type { NewEntry } from '../../../core/model/log';
import type { WorkFields } from '../../../core/model/work';
import type { Connection } from '../connection';
import { insertRow, readRows } from '../tables';
import { freeGardenName, gardenIdFor } from './gardens';
import { exportPhotos, savePhoto } from './photos';
import { findPicture, savePicture } from './pictures';
import { newId, readRecords } from './reading';
import { inTransaction } from '../transaction';

/** A garden as its open file. */
export function exportGarden(db: Connection, id: string): GardenFile {
  const records = readRecords(db, id);
  const bare = <T extends { revision: number }>({ revision: _, ...rest }: T) => rest;
  const nameless = <T extends { id: string; revision: number }>({ id: _id, revision: _, ...rest }: T) => rest;
  const underlay = records.garden.yard?.underlay;
  // One that was tried long ago and came back by undo may be gone.
  const picture = underlay ? findPicture(db, id, underlay.picture) : null;
  const log = readRows(db, 'entry', id);
  return {
    format: 'outwash-garden',
    version: 1,
    garden: bare(records.garden),
    sites: records.sites.map(bare),
    targets: records.targets.map(nameless),
    plans: records.plans.map(bare),
    plantings: records.plantings.map(bare),
    own: records.own.map(nameless),
    things: records.things.map(nameless) as GardenFile['things'],
    measures: records.measures.map(nameless) as GardenFile['measures'],
    seen: [],
    log: log.map(bare),
    work: records.work.map(nameless),
    weather: records.weather.map(nameless),
    batches: records.batches.map(bare),
    cases: records.cases.map(bare),
    pictures: picture === null ? [] : [{ id: underlay!.picture, data: picture }],
    photos: exportPhotos(db, id, new Set(log.flatMap((row) => row.photos))),
  };
}

/** New ids for those of a file, the same for the same. */
function renaming(): (old: string) => string {
  const fresh = new Map<string, string>();
  return (old) => {
    const known = fresh.get(old) ?? newId();
    fresh.set(old, known);
    return known;
  };
}

/** Limits of height are set by bed: they follow their beds to the new ids. */
function withBedsRenamed(wishes: Plan['wishes'], renamed: (old: string) => string): Plan['wishes'] {
  if (!wishes) return wishes;
  const limits = Object.entries(wishes.tallest_cm).map(([site, cm]) => [renamed(site), cm]);
  return { ...wishes, tallest_cm: Object.fromEntries(limits) };
}

/** Tasks are named by their beds, batches and cases too: what was said of them follows those to their new ids. */
function withNamesInTask(row: WorkFields, known: ReadonlySet<string>, renamed: (old: string) => string): WorkFields {
  const follow = (word: string) => (known.has(word) ? renamed(word) : word);
  const site_id = row.site_id !== null && known.has(row.site_id) ? renamed(row.site_id) : null;
  return { ...row, task: row.task.split(' ').map(follow).join(' '), site_id };
}

/** What speaks of a bed and a planting follows them to their new ids. */
function withPlaceFollowed<T extends { id: string; site_id: string | null; planting_id: string | null }>(
  row: T,
  renamed: (old: string) => string,
): T {
  const follow = (name: string | null) => (name === null ? null : renamed(name));
  return { ...row, id: renamed(row.id), site_id: follow(row.site_id), planting_id: follow(row.planting_id) };
}

/** Entries speak of beds, plantings and walks: they follow them to their new ids. */
function withNamesFollowed(row: NewEntry, renamed: (old: string) => string): NewEntry {
  return { ...withPlaceFollowed(row, renamed), walk_id: row.walk_id === null ? null : renamed(row.walk_id) };
}

/** A garden once more: its place, beds and wishes, and, where that is asked for, what is planted and was seen there. */
export function copyGarden(db: Connection, id: string, plants: boolean): string {
  return inTransaction(db, () => {
    const { garden, plans, ...file } = exportGarden(db, id);
    const name = freeGardenName(db, `${garden.name.slice(0, 68).trim()}, copy`);
    const own = { ...garden, id: gardenIdFor(db, name), name, archived: false };
    if (plants) return importGarden(db, { ...file, garden: own, plans });
    const bare = { ...file, plantings: [], log: [], photos: [], work: [], weather: [], batches: [], cases: [], garden: own };
    return importGarden(db, { ...bare, plans: plans.filter((plan) => plan.current) });
  });
}

/**
 * Imports a garden from its file as a new garden, with new ids but for the garden's own, which is kept if it is free, and
 * with a number behind its name where another garden has that.
 */
export function importGarden(db: Connection, file: GardenFile): string {
  return inTransaction(db, () => {
    const name = freeGardenName(db, file.garden.name);
    const taken = db.prepare('SELECT 1 FROM garden WHERE id = ?').get(file.garden.id);
    const id = taken ? gardenIdFor(db, file.garden.name) : file.garden.id;
    const renamed = renaming();
    const fresh = () => ({ id: newId(), revision: 0 });
    const { yard } = file.garden;
    const picture = file.pictures.find((row) => row.id === yard?.underlay?.picture);
    insertRow(db, 'garden', id, { ...file.garden, name, yard: yard && { ...yard, underlay: null }, id, revision: 0 });
    if (yard?.underlay && picture) {
      const underlay = { ...yard.underlay, picture: savePicture(db, id, picture.data) };
      db.prepare('UPDATE garden SET yard = ? WHERE id = ?').run(JSON.stringify({ ...yard, underlay }), id);
    }
    for (const row of file.sites) insertRow(db, 'site', id, { ...row, id: renamed(row.id), revision: 0 });
    for (const row of file.things) insertRow(db, 'thing', id, { ...row, ...fresh() });
    for (const row of file.measures) insertRow(db, 'measure', id, { ...row, ...fresh(), site_id: renamed(row.site_id) });
    for (const row of entriesOf(file)) insertRow(db, 'entry', id, { ...withNamesFollowed(row, renamed), revision: 0 });
    for (const { id: photo, ...sizes } of file.photos) savePhoto(db, id, photo, sizes);
    const named = new Set([...file.sites, ...file.batches, ...file.cases].map((row) => row.id));
    for (const row of file.work) insertRow(db, 'work', id, { ...withNamesInTask(row, named, renamed), ...fresh() });
    for (const row of file.batches) insertRow(db, 'batch', id, { ...row, id: renamed(row.id), revision: 0 });
    for (const row of file.cases)
      insertRow(db, 'why_case', id, {
        ...withPlaceFollowed(row, renamed),
        batch_id: row.batch_id === null ? null : renamed(row.batch_id),
        revision: 0,
      });
    for (const row of file.weather) insertRow(db, 'own_day', id, { ...row, ...fresh() });
    for (const row of file.own) insertRow(db, 'own_row', id, { ...row, ...fresh() });
    for (const row of file.targets) insertRow(db, 'garden_target', id, { ...row, ...fresh() });
    for (const row of file.plans)
      insertRow(db, 'plan', id, { ...row, id: renamed(row.id), revision: 0, wishes: withBedsRenamed(row.wishes, renamed) });
    for (const row of file.plantings)
      insertRow(db, 'planting', id, {
        ...row,
        id: renamed(row.id),
        revision: 0,
        site_id: renamed(row.site_id),
        plan_id: renamed(row.plan_id),
      });
    return id;
  });
}
