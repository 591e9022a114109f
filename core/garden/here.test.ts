import { monthDayOf } from '../model/half-month';
import { describe, expect, it } from 'vitest';
import { demoGarden } from '../../scripts/demo-gardens';
import { readLibrary } from '../../scripts/reference-files';
import { cellsOf } from '../library/cells';
import { host, libraryOf, plant, planting, recordsIn, site, target, type World } from '../testing/worked-garden';
import { gardenHere, type GardenHere } from './here';

const HOST = plant('leafy', { leaf_g: 100, nectar_butterfly: 0 });
const FLOWER = plant('flower', { bloom_first: 8, bloom_last: 9 });
const WORLD: World = {
  plants: [HOST, FLOWER],
  targets: [target('brown')],
  hosts: [host('brown', 'leafy')],
};
const library = libraryOf(WORLD);

describe('from the records of a garden', () => {
  it('a jar test settles the texture that coverage is given', () => {
    const reading = { sand_mm: 90, silt_mm: 8, clay_mm: 2 };
    const jar = { id: 'jar', revision: 0, kind: 'jar', site_id: 'bed', taken_on: '2026-04-01', note: '', reading } as const;
    const { input } = gardenHere(recordsIn(WORLD, [], { measures: [jar] }), library);
    expect(input.sites[0]!.texture).toBe('sand');
    expect(gardenHere(recordsIn(WORLD), library).input.sites[0]!.texture).toBe('loam');
  });
  it('an own row of the library counts here and nowhere else', () => {
    const cells = { ...cellsOf('plants.csv', HOST), leaf_g: '7' };
    const own = [{ id: 'own', revision: 0, file: 'plants.csv', key: 'leafy', cells }] as const;
    const here = gardenHere(recordsIn(WORLD, [], { own: [...own] }), library);
    expect(here.almanac.plants.get('leafy')!.plant.leaf_g).toBe(7);
    expect(gardenHere(recordsIn(WORLD), library).almanac.plants.get('leafy')!.plant.leaf_g).toBe(100);
  });
  it('only the current plan is covered; another is asked for by its id', () => {
    const plans = [
      { id: 'plan', name: 'Plan', current: true, wishes: null, revision: 0 },
      { id: 'other', name: 'Other', current: false, wishes: null, revision: 0 },
    ];
    const rows = [planting('a', 'leafy', 3), planting('b', 'flower', 2, { plan_id: 'other' })];
    const here = gardenHere(recordsIn(WORLD, rows, { plans }), library);
    expect(here.input.plantings.map((row) => row.id)).toEqual(['a']);
    expect(here.inputOf('other').plantings.map((row) => row.id)).toEqual(['b']);
  });
  it('targets are ordered by their priority', () => {
    const chosen = [3, 1, 2].map((priority) => ({
      id: String(priority),
      revision: 0,
      target: 'brown',
      ambition: 'breeds' as const,
      priority,
    }));
    const { targets } = gardenHere(recordsIn(WORLD, [], { targets: chosen }), library);
    expect(targets.map((row) => row.priority)).toEqual([1, 2, 3]);
  });
  it('a bloom recorded in a year stands as it was in that year, and moves a usual one half way', () => {
    // 1 May is day 121; recorded on 11 May, ten days later.
    const seen = [{ id: 's', of: 'flower', what: 'first-bloom', on_day: '2026-05-11', sure: true }] as const;
    const here = gardenHere(recordsIn(WORLD, [], { seen: [...seen] }), library);
    expect(here.almanac.plants.get('flower')!.bloom!.from).toBe(126);
    expect(here.inYear(2026).input.almanac.plants.get('flower')!.bloom!.from).toBe(131);
    expect(here.inYear(2025).input.almanac).toBe(here.almanac);
  });
  it('an unknown region is refused', () => {
    const records = recordsIn(WORLD);
    expect(() => gardenHere({ ...records, garden: { ...records.garden, region: 'atlantis' } }, library).climate).toThrow(
      RangeError,
    );
  });
});

