import { averageDay, dayInYear, yearOf } from '../model/days';
import { dayOfMonthDay } from '../model/half-month';
import type { Frosts, PlantHere } from '../model/here';
import type { DailyNormals } from '../place/climate/degree-days';
import { lastDayOf, weatherOn, type Weather } from '../place/weather/weather';
import type { WaterMonth } from '../place/soil/water-year';
import { SETTINGS } from '../settings';

/** What a day of care is counted from, with the days after (or before) it. */
export interface Anchor {
  of:
    | 'last-frost'
    | 'first-frost'
    | 'bloom-start'
    | 'bloom-end'
    | 'leaf-out'
    | 'leaf-fall'
    | 'rains'
    | 'warm-nights'
    | 'cool-nights'
    | 'date';
  /** Of nights: the temperature (°C). Of a date: its day of the year. */
  value: number;
  offset: number;
}

const ANCHOR = /^(?:([a-z-]+?)(?: (-?\d+))?([+-]\d+)?|(\d\d-\d\d))$/;

const parsed = new Map<string, Anchor>();

/** Reads an anchor as care.csv writes it: `last-frost+14`, `cool-nights 5`, `07-04`. Throws a RangeError for anything else. */
export function anchorOf(text: string): Anchor {
  const known = parsed.get(text);
  if (known) return known;
  const found = ANCHOR.exec(text);
  if (!found) throw new RangeError(`“${text}” is no anchor of the year.`);
  const [, of, value, offset, date] = found;
  const anchor: Anchor = date
    ? { of: 'date', value: dayOfMonthDay(date), offset: 0 }
    : { of: of as Anchor['of'], value: Number(value ?? 0), offset: Number(offset ?? 0) };
  parsed.set(text, anchor);
  return anchor;
}

/** What the days of a year depend on in a garden. */
export interface YearPlace {
  frosts: Frosts;
  daily: DailyNormals;
  months: readonly WaterMonth[];
}

/**
 * The anchors of one year in a garden. On average they lie where the climate has them; in a year whose weather is known they
 * move with it: a late frost puts spring off, a warm autumn the bringing in.
 */
export class YearDays {
  readonly #nights = new Map<string, number | null>();
  readonly #lastFrost: number;
  readonly #firstFrost: number;
  readonly #coldest: number;

  constructor(
    readonly year: number,
    private readonly place: YearPlace,
    private readonly weather: Weather | null,
  ) {
    const { tmin } = place.daily;
    this.#coldest = tmin.indexOf(Math.min(...tmin)) + 1;
    this.#lastFrost = this.#findLastFrost();
    this.#firstFrost = this.#findFirstFrost();
  }

  /** Is no frost usual here, so that the coldest days stand in for it? */
  get frostless(): boolean {
    return !this.place.frosts.last_frost || !this.place.frosts.first_frost;
  }

