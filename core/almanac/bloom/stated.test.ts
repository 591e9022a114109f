import { describe, expect, it } from 'vitest';
import { almanacFor } from '../almanac';
import type { ClimateNormal, Library } from '../../model/reference';
import { GARDEN, libraryOf, plant } from '../../testing/worked-garden';

/**
 * Three regions beside the worked one, whose days are warmer or cooler throughout: above the base of 5 °C the worked one
 * gathers 10 degree-days a day, the others 20, 8 and 5.
 */
const MEANS = { flatland: 15, south: 25, hills: 13, north: 10 } as const;
const base = libraryOf({
  plants: [plant('phlox', { bloom_ref: 'south', bloom_first: 4, bloom_last: 5 })],
  targets: [],
  hosts: [],
});
const library = (blooms: Library['blooms']): Library => ({
  ...base,
  regions: Object.keys(MEANS).map((id) => ({ ...base.regions[0]!, id })),
  normals: Object.entries(MEANS).flatMap(([region, mean]) =>
    base.normals.map((row): ClimateNormal => ({ ...row, region, tmin_c: mean - 5, tmax_c: mean + 5 })),
  ),
  blooms,
});
const row = (region: string, first: string, last: string) =>
  ({ plant: 'phlox', region, first, last, years: null, confidence: 'medium' }) as const;
const stepsWith = (...blooms: Library['blooms']) => almanacFor(library(blooms), GARDEN).plants.get('phlox')!.bloomSteps!;

describe('several statements of one bloom', () => {
  it('the garden’s own region counts alone, to the day', () => {
    const { from, moved } = stepsWith(row('flatland', '04-20', '05-30'), row('hills', '05-10', '06-20'));
    expect(from.map(({ region, weight }) => [region, weight])).toEqual([['flatland', 1]]);
    expect(moved).toEqual({ from: 110, to: 150 });
  });
  it('a row for the region of the plant’s own row stands in its place', () => {
    const { from } = stepsWith(row('south', '03-10', '03-20'));
    expect(from).toHaveLength(1);
    expect(from[0]!.stated).toEqual({ from: 69, to: 79 });
  });
  it('moved from one place the same heat opens it, less of the difference the later in the year', () => {
    // 1 March is day 60: sixty days of twenty are 1,200 degree-days, gathered with ten a day by day 120.
    const { from, moved } = stepsWith();
    expect(from[0]!.region).toBe('south');
    expect(moved.from).toBe(120);
    expect(moved.to - moved.from).toBe(90 - 60);
  });
  it('else the two nearest in climate are blended, the nearer far more', () => {
    const { from, moved } = stepsWith(row('hills', '05-10', '06-20'), row('north', '06-10', '07-20'));
    expect(from.map(({ region }) => region)).toEqual(['hills', 'north']);
    // By day 110 and 182 the hills lag 22 and 36.4 days, the north 55 and 91: 146² of 146² + 58.4².
    expect(from[0]!.weight).toBeCloseTo(0.862, 3);
    expect(from[0]!.weight + from[1]!.weight).toBeCloseTo(1);
    const [near, far] = from.map((statement) => statement.moved.from) as [number, number];
    expect(moved.from).toBe(Math.round(from[0]!.weight * near + from[1]!.weight * far));
  });
  it('over the new year the two are blended on the same side of it', () => {
    const { from, moved } = stepsWith(row('hills', '12-20', '01-20'), row('north', '01-10', '02-10'));
    expect(from).toHaveLength(2);
    const days = moved.from > 182 ? moved.from - 365 : moved.from;
    expect(Math.abs(days)).toBeLessThan(25);
  });
});
