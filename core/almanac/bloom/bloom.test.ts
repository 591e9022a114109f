import { describe, expect, it } from 'vitest';
import { foliageWindow, windowShares } from './bloom';
import { bloomRidge } from '../../season/ridge';
import { bloomWindow, gardenOf, plant, planting } from '../../testing/worked-garden';

const reference = { lat: 40, lon: -75, elevation_m: 0 };
const frosts = { last_frost: '04-20', first_frost: '10-25' };

describe('bloom in this garden', () => {
  it('keeps its window where the reference stands', () => {
    // Early May to late June: days 121 to 181.
    expect(bloomWindow(plant('x'), reference, reference, frosts)).toEqual({ from: 121, to: 181 });
  });
  it('a degree north starts four days later in spring, and ends as before in high summer', () => {
    expect(bloomWindow(plant('x'), reference, { ...reference, lat: 41 }, frosts)).toEqual({ from: 125, to: 181 });
  });
  it('in autumn the north is earlier', () => {
    const aster = plant('aster', { bloom_first: 17, bloom_last: 18 });
    expect(bloomWindow(aster, reference, { ...reference, lat: 42 }, frosts)).toEqual({ from: 251, to: 280 });
  });
  it('an annual blooms between the frosts, or till frost', () => {
    const annual = plant('x', { kind: 'annual', bloom_first: 6, bloom_last: 12, blooms_to_frost: true });
    // 21 April (day 111) to the day before 25 October (day 297).
    expect(bloomWindow(annual, reference, reference, frosts)).toEqual({ from: 111, to: 297 });
  });
  it('a herb stops three weeks after the first frost, a shrub by its own clock', () => {
    const late = { bloom_first: 18, bloom_last: 23 } as const;
    expect(bloomWindow(plant('x', late), reference, reference, frosts)!.to).toBe(298 + 21);
    expect(bloomWindow(plant('x', { ...late, kind: 'shrub' }), reference, reference, frosts)!.to).toBe(365);
  });
  it('a plant without flowers has none', () => {
    expect(bloomWindow(plant('x', { bloom_first: null, bloom_last: null }), reference, reference, frosts)).toBeNull();
    expect(windowShares(null)).toEqual(new Array(24).fill(0));
  });
  it('evergreens are in leaf all year', () => {
    const evergreen = plant('x', { foliage_first: 0, foliage_last: 23 });
    expect(foliageWindow(evergreen, reference, { ...reference, lat: 45 })).toEqual({ from: 1, to: 365 });
  });
  it('the ridge adds the crowns in flower', () => {
    const { almanac } = gardenOf({ plants: [plant('x', { bloom_last: 8 })], targets: [], hosts: [] }, []);
    const ridge = bloomRidge([planting('1', 'x', 4), planting('2', 'x', 9, { state: 'lost' })], almanac);
    // Four crowns a metre across in early May.
    expect(ridge[8]).toBeCloseTo(4 * 0.7854, 3);
    expect(ridge[9]).toBe(0);
  });
});
