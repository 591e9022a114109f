import { describe, expect, it } from 'vitest';
import { gardenHere } from '../garden/here';
import { dayNumber, isoOf } from '../model/days';
import type { Planting } from '../model/garden';
import { care, host, libraryOf, plant, planting, recordsIn, site, target, type World } from '../testing/worked-garden';
import { heeded } from './care-tasks';
import type { Task } from './task';
import { thereOn, youngOn, type YoungOn } from './young';

const YEAR = 2026;
const aster = plant('aster', { foliage_first: 6, foliage_last: 19, bloom_first: 12, bloom_last: 15 });
const grown = (id: string, of: string, count: number, over: Partial<Planting> = {}) =>
  planting(id, of, count, { state: 'in-ground', planted_year: 2020, ...over });
const worldOf = (over: Partial<World>): World => ({ plants: [aster], targets: [], hosts: [], ...over });

/** The work of a worked garden. Frosts: 20 April (day 110), 25 October (day 298). */
function workIn(world: World, plantings: Planting[], over: Parameters<typeof recordsIn>[2] = {}) {
  return gardenHere(recordsIn(world, plantings, over), libraryOf(world)).work;
}
const tasksIn = (...of: Parameters<typeof workIn>) => workIn(...of).tasksOf(YEAR, null);
const days = ({ from, until }: Task) => [isoOf(from), isoOf(until)];

describe('a task of care', () => {
  it('has the window of its row, its plants, minutes and amounts', () => {
    const rows = [
      care('aster', 'feed', {
        from: 'last-frost+14',
        until: 'first-frost-14',
        minutes: 2,
        amount: 0.5,
        unit: 'l of feed',
        every_days: 7,
      }),
    ];
    const [task] = tasksIn(worldOf({ care: rows }), [grown('a', 'aster', 3)]);
    expect(days(task!)).toEqual(['2026-05-04', '2026-10-11']);
    expect(task).toMatchObject({ action: 'feed', site_id: 'bed', every: 7, minutes: 6, plants: [{ plant: 'aster', count: 3 }] });
    expect(task!.amounts).toEqual([{ amount: 1.5, unit: 'l of feed' }]);
  });
  it('of mulch asks for a layer on the ground its plants take', () => {
    const rows = [care('aster', 'mulch', { from: 'last-frost', until: 'last-frost+7', amount: 5, unit: 'cm of mulch' })];
    const [task] = tasksIn(worldOf({ care: rows }), [grown('a', 'aster', 8)]);
    // Eight plants at half a metre take 2 m²; five centimetres on them are 100 litres.
    expect(task!.amounts).toEqual([{ amount: 100, unit: 'l of mulch' }]);
  });
  it('is one for all the kinds of a bed that a row speaks of, and one a kind where it goes by their own days', () => {
    const second = plant('sedge', { bloom_first: 8, bloom_last: 9 });
    const world = (from: string) =>
      worldOf({ plants: [aster, second], care: [care('perennial', 'thin', { from, until: `${from}+7` })] });
    const both = [grown('a', 'aster', 3), grown('b', 'sedge', 4)];
    expect(tasksIn(world('last-frost'), both).map((task) => task.plants.length)).toEqual([2]);
    expect(tasksIn(world('bloom-end'), both).map((task) => task.plants.length)).toEqual([1, 1]);
  });
  it('comes only in its years: every third from the third', () => {
    const rows = [care('aster', 'divide', { from: 'last-frost', until: 'last-frost+7', every_years: 3, age_from: 3 })];
    const of = (year: number) => tasksIn(worldOf({ care: rows }), [grown('a', 'aster', 1, { planted_year: year })]).length;
    // In 2026: planted 2023 is three years, 2022 four, 2020 six, 2024 two.
    expect([2024, 2023, 2022, 2020].map(of)).toEqual([0, 1, 0, 1]);
  });
  it('is none of what is only planned, or lost', () => {
    const rows = [care('aster', 'thin', { from: 'last-frost', until: 'last-frost+7' })];
    const of = (over: Partial<Planting>) =>
      tasksIn(worldOf({ care: rows }), [grown('a', 'aster', 1, over)]).filter((task) => task.source === 'care').length;
    expect([
      of({}),
      of({ state: 'sown' }),
      of({ state: 'planned', planted_year: null }),
      of({ state: 'lost', lost_year: 2025 }),
    ]).toEqual([1, 1, 0, 0]);
  });
  it('of what is in the ground since nobody knows when is that of an established plant', () => {
    const rows = [care('aster', 'divide', { from: 'last-frost', until: 'last-frost+7', age_from: 3 })];
    expect(tasksIn(worldOf({ care: rows }), [grown('a', 'aster', 1, { planted_year: null })]).length).toBe(1);
  });
  it('is cut short by the days in which another row says never', () => {
    const never = care('aster', 'thin', { never: true, from: '06-01', until: '06-20' });
    const of = (from: string, until: string) =>
      tasksIn(worldOf({ care: [care('aster', 'thin', { from, until }), never] }), [grown('a', 'aster', 1)]).map(days);
    expect(of('05-20', '06-10')).toEqual([['2026-05-20', '2026-05-31']]);
    expect(of('06-10', '06-30')).toEqual([['2026-06-21', '2026-06-30']]);
    expect(of('06-05', '06-15')).toEqual([]);
    expect(of('07-01', '07-10')).toEqual([['2026-07-01', '2026-07-10']]);
  });
  it('may run over the new year, from autumn to spring', () => {
    const rows = [care('aster', 'watch', { from: 'first-frost+14', until: 'last-frost' })];
    expect(tasksIn(worldOf({ care: rows }), [grown('a', 'aster', 1)]).map(days)).toEqual([['2026-11-08', '2027-04-20']]);
  });
  it('of what a bed offers besides plants is there while it offers it', () => {
    const rows = [care('@mud', 'top-up', { from: '05-01', until: '09-30', every_days: 4, minutes: 3 })];
    const of = (features: ('mud' | 'fruit')[]) => tasksIn(worldOf({ care: rows }), [], { sites: [site('bed', { features })] });
    expect(of([])).toEqual([]);
    expect(of(['mud'])).toMatchObject([{ action: 'top-up', feature: 'mud', every: 4, minutes: 3 }]);
  });
});

