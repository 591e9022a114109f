import { PLANNED } from '../../core/model/garden';
import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { GardenFile } from '../../core/model/garden';
import { addMeasure, addThings, removeMeasure, removeThing, updateThing } from './survey';
import { openDatabase } from './connection';
import { Fault } from './faults';
import {
  addPlanting,
  addTarget,
  exportGarden,
  importGarden,
  readGarden,
  removePlanting,
  removeSite,
  removeTarget,
  updateGarden,
  updatePlanting,
  updateSite,
} from './gardens';
import { historyOf, record, step } from './journal';

const demo = GardenFile.parse(JSON.parse(readFileSync('demo/kettle-pond-commons.json', 'utf8')));
const fresh = () => {
  const db = openDatabase(':memory:', 'server/database/migrations');
  return { db, id: importGarden(db, demo) };
};
type Press = (db: ReturnType<typeof fresh>['db'], id: string, n: number) => void;
const PRESSES: Record<string, Press> = {
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
  choose(db, id, n) {
    const { targets } = readGarden(db, id);
    const row = targets[n % 4];
    if (row && n % 2) removeTarget(db, id, row.id, () => 'x');
    else if (!targets.some((t) => t.target === 'hemaris-thysbe'))
      addTarget(db, id, { target: 'hemaris-thysbe', ambition: 'visits', priority: 2 }, 'x');
  },
};

describe('the journal', () => {
  it('whatever is pressed, undo brings all of it back and redo makes it again', () => {
    const presses = fc.array(fc.tuple(fc.constantFrom(...Object.keys(PRESSES)), fc.integer({ min: 0, max: 40 })), {
      minLength: 1,
      maxLength: 12,
    });
    fc.assert(
      fc.property(presses, (list) => {
        const { db, id } = fresh();
        const before = exportGarden(db, id);
        for (const [press, n] of list) PRESSES[press]!(db, id, n);
        const after = exportGarden(db, id);
        while (historyOf(db, id).undo) step(db, id, 'undo');
        expect(exportGarden(db, id)).toEqual(before);
        while (historyOf(db, id).redo) step(db, id, 'redo');
        expect(exportGarden(db, id)).toEqual(after);
        db.close();
      }),
      { numRuns: 25 },
    );
  });
  it('a change that fails half-way leaves nothing behind', () => {
    const { db, id } = fresh();
    const before = exportGarden(db, id);
    expect(() =>
      record(db, id, 'Fail', ({ write, remove }) => {
        remove('planting', readGarden(db, id).plantings[0]!.id);
        write('site', { ...readGarden(db, id).sites[0]!, name: 'Half done' });
        throw new Error('the power went');
      }),
    ).toThrow('the power went');
    expect(exportGarden(db, id)).toEqual(before);
    expect(historyOf(db, id)).toEqual({ undo: null, redo: null });
  });
  it('does not undo what has changed since by another way', () => {
    const { db, id } = fresh();
    PRESSES.changeBed!(db, id, 4);
    db.prepare('UPDATE site SET sun_h = 1 WHERE garden_id = ?').run(id);
    expect(() => step(db, id, 'undo')).toThrow(Fault);
    expect(readGarden(db, id).sites.every((row) => row.sun_h === 1)).toBe(true);
  });
});
