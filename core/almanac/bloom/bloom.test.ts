import { describe, expect, it } from 'vitest';
import { windowShares } from './bloom';
import { foliageWindow } from './foliage';
import { bloomRidge } from '../../season/ridge';
import { bloomPlace, bloomWindow, gardenOf, plant, planting } from '../../testing/worked-garden';

const reference = { lat: 40, lon: -75, elevation_m: 0 };
const frosts = { last_frost: '04-20', first_frost: '10-25' };

describe('bloom in this garden', () => {
  it('keeps its window where the reference stands', () => {
    // Early May to late June: days 121 to 181.
    expect(bloomWindow(plant('x'), reference, reference, frosts)).toEqual({ from: 121, to: 181 });
  });
  it('a degree north opens later by eight tenths of four days in early May, and keeps its length', () => {
    // Of 4 days the heat law leaves 95 % on 10 April (day 100) and 75 % on 12 May (132): 3.3 on day 121.
    expect(bloomWindow(plant('x'), reference, { ...reference, lat: 41 }, frosts)).toEqual({ from: 124, to: 184 });
  });
  it('what waits for short days opens 2.2 days earlier for a degree north', () => {
    const aster = plant('aster', { bloom_first: 17, bloom_last: 18 });
    // 16 September to 15 October are days 259 to 288; two degrees are four days.
    expect(bloomWindow(aster, reference, { ...reference, lat: 42 }, frosts)).toEqual({ from: 255, to: 284 });
  });
  it('a tender annual blooms between the frosts, to the frost where it does so where it is stated', () => {
    const annual = plant('x', { kind: 'annual', bloom_first: 10, bloom_last: 19, blooms_to_frost: true });
    // June (day 152) to the day before 25 October (day 297); a fortnight less of spring puts it off by as much.
    expect(bloomWindow(annual, reference, reference, frosts)).toEqual({ from: 152, to: 297 });
    expect(bloomWindow(annual, reference, reference, { ...frosts, last_frost: '05-04' })).toEqual({ from: 166, to: 297 });
    // One that ends in mid-July there is not drawn out to October.
    const short = { ...annual, bloom_last: 12 };
    expect(bloomWindow(short, reference, reference, frosts)).toEqual({ from: 152, to: 196 });
  });
  it('a first frost in January does not empty the year', () => {
    const south = { last_frost: '01-28', first_frost: '01-05' };
    const annual = plant('x', { kind: 'annual', bloom_first: 10, bloom_last: 19, blooms_to_frost: true });
    const { from, to } = bloomWindow(annual, reference, reference, south)!;
    // Set out 82 days earlier than after 20 April: from 11 March, and half as long again as the 152 days stated.
    expect([from, to]).toEqual([70, 70 + Math.round(1.5 * 152)]);
    expect(bloomWindow(plant('x'), reference, reference, south)).toEqual({ from: 121, to: 181 });
  });
  it('without any frost it opens when the days are mild, and is not ended', () => {
    const none = { last_frost: null, first_frost: null };
    const bush = plant('bush', { kind: 'shrub', phenology: 'tender', bloom_first: 10, bloom_last: 19, blooms_to_frost: true });
    // The worked year has a mean of 15 °C throughout: tender plants stand outdoors from 1 January, 110 days earlier.
    expect(bloomWindow(bush, reference, reference, none)).toEqual({ from: 42, to: 365 });
  });
  it('an ever-blooming plant flowers all year where no frost is, else from six weeks after the last to the first', () => {
    const ever = plant('ever', { bloom_first: 0, bloom_last: 23, foliage_first: 0, foliage_last: 23 });
    expect(bloomWindow(ever, reference, reference, { last_frost: null, first_frost: null })).toEqual({ from: 1, to: 365 });
    // 21 April is day 111; 45 days later 5 June, day 156; the day before 25 October is 297.
    expect(bloomWindow(ever, reference, reference, frosts)).toEqual({ from: 156, to: 297 });
  });
  it('a winter flower keeps its length on either side of the new year, and no frost of the autumn before ends it', () => {
    const winter = plant('w', { kind: 'shrub', bloom_first: 22, bloom_last: 2, foliage_first: 0, foliage_last: 23 });
    for (const lat of [36, 40, 44]) {
      const { from, to } = bloomWindow(winter, reference, { ...reference, lat }, frosts)!;
      // 1 December (day 335) to 15 February (46 of the next year).
      expect(to - from, `at ${lat}`).toBe(46 + 365 - 335);
    }
    const herb = { ...winter, kind: 'perennial' as const, bloom_first: 1, bloom_last: 4 };
    expect(bloomWindow(herb, reference, reference, frosts)).toEqual({ from: 16, to: 74 });
  });
  it('a herb that opens soon after the frost stops three weeks after it too; one of the winter does not', () => {
    // The frost of 25 October is day 298, three weeks after it is 319; November begins on day 305, its second half on 320.
    const autumn = (bloom_first: number) =>
      bloomWindow(
        plant('x', { phenology: 'autumn', bloom_first, bloom_last: 2, foliage_last: 5 }),
        reference,
        reference,
        frosts,
      )!;
    expect(autumn(20)).toEqual({ from: 305, to: 319 });
    // 15 February of the next year is day 46 + 365.
    expect(autumn(21)).toEqual({ from: 320, to: 411 });
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
    expect(foliageWindow(evergreen, null, bloomPlace(reference, { ...reference, lat: 45 }, frosts))).toEqual({
      from: 1,
      to: 365,
    });
  });
  it('a leaf opens with the heat and falls with the short days', () => {
    // Early April to late October; four degrees north: 16 days of spring nearly whole, nine days of autumn.
    const north = bloomPlace(reference, { ...reference, lat: 44 }, frosts);
    expect(foliageWindow(plant('x'), null, north)).toEqual({ from: 106, to: 295 });
  });
  it('what is sown dies with the frost', () => {
    expect(foliageWindow(plant('x', { kind: 'annual' }), null, bloomPlace(reference, reference, frosts))).toEqual({
      from: 91,
      to: 297,
    });
  });
  it('a herb is in leaf when it flowers, wherever its flower is stated', () => {
    expect(foliageWindow(plant('x'), { from: 80, to: 100 }, bloomPlace(reference, reference, frosts)).from).toBe(80);
  });
  it('the ridge adds the crowns in flower', () => {
    const { almanac } = gardenOf({ plants: [plant('x', { bloom_last: 8 })], targets: [], hosts: [] }, []);
    const ridge = bloomRidge([planting('1', 'x', 4), planting('2', 'x', 9, { state: 'lost' })], almanac);
    // Four crowns a metre across in early May.
    expect(ridge[8]).toBeCloseTo(4 * 0.7854, 3);
    expect(ridge[9]).toBe(0);
  });
});
