import type { DayWindow } from '../model/half-month';
import { averageDay, dayInYear, dayNumber, yearOf, type DayNumber } from '../model/days';
import { isSteep } from '../place/yard/neighbours';
import { middleOf } from '../place/yard/geometry';
import type { Point } from '../model/yard';
import type { MeasuredSite } from '../place/survey/measured';
import type { Care } from '../model/reference';
import type { Work } from '../model/work';
import { lastDayOf, type Weather } from '../place/weather/weather';
import { SETTINGS } from '../settings';
import { YearDays } from '../almanac/anchors';
import { CareTasks, takesAll, windowOf, type Span } from './care-tasks';
import { thereOn } from './young';
import { holdsOf } from './holds';
import { minutesByHalfMonth } from './hours';
import { planTasks } from './plan-tasks';
import { caseTasks } from './case-tasks';
import { doneOnBy, raiseTasks } from './raise-tasks';
import { divisionsOf, otherSites, type DivisionDue } from './divisions';
import type { PlantingDayInput } from './planting-day';
import { tagsByTable } from './tags';
import { saidOf, standingOn, type Standing, type TaskOn } from './standing';
import { ownTasks, surveyTasks } from './survey-tasks';
import type { Task, WorkInput } from './task';
import { begun } from './plan-tasks';
import { thirstOf, waterKey, waterOn, type WaterOn } from './water';
import { warningsOn, type Warning } from './warnings';

/** What is left as it is now, and why. */
export interface LeftAlone {
  rule: Care;
  site_id: string;
  plants: string[];
  until: DayNumber;
}

/** The work of a garden on a day. */
export interface WorkDay {
  today: DayNumber;
  /** By urgency, then by the end of their window. */
  tasks: TaskOn[];
  water: WaterOn[];
  warnings: Warning[];
  leave: LeftAlone[];
}

type Said = ReadonlyMap<string, Work[]>;
const ORDER: Record<Standing, number> = {
  late: 0,
  today: 1,
  open: 2,
  week: 3,
  anytime: 4,
  coming: 5,
  later: 6,
  done: 7,
  skipped: 8,
  gone: 9,
};
/** Ages (years) at which care differs, and a year that stands for any other. */
const AGES = [0, 1, 3, 6, 12];
const LIKE_ANY = 2027;
const GROUND = { kind: 'bed', pot: null } as const;
const POT = { kind: 'container', pot: null } as const;
const MOVED_IN = new Set(['bring-in']);
const MOVED_OUT = new Set(['take-out']);

/**
 * The work of a garden. What holds of each plant is found once; the days move with the weather that is known on the day
 * asked for. One way leads here: `GardenHere.work`.
 */
export class GardenWork {
  readonly care: CareTasks;

