import { WayBook } from '../../library/ways';
import { describe, expect, it } from 'vitest';
import { almanacFor } from '../../almanac/almanac';
import { GARDEN, libraryOf, plant, planting, site, way } from '../../testing/worked-garden';
import { billOf, shoppingList } from './list';
import { shoppingCsv, unitsWords } from '../../words/shopping';
import { costOf, lossShare, unitPrice, unitsToBuy } from './sizes';

const PLANTS = [
  plant('aster', { price_minor: 500 }),
  plant('dill', { kind: 'annual', price_minor: 350 }),
  plant('lily', { kind: 'bulb', price_minor: 400 }),
  plant('oak', { kind: 'tree', price_minor: 5500 }),
];
const almanac = almanacFor(libraryOf({ plants: PLANTS, targets: [], hosts: [] }), GARDEN);
const list = (rows = [planting('a', 'aster', 10)], over: Partial<Parameters<typeof shoppingList>[3]> = {}) =>
  shoppingList(
    rows,
    [site('bed'), site('tub', { kind: 'container', volume_l: 60, area_m2: 0.3 })],
    (id) => almanac.plants.get(id),
    {
      prices: {},
      losses: {},
      sizes: {},
      hosts: new Set(['aster']),
      ways: new WayBook([]),
      raises: true,
      garden: GARDEN,
      ...over,
    },
  );

describe('how many to buy, after what died here', () => {
  it('the trade’s share counts as ten plants beside one’s own', () => {
    // One pot in ten of ten, and 4 of 9: 5 of 19. Of 10 that is 2.6.
    expect(lossShare('aster', 'pot', { aster: { planted: 9, lost: 4 } })).toBeCloseTo(5 / 19, 10);
    expect(unitsToBuy('aster', 10, 'pot', { aster: { planted: 9, lost: 4 } })).toBe(13);
    // None of 30 lost: 1 of 40, and of 10 plants none to spare. Another plant, or seed, is as usual.
    expect(unitsToBuy('aster', 10, 'pot', { aster: { planted: 30, lost: 0 } })).toBe(10);
    expect(unitsToBuy('aster', 10, 'pot', { dill: { planted: 9, lost: 9 } })).toBe(11);
    expect(unitsToBuy('aster', 26, 'seed', { aster: { planted: 9, lost: 9 } })).toBe(2);
  });
  it('goes into the list and its money', () => {
    const [line] = list(undefined, { losses: { aster: { planted: 9, lost: 4 } } });
    expect(line).toMatchObject({ count: 10, units: 13, spares: 3, total_minor: 6500, lost: { planted: 9, lost: 4 } });
  });
});

describe('how many to buy', () => {
  it.each([
    [10, 'plug', 12],
    [10, 'pot', 11],
    [4, 'pot', 4],
    [5, 'pot', 6],
    [3, 'large', 3],
    [25, 'seed', 1],
    [26, 'seed', 2],
    [0, 'pot', 0],
  ] as const)('%i plants as %s: %i', (count, size, units) => {
    expect(unitsToBuy('aster', count, size)).toBe(units);
  });
  it('a plug costs less than half a pot, a packet what packets cost, and the gardener’s price wins', () => {
    const aster = PLANTS[0]!;
    expect(unitPrice(aster, 'plug')).toBe(225);
    expect(unitPrice(aster, 'seed')).toBe(350);
    expect(unitPrice(aster, 'pot', { 'aster pot': 390 })).toBe(390);
    expect(costOf(aster, 10, 'pot', { 'aster pot': 390 })).toBe(11 * 390);
  });
});

