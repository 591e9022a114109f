import { describe, expect, it } from 'vitest';
import { gardenHere } from '../garden/here';
import { dayNumber, isoOf, type DayNumber } from '../model/days';
import type { Batch, LookFields } from '../model/raise';
import { batch as sown, libraryOf, plant, planting, recordsIn, way, type World } from '../testing/worked-garden';
import { funnelOf, stepKey } from './batch-here';

const row = way('aster', ['winter-container', 'chilled-indoors'], {
  chill_days: 0,
  depth_mm: 3,
  days_from: 10,
  days_to: 30,
  rate_from: 0.4,
  rate_to: 0.6,
});
const world: World = {
  plants: [plant('aster')],
  targets: [],
  hosts: [],
  propagation: [row, way('aster', ['softwood'], { rate_from: 0.5, rate_to: 0.9, days_from: 14, days_to: 28 })],
};
const look = (over: Partial<LookFields>): LookFields => ({
  on_day: '2026-05-01',
  up: 0,
  lost: 0,
  potted: 0,
  planted: 0,
  given: 0,
  note: '',
  ...over,
});
const batch = (over: Partial<Batch> = {}): Batch =>
  sown({ plant: 'aster', method: 'softwood', begun_on: null, units: 20, ...over });
const gardenWith = (batches: Batch[], planted = [planting('p', 'aster', 6)]) =>
  gardenHere(recordsIn(world, planted, { batches }), libraryOf(world));
const never = () => null;
const hereOf = (over: Partial<Batch>, doneOn: (key: string) => DayNumber | null = never) =>
  gardenWith([batch(over)]).raising.batches(doneOn)[0]!;

describe('a batch as it stands', () => {
  it('is to be begun, then waits, is up, potted, planted, and over', () => {
    const begun = { begun_on: '2026-06-01' };
    expect(hereOf({}).stage).toBe('planned');
    expect(hereOf(begun).stage).toBe('waiting');
    expect(hereOf({ ...begun, looks: [look({ up: 9 })] }).stage).toBe('up');
    expect(hereOf({ ...begun, looks: [look({ up: 9, potted: 9 })] }).stage).toBe('potted');
    expect(hereOf({ ...begun, looks: [look({ up: 9, potted: 9, planted: 5, lost: 4 })] }).stage).toBe('planted');
    expect(hereOf({ ...begun, ended: true }).stage).toBe('over');
  });
  it('is begun by the day written with it, or by its first step being ticked', () => {
    const ticked = hereOf({}, (key) => (key === 'raise b cut' ? dayNumber('2026-06-04') : null));
    expect(ticked.begun).toBe(true);
    expect(isoOf(ticked.begin)).toBe('2026-06-04');
    // Its other steps move with it.
    expect(isoOf(ticked.steps.find((step) => step.kind === 'look')!.from)).toBe('2026-06-11');
    expect(isoOf(hereOf({ begun_on: '2026-06-02' }).begin)).toBe('2026-06-02');
  });
  it('has taken the looks that were counted, and the steps that its counts show', () => {
    const kinds = (over: Partial<Batch>) =>
      hereOf({ begun_on: '2026-06-01', ...over }).left.map(({ kind, number }) => `${kind}${number ?? ''}`);
    expect(kinds({}).slice(0, 2)).toEqual(['look1', 'look2']);
    expect(kinds({ looks: [look({ on_day: '2026-06-16', up: 2 })] })[0]).toBe('look3');
    expect(kinds({ looks: [look({ on_day: '2026-07-16', up: 9, potted: 9 })] })).toEqual(['harden', 'plant-out']);
    expect(kinds({ ended: true })).toEqual([]);
  });
  it('counts what grows, what is to come, and what is more than wanted', () => {
    // Twenty cuttings at a mean of 0.7, less what is lost on the way: 20 × 0.7 × 0.85 = 11.9.
    expect(hereOf({ begun_on: '2026-06-01' }).toCome).toBe(12);
    const half = hereOf({ begun_on: '2026-06-01', looks: [look({ up: 12, lost: 2, planted: 3, given: 1 })] });
    expect(half).toMatchObject({ growing: 6, toCome: 6, surplus: 4, came: 0.6 });
    expect(funnelOf(half).map((part) => part.count)).toEqual([20, 12, 0, 3]);
  });
  it('names its steps so that what was said of one is found', () => {
    expect(stepKey('b', { kind: 'look', number: 2 })).toBe('raise b look 2');
    expect(stepKey('b', { kind: 'sow' })).toBe('raise b sow');
  });
});

