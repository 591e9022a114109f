import { describe, expect, it } from 'vitest';
import { averageDay, dayInYear, isoOf, type DayNumber } from '../core/model/days';
import type { Care } from '../core/model/reference';
import type { Work } from '../core/model/work';
import { simulatedStation } from '../core/place/weather/station';
import type { Weather } from '../core/place/weather/weather';
import { anchorOf } from '../core/almanac/anchors';
import { windowOf } from '../core/work/care-tasks';
import type { TaskOn } from '../core/work/standing';
import type { WorkDay } from '../core/work/work';
import { care as careRow } from '../core/testing/worked-garden';
import { demoGarden } from '../scripts/demo-gardens';
import { readLibrary } from '../scripts/reference-files';

const { library } = readLibrary();

/** Cuts that take the whole living top or the root. */
const WHOLE = new Set(['cut-down', 'shear', 'divide']);

/**
 * A whole simulated year of a demo garden, day by day. The gardener does each morning what cannot wait, and each fifth day
 * whatever else is open, so that tasks that repeat come again.
 */
function* yearOf(name: string, year: number, care: Care[]) {
  const here = demoGarden(name, { ...library, care: [...library.care, ...care] });
  const station = simulatedStation(here.stationPlace);
  const first = dayInYear(year - 1, 1);
  const days = station.days(first, dayInYear(year, 365));
  const { work } = here;
  const said: Work[] = [];
  const say = (task: TaskOn, today: DayNumber, litres: number | null) =>
    said.push({
      id: String(said.length),
      revision: 0,
      what: 'done',
      task: task.key,
      on_day: isoOf(today),
      until: null,
      title: '',
      action: null,
      site_id: null,
      minutes: null,
      every_days: null,
      litres,
      note: '',
    });
  for (let today = dayInYear(year, 1); today <= dayInYear(year, 365); today++) {
    const weather: Weather = { first, past: days.slice(0, today - first + 1), forecast: station.forecast(today) };
    const day = work.on(weather, said);
    // What was said before this day begins.
    yield { work, today, weather, day, tomorrow: station.days(today + 1, today + 1)[0]!, said: [...said] };
    for (const task of day.tasks) {
      const litres = task.action === 'water' ? day.water.find((row) => row.site.id === task.site_id)!.litres : null;
      if (task.standing === 'today' || (today % 5 === 0 && (task.standing === 'open' || task.standing === 'late')))
        say(task, today, litres);
    }
  }
}
/** What one would do on a day. */
const doable = (day: WorkDay) => day.tasks.filter((task) => ['late', 'today', 'open', 'anytime'].includes(task.standing));

/** Everything is cut down in the months in which most is eaten. */
const CARELESS = careRow('perennial', 'cut-down', { from: '05-15', until: '08-31', minutes: 1 });

describe.each([
  ['kettle-pond-commons', 2027, 'as the library has it', []],
  ['fourth-floor-brickyard-row', 2026, 'as the library has it', []],
  ['juniper-wash', 2026, 'as the library has it', []],
  ['kettle-pond-commons', 2028, 'with a careless row of one’s own', [CARELESS]],
] as const)('the year of %s in %i, %s', (name, year, _, care) => {
  const days = [...yearOf(name, year, [...care])];
  it('has no task against a row that says never, none that takes young with it, and no bed watered on a day of 25 mm', () => {
    let tasks = 0;
    let watered = 0;
    let cuts = 0;
    for (const { work, today, weather, day } of days) {
      const average = averageDay(today);
      for (const task of doable(day)) {
        tasks++;
        for (const { planting, here, care } of work.care.caredIn(year)) {
          if (!task.plantings.includes(planting.id)) continue;
          for (const never of care.never) {
            if (never.action !== task.action || task.rule === null) continue;
            const barred = never.from === '' ? { from: 1, to: 365 } : windowOf(never, here, work.daysOf(year, weather));
            const within = barred && [-365, 0, 365].some((turn) => average + turn >= barred.from && average + turn <= barred.to);
            expect(within, `${task.key} on ${isoOf(today)}, where ${never.plant} says never`).toBeFalsy();
          }
          if (!WHOLE.has(task.action)) continue;
          cuts++;
          for (const { target, stage, from, to } of work.care.youngOn(here)) {
            if (stage === 'below') continue;
            const there = [-365, 0, 365].some((turn) => average + turn >= from && average + turn <= to);
            expect(there, `${task.key} on ${isoOf(today)}: ${target.target.common} on ${here.plant.common}`).toBe(false);
          }
        }
        if (task.action === 'water') {
          watered++;
          const bed = day.water.find((row) => row.site.id === task.site_id)!.site;
          if (bed.kind === 'bed') expect(weather.past.at(-1)!.rain_mm, `${bed.name} on ${isoOf(today)}`).toBeLessThan(25);
        }
      }
    }
    // It is a year of work, not an empty one.
    expect(tasks).toBeGreaterThan(100);
    expect(watered).toBeGreaterThan(5);
    if (name !== 'fourth-floor-brickyard-row') expect(cuts).toBeGreaterThan(0);
  });

  it('brings every tender pot in before the night that is too cold for it', () => {
    const inside = new Set<string>();
    let nights = 0;
    for (const { work, today, day, tomorrow } of days) {
      for (const task of day.tasks)
        if (task.action === 'bring-in' && (task.standing === 'today' || task.standing === 'done'))
          for (const id of task.plantings) inside.add(id);
      if (averageDay(today) < 200) continue;
      for (const { planting, here, site, care } of work.care.caredIn(year)) {
        const row = care.rules.find((rule) => rule.action === 'bring-in' && rule.from.startsWith('cool-nights'));
        if (!row || site.kind !== 'container') continue;
        const { value } = anchorOf(row.from);
        if (tomorrow.low_c > value) continue;
        nights++;
        expect(inside.has(planting.id), `${here.plant.common} on ${isoOf(today)}, before ${tomorrow.low_c} °C`).toBe(true);
      }
    }
    if (name === 'fourth-floor-brickyard-row') expect(nights).toBeGreaterThan(10);
  });

  it('a task done that repeats comes again in its window, and not before its days are over', () => {
    const last = new Map<string, DayNumber>();
    let again = 0;
    for (const { today, day, said } of days) {
      for (const row of said.filter((one) => one.on_day === isoOf(today - 1))) last.set(row.task, today - 1);
      for (const task of day.tasks) {
        if (task.every === null || task.action === 'water') continue;
        const before = last.get(task.key);
        if (before === undefined || !['today', 'open'].includes(task.standing)) continue;
        again++;
        expect(today - before, `${task.key} on ${isoOf(today)}`).toBeGreaterThanOrEqual(task.every);
        expect(today).toBeLessThanOrEqual(task.until);
      }
    }
    expect(again).toBeGreaterThan(0);
  });
});
