import type { YearDays } from '../almanac/anchors';
import type { DailyNormals } from '../place/climate/degree-days';
import type { WaterMonth } from '../place/soil/water-year';
import type { YearClass } from '../model/vocabulary';
import { SETTINGS } from '../settings';

/** The cold of an average winter outdoors, from autumn on: days of the year, beyond 365 in the next. */
export interface ColdSeason {
  from: number;
  to: number;
  /** Days in it whose mean is cold enough to count. */
  days: number;
}

/** What raising depends on at a place. */
export interface RaisePlace {
  /** The anchors of a year. */
  days(year: number): YearDays;
  daily: DailyNormals;
  months: readonly WaterMonth[];
  /** Null where no day is cold enough. */
  cold: ColdSeason | null;
  yearClass: YearClass;
}

const meanOf = ({ tmin, tmax }: DailyNormals, day: number) => (tmin[(day - 1) % 365]! + tmax[(day - 1) % 365]!) / 2;

/**
 * The winter cold that chills seed outdoors: the days from midsummer to midsummer whose mean is at most SETTINGS.raise.cold_c.
 * Days of frost count: they keep the seed cold and moist. Null where there is none.
 */
export function coldSeason(daily: DailyNormals): ColdSeason | null {
  let season: ColdSeason | null = null;
  for (let day = 200; day < 565; day++) {
    if (meanOf(daily, day) > SETTINGS.raise.cold_c) continue;
    season ??= { from: day, to: day, days: 0 };
    season.to = day;
    season.days++;
  }
  return season;
}

/** The first day of spring whose mean is warm enough for seed to come up outdoors; 1 where every day is. */
export function upFrom(daily: DailyNormals): number {
  const coldest = Array.from({ length: 365 }, (_, i) => meanOf(daily, i + 1));
  let day = coldest.indexOf(Math.min(...coldest)) + 1;
  if (coldest[day - 1]! >= SETTINGS.raise.up_c) return 1;
  while (day < 400 && meanOf(daily, day) < SETTINGS.raise.up_c) day++;
  return day > 365 ? day - 365 : day;
}

/** The class of year of a place, by its frosts, its rain beside its thirst, and its winter. */
export function yearClassOf(days: YearDays, daily: DailyNormals, months: readonly WaterMonth[]): YearClass {
  const { desertShare, mildBelow_d, dryAbove_c, drySummer } = SETTINGS.raise;
  const sum = (rows: readonly WaterMonth[], of: (month: WaterMonth) => number) => rows.reduce((all, month) => all + of(month), 0);
  const rain = (rows: readonly WaterMonth[]) => sum(rows, (month) => month.rain_mm);
  const cold = coldSeason(daily);
  const mild = Math.min(...Array.from({ length: 365 }, (_, i) => meanOf(daily, i + 1))) > dryAbove_c;
  const winter = [months[11]!, months[0]!, months[1]!];
  const dry = rain(months.slice(5, 8)) < drySummer.share * rain(months) && rain(winter) >= drySummer.winter_mm;
  if (mild && dry) return 'dry-summer';
  if (days.frostless) return 'frost-free';
  if (mild && rain(months) < desertShare * sum(months, (month) => month.et0_mm)) return 'desert';
  return (cold?.days ?? 0) < mildBelow_d ? 'mild-winter' : 'cold-winter';
}
