import { describe, expect, it } from 'vitest';
import type { GardenFields } from '../model/garden';
import { host, libraryOf, plant, planting, recordsIn, site, target, type World } from '../testing/worked-garden';
import { gardenHere } from './here';

const world: World = {
  plants: [
    plant('elm', {
      kind: 'tree',
      height_min_cm: 800,
      height_max_cm: 1200,
      spread_cm: 1000,
      leaf_g: 50_000,
      bloom_first: null,
      bloom_last: null,
    }),
  ],
  targets: [target('comma')],
  hosts: [host('comma', 'elm')],
};
const gardenWith = (nearby: GardenFields['nearby'], stays = 0) => {
  const plantings = stays > 0 ? [planting('old', 'elm', stays, { stays: true, state: 'in-ground', planted_year: 1980 })] : [];
  const records = recordsIn(world, plantings, { sites: [site('bed')] });
  return gardenHere({ ...records, garden: { ...records.garden, nearby } }, libraryOf(world));
};
const larvae = (nearby: GardenFields['nearby']) =>
  gardenWith(nearby).covered.targets[0]!.needs.find((row) => row.need.stage === 'host')!.verdict;

describe('trees that stand about and are not drawn', () => {
  it('feed as hosts; nobody asked, or none there, feeds nobody', () => {
    expect(larvae(null)).toBe('open');
    expect(larvae([])).toBe('open');
    expect(larvae([{ plant: 'elm', count: 1, size: 'grown' }])).toBe('closed');
  });
  it('count by their size, each for itself', () => {
    const { around } = gardenWith([{ plant: 'elm', count: 2, size: 'young' }]);
    expect(around.map((row) => row.size)).toEqual([0.1, 0.1]);
    // A crown of 78.5 m² grown, a tenth of it young.
    expect(around[0]!.site.area_m2).toBeCloseTo(7.854, 3);
  });
  it('are not counted again where they are entered in a bed as staying', () => {
    expect(gardenWith([{ plant: 'elm', count: 2, size: 'grown' }], 1).around).toHaveLength(1);
    expect(gardenWith([{ plant: 'elm', count: 2, size: 'grown' }], 2).around).toHaveLength(0);
  });
  it('of a kind the library no longer has count nothing', () => {
    expect(gardenWith([{ plant: 'gone', count: 1, size: 'grown' }]).around).toEqual([]);
  });
});

describe('what is planned, in the years ahead', () => {
  const records = recordsIn(world, [planting('p', 'elm', 1)], { sites: [site('bed')] });
  const grown = (year: number, plantsIn: number | null) =>
    gardenHere(records, libraryOf(world), { year, plantsIn }).input.plantings.map((row) => row.planted_year);
  it('is planted in the next planting season, and without one in no year', () => {
    expect(grown(2027, 2027)).toEqual([2027]);
    expect(grown(2030, 2027)).toEqual([2027]);
    expect(grown(2030, null)).toEqual([null]);
    // As grown, nothing is said of years.
    expect(gardenHere(records, libraryOf(world), { plantsIn: 2027 }).input.plantings[0]!.planted_year).toBeNull();
  });
});
