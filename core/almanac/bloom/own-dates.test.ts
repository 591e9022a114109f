import { describe, expect, it } from 'vitest';
import { ownBloom, ownFlight, recordedDays, settle } from './own-dates';
import type { Seen } from '../../model/seen';
import type { SeenKind } from '../../model/vocabulary';
import { bloomWindow, plant } from '../../testing/worked-garden';

let n = 0;
const seen = (what: SeenKind, on_day: string, of = 'phlox'): Seen => ({ of, what, on_day, id: `s${n++}`, sure: true });
const place = { lat: 40, lon: -75, elevation_m: 0 };
const frosts = { last_frost: '04-20', first_frost: '10-25' };
// 1 May is day 121, 6 May 126, 30 June 181.
const MAY = { from: 121, to: 181 };

describe('recorded days', () => {
  it('are one a year: the first of firsts, the last of lasts', () => {
    const rows = [seen('first-bloom', '2025-05-09'), seen('first-bloom', '2025-05-06'), seen('last-bloom', '2025-06-20')];
    expect(recordedDays(rows, 'phlox', 'first-bloom', MAY)).toEqual([{ year: 2025, day: 126 }]);
    expect(recordedDays([...rows, seen('last-bloom', '2025-06-29')], 'phlox', 'last-bloom', MAY)).toEqual([
      { year: 2025, day: 180 },
    ]);
  });
  it('of another plant are not counted', () => {
    expect(recordedDays([seen('first-bloom', '2025-05-06', 'aster')], 'phlox', 'first-bloom', MAY)).toEqual([]);
  });
  it('in January belong to a season that ends in December', () => {
    // Calculated to end on 20 December (354); seen until 5 January 2026: day 370 of 2025.
    expect(recordedDays([seen('last-bloom', '2026-01-05')], 'phlox', 'last-bloom', { from: 300, to: 354 })).toEqual([
      { year: 2025, day: 370 },
    ]);
  });
  it('29 February counts as the 28th', () => {
    expect(recordedDays([seen('first-bloom', '2024-02-29')], 'phlox', 'first-bloom', { from: 60, to: 90 })).toEqual([
      { year: 2024, day: 59 },
    ]);
  });
});

describe('a bloom settled by records', () => {
  it('first flower on 6 May three years running is 6 May', () => {
    const rows = ['2024-05-06', '2025-05-06', '2026-05-06'].map((day) => seen('first-bloom', day));
    expect(ownBloom(MAY, rows, 'phlox', null).window).toEqual({ from: 126, to: 181 });
  });
  it('one year moves it half way, two years by four fifths', () => {
    expect(settle(121, [{ year: 2026, day: 131 }], null)!.day).toBe(126);
    const two = [
      { year: 2025, day: 129 },
      { year: 2026, day: 133 },
    ];
    // Median 131: 121 + 0.8 × 10.
    expect(settle(121, two, null)!.day).toBe(129);
  });
  it('the middle of the years counts, so that one odd year does not', () => {
    const rows = ['2023-05-06', '2024-05-06', '2025-05-06', '2026-06-20'].map((day) => seen('first-bloom', day));
    expect(ownBloom(MAY, rows.slice(1), 'phlox', null).window.from).toBe(126);
    expect(ownBloom(MAY, rows, 'phlox', null).window.from).toBe(126);
  });
  it('a first flower before the new year turns the window to the year before, one after it to the year that comes', () => {
    const inYears = (day: string) => [2023, 2024, 2025].map((year) => seen('first-bloom', `${year}-${day}`));
    // 28 December is day 362; a window of 5 January to 1 March then ends on day 60 + 365.
    expect(ownBloom({ from: 5, to: 60 }, inYears('12-28'), 'phlox', null).window).toEqual({ from: 362, to: 425 });
    expect(ownBloom({ from: 360, to: 400 }, inYears('01-05'), 'phlox', null).window).toEqual({ from: 5, to: 35 });
    // The first and the last day of a year are in it.
    expect(ownBloom({ from: 5, to: 60 }, inYears('01-01'), 'phlox', null).window).toEqual({ from: 1, to: 60 });
    expect(ownBloom({ from: 360, to: 400 }, inYears('12-31'), 'phlox', null).window).toEqual({ from: 365, to: 400 });
  });
  it('a last flower before the first leaves one day', () => {
    const rows = [2023, 2024, 2025].flatMap((year) => [
      seen('first-bloom', `${year}-06-20`),
      seen('last-bloom', `${year}-06-10`),
    ]);
    expect(ownBloom(MAY, rows, 'phlox', null).window).toEqual({ from: 171, to: 171 });
  });
  it('in its own year a day stands as it was', () => {
    const rows = [seen('first-bloom', '2025-05-16'), seen('first-bloom', '2026-05-06')];
    const { window, first } = ownBloom(MAY, rows, 'phlox', 2025);
    expect(window.from).toBe(136);
    expect(first).toMatchObject({ day: 136, calculated: 121, weight: 1 });
    expect(ownBloom(MAY, rows, 'phlox', 2026).window.from).toBe(126);
  });
  it('wins over the frost too', () => {
    // A herb is calculated to end three weeks after the frost of 25 October: day 319, 15 November.
    const aster = plant('aster', { bloom_first: 17, bloom_last: 23 });
    expect(bloomWindow(aster, place, place, frosts)!.to).toBe(319);
    const rows = ['2024-11-25', '2025-11-25', '2026-11-25'].map((day) => seen('last-bloom', day, 'aster'));
    expect(bloomWindow(aster, place, place, frosts, rows)!.to).toBe(329);
  });
});

describe('a flight settled by records', () => {
  it('one early adult lengthens it at once', () => {
    expect(ownFlight(MAY, [seen('first-flight', '2026-04-20')], 'phlox', null).window).toEqual({ from: 110, to: 181 });
  });
  it('nobody seen early shortens it only from the third year', () => {
    const late = ['2024-05-11', '2025-05-11', '2026-05-11'].map((day) => seen('first-flight', day));
    expect(ownFlight(MAY, late.slice(1), 'phlox', null).window.from).toBe(121);
    expect(ownFlight(MAY, late, 'phlox', null).window.from).toBe(131);
  });
  it('a last adult later than calculated lengthens it', () => {
    expect(ownFlight(MAY, [seen('last-flight', '2026-07-10')], 'phlox', null).window.to).toBe(191);
  });
});
