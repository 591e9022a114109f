import { describe, expect, it } from 'vitest';
import { ask, HOST, MAYFLOWERS, ONE } from '../../testing/planner';
import { host, plant, planting, site, target, type World } from '../../testing/worked-garden';
import { finish } from '../../model/steps';
import type { PlanQuestion } from '../planner/question';
import { askOf } from './ask';
import { firstSetInSteps, ordinaryGround } from './first-set';

/** A garden with nobody chosen and all that is planted kept. */
const garden = (over: Partial<PlanQuestion> = {}, world: World = ONE) =>
  ask(world, { keep: 'planned' }, { targets: [], ...over });
const hostsOf = ({ proposed }: ReturnType<typeof askOf>) => proposed.plants.find((row) => row.plant === 'host')?.count ?? 0;

describe('what a creature would still ask', () => {
  it('is a patch of its host and two kinds in flower where nothing grows', () => {
    const found = askOf(garden(), 'brown');
    expect(found).toMatchObject({
      ambition: 'breeds',
      served: false,
      closes: true,
      nearly: true,
      share: 1,
      tree: false,
      open: [],
    });
    expect(hostsOf(found)).toBe(6);
    expect(new Set(found.proposed.plants.map((row) => row.plant)).size).toBe(3);
    // Six hosts at 50 cm are 1.5 m²; the flowers come on top.
    expect(found.hosts_m2).toBeCloseTo(1.5, 9);
    expect(found.ground_m2).toBeGreaterThan(1.5);
    expect(found.money).toBeGreaterThan(0);
  });
  it('is what is missing where some of it grows', () => {
    const found = askOf(garden({ plantings: [planting('a', 'host', 4)] }), 'brown');
    expect(hostsOf(found)).toBe(2);
    expect(found.closes).toBe(true);
  });
  it('is nothing where it is served already', () => {
    const first = askOf(garden(), 'brown');
    const plantings = first.proposed.plants.map((row, i) => planting(`p${i}`, row.plant, row.count));
    expect(askOf(garden({ plantings }), 'brown')).toMatchObject({
      served: true,
      closes: true,
      proposed: { plants: [], features: [] },
      ground_m2: 0,
      money: 0,
    });
  });
  it('counts the leaf that one chosen already eats', () => {
    // 100 g × ½ ⁄ 10 g: two plants raise ten larvae. Two stand and feed the grey; the brown wants two more, not none.
    const world: World = {
      plants: ONE.plants,
      targets: [target('brown', { patch_plants: 1 }), target('grey', { patch_plants: 1 })],
      hosts: [host('brown', 'host'), host('grey', 'host')],
    };
    const plantings = [planting('a', 'host', 2), planting('b', 'white', 9), planting('c', 'blue', 9)];
    const grey = [{ target: 'grey', ambition: 'breeds', priority: 1 } as const];
    expect(askOf(garden({ plantings }, world), 'brown').served).toBe(true);
    const beside = askOf(garden({ plantings, targets: grey }, world), 'brown');
    expect(beside.served).toBe(false);
    // A drift that is begun may grow by single plants.
    expect(hostsOf(beside)).toBe(2);
  });
  it('names a tree only where no smaller host does', () => {
    const tree = plant('tree', {
      kind: 'tree',
      height_min_cm: 900,
      height_max_cm: 1500,
      spread_cm: 400,
      leaf_g: 20_000,
      bloom_first: null,
      bloom_last: null,
      nectar_butterfly: 0,
    });
    const both: World = { ...ONE, plants: [...ONE.plants, tree], hosts: [host('brown', 'host'), host('brown', 'tree')] };
    expect(askOf(garden({}, both), 'brown').tree).toBe(false);
    const only: World = { ...ONE, plants: [...MAYFLOWERS, tree], hosts: [host('brown', 'tree')] };
    expect(askOf(garden({}, only), 'brown')).toMatchObject({ tree: true, closes: true });
  });
  it('takes one that cannot breed here as a visitor, and says what keeps its host out', () => {
    // Its host wants sun that the bed has not; flowers do with less.
    const world: World = { ...ONE, plants: [{ ...HOST, sun_min_h: 12 }, ...MAYFLOWERS] };
    const shady = { sites: [site('bed', { sun_h: 5 })] };
    expect(askOf(garden(shady, world), 'brown')).toMatchObject({ ambition: 'visits', closes: true });
    const faster: World = { ...world, targets: [target('brown', { adult_food: 'none' })] };
    const found = askOf(garden(shady, faster), 'brown');
    expect(found).toMatchObject({
      ambition: 'breeds',
      closes: false,
      nearly: false,
      obstacle: { plant: 'host', why: { kind: 'unfit' } },
    });
    expect(found.open[0]!.need.stage).toBe('host');
  });
  it('is nothing at all without a bed, and unknown for a creature of elsewhere', () => {
    expect(askOf(garden({ sites: [] }), 'brown')).toMatchObject({ closes: false, proposed: { plants: [] } });
    expect(() => askOf(garden(), 'nobody')).toThrow('The almanac has no creature nobody.');
  });
});

