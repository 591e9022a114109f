import { describe, expect, it } from 'vitest';
import { ask, HOST, MAYFLOWERS, ONE } from '../../testing/planner';
import { host, plant, planting, site, target, type World } from '../../testing/worked-garden';
import { coverage } from '../../coverage/coverage';
import { keptCount, roomsOf } from './choices';
import { colourFamily, nativeShare } from './preferences';
import { problemOf } from './problem';
import { dominated, usefulMost } from './reduction';
import { compareWorth, worthOf } from './worth';

describe('the problem', () => {
  it('writes what two targets ask alike once', () => {
    const twins: World = { ...ONE, targets: [target('brown'), target('twin')], hosts: [host('brown', 'host')] };
    const alone = problemOf(ask(ONE));
    const both = problemOf(ask(twins));
    const shared = both.cells.filter((cell) => cell.of.length === 2);
    // Nectar and litter are the same for both; the host is brown's alone, and the twin's own host cells are new.
    expect(shared.length).toBe(alone.cells.filter((cell) => cell.patch === null).length);
  });
  it('asks nothing more of what is kept and enough', () => {
    const kept = [planting('h', 'host', 6), planting('w', 'white', 3), planting('b', 'blue', 3)].map((row) => ({
      ...row,
      locked: true,
    }));
    const problem = problemOf(ask(ONE, {}, { plantings: kept }));
    expect(problem.cells).toEqual([]);
    expect(problem.goals).toEqual([{ target: 'brown', priority: 1, given: 1, cells: [], leaf: { cells: [], given: 1 } }]);
  });
  it('counts what is kept as it is timed: a cut that fills July leaves nothing to ask, a cut of all leaves June to ask', () => {
    // The brown flies from May to July; the phlox alone is over in June.
    const world: World = {
      targets: [target('brown')],
      plants: [plant('phlox', { rebloom_days: 15, leaf_g: 0 }), plant('daisy', { bloom_last: 13, leaf_g: 0 })],
      hosts: [],
      occurrence: { brown: { first: 8, last: 13 } },
    };
    const asked = (cut: { on: string; count: number } | null) => {
      const kept = [planting('p', 'phlox', 4, { locked: true, cut }), planting('d', 'daisy', 4, { locked: true })];
      return problemOf(ask(world, {}, { plantings: kept })).cells.filter((cell) => cell.amount?.demand === 1.5).length;
    };
    // Half-months that ask alike are one cell: both of July, or late June.
    expect(asked(null)).toBe(1);
    expect(asked({ on: '06-16', count: 2 })).toBe(0);
    expect(asked({ on: '06-16', count: 4 })).toBe(1);
  });
  it('proposes neither what is refused, nor unrecorded, nor unsuitable', () => {
    const world: World = {
      ...ONE,
      plants: [...ONE.plants, plant('bog', { moisture_min: 5, moisture_max: 5 }), plant('weed'), plant('stranger')],
      status: [...ONE.plants.map((row) => row.id), 'bog']
        .map((id) => ({ plant: id, place: 'flatland', status: 'native' as const, as_of: 2020, note: '' }))
        .concat([{ plant: 'weed', place: 'flatland', status: 'invasive' as never, as_of: 2020, note: '' }]),
    };
    const plants = new Set(problemOf(ask(world)).choices.plants.map((row) => row.here.plant.id));
    expect([...plants].sort()).toEqual(['blue', 'host', 'red', 'white']);
  });
});

it('kept plants are counted by their kind', () => {
  const kept = [planting('1', 'white', 2), planting('2', 'red', 5), planting('3', 'white', 1, { site_id: 'elsewhere' })];
  expect(keptCount(kept, 'white')).toBe(3);
});

describe('the room of a bed', () => {
  it('is less what is kept takes, on the ground and in the crowns of its trees', () => {
    // Trees four metres apart have 16 m² each; a trunk keeps a square metre of the ground, a herb 0.25.
    const tree = plant('tree', { kind: 'tree', height_max_cm: 900, spread_cm: 400, spacing_cm: 400 });
    const question = ask({ ...ONE, plants: [...ONE.plants, tree] });
    const kept = [planting('t', 'tree', 2), planting('w', 'white', 4), planting('far', 'tree', 5, { site_id: 'elsewhere' })];
    const [bed] = roomsOf(question, kept);
    expect(bed!.left).toBeCloseTo(40 - 2 - 1, 9);
    expect(bed!.crowns).toBeCloseTo(40 - 2 * 16, 9);
  });
});

