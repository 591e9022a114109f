import type { PlantHere, TargetHere } from '../almanac/almanac';
import { ADMISSIBLE } from '../almanac/hosts';
import { meetsSpecial } from '../coverage/coverage';
import { shelterShare } from '../coverage/shelter';
import { grownStand, lightShare, nectarOfPlant } from '../coverage/supply';
import type { NeedCoverage } from '../coverage/types';
import { explainFit, type FitReason } from '../fit/explain';
import { gates } from '../gates/gates';
import type { Planting, Site } from '../model/garden';
import { metricArea, quantity, UNITS, type AreaWords } from '../model/units';
import { trapsFor } from '../offers/offers';
import { groundM2 } from '../quantities/quantities';
import { SETTINGS } from '../settings';
import { barred, choiceOf, leastOf, roomsOf } from './choices';
import type { PlanQuestion } from './question';

/** What rules a plant out on a site, and the smallest change that would let it in. */
export interface Bar {
  site: Site;
  /** Nothing bars it: it could stand here. */
  free: boolean;
  why: string;
  change: string;
  /** How far from being let in; 0 where it could stand here. */
  distance: number;
}

/** A plant that could serve a need, with what rules it out site by site, the nearest first. */
export interface Helper {
  here: PlantHere;
  bars: Bar[];
  distance: number;
}

/** How sentences tell areas (m²) and lengths (cm). */
export interface Words {
  area: AreaWords;
  length: (cm: number) => string;
}
const METRIC: Words = { area: metricArea, length: (cm) => quantity(cm, UNITS.metric.length) };

/** Could this plant serve the need in one of its open half-months, if it stood on the site? */
function serves(
  target: TargetHere,
  covered: NeedCoverage,
  here: PlantHere,
  site: Site,
  autumn: 'leave' | 'cut' | 'clear',
): boolean {
  const { need, gaps } = covered;
  const { plant, bloomShares, foliageShares } = here;
  if (need.stage === 'host') {
    const host = target.hosts.get(plant.id);
    if (!host || !ADMISSIBLE.has(host.rank) || plant.leaf_g === 0) return false;
    return lightShare(host.light, site) > 0 && gaps.some((h) => foliageShares[h]! > 0.5);
  }
  if (need.stage === 'nectar')
    return nectarOfPlant(target.target, plant) > 0 && gaps.some((h) => bloomShares[h]! >= SETTINGS.nectar.inBloomShare);
  if (need.stage === 'shelter') return site.kind === 'bed' && shelterShare(target, here, autumn) > 0;
  if (need.special === 'insects') return here.status.native;
  return gaps.some((h) => meetsSpecial(need.special!, grownStand(here, site, 'thrives'), h));
}

/** The smallest change that would turn a dimension from unsuitable to workable, in a few words. */
export function changeFor(reason: FitReason, site: Site): string {
  const { dimension, margin } = reason;
  const off = Math.abs(margin ?? 0);
  switch (dimension) {
    case 'moisture': {
      const drier = reason.remedy.startsWith('Too wet');
      if (drier) return 'a mound 30 cm (12 in) high, or a drier bed';
      return off <= 2 ? 'a sunken basin lined with clay, and weekly water' : 'a lined bog, or a wetter bed';
    }
    case 'sun':
      return reason.remedy.startsWith('Short')
        ? `${(off - SETTINGS.fit.sunSlackH).toFixed(1)} h more sun: lift or thin what shades it`
        : `${(off - SETTINGS.fit.sunExcessH).toFixed(1)} h less sun: a taller neighbour to its south-west`;
    case 'cold':
      return site.kind === 'container' ? 'a frost-free room in winter, or open ground' : 'a pot that winters indoors';
    case 'heat':
      return 'nothing that lasts: choose another';
    case 'ph':
      return `the pH moved by ${Math.max(0.1, off - SETTINGS.fit.phSlack).toFixed(1)}, which does not last: a raised bed of other soil`;
    case 'drainage':
      return reason.wants === 'wet' ? 'a lined hole that holds water' : 'a raised bed of grit';
    case 'room':
      return 'a larger bed';
    case 'container':
      return reason.wants === 'open ground only' ? 'open ground' : `${reason.wants.replace(' will do', '')}`;
    case 'salt':
      return 'a place out of the salt wind';
    default:
      return reason.remedy.replace(/\.$/, '').toLowerCase() || 'another place';
  }
}

