import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { coverage, type CoverageInput } from '../coverage';
import { withChange } from './change';
import { offersFor } from './offers';
import { AZURE, AZURE_FLOWERS, needIn } from '../../testing/offers';
import { gardenOf, GARDEN, host, plant, planting, site, target, type World } from '../../testing/worked-garden';
import type { Planting } from '../../model/garden';
import type { Caution, Plant } from '../../model/reference';

describe('offers', () => {
  it('six hosts close what no host leaves open', () => {
    const input = gardenOf(AZURE, AZURE_FLOWERS);
    const { offers, nearMisses } = offersFor(input, 'azure', needIn(input, 'host'));
    expect(offers[0]).toMatchObject({
      closes: true,
      before: 0,
      change: { kind: 'plant', plant: 'host-herb', site_id: 'bed', count: 6 },
    });
    expect(nearMisses).toMatchObject([
      { plant: 'bog-herb', site: 'bed', why: { kind: 'unfit', reasons: [{ dimension: 'moisture', margin: -2 }] } },
    ]);
  });
  it('an existing stand is added to, not doubled', () => {
    const input = gardenOf(AZURE, [...AZURE_FLOWERS, planting('1', 'host-herb', 2)]);
    expect(offersFor(input, 'azure', needIn(input, 'host')).offers[0]!.change).toMatchObject({
      plant: 'host-herb',
      count: 4,
    });
  });
  it('a full bed is a near miss that says how much is wanted and left', () => {
    const input = gardenOf(AZURE, AZURE_FLOWERS, { sites: [site('bed', { area_m2: 1 })] });
    const { offers, nearMisses } = offersFor(input, 'azure', needIn(input, 'host'));
    expect(offers).toEqual([]);
    // Two AZURE_FLOWERS at 0.25 m² leave half of a square metre; six hosts want 1.5.
    expect(nearMisses[0]!.why).toEqual({ kind: 'no-room', count: 6, wanted_m2: 1.5, left_m2: 0.5 });
  });
  it('what misses by least is named first, and of rooms the one that wants least', () => {
    const wet = (id: string, moisture: number) =>
      plant(id, { nectar_butterfly: 0, moisture_min: moisture, moisture_max: 5, drainage: 'wet' });
    const world: World = {
      ...AZURE,
      plants: [
        plant('wide', { nectar_butterfly: 0, spacing_cm: 100 }),
        plant('narrow', { nectar_butterfly: 0, spacing_cm: 60 }),
        wet('bog', 5),
        wet('fen', 4),
        ...AZURE.plants.filter((row) => row.id.startsWith('flower')),
      ],
      hosts: ['bog', 'wide', 'fen', 'narrow'].map((id) => host('azure', id)),
    };
    // Two flowers at 0.25 m² leave half of a square metre; six of the narrow want 2.16 m², four times
    // that; six of the wide twelve times, which is further than a basin for the fen.
    const input = gardenOf(world, AZURE_FLOWERS, { sites: [site('bed', { area_m2: 1 })] });
    const { nearMisses } = offersFor(input, 'azure', needIn(input, 'host'));
    expect(nearMisses.map((miss) => miss.plant)).toEqual(['narrow', 'fen', 'bog', 'wide']);
    expect(nearMisses[0]!.why).toMatchObject({ kind: 'no-room', count: 6, left_m2: 0.5 });
  });
  it('natives come first among equals', () => {
    const world: World = {
      ...AZURE,
      plants: [plant('stranger', { nectar_butterfly: 0 }), ...AZURE.plants],
      hosts: ['stranger', 'host-herb'].map((id) => host('azure', id)),
      status: ['stranger', 'host-herb', 'flower-a', 'flower-b'].map((id) => ({
        plant: id,
        place: 'flatland',
        status: id === 'stranger' ? 'introduced' : 'native',
        as_of: 2020,
        note: '',
      })),
    };
    const input = gardenOf(world, AZURE_FLOWERS);
    const { offers } = offersFor(input, 'azure', needIn(input, 'host'));
    expect(offers.map((row) => [(row.change as { plant: string }).plant, row.native])).toEqual([
      ['host-herb', true],
      ['stranger', false],
    ]);
  });
  it('a refused plant is never offered', () => {
    const listed = {
      ...AZURE,
      status: [{ plant: 'host-herb', place: 'flatland', status: 'invasive', as_of: 2020, note: '' } as const],
    };
    const input = gardenOf(listed, AZURE_FLOWERS);
    const { offers, nearMisses } = offersFor(input, 'azure', needIn(input, 'host'));
    expect(offers).toEqual([]);
    expect(nearMisses.map((miss) => miss.plant)).toContain('host-herb');
  });
  it('shelter lost to the autumn broom is offered the other school', () => {
    const input = gardenOf(AZURE, [...AZURE_FLOWERS, planting('1', 'host-herb', 6)], {
      garden: { ...GARDEN, school_autumn: 'clear' },
    });
    const { offers } = offersFor(input, 'azure', needIn(input, 'shelter'));
    expect(offers[0]).toMatchObject({ change: { kind: 'autumn', school: 'leave' }, closes: true });
  });
  it('mud is offered as a place, on each bed', () => {
    const input = gardenOf({ ...AZURE, targets: [target('azure', { special_needs: ['mud'] })] }, AZURE_FLOWERS);
    expect(offersFor(input, 'azure', needIn(input, 'special')).offers[0]!.change).toEqual({
      kind: 'feature',
      feature: 'mud',
      site_id: 'bed',
    });
  });
  it('a closed need has no offers', () => {
    const input = gardenOf(AZURE, AZURE_FLOWERS);
    expect(offersFor(input, 'azure', needIn(input, 'nectar'))).toEqual({ offers: [], nearMisses: [] });
  });
  it('never promise what coverage does not keep', () => {
    const counts = fc.record({
      hosts: fc.integer({ min: 1, max: 8 }),
      a: fc.integer({ min: 1, max: 2 }),
      area: fc.integer({ min: 1, max: 40 }),
    });
    fc.assert(
      fc.property(counts, ({ hosts, a, area }) => {
        const rows = [planting('1', 'host-herb', hosts), planting('2', 'flower-a', a)];
        const input = gardenOf(AZURE, rows, { sites: [site('bed', { area_m2: area })] });
        for (const need of coverage(input).targets[0]!.needs) {
          for (const offer of offersFor(input, 'azure', need).offers) {
            const after = needIn(withChange(input, offer.change), need.need.stage);
            expect(after.ratio).toBeCloseTo(offer.after);
            expect(offer.closes).toBe(after.verdict === 'closed');
          }
        }
      }),
      { numRuns: 40 },
    );
  });
});

