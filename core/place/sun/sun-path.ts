import { getPosition, getTimes } from 'suncalc';
import { HALF_MONTHS, firstDay, lastDay, monthDayOf } from '../../model/half-month';
import { SETTINGS } from '../../settings';

/** The sun at one moment. Angles in radians. */
export interface Sun {
  /** Hours from solar noon, negative before it. */
  hour: number;
  /** Bearing clockwise from north. */
  azimuth: number;
  altitude: number;
}

const RADIANS = Math.PI / 180;
/** Any year that is not a leap year will do: from year to year the sun's path differs by less than its own width. */
const YEAR = 2027;

/** Noon UTC of a day of the year, 1–365. */
const dateOf = (day: number) => new Date(`${YEAR}-${monthDayOf(day)}T12:00:00Z`);

/** The middle day (1–365) of a half-month, whose sun stands for all of it. */
function middleDay(h: number): number {
  return Math.round((firstDay(h) + lastDay(h)) / 2);
}

/** The moment (ms since 1970, UTC) of solar noon on a day of the year at a place (degrees). */
export function solarNoon(lat: number, lon: number, day: number): number {
  return getTimes(dateOf(day), lat, lon).solarNoon.getTime();
}

/** The sun `hour` hours from solar noon on a day of the year at a place (degrees). Positions after Meeus. */
export function sunAt(lat: number, lon: number, day: number, hour: number): Sun {
  const { azimuth, altitude } = getPosition(new Date(solarNoon(lat, lon, day) + hour * 3_600_000), lat, lon);
  return { hour, azimuth: azimuth * RADIANS, altitude: altitude * RADIANS };
}

/**
 * The sun's path on the middle day of a half-month, in steps of `minutes` placed evenly about solar noon, while it
 * stands high enough to count as direct sun (SETTINGS.sun.horizonDeg). Every step stands for `minutes` of light.
 */
export function sunPath(lat: number, lon: number, h: number, minutes: number): readonly Sun[] {
  const key = `${lat} ${lon} ${h} ${minutes}`;
  const known = walked.get(key);
  if (known) return known;
  const path = walkPath(lat, lon, h, minutes);
  if (walked.size >= MOST_WALKED) walked.clear();
  walked.set(key, path);
  return path;
}

/** Paths walked before: every bed of a garden asks for the same ones. Two years' worth. */
const walked = new Map<string, readonly Sun[]>();
const MOST_WALKED = 2 * HALF_MONTHS;

function walkPath(lat: number, lon: number, h: number, minutes: number): readonly Sun[] {
  const day = middleDay(h);
  const noon = solarNoon(lat, lon, day);
  const path: Sun[] = [];
  for (let at = -720 + minutes / 2; at < 720; at += minutes) {
    const { azimuth, altitude } = getPosition(new Date(noon + at * 60_000), lat, lon);
    if (altitude >= SETTINGS.sun.horizonDeg)
      path.push({ hour: at / 60, azimuth: azimuth * RADIANS, altitude: altitude * RADIANS });
  }
  return path;
}
