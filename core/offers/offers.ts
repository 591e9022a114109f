import type { Almanac, PlantHere, TargetHere } from '../almanac/almanac';
import { coverage, type CoverageInput } from '../coverage/coverage';
import { FEATURE_NAMES } from '../coverage/shelter';
import { larvaeFed, lightShare, nectarOfPlant, patchesBySite, grownStand, patchShare, standsOf } from '../coverage/supply';
import type { Coverage, NeedCoverage } from '../coverage/types';
import { explainFit } from '../fit/explain';
import { fit, type FitVerdict } from '../fit/fit';
import { gates } from '../gates/gates';
import { PLANNED, type Planting, type Site } from '../model/garden';
import { dayName, dayOfMonthDay } from '../model/half-month';
import { metricArea, type AreaWords } from '../model/units';
import type { Feature, SpecialNeed } from '../model/vocabulary';
import { areaUse, groundM2 } from '../quantities/quantities';
import { SETTINGS } from '../settings';

/** A change to the garden that would serve a need better, tried out before it is offered. */
export type Change =
  | { kind: 'plant'; plant: string; site_id: string; count: number; sow_on?: string }
  | { kind: 'cut'; planting: string; cut: { on: string; count: number } }
  | { kind: 'feature'; site_id: string; feature: Feature }
  | { kind: 'autumn'; school: 'leave' };

export interface Offer {
  change: Change;
  sentence: string;
  /** The need's ratio now and with the change made. */
  before: number;
  after: number;
  /** Half-months that stay short of what is needed, now and with the change made. */
  gapsBefore: number;
  gapsAfter: number;
  closes: boolean;
  /** Native here; true for changes that are not plants. */
  native: boolean;
  fit: FitVerdict | null;
}

/** A plant that would serve the need but is ruled out, and by what. */
export interface NearMiss {
  plant: string;
  why: string;
}

export interface Offers {
  offers: Offer[];
  nearMisses: NearMiss[];
}

const MOST_TRIED = 16;
const MOST_OFFERED = 5;
const MOST_COUNT = 60;

/** The plantings of a plan with a change made, for trying it out; ids are only used within the trial. */
export function withChange(input: CoverageInput, change: Change): CoverageInput {
  if (change.kind === 'autumn') return { ...input, garden: { ...input.garden, school_autumn: change.school } };
  if (change.kind === 'feature')
    return {
      ...input,
      sites: input.sites.map((site) =>
        site.id === change.site_id ? { ...site, features: [...site.features, change.feature] } : site,
      ),
    };
  if (change.kind === 'cut')
    return {
      ...input,
      plantings: input.plantings.map((row) => (row.id === change.planting ? { ...row, cut: change.cut } : row)),
    };
  const trial: Planting = {
    id: 'trial',
    revision: 0,
    plan_id: 'trial',
    plant: change.plant,
    site_id: change.site_id,
    count: change.count,
    ...PLANNED,
    sow_on: change.sow_on ?? null,
  };
  return { ...input, year: null, plantings: [...input.plantings, trial] };
}

/** A plant on a site where it would serve, and how many it takes. */
export interface Candidate {
  here: PlantHere;
  site: Site;
  verdict: FitVerdict;
  count: number;
  area: number;
}

