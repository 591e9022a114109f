import { describe, expect, it } from 'vitest';
import { gardenOf, host, plant, site, target, type World } from '../../testing/worked-garden';
import { SETTINGS } from '../../settings';
import { grownStand } from '../stands';
import { lightShare, patchShare } from './host';
import { ruleFor } from './rules';

const WORLD: World = {
  plants: [plant('herb', { leaf_g: 100 }), plant('poor', { leaf_g: 100 }), plant('trap', { leaf_g: 100 }), plant('other')],
  targets: [target('brown')],
  hosts: [host('brown', 'herb', 'accepted', 'sun'), host('brown', 'poor', 'poor'), host('brown', 'trap', 'trap')],
};
const garden = gardenOf(WORLD, []);
const rule = ruleFor(garden, 'brown', { stage: 'host', special: null })!;
const giving = (id: string, over = {}) => rule.of(grownStand(garden.almanac.plants.get(id)!, site('bed', over), 1));

describe('what a plant gives caterpillars', () => {
  it('larvae: half its leaf, by rank, over what one larva eats', () => {
    // 100 g × ½ × 0.7 ÷ 10 g = 3.5, in the half-months of its one brood: May to early June.
    const given = giving('herb')!;
    expect([8, 9, 10].map((h) => given.each(h))).toEqual([3.5, 3.5, 3.5].map((larvae) => expect.closeTo(larvae, 9)));
    expect([7, 11].map((h) => given.each(h))).toEqual([0, 0]);
  });
  it('one plant is a kind, but only while it is in leaf', () => {
    expect(giving('herb')!.kindFrom(10)).toBe(1);
    expect(giving('herb')!.kindFrom(15)).toBe(Infinity);
  });
  it('less with every hour of sun that is missing, without a jump', () => {
    expect(giving('herb', { sun_h: 6 })!.each(10)).toBeCloseTo(3.5, 9);
    // Straight between 0.65 at 4.5 h and all at 6 h: a tenth of an hour is worth 0.0233.
    expect(giving('herb', { sun_h: 5.9 })!.each(10)).toBeCloseTo(3.5 * (1 - 0.35 / 15), 9);
    expect(giving('herb', { sun_h: 4.5 })!.each(10)).toBeCloseTo(3.5 * 0.65, 9);
    expect(giving('herb', { sun_h: 3 })!.each(10)).toBeCloseTo(3.5 * 0.3, 9);
    // At 2.5 h a fifth of the females would lay: no longer a patch, though leaf for what is there.
    expect(giving('herb', { sun_h: 2.4 })).toMatchObject({ patch: 0 });
    expect(giving('herb', { sun_h: 1.5 })).toBeNull();
  });
  it('a poor host feeds a fifth, and is neither a kind nor a patch: nobody lays there', () => {
    const poor = giving('poor')!;
    expect(poor.each(10)).toBeCloseTo(1, 9);
    expect(poor.kindFrom(10)).toBe(Infinity);
    expect(poor.patch).toBe(0);
  });
  it('only buds of a host whose row says so, though it is in leaf', () => {
    const eaten = { ...host('brown', 'herb', 'accepted', 'sun'), part: 'buds' as const };
    const own = gardenOf({ ...WORLD, hosts: [eaten] }, []);
    const given = ruleFor(own, 'brown', { stage: 'host', special: null })!.of(
      grownStand(own.almanac.plants.get('herb')!, site('bed'), 1),
    )!;
    // It flowers from early May to late June: a tenth of 100 g are buds, half of them to spare, at rank 0.7 and 10 g a larva.
    expect(given.each(8)).toBeCloseTo(3.5 * SETTINGS.leaf.budsShare, 9);
    expect(given.each(8)).toBeLessThan(giving('herb')!.each(8));
  });
  it('a trap, and what is no host, give nothing', () => {
    expect(giving('trap')).toBeNull();
    expect(giving('other')).toBeNull();
  });
  it('asks for ten larvae, one kind and a patch of a garden where it breeds', () => {
    expect(rule).toMatchObject({ amount: 10, kinds: 1, patch: true, whole: false, limitedByGround: false });
  });
});

describe('laying by light', () => {
  it.each([
    ['any', 0, 1],
    ['any', 14, 1],
    ['sun', 6, 1],
    ['sun', 13.7, 1],
    ['sun', 1, 0],
    ['part', 0, 0.3],
    ['part', 4.5, 1],
    ['part', 7.5, 0.75],
    ['part', 12, 0.5],
    ['shade', 0, 1],
    ['shade', 4.5, 0.6],
    ['shade', 7, 0.125],
    ['shade', 8, 0],
  ] as const)('wanting %s in %s h of sun: %s', (wanted, sun_h, share) =>
    expect(lightShare(wanted, { sun_h })).toBeCloseTo(share, 9),
  );
});

describe('the part of a patch that one plant is', () => {
  it.each([
    ['a violet, a sixth', plant('x', { height_max_cm: 39 }), null, 1 / 6],
    ['a large herb, a third', plant('x', { height_max_cm: 40 }), null, 1 / 3],
    ['a vine, a half', plant('x', { kind: 'vine', height_max_cm: 300 }), null, 1 / 2],
    ['a shrub of a metre, the whole', plant('x', { kind: 'shrub', height_max_cm: 100 }), null, 1],
    ['a subshrub, as a herb of its height', plant('x', { kind: 'shrub', height_max_cm: 99 }), null, 1 / 3],
    ['a herb of one that wants twenty', plant('x', { height_max_cm: 60 }), 20, 1 / 20],
    ['a tree, the whole, even of one that wants twenty', plant('x', { kind: 'tree', height_max_cm: 900 }), 20, 1],
  ])('%s', (_, of, patchPlants, share) => expect(patchShare(of, patchPlants)).toBeCloseTo(share, 12));
});

it('a whip of a cherry is no patch yet: it must stand as high as a shrub', () => {
  const cherry = plant('x', { kind: 'tree', height_max_cm: 2000 });
  expect(patchShare(cherry, null, 0.02)).toBeCloseTo(0.4, 12);
  expect(patchShare(cherry, null, 0.05)).toBe(1);
});
