import { beforeEach, describe, expect, it } from 'vitest';
import { regionalGarden } from '../../../core/library/regional-garden';
import { PLANNED } from '../../../core/model/states';
import { FRESH_WISHES } from '../../../core/model/fresh-wishes';
import { FRESH_SITE } from '../../../core/place/yard/fresh';
import { readLibrary } from '../../../scripts/reference-files';
import { openDatabase, type Connection } from '../connection';
import { step } from '../journal';
import { createGarden } from './gardens';
import { addPlanting, changeSeveral, updatePlanting } from './plantings';
import { makeCurrent, removePlan, renamePlan, savePlan, takeProposal, updateWishes, type Taking } from './plans';
import { readGarden } from './reading';
import { addSite } from './sites';

const { library } = readLibrary();
let db: Connection;
let garden: string;
let bed: string;
const YEAR = 2026;
const take = (taking: Taking) => takeProposal(db, garden, taking, YEAR);
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
  addPlanting(db, garden, fields('zizia-aurea', 3), () => 'Golden alexanders');
  addPlanting(db, garden, fields('chelone-glabra', 3, { state: 'in-ground', planted_year: 2020 }), () => 'White turtlehead');
});

describe('taking a proposal', () => {
  it('adds what comes, removes what was only planned, marks what grew, and is one change', () => {
    const out = state().plantings.map((row) => row.id);
    take({
      label: 'Take the plan',
      out,
      plants: [{ plant: 'aster', site_id: bed, count: 5 }],
      features: [
        { feature: 'mud', site_id: bed },
        { feature: 'mud', site_id: bed },
      ],
    });
    expect(rows()).toEqual(['3 chelone-glabra removed', '5 aster planned']);
    // What grew and goes is gone from this year on.
    expect(state().plantings[0]!.lost_year).toBe(YEAR);
    expect(state().sites[0]!.features).toEqual(['mud']);
    expect(state().history.undo!.label).toBe('Take the plan');
    step(db, garden, 'undo');
    expect(rows()).toEqual(['3 zizia-aurea planned', '3 chelone-glabra in-ground']);
    expect(state().sites[0]!.features).toEqual([]);
  });
  it('adds to a planned planting of the same kind that stays', () => {
    take({ label: 'x', out: [], plants: [{ plant: 'zizia-aurea', site_id: bed, count: 4 }], features: [] });
    expect(rows()).toEqual(['7 zizia-aurea planned', '3 chelone-glabra in-ground']);
  });
  it('is refused whole where a planting that is to go is gone or has been locked', () => {
    const taking = { label: 'x', plants: [{ plant: 'aster', site_id: bed, count: 5 }], features: [] };
    expect(() => take({ ...taking, out: ['gone'] })).toThrow(/changed since this was proposed/);
    const { id, revision, plan_id: _plan, ...row } = state().plantings[0]!;
    updatePlanting(db, garden, { id, revision }, { ...row, locked: true }, () => 'Golden alexanders');
    expect(() => take({ ...taking, out: [id] })).toThrow(/has been locked/);
    expect(() => take({ ...taking, out: [], plants: [{ plant: 'aster', site_id: 'none', count: 1 }] })).toThrow(/no bed/);
    expect(rows()).toEqual(['3 zizia-aurea planned', '3 chelone-glabra in-ground']);
  });
});

it('wishes are kept with the plan, and undone', () => {
  const plan = state().plans[0]!;
  expect(plan.wishes).toBeNull();
  updateWishes(db, garden, plan, { ...FRESH_WISHES, budget_minor: 5000 });
  expect(state().plans[0]!.wishes!.budget_minor).toBe(5000);
  expect(() => updateWishes(db, garden, plan, FRESH_WISHES)).toThrow(/another window/);
  step(db, garden, 'undo');
  expect(state().plans[0]!.wishes).toBeNull();
});