describe('the first set', () => {
  const many: World = {
    plants: ONE.plants,
    targets: Array.from({ length: 12 }, (_, i) => target(`t${i}`, { size_min_mm: 20, size_max_mm: 20 + i, patch_plants: 1 })),
    hosts: Array.from({ length: 12 }, (_, i) => host(`t${i}`, 'host')),
    occurrence: { t11: { status: 'visitor' }, t10: { ease: 3 }, t9: { ease: 2 } },
  };
  it('leaves out strays and the hard, and takes the large before the small', () => {
    const { easy, worthTrying, imagined } = finish(firstSetInSteps(garden({ sites: [] }, many), { balcony: false }));
    expect(imagined).toBe(true);
    // All ask the same: by size t8 comes first; t9 is larger by a millimetre, but counts half.
    expect(easy.map((row) => row.target)).toEqual(['t8', 't7', 't6', 't5', 't4', 't3', 't2', 't1']);
    expect(worthTrying.map((row) => row.target)).toEqual(['t9', 't0']);
  });
  it('leaves out who is chosen already, and takes the beds there are', () => {
    const targets = [{ target: 't8', ambition: 'breeds', priority: 1 } as const];
    const { easy, imagined, sites } = finish(firstSetInSteps(garden({ targets }, many), { balcony: false }));
    expect(imagined).toBe(false);
    expect(sites.map((row) => row.id)).toEqual(['bed']);
    expect(easy.map((row) => row.target)).not.toContain('t8');
  });
  it('goes on from a creature to the next, so that who waits sees how far it is', () => {
    const steps = firstSetInSteps(garden({ sites: [] }, many), { balcony: false });
    let count = 0;
    while (!steps.next().done) count++;
    // Ten are looked at: the stray and the hard one are not.
    expect(count).toBeGreaterThanOrEqual(10);
  });
  it('thinks of pots in the wind on a balcony, and of the soil of the region elsewhere', () => {
    const { almanac } = garden();
    const pots = ordinaryGround({ almanac }, { balcony: true });
    expect(pots.map((row) => [row.kind, row.pot!.exposure, row.pot!.count])).toEqual([
      ['container', 'windy', 2],
      ['container', 'windy', 1],
      ['container', 'windy', 1],
    ]);
    expect(ordinaryGround({ almanac }, { balcony: false })).toMatchObject([{ area_m2: 20, texture: 'loam', ph: 6.3 }]);
  });
});

describe('a first set for pots', () => {
  const potted: World = {
    plants: [
      { ...HOST, spacing_cm: 20, spread_cm: 20, container: 'good', leaf_g: 400 },
      ...MAYFLOWERS.map((row) => ({
        ...row,
        spacing_cm: 20,
        spread_cm: 20,
        container: 'good' as const,
        nectar_butterfly: 3 as const,
      })),
    ],
    targets: [target('fed', { size_max_mm: 40, patch_plants: 1 }), target('guest', { size_max_mm: 60 })],
    hosts: [host('fed', 'host')],
  };
  it('is of guests, and of one whose young could be raised there', () => {
    const { easy, worthTrying } = finish(firstSetInSteps(garden({ sites: [] }, potted), { balcony: true }));
    expect(easy.map((row) => [row.target, row.ambition])).toEqual([['guest', 'visits']]);
    expect(worthTrying.map((row) => [row.target, row.ambition])).toEqual([['fed', 'breeds']]);
  });
});