it('a feeder is cleaned every five days, and every three while nights are warm: never by both rows at once', () => {
  const rows = [
    care('@feeder', 'clean', { from: '04-01', until: '10-31', every_days: 5 }),
    care('@feeder', 'clean', { from: '07-01', until: '08-15', every_days: 3 }),
  ];
  const work = workIn(worldOf({ care: rows }), [], { sites: [site('bed', { features: ['feeder'] })] });
  const day = { low_c: 15, high_c: 25, rain_mm: 0, et0_mm: 3 };
  const every = (on: string) =>
    work
      .on({ first: dayNumber(on), past: [day], forecast: Array.from({ length: 7 }, () => day) }, [])
      .tasks.map((task) => task.every);
  expect([every('2026-06-20'), every('2026-07-10'), every('2026-08-20')]).toEqual([[5, 3], [3], [5]]);
});

describe('the young on a plant', () => {
  // A resident that flies in May (days 121 to 151) with one brood, and winters in the litter.
  const monarch = target('monarch');
  const world = worldOf({ targets: [monarch], hosts: [host('monarch', 'aster')] });
  const almanac = gardenHere(recordsIn(world), libraryOf(world)).almanac;
  const on = youngOn(almanac.plants.get('aster')!, almanac, new Set(['monarch']));
  it('are eggs a week before the first larva feeds, larvae to the last day, and what winters about it', () => {
    // Five degree-days a day of a hundred: eggs take three days, larvae twelve: from 124 to 151 + 15.
    const [period] = almanac.targets.get('monarch')!.larval;
    expect(on.map((row) => row.stage)).toEqual(['feeding', 'below']);
    expect([on[0]!.from, on[0]!.to]).toEqual([period!.from - 7, period!.to]);
    // From the day after to the day before it flies again.
    expect([on[1]!.from, on[1]!.to]).toEqual([period!.to + 1, 121 + 365 - 1]);
  });
  it('of a creature nobody chose count where it is their primary host', () => {
    const of = (rank: 'primary' | 'accepted') => {
      const other = worldOf({ targets: [monarch], hosts: [host('monarch', 'aster', rank)] });
      const here = gardenHere(recordsIn(other), libraryOf(other)).almanac;
      return youngOn(here.plants.get('aster')!, here, new Set()).length;
    };
    expect([of('primary'), of('accepted')]).toEqual([1, 0]);
  });
  it('are there over the new year', () => {
    expect([360, 5, 200].map((day) => thereOn({ from: 350, to: 375 }, day))).toEqual([true, true, false]);
  });
  it('a cut of the whole plant in the garden is made around them', () => {
    const rows = [care('aster', 'cut-down', { from: '05-01', until: '05-31' })];
    const [task] = tasksIn({ ...world, care: rows }, [grown('a', 'aster', 1)]);
    const [period] = almanac.targets.get('monarch')!.larval;
    expect(task).toMatchObject({ heed: 'waited' });
    expect(task!.from - dayNumber('2026-01-01') + 1).toBe(period!.to + 1);
  });
});

