import { averageDay, dayNumber, type DayNumber } from '../model/days';
import type { Thirst } from '../model/vocabulary';
import { THIRSTS } from '../model/vocabulary';
import type { Work } from '../model/work';
import { potTopM2 } from '../place/soil/volumes';
import { afterDay, storeOf, thirstShare } from '../place/soil/water-year';
import type { MeasuredSite } from '../place/survey/measured';
import { lastDayOf, type Weather, type WeatherDay } from '../place/weather/weather';
import { SETTINGS } from '../settings';
import type { YearDays } from '../almanac/anchors';
import { windowOf, type CareTasks } from './care-tasks';

/** Plants of a site that are watered alike: how dry their ground may grow, and the ground they take. */
export interface Thirsty {
  thirst: Thirst;
  plantings: string[];
  area_m2: number;
  /** What their ground holds for them (mm), between wilting and what drains away. */
  store_mm: number;
}

/** How a site stands for water on a day. */
export interface WaterOn {
  site: MeasuredSite;
  /** Those whose ground is drier than they bear, with the share of its store that is left. */
  dry: (Thirsty & { held: number })[];
  /** Every group with the share that is left. */
  all: (Thirsty & { held: number })[];
  litres: number;
  minutes: number;
  /** `hose`, or `cans` beyond its reach; `rain` where tomorrow’s will do. */
  by: 'hose' | 'cans';
  rainTomorrow_mm: number | null;
  /** At once no more than the slope takes in; then again after an hour. */
  inParts: boolean;
  /** Days since 5 mm of rain fell, as far as is known. */
  dryFor_d: number;
}

/** The key under which a watering of a site is written down. */
export const waterKey = (site: string) => `water ${site}`;

/** How a site is watered: its plants by how dry their ground may grow, on a day of a year. */
export function thirstOf(site: MeasuredSite, care: CareTasks, days: YearDays, today: DayNumber): Thirsty[] {
  const average = averageDay(today);
  const groups = new Map<Thirst, Thirsty>();
  for (const { planting, here, care: of } of care.caredOn(site.id, days.year)) {
    const barred = of.never.some((row) => {
      if (row.action !== 'water') return false;
      const window = row.from === '' ? { from: 1, to: 365 } : windowOf(row, here, days);
      return window !== null && [0, 365].some((turn) => average + turn >= window.from && average + turn <= window.to);
    });
    const thirst = barred ? 'none' : (of.rules.find((row) => row.action === 'water')?.thirst ?? 'spell');
    const ground = (planting.count * here.plant.spacing_cm ** 2) / 10_000;
    const known = groups.get(thirst) ?? { thirst, plantings: [], area_m2: 0, store_mm: storeMm(site, thirst) };
    known.plantings.push(planting.id);
    known.area_m2 += ground;
    groups.set(thirst, known);
  }
  const all = [...groups.values()];
  const taken = all.reduce((sum, row) => sum + row.area_m2, 0);
  // Planted closer than its spacing, as pots are, the ground is shared.
  const share = Math.min(1, site.area_m2 / Math.max(taken, 1e-9));
  return THIRSTS.flatMap((thirst) => all.filter((row) => row.thirst === thirst)).map((row) => ({
    ...row,
    area_m2: site.kind === 'container' ? (row.area_m2 / taken) * topOf(site) : row.area_m2 * share,
  }));
}

const topOf = (site: MeasuredSite) => (site.pot ? potTopM2(site.pot) : site.area_m2);

function storeMm(site: MeasuredSite, thirst: Thirst): number {
  const { depth_m, potHolds } = SETTINGS.work.water;
  if (site.kind === 'container') return ((site.volume_l ?? 10) * potHolds) / Math.max(topOf(site), 1e-4);
  return storeOf(site.texture, depth_m[thirst]);
}

/** What a day leaves of what the ground of a group holds (mm). */
function dayOf(held: number, { store_mm }: Thirsty, site: MeasuredSite, { rain_mm, et0_mm }: WeatherDay): number {
  const { potRain, potDrinks } = SETTINGS.work.water;
  const pot = site.kind === 'container';
  const caught = rain_mm * (pot ? potRain * (isSheltered(site) ? 0 : 1) : SETTINGS.soil.runoffShare[site.runoff]);
  const drinks = pot ? potDrinks * thirstShare(site.sun_h) : thirstShare(site.sun_h);
  return afterDay(Math.min(store_mm, held + caught), store_mm, et0_mm * drinks);
}