  readonly #holds: ReadonlyMap<string, readonly string[]>;
  /** What was made for the weather last asked for. */
  #of: { weather: Weather | null; days: Map<number, YearDays>; tasks: Map<number, Task[]>; near?: Task[] } = {
    weather: null,
    days: new Map(),
    tasks: new Map(),
  };

  constructor(readonly input: WorkInput) {
    this.#holds = holdsOf(input.covered);
    this.care = new CareTasks(input, this.#holds);
  }

  #made(weather: Weather | null) {
    if (this.#of.weather !== weather) this.#of = { weather, days: new Map(), tasks: new Map() };
    return this.#of;
  }

  /** The anchors of a year, moved by the weather known of it. */
  daysOf(year: number, weather: Weather | null): YearDays {
    const { days } = this.#made(weather);
    const known = days.get(year) ?? new YearDays(year, this.input.place, weather);
    days.set(year, known);
    return known;
  }

  /** Is no frost usual here, so that the coldest days stand in for it? */
  get frostless(): boolean {
    return this.daysOf(LIKE_ANY, null).frostless;
  }

  /** All tasks whose windows begin in a year, by their first day; `weather` null: as in an average year. */
  tasksOf(year: number, weather: Weather | null): Task[] {
    const { tasks } = this.#made(weather);
    const known = tasks.get(year) ?? this.#tasks(year, weather);
    tasks.set(year, known);
    return known;
  }
  #tasks(year: number, weather: Weather | null, span?: Span): Task[] {
    const days = this.daysOf(year, weather);
    const care = this.care.in(days, span).filter((task) => task.action !== 'leave');
    const plan = planTasks(this.input, days, (here) => this.care.youngOn(here));
    for (const task of plan) task.holds = [...new Set(task.plantings.flatMap((id) => this.#holds.get(id) ?? []))];
    return [...care, ...plan, ...surveyTasks(this.input, days)].sort((a, b) => a.from - b.from);
  }

  /** The tasks of care, plan and survey that are near the last day of the known weather: late, open, or coming. */
  #near(weather: Weather): Task[] {
    const made = this.#made(weather);
    if (made.near) return made.near;
    const today = lastDayOf(weather);
    const { late_d, coming_d } = SETTINGS.work;
    // What was put off by some weeks is late from then on.
    const span = { first: today - 2 * late_d, last: today + coming_d };
    const years = new Set([yearOf(today) - 1, yearOf(today), yearOf(span.last)]);
    made.near = [...years].flatMap((year) => this.#tasks(year, weather, span));
    return made.near;
  }

  /** Minutes of work in each half-month of a year as it usually is. */
  minutesOf(year: number): number[] {
    const { sites, place } = this.input;
    const days = this.daysOf(year, null);
    const midsummer = dayInYear(year, 182);
    const water = sites.map((site) => ({ site, groups: thirstOf(site, this.care, days, midsummer) }));
    const { tmin, tmax } = place.daily;
    const means = Array.from({ length: 12 }, (_, month) => {
      const middle = averageDay(dayNumber(`${year}-${String(month + 1).padStart(2, '0')}-15`)) - 1;
      return (tmin[middle]! + tmax[middle]!) / 2;
    });
    const tasks = [...this.tasksOf(year - 1, null), ...this.tasksOf(year, null)];
    return minutesByHalfMonth(tasks, year, water, place.months, means);
  }

  /** What there is to do on the last day of the known weather, after what was said of the work, and what the weather threatens. */
  on(weather: Weather, work: readonly Work[]): WorkDay {
    const today = lastDayOf(weather);
    const said = saidOf(work);
    const water = this.#water(weather, said);
    const tasks: TaskOn[] = [];
    for (const task of [
      ...this.#near(weather),
      ...this.#raising(said),
      ...ownTasks(work),
      ...caseTasks(this.input.cases, this.input.causes, this.input.plantings, this.input.place.frosts),
      ...water.flatMap((row) => waterTask(row, today, weather)),
    ]) {
      const on = standingOn(task, said.get(task.key) ?? [], today, weather);
      // Too late for a cut of the whole plant, once young are on it.
      if (on.standing === 'late' && takesAll(task.action) && this.#isLivedOn(task, today)) continue;
      if (on.standing !== 'gone' && on.standing !== 'later') tasks.push(on);
    }
    const shown = tasks
      .filter((task) => !isRarer(task, tasks, today))
      .sort((a, b) => ORDER[a.standing] - ORDER[b.standing] || a.until - b.until || a.due - b.due);
    return { today, tasks: shown, water, warnings: this.#warnings(weather, water, said), leave: this.#leftAlone(weather) };
  }

  #raising(said: Said): Task[] {
    return raiseTasks(this.input.raising.batches(doneOnBy(said)));
  }

  /** The steps of the batches that are left and begin in a year, after what was said of them. */
  raisingOf(year: number, work: readonly Work[]): Task[] {
    return this.#raising(saidOf(work)).filter((task) => yearOf(task.from) === year);
  }

  #isLivedOn({ plants }: Task, today: DayNumber): boolean {
    return plants.some(({ plant }) => {
      const here = this.input.almanac.plants.get(plant);
      return here && this.care.youngOn(here).some((row) => row.stage !== 'below' && thereOn(row, averageDay(today)));
    });
  }

  /** How a site stands for water on the last day of the known weather. */
  waterOf(site: MeasuredSite, weather: Weather, work: readonly Work[]): WaterOn {
    const today = lastDayOf(weather);
    const groups = thirstOf(site, this.care, this.daysOf(yearOf(today), weather), today);
    const key = waterKey(site.id);
    return waterOn(
      site,
      groups,
      weather,
      work.filter((row) => row.task === key),
      isSteep(site, this.input.things),
    );
  }

  #water(weather: Weather, said: Said): WaterOn[] {
    const { sites, things } = this.input;
    const today = lastDayOf(weather);
    const days = this.daysOf(yearOf(today), weather);
    return sites.map((site) =>
      waterOn(site, thirstOf(site, this.care, days, today), weather, said.get(waterKey(site.id)) ?? [], isSteep(site, things)),
    );
  }

  #warnings(weather: Weather, water: readonly WaterOn[], said: Said): Warning[] {
    const { sites, things, place, garden, almanac } = this.input;
    const steep = new Set(sites.filter((site) => isSteep(site, things)).map((site) => site.id));
    const spread_d = garden.frost_spread_d ?? almanac.region.frost_spread_d;
    return warningsOn(weather, this.care, water, {
      frosts: place.frosts,
      spread_d,
      steep,
      indoors: this.#indoors(weather, said),
    });
  }

  /** Plantings that were brought in and not taken out again since. */
  #indoors(weather: Weather, said: Said): Set<string> {
    const year = yearOf(lastDayOf(weather));
    const moved = new Map<string, { day: number; in: boolean }>();
    if (![...said.keys()].some((key) => key.includes(' bring-in '))) return new Set();
    for (const task of [...this.tasksOf(year - 1, weather), ...this.tasksOf(year, weather)]) {
      if (!MOVED_IN.has(task.action) && !MOVED_OUT.has(task.action)) continue;
      for (const row of said.get(task.key) ?? []) {
        if (row.what !== 'done') continue;
        const day = dayNumber(row.on_day);
        for (const planting of task.plantings)
          if (day >= (moved.get(planting)?.day ?? -Infinity)) moved.set(planting, { day, in: MOVED_IN.has(task.action) });
      }
    }
    return new Set([...moved].filter(([, row]) => row.in).map(([planting]) => planting));
  }

  /** What stands and is left alone on a day, and until when. */
  #leftAlone(weather: Weather): LeftAlone[] {
    const today = lastDayOf(weather);
    const found = new Map<string, LeftAlone>();
    for (const year of [yearOf(today) - 1, yearOf(today)]) {
      const days = this.daysOf(year, weather);
      for (const { here, site, care } of this.care.caredIn(year))
        for (const rule of care.rules) {
          const window = rule.action === 'leave' ? windowOf(rule, here, days) : null;
          if (!window || dayInYear(year, window.from) > today || dayInYear(year, window.to) < today) continue;
          const key = `${rule.plant} ${rule.from} ${site.id}`;
          const row = found.get(key) ?? { rule, site_id: site.id, plants: [], until: dayInYear(year, window.to) };
          if (!row.plants.includes(here.plant.id)) row.plants.push(here.plant.id);
          found.set(key, row);
        }
    }
    return [...found.values()];
  }

  /**
   * All that holds of a plant here through its life, in the ground and in a pot, with the days of an average year; what is
   * never done last.
   */
  careOf(plant: string): { rule: Care; window: DayWindow | null }[] {
    const here = this.input.almanac.plants.get(plant);
    if (!here) return [];
    const days = this.daysOf(LIKE_ANY, null);
    const found = new Set<Care>();
    const never = new Set<Care>();
    for (const place of here.plant.container === 'no' ? [GROUND] : [GROUND, POT])
      for (const age of AGES) {
        const { rules, never: barred } = this.care.book.of(here, place, age);
        for (const rule of rules) found.add(rule);
        for (const rule of barred) never.add(rule);
      }
    return [...found, ...never].map((rule) => ({
      rule,
      window: rule.from === '' && rule.until === '' ? null : windowOf(rule, here, days),
    }));
  }

  /** What is old enough to be divided on a day, and where its pieces could go. */
  divisions(today: DayNumber): DivisionDue[] {
    return divisionsOf(this.input, this.care, today);
  }

  /** Beds and pots of the garden that a plant fits and does not grow in yet. */
  otherSites(plant: string): string[] {
    const here = this.input.almanac.plants.get(plant);
    return here ? otherSites(this.input, here) : [];
  }

  /** What planting is worked out with; `sizeOf` says what a plant is bought as. */
  plantingDay(sizeOf: PlantingDayInput['sizeOf']): PlantingDayInput {
    const { garden, library, plantings } = this.input;
    const tagsOf = tagsByTable(library.tags);
    return { garden, sizeOf, tagsOf: ({ plant }) => tagsOf(plant), middles: this.middles, all: plantings };
  }

  /** Where each drawn site lies, for the walk from one to the next. */
  get middles(): Map<string, Point> {
    return new Map(
      this.input.sites.flatMap(({ id, outline }) => {
        const middle = middleOf(outline);
        return middle ? [[id, middle] as const] : [];
      }),
    );
  }
}

