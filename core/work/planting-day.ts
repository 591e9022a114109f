import type { Garden, Planting } from '../model/garden';
import type { PlantHere } from '../model/here';
import { supportsFor } from '../match/craft/kinds';
import type { CareTag, PlantSize, RootSchool } from '../model/vocabulary';
import { isWoody } from '../model/vocabulary';
import type { Point } from '../model/yard';
import type { MeasuredSite } from '../place/survey/measured';
import { filledSites, mixFor, mulchLitres } from '../plan/shopping/goods';
import { SETTINGS } from '../settings';
import { walked } from './day-list';

/** What is done with the roots of a plant, and why. */
interface RootManner {
  do: RootSchool | 'cut-circling';
  because: 'taproot' | 'woody' | 'school' | 'seedling';
}
/** How deep it is set: level with the soil, above it, below it, or as a bulb. */
interface PlantingDepth {
  as: 'level' | 'high' | 'deeper' | 'bulb' | 'flare';
  cm: number;
}
/** Whether the acidity of the bed suits it. */
export interface AcidityCheck {
  is: 'right' | 'unknown' | 'sour' | 'sweet';
  ph: number;
  from: number;
  to: number;
}

/** One planting as it is planted: a card for the pocket. */
export interface PlantingCard {
  planting: Planting;
  here: PlantHere;
  site: MeasuredSite;
  site_id: string;
  size: Exclude<PlantSize, 'seed'>;
  hole: { wide_cm: number; deep_cm: number };
  roots: RootManner;
  depth: PlantingDepth;
  acidity: AcidityCheck;
  /** Litres for each plant at planting, and at each watering after, with the days between those. */
  water: { first_l: number; then_l: number; every_d: readonly number[] };
  mulch_l: number;
  grit_l: number;
  stakes: number;
  supports: number;
  /** What is dangerous about it: sap, spines, a protected kind. */
  cautions: ('skin' | 'protected')[];
  native: boolean;
}

/** All that a day of planting takes. */
export interface DayMaterials {
  plants: number;
  labels: number;
  mix_l: number;
  mulch_l: number;
  grit_l: number;
  stakes: number;
  supports: number;
  water_l: number;
}
export interface PlantingDay {
  /** In the order of the walk from bed to bed. */
  cards: PlantingCard[];
  materials: DayMaterials;
  /** Containers that are filled that day, with their mix. */
  filled: { site: MeasuredSite; mix_l: number }[];
}

/** What a planting is worked out with. */
export interface PlantingDayInput {
  garden: Pick<Garden, 'school_roots'>;
  sizeOf: (here: PlantHere) => PlantSize;
  tagsOf: (here: PlantHere) => readonly CareTag[];
  middles: ReadonlyMap<string, Point>;
  /** All plantings of the plan: a pot in which something grows is full. */
  all: readonly Planting[];
}

/** What is done with its roots: a taproot is left alone whatever the school, circling roots of a shrub are cut. */
function rootsOf(here: PlantHere, size: PlantSize, school: RootSchool, tags: readonly CareTag[]): RootManner {
  if (tags.includes('taproot')) return { do: 'leave', because: 'taproot' };
  if (size === 'plug') return { do: 'leave', because: 'seedling' };
  if (isWoody(here.plant) && school !== 'leave') return { do: 'cut-circling', because: 'woody' };
  return { do: school, because: 'school' };
}

function depthOf(
  { plant }: PlantHere,
  size: PlantSize,
  site: Pick<MeasuredSite, 'drainage'>,
  tags: readonly CareTag[],
): PlantingDepth {
  const { ball, bulbTimes, leggyCm, deeper_cm, high_cm } = SETTINGS.plantingDay;
  if (size === 'bulb') return { as: 'bulb', cm: Math.round(ball.bulb.deep_cm * bulbTimes) };
  if (isWoody(plant)) return { as: 'flare', cm: 0 };
  if (plant.kind === 'annual' && plant.height_max_cm >= leggyCm && !tags.includes('taproot'))
    return { as: 'deeper', cm: deeper_cm };
  if (plant.drainage === 'sharp' && site.drainage !== 'sharp') return { as: 'high', cm: high_cm };
  return { as: 'level', cm: 0 };
}

