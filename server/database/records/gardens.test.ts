import { readFileSync } from 'node:fs';
import { beforeEach, describe, expect, it } from 'vitest';
import { GardenFile, type PlantingFields, type SiteFields } from '../../../core/model/garden';
import { PLANNED } from '../../../core/model/states';
import { FRESH_SITE } from '../../../core/place/yard/fresh';
import { openDatabase, type Connection } from '../connection';
import { Fault } from '../faults';
import { step } from '../journal';
import { loadLibrary, readLibrary } from '../library';
import { copyGarden, exportGarden, importGarden } from './garden-file';
import { createGarden, freeGardenName, listGardenAs, listGardens, removeGarden, restoreGarden, updateGarden } from './gardens';
import { addPlanting } from './plantings';
import { readGarden } from './reading';
import { addSite, removeSite, updateSite } from './sites';
import { addTarget, removeTarget } from './targets';

const FIELDS = {
  ...GardenFile.parse(JSON.parse(readFileSync('demo/kettle-pond-commons.json', 'utf8'))).garden,
  name: 'Mill Lane',
};
const BED: SiteFields = { ...FRESH_SITE, name: 'Bed', sun_h: 7, ph: 6.2, features: ['mud'] };
const PLANTING: PlantingFields = {
  plant: 'zizia-aurea',
  site_id: '',
  count: 3,
  ...PLANNED,
};
let db: Connection;
let garden: string;
let bed: string;

beforeEach(() => {
  db = openDatabase(':memory:', 'server/database/migrations');
  garden = createGarden(db, FIELDS);
  bed = addSite(db, garden, BED);
});
const state = () => readGarden(db, garden);
const faultOf = (work: () => unknown): Fault => {
  try {
    work();
  } catch (error) {
    if (error instanceof Fault) return error;
    throw error;
  }
  throw new Error('No fault was thrown.');
};

describe('gardens', () => {
  it('are named after what they are called, and never alike', () => {
    expect(garden).toBe('mill-lane');
    expect(createGarden(db, { ...FIELDS, name: 'Mill lane' })).toBe('mill-lane-2');
    expect(createGarden(db, { ...FIELDS, name: '¿?' })).toBe('garden');
  });
  it('one name is never given twice: a new one is refused beside the field, a copy, a file and one restored are numbered', () => {
    const fault = faultOf(() => createGarden(db, FIELDS));
    expect(fault.status).toBe(422);
    expect(fault.detail.fields?.name).toContain('such as “Mill Lane 2”');
    const other = createGarden(db, { ...FIELDS, name: 'Other' });
    expect(faultOf(() => updateGarden(db, other, 0, FIELDS)).status).toBe(422);
    importGarden(db, exportGarden(db, garden));
    removeGarden(db, garden, 0);
    createGarden(db, FIELDS);
    restoreGarden(db, garden);
    const names = listGardens(db).map((row) => row.name);
    expect(new Set(names).size).toBe(names.length);
    expect(state().garden.name).toBe('Mill Lane 3');
    // A number behind a name of the full length leaves it as long as a name may be.
    const long = 'x'.repeat(80);
    createGarden(db, { ...FIELDS, name: long });
    expect(freeGardenName(db, long)).toBe('x'.repeat(75));
  });
  it('are copied with what is planted or without, under a name of their own', () => {
    addPlanting(db, garden, { ...PLANTING, site_id: bed }, () => 'x');
    addTarget(db, garden, { target: 'danaus-plexippus', ambition: 'breeds', priority: 1 }, () => 'Monarch');
    const whole = readGarden(db, copyGarden(db, garden, true));
    expect(whole.garden.name).toBe('Mill Lane, copy');
    expect(whole.plantings.map((row) => row.count)).toEqual([3]);
    const bare = readGarden(db, copyGarden(db, garden, false));
    expect(bare.garden.name).toBe('Mill Lane, copy 2');
    expect([bare.sites.length, bare.targets.length, bare.plantings.length]).toEqual([1, 1, 0]);
    expect(bare.plans.map((row) => row.current)).toEqual([true]);
    expect(state().plantings).toHaveLength(1);
  });
  it('carry tags and are put away, and a change of theirs changes their stamp', () => {
    const listed = () => listGardens(db).find((row) => row.id === garden)!;
    const { stamp } = listed();
    listGardenAs(db, garden, 0, { tags: ['school'], archived: true });
    expect(listed()).toMatchObject({ tags: ['school'], archived: true, balcony: false });
    expect(listed().stamp).not.toBe(stamp);
    step(db, garden, 'undo');
    expect(listed()).toMatchObject({ tags: [], archived: false, stamp });
    expect(faultOf(() => listGardenAs(db, garden, 5, { tags: [], archived: false })).status).toBe(409);
  });
  it('come back as they were written', () => {
    expect(state().sites).toEqual([{ ...BED, id: bed, revision: 0 }]);
    expect(state().garden).toMatchObject({ children: true, dogs: false, name: 'Mill Lane' });
  });
  it('can be removed and restored', () => {
    removeGarden(db, garden, 0);
    expect(listGardens(db)).toEqual([]);
    expect(faultOf(state).status).toBe(404);
    restoreGarden(db, garden);
    expect(state().sites).toHaveLength(1);
  });
});

