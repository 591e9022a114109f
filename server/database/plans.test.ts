import { beforeEach, describe, expect, it } from 'vitest';
import { regionalGarden } from '../../core/library/regional-garden';
import { PLANNED } from '../../core/model/garden';
import { FRESH_WISHES } from '../../core/model/wishes';
import { FRESH_SITE } from '../../core/yard/fresh';
import { readLibrary } from '../../scripts/reference-files';
import { openDatabase, type Connection } from './connection';
import { addPlanting, addSite, createGarden, readGarden, updatePlanting } from './gardens';
import { step } from './journal';
import { takeProposal, updateWishes } from './plans';

const { library } = readLibrary();
let db: Connection;
let garden: string;
let bed: string;
const state = () => readGarden(db, garden);
const fields = (plant: string, count: number, over = {}) => ({
  plant,
  site_id: bed,
  count,
  ...PLANNED,
  ...over,
});
const rows = () => state().plantings.map((row) => `${row.count} ${row.plant} ${row.state}`);

beforeEach(() => {
  db = openDatabase(':memory:', 'server/database/migrations');
  garden = createGarden(db, { ...regionalGarden(library, 'northeast-coast'), name: 'Yard' });
  bed = addSite(db, garden, { ...FRESH_SITE, name: 'Bed' });
  addPlanting(db, garden, fields('zizia-aurea', 3), 'Golden alexanders');
  addPlanting(db, garden, fields('chelone-glabra', 3, { state: 'in-ground', planted_year: 2020 }), 'White turtlehead');
});

describe('taking a proposal', () => {
  it('adds what comes, removes what was only planned, marks what grew, and is one change', () => {
    const out = state().plantings.map((row) => row.id);
    takeProposal(db, garden, {
      label: 'Take the plan',
      out,
      plants: [{ plant: 'aster', site_id: bed, count: 5 }],
      features: [
        { feature: 'mud', site_id: bed },
        { feature: 'mud', site_id: bed },
      ],
    });
    expect(rows()).toEqual(['3 chelone-glabra removed', '5 aster planned']);
    expect(state().sites[0]!.features).toEqual(['mud']);
    expect(state().history.undo).toBe('Take the plan');
    step(db, garden, 'undo');
    expect(rows()).toEqual(['3 zizia-aurea planned', '3 chelone-glabra in-ground']);
    expect(state().sites[0]!.features).toEqual([]);
  });
  it('adds to a planned planting of the same kind that stays', () => {
    takeProposal(db, garden, { label: 'x', out: [], plants: [{ plant: 'zizia-aurea', site_id: bed, count: 4 }], features: [] });
    expect(rows()).toEqual(['7 zizia-aurea planned', '3 chelone-glabra in-ground']);
  });
  it('is refused whole where a planting that is to go is gone or has been locked', () => {
    const taking = { label: 'x', plants: [{ plant: 'aster', site_id: bed, count: 5 }], features: [] };
    expect(() => takeProposal(db, garden, { ...taking, out: ['gone'] })).toThrow(/changed since this was proposed/);
    const { id, revision, plan_id: _plan, ...row } = state().plantings[0]!;
    updatePlanting(db, garden, id, revision, { ...row, locked: true }, 'Golden alexanders');
    expect(() => takeProposal(db, garden, { ...taking, out: [id] })).toThrow(/has been locked/);
    expect(() =>
      takeProposal(db, garden, { ...taking, out: [], plants: [{ plant: 'aster', site_id: 'none', count: 1 }] }),
    ).toThrow(/no bed/);
    expect(rows()).toEqual(['3 zizia-aurea planned', '3 chelone-glabra in-ground']);
  });
});

it('wishes are kept with the plan, and undone', () => {
  const plan = state().plans[0]!;
  expect(plan.wishes).toBeNull();
  updateWishes(db, garden, plan.id, plan.revision, { ...FRESH_WISHES, budget_minor: 5000 });
  expect(state().plans[0]!.wishes!.budget_minor).toBe(5000);
  expect(() => updateWishes(db, garden, plan.id, plan.revision, FRESH_WISHES)).toThrow(/another window/);
  step(db, garden, 'undo');
  expect(state().plans[0]!.wishes).toBeNull();
});
