import { describe, expect, it } from 'vitest';
import { coverage } from '../coverage/coverage';
import type { Thing } from '../model/yard';
import { host, libraryOf, plant, planting, recordsIn, target, type World } from '../testing/worked-garden';
import { gardenHere } from './here';

/** A tree at a point, with a crown of so many metres in radius. */
const tree = (id: string, plantId: string | null, crown_m: number, [x, y]: [number, number] = [10, 0]): Thing =>
  ({
    id,
    revision: 0,
    kind: 'tree',
    name: id,
    points: [[x, y]],
    traits: {
      plant: plantId,
      height_m: 9,
      crown_m,
      clear_m: 2,
      leaf: 'deciduous',
      leaf_out: 8,
      leaf_fall: 20,
      lets_through: 0.1,
      grows_m: 0.3,
      grown_m: 12,
    },
  }) as Thing;
const WORLD: World = {
  plants: [
    plant('aspen', { kind: 'tree', height_max_cm: 1500, spread_cm: 800, leaf_g: 20_000, nectar_butterfly: 0 }),
    plant('violet', { height_max_cm: 15, leaf_g: 40, spread_cm: 20, spacing_cm: 20 }),
    plant('tall', { height_max_cm: 90 }),
  ],
  targets: [target('tiger', { overwinters_in: 'litter' })],
  hosts: [host('tiger', 'aspen'), host('tiger', 'violet')],
};
const garden = (things: Thing[], over: Parameters<typeof recordsIn>[2] = {}, rows = [] as ReturnType<typeof planting>[]) =>
  gardenHere(recordsIn(WORLD, rows, { things, ...over }), libraryOf(WORLD));
const host_ = (here: ReturnType<typeof garden>) => here.covered.targets[0]!.needs.find(({ need }) => need.stage === 'host')!;

describe('what stands in the yard', () => {
  it('two quaking aspens are hosts of a tiger swallowtail, whatever stands in the beds', () => {
    const found = host_(garden([tree('one', 'aspen', 4), tree('two', 'aspen', 4)]));
    expect(found.verdict).toBe('closed');
    // 20 kg on a crown of 4 m radius, as large as a grown one: half of it at 10 g a larva, twice.
    expect(found.cells[0]!.supply).toBeCloseTo(2000, 6);
    expect(found.cells[0]!.contributions.map((row) => row.planting)).toEqual(['one', 'two']);
  });
  it('counts as large as its crown is drawn', () => {
    // Half the radius is a quarter of the crown.
    expect(host_(garden([tree('one', 'aspen', 2)])).cells[0]!.supply).toBeCloseTo(250, 6);
    expect(host_(garden([tree('one', 'aspen', 9)])).cells[0]!.supply).toBeCloseTo(1000, 6);
  });
  it('gives litter as far as its crown reaches', () => {
    const shelter = garden([tree('one', 'aspen', 2)]).covered.targets[0]!.needs.find(({ need }) => need.stage === 'shelter')!;
    expect(shelter.cells[0]!.supply).toBeCloseTo(16 * Math.PI * 0.25, 6);
  });
  it('is nothing without a species, and one that is entered in a bed as what stays is counted once', () => {
    expect(garden([tree('one', null, 4)]).around).toEqual([]);
    const stays = planting('entered', 'aspen', 1, { stays: true, state: 'in-ground', planted_year: 1990 });
    expect(garden([tree('one', 'aspen', 4)], {}, [stays]).around).toEqual([]);
    expect(garden([tree('one', 'aspen', 4), tree('two', 'aspen', 4)], {}, [stays]).around.map(({ id }) => id)).toEqual(['two']);
  });
  it('that is listed as a pest here serves nobody', () => {
    const listed = {
      ...WORLD,
      status: [{ plant: 'aspen', place: 'flatland', status: 'invasive', as_of: 2020, note: '' } as const],
    };
    const here = gardenHere(recordsIn(listed, [], { things: [tree('one', 'aspen', 4)] }), libraryOf(listed));
    expect(host_(here).cells[0]!.supply).toBe(0);
  });
});

describe('what grows on ground that is not planted', () => {
  const on = (ground: 'planted' | 'lawn' | 'meadow') => {
    const records = recordsIn(WORLD, [planting('v', 'violet', 20), planting('t', 'tall', 4)]);
    const sites = records.sites.map((site) => ({ ...site, ground }));
    return gardenHere({ ...records, sites }, libraryOf(WORLD));
  };
  it('violets in a lawn feed half of what they would in a bed, under the mower', () => {
    expect(host_(on('planted')).cells[0]!.supply).toBeCloseTo(40, 6);
    expect(host_(on('meadow')).cells[0]!.supply).toBeCloseTo(40, 6);
    expect(host_(on('lawn')).cells[0]!.supply).toBeCloseTo(20, 6);
  });
  it('a tall herb is a tenth of itself in a lawn', () => {
    const nectar = (here: ReturnType<typeof on>) =>
      here.covered.targets[0]!.needs.find(({ need }) => need.stage === 'nectar')!.cells[0]!.contributions.find(
        (row) => row.planting === 't',
      )!.amount;
    // Four at 0.375 m² × 2 are all that is wanted; a tenth of each in a lawn.
    expect(nectar(on('planted'))).toBeCloseTo(1.5, 9);
    expect(nectar(on('lawn'))).toBeCloseTo(0.3, 9);
  });
  it('is no place to plant: nothing is offered or proposed there', async () => {
    const { offersFor } = await import('../coverage/offers/offers');
    const lawn = on('lawn').with({ plantings: [] });
    const open = coverage(lawn.input).targets[0]!.needs.find(({ need }) => need.stage === 'host')!;
    expect(offersFor(lawn.input, 'tiger', open).offers).toEqual([]);
    const bed = on('planted').with({ plantings: [] });
    expect(offersFor(bed.input, 'tiger', open).offers.length).toBeGreaterThan(0);
  });
});
