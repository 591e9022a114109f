import { describe, expect, it } from 'vitest';
import { dayNumber } from '../model/days';
import { care } from '../testing/worked-garden';
import { begun } from '../work/plan-tasks';
import type { TaskOn } from '../work/standing';
import { unitsOf, fluid, inUnitsOf } from './units';
import {
  amountWords,
  forWords,
  heedWords,
  lossWords,
  minutesWords,
  nearDay,
  rootingWords,
  ruleWhen,
  taskTitle,
  warningWords,
  whenWords,
  youngSentences,
} from './work';
import { taskRows, workEvents } from './work-table';

const us = unitsOf('us');
const metric = unitsOf('metric');
const names = { plant: (id: string) => `the ${id}`, site: (id: string) => `bed ${id}`, creature: (id: string) => `the ${id}` };
const TODAY = dayNumber('2026-05-10');
const task = (over: Partial<TaskOn> = {}): TaskOn => ({
  ...begun({
    key: '2026 thin aster',
    action: 'thin',
    source: 'care',
    site_id: 'b',
    from: TODAY - 5,
    until: TODAY + 20,
    steps: ['cut at 20 to 45 cm'],
    why: 'Because.',
  }),
  standing: 'open',
  due: TODAY - 5,
  best: null,
  last: null,
  putOff: null,
  ...over,
});

describe('measures in a sentence of the library', () => {
  it.each([
    ['Cut at 20 to 45 cm and leave the stubs', 'Cut at 8 to 18 in and leave the stubs'],
    ['Slowly, 20 l at a time', 'Slowly, 5.3 gal at a time'],
    ['above 32 °C', 'above 90 °F'],
    ['a room of 5 to 10 °C', 'a room of 41 to 50 °F'],
    ['Below -3 °C at night', 'Below 27 °F at night'],
    ['three shoots, 14 days, 1:4', 'three shoots, 14 days, 1:4'],
  ])('%s', (text, words) => {
    expect(inUnitsOf(text, us)).toBe(words);
    expect(inUnitsOf(text, metric).replace(' L ', ' l ')).toBe(text);
  });
  it('liquids in quarts and gallons', () => {
    expect([fluid(1, us), fluid(20, us), fluid(200, us), fluid(20, metric)]).toEqual(['1.1 qt', '5.3 gal', '53 gal', '20 L']);
  });
});

describe('a task in words', () => {
  it('names two kinds and counts more', () => {
    const plants = ['a', 'b', 'c'].map((plant, i) => ({ plant, count: i + 1 }));
    expect(forWords(task({ plants: plants.slice(0, 2) }), names)).toBe('1 the a and 2 the b');
    expect(forWords(task({ plants }), names)).toBe('3 kinds, 6 plants');
    expect(taskTitle(task({ plants }), names)).toBe('Thin: 3 kinds, 6 plants, bed b');
    expect(taskTitle(task({ action: 'own', title: 'Oil the gate', site_id: null }), names)).toBe('Oil the gate');
  });
  it.each<[string, Partial<TaskOn>, string]>([
    ['open', {}, 'until 30 May'],
    ['with its best day', { best: TODAY + 2 }, 'until 30 May, best Tuesday 12 May'],
    ['that repeats', { every: 14 }, 'every 14 days, until 30 May'],
    ['of the last day', { until: TODAY, standing: 'today' }, 'today'],
    ['late', { standing: 'late', until: TODAY - 3 }, 'should have been done by 7 May'],
    ['near', { standing: 'week', due: TODAY + 1 }, 'from tomorrow'],
    ['coming', { standing: 'coming', due: TODAY + 20 }, 'from 30 May'],
    ['done', { standing: 'done', last: TODAY }, 'done today'],
    ['of one’s own, without an end', { until: TODAY + 3650, every: 7 }, 'every 7 days'],
  ])('%s', (_, over, words) => expect(whenWords(task(over), TODAY)).toBe(words));
  it('days near today by their name, others by their date, of another year with it', () => {
    expect([0, 1, 3, 30, 300].map((days) => nearDay(TODAY + days, TODAY))).toEqual([
      'today',
      'tomorrow',
      'Wednesday 13 May',
      '9 June',
      '6 March 2027',
    ]);
  });
  it.each([
    [0.4, '1 min'],
    [59.4, '59 min'],
    [60, '1 h'],
    [125, '2 h 05'],
  ])('%f minutes are %s', (minutes, words) => expect(minutesWords(minutes)).toBe(words));
  it('amounts in the units chosen', () => {
    expect(amountWords({ amount: 29, unit: 'l of water' }, us)).toBe('7.7 gal of water');
    expect(amountWords({ amount: 100, unit: 'l of mulch' }, us)).toBe('3.5 cu ft of mulch (2 bags)');
    expect(amountWords({ amount: 100, unit: 'l of mulch' }, metric)).toBe('100 L of mulch (2 bags)');
    expect(amountWords({ amount: 200, unit: 'g of feed' }, metric)).toBe('0.2 kg of feed');
    expect(amountWords({ amount: 9, unit: 'cane' }, us)).toBe('9 × cane');
  });
  it('to plant says how many days are left to root, and what to do when they are too few', () => {
    // Until 13 September, 42 days before the first frost of 25 October: on 10 May 126 + 42.
    const planting = task({ action: 'plant', until: dayNumber('2026-09-13') });
    expect(rootingWords(planting, TODAY)).toBe('Set today it has 168 days to root before the first frost.');
    expect(rootingWords({ ...planting, standing: 'late' }, TODAY)).toMatch(/will not root before winter now/);
    expect(rootingWords(task(), TODAY)).toBe('');
  });
});