describe('a cut, with young on the plant', () => {
  const young = (from: number, to: number, stage: YoungOn['stage'] = 'feeding') => [{ from, to, stage }] as unknown as YoungOn[];
  const june = { from: 152, to: 181 };
  it('of the whole plant waits until they have left', () => {
    expect(heeded('cut-down', june, young(140, 160))).toMatchObject({ window: { from: 161, to: 181 }, heed: 'waited' });
    // A week is left for it where its window is over by then.
    expect(heeded('divide', june, young(140, 190))).toMatchObject({ window: { from: 191, to: 197 }, heed: 'waited' });
  });
  it('ends on the day before they come', () => {
    expect(heeded('shear', june, young(170, 200))).toMatchObject({ window: { from: 152, to: 169 }, heed: 'look' });
  });
  it('is not made where they are there for more than a month after it', () => {
    expect(heeded('cut-down', june, young(140, 211))).toBeNull();
    expect(heeded('cut-down', june, young(140, 210))).toMatchObject({ window: { from: 211 } });
  });
  it('of a part goes on and leaves theirs', () => {
    expect(heeded('cut-third', june, young(140, 300))).toMatchObject({ window: june, heed: 'leave-part' });
    expect(heeded('pinch', june, young(10, 20))).toMatchObject({ window: june, heed: 'none', young: [] });
  });
  it('of last year’s stems takes no leaf: it is looked through, and what winters in the plant is left', () => {
    expect(heeded('cut-dead', june, young(140, 300))).toMatchObject({ window: june, heed: 'look' });
    expect(heeded('cut-dead', june, young(140, 300, 'wintering'))).toMatchObject({ heed: 'leave-part' });
  });
  it('what winters in the litter below does not put it off', () => {
    expect(heeded('cut-down', june, young(140, 300, 'below'))).toMatchObject({ window: june, heed: 'look' });
  });
  it('other work goes on', () =>
    expect(heeded('feed', june, young(140, 300))).toMatchObject({ window: june, heed: 'none', young: [] }));
});

