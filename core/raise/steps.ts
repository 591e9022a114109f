import { isSeedMethod, type Way } from '../library/ways';
import { dayInYear, yearOf, type DayNumber } from '../model/days';
import type { PlantHere } from '../model/here';
import { SETTINGS } from '../settings';
import { outFrom } from './out';
import { upFrom, type RaisePlace } from './place';
import { isCutting } from './rates';

/** What is done with a batch, in the order of its life. */
export type StepKind =
  | 'buy'
  | 'warm'
  | 'chill'
  | 'sow'
  | 'cut'
  | 'divide'
  | 'layer'
  | 'look'
  | 'prick-out'
  | 'pot'
  | 'sever'
  | 'thin'
  | 'winter'
  | 'harden'
  | 'plant-out'
  | 'flower';

/** A step with the days in which it is done. `number`: of looks, which one. */
export interface RaiseStep {
  kind: StepKind;
  from: DayNumber;
  until: DayNumber;
  number?: number;
}

type Here = Pick<PlantHere, 'plant' | 'bloom' | 'foliage' | 'sowing'>;

/** Days in its pot from which it has a winter or a dry summer to get through before it is planted. */
const WAITS_d = 75;
/** Days that a seedling stands in its pot before it is hardened off; and from which rooting is slow. */
const SETTLES_d = 10;
const SLOW_d = 60;
/** Looks at cuttings, at the most: what takes longer is looked at now and then. */
const MOST_LOOKS = 6;

/**
 * The dated steps of one way from the day it is begun: of what is sown indoors or outdoors, of cuttings, of a division. They
 * are usual days: what is seen on the tray goes before them.
 */
