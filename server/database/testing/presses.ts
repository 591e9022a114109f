import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { GardenFile, PLANNED } from '../../../core/model/garden';
import { openDatabase, type Connection } from '../connection';
import {
  addPlanting,
  addTarget,
  importGarden,
  readGarden,
  removePlanting,
  removeSite,
  removeTarget,
  updateGarden,
  updatePlanting,
  updateSite,
} from '../gardens';
import { keepPlan, makeCurrent, removePlan } from '../plans';
import { addSeen, removeSeen } from '../seen';
import { addMeasure, addThings, removeMeasure, removeThing, updateThing } from '../survey';

const demo = GardenFile.parse(JSON.parse(readFileSync('demo/kettle-pond-commons.json', 'utf8')));

/** A database with the pond garden in it. */
export const pondGarden = () => {
  const db = openDatabase(':memory:', 'server/database/migrations');
  return { db, id: importGarden(db, demo) };
};

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
    updateSite(db, id, siteId, revision, { ...fields, sun_h: n % 12, features: n % 2 ? ['fruit'] : [] });
  },
  removeBed(db, id, n) {
    const row = readGarden(db, id).sites[n % 3];
    if (row) removeSite(db, id, row.id);
  },
  plant(db, id, n) {
    const row = readGarden(db, id).sites[0];
    if (!row) return;
    const fields = {
      site_id: row.id,
      count: 1 + (n % 9),
      ...PLANNED,
    } as const;
    addPlanting(db, id, { ...fields, plant: n % 2 ? 'zizia-aurea' : 'monarda-fistulosa' }, 'x');
  },
  recount(db, id, n) {
    const row = readGarden(db, id).plantings[n % 7];
    if (!row) return;
    const { id: plantingId, revision, plan_id: _plan, ...fields } = row;
    updatePlanting(db, id, plantingId, revision, { ...fields, count: 1 + n }, 'x');
  },
  takeOut(db, id, n) {
    const row = readGarden(db, id).plantings[n % 7];
    if (row) removePlanting(db, id, row.id, () => 'x');
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
    updateThing(db, id, thing, revision, { ...fields, name: `Moved ${n}` });
  },
  removeThing(db, id, n) {
    const row = readGarden(db, id).things[n % 5];
    if (row) removeThing(db, id, row.id);
  },
  probe(db, id, n) {
    const row = readGarden(db, id).sites[0];
    const reading = { ph: 5 + n / 20, moisture_pct: null, light_klx: null, device: 'typed' } as const;
    if (row) addMeasure(db, id, { kind: 'probe', site_id: row.id, taken_on: '2026-05-01', note: '', reading }, 'x');
  },
  strike(db, id, n) {
    const row = readGarden(db, id).measures[n % 4];
    if (row) removeMeasure(db, id, row.id);
  },
  writeDown(db, id, n) {
    const day = String(1 + (n % 28)).padStart(2, '0');
    addSeen(db, id, { of: 'zizia-aurea', what: 'first-bloom', on_day: `2025-05-${day}`, note: '' }, 'x');
  },
  strikeDate(db, id, n) {
    const row = readGarden(db, id).seen[n % 5];
    if (row) removeSeen(db, id, row.id);
  },
  keepPlan(db, id, n) {
    if (!readGarden(db, id).plans.some((row) => row.name === `Plan ${n}`))
      keepPlan(db, id, { name: `Plan ${n}`, out: [], plants: [] });
  },
  goBy(db, id, n) {
    const { plans } = readGarden(db, id);
    makeCurrent(db, id, plans[n % plans.length]!.id);
  },
  removePlan(db, id, n) {
    const row = readGarden(db, id).plans[n % 3];
    if (row && !row.current) removePlan(db, id, row.id);
  },
  choose(db, id, n) {
    const { targets } = readGarden(db, id);
    const row = targets[n % 4];
    if (row && n % 2) removeTarget(db, id, row.id, () => 'x');
    else if (!targets.some((t) => t.target === 'hemaris-thysbe'))
      addTarget(db, id, { target: 'hemaris-thysbe', ambition: 'visits', priority: 2 }, 'x');
  },
};

/** Presses in any order, up to so many. */
export const anyPresses = (most: number) =>
  fc.array(fc.tuple(fc.constantFrom(...Object.keys(PRESSES)), fc.integer({ min: 0, max: 40 })), {
    minLength: 1,
    maxLength: most,
  });