describe('the raising of a garden', () => {
  it('counts what batches promise against what the plan wants', () => {
    const [kind] = gardenWith([batch({ begun_on: '2026-06-01', wanted: 4 })]).raising.kinds(dayNumber('2026-06-10'), never);
    expect(kind).toMatchObject({ want: 6, promised: 4, missing: 2 });
  });
  it('has no cuttings without a plant to take them from, and some a year after one stands here', () => {
    const at = dayNumber('2026-05-25');
    const without = gardenWith([])
      .raising.waysFor('aster', 3, at)
      .find((one) => one.method === 'softwood')!;
    expect(without.refused).toEqual({ no: 'mother' });
    const mother = planting('m', 'aster', 1, { state: 'in-ground', planted_year: 2025 });
    const with_ = gardenWith([], [mother])
      .raising.waysFor('aster', 3, at)
      .find((one) => one.method === 'softwood')!;
    expect(with_.refused).toBeNull();
    const young = gardenWith([], [{ ...mother, planted_year: 2026 }]).raising.waysFor('aster', 3, at);
    expect(young.find((one) => one.method === 'softwood')!.refused).toEqual({ no: 'mother' });
  });
  it('asks for fewer once one’s own cuttings have rooted better than the table says', () => {
    const units = (batches: Batch[]) => {
      const mother = planting('m', 'aster', 1, { state: 'in-ground', planted_year: 2020 });
      return gardenWith(batches, [mother])
        .raising.waysFor('aster', 8, dayNumber('2026-05-25'))
        .find((one) => one.method === 'softwood')!.quantity!;
    };
    const good = batch({ begun_on: '2025-06-01', units: 60, looks: [look({ on_day: '2025-07-01', up: 59 })], ended: true });
    expect(units([good]).own).toEqual({ tried: 60, came: 59 });
    expect(units([good]).units!).toBeLessThan(units([]).units!);
  });
  it('puts the chosen school before the others where all else is alike', () => {
    const first = (school: 'winter-containers' | 'chilled-indoors') => {
      const records = recordsIn(world, [planting('p', 'aster', 6)]);
      const here = gardenHere(
        { ...records, garden: { ...records.garden, school_sowing: school, indoor_light: 'lamp' } },
        libraryOf(world),
      );
      const ways = here.raising.waysFor('aster', 6, dayNumber('2026-11-25'));
      const scoreOf = (method: string) =>
        ways.find((one) => one.method === method)!.reasons.find((one) => one.of === 'school')?.points ?? 0;
      return [scoreOf('winter-container'), scoreOf('chilled-indoors')];
    };
    expect(first('winter-containers')[0]).toBeGreaterThan(0);
    expect(first('winter-containers')[1]).toBe(0);
    expect(first('chilled-indoors')[1]).toBeGreaterThan(0);
  });
  it('refuses what needs light where there is none', () => {
    const records = recordsIn(world, []);
    const here = gardenHere({ ...records, garden: { ...records.garden, indoor_light: 'none' } }, libraryOf(world));
    const way_ = here.raising.waysFor('aster', 6, dayNumber('2026-11-25')).find((one) => one.method === 'chilled-indoors')!;
    expect(way_.refused).toEqual({ no: 'light' });
  });
  it('makes its steps tasks of the work, which wait for nobody’s plan', () => {
    const here = gardenWith([batch({ begun_on: '2026-06-01' })]);
    const day = { low_c: 12, high_c: 22, rain_mm: 2, et0_mm: 3 };
    const on = (iso: string) =>
      here.work
        .on({ first: dayNumber(iso), past: [day], forecast: Array.from({ length: 7 }, () => day) }, [])
        .tasks.filter((task) => task.source === 'raise')
        .map((task) => [task.action, task.standing]);
    expect(on('2026-06-08')[0]).toEqual(['raise-look', 'open']);
    expect(on('2026-06-10')[0]).toEqual(['raise-look', 'today']);
    // What the batch promises, the plan does not ask to be planted too.
    expect(here.work.tasksOf(2026, null).some((task) => task.action === 'plant')).toBe(false);
    expect(
      gardenWith([])
        .work.tasksOf(2026, null)
        .some((task) => task.action === 'plant'),
    ).toBe(true);
  });
});
