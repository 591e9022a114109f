import { describe, expect, it } from 'vitest';
import { gardenHere } from '../garden/here';
import { dayNumber } from '../model/days';
import type { Entry } from '../model/log';
import { entry } from '../testing/log';
import { host, libraryOf, plant, recordsIn, target } from '../testing/worked-garden';
import { ladderOf, rungsOf } from './stages';

const hereOf = (over: Parameters<typeof target>[1] = {}, occurrence = {}) => {
  const world = {
    plants: [plant('nettle')],
    targets: [target('azure', over)],
    hosts: [host('azure', 'nettle')],
    occurrence: { azure: occurrence },
  };
  return gardenHere(recordsIn(world), libraryOf(world)).almanac.targets.get('azure')!;
};
// It winters as a pupa in litter and flies from 1 to 31 May.
const azure = hereOf({ overwinters_as: 'pupa' });
const ladder = (log: Entry[], day = '2026-12-31') => ladderOf(azure, 'breeds', log, 2026, dayNumber(day));
const states = (log: Entry[], day?: string) => Object.fromEntries(ladder(log, day).rungs.map(({ rung, state }) => [rung, state]));

describe('the steps of a life', () => {
  it('are those that a creature can take here', () => {
    expect(rungsOf(azure)).toEqual(['visits', 'lays', 'larvae', 'chrysalis', 'emerges', 'winters']);
    expect(rungsOf(hereOf({ overwinters_as: 'none-migrates', overwinters_in: 'elsewhere' }))).not.toContain('winters');
    const bird = { kind: 'hummingbird' as const, dev_base_c: null, dev_degree_days: null, larva_leaf_g: null };
    expect(rungsOf(hereOf(bird))).toEqual(['visits']);
    expect(rungsOf(hereOf(bird, { nest_first: 9, nest_last: 13 }))).toEqual(['visits', 'nests', 'fledges']);
  });
  it('are proved by what was seen, and by a later step', () => {
    const log = [entry('larva', 'azure', '2026-06-10', { count: 3 }), entry('larva', 'azure', '2026-06-03', { count: 2 })];
    expect(states(log)).toEqual({
      visits: 'follows',
      lays: 'follows',
      larvae: 'seen',
      chrysalis: 'unseen',
      emerges: 'unseen',
      winters: 'unseen',
    });
    expect(ladder(log).rungs[2]).toEqual({
      rung: 'larvae',
      state: 'seen',
      first: '2026-06-03',
      last: '2026-06-10',
      times: 2,
      count: 5,
    });
  });
  it('of other years, and after today, do not count', () => {
    expect(states([entry('larva', 'azure', '2025-06-10')]).larvae).toBe('unseen');
    expect(states([entry('larva', 'azure', '2026-06-10')], '2026-06-09').larvae).toBe('unseen');
  });
  it('a life is seen to close once a chrysalis or a fresh adult was found; for a visitor a visit is all', () => {
    expect(ladder([entry('larva', 'azure', '2026-06-10')]).seenToClose).toBe(false);
    expect(ladder([entry('chrysalis', 'azure', '2026-07-01')]).seenToClose).toBe(true);
    expect(ladder([entry('emerged', 'azure', '2026-05-05')]).seenToClose).toBe(true);
    const visit = [entry('adult', 'azure', '2026-05-05')];
    expect(ladder(visit).seenToClose).toBe(false);
    expect(ladderOf(azure, 'visits', visit, 2026, dayNumber('2026-12-31')).seenToClose).toBe(true);
  });
});

describe('coming through the winter', () => {
  it('is shown by the wintering stage after the new year, before it flies, and not in autumn', () => {
    expect(states([entry('chrysalis', 'azure', '2026-02-10')]).winters).toBe('seen');
    expect(states([entry('chrysalis', 'azure', '2026-11-10')]).winters).toBe('unseen');
    expect(states([entry('eggs', 'azure', '2026-02-10')]).winters).toBe('unseen');
  });
  it('or by an adult fresh from its case in the first month of its flight', () => {
    expect(states([entry('emerged', 'azure', '2026-05-20')]).winters).toBe('seen');
    // 31 May is 30 days after the first; a day later it may be of the next brood.
    expect(states([entry('emerged', 'azure', '2026-05-31')]).winters).toBe('seen');
    expect(states([entry('emerged', 'azure', '2026-06-01')]).winters).toBe('unseen');
  });
});

describe('asking why', () => {
  const visits = ['2026-05-02', '2026-05-06', '2026-05-09'].map((day) => entry('adult', 'azure', day));
  it('is worth it where adults came three times and neither egg nor caterpillar was found in a month', () => {
    expect(ladder(visits, '2026-06-02').askWhy).toBe(true);
    expect(ladder(visits, '2026-05-20').askWhy).toBe(false);
    expect(ladder(visits.slice(1), '2026-12-31').askWhy).toBe(false);
    expect(ladder([...visits, entry('eggs', 'azure', '2026-05-10')], '2026-06-02').askWhy).toBe(false);
    expect(ladder([...visits, entry('chrysalis', 'azure', '2026-05-30')], '2026-06-02').askWhy).toBe(false);
    expect(ladderOf(azure, 'visits', visits, 2026, dayNumber('2026-06-02')).askWhy).toBe(false);
  });
});
