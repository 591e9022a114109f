import type { PlantHere, Frosts } from '../../model/here';
import { ADMISSIBLE } from '../../library/hosts';
import { windowShares } from '../../almanac/bloom/bloom';
import { sownBloom } from '../../almanac/bloom/planting-bloom';
import { coverage, type CoverageInput } from '../coverage';
import { nectarOfFlower } from '../../match/nectar';
import type { Coverage, CoverageVerdict, NeedCoverage } from '../types';
import type { Planting } from '../../model/garden';
import { LIVE_STATES } from '../../model/states';
import { frostFree } from '../../place/climate/frost';
import { firstDay, monthDayOf, runsOf, type DayWindow } from '../../model/half-month';
import { finish, type Steps } from '../../model/steps';
import { SETTINGS } from '../../settings';
import { ruleFor } from '../gives/rules';
import type { Rule } from '../gives/rule';
import type { Change } from './change';
import { ofCandidate, plantingOf, tryChange, type Offer } from './offers';
import { mostPromising, placeFinder, type Candidate } from './places';

/** A half-month of a need that a change makes worse. */
export interface Cost {
  target: string;
  need: NeedCoverage['need'];
  halfMonth: number;
  before: { supply: number; verdict: CoverageVerdict };
  after: { supply: number; verdict: CoverageVerdict };
}

/** The ways of timing: a cut, a sowing, or a sister of what is liked already. */
export const TIMING_WAYS = ['cut', 'sow', 'sister'] as const;
export type TimingWay = (typeof TIMING_WAYS)[number];

/** When what a timing offer speaks of flowers. */
export type Flowering =
  | { kind: 'again'; from: number }
  | { kind: 'sown'; indoors: boolean; bloom: DayWindow | null }
  /** Near: of one genus with the plant that is liked; else of one family, alike in flower. Days later (negative: earlier). */
  | { kind: 'sister'; of: string; near: boolean; days: number; bloom: DayWindow | null };

/** A gap served by timing. */
export interface TimingOffer extends Offer {
  way: TimingWay;
  /** The plant it speaks of, and when that would flower. */
  plant: string;
  flowers: Flowering;
  /** What it takes away, worst first. */
  costs: Cost[];
  /** Targets whose caterpillars feed on the planting on that day: to be looked for first. */
  eaters: string[];
  /** All the garden serves with it, for its braid. */
  covered: Coverage;
}

const MOST_SOWN = 5;
const MOST_SISTERS = 5;
const VERDICT_ORDER: Record<CoverageVerdict, number> = { closed: 2, thin: 1, open: 0 };

/** What a change takes away: cells of any need that are served less than before and no longer in plenty, worst first. */
export function costsOf(before: Coverage, after: Coverage): Cost[] {
  const costs: Cost[] = [];
  for (const { target, needs } of before.targets) {
    const later = after.targets.find((row) => row.target === target)!;
    needs.forEach((covered, n) => {
      covered.cells.forEach((cell, i) => {
        const now = later.needs[n]!.cells[i]!;
        if (now.supply < cell.supply - 1e-9 || now.ratio < cell.ratio - 1e-9)
          costs.push({
            target,
            need: covered.need,
            halfMonth: cell.halfMonth,
            before: { supply: cell.supply, verdict: cell.verdict },
            after: { supply: now.supply, verdict: now.verdict },
          });
      });
    });
  }
  const fall = (cost: Cost) => VERDICT_ORDER[cost.before.verdict] - VERDICT_ORDER[cost.after.verdict];
  const lost = (cost: Cost) => (cost.before.supply - cost.after.supply) / cost.need.demand;
  return costs.sort((a, b) => fall(b) - fall(a) || lost(b) - lost(a));
}

/** Does a cost open or thin what was served, rather than take from plenty? */
export const breaks = (cost: Cost) => cost.after.verdict !== cost.before.verdict;

/** Days on which a cut could bring a second bloom into a run of half-months: at its start, and a week and two before. */
function cutDays(plant: PlantHere['plant'], window: { from: number; to: number }, gaps: readonly number[]): number[] {
  const earliest = window.from + SETTINGS.cut.afterFirst_d;
  const latest = window.to + SETTINGS.cut.afterLast_d;
  const days = runsOf(gaps).flatMap(([first]) =>
    [0, 7, 14].flatMap((days) => {
      const day = firstDay(first) - plant.rebloom_days! - days;
      // A bloom over the new year is cut on a day of the next.
      return window.to > 365 ? [day, day + 365] : [day];
    }),
  );
  return [...new Set(days.map((day) => Math.min(latest, Math.max(earliest, day))))];
}

/** How many to cut: all, half or a third of the plants. */
const cutCounts = (count: number) => [...new Set([count, Math.ceil(count / 2), Math.ceil(count / 3)])];

