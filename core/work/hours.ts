import { averageDay, yearOf } from '../model/days';
import { HALF_MONTHS, halfMonthOfDay, MONTH_LENGTHS } from '../model/half-month';
import type { WaterMonth } from '../place/soil/water-year';
import { thirstShare } from '../place/soil/water-year';
import type { MeasuredSite } from '../place/survey/measured';
import { SETTINGS } from '../settings';
import type { Task } from './task';
import type { Thirsty } from './water';

/** Share of the water that a month lacks which is given, by how dry the ground may grow. Judgement: dry spells are a part of the months. */
const GIVEN = { moist: 1, even: 1, spell: 0.4, 'long-spell': 0.1, none: 0 };

/**
 * Minutes of work in each half-month of a year: each task where its window begins, one that repeats each time it is due,
 * and the watering of a usual year.
 */
export function minutesByHalfMonth(
  tasks: readonly Task[],
  year: number,
  water: readonly { site: MeasuredSite; groups: readonly Thirsty[] }[],
  months: readonly WaterMonth[],
  means_c: readonly number[],
): number[] {
  const minutes = Array.from({ length: HALF_MONTHS }, () => 0);
  for (const task of tasks)
    for (let day = task.from; day <= task.until; day += task.every ?? Infinity) {
      if (yearOf(day) === year) minutes[halfMonthOfDay(averageDay(day))]! += task.minutes;
      if (task.every === null) break;
    }
  for (const { site, groups } of water)
    months.forEach((month, i) => {
      if (means_c[i]! < SETTINGS.work.water.rests_c) return;
      const each = usualWatering(site, groups, month, MONTH_LENGTHS[i]!) / 2;
      minutes[2 * i]! += each;
      minutes[2 * i + 1]! += each;
    });
  return minutes;
}

/** Minutes of watering a site in a usual month: what its thirst exceeds the rain by. */
function usualWatering(site: MeasuredSite, groups: readonly Thirsty[], { rain_mm, et0_mm }: WaterMonth, days: number): number {
  const { hose_l, can_l, can_min, potDrinks, potRain } = SETTINGS.work.water;
  const pot = site.kind === 'container';
  const drinks = et0_mm * thirstShare(site.sun_h) * (pot ? potDrinks : 1);
  const caught = rain_mm * (pot ? potRain : SETTINGS.soil.runoffShare[site.runoff]);
  return groups.reduce((sum, group) => {
    // Rain comes in spells: what a small store cannot hold of them runs through.
    const held = Math.min(caught, (group.store_mm * days) / 7);
    const litres = Math.max(0, drinks - held) * group.area_m2 * GIVEN[group.thirst];
    return sum + (site.inReach !== false && !pot ? litres / hose_l : (litres / can_l) * can_min);
  }, 0);
}
