import { describe, expect, it } from 'vitest';
import { entry } from '../testing/log';
import { LogBook } from './book';
import { countedWalks, rateOf, ratesOf, usualMinutes, yearsCompared } from './walks';

describe('a rate per hour', () => {
  it('has the limits of a Poisson count', () => {
    // Exact limits of 10 counted are 4.795 and 18.39 (Garwood); of none at all 0 and 3.69.
    const ten = rateOf([{ hours: 1, count: 10 }])!;
    expect(ten.perHour).toBe(10);
    expect(ten.low).toBeCloseTo(4.795, 1);
    expect(ten.high).toBeCloseTo(18.39, 1);
    const none = rateOf([{ hours: 2, count: 0 }])!;
    expect(none.low).toBe(0);
    expect(none.high).toBeCloseTo(3.69 / 2, 1);
  });
  it('counts the hours of all walks', () => {
    expect(
      rateOf([
        { hours: 0.5, count: 3 },
        { hours: 1, count: 6 },
      ]),
    ).toMatchObject({ hours: 1.5, count: 9, walks: 2, perHour: 6 });
    expect(rateOf([])).toBeNull();
  });
  it('has a wider range where walks came out unevenly', () => {
    const even = rateOf([
      { hours: 1, count: 10 },
      { hours: 1, count: 10 },
      { hours: 1, count: 10 },
    ])!;
    const uneven = rateOf([
      { hours: 1, count: 0 },
      { hours: 1, count: 0 },
      { hours: 1, count: 30 },
    ])!;
    expect(even.perHour).toBe(uneven.perHour);
    expect(uneven.high - uneven.low).toBeGreaterThan(2 * (even.high - even.low));
    // The even ones are no narrower than chance: 30 in three hours has exact limits of 20.24 and 42.83.
    expect(even.low * 3).toBeCloseTo(20.24, 0);
    expect(even.high * 3).toBeCloseTo(42.83, 0);
  });
});

const walk = (id: string, day: string, counts: Record<string, number>, minutes = 30) => [
  entry('walk', null, day, { id, minutes }),
  ...Object.entries(counts).map(([of, count]) => entry('adult', of, day, { count, walk_id: id })),
];
const book = new LogBook([
  ...walk('w1', '2025-06-03', { monarch: 2, azure: 10 }),
  ...walk('w2', '2025-06-20', { monarch: 4 }),
  ...walk('w3', '2026-06-05', { monarch: 30 }),
  ...walk('w4', '2026-09-05', { monarch: 50 }, 20),
  entry('larva', 'monarch', '2026-06-05', { count: 7, walk_id: 'w3' }),
  entry('adult', 'monarch', '2026-06-05', { count: 9 }),
]);

describe('walks of a log', () => {
  it('count the adults met on them, and no others', () => {
    // Early June is half-month 10, late June 11, early September 16.
    expect(countedWalks(book, 'monarch').map(({ year, halfMonth, hours, count }) => [year, halfMonth, hours, count])).toEqual([
      [2026, 16, 20 / 60, 50],
      [2026, 10, 0.5, 30],
      [2025, 11, 0.5, 4],
      [2025, 10, 0.5, 2],
    ]);
    expect(countedWalks(book, null).find((row) => row.year === 2025 && row.halfMonth === 10)!.count).toBe(12);
  });
  it('give a rate for each half-month that was walked', () => {
    const rates = ratesOf(countedWalks(book, 'monarch'), 2025);
    expect(rates[10]!.perHour).toBe(4);
    expect(rates[11]!.perHour).toBe(8);
    expect(rates.filter(Boolean)).toHaveLength(2);
  });
  it('compare years over the half-months walked in both', () => {
    const found = yearsCompared(countedWalks(book, 'monarch'), 2025, 2026)!;
    expect(found.halfMonths).toEqual([10]);
    expect([found.before.perHour, found.after.perHour]).toEqual([4, 60]);
    expect(found.verdict).toBe('more');
    expect(yearsCompared(countedWalks(book, 'monarch'), 2026, 2025)!.verdict).toBe('fewer');
    expect(yearsCompared(countedWalks(book, 'monarch'), 2024, 2025)).toBeNull();
  });
  it('say no difference where the ranges meet', () => {
    const near = new LogBook([...walk('a', '2025-06-03', { monarch: 4 }), ...walk('b', '2026-06-03', { monarch: 7 })]);
    expect(yearsCompared(countedWalks(near, 'monarch'), 2025, 2026)!.verdict).toBe('no-difference-shown');
  });
  it('are as long as the last one', () => {
    expect(usualMinutes(book)).toBe(20);
    expect(usualMinutes(new LogBook([]))).toBe(20);
    expect(usualMinutes(new LogBook(walk('a', '2025-06-03', {}, 45)))).toBe(45);
  });
});