function acidityOf({ plant }: PlantHere, site: MeasuredSite): AcidityCheck {
  const { ph_min: from, ph_max: to } = plant;
  const { ph } = site;
  const is = ph < from ? 'sour' : ph > to ? 'sweet' : site.figures.ph[0]!.assumed ? 'unknown' : 'right';
  return { is, ph, from, to };
}

/** The card of one planting. Null for what is sown, or grows already. */
export function plantingCard(
  planting: Planting,
  here: PlantHere,
  site: MeasuredSite,
  input: PlantingDayInput,
): PlantingCard | null {
  const sold = input.sizeOf(here);
  // What is raised from seed at home goes out as a small plant.
  const size = sold === 'seed' ? 'plug' : sold;
  const { ball, holeTimes, waterEvery_d, gritShare, stakeCm } = SETTINGS.plantingDay;
  const { wide_cm, deep_cm, first_l, then_l } = ball[size];
  const { plant, status, cautions } = here;
  const tags = input.tagsOf(here);
  const depth = depthOf(here, size, site, tags);
  const inPot = site.kind === 'container';
  const hole = {
    wide_cm: size === 'bulb' ? wide_cm * 2 : wide_cm * holeTimes,
    deep_cm: depth.as === 'bulb' ? depth.cm : deep_cm + (depth.as === 'deeper' ? depth.cm : 0),
  };
  const hole_l = (Math.PI / 4) * (hole.wide_cm / 10) ** 2 * (hole.deep_cm / 10);
  const gritty = plant.drainage === 'sharp' && site.drainage !== 'sharp' && !inPot;
  const supports = supportsFor(plant, planting.count);
  return {
    planting,
    here,
    site,
    site_id: site.id,
    size,
    hole,
    roots: rootsOf(here, size, input.garden.school_roots, tags),
    depth,
    acidity: acidityOf(here, site),
    water: { first_l, then_l, every_d: waterEvery_d },
    mulch_l: mulchLitres(plant, size, site) * planting.count,
    grit_l: gritty ? hole_l * gritShare * planting.count : 0,
    stakes: supports === 0 && plant.height_max_cm >= stakeCm && plant.habit === 'single' ? planting.count : 0,
    supports,
    cautions: [
      ...(cautions.some((row) => row.hazard === 'skin-eye') ? (['skin'] as const) : []),
      ...(status.status === 'protected' ? (['protected'] as const) : []),
    ],
    native: status.native,
  };
}

/** Several plantings of one day on one sheet, in the order of the walk, with all they take together. */
export function plantingDay(cards: readonly PlantingCard[], input: PlantingDayInput): PlantingDay {
  const full = filledSites(input.all);
  const pots = new Map(
    cards.filter((card) => card.site.kind === 'container' && !full.has(card.site.id)).map((card) => [card.site.id, card.site]),
  );
  const filled = [...pots.values()].map((site) => ({ site, mix_l: mixFor(site) }));
  const sum = (of: (card: PlantingCard) => number) => cards.reduce((all, card) => all + of(card), 0);
  return {
    cards: walked(cards, input.middles),
    filled,
    materials: {
      plants: sum((card) => card.planting.count),
      labels: cards.length,
      mix_l: filled.reduce((all, row) => all + row.mix_l, 0),
      mulch_l: sum((card) => card.mulch_l),
      grit_l: sum((card) => card.grit_l),
      stakes: sum((card) => card.stakes),
      supports: sum((card) => card.supports),
      water_l: sum((card) => card.water.first_l * card.planting.count),
    },
  };
}
