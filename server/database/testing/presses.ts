import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { GardenFile } from '../../../core/model/garden';
import { PLANNED } from '../../../core/model/states';
import { openDatabase, type Connection } from '../connection';
import { FRESH_WISHES } from '../../../core/model/fresh-wishes';
import { freshSite } from '../../../core/place/yard/fresh';
import { importGarden } from '../records/garden-file';
import { updateGarden } from '../records/gardens';
import { revertOwnRows, saveOwnRows } from '../records/own-rows';
import { addPlanting, removePlanting, updatePlanting } from '../records/plantings';
import { makeCurrent, removePlan, renamePlan, savePlan, takeProposal, updateWishes } from '../records/plans';
import { newId, readGarden } from '../records/reading';
import { readRows } from '../tables';
import { BLANK_ENTRY } from '../../../core/model/blank-entry';
import { addEntries, removeEntry } from '../records/log';
import { removeSite, updateSite } from '../records/sites';
import { addMeasure, addThings, importDrawing, removeMeasure, removeThing, updateThing } from '../records/survey';
import { addTarget, removeTarget, updateTarget } from '../records/targets';
import { addWork, putDays, removeWork } from '../records/work';
import { WorkFields } from '../../../core/model/work';
import { BatchFields, LookFields } from '../../../core/model/raise';
import { CaseFields } from '../../../core/model/why';
import { addCase, removeCase, updateCase } from '../records/cases';
import { addBatch, removeBatch, updateBatch } from '../records/batches';

const demo = GardenFile.parse(JSON.parse(readFileSync('demo/kettle-pond-commons.json', 'utf8')));

/** A database with the pond garden in it. */
export const pondGarden = () => {
  const db = openDatabase(':memory:', 'server/database/migrations');
  return { db, id: importGarden(db, demo) };
};

const SOIL = { bed_texture: 'sand', bed_drainage: 'well', bed_ph: 5.7, humidity: 'moderate' } as const;

