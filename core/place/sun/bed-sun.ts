import { frostFree } from '../climate/frost';
import type { Frosts } from '../../model/here';
import { HALF_MONTHS, shareOfHalfMonth } from '../../model/half-month';
import { finish, type Steps } from '../../model/steps';
import type { Site } from '../../model/garden';
import type { Point, Thing } from '../../model/yard';
import { groundOf, samplePoints } from '../yard/geometry';
import { SETTINGS } from '../../settings';
import { obstructionsOf } from './obstructions';
import { stepHours, type DrawnYard, type SunPlace } from './raster';
import { lightAt, shadesAt, type Shade } from './shade';
import { sunPath, type Sun } from './sun-path';

/** Hours of direct sun a day in a half-month, split at solar noon; `midday` is the part within two hours of it. */
export interface SunHours {
  before: number;
  after: number;
  midday: number;
}
export interface SeasonSun {
  /** Hours of direct sun a day over the growing season. */
  sun_h: number;
  sun_when: Site['sun_when'];
  before: number;
  after: number;
}
export interface BedSun {
  /** By half-month, 0–23. */
  year: SunHours[];
  season: SeasonSun;
  /** Hours of direct sun a day at points (m, in the yard), the mean of the half-months calculated. */
  across: { points: Point[]; hours: number[] };
}

/**
 * The half-months that count as growing season for light: frost-free for more than half their days, and from March
 * to October, since a frost-free winter's low sun is not what "six hours" was said of.
 */
export function lightSeason(frosts: Frosts): number[] {
  const { from, to, days } = frostFree(frosts);
  const { first, last } = SETTINGS.sun.season;
  const found: number[] = [];
  for (let h = first; h <= last; h++) {
    if (days > 0 && shareOfHalfMonth(h, from, to) > 0.5) found.push(h);
  }
  // A season too short to fill half a half-month is still judged in high summer.
  return found.length > 0 ? found : [12, 13];
}

/** When the sun comes, from its hours before and after solar noon and those within two hours of it. */
export function sunWhen({ before, after, midday }: SunHours): Site['sun_when'] {
  const total = before + after;
  if (total === 0) return 'all-day';
  if (before / total >= SETTINGS.sun.oneSided) return 'morning';
  if (after / total >= SETTINGS.sun.oneSided) return 'afternoon';
  return total <= SETTINGS.sun.middayMostH && midday / total >= SETTINGS.sun.oneSided ? 'midday' : 'all-day';
}

/** The season's figure out of a year's hours: the plain mean of its half-months, to the tenth of an hour. */
export function seasonOf(year: readonly SunHours[], frosts: Frosts): SeasonSun {
  const season = lightSeason(frosts);
  const mean = (of: (hours: SunHours) => number) => season.reduce((sum, h) => sum + of(year[h]!), 0) / season.length;
  const hours = { before: mean((row) => row.before), after: mean((row) => row.after), midday: mean((row) => row.midday) };
  const round = (value: number) => Number(value.toFixed(1));
  return {
    sun_h: round(hours.before + hours.after),
    sun_when: sunWhen(hours),
    before: round(hours.before),
    after: round(hours.after),
  };
}

/** A year of hours without sun, to be added to. */
export const darkYear = (): SunHours[] => Array.from({ length: HALF_MONTHS }, () => ({ before: 0, after: 0, midday: 0 }));

/** Adds hours of light to those before or after solar noon, as the sun stands, and to midday's. */
export function addLight(hours: SunHours, sun: Sun, lit: number) {
  if (sun.hour < 0) hours.before += lit;
  else hours.after += lit;
  if (Math.abs(sun.hour) <= SETTINGS.sun.middayH) hours.midday += lit;
}

/** What of a site its light depends on. */
export type LitSite = Pick<Site, 'id' | 'outline' | 'height_m' | 'pot'>;
const ALL_YEAR = Array.from({ length: HALF_MONTHS }, (_, h) => h);

/** A drawn site as its light is taken: at points spread through it, which lie within a box. */
interface Taken {
  site: LitSite;
  points: Point[];
  left: number;
  right: number;
  bottom: number;
  top: number;
  year: SunHours[];
  /** Hours at each point, of all half-months together. */
  hours: number[];
}

function taken(site: LitSite): Taken {
  const points = samplePoints(groundOf(site), SETTINGS.sun.bedPoints);
  const xs = points.map(([x]) => x);
  const ys = points.map(([, y]) => y);
  return {
    site,
    points,
    left: Math.min(...xs),
    right: Math.max(...xs),
    bottom: Math.min(...ys),
    top: Math.max(...ys),
    year: darkYear(),
    hours: points.map(() => 0),
  };
}

/** Mean share (0–1) of direct sun on a site at one moment; only the shades that reach its box are asked. Each point has its hours of it. */
function meanLight({ site, points, hours, left, right, bottom, top }: Taken, shades: readonly Shade[], step: number): number {
  const near = shades.filter((one) => one.left <= right && one.right >= left && one.bottom <= top && one.top >= bottom);
  if (near.length === 0) {
    for (let p = 0; p < hours.length; p++) hours[p]! += step;
    return 1;
  }
  let light = 0;
  points.forEach((point, p) => {
    const share = lightAt(near, point, site.height_m);
    light += share;
    hours[p]! += share * step;
  });
  return light / points.length;
}

/**
 * Direct sun on the drawn beds and containers of a yard, by site id: the mean over points spread through each, at
 * the height of its soil, on the middle day of every half-month asked for (the others are left at nothing; a season's
 * figure needs those of lightSeason), `years` from now. Sites not drawn are left out.
 */
export const sunOfBeds = (...of: Parameters<typeof sunOfBedsInSteps>): Map<string, BedSun> => finish(sunOfBedsInSteps(...of));

/** The same, one place of the sun after the other. */
export function* sunOfBedsInSteps(
  sites: readonly LitSite[],
  yard: DrawnYard,
  things: readonly Thing[],
  place: SunPlace & Frosts,
  years = 0,
  halfMonths: readonly number[] = ALL_YEAR,
): Steps<Map<string, BedSun>> {
  const drawn = sites.filter((site) => site.outline.length > 0).map(taken);
  for (const h of drawn.length > 0 ? halfMonths : []) {
    const path = sunPath(place.lat, place.lon, h, SETTINGS.sun.bedStepMinutes);
    const obstructions = obstructionsOf(things, h, years);
    for (const [i, sun] of path.entries()) {
      const shades = shadesAt(obstructions, sun, yard.north_deg);
      const step = stepHours(path, i);
      for (const one of drawn) {
        addLight(one.year[h]!, sun, meanLight(one, shades, step) * step);
      }
      yield;
    }
  }
  return new Map(
    drawn.map(({ site, year, points, hours }) => [
      site.id,
      { year, season: seasonOf(year, place), across: { points, hours: hours.map((sum) => sum / halfMonths.length) } },
    ]),
  );
}

/** Hours of direct sun by month (0–11), the mean of its two half-months. */
export function byMonth(year: readonly SunHours[]): SunHours[] {
  return Array.from({ length: HALF_MONTHS / 2 }, (_, m) => {
    const [a, b] = [year[2 * m]!, year[2 * m + 1]!];
    return { before: (a.before + b.before) / 2, after: (a.after + b.after) / 2, midday: (a.midday + b.midday) / 2 };
  });
}