function* cutOffers(input: CoverageInput, { target }: Rule, covered: NeedCoverage, before: Coverage): Steps<TimingOffer[]> {
  const { almanac } = input;
  const offers: TimingOffer[] = [];
  for (const planting of input.plantings) {
    const here = almanac.plants.get(planting.plant);
    if (!here?.bloom || here.plant.rebloom_days === null || !LIVE_STATES.has(planting.state)) continue;
    if (nectarOfFlower(target.target, here.plant) === 0) continue;
    const window = sownBloom(here, planting.sow_on, almanac.frosts);
    if (!window) continue;
    let best: TimingOffer | null = null;
    for (const day of cutDays(here.plant, window, covered.gaps))
      for (const count of cutCounts(planting.count)) {
        yield;
        const cut = { on: monthDayOf(day), count };
        const tried = tryChange(input, target.target.id, covered, { kind: 'cut', planting: planting.id, cut });
        if (!tried) continue;
        const offer: TimingOffer = {
          ...tried.offer,
          way: 'cut',
          plant: planting.plant,
          flowers: { kind: 'again', from: day + here.plant.rebloom_days },
          costs: costsOf(before, tried.after),
          eaters: eatersOf(input, planting, day),
          covered: tried.after,
        };
        if (!best || worth(offer) > worth(best)) best = offer;
      }
    if (best) offers.push(best);
  }
  return offers;
}

/** A cut is the better the more gaps it closes and the less it opens elsewhere; then the further it lifts the need. */
const worth = (offer: TimingOffer) =>
  10 * (offer.gapsBefore - offer.gapsAfter) -
  12 * offer.costs.filter(breaks).length +
  Math.min(1, offer.after) -
  0.001 * offer.costs.length;

/** Targets whose caterpillars feed on a planting on a day. */
function eatersOf(input: CoverageInput, planting: Planting, day: number): string[] {
  return input.targets.flatMap(({ target }) => {
    const here = input.almanac.targets.get(target);
    const host = here?.hosts.get(planting.plant);
    if (!here || !host || !ADMISSIBLE.has(host.rank)) return [];
    return here.larval.some((period) => day >= period.from && day <= period.to) ? [target] : [];
  });
}

/** An annual as it would flower, sown on a day. */
function asSown(here: PlantHere, sow_on: string, frosts: Frosts): PlantHere {
  const bloom = sownBloom(here, sow_on, frosts);
  const { plant, growing, foliage, foliageShares, status, trade, cautions, sowing, bloomSteps } = here;
  return {
    plant,
    growing,
    foliage,
    foliageShares,
    status,
    trade,
    cautions,
    sowing,
    bloomSteps,
    bloom,
    bloomShares: windowShares(bloom),
  };
}

/** The usual sowing day of an annual here; null for what is not sown. */
export const usualSowing = (here: PlantHere): number | null => here.sowing?.usual ?? null;

/**
 * The day to sow an annual on so that it flowers by a half-month: the usual day where that will do; else as many days
 * before as it takes to flower, but in place not before the last frost, indoors at most four weeks earlier than usual (SETTINGS.sowing), and
 * early enough to flower three weeks before the first frost. Null where there is no such day.
 */
export function sowingDayFor(here: PlantHere, halfMonth: number, frosts: Frosts): number | null {
  const usual = usualSowing(here);
  if (usual === null || !here.bloom) return null;
  const { sowing, bloom, plant } = here;
  const start = firstDay(halfMonth);
  const covers = bloom.from <= start && (plant.blooms_to_frost || bloom.to >= start);
  if (covers) return usual;
  const wanted = start - sowing!.toFlower_d;
  const earliest = sowing!.indoors ? usual - 7 * SETTINGS.sowing.earlierIndoors_w : Math.min(usual, usual + 7 * sowing!.weeks);
  const day = Math.max(earliest, wanted);
  const season = frostFree(frosts);
  const latest = season.days === 365 ? 365 : season.to + 1 - SETTINGS.sowing.beforeFrost_d - sowing!.toFlower_d;
  return day <= Math.min(latest, 365) && day >= 1 ? day : null;
}

function* sowOffers(input: CoverageInput, rule: Rule, covered: NeedCoverage, before: Coverage): Steps<TimingOffer[]> {
  const { almanac } = input;
  const placesFor = placeFinder(input, rule, covered);
  const candidates: (Candidate & { day: number })[] = [];
  for (const here of almanac.plants.values()) {
    if (here.plant.kind !== 'annual' || !here.status.offered || nectarOfFlower(rule.target.target, here.plant) === 0) continue;
    for (const [first] of runsOf(covered.gaps)) {
      const day = sowingDayFor(here, first, almanac.frosts);
      if (day === null) continue;
      const sown = asSown(here, monthDayOf(day), almanac.frosts);
      candidates.push(...placesFor(sown).candidates.map((c) => ({ ...c, day })));
    }
  }
  const change = (c: (typeof candidates)[number]): Change => ({ ...plantingOf(c), sow_on: monthDayOf(c.day) });
  const tried = yield* triedOf(input, rule, covered, candidates, MOST_SOWN, change);
  return tried.map(({ offer, after, candidate: { here } }) => ({
    ...offer,
    way: 'sow',
    plant: here.plant.id,
    flowers: { kind: 'sown', indoors: here.sowing!.indoors, bloom: here.bloom },
    costs: costsOf(before, after),
    eaters: [],
    covered: after,
  }));
}

