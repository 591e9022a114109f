import { serves } from '../../coverage/gives/rule';
import { ruleFor } from '../../coverage/gives/rules';
import { grownStand } from '../../coverage/stands';
import type { NeedCoverage } from '../../coverage/types';
import { barringOf } from '../../match/craft/kinds';
import { decidingReasons } from '../../match/fit/reasons';
import type { Hindrance } from '../../match/hindrance';
import { crownFits, crownM2, groundM2 } from '../../match/quantities';
import type { Planting, Site } from '../../model/garden';
import { groupBy } from '../../model/group';
import type { PlantHere } from '../../model/here';
import { barred, choiceOf, crownRoom, leastOf, mostOf, roomsOf, type SiteRoom } from './choices';
import type { PlanQuestion } from './question';

/** Whether a plant may stand on a site, or what rules it out there. */
interface Bar {
  site: Site;
  /** What rules it out; null where it could stand here. */
  why: Hindrance | null;
  /** How far from being let in; 0 where it could stand here. */
  distance: number;
}

/** A plant that could serve a need, with what rules it out site by site, the nearest first. */
export interface Helper {
  here: PlantHere;
  bars: Bar[];
  distance: number;
}

/** Distances of what can be changed by a word, of what crowds, and of what nothing changes. */
const DISTANCE = { word: 2, crowded: 6, never: 90 };
/** Distance of one unsuitable dimension, and the most that its margin adds. */
const UNFIT = { each: 4, most: 4, unknown: 3 };

/** What rules a plant out on a site of a garden as it is planned, and how far it is from being let in; null where nothing. */
function hindranceOf(
  question: PlanQuestion,
  here: PlantHere,
  room: SiteRoom,
  kept: readonly Planting[],
): { why: Hindrance; distance: number } | null {
  const { plant } = here;
  const { site, left } = room;
  const barring = barred(question, here, kept);
  if (barring === 'none-wanted')
    return { why: { kind: 'none-wanted', most: question.wishes.most[plant.id]! }, distance: DISTANCE.word };
  if (barring) {
    const why = barringOf(question, here) ?? ({ kind: 'unrecorded' } as const);
    return { why, distance: why.kind === 'danger' ? DISTANCE.word : DISTANCE.never };
  }
  const ruling = choiceOf(question, here, room, kept);
  if (typeof ruling !== 'string') return null;
  if (ruling === 'too-tall') {
    const allowed_cm = question.wishes.tallest_cm[site.id]!;
    return { why: { kind: 'too-tall', height_cm: plant.height_max_cm, allowed_cm }, distance: DISTANCE.word };
  }
  if (ruling === 'no-room' && !crownFits(plant, site))
    return { why: { kind: 'too-wide', crown_m2: crownM2(plant), bed_m2: site.area_m2 }, distance: DISTANCE.crowded };
  if (ruling === 'windy') return { why: { kind: ruling }, distance: DISTANCE.crowded };
  if (ruling === 'pot-full') return { why: { kind: ruling, upright: room.places!.held > 0 }, distance: 1 };
  if (ruling === 'no-room') {
    const begun = kept.some((row) => row.plant === plant.id && row.site_id === site.id);
    const count = leastOf(question, here, site, begun);
    const wanted_m2 = groundM2(plant, count, site);
    const left_m2 = Math.max(0, left);
    return wanted_m2 - left_m2 > 1e-9
      ? { why: { kind: 'no-room', count, wanted_m2, left_m2 }, distance: 1 + wanted_m2 - left_m2 }
      : plant.kind === 'tree' && room.crowns < crownRoom(here, site)
        ? { why: { kind: 'crowns' }, distance: DISTANCE.crowded }
        : { why: { kind: 'one-kind', most: mostOf(question, here, site) }, distance: DISTANCE.crowded };
  }
  const reasons = decidingReasons(plant, site, question.almanac.place);
  const distance = reasons.reduce(
    (sum, { margin }) => sum + UNFIT.each + Math.min(UNFIT.most, Math.abs(margin ?? UNFIT.unknown)),
    0,
  );
  return { why: { kind: 'unfit', reasons }, distance };
}

const MOST_HELPERS = 8;

/**
 * The plants that could serve a need that stays open or thin in a planned garden, each with what rules it out on each
 * site; the nearest first. Plants that no change would admit come last.
 */
export function helpersFor(
  question: PlanQuestion,
  plantings: readonly Planting[],
  targetId: string,
  covered: NeedCoverage,
): Helper[] {
  const rule = ruleFor(question, targetId, covered.need);
  if (!rule || covered.verdict === 'closed') return [];
  const rooms = roomsOf(question, plantings);
  const couldServe = (here: PlantHere, site: Site) => {
    const giving = rule.of(grownStand(here, site, 1));
    if (!giving || (rule.patch && giving.patch === 0)) return false;
    return covered.gaps.some((h) => serves(giving, h));
  };
  const found: Helper[] = [];
  for (const here of question.almanac.plants.values()) {
    if (!here.status.offered) continue;
    const bars = rooms
      .filter(({ site }) => couldServe(here, site))
      .map((room): Bar => ({ site: room.site, ...(hindranceOf(question, here, room, plantings) ?? { why: null, distance: 0 }) }))
      .sort((a, b) => a.distance - b.distance);
    if (bars.length > 0) found.push({ here, bars, distance: bars[0]!.distance });
  }
  const native = (helper: Helper) => Number(helper.here.status.native);
  return found.sort((a, b) => a.distance - b.distance || native(b) - native(a)).slice(0, MOST_HELPERS);
}

/** Plants that are ruled out on sites by the same, the nearest first. */
export interface Ruled {
  plants: PlantHere[];
  sites: Site[];
  /** What rules out the first plant on the first site; null where it could stand there. */
  why: Hindrance | null;
}

/** What is the same for every plant that it rules out, so that it need be told once only. */
const ALIKE = new Set<Hindrance['kind'] | 'free'>(['no-room', 'pot-full', 'windy', 'free']);

/** By what it would be told: fit by the dimensions that decide, the rest by its kind. */
const tellingOf = (why: Hindrance | null): string => {
  if (why?.kind === 'unfit') return `unfit ${why.reasons.map((row) => row.dimension).join()}`;
  return why?.kind === 'pot-full' ? `${why.kind} ${why.upright}` : (why?.kind ?? 'free');
};

/** Helpers with what rules them out told once: sites of a plant taken together, then plants for which all is the same. */
export function toldOnce(helpers: readonly Helper[]): Ruled[] {
  const found: Ruled[] = [];
  for (const { here, bars } of helpers)
    for (const same of groupBy(bars, ({ why }) => tellingOf(why)).values()) {
      const [{ why }] = same as [Bar];
      const sites = same.map(({ site }) => site);
      const like = found.find(
        (row) =>
          ALIKE.has(why?.kind ?? 'free') &&
          tellingOf(row.why) === tellingOf(why) &&
          row.sites.length === sites.length &&
          sites.every((site) => row.sites.includes(site)),
      );
      if (like) like.plants.push(here);
      else found.push({ plants: [here], sites, why });
    }
  return found;
}
