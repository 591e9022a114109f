import { describe, expect, it } from 'vitest';
import { dayInYear, dayNumber, isoOf } from '../../model/days';
import { dailyNormals } from '../climate/degree-days';
import { simulatedStation, type StationPlace } from './station';
import type { WeatherDay } from './weather';

const normals = Array.from({ length: 12 }, (_, i) => {
  const summer = (1 - Math.cos((2 * Math.PI * i) / 12)) / 2;
  return {
    region: 'x',
    month: i + 1,
    tmin_c: -5 + 22 * summer,
    tmax_c: 4 + 24 * summer,
    rain_mm: 90,
    rain_days: 10,
    et0_mm: 20 + 120 * summer,
  };
});
const place: StationPlace = { lat: 41.7, lon: -70.9, daily: dailyNormals(normals), months: normals };
const station = simulatedStation(place);
const yearsOf = (count: number) =>
  Array.from({ length: count }, (_, i) => station.days(dayInYear(2000 + i, 1), dayInYear(2000 + i, 365)));
const mean = (values: number[]) => values.reduce((sum, value) => sum + value, 0) / values.length;
const sd = (values: number[]) => Math.sqrt(mean(values.map((value) => (value - mean(values)) ** 2)));

describe('forty years of the simulated station', () => {
  const years = yearsOf(40);
  const july = years.flatMap((days) => days.slice(181, 212));
  const january = years.flatMap((days) => days.slice(0, 31));
  it('have the normals of their place on average', () => {
    const of = (days: WeatherDay[], what: keyof WeatherDay) => mean(days.map((day) => day[what]));
    const usual = (from: number, to: number, of: Float64Array) => mean([...of.slice(from, to)]);
    expect(Math.abs(of(july, 'low_c') - usual(181, 212, place.daily.tmin))).toBeLessThan(0.6);
    expect(Math.abs(of(july, 'high_c') - usual(181, 212, place.daily.tmax))).toBeLessThan(0.6);
    expect(Math.abs(of(january, 'low_c') - usual(0, 31, place.daily.tmin))).toBeLessThan(1.2);
    // 1080 mm of rain a year, on 120 days; and the thirst of the months.
    expect(mean(years.map((days) => days.reduce((sum, day) => sum + day.rain_mm, 0)))).toBeGreaterThan(1080 * 0.93);
    expect(mean(years.map((days) => days.reduce((sum, day) => sum + day.rain_mm, 0)))).toBeLessThan(1080 * 1.07);
    expect(mean(years.map((days) => days.filter((day) => day.rain_mm > 0).length))).toBeCloseTo(120, -1);
    const thirst = normals.reduce((sum, month) => sum + month.et0_mm, 0);
    expect(mean(years.map((days) => days.reduce((sum, day) => sum + day.et0_mm, 0))) / thirst).toBeCloseTo(1, 1);
  });
  it('stray more in winter than in summer, in spells', () => {
    expect(sd(january.map((day) => day.low_c))).toBeGreaterThan(1.3 * sd(july.map((day) => day.low_c)));
    const off = july.map((day) => day.low_c - mean(july.map((one) => one.low_c)));
    const next = mean(off.slice(1).map((value, i) => value * off[i]!)) / mean(off.map((value) => value ** 2));
    expect(next).toBeGreaterThan(0.4);
  });
  it('have late and early frosts: the last one strays by weeks', () => {
    const last = years.map((days) => days.slice(0, 190).findLastIndex((day) => day.low_c <= 0));
    expect(sd(last)).toBeGreaterThan(5);
    expect(sd(last)).toBeLessThan(20);
  });
  it('have a flash freeze now and then, and dry spells', () => {
    const falls = years.filter((days) => days.some((day, i) => i > 0 && days[i - 1]!.low_c - day.low_c >= 10 && day.low_c <= -4));
    expect(falls.length).toBeGreaterThan(4);
    expect(falls.length).toBeLessThan(40);
    const longest = years.map((days) => {
      let [run, most] = [0, 0];
      for (const day of days) most = Math.max(most, (run = day.rain_mm < 1 ? run + 1 : 0));
      return most;
    });
    expect(mean(longest)).toBeGreaterThan(9);
  });
  it('no day is colder by day than by night, and none rains less than nothing', () => {
    for (const day of years.flat()) {
      expect(day.high_c).toBeGreaterThan(day.low_c);
      expect(day.rain_mm).toBeGreaterThanOrEqual(0);
      expect(day.et0_mm).toBeGreaterThanOrEqual(0);
    }
  });
});

it('the same place and day have the same weather, another place has another', () => {
  const again = simulatedStation(place);
  const span = [dayNumber('2028-02-25'), dayNumber('2028-03-03')] as const;
  expect(again.days(...span)).toEqual(station.days(...span));
  // A leap day is a day like any other.
  expect(again.days(...span).length).toBe(8);
  expect(isoOf(span[0] + 4)).toBe('2028-02-29');
  expect(again.forecast(span[0])).toEqual(station.forecast(span[0]));
  expect(simulatedStation({ ...place, lat: 35 }).days(...span)).not.toEqual(station.days(...span));
});

it('forecasts of seven days err, the more the farther ahead', () => {
  const errors = Array.from({ length: 7 }, () => [] as number[]);
  for (let day = dayNumber('2010-01-01'); day < dayNumber('2012-01-01'); day++) {
    const truth = station.days(day + 1, day + 7);
    station.forecast(day).forEach((row, i) => errors[i]!.push(row.low_c - truth[i]!.low_c));
  }
  const spread = errors.map(sd);
  expect(spread[0]).toBeLessThan(1.2);
  expect(spread[6]).toBeGreaterThan(2);
  for (let i = 1; i < 7; i++) expect(spread[i]!).toBeGreaterThan(spread[i - 1]!);
  expect(Math.abs(mean(errors.flat()))).toBeLessThan(0.2);
});
