import { describe, expect, it } from 'vitest';
import { gardenHere } from '../garden/here';
import { dayNumber, isoOf } from '../model/days';
import type { GardenRecords, Planting } from '../model/garden';
import { entry } from '../testing/log';
import { alike, doneWork, whyDay } from '../testing/why-day';
import { batch, host, libraryOf, plant, planting, recordsIn, site, target, way } from '../testing/worked-garden';
import { asOfMonday, lookOver, mondayOf } from './overlook';

/** The weekly look of a garden, on a Wednesday in July. */
const WEDNESDAY = '2026-07-15';
const STANDS = { state: 'in-ground', planted_year: 2021 } as const;
const herb = plant('herb', { bloom_first: 10, bloom_last: 15 });
function noticed(
  plantings: Planting[],
  over: Partial<GardenRecords> = {},
  day: Parameters<typeof whyDay>[1] = {},
  extra: { plants?: ReturnType<typeof plant>[]; ways?: ReturnType<typeof way>[]; today?: string } = {},
) {
  const world = {
    plants: [herb, plant('food'), ...(extra.plants ?? [])],
    targets: [target('blue', { patch_plants: 6 })],
    hosts: [host('blue', 'food')],
    occurrence: { blue: { first: 8, last: 16 } },
    propagation: extra.ways ?? [],
  };
  const here = gardenHere(recordsIn(world, plantings, over), libraryOf(world));
  return lookOver(here.why, whyDay(extra.today ?? WEDNESDAY, day));
}
const kinds = (...of: Parameters<typeof noticed>) => noticed(...of).map((row) => row.kind);
const ago = (days: number) => isoOf(dayNumber(WEDNESDAY) - days);

