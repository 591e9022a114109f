import type { PlantHere, FitVerdict } from '../../model/here';
import { rulesOf } from '../../coverage/gives/rules';
import { grownStand, type Stand } from '../../coverage/stands';
import { fit } from '../../match/fit/fit';
import type { Planting, Site } from '../../model/garden';
import { isPlanted } from '../../model/states';
import { groupBy } from '../../model/group';
import { isWoody, type Feature, type PlantSize } from '../../model/vocabulary';
import { areaUse, crownFits, groundM2, roomM2 } from '../../match/quantities';
import { SETTINGS } from '../../settings';
import {
  barringOf,
  drawbacksOf,
  isBlownDown,
  isHostHere,
  supportsFor,
  type Drawback,
  type Withheld,
} from '../../match/craft/kinds';
import {
  flowerMonths,
  gardenSeason,
  isBackbone,
  isUpright,
  keptHere,
  mostHere,
  placesLeft,
  type KeptHere,
  type PotPlaces,
} from '../../match/craft/places';
import { goodsPrice, mulchLitres } from '../shopping/goods';
import { unitPrice } from '../shopping/sizes';
import { keptOf, sizeFor, type PlanQuestion } from './question';

/** A plant that may be set on a site, and how many. */
export interface PlantChoice {
  kind: 'plant';
  here: PlantHere;
  site: Site;
  verdict: FitVerdict;
  /** One plant of it, grown, as coverage takes it. */
  stand: Stand;
  /** Ground of one plant (m²), and for a tree the room its crown takes from other trees. */
  ground: number;
  crown: number;
  /** Fewest where it is used at all, and most. */
  least: number;
  most: number;
  /** Hundredths of the currency for one plant, the usual losses counted; and once for all of the kind. */
  price: number;
  once: number;
  /** What speaks against it here; nothing where the gardener asked for it by name. */
  drawbacks: readonly Drawback[];
  /** Is its place never bare, and in which months (0–11) of the season does it flower? */
  backbone: boolean;
  months: ReadonlySet<number>;
  upright: boolean;
}

/** Something other than a plant that a bed may be given. */
interface FeatureChoice {
  kind: 'feature';
  feature: Feature;
  site: Site;
}

/** The room a site has for what is proposed. */
export interface SiteRoom {
  site: Site;
  /** Ground (m²) beside what is kept, and room for crowns of trees. */
  left: number;
  crowns: number;
  /** Places of a pot beside what is kept, in all and in its middle; null for a bed. */
  places: PotPlaces | null;
  /** What is kept there, as the craft asks, and the half-months between the frosts. */
  kept: KeptHere;
  season: readonly number[];
}

export interface Choices {
  plants: PlantChoice[];
  features: FeatureChoice[];
  rooms: SiteRoom[];
  kept: Planting[];
}

/** Why a plant may not be set on a site, or null where it may: the first rule that forbids it. */
export type Ruling =
  'unrecorded' | 'refused' | 'none-wanted' | Withheld | 'unsuitable' | 'too-tall' | 'windy' | 'pot-full' | 'no-room';

/** Room that the crown of a tree takes (m²), at most the whole site, so that a bed holds one tree too large for it. */
export const crownRoom = (here: PlantHere, site: Site) =>
  here.plant.kind === 'tree' ? Math.min(roomM2(here.plant, site), site.area_m2) : 0;

/** Numbers of the choices of each plant. */
export function choicesByPlant(plants: readonly PlantChoice[]): Map<string, number[]> {
  return groupBy([...plants.keys()], (choice) => plants[choice]!.here.plant.id);
}

/** Kept plants of a kind, anywhere. */
export const keptCount = (kept: readonly Planting[], plant: string) =>
  kept.filter((row) => row.plant === plant).reduce((sum, row) => sum + row.count, 0);

/** The rooms of the sites beside what is kept. */
export function roomsOf({ almanac, sites, wishes }: PlanQuestion, kept: readonly Planting[]): SiteRoom[] {
  const plantOf = (id: string) => almanac.plants.get(id)?.plant;
  const season = gardenSeason(almanac.frosts);
  return sites
    .filter((site) => isPlanted(site) && !wishes.leave.includes(site.id))
    .map((site): SiteRoom => {
      const there = keptHere(site, kept, (id) => almanac.plants.get(id), season);
      const crowns = kept
        .filter((row) => row.site_id === site.id)
        .reduce(
          (sum, row) => sum + row.count * (almanac.plants.has(row.plant) ? crownRoom(almanac.plants.get(row.plant)!, site) : 0),
          0,
        );
      return {
        site,
        left: areaUse(site, kept, plantOf).left_m2,
        crowns: site.area_m2 - crowns,
        places: placesLeft(site, there),
        kept: there,
        season,
      };
    });
}

/** May this plant be refused everywhere in the garden? Gates, the gardener's own limit, or no record of it here. */
export function barred(question: PlanQuestion, here: PlantHere, kept: readonly Planting[]): Ruling | null {
  if (!here.status.offered) return 'unrecorded';
  const bar = barringOf(question, here);
  if (bar) return bar.kind === 'gate' ? 'refused' : bar.kind;
  const most = question.wishes.most[here.plant.id];
  return most !== undefined && most <= keptCount(kept, here.plant.id) ? 'none-wanted' : null;
}

