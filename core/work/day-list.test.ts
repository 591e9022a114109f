import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { dayNumber } from '../model/days';
import type { Point } from '../model/yard';
import { dayList, lossOf } from './day-list';
import { begun } from './plan-tasks';
import type { TaskOn } from './standing';

const TODAY = dayNumber('2026-05-10');
let number = 0;
const task = (over: Partial<TaskOn> = {}): TaskOn => ({
  ...begun({
    key: `k${number++}`,
    action: 'thin',
    source: 'care',
    site_id: 'bed',
    from: TODAY,
    until: TODAY + 30,
    steps: [],
    why: '',
  }),
  standing: 'open',
  due: TODAY,
  best: null,
  last: null,
  putOff: null,
  minutes: 30,
  ...over,
});
const plants = (count: number) => [{ plant: 'aster', count }];
const nowhere = new Map<string, Point>();

describe('what is lost by putting a task off', () => {
  it('is a life cycle and the plants where it keeps them alive', () => {
    expect(lossOf(task({ action: 'water', holds: ['a', 'b'], plants: plants(7) }), TODAY)).toEqual({
      cycles: 2,
      plants: 7,
      closes_d: Infinity,
    });
    expect(lossOf(task({ action: 'thin', holds: ['a'], plants: plants(7) }), TODAY)).toEqual({
      cycles: 0,
      plants: 0,
      closes_d: Infinity,
    });
  });
  it('of planting only as its window closes', () => {
    expect(lossOf(task({ action: 'plant', plants: plants(3) }), TODAY).plants).toBe(0);
    expect(lossOf(task({ action: 'plant', plants: plants(3), until: TODAY + 6 }), TODAY)).toMatchObject({
      plants: 3,
      closes_d: 6,
    });
  });
});

describe('a day’s list', () => {
  it('takes a life cycle before any number of plants, plants before windows, windows before the rest', () => {
    const cycle = task({ action: 'bring-in', holds: ['a'], plants: plants(1) });
    const many = task({ action: 'water', plants: plants(500) });
    const closing = task({ until: TODAY });
    const rest = [task(), task()];
    const all = [...rest, closing, many, cycle];
    expect(dayList(all, 30, TODAY, nowhere).doing).toEqual([cycle]);
    expect(new Set(dayList(all, 60, TODAY, nowhere).doing)).toEqual(new Set([many, cycle]));
    expect(new Set(dayList(all, 90, TODAY, nowhere).doing)).toEqual(new Set([closing, many, cycle]));
    const { doing, putOff, minutes } = dayList(all, 100, TODAY, nowhere);
    expect([doing.length, minutes, new Set(putOff.map((row) => row.task))]).toEqual([3, 90, new Set(rest)]);
  });
  it('says what is put off, the worst loss first', () => {
    const cycle = task({ action: 'bring-in', holds: ['a'], minutes: 90 });
    const closing = task({ until: TODAY + 2, minutes: 90 });
    expect(dayList([task({ minutes: 90 }), closing, cycle], 60, TODAY, nowhere).putOff.map((row) => row.task)[0]).toBe(cycle);
  });
  it('loses no more than any other choice of tasks', () => {
    const some = fc.array(
      fc.record({
        minutes: fc.integer({ min: 1, max: 40 }),
        holds: fc.integer({ min: 0, max: 3 }),
        count: fc.integer({ min: 0, max: 9 }),
        closes: fc.integer({ min: 0, max: 12 }),
      }),
      { minLength: 1, maxLength: 8 },
    );
    fc.assert(
      fc.property(some, fc.integer({ min: 1, max: 120 }), (given, minutes) => {
        const tasks = given.map((row) =>
          task({
            action: 'water',
            minutes: row.minutes,
            holds: Array.from({ length: row.holds }, (_, i) => `t${i}`),
            plants: plants(row.count),
            until: TODAY + row.closes,
          }),
        );
        const keptBy = (chosen: TaskOn[]) => {
          const losses = chosen.map((row) => lossOf(row, TODAY));
          const closing = losses.reduce((sum, { closes_d }) => sum + (Number.isFinite(closes_d) ? 8 - closes_d : 0), 0);
          return [losses.reduce((sum, row) => sum + row.cycles, 0), losses.reduce((sum, row) => sum + row.plants, 0), closing];
        };
        const kept = keptBy(dayList(tasks, minutes, TODAY, nowhere).doing);
        for (let mask = 0; mask < 1 << tasks.length; mask++) {
          const chosen = tasks.filter((_, i) => mask & (1 << i));
          if (chosen.reduce((sum, row) => sum + row.minutes, 0) > minutes) continue;
          const other = keptBy(chosen);
          const first = kept.findIndex((value, i) => value !== other[i]);
          expect(first < 0 || kept[first]! > other[first]!).toBe(true);
        }
      }),
      { numRuns: 60 },
    );
  });
  it('walks from bed to bed, each the nearest to the one before, all of a bed together', () => {
    const middles = new Map<string, Point>([
      ['a', [0, 0]],
      ['b', [20, 0]],
      ['c', [3, 0]],
    ]);
    const tasks = ['a', 'b', 'c', 'a'].map((site_id) => task({ site_id, minutes: 5 }));
    const walk = dayList([...tasks, task({ site_id: null, minutes: 5 })], 60, TODAY, middles).doing.map((row) => row.site_id);
    expect(walk).toEqual([null, 'a', 'a', 'c', 'b']);
  });
});