/** What rules a plant out on a site of a garden as it is planned. */
function barOf(
  question: PlanQuestion,
  here: PlantHere,
  site: Site,
  kept: readonly Planting[],
  left: number,
  crowns: number,
  { area, length }: Words,
): Bar {
  const { plant } = here;
  const bar = (why: string, change: string, distance: number): Bar => ({ site, free: false, why, change, distance });
  const ruled = barred(question, here, kept);
  if (ruled === 'none-wanted') return bar(`no more than ${question.wishes.most[plant.id]} are wanted`, 'raise that limit', 2);
  if (ruled) {
    const chosen = question.targets.map((row) => row.target);
    const refusal = gates(plant, here.status, here.cautions, question.garden, trapsFor(question.almanac, chosen, plant.id)).find(
      (gate) => gate.effect === 'refuse',
    );
    return bar(
      refusal?.sentence ?? 'not recorded in this region',
      refusal ? 'none: it stays out' : 'find out that it is harmless here',
      90,
    );
  }
  const ruling = choiceOf(question, here, { site, left, crowns }, kept);
  if (typeof ruling !== 'string') return { site, free: true, why: 'it fits and finds room', change: '', distance: 0 };
  if (ruling === 'too-tall')
    return bar(
      `it grows ${length(plant.height_max_cm)} tall, ${length(question.wishes.tallest_cm[site.id]!)} is allowed`,
      `${length(plant.height_max_cm - question.wishes.tallest_cm[site.id]!)} more height`,
      2,
    );
  if (ruling === 'no-room') {
    const begun = kept.some((row) => row.plant === plant.id && row.site_id === site.id);
    const wanted = groundM2(plant, leastOf(question, here, site, begun), site);
    const short = wanted - Math.max(0, left);
    return short > 1e-9
      ? bar(`it wants ${area(wanted)}, ${area(Math.max(0, left))} is left`, `${area(short)} more ground`, 1 + short)
      : bar('its crown would crowd the trees that stand there', 'another bed', 6);
  }
  const reasons = explainFit(plant, site, question.almanac.place, area).filter((reason) => reason.grade === 2);
  const distance = reasons.reduce((sum, reason) => sum + 4 + Math.min(4, Math.abs(reason.margin ?? 3)), 0);
  return bar(
    reasons.map((reason) => `${reason.label.toLowerCase()} is ${reason.here}, it wants ${reason.wants}`).join('; '),
    reasons.map((reason) => changeFor(reason, site)).join('; and '),
    distance,
  );
}

const MOST_HELPERS = 8;

/**
 * The plants that could serve a need that stays open or thin in a planned garden, each with what rules it out on each
 * site and the smallest change that would admit it; the nearest first. Plants that no change would admit come last.
 */
export function helpersFor(
  question: PlanQuestion,
  plantings: readonly Planting[],
  targetId: string,
  covered: NeedCoverage,
  words: Words = METRIC,
): Helper[] {
  const target = question.almanac.targets.get(targetId);
  if (!target || covered.verdict === 'closed') return [];
  const rooms = roomsOf(question, plantings);
  const found: Helper[] = [];
  for (const here of question.almanac.plants.values()) {
    if (!here.status.row) continue;
    const bars = rooms
      .filter(({ site }) => serves(target, covered, here, site, question.garden.school_autumn))
      .map(({ site, left, crowns }) => barOf(question, here, site, plantings, left, crowns, words))
      .sort((a, b) => a.distance - b.distance);
    if (bars.length > 0) found.push({ here, bars, distance: bars[0]!.distance });
  }
  const native = (helper: Helper) => Number(helper.here.status.native);
  return found.sort((a, b) => a.distance - b.distance || native(b) - native(a)).slice(0, MOST_HELPERS);
}
