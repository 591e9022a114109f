import { describe, expect, it } from 'vitest';
import { gardenHere } from '../garden/here';
import { entry } from '../testing/log';
import { dayNumber } from '../model/days';
import { host, libraryOf, plant, planting, recordsIn, target } from '../testing/worked-garden';
import { LogBook } from './book';
import { firstsOf } from './firsts';
import { grownOf, ownLosses } from './grown';
import { temperatureAt } from './hour';
import { yearReview } from './review';

// Phlox is expected from 1 May to 30 June (121 to 181), the azure from 1 to 31 May (121 to 151).
const WORLD = {
  plants: [plant('phlox'), plant('nettle')],
  targets: [target('azure'), target('brown')],
  hosts: [host('azure', 'nettle')],
};
const here = gardenHere(recordsIn(WORLD), libraryOf(WORLD));

describe('expected against seen', () => {
  const book = new LogBook([
    entry('first-flower', 'phlox', '2025-05-06'),
    entry('last-flower', 'phlox', '2025-06-28'),
    entry('first-flower', 'phlox', '2026-04-22'),
    entry('adult', 'azure', '2026-05-03'),
    entry('emerged', 'azure', '2026-05-20'),
    entry('larva', 'azure', '2026-06-20'),
    entry('adult', 'azure', '2026-03-01', { counts_as: 'neither' }),
  ]);
  const rows = firstsOf(here.almanac, book, ['azure'], ['phlox', 'nettle']);
  it('gives each year its first and last day, and how late they were', () => {
    const phlox = rows.find((row) => row.of === 'phlox')!;
    expect(phlox).toMatchObject({ kind: 'bloom', expected: { from: 121, to: 181 } });
    expect(phlox.years).toEqual([
      { year: 2025, first: 126, last: 179, firstLate_d: 5, lastLate_d: -2 },
      { year: 2026, first: 112, last: 112, firstLate_d: -9, lastLate_d: null },
    ]);
  });
  it('of a creature takes adults only, without what was left out', () => {
    expect(rows.find((row) => row.of === 'azure')!.years).toEqual([
      { year: 2026, first: 123, last: 140, firstLate_d: 2, lastLate_d: -11 },
    ]);
  });
  it('creatures come before plants, each in the order of the year', () => {
    expect(rows.map((row) => row.of)).toEqual(['azure', 'nettle', 'phlox']);
  });
});

describe('what grew', () => {
  const plantings = [
    planting('a', 'phlox', 3, { state: 'in-ground', planted_year: 2025, source: 'plugs' }),
    planting('b', 'phlox', 4, { state: 'lost', planted_year: 2025, lost_year: 2026, source: 'plugs' }),
    planting('c', 'phlox', 2, { state: 'in-ground', planted_year: 2025, source: 'a neighbour' }),
    planting('d', 'nettle', 5, { state: 'lost', planted_year: 2022, lost_year: 2026 }),
    planting('e', 'nettle', 5, { state: 'in-ground', planted_year: 1999, stays: true }),
    planting('f', 'phlox', 9),
  ];
  it('is told apart by plant, source and year', () => {
    const book = new LogBook([
      entry('first-flower', 'phlox', '2026-05-06'),
      entry('first-flower', 'phlox', '2024-05-01'),
      entry('first-flower', 'phlox', '2027-05-01'),
    ]);
    expect(grownOf(plantings, book)).toEqual([
      {
        plant: 'phlox',
        source: 'plugs',
        planted_year: 2025,
        planted: 7,
        alive: 3,
        lostFirst: 4,
        firstBloom: { year: 2026, day: 126 },
      },
      {
        plant: 'phlox',
        source: 'a neighbour',
        planted_year: 2025,
        planted: 2,
        alive: 2,
        lostFirst: 0,
        firstBloom: { year: 2026, day: 126 },
      },
      { plant: 'nettle', source: '', planted_year: 2022, planted: 5, alive: 0, lostFirst: 0, firstBloom: null },
    ]);
  });
  it('own losses are those of the first winter, once it is over', () => {
    expect(ownLosses(plantings, 2026)).toEqual({
      phlox: { planted: 9, lost: 4 },
      nettle: { planted: 5, lost: 0 },
    });
    expect(ownLosses(plantings, 2025).phlox).toBeUndefined();
  });
});

describe('the weather of an hour', () => {
  const weather = { first: dayNumber('2026-06-01'), past: [{ low_c: 10, high_c: 20, rain_mm: 0, et0_mm: 4 }], forecast: [] };
  it('rises from the coldest hour to the warmest and falls again', () => {
    const at = (time: string | null) => temperatureAt(weather, dayNumber('2026-06-01'), time);
    expect([at('06:00'), at('10:30'), at('15:00')]).toEqual([10, 15, 20]);
    // Half of the fifteen hours from three to six: half past ten in the evening.
    expect(at('22:30')).toBe(15);
    expect(at('00:00')).toBeLessThan(15);
    expect(at(null)).toBe(at('12:00'));
  });
  it('of a day that is not known is not guessed', () => {
    expect(temperatureAt(weather, dayNumber('2026-05-31'), '12:00')).toBeNull();
  });
});

describe('a year in review', () => {
  const book = new LogBook([
    entry('adult', 'azure', '2026-05-03', { count: 2 }),
    entry('adult', 'azure', '2026-05-09', { count: 3 }),
    entry('adult', null, '2026-05-09', { called: 'a small orange one' }),
    entry('adult', 'azure', '2025-05-03', { count: 1 }),
    entry('adult', 'brown', '2025-05-03'),
    entry('lost', 'phlox', '2026-04-01', { count: 4 }),
    entry('spread', 'phlox', '2026-05-01'),
    entry('first-flower', 'phlox', '2026-05-06'),
  ]);
  const plantings = [planting('a', 'phlox', 3, { state: 'in-ground', planted_year: 2026 })];
  const place = { almanac: here.almanac, book, targets: here.targets, plantings, today: dayNumber('2026-12-01') };
  it('says who came beside the year before, what died and what was planted', () => {
    const review = yearReview(place, 2026);
    expect(review.visitors).toEqual([
      { of: 'azure', called: '', times: 2, count: 5, first: '2026-05-03', last: '2026-05-09', before: { times: 1, count: 1 } },
      { of: null, called: 'a small orange one', times: 1, count: 1, first: '2026-05-09', last: '2026-05-09', before: null },
    ]);
    expect(review.missing).toEqual(['brown']);
    expect(review.losses).toHaveLength(1);
    expect(review.notes.map((row) => row.what)).toEqual(['spread']);
    expect(review.bloomed.map((row) => [row.of, row.span.firstLate_d])).toEqual([['phlox', 5]]);
    expect(review.planted.map((row) => row.id)).toEqual(['a']);
    expect(review.walks).toBeNull();
  });
  it('compares a year that is not over with as much of the one before', () => {
    expect(yearReview({ ...place, today: dayNumber('2026-05-02') }, 2026).missing).toEqual([]);
  });
});