/** A press of the gardener: `n` decides which row, and to what. */
export type Press = (db: Connection, id: string, n: number) => void;
export const PRESSES: Record<string, Press> = {
  changePlace(db, id, n) {
    const { id: _id, revision, ...fields } = readGarden(db, id).garden;
    updateGarden(db, id, revision, { ...fields, elevation_m: n, dogs: n % 2 === 0 });
  },
  changeBed(db, id, n) {
    const row = readGarden(db, id).sites[n % 3];
    if (!row) return;
    const { id: siteId, revision, ...fields } = row;
    updateSite(db, id, { id: siteId, revision }, { ...fields, sun_h: n % 12, features: n % 2 ? ['fruit'] : [] });
  },
  tick(db, id, n) {
    addWork(db, id, WorkFields.parse({ what: 'done', task: `2027 thin ${n}`, on_day: '2027-05-08' }), 'x');
  },
  untick(db, id, n) {
    const rows = readGarden(db, id).work;
    const row = rows[n % Math.max(1, rows.length)];
    if (row) removeWork(db, id, row);
  },
  startBatch(db, id, n) {
    addBatch(
      db,
      id,
      BatchFields.parse({ plant: 'asclepias-incarnata', method: 'winter-container', planned_on: '2027-01-05', units: n + 1 }),
      'x',
    );
  },
  lookAtBatch(db, id, n) {
    const rows = readGarden(db, id).batches;
    const row = rows[n % Math.max(1, rows.length)];
    if (!row) return;
    const { id: batchId, revision, ...fields } = row;
    const look = LookFields.parse({ on_day: '2027-12-01', up: n % (row.units + 1) });
    updateBatch(db, id, { id: batchId, revision }, { ...fields, begun_on: '2027-01-05', looks: [...row.looks, look] }, 'x');
  },
  removeBatch(db, id, n) {
    const rows = readGarden(db, id).batches;
    const row = rows[n % Math.max(1, rows.length)];
    if (row) removeBatch(db, id, row);
  },
  askWhy(db, id, n) {
    const fields = CaseFields.parse({ symptom: n % 2 ? 'wilting' : 'mildew', of: 'asclepias-incarnata', seen_on: '2027-05-08' });
    addCase(db, id, fields, 'x');
  },
  answerWhy(db, id, n) {
    const rows = readGarden(db, id).cases;
    const row = rows[n % Math.max(1, rows.length)];
    if (!row) return;
    const { id: caseId, revision, ...fields } = row;
    const answers = [...fields.answers, { check: 'soil-dry', yes: n % 2 === 0, on_day: '2027-05-09' }].slice(-60);
    updateCase(db, id, { id: caseId, revision }, { ...fields, answers }, 'x');
  },
  removeCase(db, id, n) {
    const rows = readGarden(db, id).cases;
    const row = rows[n % Math.max(1, rows.length)];
    if (row) removeCase(db, id, row);
  },
  gauge(db, id, n) {
    putDays(db, id, [{ on_day: `2027-05-${String(1 + (n % 28)).padStart(2, '0')}`, low_c: null, high_c: null, rain_mm: n % 40 }]);
  },
  removeBed(db, id, n) {
    const row = readGarden(db, id).sites[n % 3];
    if (row) removeSite(db, id, row);
  },
  plant(db, id, n) {
    const row = readGarden(db, id).sites[0];
    if (!row) return;
    const fields = {
      site_id: row.id,
      count: 1 + (n % 9),
      ...PLANNED,
    } as const;
    addPlanting(db, id, { ...fields, plant: n % 2 ? 'zizia-aurea' : 'monarda-fistulosa' }, () => 'x');
  },
  recount(db, id, n) {
    const row = readGarden(db, id).plantings[n % 7];
    if (!row) return;
    const { id: plantingId, revision, plan_id: _plan, ...fields } = row;
    updatePlanting(db, id, { id: plantingId, revision }, { ...fields, count: 1 + n }, () => 'x');
  },
  takeOut(db, id, n) {
    const row = readGarden(db, id).plantings[n % 7];
    if (row) removePlanting(db, id, row, () => 'x');
  },
  draw(db, id, n) {
    const points: [number, number][] = [[n % 20, n % 7]];
    const traits = { hose_m: 1 + n } as const;
    addThings(db, id, [{ kind: 'tap', name: `Tap ${n}`, points, traits }]);
  },
  moveThing(db, id, n) {
    const row = readGarden(db, id).things[n % 5];
    if (!row) return;
    const { id: thing, revision, ...fields } = row;
    updateThing(db, id, { id: thing, revision }, { ...fields, name: `Moved ${n}` });
  },
  removeThing(db, id, n) {
    const row = readGarden(db, id).things[n % 5];
    if (row) removeThing(db, id, row);
  },
  probe(db, id, n) {
    const row = readGarden(db, id).sites[0];
    const reading = { ph: 5 + n / 20, moisture_pct: null, light_klx: null, device: 'typed' } as const;
    if (row) addMeasure(db, id, { kind: 'probe', site_id: row.id, taken_on: '2026-05-01', note: '', reading }, 'x');
  },
  strike(db, id, n) {
    const row = readGarden(db, id).measures[n % 4];
    if (row) removeMeasure(db, id, row);
  },
  writeDown(db, id, n) {
    const day = String(1 + (n % 28)).padStart(2, '0');
    const entry = { ...BLANK_ENTRY, what: 'first-flower', of: 'zizia-aurea', on_day: `2025-05-${day}`, id: newId() } as const;
    addEntries(db, id, [entry], 'x');
  },
  strikeDate(db, id, n) {
    const row = readRows(db, 'entry', id)[n % 5];
    if (row) removeEntry(db, id, row);
  },
  savePlan(db, id, n) {
    if (!readGarden(db, id).plans.some((row) => row.name === `Plan ${n}`))
      savePlan(db, id, { name: `Plan ${n}`, out: [], plants: [] });
  },
  makeCurrent(db, id, n) {
    const { plans } = readGarden(db, id);
    makeCurrent(db, id, plans[n % plans.length]!);
  },
  removePlan(db, id, n) {
    const row = readGarden(db, id).plans[n % 3];
    if (row && !row.current) removePlan(db, id, row);
  },
  choose(db, id, n) {
    const { targets } = readGarden(db, id);
    const row = targets[n % 4];
    if (row && n % 2) removeTarget(db, id, row, () => 'x');
    else if (!targets.some((t) => t.target === 'hemaris-thysbe'))
      addTarget(db, id, { target: 'hemaris-thysbe', ambition: 'visits', priority: 2 }, () => 'x');
  },
  wantMore(db, id, n) {
    const row = readGarden(db, id).targets[n % 4];
    if (row) updateTarget(db, id, row, { target: row.target, ambition: 'thrives', priority: 1 + (n % 9) }, () => 'x');
  },
  takeProposal(db, id, n) {
    const { sites, plantings, plans } = readGarden(db, id);
    const plan = plans.find((row) => row.current)!;
    const [site] = sites;
    if (!site) return;
    const out = plantings.filter((row) => row.plan_id === plan.id && !row.locked).slice(0, n % 3);
    takeProposal(
      db,
      id,
      {
        label: 'x',
        out: out.map((row) => row.id),
        plants: [
          { plant: 'zizia-aurea', site_id: site.id, count: 1 + n },
          { plant: 'zizia-aurea', site_id: site.id, count: 2 },
        ],
        features: n % 2 ? [{ feature: 'mud', site_id: site.id }] : [],
      },
      2026,
    );
  },
  importDrawing(db, id, n) {
    const { garden, sites } = readGarden(db, id);
    const outline: [number, number][] = [
      [0, 0],
      [n + 1, 0],
      [0, 5],
    ];
    const known = sites.find((row) => row.kind === 'bed')?.name ?? 'Drawn';
    importDrawing(
      db,
      id,
      {
        yard: { ...garden.yard!, width_m: 20 + n },
        things: [{ kind: 'tap', name: 'Tap', points: [[1, 1]], traits: { hose_m: 5 } }],
        beds: [known, `Drawn ${n}`].map((name) => ({ name, kind: 'bed', outline })),
      },
      ({ name, kind, outline: drawn }) => freshSite(name, kind, drawn, SOIL),
    );
  },
  saveOwn(db, id, n) {
    saveOwnRows(db, id, [{ file: 'hosts.csv', key: `a + ${n % 3}`, cells: n % 2 ? null : { note: String(n) } }], 'x');
  },
  revertOwn(db, id) {
    const row = readGarden(db, id).own[0];
    if (row) revertOwnRows(db, id, [row.id], 'x');
  },
  wish(db, id, n) {
    const row = readGarden(db, id).plans[n % 2];
    if (row) updateWishes(db, id, row, { ...FRESH_WISHES, budget_minor: n * 100 });
  },
  renamePlan(db, id, n) {
    const { plans } = readGarden(db, id);
    const row = plans[n % plans.length]!;
    if (!plans.some((plan) => plan.name === `Renamed ${n}`)) renamePlan(db, id, row, `Renamed ${n}`);
  },
};

/** Presses in any order, up to a number of them. */
export const anyPresses = (most: number) =>
  fc.array(fc.tuple(fc.constantFrom(...Object.keys(PRESSES)), fc.integer({ min: 0, max: 40 })), {
    minLength: 1,
    maxLength: most,
  });