/** Fewest plants of a kind that are set on a site: a drift, or as many as are wanted to one that is begun. */
export function leastOf(question: PlanQuestion, here: PlantHere, site: Site, begun: boolean): number {
  const { plant } = here;
  const single = site.kind === 'container' || isWoody(plant) || plant.spacing_cm >= SETTINGS.planner.driftSpacingCm;
  if (single || begun || question.wishes.layout === 'scattered') return 1;
  // A small bed has smaller drifts, so that no kind takes too much of it.
  return Math.min(SETTINGS.planner.drift, mostHere(here, site, false));
}

/** Most plants of a kind on a site, what is kept there counted. */
export const mostOf = (question: PlanQuestion, here: PlantHere, site: Site): number =>
  mostHere(here, site, isHostHere(question, here.plant.id));

/** One plant on one site as a choice, or the rule that forbids it. */
export function choiceOf(
  question: PlanQuestion,
  here: PlantHere,
  room: SiteRoom,
  kept: readonly Planting[],
): PlantChoice | Ruling {
  const { site } = room;
  const { plant } = here;
  const { verdict, share } = fit(plant, site, question.almanac.place);
  if (verdict === 'unsuitable') return 'unsuitable';
  const tallest = question.wishes.tallest_cm[site.id];
  if (tallest !== undefined && plant.height_max_cm > tallest) return 'too-tall';
  if (!crownFits(plant, site)) return 'no-room';
  if (isBlownDown(plant, site)) return 'windy';
  const asked = question.wishes.here.some((row) => row.site === site.id && row.plant === plant.id);
  const there = kept.filter((row) => row.plant === plant.id && row.site_id === site.id).reduce((sum, row) => sum + row.count, 0);
  const ground = groundM2(plant, 1, site);
  const crown = crownRoom(here, site);
  const { mostOfKind, mostClimbers } = SETTINGS.planner;
  const upright = isUpright(plant);
  const wanted = question.wishes.most[plant.id];
  const most = Math.min(
    Math.floor(room.left / ground + 1e-9),
    crown > 0 ? Math.floor(room.crowns / crown + 1e-9) : Infinity,
    plant.kind === 'vine' ? mostClimbers : mostOfKind,
    wanted === undefined ? Infinity : wanted - keptCount(kept, plant.id),
    Math.max(asked ? 1 : 0, mostOf(question, here, site) - there),
    room.places ? Math.min(room.places.held, upright ? room.places.upright : Infinity) : Infinity,
  );
  const least = leastOf(question, here, site, there > 0);
  if (most < least)
    return room.places && Math.min(room.places.held, upright ? room.places.upright : 1) < 1 ? 'pot-full' : 'no-room';
  const size = sizeFor(question, plant);
  return {
    kind: 'plant',
    here,
    site,
    verdict,
    stand: grownStand(here, site, share),
    ground,
    crown,
    least,
    most,
    ...pricesOf(question, here, size, site),
    drawbacks: asked ? [] : drawbacksOf(here, site, question.raises, isHostHere(question, plant.id)),
    backbone: isBackbone(here, room.season),
    months: flowerMonths(here, room.season),
    upright,
  };
}

/**
 * Price of one plant with its share of the losses, its mulch and its support, and what is paid once: a packet of seed serves
 * the whole kind.
 */
function pricesOf(question: PlanQuestion, { plant }: PlantHere, size: PlantSize, site: Site): { price: number; once: number } {
  const unit = unitPrice(plant, size, question.prices);
  const { mulch } = SETTINGS.shopping.goods;
  const beside =
    (mulchLitres(plant, size, site) / mulch.bag_l) * goodsPrice('mulch', question.prices) +
    supportsFor(plant, 1) * goodsPrice('support', question.prices);
  return size === 'seed'
    ? { price: beside, once: unit }
    : { price: beside + unit * (1 + SETTINGS.shopping.losses[size]), once: 0 };
}

/** The bed in which each feature does best: mud where it is moist, logs in shade, bare soil in the sun, the rest where there is room. */
const BEST_BED: Record<Feature, (site: Site) => number> = {
  mud: (site) => site.moisture,
  logs: (site) => -site.sun_h,
  'bare-soil': (site) => site.sun_h - site.moisture,
  fruit: (site) => -site.sun_h,
  water: (site) => site.area_m2,
  perch: (site) => site.area_m2,
  'dense-cover': (site) => site.area_m2,
  feeder: (site) => -site.sun_h,
};

/** Features that would serve a need, each for the bed that suits it best. Dense cover is left to plants. */
function featureChoices(question: PlanQuestion): FeatureChoice[] {
  const { sites, wishes } = question;
  if (!wishes.features) return [];
  const beds = sites.filter((site) => site.kind === 'bed' && isPlanted(site));
  if (beds.length === 0) return [];
  const wanted = new Set<Feature>();
  for (const { rules } of rulesOf(question))
    for (const { features } of rules) {
      const [usual] = features.keys();
      if (usual && usual !== 'dense-cover') wanted.add(usual);
    }
  return [...wanted]
    .filter((feature) => !sites.some((site) => site.features.includes(feature)))
    .map((feature) => ({
      kind: 'feature',
      feature,
      site: beds.reduce((a, b) => (BEST_BED[feature](b) > BEST_BED[feature](a) ? b : a)),
    }));
}

/** Everything that may be set anywhere in the garden, beside what is kept. */
export function choicesFor(question: PlanQuestion): Choices {
  const kept = keptOf(question);
  const rooms = roomsOf(question, kept);
  const plants: PlantChoice[] = [];
  for (const here of question.almanac.plants.values()) {
    if (barred(question, here, kept)) continue;
    for (const room of rooms) {
      const choice = choiceOf(question, here, room, kept);
      if (typeof choice !== 'string') plants.push(choice);
    }
  }
  return { plants, features: featureChoices(question), rooms, kept };
}