/** Does rain not reach it? */
const isSheltered = (site: MeasuredSite) => site.pot?.exposure === 'sheltered';

/** Water (mm) that was given to a site, by day; Infinity for as much as it takes. */
function given(said: readonly Work[], area_m2: number): Map<DayNumber, number> {
  const found = new Map<DayNumber, number>();
  for (const { what, on_day, litres } of said)
    if (what === 'done') found.set(dayNumber(on_day), litres === null ? Infinity : litres / Math.max(area_m2, 1e-9));
  return found;
}

/**
 * The daily bucket of each group of a site up to the last known day: filled by rain and by what was given, drawn on by the
 * thirst of each day (reference evapotranspiration, less in shade), from a full store some months ago. Shares (0–1).
 */
function heldOf(site: MeasuredSite, groups: readonly Thirsty[], weather: Weather, said: readonly Work[]): number[] {
  const { looksBack_d } = SETTINGS.work.water;
  const area = groups.reduce((sum, row) => sum + row.area_m2, 0);
  const water = given(said, area);
  return groups.map((group) => {
    let held = group.store_mm;
    for (let i = Math.max(0, weather.past.length - looksBack_d); i < weather.past.length; i++) {
      held = dayOf(held, group, site, weather.past[i]!);
      const mm = water.get(weather.first + i);
      if (mm !== undefined) held = Math.min(group.store_mm, held + mm);
    }
    return held / group.store_mm;
  });
}

/** Days up to today in a row without so much rain (mm) in one. */
export function daysWithout(weather: Weather, mm: number): number {
  let days = 0;
  for (let i = weather.past.length - 1; i >= 0 && weather.past[i]!.rain_mm < mm; i--) days++;
  return days;
}

/**
 * How a site stands for water today: what is drier than its plants bear, how many litres fill it again and how long that
 * takes. Nothing where nothing grows, in the cold, or where the ground holds enough.
 */
export function waterOn(
  site: MeasuredSite,
  groups: readonly Thirsty[],
  weather: Weather,
  said: readonly Work[],
  steep: boolean,
): WaterOn {
  const { from, to, hose_l, can_l, can_min, least_l, rests_c, potRests_d, slope_mm } = SETTINGS.work.water;
  const held = heldOf(site, groups, weather, said);
  const all = groups.map((group, i) => ({ ...group, held: held[i]! }));
  const week = weather.past.slice(-7);
  const mean = week.reduce((sum, day) => sum + (day.low_c + day.high_c) / 2, 0) / Math.max(1, week.length);
  const today = lastDayOf(weather);
  const tomorrow = weather.forecast[0];
  const dry = all.filter((row) => row.thirst !== 'none' && row.held < from[row.thirst]);
  const lastGiven = Math.max(-Infinity, ...said.filter((row) => row.what === 'done').map((row) => dayNumber(row.on_day)));
  // At rest in the cold a pot wants a little every few weeks, the ground nothing.
  const resting = mean < rests_c;
  const due = !resting ? dry : site.kind === 'container' && today - lastGiven >= potRests_d ? dry : [];
  const litres = due.reduce((sum, row) => sum + Math.max(0, to - row.held) * row.store_mm * row.area_m2, 0) * (resting ? 0.3 : 1);
  const by = site.inReach === false ? 'cans' : 'hose';
  const most_mm = Math.max(0, ...due.map((row) => (to - row.held) * row.store_mm));
  const enough = litres >= least_l;
  return {
    site,
    dry: enough ? due : [],
    all,
    litres: enough ? Math.max(1, Math.round(litres)) : 0,
    minutes: enough ? (by === 'hose' && site.kind === 'bed' ? litres / hose_l : (litres / can_l) * can_min) : 0,
    by: by === 'hose' && site.kind === 'container' ? 'cans' : by,
    rainTomorrow_mm: tomorrow && tomorrow.rain_mm >= SETTINGS.work.wetDay_mm ? tomorrow.rain_mm : null,
    inParts: steep && most_mm > slope_mm,
    dryFor_d: daysWithout(weather, SETTINGS.work.warn.dryRain_mm),
  };
}