/** Plants wanted for the need from one kind, by amount and, for host, by patch. */
function countWanted(
  target: TargetHere,
  covered: NeedCoverage,
  here: PlantHere,
  site: Site,
  verdict: FitVerdict,
  patchHere: number,
): number {
  const { need } = covered;
  const one = grownStand(here, site, verdict);
  const gaps = covered.cells.filter((c) => c.verdict !== 'closed');
  const most = (per: (h: number) => number) =>
    Math.max(
      0,
      ...gaps.map((c) => {
        const each = per(c.halfMonth);
        return each > 0 ? Math.max(0, c.demand - c.supply) / each : 0;
      }),
    );
  if (need.stage === 'host') {
    const leaf = most((h) => larvaeFed(target, one) * here.foliageShares[h]!);
    return Math.max(leaf, Math.max(0, 1 - patchHere) / patchShare(here.plant, target.target.patch_plants), 1);
  }
  if (need.stage === 'nectar') {
    const each = nectarOfPlant(target.target, here.plant) * one.vigour;
    // A kind counts only in enough bloom to be found.
    return Math.max(
      most((h) => each * here.bloomShares[h]!),
      each > 0 ? SETTINGS.nectar.kindUnits / each : 0,
    );
  }
  if (need.stage === 'shelter') return most(() => groundM2(here.plant, 1, one.site) * one.vigour);
  return 1;
}

/** Half-months of the gaps that one plant could serve. */
function reach(target: TargetHere, covered: NeedCoverage, here: PlantHere, site: Site): number {
  const gaps = covered.gaps;
  const { plant, bloomShares, foliageShares } = here;
  if (covered.need.stage === 'host') {
    const host = target.hosts.get(plant.id);
    if (!host || host.rank === 'trap' || host.rank === 'poor' || plant.leaf_g === 0) return 0;
    if (lightShare(host.light, site) === 0) return 0;
    return gaps.filter((h) => foliageShares[h]! > 0.5).length;
  }
  if (covered.need.stage === 'nectar')
    return nectarOfPlant(target.target, plant) > 0
      ? gaps.filter((h) => bloomShares[h]! >= SETTINGS.nectar.inBloomShare).length
      : 0;
  if (covered.need.special === 'alkaloid')
    return plant.alkaloid ? gaps.filter((h) => bloomShares[h]! >= SETTINGS.nectar.inBloomShare).length : 0;
  if (covered.need.special === 'nest-cover' || covered.need.special === 'perch')
    return (plant.kind === 'shrub' || plant.kind === 'tree') && plant.height_max_cm >= SETTINGS.special.coverCm ? 1 : 0;
  if (covered.need.stage === 'shelter' && target.target.overwinters_in === 'host')
    return target.hosts.has(plant.id) && target.hosts.get(plant.id)!.rank !== 'trap' ? 1 : 0;
  return 0;
}

const FEATURE_FOR: Partial<Record<SpecialNeed | 'bark' | 'soil' | 'cover', Feature>> = {
  mud: 'mud',
  fruit: 'fruit',
  water: 'water',
  perch: 'perch',
  'nest-cover': 'dense-cover',
  bark: 'logs',
  soil: 'bare-soil',
  cover: 'dense-cover',
};

function changesWithoutPlants(input: CoverageInput, target: TargetHere, covered: NeedCoverage): Change[] {
  const key = covered.need.stage === 'shelter' ? target.target.overwinters_in : covered.need.special;
  const feature = FEATURE_FOR[key as keyof typeof FEATURE_FOR];
  const changes: Change[] = [];
  if (feature)
    for (const site of input.sites)
      if (site.kind === 'bed' && !site.features.includes(feature)) changes.push({ kind: 'feature', site_id: site.id, feature });
  if (covered.need.stage === 'shelter' && input.garden.school_autumn !== 'leave')
    changes.push({ kind: 'autumn', school: 'leave' });
  return changes.slice(0, 3);
}

