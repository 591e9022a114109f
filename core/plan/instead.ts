import { feeds } from '../library/hosts';
import { isAtHome, isBarred } from '../library/status';
import { seenColour, type Seen } from '../layout/colour';
import { dangersOf, refusalFor, type GateGarden } from '../match/gates/gates';
import { raisedBy, serviceOf, type Service } from '../match/services';
import type { Almanac, PlantHere } from '../model/here';
import type { Plant } from '../model/reference';
import { livesThroughWinter } from '../place/climate/zones';
import { SETTINGS } from '../settings';

/**
 * Why something else is planted than a plant that people ask for: it is listed here or elsewhere, never planted at all, a
 * trap for caterpillars of this region, or its flowers feed nobody and it is no host.
 */
export type WhyInstead =
  | { kind: 'listed' }
  | { kind: 'never' }
  /** Names of the creatures that lay on it in vain. */
  | { kind: 'trap'; targets: string[] }
  | { kind: 'nectarless' };

/** A harmless plant that could stand in its place, and in what it is like it. */
export interface Substitute {
  here: PlantHere;
  /** How alike it is, and how much it feeds, 0–1. */
  score: number;
  /** 0–1 each: sun and moisture it lives in, height, colour of the flowers (null where one has none), months of bloom. */
  alike: { place: number; size: number; colour: number | null; season: number | null };
  /** Guests of the other that it serves too; of a trap, those that its own leaf raises. */
  shared: string[];
  /** Whom of the creatures at home here it serves. */
  serves: Service;
}

/** Whether and why another plant should be chosen here; null where nothing speaks against it. */
export function whyInstead(almanac: Pick<Almanac, 'targets'>, here: PlantHere): WhyInstead | null {
  const { plant, status } = here;
  const targets = [...almanac.targets.values()];
  const trapped = targets.filter(({ hosts }) => hosts.get(plant.id)?.rank === 'trap').map(({ target }) => target.common);
  if (isBarred(status)) return { kind: 'listed' };
  if (trapped.length > 0) return { kind: 'trap', targets: trapped };
  if (plant.manners === 'never') return { kind: 'never' };
  const nectar = Math.max(plant.nectar_butterfly, plant.nectar_hummingbird, plant.nectar_moth);
  const showy = plant.bloom_first !== null && plant.flower_form !== 'none' && plant.flower_form !== 'catkin';
  // What is native feeds others than those counted here.
  return showy && !status.native && nectar === 0 && !targets.some(({ hosts }) => feeds(hosts, plant.id))
    ? { kind: 'nectarless' }
    : null;
}

/** Forms of growth that can take each other's place; a tree of shrub height takes a shrub's. */
function formOf({ kind, height_max_cm }: Plant): 'climber' | 'tree' | 'shrub' | 'grass' | 'herb' {
  if (kind === 'vine') return 'climber';
  if (kind === 'tree') return height_max_cm > SETTINGS.instead.shrubUpTo_cm ? 'tree' : 'shrub';
  if (kind === 'shrub') return kind;
  return kind === 'grass' || kind === 'sedge' ? 'grass' : 'herb';
}

const isEvergreen = ({ foliage_first, foliage_last }: Plant) => foliage_first === 0 && foliage_last === 23;

/** Share (0–1) of the range of one that the other covers, of ranges from low to high. */
function overlap([lowA, highA]: readonly [number, number], [lowB, highB]: readonly [number, number]): number {
  const shared = Math.min(highA, highB) - Math.max(lowA, lowB);
  return shared < 0 ? 0 : (shared + 1) / (Math.max(highA, highB) - Math.min(lowA, lowB) + 1);
}

/** Full sun is as good as any more of it. */
const sunOf = ({ sun_min_h, sun_max_h }: Plant) => [sun_min_h, Math.min(sun_max_h, SETTINGS.instead.fullSun_h)] as const;

/** Likeness (0–1) of two colours by what lies between them in OKLCH, as equal steps look. */
function alikeColours(a: Seen, b: Seen): number {
  const point = ({ light, chroma, hue }: Seen) => {
    const turn = (hue * Math.PI) / 180;
    return [light, chroma * Math.cos(turn), chroma * Math.sin(turn)] as const;
  };
  const [p, q] = [point(a), point(b)];
  return Math.max(0, 1 - Math.hypot(p[0] - q[0], p[1] - q[1], p[2] - q[2]) / SETTINGS.instead.otherColour);
}