describe('what no best plan needs', () => {
  it('is left out: a flower that others outdo, where as many do as kinds are wanted', () => {
    const worse = plant('worse', { bloom_first: 8, bloom_last: 9, leaf_g: 0, spread_cm: 80, price_minor: 600 });
    const problem = problemOf(ask({ ...ONE, plants: [...ONE.plants, worse] }));
    const left = problem.choices.plants.filter((_, i) => !dominated(problem)[i]).map((row) => row.here.plant.id);
    // Of the three alike one can go too: two kinds are wanted.
    expect(left).toContain('host');
    expect(left).not.toContain('worse');
    expect(left.length).toBe(3);
  });
  it('is not left out where on one of its sites it does better than those that outdo it elsewhere', () => {
    // Two cheap flowers that want six hours of sun: a bed of five is workable, and they give six tenths there.
    const cheap = (id: string) => plant(id, { bloom_first: 8, bloom_last: 9, leaf_g: 0, price_minor: 100, sun_min_h: 6 });
    const world: World = { ...ONE, plants: [HOST, cheap('one'), cheap('two'), MAYFLOWERS[0]!] };
    const kept = (...sites: ReturnType<typeof site>[]) => {
      const problem = problemOf(ask(world, {}, { sites }));
      return problem.choices.plants.filter((_, i) => !dominated(problem)[i]).map((row) => `${row.here.plant.id} ${row.site.id}`);
    };
    expect(kept(site('sunny'))).not.toContain('white sunny');
    expect(kept(site('sunny'), site('half', { sun_h: 5 }))).toContain('white half');
  });
  it('no more of a kind than fills what it serves', () => {
    const problem = problemOf(ask(ONE));
    const most = Object.fromEntries(problem.choices.plants.map(({ here }, i) => [here.plant.id, usefulMost(problem)[i]]));
    // Litter: 1 m² at 0.25 m² a plant is four; the patch is six.
    expect(most).toMatchObject({ host: 6, red: 4 });
  });
});

describe('worth', () => {
  it('a higher priority outweighs all below it', () => {
    // One of the first priority closed is worth more than all nine of the lower ones.
    expect(compareWorth([1.5, 0, 0], [0.4, 6, 7.5])).toBeGreaterThan(0);
    expect(compareWorth([1, 2], [1, 3])).toBeLessThan(0);
    expect(compareWorth([1, 2], [1 + 1e-9, 2])).toBe(0);
    // A hundredth of a life cycle is no difference, a tenth is.
    expect(compareWorth([1, 2.01], [1, 2.04])).toBe(0);
    expect(compareWorth([1, 2.1], [1, 2])).toBeGreaterThan(0);
  });
  it('counts those with leaf, then a closed cycle one and all its needs a half, at each priority in use', () => {
    const half = ask(ONE, {}, { plantings: [planting('h', 'host', 6)] });
    const input = { ...half, year: null };
    // Needs of May in two half-months each of host and nectar, and litter in the rest of the year: only nectar is unmet.
    const covered = coverage(input);
    const cells = covered.targets[0]!.needs.flatMap((row) => row.cells.map((cell) => ({ stage: row.need.stage, cell })));
    const met = cells.filter(({ stage }) => stage !== 'nectar').length / cells.length;
    expect(worthOf(covered, half.targets)).toEqual([1, 0.5 * met]);
  });
});

it.each([
  ['#ffffff', 'white'],
  ['#ece8e4', 'white'],
  ['#e6c53c', 'yellow'],
  ['#d9772a', 'orange'],
  ['#c21f26', 'red'],
  ['#dd93ab', 'pink'],
  ['#8a56a3', 'purple'],
  ['#5a77b8', 'blue'],
  ['#83a05a', 'green'],
])('%s is %s', (hex, family) => {
  expect(colourFamily(hex)).toBe(family);
});

it('the native share is of the ground', () => {
  const { almanac, sites } = ask({
    ...ONE,
    status: [{ plant: 'host', place: 'flatland', status: 'native', as_of: 2020, note: '' }],
  });
  const row = (id: string, count: number) => ({ here: almanac.plants.get(id)!, site: sites[0]!, count });
  expect(nativeShare([row(HOST.id, 3), row('red', 1)])).toBeCloseTo(0.75, 9);
  expect(nativeShare([])).toBe(1);
});
