import { barringOf, drawbacksOf, isBlownDown, isHostHere, type Drawback } from '../../match/craft/kinds';
import { gardenSeason, isUpright, keptHere, mostHere, placesLeft, type PotPlaces } from '../../match/craft/places';
import { fit } from '../../match/fit/fit';
import { decidingReasons } from '../../match/fit/reasons';
import type { Hindrance } from '../../match/hindrance';
import { areaUse, crownFits, crownM2, groundM2 } from '../../match/quantities';
import type { Site } from '../../model/garden';
import { isPlanted, LIVE_STATES } from '../../model/states';
import type { FitVerdict, PlantHere } from '../../model/here';
import type { CoverageInput } from '../coverage';
import { serves, type Giving, type Rule } from '../gives/rule';
import { grownStand, standsOf } from '../stands';
import { patchesBySite } from '../supply';
import type { NeedCoverage } from '../types';

/** More plants of a kind than this are never offered for one need. */
const MOST_COUNT = 60;

/** A plant on a site where it would serve, and how many it takes. */
export interface Candidate {
  here: PlantHere;
  site: Site;
  verdict: FitVerdict;
  count: number;
  area: number;
  /** Half-months of the gaps that it serves. */
  reach: number;
  /** What speaks against it there. */
  drawbacks: Drawback[];
}

/** A plant that would serve the need but is kept off a site, and by what. */
export interface NearMiss {
  plant: string;
  site: string;
  why: Hindrance;
}

/** Where a plant could stand to serve a need, and what keeps it off the nearest site where it could not. */
export interface Places {
  candidates: Candidate[];
  miss: (NearMiss & { distance: number }) | null;
}

/** The half-months of the gaps that one plant serves well enough to be offered for them. */
function reached(rule: Rule, covered: NeedCoverage, here: PlantHere, giving: Giving): number[] {
  const found = covered.gaps.filter((h) => serves(giving, h) && rule.isWorth(here, h));
  // Leaf on a plant that no female lays on feeds nobody who is not there already.
  return rule.patch && giving.patch === 0 ? [] : found;
}

/** Plants of one kind that the need wants: for what is missing, for a patch that is found, and to count as a kind. */
function countWanted(rule: Rule, covered: NeedCoverage, giving: Giving, gaps: readonly number[], patchHere: number): number {
  const missing = covered.cells
    .filter((cell) => cell.verdict !== 'closed' && rule.amount > 0)
    .map((cell) => ({ each: giving.each(cell.halfMonth), short: Math.max(0, cell.demand - cell.supply) }))
    .map(({ each, short }) => (each > 0 ? short / each : 0));
  const patch = rule.patch ? Math.max(1, Math.max(0, 1 - patchHere) / giving.patch) : 0;
  const kind = rule.kinds > 0 ? Math.min(...gaps.map((h) => giving.kindFrom(h))) : 0;
  return Math.max(0, ...missing, patch, Number.isFinite(kind) ? kind : 0);
}

/** Most more of a plant that a site takes by the craft: its share of the bed, and the places of a pot; and what stops at that. */
function mostMore(
  { plantings }: CoverageInput,
  here: PlantHere,
  site: Site,
  places: PotPlaces | null,
  isHost: boolean,
): { most: number; why: Hindrance } {
  const share = mostHere(here, site, isHost);
  const there = plantings.filter((row) => row.plant === here.plant.id && row.site_id === site.id && LIVE_STATES.has(row.state));
  const byShare = share - there.reduce((sum, row) => sum + row.count, 0);
  const held = places?.held ?? Infinity;
  const middle = places && isUpright(here.plant) ? places.upright : Infinity;
  const most = Math.min(byShare, held, middle);
  return { most, why: byShare <= most ? { kind: 'one-kind', most: share } : { kind: 'pot-full', upright: held > middle } };
}

/**
 * Finds places for plants that would serve a need: sites that admit them, that they fit, and that have room for as many as
 * it takes, or for as many as a planted bed takes of one kind.
 */