/** Is the same done more often just now by another row, as a feeder in the heat? */
const isRarer = (task: TaskOn, tasks: readonly TaskOn[], today: DayNumber): boolean =>
  task.feature !== null &&
  tasks.some(
    (other) =>
      other.feature === task.feature &&
      other.site_id === task.site_id &&
      other.action === task.action &&
      (other.every ?? Infinity) < (task.every ?? Infinity) &&
      other.from <= today &&
      other.until >= today,
  );

/** A dry site as a task of today; none where nothing is dry, or where tomorrow’s rain will do for what can wait. */
function waterTask(row: WaterOn, today: DayNumber, { past }: Weather): Task[] {
  if (row.dry.length === 0) return [];
  // Where it rained today it is looked at again tomorrow.
  if (row.site.kind === 'bed' && past.at(-1)!.rain_mm >= SETTINGS.work.warn.dryRain_mm) return [];
  const canWait = row.dry.every(({ thirst }) => thirst !== 'moist') && row.site.kind === 'bed';
  if (row.rainTomorrow_mm !== null && canWait) return [];
  const { litres, minutes, by, site, inParts } = row;
  return [
    begun({
      key: waterKey(site.id),
      action: 'water',
      source: 'water',
      site_id: site.id,
      from: today,
      until: today,
      every: 1,
      plantings: row.dry.flatMap(({ plantings }) => plantings),
      minutes: Math.max(1, minutes),
      amounts: [{ amount: litres, unit: 'l of water' }],
      tools: by === 'hose' ? 'hose' : 'can',
      steps: [
        'At the base, in the morning',
        ...(inParts ? ['In two or three goes, an hour apart, or it runs off'] : []),
        ...(site.kind === 'container' ? ['Until it runs out below; empty the saucer after an hour'] : []),
      ],
      why: '',
    }),
  ];
}