function wordsFor(change: Change, input: CoverageInput, almanac: Almanac): string {
  if (change.kind === 'autumn') return 'Leave stems and leaves standing until spring';
  if (change.kind === 'cut') {
    const planting = input.plantings.find((row) => row.id === change.planting)!;
    const { count, on } = change.cut;
    const which =
      count >= planting.count
        ? (['the', 'both'][planting.count - 1] ?? `all ${planting.count}`)
        : `${count} of the ${planting.count}`;
    const where = input.sites.find((row) => row.id === planting.site_id)!.name;
    return `Cut ${which} ${almanac.plants.get(planting.plant)!.plant.common} in ${where} on ${dayName(dayOfMonthDay(on))}`;
  }
  const site = input.sites.find((s) => s.id === change.site_id)!;
  if (change.kind === 'feature') return `Add ${FEATURE_NAMES[change.feature]} to ${site.name}`;
  const plant = almanac.plants.get(change.plant)!.plant;
  const more = input.plantings.some((p) => p.plant === change.plant && p.site_id === change.site_id);
  return change.sow_on
    ? `Sow ${change.count} ${plant.common} for ${site.name} on ${dayName(dayOfMonthDay(change.sow_on))}`
    : `Add ${change.count} ${more ? 'more ' : ''}${plant.common} to ${site.name}`;
}

/** Where a plant could stand to serve a need, and what keeps it off the nearest site where it could not. */
export interface Places {
  candidates: Candidate[];
  miss: (NearMiss & { distance: number }) | null;
}

/** Finds places for plants that would serve a need: sites that admit them, that they fit, and that have room for as many as it takes. */
export function placeFinder(
  input: CoverageInput,
  target: TargetHere,
  covered: NeedCoverage,
  areaWords: AreaWords = metricArea,
): (here: PlantHere) => Places {
  const { almanac, sites, garden } = input;
  const chosen = input.targets.map((row) => row.target);
  const plantOf = (id: string) => almanac.plants.get(id)?.plant;
  const room = new Map(sites.map((site) => [site.id, areaUse(site, input.plantings, plantOf).left_m2]));
  const { stands } = standsOf(almanac, garden, sites, input.plantings, input.year);
  const patches = patchesBySite(target, stands);
  return (here) => {
    const found: Places = { candidates: [], miss: null };
    const miss = (why: string, distance: number) => {
      if (!found.miss || distance < found.miss.distance) found.miss = { plant: here.plant.id, why, distance };
    };
    for (const site of sites) {
      if (reach(target, covered, here, site) === 0) continue;
      const refusal = gates(here.plant, here.status, here.cautions, garden, trapsFor(almanac, chosen, here.plant.id)).find(
        (gate) => gate.effect === 'refuse',
      );
      if (refusal) {
        miss(refusal.sentence, 50);
        continue;
      }
      const { verdict, limits } = fit(here.plant, site, almanac.place);
      if (verdict === 'unsuitable') {
        const worst = explainFit(here.plant, site, almanac.place, areaWords)[0]!;
        const hard = limits.filter((l) => l.grade === 2).length;
        miss(`${site.name}: ${worst.label.toLowerCase()} is ${worst.here}, it wants ${worst.wants}.`, 10 * hard + limits.length);
        continue;
      }
      const count = Math.ceil(countWanted(target, covered, here, site, verdict, patches.get(site.id) ?? 0) - 1e-9);
      const area = groundM2(here.plant, count, site);
      const left = room.get(site.id)!;
      if (count < 1 || count > MOST_COUNT || area > left + 1e-9) {
        miss(
          count > MOST_COUNT
            ? `${site.name}: it would take ${count} of them.`
            : `${site.name}: ${count} take ${areaWords(area)}, ${areaWords(Math.max(0, left))} is left.`,
          5 + area / Math.max(0.1, left),
        );
        continue;
      }
      found.candidates.push({ here, site, verdict, count, area });
    }
    return found;
  };
}

/** How much a candidate promises: the gaps it reaches, nativeness, fit, rank, and little ground. */
function promiseOf(target: TargetHere, covered: NeedCoverage, c: Candidate): number {
  const host = target.hosts.get(c.here.plant.id);
  return (
    10 * reach(target, covered, c.here, c.site) +
    (c.here.status.native ? 8 : 0) +
    (c.verdict === 'thrives' ? 6 : 0) +
    (covered.need.stage === 'host' && host?.rank === 'primary' ? 6 : 0) -
    Math.min(10, c.area)
  );
}

