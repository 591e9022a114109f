import type { PlantHere, TargetHere } from '../almanac/almanac';
import { ADMISSIBLE } from '../almanac/hosts';
import { windowShares } from '../bloom/bloom';
import { sownBloom } from '../bloom/planting-bloom';
import type { Frosts } from '../climate/frost';
import { coverage, type CoverageInput } from '../coverage/coverage';
import { nectarOfPlant } from '../coverage/supply';
import type { Coverage, CoverageVerdict, NeedCoverage } from '../coverage/types';
import type { Planting } from '../model/garden';
import { LIVE_STATES } from '../model/garden';
import { dayName, dayOfMonthDay, firstDay, monthDayOf, runsOf } from '../model/half-month';
import { metricArea, type AreaWords } from '../model/units';
import { SETTINGS } from '../settings';
import { mostPromising, placeFinder, tryChange, type Candidate, type Change, type Offer } from './offers';

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

/** A gap served by timing. */
export interface TimingOffer extends Offer {
  way: TimingWay;
  /** The plant it speaks of, and when that would flower. */
  plant: string;
  flowers: string;
  /** What it takes away, worst first. */
  costs: Cost[];
  /** What to look out for. */
  cautions: string[];
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

function cutOffers(input: CoverageInput, target: TargetHere, covered: NeedCoverage, before: Coverage): TimingOffer[] {
  const { almanac } = input;
  return input.plantings.flatMap((planting): TimingOffer[] => {
    const here = almanac.plants.get(planting.plant);
    if (!here?.bloom || here.plant.rebloom_days === null || !LIVE_STATES.has(planting.state)) return [];
    if (nectarOfPlant(target.target, here.plant) === 0) return [];
    const window = sownBloom(here, planting.sow_on, almanac.frosts);
    if (!window) return [];
    let best: TimingOffer | null = null;
    for (const day of cutDays(here.plant, window, covered.gaps))
      for (const count of cutCounts(planting.count)) {
        const cut = { on: monthDayOf(day), count };
        const tried = tryChange(input, target.target.id, covered, { kind: 'cut', planting: planting.id, cut }, true, null);
        if (!tried) continue;
        const again = day + here.plant.rebloom_days;
        const offer: TimingOffer = {
          ...tried.offer,
          way: 'cut',
          plant: planting.plant,
          flowers: `flowers again from about ${dayName(again)}`,
          costs: costsOf(before, tried.after),
          cautions: larvaeOn(input, planting, day),
          covered: tried.after,
        };
        if (!best || worth(offer) > worth(best)) best = offer;
      }
    return best ? [best] : [];
  });
}

/** A cut is the better the more gaps it closes and the less it opens elsewhere; then the further it lifts the need. */
const worth = (offer: TimingOffer) =>
  10 * (offer.gapsBefore - offer.gapsAfter) -
  12 * offer.costs.filter(breaks).length +
  Math.min(1, offer.after) -
  0.001 * offer.costs.length;

/** Whose caterpillars feed on a planting on a day, as a caution. */
function larvaeOn(input: CoverageInput, planting: Planting, day: number): string[] {
  const eaters = input.targets.flatMap(({ target }) => {
    const here = input.almanac.targets.get(target);
    const host = here?.hosts.get(planting.plant);
    if (!here || !host || !ADMISSIBLE.has(host.rank)) return [];
    return here.larval.some((period) => day >= period.from && day <= period.to) ? [here.target.common] : [];
  });
  return eaters.length === 0
    ? []
    : [`Look for eggs and caterpillars first: ${eaters.join(' and ')} ${eaters.length === 1 ? 'feeds' : 'feed'} on it then.`];
}

/** An annual as it would flower, sown on a day. */
function asSown(here: PlantHere, sow_on: string, frosts: Frosts): PlantHere {
  const bloom = sownBloom(here, sow_on, frosts);
  const { plant, foliage, foliageShares, status, cautions, sowing, bloomSteps } = here;
  return { plant, foliage, foliageShares, status, cautions, sowing, bloomSteps, bloom, bloomShares: windowShares(bloom) };
}

/** The usual sowing day of an annual here; null where no last frost is usual. */
export function usualSowing(here: PlantHere, frosts: Frosts): number | null {
  return here.sowing && frosts.last_frost ? dayOfMonthDay(frosts.last_frost) - 7 * here.sowing.weeks : null;
}

/**
 * The day to sow an annual on so that it flowers by a half-month: the usual day where that will do; else so many days
 * before, but in place not before the last frost, indoors at most four weeks earlier than usual (SETTINGS.sowing), and
 * early enough to flower three weeks before the first frost. Null where there is no such day.
 */
export function sowingDayFor(here: PlantHere, halfMonth: number, frosts: Frosts): number | null {
  const usual = usualSowing(here, frosts);
  if (usual === null || !here.bloom || !frosts.first_frost) return null;
  const { sowing, bloom, plant } = here;
  const start = firstDay(halfMonth);
  const covers = bloom.from <= start && (plant.blooms_to_frost || bloom.to >= start);
  if (covers) return usual;
  const wanted = start - sowing!.toFlower_d;
  const earliest = sowing!.indoors
    ? usual - 7 * SETTINGS.sowing.earlierIndoors_w
    : Math.min(usual, dayOfMonthDay(frosts.last_frost!));
  const day = Math.max(earliest, wanted);
  const latest = dayOfMonthDay(frosts.first_frost) - SETTINGS.sowing.beforeFrost_d - sowing!.toFlower_d;
  return day <= latest && day >= 1 ? day : null;
}

function sowOffers(input: CoverageInput, target: TargetHere, covered: NeedCoverage, before: Coverage, area: AreaWords) {
  const { almanac } = input;
  const placesFor = placeFinder(input, target, covered, area);
  const candidates: (Candidate & { day: number })[] = [];
  for (const here of almanac.plants.values()) {
    if (here.plant.kind !== 'annual' || !here.status.row || nectarOfPlant(target.target, here.plant) === 0) continue;
    for (const [first] of runsOf(covered.gaps)) {
      const day = sowingDayFor(here, first, almanac.frosts);
      if (day === null) continue;
      const sown = asSown(here, monthDayOf(day), almanac.frosts);
      candidates.push(...placesFor(sown).candidates.map((c) => ({ ...c, day })));
    }
  }
  return triedOf(input, target, covered, candidates, MOST_SOWN, (c) => ({
    kind: 'plant',
    plant: c.here.plant.id,
    site_id: c.site.id,
    count: c.count,
    sow_on: monthDayOf(c.day),
  })).map(({ offer, after, candidate: { here } }): TimingOffer => ({
    ...offer,
    way: 'sow',
    plant: here.plant.id,
    flowers: `${here.sowing!.indoors ? 'sown indoors, ' : 'sown in place, '}${flowersWords(here)}`,
    costs: costsOf(before, after),
    cautions: [],
    covered: after,
  }));
}

const flowersWords = ({ bloom }: PlantHere) =>
  bloom ? `flowers ${dayName(bloom.from)} to ${dayName(bloom.to)}` : 'does not flower';
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

/** A sister beside the one that is liked: `the same as Joe-Pye weed, 24 days later`. */
function sisterWords(here: PlantHere, { of, near }: { of: PlantHere; near: boolean }): string {
  const days = here.bloom && of.bloom ? here.bloom.from - of.bloom.from : 0;
  const when = Math.abs(days) < 4 ? 'at the same time' : `${Math.abs(days)} days ${days > 0 ? 'later' : 'earlier'}`;
  return `${near ? 'a sister of' : 'like'} ${of.plant.common}, ${when}; ${flowersWords(here)}`;
}

function sisterOffers(input: CoverageInput, target: TargetHere, covered: NeedCoverage, before: Coverage, area: AreaWords) {
  const { almanac } = input;
  const liked = [...new Set(input.plantings.filter((row) => LIVE_STATES.has(row.state)).map((row) => row.plant))]
    .flatMap((plant) => almanac.plants.get(plant) ?? [])
    .filter((here) => nectarOfPlant(target.target, here.plant) > 0);
  const planted = new Set(liked.map((here) => here.plant.id));
  const placesFor = placeFinder(input, target, covered, area);
  const candidates = [...almanac.plants.values()]
    .filter((here) => here.status.row && !planted.has(here.plant.id) && likedSister(here, liked) !== null)
    .flatMap((here) => placesFor(here).candidates);
  return triedOf(input, target, covered, candidates, MOST_SISTERS, (c) => ({
    kind: 'plant',
    plant: c.here.plant.id,
    site_id: c.site.id,
    count: c.count,
  })).map(({ offer, after, candidate: { here } }): TimingOffer => ({
    ...offer,
    way: 'sister',
    plant: here.plant.id,
    flowers: sisterWords(here, likedSister(here, liked)!),
    costs: costsOf(before, after),
    cautions: [],
    covered: after,
  }));
}

/** The most promising candidates as they prove when tried. */
function triedOf<C extends Candidate>(
  input: CoverageInput,
  target: TargetHere,
  covered: NeedCoverage,
  candidates: readonly C[],
  most: number,
  changeOf: (candidate: C) => Change,
): { offer: Offer; after: Coverage; candidate: C }[] {
  return mostPromising(target, covered, candidates, most).flatMap((candidate) => {
    const { here, verdict } = candidate;
    const tried = tryChange(input, target.target.id, covered, changeOf(candidate), here.status.native, verdict);
    return tried ? [{ ...tried, candidate }] : [];
  });
}

/**
 * What timing can do for a nectar need that is thin or open, each tried on the plan: the cut that brings a second bloom
 * into the gap with what it costs meanwhile; the annual to sow and the day; and sisters of what is planted already, earlier
 * or later. Only the `ways` asked for are tried, in their order; within each, what closes most comes first. Nothing for a need
 * that is closed or is not nectar.
 */
export function timingOffers(
  input: CoverageInput,
  targetId: string,
  covered: NeedCoverage,
  area: AreaWords = metricArea,
  ways: readonly TimingWay[] = TIMING_WAYS,
): TimingOffer[] {
  const target = input.almanac.targets.get(targetId);
  if (!target || covered.need.stage !== 'nectar' || covered.verdict === 'closed') return [];
  const before = coverage(input);
  const byEffect = (a: TimingOffer, b: TimingOffer) => worth(b) - worth(a) || Number(b.native) - Number(a.native);
  const tried: Record<TimingWay, () => TimingOffer[]> = {
    cut: () => cutOffers(input, target, covered, before),
    sow: () => sowOffers(input, target, covered, before, area),
    sister: () => sisterOffers(input, target, covered, before, area),
  };
  return ways.flatMap((way) => tried[way]().sort(byEffect));
}