export function placeFinder(input: CoverageInput, rule: Rule, covered: NeedCoverage): (here: PlantHere) => Places {
  const { almanac, sites, garden } = input;
  const planted = sites.filter(isPlanted);
  const plantOf = (id: string) => almanac.plants.get(id)?.plant;
  const room = new Map(sites.map((site) => [site.id, areaUse(site, input.plantings, plantOf).left_m2]));
  const living = input.plantings.filter((row) => LIVE_STATES.has(row.state));
  const season = gardenSeason(almanac.frosts);
  const places = new Map(
    planted.map((site) => [
      site.id,
      placesLeft(
        site,
        keptHere(site, living, (id) => almanac.plants.get(id), season),
      ),
    ]),
  );
  const { stands } = standsOf(input);
  const patches = rule.patch ? patchesBySite(rule, stands) : new Map<string, number>();
  return (here) => {
    const found: Places = { candidates: [], miss: null };
    const { plant } = here;
    const barred = barringOf(input, here);
    const isHost = isHostHere(input, plant.id);
    for (const site of planted) {
      const miss = (why: Hindrance, distance: number) => {
        if (!found.miss || distance < found.miss.distance) found.miss = { plant: plant.id, site: site.id, why, distance };
      };
      // As it would stand there if it thrived: whether it does is asked below.
      const thriving = rule.of(grownStand(here, site, 1));
      if (!thriving || reached(rule, covered, here, thriving).length === 0) continue;
      if (barred) {
        miss(barred, 50);
        continue;
      }
      const { verdict, share, limits } = fit(plant, site, almanac.place);
      if (verdict === 'unsuitable') {
        const reasons = decidingReasons(plant, site, almanac.place);
        miss({ kind: 'unfit', reasons }, 10 * reasons.length + limits.length);
        continue;
      }
      if (!crownFits(plant, site)) {
        miss({ kind: 'too-wide', crown_m2: crownM2(plant), bed_m2: site.area_m2 }, 20);
        continue;
      }
      if (isBlownDown(plant, site)) {
        miss({ kind: 'windy' }, 20);
        continue;
      }
      const giving = rule.of(grownStand(here, site, share))!;
      const gaps = reached(rule, covered, here, giving);
      const wanted = Math.ceil(countWanted(rule, covered, giving, gaps, patches.get(site.id) ?? 0) - 1e-9);
      const { most, why } = mostMore(input, here, site, places.get(site.id)!, isHost);
      if (most < 1) {
        miss(why, 10);
        continue;
      }
      const area = groundM2(plant, wanted, site);
      const left = room.get(site.id)!;
      if (wanted > MOST_COUNT) miss({ kind: 'too-many', count: wanted }, 5 + area / Math.max(0.1, left));
      else if (wanted < 1 || area > left + 1e-9)
        miss({ kind: 'no-room', count: wanted, wanted_m2: area, left_m2: Math.max(0, left) }, 5 + area / Math.max(0.1, left));
      else {
        const drawbacks = drawbacksOf(here, site, garden.money?.raises ?? false, isHost);
        const count = Math.min(wanted, most);
        const taken = groundM2(plant, count, site);
        found.candidates.push({ here, site, verdict, count, area: taken, reach: gaps.length, drawbacks });
      }
    }
    return found;
  };
}

/** How much a candidate promises: the gaps it reaches, nativeness, fit, rank, little ground, and nothing that speaks against it. */
function promiseOf(rule: Rule, { here, verdict, area, reach, drawbacks }: Candidate): number {
  const primary = rule.need.stage === 'host' && rule.target.hosts.get(here.plant.id)?.rank === 'primary';
  const liked = (here.status.native ? 8 : 0) + (verdict === 'thrives' ? 6 : 0) + (primary ? 6 : 0);
  return 10 * reach + liked - Math.min(10, area) - 20 * drawbacks.length;
}

/** The candidates that promise most, each plant on its best site only, so that the offers differ. */
export function mostPromising<C extends Candidate>(rule: Rule, candidates: readonly C[], most: number): C[] {
  const ranked = candidates
    .map((candidate) => ({ candidate, promise: promiseOf(rule, candidate) }))
    .sort((a, b) => b.promise - a.promise);
  const seen = new Set<string>();
  return ranked
    .flatMap(({ candidate }) => {
      const { id } = candidate.here.plant;
      return seen.has(id) ? [] : (seen.add(id), [candidate]);
    })
    .slice(0, most);
}
