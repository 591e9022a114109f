import type { DayWindow } from '../model/half-month';
import { dayInYear, type DayNumber } from '../model/days';
import { groupBy } from '../model/group';
import type { PlantHere } from '../model/here';
import type { Planting } from '../model/garden';
import type { Care } from '../model/reference';
import type { CareAction } from '../model/vocabulary';
import type { MeasuredSite } from '../place/survey/measured';
import { SETTINGS } from '../settings';
import type { YearDays } from '../almanac/anchors';
import { CareBook, type CareOf } from './rules';
import { isGrowing, type Amount, type Heed, type Task, type WorkInput, type YoungNote } from './task';
import { freeDay, thereOn, youngOn, type YoungOn } from './young';

/** Cuts that take a plant’s whole living top or root: not while young are on it. Of others a part is left. */
const WHOLE: ReadonlySet<CareAction> = new Set(['cut-down', 'shear', 'divide']);
/** Is it a cut that takes a plant’s whole living top or root? */
export const takesAll = (action: string): boolean => WHOLE.has(action as CareAction);

const PART: ReadonlySet<CareAction> = new Set(['cut-third', 'pinch', 'thin', 'deadhead']);
/** Done by pot rather than by plant. */
const BY_POT: ReadonlySet<CareAction> = new Set(['bring-in', 'harden-off', 'take-out', 'protect', 'uncover']);
/** Anchors that every plant has its own days of. */
const OWN_PHASE = /bloom|leaf/;

/** A plant of the plan with what holds of it in a year. */
interface Cared {
  planting: Planting;
  here: PlantHere;
  site: MeasuredSite;
  care: CareOf;
}

/** Years since a planting was planted, in a year; of what is in the ground since an unknown year, that of an established plant. */
function ageIn({ planted_year, state }: Pick<Planting, 'planted_year' | 'state'>, year: number): number {
  if (planted_year !== null) return year - planted_year;
  return state === 'in-ground' ? SETTINGS.work.unknownAge : 0;
}

/** What holds of every growing plant in a year. What is planted later than that year has no care in it. */
function caredIn({ plantings, almanac, sites }: WorkInput, book: CareBook, year: number): Cared[] {
  const siteOf = new Map(sites.map((site) => [site.id, site]));
  return plantings.flatMap((planting) => {
    const here = almanac.plants.get(planting.plant);
    const site = siteOf.get(planting.site_id);
    const age = ageIn(planting, year);
    if (!here || !site || !isGrowing(planting) || age < 0) return [];
    return [{ planting, here, site, care: book.of(here, site, age) }];
  });
}

/** The window of a rule in a year, as days of the year; null where it has no such days here, or nothing is to be done in it. */
export function windowOf(rule: Care, here: PlantHere | null, days: YearDays): DayWindow | null {
  const from = rule.from === '' ? 1 : days.dayOf(rule.from, here);
  if (from === null) return null;
  const until = rule.until === '' ? (rule.from === '' ? 365 : from + 13) : days.dayOf(rule.until, here);
  if (until === null) return null;
  if (until >= from) return { from, to: until };
  // Over the new year, where the one comes in autumn and the other in spring; else its days have passed each other.
  return from - until > 100 ? { from, to: until + 365 } : null;
}

/** A window without the days in which another row says never; null where none is left. */
function withoutNever(
  window: DayWindow,
  action: CareAction,
  never: readonly Care[],
  here: PlantHere,
  days: YearDays,
): DayWindow | null {
  let { from, to } = window;
  for (const row of never) {
    if (row.action !== action || (row.from === '' && row.until === '')) continue;
    const barred = windowOf(row, here, days);
    if (!barred) continue;
    for (const turn of [-365, 0, 365]) {
      const first = barred.from + turn;
      const last = barred.to + turn;
      if (first <= from && last >= from) from = last + 1;
      if (first <= to && last >= to) to = first - 1;
    }
  }
  return from <= to ? { from, to } : null;
}

/** The window of a cut with the young on the plant taken into account. */
interface Heeded {
  window: DayWindow;
  heed: Heed;
  young: YoungOn[];
}

/**
 * When a cut may be made while young may be on the plant. A cut of the whole plant has to fall on a day without: within its
 * window, or later by a month at most; where there is none, no cut is made (null). A cut of a part goes on, and leaves what
 * carries them.
 */
