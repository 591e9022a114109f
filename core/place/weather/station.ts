import { averageDay, dayInYear, isoOf, yearOf, type DayNumber } from '../../model/days';
import { MONTH_LENGTHS } from '../../model/half-month';
import { normalFrom, randomFrom, seedOf } from '../../model/random';
import { SETTINGS } from '../../settings';
import type { DailyNormals } from '../climate/degree-days';
import type { WaterMonth } from '../soil/water-year';
import type { WeatherDay, WeatherSource } from './weather';

/** What the weather of a place strays from. */
export interface StationPlace {
  lat: number;
  lon: number;
  daily: DailyNormals;
  /** Rain, rainy days and thirst of each month. */
  months: readonly WaterMonth[];
}

const round = (value: number) => Math.round(value * 10) / 10;

/** How far days of a season stray: most in midwinter, least in midsummer. */
const strayOf = (day: number) => {
  const { winter_c, summer_c } = SETTINGS.station.stray;
  const winter = (1 + Math.cos((2 * Math.PI * (day - 15)) / 365)) / 2;
  return summer_c + winter * (winter_c - summer_c);
};

/**
 * The days of one year, one after the other from the autumn before (so that its January has a past): temperatures stray
 * from the normals in spells of days and of weeks, rain comes in spells as often and as much as the month has it, and now
 * and then a flash freeze falls upon a winter. The same place and year always have the same weather.
 */
function simulatedYear({ lat, lon, daily, months }: StationPlace, year: number): WeatherDay[] {
  const { spell, slow, again, wetCooler_c, wetThirst, flash } = SETTINGS.station;
  const random = randomFrom(seedOf(`${lat.toFixed(2)} ${lon.toFixed(2)} ${year}`));
  const normal = normalFrom(random);
  const first = dayInYear(year - 1, 320);
  const newYear = dayInYear(year, 1);
  const end = dayInYear(year, 365);
  // A flash freeze: a winter's day on which it falls far below what came before.
  const flashes = [random(), random()]
    .map((chance, half) => ({ chance, on: half === 0 ? newYear + Math.floor(random() * 75) : end - Math.floor(random() * 45) }))
    .filter(({ chance }) => chance < flash.chance);
  let quick = normal();
  let lasting = normal();
  let wet = false;
  const days: WeatherDay[] = [];
  for (let day = first; day <= end; day++) {
    const average = averageDay(day);
    quick = spell * quick + Math.sqrt(1 - spell ** 2) * normal();
    lasting = slow.holds * lasting + Math.sqrt(1 - slow.holds ** 2) * normal();
    const fallen = flashes.reduce((sum, { on }) => sum + (day >= on && day < on + flash.days ? flash.drop_c : 0), 0);
    const off = strayOf(average) * quick + slow.stray_c * lasting - fallen;
    const month = Number(isoOf(day).slice(5, 7)) - 1;
    const { rain_mm, et0_mm, rain_days } = months[month]!;
    const wetDays = Math.min(MONTH_LENGTHS[month]! - 1, rain_days ?? MONTH_LENGTHS[month]! / 3);
    const share = wetDays / MONTH_LENGTHS[month]!;
    wet = random() < (wet ? share + (1 - share) * again : share * (1 - again));
    const rain = wet ? (-Math.log(1 - random()) * rain_mm) / Math.max(1, wetDays) : 0;
    const thirst = (et0_mm / MONTH_LENGTHS[month]!) * (wet ? wetThirst : (1 - share * wetThirst) / (1 - share));
    const low = daily.tmin[average - 1]! + off + 0.8 * normal();
    const high = daily.tmax[average - 1]! + off + 0.8 * normal() - (wet ? wetCooler_c : -(wetCooler_c * share) / (1 - share));
    days.push({
      low_c: round(Math.min(low, high - 1)),
      high_c: round(Math.max(high, low + 1)),
      rain_mm: round(rain),
      et0_mm: round(Math.max(0, thirst * (1 + SETTINGS.station.thirstPer_c * (off - (wet ? wetCooler_c : 0))))),
    });
  }
  return days.slice(newYear - first);
}

/**
 * A stand-in for a weather station in the garden: days around the place's normals, and forecasts of seven days that err as
 * forecasts do, the more the farther ahead. It needs no network.
 */
export function simulatedStation(place: StationPlace): WeatherSource {
  const years = new Map<number, WeatherDay[]>();
  const on = (day: DayNumber): WeatherDay => {
    const year = yearOf(day);
    const known = years.get(year) ?? simulatedYear(place, year);
    years.set(year, known);
    return known[Math.min(known.length - 1, day - dayInYear(year, 1))]!;
  };
  return {
    days: (from, to) => Array.from({ length: Math.max(0, to - from + 1) }, (_, i) => on(from + i)),
    forecast: (today) => {
      const random = randomFrom(seedOf(`${place.lat.toFixed(2)} ${place.lon.toFixed(2)} forecast ${today}`));
      const normal = normalFrom(random);
      const { errs_c, errsMore_c, missesRain } = SETTINGS.station.forecast;
      return Array.from({ length: SETTINGS.station.forecast.days }, (_, i) => {
        const truth = on(today + 1 + i);
        const err = errs_c + errsMore_c * i;
        const common = normal() * err;
        const low = truth.low_c + common + 0.3 * err * normal();
        const missed = random() < missesRain * (i + 1);
        const { rain_mm } = missed ? on(today + 1 + i + Math.ceil(random() * 20)) : truth;
        return {
          low_c: round(low),
          high_c: round(Math.max(low + 1, truth.high_c + common)),
          rain_mm: round(rain_mm * Math.max(0.2, 1 + (0.2 + 0.08 * i) * normal())),
          et0_mm: truth.et0_mm,
        };
      });
    },
  };
}