describe('two windows on one record', () => {
  it('the second gets a fault, with the record as it is', () => {
    updateSite(db, garden, { id: bed, revision: 0 }, { ...BED, area_m2: 12 });
    const fault = faultOf(() => updateSite(db, garden, { id: bed, revision: 0 }, { ...BED, area_m2: 9 }));
    expect(fault.status).toBe(409);
    expect(fault.detail.current).toMatchObject({ area_m2: 12, revision: 1 });
    expect(state().sites[0]!.area_m2).toBe(12);
  });
  it('and may then write over it knowingly', () => {
    updateSite(db, garden, { id: bed, revision: 0 }, { ...BED, area_m2: 12 });
    updateSite(db, garden, { id: bed, revision: 1 }, { ...BED, area_m2: 9 });
    expect(state().sites[0]).toMatchObject({ area_m2: 9, revision: 2 });
  });
});

describe('undo', () => {
  it('takes changes back one by one and does them again', () => {
    updateSite(db, garden, { id: bed, revision: 0 }, { ...BED, area_m2: 12 });
    expect(state().history).toEqual({ undo: { entry: 2, label: 'Change Bed' }, redo: null });
    step(db, garden, 'undo');
    expect(state().sites[0]!.area_m2).toBe(10);
    expect(state().history).toEqual({ undo: { entry: 1, label: 'Add Bed' }, redo: { entry: 2, label: 'Change Bed' } });
    step(db, garden, 'undo');
    expect(state().sites).toEqual([]);
    step(db, garden, 'redo');
    step(db, garden, 'redo');
    expect(state().sites[0]!.area_m2).toBe(12);
    expect(faultOf(() => step(db, garden, 'redo')).status).toBe(409);
  });
  it('brings a bed back with its plantings', () => {
    addPlanting(db, garden, { ...PLANTING, site_id: bed }, () => 'Golden alexanders');
    const before = exportGarden(db, garden);
    removeSite(db, garden, { id: bed, revision: 0 });
    expect(state().plantings).toEqual([]);
    step(db, garden, 'undo');
    expect(exportGarden(db, garden)).toEqual(before);
  });
  it('forgets what was undone once something new is done', () => {
    updateSite(db, garden, { id: bed, revision: 0 }, { ...BED, area_m2: 12 });
    step(db, garden, 'undo');
    updateGarden(db, garden, 0, { ...FIELDS, dogs: true });
    expect(state().history.redo).toBeNull();
  });
  it('stays within its garden', () => {
    const other = createGarden(db, { ...FIELDS, name: 'Other' });
    expect(faultOf(() => step(db, other, 'undo')).message).toBe('There is nothing to undo.');
  });
});

