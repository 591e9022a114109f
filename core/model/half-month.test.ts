import { afterEach, describe, expect, it } from 'vitest';
import {
  dateName,
  dayName,
  dayOfMonthDay,
  daysOfHalfMonths,
  firstDay,
  halfMonthName,
  halfMonthOfDay,
  halfMonthsBetween,
  halfMonthsInWords,
  halfMonthsTouched,
  inYear,
  lastDay,
  monthDayOf,
  writeDays,
  runsOf,
  shareOfHalfMonth,
  shareOfYear,
  stretchesOf,
  turnedTo,
} from './half-month';

describe('half-months and days of the year', () => {
  it.each([
    [0, 1, 15],
    [1, 16, 31],
    [3, 47, 59],
    [8, 121, 135],
    [23, 350, 365],
  ])('half-month %i runs from day %i to day %i', (h, first, last) => {
    expect([firstDay(h), lastDay(h)]).toEqual([first, last]);
  });
  it.each([
    [15, 0],
    [16, 1],
    [59, 3],
    [60, 4],
    [365, 23],
    [366, 0],
    [0, 23],
  ])('day %i lies in half-month %i', (day, h) => expect(halfMonthOfDay(day)).toBe(h));
  it('reads and writes dates', () => {
    expect(dayOfMonthDay('05-01')).toBe(121);
    expect(monthDayOf(121)).toBe('05-01');
    expect(dayName(298)).toBe('25 October');
    expect(halfMonthName(19)).toBe('late October');
  });
});

describe('ranges of half-months', () => {
  it('run over the new year', () => {
    expect(halfMonthsBetween(22, 1)).toEqual([22, 23, 0, 1]);
    expect(runsOf([0, 1, 22, 23])).toEqual([[22, 1]]);
  });
  it('are written in words', () => {
    expect(halfMonthsInWords([7, 8, 9, 17])).toBe('late April to late May and late September');
    expect(halfMonthsInWords([])).toBe('never');
    expect(halfMonthsInWords(Array.from({ length: 24 }, (_, h) => h))).toBe('all year');
  });
  it('know how much of one lies in a window of days', () => {
    // 9 May to 4 June: 7 of the 15 days of early May, 4 of the 15 of early June.
    expect(shareOfHalfMonth(8, 129, 155)).toBeCloseTo(7 / 15);
    expect(shareOfHalfMonth(9, 129, 155)).toBe(1);
    expect(shareOfHalfMonth(10, 129, 155)).toBeCloseTo(4 / 15);
    expect(shareOfHalfMonth(0, 360, 370)).toBeCloseTo(5 / 15);
  });
});

describe('days drawn over the year', () => {
  it('every half-month is alike wide', () => {
    expect(shareOfYear(1)).toBe(0);
    expect(shareOfYear(182)).toBe(0.5);
    // 16 July: the fourteenth half-month begins.
    expect(shareOfYear(197)).toBeCloseTo(13 / 24);
    expect(shareOfYear(366)).toBe(1);
  });
  it('a window over the new year lies in two stretches', () => {
    expect(stretchesOf({ from: 100, to: 200 })).toEqual([[100, 200]]);
    expect(stretchesOf({ from: 340, to: 375 })).toEqual([
      [1, 10],
      [340, 365],
    ]);
    expect(stretchesOf({ from: 1, to: 365 })).toEqual([[1, 365]]);
  });
  it('half-months as days run over the new year where the last comes first', () => {
    expect(daysOfHalfMonths(8, 9)).toEqual({ from: 121, to: 151 });
    // 1 September to 31 March.
    expect(daysOfHalfMonths(16, 5)).toEqual({ from: 244, to: 455 });
  });
  it('a window is turned so that it begins within the year', () => {
    expect(inYear({ from: -5, to: 20 })).toEqual({ from: 360, to: 385 });
    expect(inYear({ from: 366, to: 400 })).toEqual({ from: 1, to: 35 });
    for (const from of [1, 365]) expect(inYear({ from, to: 370 })).toEqual({ from, to: 370 });
  });
  it('a day is turned as near to another as it goes', () => {
    expect(turnedTo(360, 5)).toBe(-5);
    expect(turnedTo(5, 360)).toBe(370);
    expect(turnedTo(100, 200)).toBe(100);
  });
  it('a window touches half-months in its order, all of them where it is a year long', () => {
    expect(halfMonthsTouched({ from: 350, to: 375 })).toEqual([23, 0]);
    expect(halfMonthsTouched({ from: 123, to: 123 })).toEqual([8]);
    expect(halfMonthsTouched({ from: 100, to: 464 })).toHaveLength(24);
    expect(halfMonthsTouched({ from: 1, to: 365 })).toHaveLength(24);
  });
});

describe('days in the reader’s manner', () => {
  afterEach(() => writeDays('day-first'));
  it('the day first, or the month', () => {
    expect([dayName(126), dateName('2026-05-04')]).toEqual(['6 May', '4 May 2026']);
    writeDays('month-first');
    expect([dayName(126), dateName('2026-05-04')]).toEqual(['May 6', 'May 4, 2026']);
  });
});
