import { expect, it } from 'vitest';
import { gardenHere } from '../garden/here';
import { dayNumber } from '../model/days';
import { care, libraryOf, plant, planting, recordsIn, site } from '../testing/worked-garden';
import { minutesByHalfMonth } from './hours';
import { begun } from './plan-tasks';

const at = (from: string, until: string, over: object = {}) =>
  begun({
    key: from,
    action: 'thin',
    source: 'care',
    site_id: null,
    from: dayNumber(from),
    until: dayNumber(until),
    steps: [],
    why: '',
    minutes: 30,
    ...over,
  });

it('a task counts where its window begins, one that repeats each time it is due, one of another year not', () => {
  const minutes = minutesByHalfMonth(
    [at('2026-05-03', '2026-06-20'), at('2026-05-20', '2026-06-20', { every: 10 }), at('2025-05-03', '2025-06-20')],
    2026,
    [],
    [],
    [],
  );
  // Half-month 8 is early May; 20 and 30 May are in 9, 9 and 19 June in 10 and 11.
  expect([8, 9, 10, 11].map((h) => minutes[h])).toEqual([30, 60, 30, 30]);
  expect(minutes.reduce((sum, value) => sum + value, 0)).toBe(150);
});

it('what began last autumn is done this spring', () => {
  expect(minutesByHalfMonth([at('2025-12-20', '2026-02-01', { every: 20 })], 2026, [], [], [])[0]).toBe(30);
});

it('watering of a usual year is what the thirst exceeds the rain by', () => {
  const young = plant('young', { spacing_cm: 100 });
  const world = { plants: [young], targets: [], hosts: [] };
  // Ten plants on ten square metres of sand, 100 mm of rain and 80 of thirst a month: rain suffices.
  const rows = [care('any', 'water', { thirst: 'even' })];
  const records = (rain_mm: number) => {
    const made = recordsIn(world, [planting('p', 'young', 10, { state: 'in-ground', planted_year: 2026 })], {
      sites: [site('bed', { texture: 'sand', area_m2: 10, sun_h: 8 })],
    });
    return { ...made, garden: { ...made.garden, rain_mm: Array.from({ length: 12 }, () => rain_mm) } };
  };
  const minutesOf = (rain: number) => gardenHere(records(rain), libraryOf({ ...world, care: rows })).work.minutesOf(2026);
  expect(minutesOf(100).every((value) => value === 0)).toBe(true);
  // Without rain 80 × 0.75 = 60 mm on 10 m² are 600 litres a month, 50 minutes of hose: 25 in each half.
  expect(minutesOf(0).map((value) => Math.round(value))).toEqual(Array.from({ length: 24 }, () => 25));
});