describe('further plans', () => {
  const of = (name: string) => state().plans.find((row) => row.name === name)!;
  const plantingsOf = (name: string) =>
    state()
      .plantings.filter((row) => row.plan_id === of(name).id)
      .map((row) => `${row.count} ${row.plant} ${row.state}`);

  it('are a copy without what goes and with what comes; the current plan stays as it is', () => {
    const alexanders = state().plantings[0]!.id;
    savePlan(db, garden, { name: 'Few', out: [alexanders], plants: [{ plant: 'aster', site_id: bed, count: 5 }] });
    expect(plantingsOf('Few')).toEqual(['3 chelone-glabra in-ground', '5 aster planned']);
    expect(plantingsOf('Plan')).toEqual(['3 zizia-aurea planned', '3 chelone-glabra in-ground']);
    expect(state().plans.map((row) => row.current)).toEqual([true, false]);
    step(db, garden, 'undo');
    expect(state().plans).toHaveLength(1);
    expect(rows()).toEqual(['3 zizia-aurea planned', '3 chelone-glabra in-ground']);
  });
  it('one of them is made current, and undo goes back', () => {
    savePlan(db, garden, { name: 'Few', out: [], plants: [] });
    makeCurrent(db, garden, of('Few'));
    expect([of('Few').current, of('Plan').current]).toEqual([true, false]);
    addPlanting(db, garden, fields('aster', 2), () => 'Aster');
    expect(plantingsOf('Few')).toHaveLength(3);
    expect(plantingsOf('Plan')).toHaveLength(2);
    step(db, garden, 'undo');
    step(db, garden, 'undo');
    expect([of('Few').current, of('Plan').current]).toEqual([false, true]);
    step(db, garden, 'redo');
    expect(of('Few').current).toBe(true);
  });
  it('have names of their own', () => {
    savePlan(db, garden, { name: 'Few', out: [], plants: [] });
    expect(() => savePlan(db, garden, { name: 'Few', out: [], plants: [] })).toThrow(/a plan “Few” already/);
    expect(() => renamePlan(db, garden, of('Few'), 'Plan')).toThrow(/a plan “Plan” already/);
    renamePlan(db, garden, of('Few'), 'Fewer');
    expect(state().plans.map((row) => row.name)).toEqual(['Plan', 'Fewer']);
  });
  it('are removed with their plantings, but never the current one', () => {
    savePlan(db, garden, { name: 'Few', out: [], plants: [] });
    expect(() => removePlan(db, garden, of('Plan'))).toThrow(/cannot be removed/);
    removePlan(db, garden, of('Few'));
    expect(state().plans).toHaveLength(1);
    expect(rows()).toHaveLength(2);
    step(db, garden, 'undo');
    expect(plantingsOf('Few')).toHaveLength(2);
  });
  it('are refused whole where what goes is not there, or a bed is not', () => {
    expect(() => savePlan(db, garden, { name: 'x', out: ['gone'], plants: [] })).toThrow(/changed since/);
    expect(() => savePlan(db, garden, { name: 'x', out: [], plants: [{ plant: 'aster', site_id: 'none', count: 1 }] })).toThrow(
      /no bed/,
    );
    expect(state().plans).toHaveLength(1);
  });
});

describe('several plantings at once', () => {
  const standing = () => state().plantings.map((row) => `${row.count} ${row.plant} ${row.site_id === bed ? 'bed' : 'other'}`);
  it('move to another bed with their year, or go, as one change', () => {
    const other = addSite(db, garden, { ...FRESH_SITE, name: 'Other' });
    changeSeveral(db, garden, state().plantings, other);
    expect(standing()).toEqual(['3 zizia-aurea other', '3 chelone-glabra other']);
    expect(state().plantings[1]!.planted_year).toBe(2020);
    step(db, garden, 'undo');
    expect(standing()).toEqual(['3 zizia-aurea bed', '3 chelone-glabra bed']);
    changeSeveral(db, garden, state().plantings, null);
    expect(standing()).toEqual([]);
    step(db, garden, 'undo');
    expect(standing()).toEqual(['3 zizia-aurea bed', '3 chelone-glabra bed']);
  });
  it('none is moved where one was changed meanwhile, or there is no such bed', () => {
    const seen = state().plantings;
    const { id, revision } = seen[0]!;
    updatePlanting(db, garden, { id, revision }, fields('zizia-aurea', 9), () => 'x');
    const other = addSite(db, garden, { ...FRESH_SITE, name: 'Other' });
    expect(() => changeSeveral(db, garden, seen, other)).toThrow(/changed in another window/);
    expect(() => changeSeveral(db, garden, state().plantings, 'nowhere')).toThrow(/There is no bed/);
    expect(standing()).toEqual(['9 zizia-aurea bed', '3 chelone-glabra bed']);
  });
});