export function stepsOf(way: Way, here: Here, halfZone: string, place: RaisePlace, begin: DayNumber): RaiseStep[] {
  const { method, row } = way;
  const { order_d, looks_d, pot_on_d, grow_d, harden_d, cuttingLook_d, afterRoots_d } = SETTINGS.raise;
  const steps: RaiseStep[] = [];
  const add = (kind: StepKind, from: number, until: number, number?: number) =>
    steps.push({
      kind,
      from: Math.round(from),
      until: Math.round(Math.max(from, until)),
      ...(number === undefined ? {} : { number }),
    });
  const daysFrom = row.days_from ?? 10;
  const daysTo = row.days_to ?? 28;
  const middle = Math.round((daysFrom + daysTo) / 2);
  const harden = row.harden_days ?? harden_d;

  if (isSeedMethod(method)) {
    add('buy', begin - order_d - 14, begin - order_d);
    let sow = begin;
    if (method === 'chilled-indoors') {
      if (row.warm_days) add('warm', begin, begin + 2);
      add('chill', begin + (row.warm_days ?? 0), begin + (row.warm_days ?? 0) + 2);
      sow = begin + (row.warm_days ?? 0) + (row.chill_days ?? 0);
    }
    add('sow', sow, sow + 3);
    const outdoors = method === 'winter-container' || method === 'autumn-in-place';
    const up = outdoors ? Math.max(sow + daysFrom, springUp(sow)) : sow + daysFrom;
    const spread = daysTo - daysFrom;
    if (outdoors && up - sow > 60) for (const [i, day] of [0, 14, 28].entries()) add('look', up + day, up + day + 3, i + 1);
    else for (const [i, day] of looks_d.entries()) if (day <= daysTo + 7) add('look', sow + day, sow + day + 2, i + 1);
    if (method === 'autumn-in-place' || method === 'spring-in-place') {
      const thin = up + Math.round(spread / 2) + 21;
      add('thin', thin, thin + 14);
      flower(sow, thin);
      return inOrder();
    }
    const pricked = up + Math.round(spread / 2) + (row.pot_on_days ?? pot_on_d);
    add('prick-out', pricked, pricked + 7);
    // What is started indoors by weeks is as large as it is wanted after those weeks.
    const weeks = method === 'indoors' ? here.plant.sow_indoors : null;
    out(weeks === null ? pricked + grow_d : Math.max(pricked + SETTLES_d, sow + 7 * weeks - harden), sow);
    return inOrder();
  }
  if (isCutting(method)) {
    add('cut', begin, begin + 3);
    if (method === 'hardwood') {
      // It stands in the open through winter, and shows in spring whether it rooted.
      const spring = springUp(begin);
      for (const [i, day] of [0, 21, 42].entries()) add('look', spring + day, spring + day + 5, i + 1);
      out(Math.max(begin + middle, spring + daysFrom / 2) + afterRoots_d, begin);
      return inOrder();
    }
    const every = daysTo > SLOW_d ? 2 * cuttingLook_d : cuttingLook_d;
    for (let i = 1; i <= Math.min(MOST_LOOKS, Math.ceil(daysTo / every)); i++)
      add('look', begin + i * every, begin + i * every + 2, i);
    add('pot', begin + middle, begin + daysTo + 7);
    out(begin + middle + afterRoots_d, begin);
    return inOrder();
  }
  if (method === 'layering') {
    add('layer', begin, begin + 7);
    const rooted = begin + middle;
    add('sever', rooted, begin + daysTo + 14);
    add('plant-out', rooted, begin + daysTo + 28);
    flower(begin, rooted);
    return inOrder();
  }
  add('divide', begin, begin + 7);
  add('plant-out', begin, begin + 8);
  add('look', begin + 14, begin + 21, 1);
  flower(begin, begin);
  return inOrder();

  function inOrder(): RaiseStep[] {
    return steps.sort((a, b) => a.from - b.from);
  }
  /** The day of spring on which seed comes up outdoors after a day. */
  function springUp(after: DayNumber): DayNumber {
    const day = upFrom(place.daily);
    const first = dayInYear(yearOf(after), day);
    // Sown when it is warm already, it does not wait for a spring; sown in the cold, for the next.
    const warmNow = (place.daily.tmin[averageIndex(after)]! + place.daily.tmax[averageIndex(after)]!) / 2 >= SETTINGS.raise.up_c;
    if (warmNow && !(way.row.chill_days ?? 0)) return after;
    return first >= after ? first : dayInYear(yearOf(after) + 1, day);
  }
  function averageIndex(day: DayNumber): number {
    return (((day - dayInYear(yearOf(day), 1)) % 365) + 365) % 365;
  }
  /** From the day it is large enough: hardened off and planted while it still roots, else wintered and planted in spring. */
  function out(ready: DayNumber, begun: DayNumber) {
    const day = outFrom(here, (year) => place.days(year), { halfZone, yearClass: place.yearClass }, ready + harden, row.night_c);
    if (day - ready > WAITS_d) add('winter', ready + harden, day - harden);
    add('harden', day - harden, day - 1);
    add('plant-out', day, day + 14);
    flower(begun, day);
  }
  /** The first flower that is to be expected. */
  function flower(begun: DayNumber, planted: DayNumber) {
    const first = firstFlower(way, here, begun, planted);
    if (first !== null) add('flower', first, first + 14);
  }
}

/**
 * The first flower of what was begun on a day and planted on another: of an annual by its days from sowing; else in the bloom
 * season so many years after its sowing, of a rooted part in the first whole season after planting. Null where it never blooms.
 */
export function firstFlower(way: Way, here: Here, begun: DayNumber, planted: DayNumber): DayNumber | null {
  const { plant, bloom, sowing } = here;
  if (!bloom) return null;
  const seed = isSeedMethod(way.method);
  if (seed && plant.kind === 'annual' && sowing) return Math.max(planted, begun + sowing.toFlower_d);
  const years = seed ? (way.row.flowers_years ?? plant.years_to_flower) : 0;
  // What is sown in autumn comes up in the next spring: its years count from there.
  const from = seed ? yearOf(Math.max(begun, planted - 60)) + years : yearOf(planted);
  return seasonAfter(here, Math.max(planted, dayInYear(from, 1)));
}

/** The first day of the first bloom season that is not over when it has been in the ground for some weeks; null where it never blooms. */
export function seasonAfter({ bloom }: Pick<PlantHere, 'bloom'>, planted: DayNumber): DayNumber | null {
  if (!bloom) return null;
  const rooted = planted + SETTINGS.planting.rootingDays / 2;
  for (let year = yearOf(planted) - 1; year < yearOf(planted) + 3; year++)
    if (dayInYear(year, bloom.to) >= rooted) return Math.max(dayInYear(year, bloom.from), rooted);
  return null;
}