const genusOf = ({ scientific }: PlantHere['plant']) => scientific.split(' ')[0]!;

/** The planted kind that a plant is a sister of: of one genus, or of one family with flowers of the same form and colour. */
function likedSister(here: PlantHere, liked: readonly PlantHere[]): { of: PlantHere; near: boolean } | null {
  const others = liked.filter((row) => row.plant.id !== here.plant.id);
  const sister = others.find((row) => genusOf(row.plant) === genusOf(here.plant));
  if (sister) return { of: sister, near: true };
  const cousin = others.find(
    ({ plant }) =>
      plant.family === here.plant.family && plant.flower_form === here.plant.flower_form && plant.colour === here.plant.colour,
  );
  return cousin ? { of: cousin, near: false } : null;
}

/** When a sister flowers, compared with the one that is liked. */
function sisterOf(here: PlantHere, { of, near }: { of: PlantHere; near: boolean }): Flowering {
  const days = here.bloom && of.bloom ? here.bloom.from - of.bloom.from : 0;
  return { kind: 'sister', of: of.plant.id, near, days, bloom: here.bloom };
}

function* sisterOffers(input: CoverageInput, rule: Rule, covered: NeedCoverage, before: Coverage): Steps<TimingOffer[]> {
  const { almanac } = input;
  const liked = [...new Set(input.plantings.filter((row) => LIVE_STATES.has(row.state)).map((row) => row.plant))]
    .flatMap((plant) => almanac.plants.get(plant) ?? [])
    .filter((here) => nectarOfFlower(rule.target.target, here.plant) > 0);
  const planted = new Set(liked.map((here) => here.plant.id));
  const placesFor = placeFinder(input, rule, covered);
  const candidates = [...almanac.plants.values()]
    .filter((here) => here.status.offered && !planted.has(here.plant.id) && likedSister(here, liked) !== null)
    .flatMap((here) => placesFor(here).candidates);
  const tried = yield* triedOf(input, rule, covered, candidates, MOST_SISTERS, plantingOf);
  return tried.map(({ offer, after, candidate: { here } }) => ({
    ...offer,
    way: 'sister',
    plant: here.plant.id,
    flowers: sisterOf(here, likedSister(here, liked)!),
    costs: costsOf(before, after),
    eaters: [],
    covered: after,
  }));
}

/** The most promising candidates as they prove when tried. */
function* triedOf<C extends Candidate>(
  input: CoverageInput,
  rule: Rule,
  covered: NeedCoverage,
  candidates: readonly C[],
  most: number,
  changeOf: (candidate: C) => Change,
): Steps<{ offer: Offer; after: Coverage; candidate: C }[]> {
  const helping: { offer: Offer; after: Coverage; candidate: C }[] = [];
  for (const candidate of mostPromising(rule, candidates, most)) {
    yield;
    const tried = tryChange(input, rule.target.target.id, covered, changeOf(candidate), ofCandidate(candidate));
    if (tried) helping.push({ ...tried, candidate });
  }
  return helping;
}

/**
 * What timing can do for a nectar need that is thin or open, each tried on the plan: the cut that brings a second bloom
 * into the gap with what it costs meanwhile; the annual to sow and the day; and sisters of what is planted already, earlier
 * or later. Only the `ways` asked for are tried, in their order; within each, what closes most comes first. Nothing for a need
 * that is closed or is not nectar.
 */
export const timingOffers = (...of: Parameters<typeof timingInSteps>): TimingOffer[] => finish(timingInSteps(...of));

/** The same, trial by trial. */
export function* timingInSteps(
  input: CoverageInput,
  targetId: string,
  covered: NeedCoverage,
  ways: readonly TimingWay[] = TIMING_WAYS,
): Steps<TimingOffer[]> {
  const rule = ruleFor(input, targetId, covered.need);
  if (!rule || covered.need.stage !== 'nectar' || covered.verdict === 'closed') return [];
  const before = coverage(input);
  const byEffect = (a: TimingOffer, b: TimingOffer) => worth(b) - worth(a) || Number(b.native) - Number(a.native);
  const trials = { cut: cutOffers, sow: sowOffers, sister: sisterOffers };
  const found: TimingOffer[] = [];
  for (const way of ways) found.push(...(yield* trials[way](input, rule, covered, before)).sort(byEffect));
  return found;
}