describe('offers keep to what a plan keeps to', () => {
  const offered = (input: CoverageInput) =>
    offersFor(input, 'azure', needIn(input, 'host')).offers.map(({ change, drawbacks }) => [
      (change as { plant: string }).plant,
      drawbacks,
    ]);
  const withHosts = (...plants: [string, Partial<Plant>][]): World => ({
    ...AZURE,
    plants: [
      ...AZURE.plants.filter((row) => row.id.startsWith('flower')),
      ...plants.map(([id, over]) => plant(id, { nectar_butterfly: 0, ...over })),
    ],
    hosts: plants.map(([id]) => host('azure', id)),
  });
  const both = withHosts(['plain', {}], ['thistle', { manners: 'prickly' }]);
  it('a kind with a drawback is left out where another closes the need', () => {
    expect(offered(gardenOf(both, AZURE_FLOWERS))).toEqual([['plain', []]]);
  });
  it('where nothing else does, it is offered with what speaks against it', () => {
    const alone = withHosts(['thistle', { manners: 'prickly' }]);
    expect(offered(gardenOf(alone, AZURE_FLOWERS))).toEqual([['thistle', ['prickly']]]);
  });
  it('where none closes the need alone, those that nothing speaks against come first, the fewest gaps of them first', () => {
    // Two fifths of 1.6 m² are two plants of a kind; a patch of small herbs is six.
    const input = gardenOf(withHosts(['thistle', { manners: 'prickly', leaf_g: 200 }], ['plain', {}]), [], {
      sites: [site('bed', { area_m2: 1.6 })],
    });
    const { offers } = offersFor(input, 'azure', needIn(input, 'host'));
    expect(offers.map((row) => row.closes)).toEqual([false, false]);
    expect(offered(input).map(([id]) => id)).toEqual(['plain', 'thistle']);
  });
  it('what is sold as seed only is no drawback to who sows', () => {
    const seed = withHosts(['seeded', { trade: 'seed-only' }]);
    const money = { currency: 'USD', prices: {}, sizes: {}, raises: true };
    expect(offered(gardenOf(seed, AZURE_FLOWERS))).toEqual([['seeded', ['seed-only']]]);
    expect(offered(gardenOf(seed, AZURE_FLOWERS, { garden: { ...GARDEN, money } }))).toEqual([['seeded', []]]);
  });
  it('a danger to a child is no offer, but a near miss that says whom it endangers; allowed by name, it is one', () => {
    const cautions: Caution[] = [{ plant: 'host-herb', hazard: 'people', severity: 2, note: 'Poisonous.' }];
    const at = (over: Partial<typeof GARDEN>) =>
      gardenOf({ ...AZURE, cautions }, AZURE_FLOWERS, { garden: { ...GARDEN, ...over } });
    expect(offered(at({}))).toEqual([['host-herb', []]]);
    expect(offered(at({ children: true, allowed: ['host-herb'] }))).toEqual([['host-herb', []]]);
    const input = at({ children: true });
    expect(offered(input)).toEqual([]);
    const miss = offersFor(input, 'azure', needIn(input, 'host')).nearMisses.find((row) => row.plant === 'host-herb');
    expect(miss!.why).toMatchObject({ kind: 'danger', gates: [{ risks: ['children'] }] });
  });
  it('no more of a kind than two fifths of the bed, what stands there counted', () => {
    // Of 3 m² two fifths are 1.2 m²: four plants at 0.25 m². Six are wanted.
    const small = { sites: [site('bed', { area_m2: 3 })] };
    const input = gardenOf(AZURE, AZURE_FLOWERS, small);
    expect(offersFor(input, 'azure', needIn(input, 'host')).offers[0]).toMatchObject({ change: { count: 4 }, closes: false });
    const full = gardenOf(AZURE, [...AZURE_FLOWERS, planting('1', 'host-herb', 4)], small);
    const { offers, nearMisses } = offersFor(full, 'azure', needIn(full, 'host'));
    expect(offers).toEqual([]);
    expect(nearMisses.find((row) => row.plant === 'host-herb')!.why).toEqual({ kind: 'one-kind', most: 4 });
  });
  describe('in a pot', () => {
    // At 240 cm² a plant 500 cm² hold two.
    const pot = { sites: [site('bed', { kind: 'container', area_m2: 0.05, volume_l: 60 })] };
    const potted = withHosts(
      ['low', { container: 'good', spacing_cm: 10, leaf_g: 1000 }],
      ['tall', { container: 'good', container_role: 'upright', spacing_cm: 10, leaf_g: 1000 }],
    );
    const inPot = (rows: Planting[]) => {
      const input = gardenOf(
        { ...potted, plants: potted.plants.map((row) => ({ ...row, container: 'good' as const })) },
        rows,
        pot,
      );
      const { nearMisses } = offersFor(input, 'azure', needIn(input, 'host'));
      return { offered: offered(input).map(([id]) => id), why: new Map(nearMisses.map(({ plant, why }) => [plant, why])) };
    };
    it('no more than it holds', () => {
      const { offered, why } = inPot([planting('1', 'flower-a', 1), planting('2', 'flower-b', 1)]);
      expect(offered).toEqual([]);
      expect(why.get('low')).toEqual({ kind: 'pot-full', upright: false });
    });
    it('one tall one in the middle', () => {
      const asTall = {
        ...potted,
        plants: potted.plants.map((row) => ({
          ...row,
          container: 'good' as const,
          spacing_cm: 10,
          container_role: row.id === 'flower-a' || row.id === 'tall' ? ('upright' as const) : null,
        })),
      };
      const input = gardenOf(asTall, [planting('1', 'flower-a', 1)], pot);
      expect(offered(input).map(([id]) => id)).toEqual(['low']);
      const miss = offersFor(input, 'azure', needIn(input, 'host')).nearMisses.find((row) => row.plant === 'tall');
      expect(miss!.why).toEqual({ kind: 'pot-full', upright: true });
    });
  });
});

