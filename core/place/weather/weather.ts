import { dayNumber, type DayNumber } from '../../model/days';
import type { OwnDay } from '../../model/work';

/** The weather of one day: temperatures in °C, rain and thirst (reference evapotranspiration) in millimetres. */
export interface WeatherDay {
  low_c: number;
  high_c: number;
  rain_mm: number;
  et0_mm: number;
}

/**
 * What is known of the weather on a day: the days since `first` up to and with that day, and the forecast of those that
 * follow it.
 */
export interface Weather {
  first: DayNumber;
  past: readonly WeatherDay[];
  forecast: readonly WeatherDay[];
}

/**
 * Where weather comes from. The station that ships is a simulated one; a real one takes its place here.
 */
export interface WeatherSource {
  /** Days from one to another, both included. */
  days(from: DayNumber, to: DayNumber): WeatherDay[];
  /** The seven days after a day, as they were forecast on it. */
  forecast(on: DayNumber): WeatherDay[];
}

/** The last day that is past. */
export const lastDayOf = ({ first, past }: Weather): DayNumber => first + past.length - 1;

/** The day, past or forecast; undefined outside of what is known. */
export const weatherOn = ({ first, past, forecast }: Weather, day: DayNumber): WeatherDay | undefined =>
  past[day - first] ?? forecast[day - first - past.length];

/** The same weather with the gardener's own readings in it: what a gauge or a thermometer in the garden shows counts before the station. */
export function withOwnDays(weather: Weather, own: readonly OwnDay[]): Weather {
  if (own.length === 0) return weather;
  const past = [...weather.past];
  for (const { on_day, low_c, high_c, rain_mm } of own) {
    const at = dayNumber(on_day) - weather.first;
    const day = past[at];
    if (!day) continue;
    const low = low_c ?? Math.min(day.low_c, high_c ?? day.low_c);
    past[at] = { ...day, low_c: low, high_c: high_c ?? Math.max(day.high_c, low), rain_mm: rain_mm ?? day.rain_mm };
  }
  return { ...weather, past };
}
