import { describe, expect, it } from 'vitest';
import { coverage, verdictOf } from './coverage';
import type { CoverageInput } from './coverage';
import { gardenOf, GARDEN, host, plant, planting, site, target, type World } from '../testing/worked-garden';

/** One butterfly, flying in May, its small herb host, two flowers of its form and one it cannot drink from. */
const world: World = {
  targets: [target('azure')],
  plants: [
    plant('host-herb', { nectar_butterfly: 0 }),
    plant('flower-a', { leaf_g: 0 }),
    plant('flower-b', { leaf_g: 0 }),
    plant('deep-tube', { leaf_g: 0, tube_mm: 25, flower_form: 'tube' }),
  ],
  hosts: [host('azure', 'host-herb')],
};
const full = [planting('1', 'host-herb', 6), planting('2', 'flower-a', 1), planting('3', 'flower-b', 1)];

function needOf(input: CoverageInput, stage: string, name = 'azure') {
  return coverage(input)
    .targets.find((row) => row.target === name)!
    .needs.find((row) => row.need.stage === stage)!;
}

describe('verdicts', () => {
  it.each([
    [1, 'closed'],
    [0.1 + 0.2 + 0.7, 'closed'],
    [0.99, 'thin'],
    [0.4, 'thin'],
    [0.39, 'open'],
  ] as const)('%f is %s', (ratio, verdict) => expect(verdictOf(ratio)).toBe(verdict));
});

describe('host coverage', () => {
  it('a cycle closes with six small hosts, two flowers and their litter', () => {
    const result = coverage(gardenOf(world, full));
    expect(result.closed).toBe(1);
    expect(result.faults).toEqual([]);
  });
  it('each plant of 40 g spares 20 g, two larvae of 10 g', () => {
    const need = needOf(gardenOf(world, full), 'host');
    expect(need.cells.map((cell) => cell.supply)).toEqual([12, 12, 12]);
    expect(need.cells[0]!.contributions).toEqual([{ planting: '1', amount: 12 }]);
  });
  it('five of the six that make a patch leave it thin, though the leaf would do', () => {
    const need = needOf(gardenOf(world, [planting('1', 'host-herb', 5)]), 'host');
    expect(need).toMatchObject({ verdict: 'thin', limit: 'patch' });
    expect(need.patch).toBeCloseTo(5 / 6);
  });
  it('hosts split between two beds are no patch', () => {
    const rows = [planting('1', 'host-herb', 3), planting('2', 'host-herb', 3, { site_id: 'other' })];
    const need = needOf(gardenOf(world, rows, { sites: [site('bed'), site('other')] }), 'host');
    expect(need.patch).toBeCloseTo(0.5);
  });
  it('no host is an open gap in every half-month of its larvae', () => {
    const need = needOf(gardenOf(world, full.slice(1)), 'host');
    expect(need).toMatchObject({ verdict: 'open', ratio: 0, gaps: [8, 9, 10] });
  });
  it('leaf that comes late leaves the early larvae hungry', () => {
    const late = {
      ...world,
      plants: world.plants.map((p) => (p.id === 'host-herb' ? { ...p, foliage_first: 10, bloom_first: 12, bloom_last: 13 } : p)),
    };
    expect(needOf(gardenOf(late, full), 'host').gaps).toEqual([8, 9]);
  });
  it.each([
    ['accepted', 12 * 0.7],
    ['poor', 12 * 0.2],
    ['trap', 0],
  ] as const)('an %s host feeds its share', (rank, larvae) => {
    const ranked = { ...world, hosts: [host('azure', 'host-herb', rank)] };
    expect(needOf(gardenOf(ranked, full), 'host').cells[0]!.supply).toBeCloseTo(larvae);
  });
  it('a trap is a fault, never a supply', () => {
    const trapped = { ...world, hosts: [host('azure', 'host-herb', 'trap')] };
    expect(coverage(gardenOf(trapped, full)).faults).toEqual([{ planting: '1', kind: 'trap', target: 'azure' }]);
  });
  it('a host for shade counts less in part sun and not at all in full sun', () => {
    const shade = { ...world, hosts: [host('azure', 'host-herb', 'primary', 'shade')] };
    const inSun = (sun_h: number) => needOf(gardenOf(shade, full, { sites: [site('bed', { sun_h })] }), 'host').cells[0]!.supply;
    // Six tenths at 4.5 h, a quarter at 6 h, straight between.
    expect(inSun(4.5)).toBeCloseTo(12 * 0.6);
    expect(inSun(5.25)).toBeCloseTo(12 * 0.425);
    expect(inSun(8)).toBe(0);
  });
  it('an unsuitable planting supplies nothing and is a fault', () => {
    const result = coverage(gardenOf(world, full, { sites: [site('bed', { moisture: 5, drainage: 'wet', sun_h: 1 })] }));
    expect(result.faults.map((fault) => fault.kind)).toEqual(['unsuitable', 'unsuitable', 'unsuitable']);
    expect(result.closed).toBe(0);
  });
  it('one in salt a step more than it bears gives six tenths', () => {
    const salted = gardenOf(world, full, { sites: [site('bed', { salt: 'some' })] });
    expect(needOf(salted, 'host').cells[0]!.supply).toBeCloseTo(12 * 0.6);
  });
  it('two species on one host share its leaf', () => {
    const two = {
      ...world,
      targets: [target('azure'), target('brown')],
      hosts: [host('azure', 'host-herb'), host('brown', 'host-herb')],
    };
    expect(needOf(gardenOf(two, full), 'host').ratio).toBeCloseTo(0.6);
    expect(needOf(gardenOf(two, full), 'host', 'brown').ratio).toBeCloseTo(0.6);
  });
  it('one with a host of its own leaves the shared leaf to the other', () => {
    const two: World = {
      targets: [target('azure'), target('brown')],
      plants: [...world.plants, plant('own-herb', { nectar_butterfly: 0 })],
      hosts: [host('azure', 'host-herb'), host('brown', 'host-herb'), host('brown', 'own-herb')],
    };
    const rows = [...full, planting('4', 'own-herb', 6)];
    expect(needOf(gardenOf(two, rows), 'host').cells[0]!.supply).toBeGreaterThanOrEqual(10);
    expect(coverage(gardenOf(two, rows)).closed).toBe(2);
  });
  it('where two kinds of host are wanted, one kind is half', () => {
    const choosy = { ...world, targets: [target('azure', { patch_kinds: 2 })] };
    expect(needOf(gardenOf(choosy, full), 'host')).toMatchObject({ ratio: 0.5, limit: 'kinds' });
  });
});

