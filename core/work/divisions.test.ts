import { describe, expect, it } from 'vitest';
import { gardenHere } from '../garden/here';
import { dayNumber, isoOf } from '../model/days';
import type { Planting } from '../model/garden';
import type { Batch } from '../model/raise';
import { care, host, libraryOf, plant, planting, recordsIn, site, target, way, type World } from '../testing/worked-garden';

const row = way('aster', ['division'], {
  window: 'last-frost-20..last-frost+10',
  every_from: 3,
  every_to: 4,
  pieces_from: 3,
  pieces_to: 5,
  rate_from: 0.9,
  rate_to: 1,
});
const worldOf = (over: Partial<World> = {}): World => ({
  plants: [plant('aster')],
  targets: [],
  hosts: [],
  propagation: [row],
  ...over,
});
const clump = (over: Partial<Planting> = {}) => planting('a', 'aster', 2, { state: 'in-ground', planted_year: 2020, ...over });
const due = (world: World, plantings: Planting[], on = '2026-03-01', over: Parameters<typeof recordsIn>[2] = {}) =>
  gardenHere(recordsIn(world, plantings, over), libraryOf(world)).work.divisions(dayNumber(on));

describe('what can be divided', () => {
  it('is what is old enough, in the season of its row, with the pieces it gives beside those that go back', () => {
    const [first] = due(worldOf(), [clump()]);
    // Last frost 20 April: from 31 March to 30 April. Of three to five pieces one goes back: two to four of each of two.
    expect([isoOf(first!.season.from), isoOf(first!.season.latest)]).toEqual(['2026-03-31', '2026-04-30']);
    expect(first).toMatchObject({ age: 6, wanted: false, pieces: { from: 4, to: 8 } });
    expect(due(worldOf(), [clump({ planted_year: 2024 })])).toEqual([]);
    expect(due(worldOf(), [clump({ planted_year: 2023 })])).toHaveLength(1);
    expect(due(worldOf(), [clump({ planted_year: null })])).toHaveLength(1);
    expect(due(worldOf(), [clump({ state: 'planned', planted_year: null })])).toEqual([]);
  });
  it('follows its care where that asks for it: its season and its years', () => {
    const rules = [care('aster', 'divide', { from: 'first-frost-60', until: 'first-frost-40', every_years: 6, age_from: 6 })];
    const [first] = due(worldOf({ care: rules }), [clump()]);
    // First frost 25 October.
    expect([isoOf(first!.season.from), isoOf(first!.season.latest)]).toEqual(['2026-08-26', '2026-09-15']);
    expect(first!.wanted).toBe(true);
  });
  it('counts its years from when it was divided last', () => {
    const batch: Batch = {
      id: 'b',
      revision: 0,
      plant: 'aster',
      method: 'division',
      source: '',
      planned_on: '2025-04-10',
      begun_on: '2025-04-10',
      units: 4,
      containers: 0,
      place: '',
      wanted: 4,
      looks: [],
      ended: true,
      note: '',
    };
    expect(due(worldOf(), [clump()], '2026-03-01', { batches: [batch] })).toEqual([]);
    expect(due(worldOf(), [clump()], '2028-03-01', { batches: [batch] })).toMatchObject([{ age: 3 }]);
  });
  it('says where the pieces could go: to what is planned, to a bed it fits, to whom it would serve', () => {
    const world = worldOf({ targets: [target('azure')], hosts: [host('azure', 'aster')] });
    const planned = planting('p', 'aster', 5, { site_id: 'other' });
    const sites = [site('bed'), site('other'), site('third'), site('dark', { sun_h: 0 })];
    const targets = recordsIn(world).targets;
    const [first] = due(world, [clump({ count: 1 }), planned], '2026-03-01', { sites, targets });
    expect(first!.open).toEqual([{ planting: 'p', site_id: 'other', count: 5 }]);
    expect(first!.elsewhere).toEqual(['third']);
    expect(first!.serves.map((one) => one.target)).toContain('azure');
  });
  it('is none of what is listed as invasive here', () => {
    const world = worldOf({ status: [{ plant: 'aster', place: 'flatland', status: 'invasive', as_of: '2026-01-01' } as never] });
    expect(due(world, [clump()])).toEqual([]);
  });
});