describe('after a change', () => {
  const records = recordsIn(WORLD, [planting('a', 'leafy', 3)]);
  it('a sighting that moves no date leaves the almanac and all that rests on it; one that does makes it again', () => {
    const before = gardenHere(records, library);
    const { almanac, covered } = before;
    const target = [...almanac.targets.values()][0]!;
    const [from, to] = [target.flightSteps.moved.from, target.flightSteps.moved.to];
    const seenOn = (day: number, id: string) => {
      const on_day = `2026-${monthDayOf(day)}`;
      return (['first-flight', 'last-flight'] as const).map((what) => ({ id, of: target.target.id, what, on_day, sure: false }));
    };
    const amid = gardenHere({ ...records, seen: seenOn(Math.round((from + to) / 2), 'a') }, library, { before });
    expect(amid.almanac).toBe(almanac);
    expect(amid.covered).toBe(covered);
    const early = gardenHere({ ...records, seen: [...amid.records.seen, ...seenOn(from - 10, 'b')] }, library, { before: amid });
    expect(early.almanac).not.toBe(almanac);
    expect(early.almanac.targets.get(target.target.id)!.flight.from).toBe(from - 10);
    const again = gardenHere({ ...records, seen: amid.records.seen }, library, { before: early });
    expect(again.almanac.targets.get(target.target.id)!.flight.from).toBe(from);
  });
  it('a garden that is moved looks at every date again', () => {
    const start = gardenHere(records, library);
    const { flightSteps, target } = [...start.almanac.targets.values()][0]!;
    const on_day = `2026-${monthDayOf(flightSteps.moved.from + 3)}`;
    const seen = [{ id: 'a', of: target.id, what: 'first-flight' as const, on_day, sure: false }];
    const amid = gardenHere({ ...records, seen }, library, { before: start });
    expect(amid.almanac).toBe(start.almanac);
    // Higher up spring comes later: what lay within the flight lies before it there.
    const higher = { ...records.garden, elevation_m: 500, last_frost: '05-08' };
    const moved = gardenHere({ ...records, garden: higher, seen }, library, { before: amid });
    const fresh = gardenHere({ ...records, garden: higher, seen }, library);
    expect(moved.almanac.targets.get(target.id)!.flight).toEqual(fresh.almanac.targets.get(target.id)!.flight);
    expect(fresh.almanac.targets.get(target.id)!.flight.from).toBeLessThan(
      fresh.almanac.targets.get(target.id)!.flightSteps.moved.from,
    );
  });
  it('parts whose records say the same keep their identity', () => {
    const before = gardenHere(records, library);
    const { almanac, sites, covered } = before;
    const copy = structuredClone(records);
    const same = gardenHere(copy, library, { before });
    expect(same.almanac).toBe(almanac);
    expect(same.sites).toBe(sites);
    expect(same.covered).toBe(covered);
    const more = gardenHere({ ...copy, plantings: [planting('a', 'leafy', 4)] }, library, { before: same });
    expect(more.almanac).toBe(almanac);
    expect(more.covered).not.toBe(covered);
  });
  it('a garden that is only thought of leaves this one as it is', () => {
    const here = gardenHere(records, library);
    const { sites, almanac } = here;
    const darker = here.with({ sites: [site('bed', { sun_h: 1 })] });
    expect(darker.sites[0]!.sun_h).toBe(1);
    expect(darker.almanac).toBe(almanac);
    expect(here.sites).toBe(sites);
    expect(here.sites[0]!.sun_h).toBe(8);
  });
});

describe('the garden as it stood', () => {
  it('is measured as the garden is now: beds of little stated sun, drawn in the light, close as many cycles then as now', () => {
    const { library: shipped } = readLibrary();
    const pond = demoGarden('kettle-pond-commons', shipped).records;
    const dim = { ...pond, sites: pond.sites.map((row) => ({ ...row, sun_h: 1 })) };
    const now = gardenHere(dim, shipped);
    expect(now.sites.some((row) => row.sun_h > 4)).toBe(true);
    const then = gardenHere(structuredClone(dim), shipped);
    expect(then.covered).toEqual(now.covered);
    expect(then.covered.closed).toBeGreaterThan(0);
  });
});

describe('coverage in steps', () => {
  it('comes to the same, is known afterwards, and begins again for another garden', () => {
    const shipped = readLibrary().library;
    const whole = demoGarden('juniper-wash', shipped).covered;
    const here = demoGarden('juniper-wash', shipped);
    const walk = (of: GardenHere) => {
      const steps = of.coveredInSteps();
      let pauses = 0;
      let step = steps.next();
      for (; !step.done; step = steps.next()) pauses++;
      return { covered: step.value, pauses };
    };
    const first = walk(here);
    expect(first.covered).toEqual(whole);
    // The light of the beds, each bed, each plant, each creature here and each target is a step of its own.
    expect(first.pauses).toBeGreaterThan(here.sites.length + here.almanac.plants.size + here.targets.length);
    expect(here.covered).toBe(first.covered);
    expect(walk(here)).toEqual({ covered: first.covered, pauses: 0 });
    const fewer = here.with({ targets: here.targets.slice(1) });
    expect(walk(fewer).covered.targets).toHaveLength(here.targets.length - 1);
  });
});