describe('the weekly look', () => {
  it('is that of Monday, all week', () => {
    // 15 July 2026 is a Wednesday.
    expect(isoOf(mondayOf(dayNumber(WEDNESDAY)))).toBe('2026-07-13');
    expect(isoOf(mondayOf(dayNumber('2026-07-13')))).toBe('2026-07-13');
    expect(isoOf(mondayOf(dayNumber('2026-07-12')))).toBe('2026-07-06');
    const { weather } = asOfMonday(whyDay(WEDNESDAY));
    expect(isoOf(weather.first + weather.past.length - 1)).toBe('2026-07-13');
    expect(weather.forecast).toEqual([]);
  });
  it('says nothing where nothing speaks for it', () => {
    expect(kinds([planting('p', 'herb', 5, STANDS), planting('f', 'food', 6, STANDS)])).toEqual([]);
  });
  it('hosts too few to be found: four of six', () => {
    const [row] = noticed([planting('f', 'food', 4, STANDS)]);
    expect(row).toMatchObject({ kind: 'host-few', of: 'blue', symptom: 'adults-no-eggs' });
    expect(row!.figures.patch).toBeCloseTo(4 / 6);
  });
  it('a short-lived plant in its last year, and no tree', () => {
    const plants = [
      plant('brief', { life_years: 3 }),
      plant('oak', { life_years: 5, kind: 'annual' }),
      plant('long', { life_years: 8 }),
    ];
    const rows = ['brief', 'oak', 'long'].map((id) => planting(id, id, 3, { state: 'in-ground', planted_year: 2016 }));
    expect(noticed(rows, {}, {}, { plants }).map((row) => [row.kind, row.of])).toEqual([['at-its-end', 'brief']]);
    const young = [planting('brief', 'brief', 3, { state: 'in-ground', planted_year: 2024 })];
    expect(kinds(young, {}, {}, { plants })).toEqual([]);
  });
  it('a trough without water for twelve hot days, unless it was given or rained', () => {
    const sites = [site('bed', { kind: 'container', volume_l: 12, area_m2: 0.2 })];
    const rows = [planting('p', 'herb', 3, STANDS)];
    const hot = { low_c: 20, high_c: 33, rain_mm: 0, et0_mm: 6 };
    // Two days of them are after Monday.
    const [row] = noticed(rows, { sites }, { last: alike(14, hot) });
    expect(row).toMatchObject({ kind: 'dry-pot', symptom: 'pot-runs-through', figures: { hot: 12 } });
    expect(kinds(rows, { sites }, { last: alike(14, hot), said: [doneWork('water bed', ago(4))] })).toEqual([]);
    expect(kinds(rows, { sites }, { last: alike(5, hot) })).toEqual([]);
  });
  it('young plants without rain or water, and none that have stood for years', () => {
    const dry = { last: alike(40, { rain_mm: 0, et0_mm: 6 }) };
    const sites = [site('bed', { texture: 'sand' })];
    expect(kinds([planting('p', 'herb', 5, { state: 'in-ground', planted_year: 2026 })], { sites }, dry)).toEqual(['dry-young']);
    expect(kinds([planting('p', 'herb', 5, STANDS)], { sites }, dry)).toEqual([]);
    // Twelve days up to Monday are a dry spell, eleven are none.
    const since = (days: number) => ({ last: [{ rain_mm: 10 }, ...alike(days, { rain_mm: 0, et0_mm: 12 })] });
    const young = [planting('p', 'herb', 5, { state: 'in-ground', planted_year: 2026 })];
    expect(kinds(young, { sites }, since(14))).toEqual(['dry-young']);
    expect(kinds(young, { sites }, since(13))).toEqual([]);
  });
  it('adults seen again and again and never an egg', () => {
    const rows = [planting('f', 'food', 6, STANDS)];
    const visits = [2, 12, 22, 40].map((days) => entry('adult', 'blue', ago(days)));
    expect(noticed(rows, {}, { log: visits })[0]).toMatchObject({ kind: 'never-laid', of: 'blue', figures: { times: 4 } });
    expect(kinds(rows, {}, { log: [...visits, entry('eggs', 'blue', ago(9))] })).toEqual([]);
    expect(kinds(rows, {}, { log: visits.slice(0, 3) })).toEqual([]);
    expect(kinds(rows, {}, { log: visits.slice(2) })).toEqual([]);
    // Those of another year count for nothing, neither adults nor eggs.
    const before = visits.map((row) => ({ ...row, on_day: row.on_day.replace('2026', '2025') }));
    expect(kinds(rows, {}, { log: before })).toEqual([]);
    expect(kinds(rows, {}, { log: [...visits, entry('eggs', 'blue', '2025-07-01')] })).toEqual(['never-laid']);
  });
  it('what was lost twice in one bed and stands there again', () => {
    const lost = (year: number) => planting(`l${year}`, 'herb', 3, { state: 'lost', lost_year: year });
    const again = planting('p', 'herb', 3, STANDS);
    expect(noticed([lost(2023), lost(2025), again])[0]).toMatchObject({
      kind: 'lost-again',
      planting: 'p',
      figures: { times: 2 },
    });
    expect(kinds([lost(2023), again])).toEqual([]);
    expect(kinds([lost(2023), lost(2025)])).toEqual([]);
    expect(kinds([lost(2025), { ...lost(2025), id: 'x' }, again])).toEqual([]);
  });
  it('what flowered last year and is weeks late', () => {
    const rows = [planting('p', 'herb', 3, STANDS)];
    const last = entry('first-flower', 'herb', '2025-06-03');
    const other = entry('first-flower', 'food', '2026-06-20');
    expect(noticed(rows, {}, { log: [last, other] })[0]).toMatchObject({
      kind: 'no-flower',
      of: 'herb',
      symptom: 'not-flowering',
    });
    expect(kinds(rows, {}, { log: [last, other, entry('first-flower', 'herb', '2026-06-10')] })).toEqual([]);
    // Where no flower of another was written down since, none missing is no sign.
    expect(kinds(rows, {}, { log: [last] })).toEqual([]);
    expect(kinds(rows, {}, { log: [last, entry('first-flower', 'food', '2026-04-20')] })).toEqual([]);
    expect(kinds(rows, {}, { log: [other, entry('first-flower', 'herb', '2023-06-03')] })).toEqual([]);
    expect(kinds(rows, {}, { log: [last, entry('first-flower', 'food', '2026-06-09')] }, { today: '2026-06-10' })).toEqual([]);
  });
  it('seed that is overdue: 27 days where 20 are the most', () => {
    const ways = [
      way('herb', ['indoors'], { chill_days: 0, depth_mm: 3, days_from: 10, days_to: 20, rate_from: 0.5, rate_to: 0.5 }),
    ];
    const batches = (begun_on: string) => [batch({ planned_on: begun_on, begun_on })];
    // Two days before Wednesday is the Monday it is looked at.
    expect(noticed([], { batches: batches(ago(29)) }, {}, { ways })[0]).toMatchObject({
      kind: 'seed-late',
      figures: { days: 27, usual: 20 },
    });
    expect(kinds([], { batches: batches(ago(28)) }, {}, { ways })).toEqual([]);
  });
  it('what was waved off stays away this season, and comes again after it', () => {
    const rows = [planting('f', 'food', 4, STANDS)];
    const skipped = (days: number) => doneWork('notice host-few blue', ago(days), { what: 'skipped' });
    expect(kinds(rows, {}, { said: [skipped(20)] })).toEqual([]);
    expect(kinds(rows, {}, { said: [skipped(120)] })).toEqual(['host-few']);
  });
});