export function heeded(action: CareAction, window: DayWindow, young: readonly YoungOn[]): Heeded | null {
  const there = young.filter((row) => overlaps(row, window));
  const onIt = there.filter((row) => row.stage !== 'below');
  if (WHOLE.has(action)) {
    if (onIt.length === 0) return { window, heed: there.length > 0 ? 'look' : 'none', young: there };
    const from = freeDay(onIt, window.from, window.to + SETTINGS.work.waitsFor_d);
    if (from === null) return null;
    let to = from;
    const last = Math.max(window.to, from + 6);
    while (to < last && !onIt.some((row) => thereOn(row, to + 1))) to++;
    return { window: { from, to }, heed: from > window.from ? 'waited' : 'look', young: there };
  }
  if (action === 'cut-dead') {
    // Last year's stems: nobody feeds on them, but somebody may winter in them.
    const wintering = onIt.some((row) => row.stage === 'wintering');
    return { window, heed: wintering ? 'leave-part' : there.length > 0 ? 'look' : 'none', young: there };
  }
  if (PART.has(action)) return { window, heed: onIt.length > 0 ? 'leave-part' : 'none', young: onIt };
  return { window, heed: action === 'bring-in' && onIt.length > 0 ? 'look' : 'none', young: action === 'bring-in' ? onIt : [] };
}

function overlaps(row: YoungOn, { from, to }: DayWindow): boolean {
  return [-365, 0, 365].some((turn) => row.from + turn <= to && row.to + turn >= from);
}

/** Is a rule of every so many years due for a planting in a year? */
function dueIn({ every_years, age_from }: Care, planting: Planting, year: number): boolean {
  if (every_years === null || every_years === 1) return true;
  const age = planting.planted_year === null ? year : year - planting.planted_year - (age_from ?? 0);
  return age % every_years === 0;
}

/** How much of what a rule asks for, for so many plants on their ground. */
function amountFor(rule: Care, plants: number, area_m2: number, pots: number): Amount[] {
  if (rule.amount === null || rule.unit === '') return [];
  if (!rule.unit.startsWith('cm of '))
    return [{ amount: rule.amount * (BY_POT.has(rule.action) ? pots : plants), unit: rule.unit }];
  return [{ amount: rule.amount * 10 * area_m2, unit: `l of ${rule.unit.slice(6)}` }];
}

/** A span of days, both included. */
export interface Span {
  first: DayNumber;
  last: DayNumber;
}

/** Tasks of care that begin in a year, of what grows and of what the beds offer besides. */
export class CareTasks {
  readonly #book: CareBook;
  readonly #young = new Map<string, YoungOn[]>();
  readonly #chosen: Set<string>;

  constructor(
    private readonly input: WorkInput,
    private readonly holds: ReadonlyMap<string, readonly string[]>,
  ) {
    this.#book = new CareBook(input.library, input.garden);
    this.#chosen = new Set(input.targets.map((row) => row.target));
  }