describe('what the plan asks for', () => {
  it('to plant what is planned, from two weeks before the last frost to six weeks before the first', () => {
    const tasks = tasksIn(worldOf({}), [planting('a', 'aster', 3), planting('b', 'aster', 2, { state: 'on-order' })]);
    expect(tasks.map((task) => [task.action, task.plants.reduce((sum, row) => sum + row.count, 0), ...days(task)])).toEqual([
      ['plant', 5, '2026-04-06', '2026-09-13'],
    ]);
  });
  it('a tender plant only when the frosts are over', () => {
    const tender = plant('tender', { zone_min: '9a' });
    const tasks = tasksIn(worldOf({ plants: [tender] }), [planting('a', 'tender', 3)]);
    expect(tasks.map(days)).toEqual([['2026-04-21', '2026-06-04']]);
  });
  it('a sowing on the day chosen for it, and a cut timed for a second bloom each year', () => {
    const tasks = tasksIn(worldOf({}), [
      planting('a', 'aster', 3, { sow_on: '05-10' }),
      grown('b', 'aster', 4, { cut: { on: '07-01', count: 2 } }),
    ]);
    expect(tasks.map((task) => [task.action, ...days(task), task.plants[0]!.count])).toEqual([
      ['sow', '2026-05-07', '2026-05-24', 3],
      ['cut', '2026-06-29', '2026-07-08', 2],
    ]);
  });
});

describe('what the survey asks for', () => {
  const measured = (taken_on: string, kind: 'hole' | 'probe' = 'hole') => ({
    measures: [
      kind === 'hole'
        ? { id: 'm', revision: 0, kind, site_id: 'bed', taken_on, note: '', reading: { drop_cm: 5, minutes: 60 } }
        : {
            id: 'm',
            revision: 0,
            kind,
            site_id: 'bed',
            taken_on,
            note: '',
            reading: { ph: 6.5, moisture_pct: null, light_klx: null, device: 'typed' as const },
          },
    ],
  });
  it('measurements again after three years', () => {
    expect(tasksIn(worldOf({}), [], measured('2022-05-01')).map((task) => task.action)).toEqual(['measure']);
    expect(tasksIn(worldOf({}), [], measured('2024-05-01'))).toEqual([]);
  });
  it('a reading of the probe thirty days after the last, in the season', () => {
    const [task] = tasksIn(worldOf({}), [], measured('2026-05-01', 'probe'));
    expect(isoOf(task!.from)).toBe('2026-05-31');
    expect(tasksIn(worldOf({}), [], measured('2026-10-10', 'probe'))).toEqual([]);
  });
  it('invaders until they are cleared, with what clears them', () => {
    const thing = (state: 'standing' | 'cleared') => ({
      things: [
        {
          id: 't',
          revision: 0,
          kind: 'invader' as const,
          name: 'By the fence',
          points: [],
          traits: { plant: 'aster', state, note: '' },
        },
      ],
    });
    const world = worldOf({});
    const library = {
      ...libraryOf(world),
      clearing: [{ plant: 'perennial', way: 'Dig it out', season: 'In spring', years: 2, note: '' }],
    };
    const of = (state: 'standing' | 'cleared') =>
      gardenHere(recordsIn(world, [], thing(state)), library).work.tasksOf(YEAR, null);
    expect(of('standing')).toMatchObject([{ action: 'clear', title: 'By the fence', site_id: null }]);
    expect(of('standing')[0]!.steps).toContain('Dig it out');
    expect(of('cleared')).toEqual([]);
  });
});

it('a task says which life cycles depend on its plants', () => {
  // One host of one creature: without its twenty plants nothing feeds the larvae.
  const world = worldOf({
    targets: [target('monarch', { adult_food: 'none', overwinters_as: 'none-migrates', overwinters_in: 'elsewhere' })],
    hosts: [host('monarch', 'aster')],
  });
  const rows = [care('aster', 'feed', { from: 'last-frost', until: 'last-frost+7' })];
  const records = { targets: [{ id: 't', revision: 0, target: 'monarch', ambition: 'breeds' as const, priority: 1 }] };
  const [task] = tasksIn({ ...world, care: rows }, [grown('a', 'aster', 40)], records);
  expect(task!.holds).toEqual(['monarch']);
  const [fewer] = tasksIn({ ...world, care: rows }, [grown('a', 'aster', 1)], records);
  // A single plant closes nothing, and so nothing opens without it.
  expect(fewer!.holds).toEqual([]);
});