/** The candidates that promise most, each plant on its best site only, so that the offers differ. */
export function mostPromising<C extends Candidate>(
  target: TargetHere,
  covered: NeedCoverage,
  candidates: readonly C[],
  most: number,
): C[] {
  const ranked = candidates
    .map((candidate) => ({ candidate, promise: promiseOf(target, covered, candidate) }))
    .sort((a, b) => b.promise - a.promise);
  const seen = new Set<string>();
  return ranked
    .flatMap(({ candidate }) => {
      const { id } = candidate.here.plant;
      return seen.has(id) ? [] : (seen.add(id), [candidate]);
    })
    .slice(0, most);
}

/** A change tried on the garden: what it does for a need, with all it does; null where it does not help. */
export function tryChange(
  input: CoverageInput,
  targetId: string,
  covered: NeedCoverage,
  change: Change,
  native: boolean,
  verdict: FitVerdict | null,
): { offer: Offer; after: Coverage } | null {
  const after = coverage({ ...withChange(input, change), targets: input.targets });
  const need = after.targets
    .find((row) => row.target === targetId)!
    .needs.find((n) => n.need.stage === covered.need.stage && n.need.special === covered.need.special)!;
  const helps = need.ratio > covered.ratio + 1e-9 || need.gaps.length < covered.gaps.length;
  if (!helps) return null;
  return {
    after,
    offer: {
      change,
      sentence: wordsFor(change, input, input.almanac),
      before: covered.ratio,
      after: need.ratio,
      gapsBefore: covered.gaps.length,
      gapsAfter: need.gaps.length,
      closes: need.verdict === 'closed',
      native,
      fit: verdict,
    },
  };
}

/**
 * What would serve a need that is thin or open: changes tried on the plan and ranked by whether they close it,
 * nativeness, fit and ground taken; and the plants that would do but for something, nearest first.
 */
export function offersFor(
  input: CoverageInput,
  targetId: string,
  covered: NeedCoverage,
  areaWords: AreaWords = metricArea,
): Offers {
  const { almanac } = input;
  const target = almanac.targets.get(targetId);
  if (!target || covered.verdict === 'closed') return { offers: [], nearMisses: [] };
  const placesFor = placeFinder(input, target, covered, areaWords);
  const candidates: Candidate[] = [];
  const misses: Array<NearMiss & { distance: number }> = [];
  for (const here of almanac.plants.values()) {
    // What is not recorded in this region may belong to another end of the continent: it is not offered.
    if (!here.status.row) continue;
    const places = placesFor(here);
    candidates.push(...places.candidates);
    if (places.miss && places.candidates.length === 0) misses.push(places.miss);
  }

  const tried = mostPromising(target, covered, candidates, MOST_TRIED);

  const attempt = (change: Change, native: boolean, verdict: FitVerdict | null) =>
    tryChange(input, targetId, covered, change, native, verdict)?.offer ?? null;
  const offers = [
    ...changesWithoutPlants(input, target, covered).map((change) => attempt(change, true, null)),
    ...tried.map((c) =>
      attempt({ kind: 'plant', plant: c.here.plant.id, site_id: c.site.id, count: c.count }, c.here.status.native, c.verdict),
    ),
  ].filter((offer): offer is Offer => offer !== null);
  offers.sort((a, b) => a.gapsAfter - b.gapsAfter || Number(b.native) - Number(a.native));
  misses.sort((a, b) => a.distance - b.distance);
  return { offers: offers.slice(0, MOST_OFFERED), nearMisses: misses.slice(0, 4).map(({ plant, why }) => ({ plant, why })) };
}

/** Chosen targets, by common name, for which a plant is a trap. */
export function trapsFor(almanac: Almanac, chosen: readonly string[], plant: string): string[] {
  return chosen.flatMap((id) => {
    const target = almanac.targets.get(id);
    return target?.hosts.get(plant)?.rank === 'trap' ? [target.target.common] : [];
  });
}
