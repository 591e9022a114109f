import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { PlantHere } from '../../model/here';
import { dayOfMonthDay, monthDayOf } from '../../model/half-month';
import { bloomParts, plantingFoliage, plantingShares, secondBloom, sownBloom } from './planting-bloom';
import { sowingOf } from './sowing';
import { gardenOf, plant, planting, type World } from '../../testing/worked-garden';

const frosts = { last_frost: '04-20', first_frost: '10-25' };
const phlox = plant('phlox', { rebloom_days: 15 });
// Early May to late June: days 121 to 181, 61 days.
const BLOOM = { from: 121, to: 181 };
const world: World = {
  targets: [],
  hosts: [],
  plants: [
    phlox,
    plant('zinnia', { kind: 'annual', bloom_first: 12, bloom_last: 14, years_to_flower: 0, sow_in_place: 0 }),
    plant('marigold', { kind: 'annual', bloom_first: 12, bloom_last: 19, blooms_to_frost: true, sow_in_place: 0 }),
  ],
};
const { almanac } = gardenOf(world, []);
const here = (id: string) => almanac.plants.get(id)!;

describe('a second bloom', () => {
  it('begins after the cut by the days the plant takes, and lasts half as long as the first', () => {
    // Cut on 16 June, day 167; 61 ÷ 2 is 31 days.
    expect(secondBloom(phlox, BLOOM, 167, frosts)).toEqual({ from: 182, to: 212, fullness: 0.6, after: 'cut' });
  });
  it.each<[string, number]>([
    ['before it has flowered for two weeks', 134],
    ['more than a week after its last flower', 189],
  ])('does not come of a cut %s', (_, cut) => expect(secondBloom(phlox, BLOOM, cut, frosts)).toBeNull());
  it('of a plant that flowers to the frost lasts as long as the first would have', () => {
    // 160 days of bloom: 80 days again from day 182 are day 261; else to the end of the first, day 280.
    const long = { from: 121, to: 280 };
    expect(secondBloom(phlox, long, 167, frosts)!.to).toBe(261);
    expect(secondBloom({ ...phlox, blooms_to_frost: true }, long, 167, frosts)!.to).toBe(280);
  });
  it('comes of a cut in the week after', () => expect(secondBloom(phlox, BLOOM, 188, frosts)!.from).toBe(203));
  it('does not come of a plant that does not bloom again', () => {
    expect(secondBloom(plant('tulip'), BLOOM, 167, frosts)).toBeNull();
  });
  it('comes of a cut in January to one that flowers over the new year, where no frost ends it', () => {
    const sage = plant('sage', { rebloom_days: 20 });
    const winter = { from: 320, to: 400 };
    const none = { last_frost: null, first_frost: null };
    // 20 January is day 385 of that season: it flowers again from day 405, 9 February, for 41 days.
    expect(secondBloom(sage, winter, 20, none)).toEqual({ from: 40, to: 80, fullness: 0.6, after: 'cut' });
    expect(secondBloom(sage, winter, 325, none)).toBeNull();
    expect(secondBloom(sage, winter, 60, none)).toBeNull();
  });
  it('ends three weeks after the frost, and does not come with less than ten mild days', () => {
    const aster = plant('aster', { rebloom_days: 30 });
    const late = { from: 240, to: 280 };
    // The frost is on day 298, the last mild day 319.
    expect(secondBloom(aster, late, 280, frosts)!.to).toBe(319);
    expect(secondBloom(aster, { from: 250, to: 285 }, 281, frosts)).toBeNull();
  });
});

it('a January cut adds nothing on top of the bloom that follows', () => {
  // In flower from 15 April to the year's end; cut on 6 January it would flower again from 26 January for half as long.
  const sage = plant('sage', { kind: 'shrub', rebloom_days: 20, blooms_to_frost: true });
  const bloom = { from: 105, to: 365 };
  const none = { last_frost: null, first_frost: null };
  expect(secondBloom(sage, bloom, 6, none)).toMatchObject({ from: 26, to: 104 });
  const here = { plant: sage, bloom, bloomShares: [], foliage: bloom, foliageShares: [], sowing: null } as unknown as PlantHere;
  const { amount } = plantingShares(here, planting('1', 'sage', 1, { cut: { on: '01-06', count: 1 } }), none);
  expect(Math.max(...amount)).toBeLessThanOrEqual(1);
});

describe('a planting cut in part', () => {
  const half = planting('1', 'phlox', 4, { cut: { on: '06-16', count: 2 } });
  it('flowers on with what is left, and again with what was cut', () => {
    expect(bloomParts(here('phlox'), half, frosts)).toEqual([
      { share: 0.5, spells: [{ ...BLOOM, fullness: 1, after: 'winter' }] },
      {
        share: 0.5,
        spells: [
          { from: 121, to: 166, fullness: 1, after: 'winter' },
          { from: 182, to: 212, fullness: 0.6, after: 'cut' },
        ],
      },
    ]);
  });
  it('gives half its bloom in late June and three tenths in July', () => {
    const { amount, present } = plantingShares(here('phlox'), half, frosts);
    expect(amount.slice(8, 15)).toEqual([1, 1, 1, 0.5, expect.closeTo(0.3), expect.closeTo(0.3), 0]);
    expect(present.slice(8, 15)).toEqual([1, 1, 1, 1, 1, 1, 0]);
  });
  it('wholly, has nothing in late June', () => {
    const { amount } = plantingShares(here('phlox'), { ...half, cut: { on: '06-16', count: 9 } }, frosts);
    expect(amount[11]).toBe(0);
    expect(amount[12]).toBeCloseTo(0.6);
  });
  it('keeps half the leaf of what is cut until it has grown again', () => {
    const shares = plantingFoliage(here('phlox'), half);
    // 16 to 30 June: a quarter of the planting's leaf is gone for the whole half-month.
    expect(shares[10]).toBe(1);
    expect(shares[11]).toBeCloseTo(0.75);
    expect(shares[12]).toBe(1);
  });
  it('a cut that brings nothing takes nothing', () => {
    const bad = planting('1', 'phlox', 4, { cut: { on: '03-01', count: 4 } });
    expect(bloomParts(here('phlox'), bad, frosts)).toEqual([{ share: 1, spells: [{ ...BLOOM, fullness: 1, after: 'winter' }] }]);
  });
});