/** Half-months in which both are in bloom over those in which either is; null where one never is. */
function alikeSeasons(a: PlantHere, b: PlantHere): number | null {
  const sum = (pick: (x: number, y: number) => number) =>
    a.bloomShares.reduce((total, share, h) => total + pick(share, b.bloomShares[h]!), 0);
  const either = sum(Math.max);
  return a.bloom && b.bloom && either > 0 ? sum(Math.min) / either : null;
}

/**
 * What could be planted in the place of a plant, best first: harmless here, hardy, for sale, of the same form of growth, and
 * as alike as can be in light, size, colour and season, weighed with whom it serves (SETTINGS.instead). In place of a trap the
 * plants that raise its victims come before all.
 */
export function insteadOf(almanac: Almanac, garden: GateGarden, here: PlantHere, most = 4): Substitute[] {
  const { weights, otherForm, otherLeaf, seldom, introduced } = SETTINGS.instead;
  const why = whyInstead(almanac, here);
  const atHome = [...almanac.targets.values()].filter(({ occurrence }) => isAtHome(occurrence));
  const own = serviceOf(here, atHome);
  const victims = new Set(own.hostOf.filter((host) => host.rank === 'trap').map((host) => host.target));
  const guests = new Set([...own.nectarFor.map((row) => row.target), ...raisedBy(own)]);
  const wanted = victims.size > 0 ? victims : guests;
  const colour = here.plant.flower_form === 'none' ? null : seenColour(here.plant.colour_hex);
  const form = formOf(here.plant);
  const harmless = [...almanac.plants.values()].filter(
    (other) =>
      other !== here &&
      other.status.offered &&
      other.plant.manners !== 'weedy' &&
      livesThroughWinter(other.plant, almanac.place.half_zone) &&
      !isBarred(other.status) &&
      !refusalFor(other, garden, []) &&
      dangersOf(other, garden).length === 0 &&
      whyInstead(almanac, other) === null,
  );
  const all = harmless.map((other) => serviceOf(other, atHome));
  const mostServed = Math.max(1, ...all.map((row) => row.weight));
  const found = all.flatMap((row): Substitute[] => {
    const { plant, status, trade } = row.here;
    const shared = [
      ...new Set([...raisedBy(row), ...(victims.size > 0 ? [] : row.nectarFor.map(({ target }) => target))]),
    ].filter((id) => wanted.has(id));
    if (victims.size > 0 && shared.length === 0) return [];
    const green = isEvergreen(plant) === isEvergreen(here.plant) ? 1 : otherLeaf;
    const place =
      (green *
        (overlap(sunOf(plant), sunOf(here.plant)) +
          overlap([plant.moisture_min, plant.moisture_max], [here.plant.moisture_min, here.plant.moisture_max]))) /
      2;
    const size = Math.exp(-Math.abs(Math.log(plant.height_max_cm / here.plant.height_max_cm)));
    const alike = {
      place,
      size,
      colour: colour && plant.flower_form !== 'none' ? alikeColours(colour, seenColour(plant.colour_hex)) : null,
      season: alikeSeasons(row.here, here),
    };
    const food = (row.weight / mostServed + (wanted.size > 0 ? shared.length / wanted.size : row.weight / mostServed)) / 2;
    const parts = [
      [weights.place, place],
      [weights.size, size],
      [weights.colour, alike.colour],
      [weights.season, alike.season],
      [weights.guests, food],
    ] as const;
    const counted = parts.filter(([, value]) => value !== null);
    const mean =
      counted.reduce((sum, [weight, value]) => sum + weight * value!, 0) / counted.reduce((sum, [weight]) => sum + weight, 0);
    const foreign = garden.school_plants !== 'any-harmless' && !status.native;
    const score =
      mean * (formOf(plant) === form ? 1 : otherForm) * (trade === 'seldom' ? seldom : 1) * (foreign ? introduced : 1);
    return [{ here: row.here, score, alike, shared, serves: row }];
  });
  const firstOf = (row: Substitute) => (why?.kind === 'trap' ? row.shared.length : 0);
  return found.sort((a, b) => firstOf(b) - firstOf(a) || b.score - a.score).slice(0, most);
}
