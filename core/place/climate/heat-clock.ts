import { SETTINGS } from '../../settings';
import { degreeDayYear, type DailyNormals } from './degree-days';

/**
 * Degree-days above SETTINGS.climate.heatBase_c gathered from 1 January to the end of each day of an average year; index 0
 * is 1 January. Plants of temperate places keep time by it in spring and early summer.
 */
export function heatClock(daily: DailyNormals): Float64Array {
  const sums = degreeDayYear(daily, SETTINGS.climate.heatBase_c);
  for (let day = 1; day < sums.length; day++) sums[day]! += sums[day - 1]!;
  return sums;
}

/** Day (with its fraction) on which a clock has gathered `sum` degree-days; the last of the year where it never does. */
function dayOfHeat(clock: Float64Array, sum: number): number {
  let low = 0;
  let high = clock.length - 1;
  if (clock[high]! <= sum) return clock.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (clock[middle]! < sum) low = middle + 1;
    else high = middle;
  }
  const before = low === 0 ? 0 : clock[low - 1]!;
  const gained = clock[low]! - before;
  return low + (gained > 0 ? (sum - before) / gained : 1);
}

/** The least heat that tells one place from another: a degree-day or two gather anywhere in a mild January. */
const LEAST_HEAT = 5;

/**
 * Days by which the heat that `there` has gathered by a day of the year is gathered later `here` (negative: earlier). From
 * November on nothing waits for that year's heat any more: what opens then is compared as on 1 January.
 */
export function heatDelay(day: number, there: Float64Array, here: Float64Array): number {
  const at = day > SETTINGS.climate.heatYearEnds ? 1 : Math.max(1, Math.min(365, day));
  const whole = Math.floor(at);
  const before = whole >= 2 ? there[whole - 2]! : 0;
  const sum = Math.max(LEAST_HEAT, before + (at - whole + 1) * (there[whole - 1]! - before));
  return dayOfHeat(here, sum) - dayOfHeat(there, sum);
}