  /** Days of this year whose weather is known or forecast, as days of the year, those from one to another. */
  *#known(from: number, to: number): Generator<[number, { low_c: number; rain_mm: number }]> {
    if (!this.weather) return;
    const newYear = dayInYear(this.year, 1);
    for (let day = from; day <= to; day++) {
      const found = weatherOn(this.weather, newYear + day - 1);
      if (found) yield [day, found];
    }
  }
  /** Today as a day of this year: below 1 before it begins, beyond 365 after it. */
  get #today(): number {
    if (!this.weather) return 0;
    const today = lastDayOf(this.weather);
    const years = yearOf(today) - this.year;
    return averageDay(today) + 365 * years;
  }
  #findLastFrost(): number {
    const { last_frost } = this.place.frosts;
    const usual = last_frost ? dayOfMonthDay(last_frost) : ((this.#coldest + SETTINGS.work.frostless.after_d - 1) % 365) + 1;
    let last = usual;
    // Late frosts of this spring, seen or forecast.
    for (const [day, { low_c }] of this.#known(usual, Math.min(usual + 60, 190))) if (low_c <= 0) last = day;
    return last;
  }
  #findFirstFrost(): number {
    const { first_frost } = this.place.frosts;
    const coldest = this.#coldest < 180 ? this.#coldest + 365 : this.#coldest;
    const usual = first_frost ? dayOfMonthDay(first_frost) : coldest - SETTINGS.work.frostless.before_d;
    // A first frost in January belongs to the season of the year before.
    const inSeason = usual < 100 ? usual + 365 : usual;
    for (const [day, { low_c }] of this.#known(200, 430)) if (low_c <= 0) return day;
    const today = this.#today;
    // None so far, and none forecast: it is still to come.
    return today >= 200 && today < 430 ? Math.max(inSeason, today + SETTINGS.station.forecast.days + 1) : inSeason;
  }

  /** The day before the first night of autumn at or below a temperature; null where nights never fall that low. */
  #coolNights(c: number): number | null {
    const { tmin } = this.place.daily;
    const { nightStrays_c, forecastDoubt_c, nightsAhead } = SETTINGS.work;
    const today = this.#today;
    for (const [day, { low_c }] of this.#known(200, 430)) {
      const doubt = day > today && day <= today + nightsAhead ? forecastDoubt_c : 0;
      if (low_c <= c + doubt) return day - 1;
    }
    let usual: number | null = null;
    for (let day = 200; day < 430 && usual === null; day++) if (tmin[(day - 1) % 365]! <= c + nightStrays_c) usual = day;
    if (usual === null) return null;
    return today >= 200 && today < 430 ? Math.max(usual, today + nightsAhead + 1) : usual;
  }
  /** The day from which nights stay above a temperature in spring; null where they never do, the first of January where they always do. */
  #warmNights(c: number): number | null {
    const { tmin } = this.place.daily;
    const { nightStrays_c } = SETTINGS.work;
    if (Math.min(...tmin) >= c + nightStrays_c) return 1;
    let usual: number | null = null;
    // From midsummer back to the last night that is too cold on average.
    for (let day = 200; day > 0; day--) {
      if (tmin[day - 1]! < c + nightStrays_c / 2) break;
      usual = day;
    }
    if (usual === null) {
      const warmest = tmin.indexOf(Math.max(...tmin)) + 1;
      return tmin[warmest - 1]! >= c ? warmest : null;
    }
    let last = usual;
    for (const [day, { low_c }] of this.#known(usual, Math.min(usual + 30, 200))) if (low_c < c) last = day + 1;
    return last;
  }
  /** The day on which the rains set in after the dry months; null where every month is wet enough. */
  #rains(): number | null {
    const { months } = this.place;
    const { mm, days, share } = SETTINGS.work.rains;
    const wet = months.map(({ rain_mm, et0_mm }) => rain_mm >= share * et0_mm);
    const dryAt = months.reduce(
      (worst, { rain_mm, et0_mm }, i) => (rain_mm / et0_mm < months[worst]!.rain_mm / months[worst]!.et0_mm ? i : worst),
      0,
    );
    if (wet[dryAt]) return null;
    let month = dryAt;
    for (let i = 0; i < 12 && !wet[month % 12]; i++) month++;
    if (!wet[month % 12]) return null;
    const usual = dayOfMonthDay(`${String((month % 12) + 1).padStart(2, '0')}-01`) + (month >= 12 ? 365 : 0);
    const recent: number[] = [];
    for (const [day, { rain_mm }] of this.#known(usual - 30, usual + 45)) {
      recent.push(rain_mm);
      if (recent.length > days) recent.shift();
      if (recent.reduce((sum, rain) => sum + rain, 0) >= mm) return day;
    }
    return usual;
  }
  #night(of: 'warm' | 'cool', c: number): number | null {
    const key = `${of} ${c}`;
    const known = this.#nights.get(key);
    if (known !== undefined) return known;
    const found = of === 'warm' ? this.#warmNights(c) : this.#coolNights(c);
    this.#nights.set(key, found);
    return found;
  }
  #rainsOnce: number | null | undefined;

  /**
   * The day of the year (it may lie beyond 365) of an anchor for a plant, or for what is none (null); null where it has no
   * such day here: no bloom, no night as cold.
   */
  dayOf(text: string, here: Pick<PlantHere, 'bloom' | 'foliage'> | null): number | null {
    const { of, value, offset } = anchorOf(text);
    const day = this.#anchorDay(of, value, here);
    return day === null ? null : day + offset;
  }
  #anchorDay(of: Anchor['of'], value: number, here: Pick<PlantHere, 'bloom' | 'foliage'> | null): number | null {
    switch (of) {
      case 'date':
        return value;
      case 'last-frost':
        return this.#lastFrost;
      case 'first-frost':
        return this.#firstFrost;
      case 'cool-nights':
        return this.#night('cool', value);
      case 'warm-nights':
        return this.#night('warm', value);
      case 'rains':
        return (this.#rainsOnce = this.#rainsOnce === undefined ? this.#rains() : this.#rainsOnce);
      case 'bloom-start':
        return here?.bloom ? here.bloom.from : null;
      case 'bloom-end':
        return here?.bloom ? here.bloom.to : null;
      case 'leaf-out':
        // What keeps its leaf comes into new leaf when growth begins.
        return here ? (isEvergreen(here) ? this.#lastFrost - 30 : here.foliage.from) : null;
      case 'leaf-fall':
        return here && !isEvergreen(here) ? here.foliage.to : null;
    }
  }
}

const isEvergreen = ({ foliage }: Pick<PlantHere, 'foliage'>) => foliage.to - foliage.from >= 363;
