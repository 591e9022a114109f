import { describe, expect, it } from 'vitest';
import {
  dayName,
  dayOfMonthDay,
  firstDay,
  halfMonthName,
  halfMonthOfDay,
  halfMonthsBetween,
  halfMonthsInWords,
  lastDay,
  monthDayOf,
  runsOf,
  shareOfHalfMonth,
  shareOfYear,
  stretchesOf,
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
});
