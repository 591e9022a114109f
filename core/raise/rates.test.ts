import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Way } from '../library/ways';
import type { Batch } from '../model/raise';
import { way } from '../testing/worked-garden';
import { chanceOfEnough, ownFigures, plantShare, rangeOf, shareOf, tableShare, unitsFor, withOwn } from './rates';

const seedWay = (from: number, to: number, over: Partial<Way['row']> = {}, ofKin = false): Way => ({
  method: 'winter-container',
  row: way('aster', ['winter-container'], { rate_from: from, rate_to: to, ...over }),
  ofKin,
});

describe('the chance of enough', () => {
  it('of a share between nothing and all alike, every number is as likely as any other', () => {
    // Beta(1, 1): of n each of 0 … n comes with chance 1 ÷ (n + 1). Of 9 at least 4: 6 of 10.
    expect(chanceOfEnough({ a: 1, b: 1 }, 9, 4)).toBeCloseTo(0.6, 10);
    expect(chanceOfEnough({ a: 1, b: 1 }, 9, 0)).toBe(1);
    expect(chanceOfEnough({ a: 1, b: 1 }, 3, 4)).toBe(0);
  });
  it('of a share known well it is that of the binomial law', () => {
    // Half of two seeds: both 1 in 4, at least one 3 in 4.
    const half = { a: 5e6, b: 5e6 };
    expect(chanceOfEnough(half, 2, 2)).toBeCloseTo(0.25, 5);
    expect(chanceOfEnough(half, 2, 1)).toBeCloseTo(0.75, 5);
  });
  it('does not lose itself in small numbers: of 5,000 seeds nearly surely one comes', () => {
    expect(chanceOfEnough({ a: 20, b: 20 }, 5000, 1)).toBeCloseTo(1, 9);
    expect(chanceOfEnough({ a: 20, b: 20 }, 5000, 4999)).toBeLessThan(1e-6);
  });
  it('by hand, of Beta(2, 1) and three seeds: at least two with 9 in 10', () => {
    // P(k) = C(3,k) B(2+k, 4−k) ÷ B(2,1): P(0) = 1 ÷ 10, P(1) = 2 ÷ 10, P(2) = 3 ÷ 10, P(3) = 4 ÷ 10.
    expect(chanceOfEnough({ a: 2, b: 1 }, 3, 3)).toBeCloseTo(0.4, 10);
    expect(chanceOfEnough({ a: 2, b: 1 }, 3, 2)).toBeCloseTo(0.7, 10);
    expect(chanceOfEnough({ a: 2, b: 1 }, 3, 1)).toBeCloseTo(0.9, 10);
    expect(unitsFor({ a: 2, b: 1 }, 1)).toBe(3);
  });
});

describe('how many to begin with', () => {
  it('is the fewest that give nine chances in ten, for any share and number', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 30, noNaN: true }),
        fc.double({ min: 1, max: 30, noNaN: true }),
        fc.integer({ min: 1, max: 40 }),
        (a, b, want) => {
          const units = unitsFor({ a, b }, want);
          if (units === null) return;
          expect(chanceOfEnough({ a, b }, units, want)).toBeGreaterThanOrEqual(0.9);
          expect(chanceOfEnough({ a, b }, units - 1, want)).toBeLessThan(0.9);
        },
      ),
    );
  });
  it('is none for none, and null where no number would do', () => {
    expect(unitsFor({ a: 1, b: 1 }, 0)).toBe(0);
    // One in a thousand, and that not surely: five thousand are too few for five hundred plants.
    expect(unitsFor({ a: 1, b: 999 }, 500)).toBeNull();
  });
});

describe('the share of a row', () => {
  it('is the middle of its range, which holds eight lots of ten', () => {
    // From 0.4 to 0.6: mean 0.5, and a tenth below 0.4. A weight within the limit of a high row keeps its width.
    const range = rangeOf(tableShare(seedWay(0.35, 0.65, { confidence: 'high' })));
    expect(range.mean).toBeCloseTo(0.5, 10);
    expect(range.from).toBeCloseTo(0.35, 2);
    expect(range.to).toBeCloseTo(0.65, 2);
  });
  it('weighs less the less sure it is, and one of kin as the next lower', () => {
    const weight = (of: Way) => {
      const { a, b } = tableShare(of);
      return a + b;
    };
    const narrow = (over: Partial<Way['row']>, ofKin = false) => weight(seedWay(0.49, 0.51, over, ofKin));
    expect([narrow({ confidence: 'high' }), narrow({ confidence: 'medium' }), narrow({ confidence: 'low' })]).toEqual([
      40, 24, 12,
    ]);
    expect(narrow({ confidence: 'high' }, true)).toBe(24);
    expect(narrow({ confidence: 'medium' }, true)).toBe(12);
  });
  it('gives way to what was counted here, seed by seed', () => {
    // 12 of the table at a half, and 6 of 48 of one’s own: 12 of 60.
    expect(rangeOf(withOwn({ a: 6, b: 6 }, { tried: 48, came: 6 })).mean).toBeCloseTo(0.2, 10);
    const before = rangeOf({ a: 6, b: 6 });
    const after = rangeOf(withOwn({ a: 6, b: 6 }, { tried: 100, came: 50 }));
    expect(after.to - after.from).toBeLessThan(before.to - before.from);
  });
  it('loses on the way what is usually lost: more in the open than under a lid', () => {
    const share = shareOf(0.5, 0.01);
    expect(rangeOf(plantShare(share, { method: 'winter-container' })).mean).toBeCloseTo(0.4, 10);
    expect(rangeOf(plantShare(share, { method: 'autumn-in-place' })).mean).toBeCloseTo(0.175, 10);
    expect(rangeOf(plantShare(share, { method: 'softwood' })).mean).toBeCloseTo(0.425, 10);
    expect(rangeOf(plantShare(share, { method: 'division' })).mean).toBeCloseTo(0.475, 10);
  });
});

describe('own figures', () => {
  const batch = (over: Partial<Batch>): Batch => ({
    id: 'b',
    revision: 0,
    plant: 'aster',
    method: 'winter-container',
    source: 'swap',
    planned_on: '2026-01-10',
    begun_on: '2026-01-10',
    units: 20,
    containers: 1,
    place: '',
    wanted: 5,
    looks: [{ on_day: '2026-05-01', up: 8, lost: 0, potted: 0, planted: 0, given: 0, note: '' }],
    ended: true,
    note: '',
    ...over,
  });
  it('count batches that are over, of the plant and the way, and of one source where that is asked', () => {
    const all = [
      batch({}),
      batch({ source: 'nursery', units: 30, looks: [] }),
      batch({ ended: false }),
      batch({ begun_on: null }),
      batch({ plant: 'zinnia' }),
      batch({ method: 'softwood' }),
    ];
    expect(ownFigures(all, 'aster', 'winter-container')).toEqual({ tried: 50, came: 8 });
    expect(ownFigures(all, 'aster', 'winter-container', 'swap')).toEqual({ tried: 20, came: 8 });
  });
});