describe('an annual sown on a day', () => {
  it('takes the days from its usual sowing to its usual first flower', () => {
    // The last frost is on day 110, the first flower on 1 July, day 182.
    expect(here('zinnia').sowing).toEqual({ indoors: false, toFlower_d: 72, weeks: 0, usual: 110 });
  });
  it('sown on its usual day it flowers as it usually does', () => {
    for (const id of ['zinnia', 'marigold']) expect(sownBloom(here(id), '04-20', frosts), id).toEqual(here(id).bloom);
  });
  it('sown on 21 June flowers from 1 September, as long as usual', () => {
    // Day 172 + 72 = 244; 1 July to 15 August are 46 days.
    expect(sownBloom(here('zinnia'), '06-21', frosts)).toEqual({ from: 244, to: 289 });
  });
  it('or until the day before the frost', () => {
    expect(sownBloom(here('marigold'), '06-21', frosts)).toEqual({ from: 244, to: 297 });
    expect(sownBloom(here('zinnia'), '08-01', frosts)).toEqual({ from: 285, to: 297 });
    expect(sownBloom(here('zinnia'), '09-01', frosts)).toBeNull();
  });
  it('stands in leaf three weeks after', () => {
    // 21 June + 21 days is 12 July, day 193: four days of early July in leaf.
    const shares = plantingFoliage(here('zinnia'), planting('1', 'zinnia', 1, { sow_on: '06-21' }));
    expect(shares[11]).toBe(0);
    expect(shares[12]).toBeCloseTo(4 / 15);
    expect(shares[13]).toBe(1);
  });
  it('is not calculated where the figure is not believable, nor for what is no annual', () => {
    const outdoors = { tenderFrom: 111 };
    const lupin = plant('lupin', { kind: 'annual', bloom_first: 8, sow_in_place: 0 });
    const july = { from: 182, to: 227 };
    // It keeps time by spring: it was sown in autumn.
    expect(sowingOf(lupin, july, outdoors)).toBeNull();
    expect(sowingOf({ ...phlox, sow_in_place: 0 }, july, outdoors)).toBeNull();
    const zinnia = plant('zinnia', { kind: 'annual', bloom_first: 12, sow_in_place: 0 });
    expect(sowingOf(zinnia, july, outdoors)).toMatchObject({ usual: 110, toFlower_d: 72 });
    // Eleven days from seed to flower are not believable.
    expect(sowingOf(zinnia, { from: 121, to: 181 }, outdoors)).toBeNull();
    expect(sowingOf(zinnia, null, outdoors)).toBeNull();
    expect(sowingOf({ ...zinnia, sow_in_place: null }, july, outdoors)).toBeNull();
  });
});

describe('whatever is cut, whenever', () => {
  const any = fc.record({
    day: fc.integer({ min: 1, max: 365 }),
    count: fc.integer({ min: 1, max: 12 }),
    cut: fc.integer({ min: 1, max: 15 }),
    first: fc.integer({ min: 4, max: 18 }),
    length: fc.integer({ min: 0, max: 5 }),
    rebloom_days: fc.integer({ min: 10, max: 45 }),
  });
  it('the parts are the whole, no plant gives more than its full bloom, and none flowers in the cold', () => {
    fc.assert(
      fc.property(any, ({ day, count, cut, first, length, rebloom_days }) => {
        const herb = plant('herb', { rebloom_days, bloom_first: first, bloom_last: Math.min(20, first + length) });
        const { almanac: one } = gardenOf({ targets: [], hosts: [], plants: [herb] }, []);
        const row = planting('1', 'herb', count, { cut: { on: monthDayOf(day), count: cut } });
        const parts = bloomParts(one.plants.get('herb')!, row, frosts);
        expect(parts.reduce((sum, part) => sum + part.share, 0)).toBeCloseTo(1);
        for (const { spells } of parts) {
          for (const { from, to } of spells) expect(to).toBeGreaterThanOrEqual(from);
          // What flowers again does so after the first bloom is cut, and the plant’s days after the cut.
          const [before, after] = spells;
          if (after) {
            expect(after.from).toBeGreaterThan(before!.to);
            expect(after.from).toBe(dayOfMonthDay(monthDayOf(day)) + rebloom_days);
          }
          for (const spell of spells) if (spell.after === 'cut') expect(spell.to).toBeLessThanOrEqual(298 + 21);
        }
        const { amount, present } = plantingShares(one.plants.get('herb')!, row, frosts);
        amount.forEach((share, h) => {
          expect(share).toBeLessThanOrEqual(present[h]! + 1e-9);
          expect(present[h]).toBeLessThanOrEqual(1);
        });
      }),
      { numRuns: 200 },
    );
  });
});