  /** The rules of care of this garden. */
  get book(): CareBook {
    return this.#book;
  }
  /** Whose young live on a plant here, and when. */
  youngOn(here: PlantHere): YoungOn[] {
    const known = this.#young.get(here.plant.id);
    if (known) return known;
    const found = youngOn(here, this.input.almanac, this.#chosen);
    this.#young.set(here.plant.id, found);
    return found;
  }

  /** What is left as it is, and why, with its window; `leave` is nothing to be done. */
  readonly #cared = new Map<number, Cared[]>();
  caredIn(year: number): Cared[] {
    const known = this.#cared.get(year) ?? caredIn(this.input, this.#book, year);
    this.#cared.set(year, known);
    return known;
  }
  readonly #bySite = new Map<number, Map<string, Cared[]>>();
  /** The same of one site. */
  caredOn(site: string, year: number): readonly Cared[] {
    const known = this.#bySite.get(year) ?? groupBy(this.caredIn(year), (row) => row.site.id);
    this.#bySite.set(year, known);
    return known.get(site) ?? [];
  }

  /** The tasks whose windows begin in the year of `days`, by their first day; of a span of days only those that touch it. */
  in(days: YearDays, span?: Span): Task[] {
    const { year } = days;
    const newYear = dayInYear(year, 1);
    // A window in days of the year; a cut may wait a month beyond it.
    const touches = ({ from, to }: DayWindow) =>
      !span || (newYear + from - 3 <= span.last && newYear + to + SETTINGS.work.waitsFor_d + 10 >= span.first);
    const tasks = new Map<string, Task>();
    for (const { planting, here, site, care } of this.caredIn(year))
      for (const rule of care.rules) {
        if (rule.action === 'water' || !dueIn(rule, planting, year)) continue;
        const usual = windowOf(rule, here, days);
        if (!usual || !touches(usual)) continue;
        const open = withoutNever(usual, rule.action, care.never, here, days);
        if (!open) continue;
        const found = heeded(rule.action, open, this.youngOn(here));
        if (!found) continue;
        const moved = found.window.from !== usual.from || found.window.to !== usual.to;
        const own = moved || OWN_PHASE.test(rule.from) || OWN_PHASE.test(rule.until);
        const key = [year, rule.action, rule.plant, rule.from, site.id, own ? here.plant.id : ''].join(' ').trim();
        const task = tasks.get(key) ?? this.#begun(key, rule, site, year, found);
        tasks.set(key, task);
        this.#add(task, planting, here, site, rule, found);
      }
    for (const site of this.input.sites)
      for (const feature of site.features)
        for (const rule of this.#book.ofFeature(feature)) {
          const window = windowOf(rule, null, days);
          if (!window || rule.never) continue;
          const key = [year, rule.action, rule.plant, rule.from, site.id].join(' ');
          const task = this.#begun(key, rule, site, year, { window, heed: 'none', young: [] });
          task.feature = feature;
          task.minutes = rule.minutes ?? 0;
          task.amounts = amountFor(rule, 1, site.area_m2, 1);
          tasks.set(key, task);
        }
    return [...tasks.values()].sort((a, b) => a.from - b.from);
  }

  #begun(key: string, rule: Care, site: MeasuredSite, year: number, { window, heed }: Heeded): Task {
    return {
      key,
      action: rule.action,
      source: 'care',
      site_id: site.id,
      plantings: [],
      plants: [],
      feature: null,
      from: dayInYear(year, window.from),
      until: dayInYear(year, window.to),
      every: rule.every_days,
      minutes: 0,
      amounts: [],
      tools: rule.tools,
      steps: rule.how.split('|').filter(Boolean),
      why: rule.why,
      title: null,
      young: [],
      heed,
      holds: [],
      rule,
    };
  }

  #add(task: Task, planting: Planting, here: PlantHere, site: MeasuredSite, rule: Care, { heed, young }: Heeded) {
    const { plant } = here;
    const pots = site.pot?.count ?? 1;
    const share = BY_POT.has(rule.action) && site.kind === 'container' ? pots : planting.count;
    // Several kinds in one pot are carried once.
    const again = BY_POT.has(rule.action) && site.kind === 'container' && task.plantings.length > 0;
    if (!again) task.minutes += (rule.minutes ?? 0) * share;
    const ground = Math.min(site.area_m2, (planting.count * plant.spacing_cm ** 2) / 10_000);
    for (const more of again ? [] : amountFor(rule, planting.count, ground, pots)) {
      const same = task.amounts.find(({ unit }) => unit === more.unit);
      if (same) same.amount += more.amount;
      else task.amounts.push(more);
    }
    task.plantings.push(planting.id);
    const kind = task.plants.find((row) => row.plant === plant.id);
    if (kind) kind.count += planting.count;
    else task.plants.push({ plant: plant.id, count: planting.count });
    if (WEIGHT[heed] > WEIGHT[task.heed]) task.heed = heed;
    for (const { target, stage } of young) {
      const note: YoungNote = { target: target.target.id, plant: plant.id, stage };
      if (!task.young.some((row) => row.target === note.target && row.plant === note.plant && row.stage === stage))
        task.young.push(note);
    }
    for (const target of this.holds.get(planting.id) ?? []) if (!task.holds.includes(target)) task.holds.push(target);
  }
}

const WEIGHT: Record<Heed, number> = { none: 0, look: 1, waited: 2, 'leave-part': 3 };