describe('nectar coverage', () => {
  it('two plants that cover their 0.25 m² one and a half times give 2 × 0.375 m² × 2', () => {
    expect(needOf(gardenOf(world, full), 'nectar').cells[0]!.supply).toBeCloseTo(1.5, 9);
  });
  it('a single kind in any amount is thin: too few kinds', () => {
    const need = needOf(gardenOf(world, [planting('2', 'flower-a', 9)]), 'nectar');
    expect(need).toMatchObject({ verdict: 'thin', ratio: 0.5, limit: 'kinds' });
  });
  it('a tube longer than the tongue gives nothing', () => {
    expect(needOf(gardenOf(world, [planting('4', 'deep-tube', 9)]), 'nectar').cells[0]!.supply).toBe(0);
  });
  it('another form gives half', () => {
    const daisies = { ...world, plants: world.plants.map((p) => ({ ...p, flower_form: 'daisy' as const })) };
    expect(needOf(gardenOf(daisies, full), 'nectar').cells[0]!.supply).toBeCloseTo(0.75, 9);
  });
  it('a kind counts for no more than all that is wanted, however much of it there is', () => {
    const crowd = needOf(gardenOf(world, [planting('2', 'flower-a', 9), planting('3', 'flower-b', 1)]), 'nectar').cells[0]!;
    // Nine of one kind are worth the 1.5 that are wanted, one of the other adds its 0.75.
    expect(crowd.supply).toBeCloseTo(2.25, 9);
    expect(crowd.contributions.map((row) => row.amount)).toEqual([expect.closeTo(1.5, 9), expect.closeTo(0.75, 9)]);
  });
  it('a flower of value 1 adds no more than the better ones give, is no kind, and carries nobody alone', () => {
    const pale = { ...world, plants: world.plants.map((p) => ({ ...p, nectar_butterfly: p.id === 'flower-a' ? 1 : 2 })) };
    const row = needOf(gardenOf(pale, [planting('2', 'flower-a', 4), planting('3', 'flower-b', 1)]), 'nectar');
    expect(row.cells[0]).toMatchObject({ kinds: 1, supply: expect.closeTo(1.5, 9), verdict: 'thin' });
    expect(row.limit).toBe('kinds');
    const both = { ...world, plants: world.plants.map((p) => ({ ...p, nectar_butterfly: 1 })) };
    const plenty = needOf(gardenOf(both, [planting('2', 'flower-a', 4), planting('3', 'flower-b', 4)]), 'nectar');
    expect(plenty.cells[0]).toMatchObject({ kinds: 0, supply: 0, contributions: [] });
    expect(plenty).toMatchObject({ verdict: 'open', limit: 'amount' });
  });
  it('a garden of nectar alone closes no cycle', () => {
    expect(coverage(gardenOf(world, [planting('2', 'flower-a', 20), planting('3', 'flower-b', 20)])).closed).toBe(0);
  });
  it('a spring gap and an autumn gap are named by their half-months', () => {
    const long = { ...world, occurrence: { azure: { first: 6, last: 13 } } };
    expect(needOf(gardenOf(long, full), 'nectar').gaps).toEqual([6, 7, 12, 13]);
  });
  it('hummingbirds divide flowers that butterflies share', () => {
    const bird = (id: string) => target(id, { kind: 'hummingbird', overwinters_in: 'elsewhere', dev_degree_days: null });
    const flowers = [plant('red-a', { nectar_hummingbird: 2 }), plant('red-b', { nectar_hummingbird: 2 })];
    const rows = [planting('1', 'red-a', 1), planting('2', 'red-b', 1)];
    const supply = (targets: World['targets']) =>
      needOf(gardenOf({ targets, plants: flowers, hosts: [] }, rows), 'nectar', 'ruby').cells[0]!.supply;
    expect(supply([bird('ruby')])).toBeCloseTo(1.5, 9);
    expect(supply([bird('ruby'), bird('topaz')])).toBeCloseTo(0.75, 9);
  });
});