describe('every remedy that coverage accepts is offered', () => {
  const planted = (change: unknown) => (change as { plant?: string }).plant;
  it('tall herbs for stems to winter in', () => {
    const stems: World = {
      targets: [target('azure', { overwinters_in: 'stems' })],
      plants: [plant('tall', { height_max_cm: 120 }), plant('low', { height_max_cm: 20 })],
      hosts: [],
    };
    const input = gardenOf(stems, []);
    const { offers } = offersFor(input, 'azure', needIn(input, 'shelter'));
    // A square metre at 0.25 m² a plant.
    expect(offers.map(({ change, closes }) => [planted(change), closes])).toEqual([['tall', true]]);
    expect(offers[0]!.change).toMatchObject({ count: 4 });
  });
  it('shrubs for bark, beside a pile of logs', () => {
    const bark: World = {
      targets: [target('azure', { overwinters_in: 'bark' })],
      plants: [plant('bush', { kind: 'shrub', spacing_cm: 100 }), plant('herb')],
      hosts: [],
    };
    const input = gardenOf(bark, []);
    const { offers } = offersFor(input, 'azure', needIn(input, 'shelter'));
    expect(offers.map(({ change }) => (change.kind === 'feature' ? change.feature : planted(change)))).toEqual(['logs', 'bush']);
  });
  const bird = target('ruby', {
    kind: 'hummingbird',
    larva_leaf_g: null,
    dev_base_c: null,
    overwinters_in: 'elsewhere',
    overwinters_as: 'none-migrates',
    special_needs: ['perch', 'insects'],
  });
  const special = (input: CoverageInput, of: string) => coverage(input).targets[0]!.needs.find((row) => row.need.special === of)!;
  it('a tall shrub to perch on', () => {
    const shrub = plant('shrub', { kind: 'shrub', height_max_cm: 250, spacing_cm: 100 });
    const input = gardenOf({ targets: [bird], plants: [shrub, plant('herb')], hosts: [] }, []);
    const { offers } = offersFor(input, 'ruby', special(input, 'perch'));
    expect(offers.map(({ change }) => (change.kind === 'feature' ? change.feature : planted(change)))).toEqual([
      'perch',
      'shrub',
    ]);
    expect(offers.every((offer) => offer.closes)).toBe(true);
  });
  it('native leaf for small insects, and none of a stranger', () => {
    // Four kilos are wanted: two natives of two kilos do.
    const bushes: World = {
      targets: [bird],
      plants: [plant('native', { leaf_g: 2000 }), plant('foreign', { leaf_g: 2000 })],
      hosts: [],
      status: ['native', 'foreign'].map((id) => ({
        plant: id,
        place: 'flatland',
        status: id === 'foreign' ? 'introduced' : 'native',
        as_of: 2020,
        note: '',
      })),
    };
    const input = gardenOf(bushes, []);
    expect(special(input, 'insects').verdict).toBe('thin');
    const { offers } = offersFor(input, 'ruby', special(input, 'insects'));
    expect(offers.map(({ change, closes }) => [planted(change), closes])).toEqual([['native', true]]);
    expect(offers[0]!.change).toMatchObject({ count: 2 });
  });
});