describe('the shopping list', () => {
  it('has the plants by where they come from, and mulch for the ground they take', () => {
    const lines = list([
      planting('a', 'aster', 10),
      planting('d', 'dill', 30),
      planting('l', 'lily', 10),
      planting('o', 'oak', 1),
    ]);
    expect(lines.map((line) => [line.source, unitsWords(line), line.total_minor])).toEqual([
      ['nursery', '11 pots', 5500],
      ['nursery', '1 large pot', 5500],
      ['bulbs', '11 bulbs', 11 * 120],
      ['seed', '2 packets of seed', 700],
      // 10 + 10 at 0.25 m² and the tree's quarter, none over the dill's seed: 5.25 m², 5 cm deep, 262.5 L: 6 bags of 50.
      ['yard', '6 bags', 6 * 600],
    ]);
    expect(billOf(lines)).toEqual({ plants_minor: 13_020, goods_minor: 3600, total_minor: 16_620 });
  });
  it('leaves out what is in the ground, on order or lost', () => {
    expect(list([planting('a', 'aster', 5, { state: 'in-ground' }), planting('b', 'aster', 5, { state: 'on-order' })])).toEqual(
      [],
    );
  });
  it('fills a new pot with mix, but not one in which something grows', () => {
    const inTub = planting('a', 'aster', 2, { site_id: 'tub' });
    // 60 L: two bags of 40.
    expect(list([inTub]).map((line) => unitsWords(line))).toEqual(['2 pots', '2 bags']);
    expect(list([inTub, planting('b', 'dill', 1, { site_id: 'tub', state: 'in-ground' })]).length).toBe(1);
  });
  it('lays no mulch on bare sand, and counts a support for each woody climber and for three of one summer', () => {
    const climbers = [
      plant('vine', { kind: 'vine', price_minor: 1000 }),
      plant('bean', { kind: 'annual', habit: 'climber', price_minor: 300, raising: 'easy' }),
    ];
    const there = almanacFor(libraryOf({ plants: climbers, targets: [], hosts: [] }), GARDEN);
    const rows = [planting('v', 'vine', 2), planting('b', 'bean', 4)];
    const lines = shoppingList(rows, [site('bed', { drainage: 'sharp' })], (id) => there.plants.get(id), {
      prices: { support: 1500 },
      losses: {},
      sizes: {},
      raises: false,
      hosts: new Set(),
      ways: new WayBook([]),
      garden: GARDEN,
    });
    // Two for the vines, two for four beans, at the gardener's price.
    expect(lines.filter((line) => line.kind === 'goods').map((line) => [line.goods, line.units, line.total_minor])).toEqual([
      ['support', 4, 6000],
    ]);
    // Who does not raise them buys the beans as plants.
    expect(lines.flatMap((line) => (line.kind === 'plant' ? [line.size] : [])).sort()).toEqual(['large', 'plug']);
  });
  it('says whom a plant can hurt here', () => {
    const almanacWith = almanacFor(
      {
        ...libraryOf({ plants: PLANTS, targets: [], hosts: [] }),
        cautions: [{ plant: 'lily', hazard: 'pets', severity: 1, note: 'Upsets.' }],
      },
      GARDEN,
    );
    const lines = shoppingList([planting('l', 'lily', 3)], [site('bed')], (id) => almanacWith.plants.get(id), {
      prices: {},
      losses: {},
      sizes: {},
      raises: false,
      hosts: new Set(),
      ways: new WayBook([]),
      garden: { ...GARDEN, cats: true },
    });
    expect(shoppingCsv(lines, 'USD')).toContain('Upsets. Mind the cats.');
  });
  it('asks the nursery for the true species, untreated and nursery-propagated', () => {
    const line = list()[0]!;
    expect(line.kind === 'plant' && line.ask).toEqual(['true-to-name', 'no-systemics-host', 'nursery-raised']);
  });
  it('orders seed that wants cold in autumn', () => {
    const cold = new WayBook([way('aster', ['winter-container'], { chill_days: 60 })]);
    expect(list(undefined, { sizes: { aster: 'seed' }, ways: cold })[0]!.season).toBe('autumn');
    expect(list(undefined, { sizes: { aster: 'seed' } })[0]!.season).toBe('winter');
  });
  it('goes out as CSV', () => {
    const [header, row, mulch] = shoppingCsv(list(), 'USD').trim().split('\n');
    expect(header).toBe('source,when,name,scientific name,for,plants,buy,as,spares,price (USD),total (USD),ask,take care');
    expect(row).toMatch(/^From a nursery,"in spring, after the frosts",aster,Aster,bed,10,11,pot,1,5\.00,55\.00,/);
    expect(mulch).toMatch(/^From the garden centre,.*Leaf or bark mulch,,bed,,3,bag,,6\.00,18\.00,,$/);
  });
});