describe('shelter coverage', () => {
  const cleared = { ...GARDEN, school_autumn: 'clear' as const };
  it('litter lies under eight herbs at 50 cm: 2 m²', () => {
    expect(needOf(gardenOf(world, full), 'shelter').cells[0]!.supply).toBeCloseTo(2);
  });
  it('clearing the beds leaves a tenth of it', () => {
    const need = needOf(gardenOf(world, full, { garden: cleared }), 'shelter');
    expect(need.cells[0]!.supply).toBeCloseTo(0.2);
    expect(need.verdict).toBe('open');
  });
  it('stems of low herbs hang no chrysalis', () => {
    const stems = { ...world, targets: [target('azure', { overwinters_in: 'stems' })] };
    expect(needOf(gardenOf(stems, full), 'shelter').verdict).toBe('open');
    const tall = { ...stems, plants: world.plants.map((p) => ({ ...p, height_max_cm: 90 })) };
    expect(needOf(gardenOf(tall, full), 'shelter').verdict).toBe('closed');
  });
  it('logs stand for bark', () => {
    const bark = { ...world, targets: [target('azure', { overwinters_in: 'bark' })] };
    expect(needOf(gardenOf(bark, full), 'shelter').verdict).toBe('open');
    const logs = gardenOf(bark, full, { sites: [site('bed', { features: ['logs'] })] });
    expect(needOf(logs, 'shelter')).toMatchObject({ verdict: 'closed', features: [{ feature: 'logs', site: 'bed' }] });
  });
});

describe('special needs', () => {
  it('unmet mud is thin, never open', () => {
    const muddy = { ...world, targets: [target('azure', { special_needs: ['mud'] })] };
    expect(needOf(gardenOf(muddy, full), 'special')).toMatchObject({ verdict: 'thin' });
    expect(needOf(gardenOf(muddy, full, { sites: [site('bed', { features: ['mud'] })] }), 'special').verdict).toBe('closed');
  });
  it('unmet fruit is open for one that drinks nothing else', () => {
    const sap = { ...world, targets: [target('azure', { adult_food: 'sap-fruit', special_needs: ['fruit'] })] };
    expect(needOf(gardenOf(sap, full), 'special').verdict).toBe('open');
  });
  it('alkaloids come from the flowers that hold them, in bloom', () => {
    const wanted = { ...world, targets: [target('azure', { special_needs: ['alkaloid'] })] };
    expect(needOf(gardenOf(wanted, full), 'special').verdict).toBe('thin');
    const given = { ...wanted, plants: world.plants.map((p) => ({ ...p, alkaloid: p.id === 'flower-a' })) };
    expect(needOf(gardenOf(given, full), 'special').verdict).toBe('closed');
  });
});

