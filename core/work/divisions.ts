import { ADMISSIBLE } from '../library/hosts';
import type { Way } from '../library/ways';
import { dayNumber, yearOf, type DayNumber } from '../model/days';
import type { Planting } from '../model/garden';
import type { PlantHere } from '../model/here';
import type { Stage } from '../model/vocabulary';
import { fit } from '../match/fit/fit';
import { nectarValue } from '../match/nectar';
import { piecesOf } from '../raise/quantity';
import { isStart, nextStart, type Start } from '../raise/starts';
import { SETTINGS } from '../settings';
import type { CareTasks } from './care-tasks';
import type { WorkInput } from './task';

/** A planting that can be divided, and where its pieces could go. */
export interface DivisionDue {
  planting: Planting;
  here: PlantHere;
  way: Way;
  /** Years since it was planted or last divided; null where that is not known. */
  age: number | null;
  /** Its care asks for it, to keep it alive. */
  wanted: boolean;
  season: Start;
  /** Pieces to plant elsewhere from all its plants, one of each going back in its place. */
  pieces: { from: number; to: number };
  /** Plantings of the plan that still want plants of it. */
  open: { planting: string; site_id: string; count: number }[];
  /** Other beds and pots here that it fits. */
  elsewhere: string[];
  /** Creatures of which a need is open that more of it would serve. */
  serves: { target: string; stage: Stage }[];
}

/** Years between divisions where neither care nor the way says. */
const EVERY_years = 3;
/** Worth of nectar (0–3) from which more of a plant is worth naming. */
const WORTH = 2;

/** Beds and pots of the garden that a plant fits and does not grow in yet, the best first. */
export function otherSites(
  { sites, plantings, almanac }: Pick<WorkInput, 'sites' | 'plantings' | 'almanac'>,
  here: PlantHere,
): string[] {
  const has = new Set(
    plantings
      .filter((row) => row.plant === here.plant.id && row.state !== 'lost' && row.state !== 'removed')
      .map((row) => row.site_id),
  );
  return sites
    .filter((site) => !has.has(site.id) && (site.kind === 'bed' || here.plant.container !== 'no'))
    .map((site) => ({ id: site.id, fit: fit(here.plant, site, almanac.place) }))
    .filter((row) => row.fit.verdict === 'thrives')
    .sort((a, b) => b.fit.share - a.fit.share)
    .map((row) => row.id);
}

/**
 * What of the garden is old enough to be divided, in the order of its seasons. The season is that of its care, where that
 * asks for it, else that of the way of raising. Plants of which the age is not known count as old enough.
 */
export function divisionsOf(input: WorkInput, care: CareTasks, today: DayNumber): DivisionDue[] {
  const { plantings, sites, raising, almanac, covered } = input;
  const year = yearOf(today);
  const siteOf = new Map(sites.map((site) => [site.id, site]));
  const found: DivisionDue[] = [];
  for (const planting of plantings) {
    const here = almanac.plants.get(planting.plant);
    const site = siteOf.get(planting.site_id);
    if (!here || !site || planting.state !== 'in-ground') continue;
    const ways = raising.rowsOf(here);
    const way =
      ways.find((row) => row.method === 'division') ??
      ways.find((row) => row.method === 'offsets' && row.row.pieces_from !== null);
    if (!way) continue;
    const since = lastDivided(planting.plant);
    const planted = Math.max(planting.planted_year ?? -Infinity, since ?? -Infinity);
    const age = Number.isFinite(planted) ? year - planted : null;
    const rule = care.book
      .of(here, site, Math.max(0, age ?? SETTINGS.work.unknownAge))
      .rules.find((row) => row.action === 'divide');
    const every = rule?.every_years ?? way.row.every_from ?? EVERY_years;
    if (age !== null && age < every) continue;
    const start = rule
      ? nextStart({ ...way, row: { ...way.row, window: `${rule.from}..${rule.until || rule.from}` } }, here, raising.place, today)
      : nextStart(way, here, raising.place, today);
    if (!isStart(start)) continue;
    const pieces = piecesOf(way);
    found.push({
      planting,
      here,
      way,
      age,
      wanted: rule !== undefined,
      season: start,
      pieces: { from: pieces.from * planting.count, to: pieces.to * planting.count },
      open: plantings
        .filter((row) => row.plant === planting.plant && (row.state === 'planned' || row.state === 'on-order'))
        .map((row) => ({ planting: row.id, site_id: row.site_id, count: row.count })),
      elsewhere: otherSites(input, here),
      serves: servedBy(here),
    });
  }
  return found.sort((a, b) => a.season.from - b.season.from || a.here.plant.common.localeCompare(b.here.plant.common, 'en'));

  /** The year in which a kind was last divided here, by the batches. */
  function lastDivided(plant: string): number | null {
    const years = raising.input.batches
      .filter((row) => row.plant === plant && (row.method === 'division' || row.method === 'offsets') && row.begun_on !== null)
      .map((row) => yearOf(dayNumber(row.begun_on!)));
    return years.length > 0 ? Math.max(...years) : null;
  }
  function nectarOf(target: string, here: PlantHere): number {
    const creature = almanac.targets.get(target)?.target;
    return creature ? nectarValue(creature, here.plant) : 0;
  }
  function servedBy(here: PlantHere): DivisionDue['serves'] {
    return covered.targets.flatMap(({ target, needs }) =>
      needs
        .filter(({ verdict }) => verdict !== 'closed')
        .filter(({ need, gaps }) => {
          if (need.stage === 'host') {
            const host = almanac.targets.get(target)?.hosts.get(here.plant.id);
            return host !== undefined && ADMISSIBLE.has(host.rank);
          }
          return (
            need.stage === 'nectar' &&
            gaps.some((halfMonth) => (here.bloomShares[halfMonth] ?? 0) > 0) &&
            nectarOf(target, here) >= WORTH
          );
        })
        .map(({ need }) => ({ target, stage: need.stage })),
    );
  }
}