describe('plantings and targets', () => {
  it('more of the same kind on the same bed join it', () => {
    addPlanting(db, garden, { ...PLANTING, site_id: bed }, () => 'x');
    addPlanting(db, garden, { ...PLANTING, site_id: bed, count: 4 }, () => 'x');
    expect(state().plantings.map((row) => row.count)).toEqual([7]);
    addPlanting(db, garden, { ...PLANTING, site_id: bed, state: 'in-ground', planted_year: 2024 }, () => 'x');
    expect(state().plantings.map((row) => row.count)).toEqual([7, 3]);
  });
  it('a planting on an unknown bed changes nothing', () => {
    expect(faultOf(() => addPlanting(db, garden, { ...PLANTING, site_id: 'nowhere' }, () => 'x')).status).toBe(404);
    expect(state().plantings).toEqual([]);
    expect(state().history.undo!.label).toBe('Add Bed');
  });
  it('another garden’s bed is not ours', () => {
    const other = createGarden(db, { ...FIELDS, name: 'Other' });
    expect(faultOf(() => addPlanting(db, other, { ...PLANTING, site_id: bed }, () => 'x')).status).toBe(404);
  });
  it('a target is chosen once, and removed', () => {
    const fields = { target: 'danaus-plexippus', ambition: 'breeds', priority: 1 } as const;
    addTarget(db, garden, fields, () => 'Monarch');
    expect(faultOf(() => addTarget(db, garden, fields, () => 'Monarch')).message).toContain('Monarch is among');
    removeTarget(db, garden, state().targets[0]!, () => 'Monarch');
    expect(state()).toMatchObject({ targets: [], history: { undo: { label: 'Remove Monarch' } } });
  });
});

describe('files', () => {
  it('a demo garden goes out as it came in, but for its new ids', () => {
    const file = GardenFile.parse(JSON.parse(readFileSync('demo/kettle-pond-commons.json', 'utf8')));
    const id = importGarden(db, file);
    const out = exportGarden(db, id);
    const bare = (whole: typeof file) => ({
      ...whole,
      sites: whole.sites.map((row) => ({ ...row, id: '' })),
      plans: whole.plans.map((row) => ({ ...row, id: '' })),
      plantings: whole.plantings.map((row) => ({
        ...row,
        id: '',
        plan_id: '',
        site_id: whole.sites.find((s) => s.id === row.site_id)!.name,
      })),
      measures: whole.measures.map((row) => ({ ...row, site_id: whole.sites.find((s) => s.id === row.site_id)!.name })),
      batches: whole.batches.map((row) => ({ ...row, id: '' })),
      cases: whole.cases.map((row) => ({
        ...row,
        id: '',
        site_id: whole.sites.find((s) => s.id === row.site_id)?.name ?? null,
        planting_id: whole.plantings.findIndex((p) => p.id === row.planting_id),
        batch_id: whole.batches.findIndex((b) => b.id === row.batch_id),
      })),
      // Entries speak of beds, plantings and walks by their ids: which ones is said by where they stand in the file.
      log: whole.log.map((row) => ({
        ...row,
        id: '',
        site_id: whole.sites.find((s) => s.id === row.site_id)?.name ?? null,
        planting_id: whole.plantings.findIndex((p) => p.id === row.planting_id),
        walk_id: whole.log.findIndex((w) => w.id === row.walk_id),
      })),
      // Tasks are named by their beds and batches: they follow them to their new ids.
      work: whole.work.map((row) => ({
        ...row,
        task: [...whole.sites, ...whole.batches, ...whole.cases].reduce(
          (task, named) => task.replace(named.id, 'name' in named ? named.name : 'plant' in named ? named.plant : named.symptom),
          row.task,
        ),
      })),
    });
    expect(file.work.some((row) => row.task.includes('swale'))).toBe(true);
    expect(file.log.some((row) => row.walk_id !== null) && file.log.some((row) => row.planting_id !== null)).toBe(true);
    expect(bare(out)).toEqual(bare(file));
    expect(GardenFile.safeParse(out).success).toBe(true);
  });
  it('half a garden is refused whole', () => {
    const file = exportGarden(db, garden);
    const broken = { ...file, plantings: [{ ...PLANTING, id: 'p', plan_id: file.plans[0]!.id, site_id: 'gone' }] };
    expect(GardenFile.safeParse(broken).error!.issues[0]!.message).toBe('No bed has the id gone.');
  });
});

describe('the library in the database', () => {
  it('is loaded once for a version and read back whole', () => {
    loadLibrary(db, 'reference');
    const { library, digest } = readLibrary(db);
    expect(library.targets.find((row) => row.id === 'danaus-plexippus')!.common).toBe('Monarch');
    loadLibrary(db, 'reference');
    expect(readLibrary(db).digest).toBe(digest);
    expect(library.plants.length).toBeGreaterThan(60);
  });
});
