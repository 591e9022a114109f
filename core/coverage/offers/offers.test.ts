import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { coverage, type CoverageInput } from '../coverage';
import { withChange } from './change';
import { offersFor } from './offers';
import { AZURE, AZURE_FLOWERS, needIn } from '../../testing/offers';
import { gardenOf, GARDEN, plant, planting, site, target, type World } from '../../testing/worked-garden';

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
