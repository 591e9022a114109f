import { describe, expect, it } from 'vitest';
import { dayNumber, isoOf } from '../model/days';
import type { Work } from '../model/work';
import type { Weather, WeatherDay } from '../place/weather/weather';
import { doneWork } from '../testing/why-day';
import { begun } from './plan-tasks';
import { standingOn } from './standing';
import type { Task } from './task';

const task = (over: Partial<Task> = {}): Task =>
  begun({
    key: 'k',
    action: 'thin',
    source: 'care',
    site_id: 'bed',
    from: dayNumber('2026-05-01'),
    until: dayNumber('2026-05-31'),
    steps: [],
    why: '',
    ...over,
  });
const said = (what: Work['what'], on_day: string, until: string | null = null): Work => doneWork('k', on_day, { what, until });
const on = (day: string, rows: Work[] = [], over: Partial<Task> = {}, weather: Weather | null = null) =>
  standingOn(task(over), rows, dayNumber(day), weather);

describe('a task of May', () => {
  it.each([
    ['2026-03-01', 'later'],
    ['2026-04-03', 'later'],
    ['2026-04-04', 'coming'],
    ['2026-04-24', 'coming'],
    ['2026-04-25', 'week'],
    ['2026-05-01', 'open'],
    ['2026-05-31', 'today'],
    ['2026-06-01', 'late'],
    ['2026-06-28', 'late'],
    ['2026-06-29', 'gone'],
  ])('on %s: %s', (day, standing) => expect(on(day).standing).toBe(standing));
  it('that cannot wait is due today from its first day on', () => {
    expect(on('2026-05-01', [], { action: 'bring-in' }).standing).toBe('today');
  });
  it('whose window stays open for long is for when it suits', () => {
    expect(on('2026-05-01', [], { until: dayNumber('2026-06-13') }).standing).toBe('anytime');
    expect(on('2026-05-02', [], { until: dayNumber('2026-06-13') }).standing).toBe('open');
  });
  it('to look at something is never late', () => expect(on('2026-06-02', [], { action: 'watch' }).standing).toBe('gone'));
});

describe('what was said of it', () => {
  it('done or skipped, it is settled', () => {
    expect(on('2026-05-10', [said('done', '2026-05-05')]).standing).toBe('done');
    expect(on('2026-05-10', [said('skipped', '2026-05-05')]).standing).toBe('skipped');
    // A week before its window counts too; a year before does not.
    expect(on('2026-05-10', [said('done', '2026-04-24')]).standing).toBe('done');
    expect(on('2026-05-10', [said('done', '2025-05-05')]).standing).toBe('open');
  });
  it('said of a later day, it is not yet', () => expect(on('2026-05-04', [said('done', '2026-05-05')]).standing).toBe('open'));
  it('put off, it is due then', () => {
    const rows = [said('put-off', '2026-05-02', '2026-05-12')];
    expect([on('2026-05-03', rows).standing, on('2026-05-06', rows).standing, on('2026-05-12', rows).standing]).toEqual([
      'coming',
      'week',
      'open',
    ]);
    expect(isoOf(on('2026-05-03', rows).due)).toBe('2026-05-12');
    // Done since, that it was put off before counts no more.
    expect(on('2026-05-14', [...rows, said('done', '2026-05-13')]).standing).toBe('done');
  });
  it('put off beyond its window it is done late, not forgotten', () => {
    const rows = [said('put-off', '2026-05-30', '2026-06-05')];
    expect([on('2026-06-01', rows).standing, on('2026-06-05', rows).standing, on('2026-06-10', rows).standing]).toEqual([
      'week',
      'today',
      'late',
    ]);
  });
});

describe('a task every ten days', () => {
  const every = { every: 10 };
  it('comes again ten days after it was done, within its window', () => {
    const rows = [said('done', '2026-05-03')];
    expect(on('2026-05-05', rows, every)).toMatchObject({ standing: 'coming', due: dayNumber('2026-05-13') });
    expect(on('2026-05-13', rows, every).standing).toBe('open');
    // From 25 May the next would be 4 June: its season is over.
    expect(on('2026-05-26', [...rows, said('done', '2026-05-25')], every).standing).toBe('done');
  });
  it('left undone it stays open once, and ends with its window', () => {
    expect(on('2026-05-30', [], every)).toMatchObject({ standing: 'open', due: dayNumber('2026-05-01') });
    expect(on('2026-06-05', [], every).standing).toBe('gone');
  });
});

describe('the best day', () => {
  const day = (over: Partial<WeatherDay> = {}): WeatherDay => ({ low_c: 8, high_c: 20, rain_mm: 0, et0_mm: 3, ...over });
  /** Today, 10 May, and the seven days after it. */
  const weather = (days: Partial<WeatherDay>[]): Weather => ({
    first: dayNumber('2026-05-10'),
    past: [day(days[0])],
    forecast: Array.from({ length: 7 }, (_, i) => day(days[i + 1])),
  });
  const wet = { rain_mm: 12 };
  it('for a cut is the first dry one', () => {
    expect(isoOf(on('2026-05-10', [], { action: 'deadhead' }, weather([wet, wet])).best!)).toBe('2026-05-12');
    expect(isoOf(on('2026-05-10', [], { action: 'deadhead' }, weather([])).best!)).toBe('2026-05-10');
  });
  it('for planting is one before rain, and none in the heat', () => {
    expect(isoOf(on('2026-05-10', [], { action: 'plant' }, weather([{}, {}, {}, wet])).best!)).toBe('2026-05-12');
    expect(isoOf(on('2026-05-10', [], { action: 'plant' }, weather([{ high_c: 33 }, { high_c: 30 }])).best!)).toBe('2026-05-12');
  });
  it('lies within the window, and is none where that is over or far', () => {
    expect(isoOf(on('2026-05-10', [], { action: 'deadhead', until: dayNumber('2026-05-11') }, weather([wet, wet])).best!)).toBe(
      '2026-05-10',
    );
    expect(on('2026-05-10', [], { from: dayNumber('2026-05-20') }, weather([])).best).toBeNull();
  });
});
