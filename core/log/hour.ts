import type { DayNumber } from '../model/days';
import { weatherOn, type Weather } from '../place/weather/weather';

/** Hours of the coldest and the warmest moment of a day, about. */
const COLDEST = 6;
const WARMEST = 15;

/**
 * Temperature (°C) at a time of a day (`14:30`; null: at midday), from the day's lowest and highest by half a cosine
 * between the coldest hour and the warmest. Null where the weather of that day is not known.
 */
export function temperatureAt(weather: Weather, day: DayNumber, at: string | null): number | null {
  const on = weatherOn(weather, day);
  if (!on) return null;
  const [h, m] = (at ?? '12:00').split(':').map(Number) as [number, number];
  const hour = h + m / 60;
  const rising = hour >= COLDEST && hour <= WARMEST;
  const span = rising ? WARMEST - COLDEST : 24 - (WARMEST - COLDEST);
  const since = rising ? hour - COLDEST : (hour - WARMEST + 24) % 24;
  const share = (1 - Math.cos((Math.PI * since) / span)) / 2;
  const warmth = rising ? share : 1 - share;
  return Math.round(on.low_c + (on.high_c - on.low_c) * warmth);
}