describe('the young on a plant in words', () => {
  it('each creature once, with its plants', () => {
    const young = ['a', 'b'].map((plant) => ({ target: 'monarch', plant, stage: 'feeding' as const }));
    expect(youngSentences(young, names)).toEqual(['the monarch: eggs or caterpillars may be on it (the a and the b).']);
  });
  const feeding = [{ target: 'm', plant: 'a', stage: 'feeding' as const }];
  it.each<[string, Partial<TaskOn>, RegExp]>([
    ['a cut that waited', { heed: 'waited' }, /^Not before 5 May: until then young are on it/],
    ['a cut of a part', { heed: 'leave-part' }, /leave every stem with eggs/],
    ['a cut before they come', { heed: 'look', action: 'cut-down', young: feeding }, /From 31 May young are on it, and it waits/],
    ['dead stems', { heed: 'look', action: 'cut-dead', young: feeding }, /may be on its new shoots/],
    ['a division over a winter place', { heed: 'look', action: 'divide', young: [] }, /put the litter about it back/],
    ['nobody', {}, /^$/],
  ])('%s', (_, over, words) => expect(heedWords(task(over), TODAY)).toMatch(words));
});

it('a warning says what is threatened, when, and what to do', () => {
  const tender = [
    { planting: 'p', plant: 'lantana', site: 'x', count: 2, limit_c: 5, does: 'bring-in' as const },
    { planting: 'q', plant: 'zinnia', site: 'y', count: 9, limit_c: 1, does: 'cover' as const },
  ];
  expect(warningWords({ kind: 'frost', day: TODAY + 1, low_c: 0, tender }, TODAY, names, us)).toEqual({
    title: 'tomorrow: a night of 32 °F',
    does: 'Bring in the lantana (bed x). Cover the zinnia (bed y), or cut what you want of it.',
  });
  expect(warningWords({ kind: 'last-frost-nears', day: TODAY - 12, odds: 0.21 }, TODAY, names, metric).does).toMatch(
    /In 2 years of ten/,
  );
  expect(
    warningWords({ kind: 'dry-spell', days: 14, beds: [{ site: 'x', held: 0.2, litres: 40 }] }, TODAY, names, metric),
  ).toEqual({
    title: 'A dry spell: 14 days without rain',
    does: 'Water bed x (40 L).',
  });
});

it('what a task put off costs', () => {
  expect(lossWords({ cycles: 1, plants: 12, closes_d: 0 })).toBe(
    '1 life cycle depends on it, 12 plants at risk and its window closes today',
  );
  expect(lossWords({ cycles: 0, plants: 0, closes_d: Infinity })).toBe('nothing yet');
});

it('a rule of care says when it applies', () => {
  const row = care('aster', 'divide', { every_years: 3, age_from: 3, place: 'ground' });
  expect(ruleWhen(row, { from: 97, to: 132 })).toBe(', 7 April to 12 May, every 3 years, from its fourth year, in the ground');
  expect(ruleWhen(care('any', 'water', { thirst: 'even', age_to: 0 }), null)).toBe(
    ', in its first year, evenly moist while they root',
  );
});

describe('the work in files', () => {
  it('a row for each task', () => {
    const [row] = taskRows([task({ plants: [{ plant: 'a', count: 3 }], minutes: 12.4, tools: 'shears' })], names, us);
    expect(row).toEqual([
      '2026-05-05',
      '2026-05-30',
      'Thin',
      'bed b',
      '3 the a',
      '12',
      '',
      'shears',
      'Cut at 8 to 18 in.',
      'Because.',
    ]);
  });
  it('an event for each task, and for each time that one is due again', () => {
    expect(workEvents([task()], names, metric, TODAY).map((row) => [row.first, row.last])).toEqual([
      ['2026-05-05', '2026-05-30'],
    ]);
    // From 5 May every ten days: 15 and 25 May are ahead.
    expect(workEvents([task({ every: 10 })], names, metric, TODAY).map((row) => row.first)).toEqual(['2026-05-15', '2026-05-25']);
    expect(workEvents([task({ until: TODAY - 1 })], names, metric, TODAY)).toEqual([]);
  });
});