describe('this year', () => {
  it('counts what is planted, at its age', () => {
    const planted = full.map((row) => ({ ...row, state: 'in-ground' as const, planted_year: 2025 }));
    const supply = (year: number) => needOf(gardenOf(world, planted, { year }), 'host').cells[0]!.supply;
    expect(supply(2025)).toBeCloseTo(12 * 0.3);
    expect(supply(2026)).toBeCloseTo(12 * 0.7);
    expect(supply(2027)).toBeCloseTo(12);
  });
  it('and lets nothing flower before its years', () => {
    const planted = full.map((row) => ({ ...row, state: 'in-ground' as const, planted_year: 2025 }));
    expect(needOf(gardenOf(world, planted, { year: 2026 }), 'nectar').ratio).toBe(0);
    expect(needOf(gardenOf(world, planted, { year: 2027 }), 'nectar').verdict).toBe('closed');
  });
  it('a plan on paper supplies nothing yet', () => {
    expect(coverage(gardenOf(world, full, { year: 2026 })).closed).toBe(0);
  });
});

describe('whom nothing serves', () => {
  it('a moth that never feeds is no visitor: it is asked for its whole life', () => {
    const moth = { ...world, targets: [target('azure', { adult_food: 'none' })] };
    const visits = (rows: Parameters<typeof gardenOf>[1]) => {
      const input = gardenOf(moth, rows);
      return coverage({ ...input, targets: input.targets.map((row) => ({ ...row, ambition: 'visits' as const })) });
    };
    expect(visits([]).closed).toBe(0);
    expect(visits([]).targets[0]!.needs.map(({ need }) => need.stage)).toEqual(['host', 'shelter']);
    expect(visits(full).closed).toBe(1);
  });
  it('one that asks for nothing here does not close', () => {
    const input = gardenOf(
      { ...world, targets: [target('azure', { dev_degree_days: null, adult_food: 'none', overwinters_in: 'elsewhere' })] },
      [],
    );
    expect(coverage(input).targets[0]).toMatchObject({ needs: [], ratio: 0, verdict: 'open' });
  });
});

it('a whip of a cherry, planted this year, is no patch, no perch and no nest yet, and a grown one is', () => {
  const bird = target('ruby', {
    kind: 'hummingbird',
    larva_leaf_g: null,
    dev_degree_days: null,
    overwinters_in: 'elsewhere',
    special_needs: ['perch', 'nest-cover'],
  });
  const cherry: World = {
    plants: [plant('cherry', { kind: 'tree', height_max_cm: 2000, leaf_g: 28_000, years_to_flower: 6 })],
    targets: [target('azure'), bird],
    hosts: [host('azure', 'cherry')],
    occurrence: { ruby: { nest_first: 8, nest_last: 12 } },
  };
  const in_ = (year: number | null) => {
    const rows = [planting('1', 'cherry', 1, { state: 'in-ground', planted_year: 2026 })];
    const found = coverage(gardenOf(cherry, rows, { year }));
    const served = (at: number, stage: string, special: string | null = null) =>
      found.targets[at]!.needs.find(({ need }) => need.stage === stage && need.special === special)!;
    return [served(0, 'host').patch, served(1, 'special', 'perch').verdict, served(1, 'special', 'nest-cover').verdict];
  };
  // A fiftieth of 20 m is 40 cm; a metre makes a patch, two a perch, three a nest.
  expect(in_(2026)).toEqual([expect.closeTo(0.4, 9), 'thin', 'thin']);
  // In its third year a tenth: 2 m.
  expect(in_(2029)).toEqual([1, 'closed', 'thin']);
  expect(in_(null)).toEqual([1, 'closed', 'closed']);
});

it('a host that others crowd one off is still laid on: its kind counts, and the young on a poor host are fed', () => {
  // Brown lays on the good host and is left to the poor one by grey, who has no other.
  const world: World = {
    plants: [plant('good', { leaf_g: 200 }), plant('poor', { leaf_g: 4000 })],
    targets: [target('brown'), target('grey')],
    hosts: [host('brown', 'good'), host('brown', 'poor', 'poor'), host('grey', 'good')],
  };
  const input = gardenOf(world, [planting('g', 'good', 6), planting('p', 'poor', 1)]);
  const served = (at: number) => coverage(input).targets[at]!.needs.find(({ need }) => need.stage === 'host')!;
  for (const at of [0, 1]) expect(served(at).verdict).toBe('closed');
  expect(served(0).cells.every(({ kinds }) => kinds === 1)).toBe(true);
});
