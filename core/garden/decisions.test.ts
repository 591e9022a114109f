import { describe, expect, it } from 'vitest';
import { dayNumber } from '../model/days';
import type { GardenRecords, Planting } from '../model/garden';
import { host, libraryOf, plant, planting, recordsIn, site, target, way, type World } from '../testing/worked-garden';
import { decisionsFor, type Decision, type DecisionKind } from './decisions';
import { gardenHere } from './here';

/**
 * A moth that eats nothing as an adult, and a food plant in the sun it likes of which six raise a brood: of 40 g of leaf half
 * can be eaten, which feeds two larvae of 10 g, so that five plants feed ten.
 */
const food = plant('food', { leaf_g: 40, price_minor: 500, sun_min_h: 6 });
const other = plant('other', { leaf_g: 40, price_minor: 700, sun_min_h: 6 });
const world = (over: Partial<World> = {}): World => ({
  plants: [food, other],
  targets: [target('blue', { adult_food: 'none', overwinters_in: 'elsewhere' })],
  hosts: [host('blue', 'food'), host('blue', 'other')],
  status: ['food', 'other'].map((id) => ({ plant: id, place: 'flatland', status: 'native', as_of: 2026, note: '' })),
  ...over,
});
const STANDS = { state: 'in-ground', planted_year: 2021 } as const;
const TODAY = dayNumber('2026-09-20');

function decided(
  row: Partial<Planting> = {},
  over: Partial<GardenRecords> = {},
  of: World = world(),
): Record<DecisionKind, Decision> {
  const planted = planting('p', 'food', 6, { ...STANDS, ...row });
  const here = gardenHere(recordsIn(of, [planted], { sites: [site('bed'), site('dark', { sun_h: 1 })], ...over }), libraryOf(of));
  return Object.fromEntries(decisionsFor(here, planted, TODAY).map((one) => [one.kind, one])) as Record<DecisionKind, Decision>;
}

describe('what one may decide about a planting', () => {
  it('doing without it opens the life cycle it closed, costs nothing and spares work', () => {
    const { remove } = decided();
    expect(remove.effect!.difference.opened).toEqual(['blue']);
    expect(remove.effect!.money_minor).toBe(0);
    expect(remove.effect!.minutes).toBeLessThanOrEqual(0);
  });
  it('more of it goes where it grows, and is bought with the usual spares', () => {
    const { more } = decided();
    expect(more).toMatchObject({ site_id: 'bed', count: 3, verdict: 'thrives', refused: null });
    expect(more.effect!.money_minor).toBeGreaterThanOrEqual(3 * 500);
    expect(more.effect!.difference.opened).toEqual([]);
  });
  it('more of it is refused where no bed has room', () => {
    // A plant takes a quarter of a square metre: six of them fill one and a half.
    const small = { sites: [site('bed', { area_m2: 1.5 })] };
    expect(decided({}, small).more.refused).toBe('no-room');
  });
  it('it moves to another bed that it would thrive in, and nowhere where there is none', () => {
    expect(decided().move.refused).toBe('no-site');
    const sunny = { sites: [site('bed', { sun_h: 2 }), site('sun', { sun_h: 9 })] };
    const { move } = decided({}, sunny);
    expect(move).toMatchObject({ site_id: 'sun', count: 6, verdict: 'thrives', refused: null });
    // In two hours of sun it gives nothing, in nine it raises a brood.
    expect(move.effect!.difference.closed).toEqual(['blue']);
  });
  it('another plant that serves the same guests takes its place', () => {
    const { replace } = decided();
    expect(replace).toMatchObject({ plant: 'other', site_id: 'bed', refused: null });
    expect(replace.effect!.difference.opened).toEqual([]);
    const alone = world({ plants: [food], hosts: [host('blue', 'food')] });
    expect(decided({}, {}, alone).replace.refused).toBe('no-plant');
  });
  it('it is raised from itself before it is from seed, and not at all where no way is known', () => {
    expect(decided().propagate.refused).toBe('no-way');
    const ways = [
      way('food', ['spring-in-place'], {
        chill_days: 0,
        depth_mm: 3,
        days_from: 14,
        days_to: 30,
        rate_from: 0.5,
        rate_to: 0.7,
      }),
      way('food', ['division'], { every_from: 3, every_to: 4, pieces_from: 3, pieces_to: 5, rate_from: 0.9, rate_to: 1 }),
    ];
    expect(decided({}, {}, world({ propagation: ways })).propagate).toMatchObject({ method: 'division', refused: null });
    expect(decided({}, {}, world({ propagation: ways.slice(0, 1) })).propagate).toMatchObject({ method: 'spring-in-place' });
  });
  it('of what was lost only more, seed and another plant are left', () => {
    const gone = decided({ state: 'lost', lost_year: 2025 });
    expect([gone.move.refused, gone.remove.refused]).toEqual(['gone', 'gone']);
    expect(gone.more.refused).toBe(null);
  });
  it('nothing of the garden is changed by trying', () => {
    const planted = planting('p', 'food', 6, STANDS);
    const here = gardenHere(recordsIn(world(), [planted]), libraryOf(world()));
    const before = JSON.stringify(here.records);
    const closed = here.covered.closed;
    decisionsFor(here, planted, TODAY);
    expect(JSON.stringify(here.records)).toBe(before);
    expect(here.covered.closed).toBe(closed);
  });
  it('asks for a plant that is known', () => {
    const planted = planting('p', 'nothing', 6, STANDS);
    const here = gardenHere(recordsIn(world(), [planted]), libraryOf(world()));
    expect(() => decisionsFor(here, planted, TODAY)).toThrow(RangeError);
  });
});
