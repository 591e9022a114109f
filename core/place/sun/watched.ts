import type { MeasureOf, Reading } from '../../model/yard';
import { dayOfMonthDay } from '../../model/half-month';
import type { Frosts } from '../../model/here';
import { SETTINGS } from '../../settings';
import { addLight, darkYear, lightSeason, seasonOf, type SeasonSun } from './bed-sun';
import { stepHours, type SunPlace } from './raster';
import { solarNoon, sunAt, sunPath, type Sun } from './sun-path';

/** One hour looked at: where the sun stood, and how much of the bed it lit. */
interface Glance {
  sun: Sun;
  towards: Direction;
  lit: number;
}
/** East, north and up, of length 1. */
type Direction = readonly [number, number, number];
export interface WatchedSun {
  season: SeasonSun;
  /** Hours of sun ticked on each sheet, as they were seen. */
  seen: { taken_on: string; hours: number }[];
  /** Share (0–1) of the season's sun path that stood near a place in the sky that was looked at. */
  known: number;
}

/** Hours of sun ticked on a sheet; a part counts as half. */
export const hoursSeen = ({ hours }: Reading<'watch'>) => hours.reduce((sum, row) => sum + row.sun, 0);

/** Day of the year (1–365) of a date; the last of a leap year is the day before. */
export const dayOf = (date: string) => Math.min(365, dayOfMonthDay(date.slice(5)));

/** Hours from solar noon of a clock hour's middle on a date. */
export function solarHour(place: SunPlace, date: string, hour: number, utc_offset_h: number): number {
  const day = dayOf(date);
  const noon = new Date(solarNoon(place.lat, place.lon, day));
  const noonUtc = noon.getUTCHours() + noon.getUTCMinutes() / 60;
  const from = hour + 0.5 - utc_offset_h - noonUtc;
  return ((((from + 12) % 24) + 24) % 24) - 12;
}

const towards = ({ altitude, azimuth }: Sun): Direction => [
  Math.cos(altitude) * Math.sin(azimuth),
  Math.cos(altitude) * Math.cos(azimuth),
  Math.sin(altitude),
];
/** Cosine of the angle between two directions: the nearer they are, the larger. */
const nearness = (a: Direction, b: Direction): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];

/**
 * Tick sheets scaled to the growing season through the sun's path: each hour looked at says whether one place in
 * the sky is open over the bed; every moment of the year takes the answer of the nearest such place, with two
 * corrections that geometry gives for certain at nearly the same bearing: above an open place it is open, and below
 * a shut one shut. Sheets of spring and summer together leave least to guess. Null without a sheet.
 */
export function watchedSun(sheets: readonly MeasureOf<'watch'>[], place: SunPlace & Frosts): WatchedSun | null {
  if (sheets.length === 0) return null;
  const glances: Glance[] = sheets.flatMap((sheet) =>
    sheet.reading.hours.map(({ hour, sun: lit }) => {
      const at = solarHour(place, sheet.taken_on, hour, sheet.reading.utc_offset_h);
      const sun = sunAt(place.lat, place.lon, dayOf(sheet.taken_on), at);
      return { sun, towards: towards(sun), lit };
    }),
  );
  const sameBearing = (SETTINGS.sun.sameBearingDeg * Math.PI) / 180;
  const near = Math.cos((SETTINGS.sun.nearSkyDeg * Math.PI) / 180);
  /** What is seen of a place in the sky, and whether somebody looked there or geometry says so for certain. */
  const litAt = (sun: Sun): { lit: number; known: boolean } => {
    const here = towards(sun);
    let nearest = glances[0]!;
    let most = -Infinity;
    let lit: number | null = null;
    for (const glance of glances) {
      const found = nearness(here, glance.towards);
      if (found > most) [nearest, most] = [glance, found];
      if (Math.abs(sun.azimuth - glance.sun.azimuth) > sameBearing) continue;
      if (glance.lit === 1 && sun.altitude >= glance.sun.altitude) lit = 1;
      if (glance.lit === 0 && sun.altitude <= glance.sun.altitude) lit ??= 0;
    }
    return { lit: lit ?? nearest.lit, known: lit !== null || most >= near };
  };
  const year = darkYear();
  let asked = 0;
  let answered = 0;
  for (const h of lightSeason(place)) {
    const path = sunPath(place.lat, place.lon, h, SETTINGS.sun.stepMinutes);
    path.forEach((sun, i) => {
      const { lit, known } = litAt(sun);
      asked++;
      if (known) answered++;
      addLight(year[h]!, sun, lit * stepHours(path, i));
    });
  }
  const seen = sheets.map(({ taken_on, reading }) => ({ taken_on, hours: hoursSeen(reading) }));
  return { season: seasonOf(year, place), seen, known: answered / asked };
}
