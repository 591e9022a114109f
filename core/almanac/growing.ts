import { firstDay, HALF_MONTHS, lastDay } from '../model/half-month';
import type { Growing } from '../model/here';
import type { DailyNormals } from '../place/climate/degree-days';
import type { WaterMonth } from '../place/soil/water-year';
import { SETTINGS } from '../settings';

/**
 * How far leaf grows in each half-month (0–1): by warmth, from the mean of its days, and on ground that nobody waters and no
 * water runs to, by how far the rain of the month covers the thirst.
 */
export function growingOf({ tmin, tmax }: DailyNormals, months: readonly WaterMonth[]): Growing {
  const { from_c, full_c } = SETTINGS.leaf.warmth;
  const halves = Array.from({ length: HALF_MONTHS }, (_, h) => h);
  const warmth = halves.map((h) => {
    let sum = 0;
    for (let day = firstDay(h); day <= lastDay(h); day++) sum += (tmin[day - 1]! + tmax[day - 1]!) / 2;
    const mean = sum / (lastDay(h) - firstDay(h) + 1);
    return Math.max(0, Math.min(1, (mean - from_c) / (full_c - from_c)));
  });
  const rain = halves.map((h) => {
    const { rain_mm, et0_mm } = months[Math.floor(h / 2)]!;
    return Math.min(1, rain_mm / Math.max(1, SETTINGS.leaf.dryBelow * et0_mm));
  });
  return { warmth, rain };
}
