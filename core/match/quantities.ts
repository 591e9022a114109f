import type { Plant } from '../model/reference';
import type { Planting, Site } from '../model/garden';
import { LIVE_STATES } from '../model/states';
import type { Selection } from '../model/vocabulary';
import { SETTINGS } from '../settings';

export type Pattern = 'square' | 'triangular';

/**
 * Ground one plant takes at a spacing (m²): spacing² on the square, spacing² × √3⁄2 where rows are offset
 * (each plant at the corner of an equilateral triangle), which fits 15 % more.
 */
export function areaPerPlant(spacing_cm: number, pattern: Pattern = 'square'): number {
  const side = spacing_cm / 100;
  return side * side * (pattern === 'triangular' ? Math.sqrt(3) / 2 : 1);
}

/** Plants that fill an area (m²) at a spacing, whole plants only. */
export function countForArea(area_m2: number, spacing_cm: number, pattern: Pattern = 'square'): number {
  return Math.floor(area_m2 / areaPerPlant(spacing_cm, pattern) + 1e-9);
}

/** Ground one grown plant needs to itself (m²): its spacing on the square; a climber only the foot of its support. */
function footprintM2(plant: Pick<Plant, 'kind' | 'spacing_cm'>): number {
  const each = areaPerPlant(plant.spacing_cm);
  return plant.kind === 'vine' ? Math.min(each, SETTINGS.quantities.vineGroundM2) : each;
}

/**
 * Ground one grown plant needs on a site (m²): in a container less than in a bed, since pots are planted close, fed
 * and watered.
 */
export function roomM2(plant: Pick<Plant, 'kind' | 'spacing_cm'>, site: Pick<Site, 'kind'>): number {
  return footprintM2(plant) * (site.kind === 'container' ? SETTINGS.container.closeness : 1);
}

/**
 * Ground a planting claims on its site (m²). A tree claims the ground about its trunk, not the ground under its
 * crown, which other plants may have.
 */
export function groundM2(plant: Plant, count: number, site: Pick<Site, 'kind'>): number {
  const each = roomM2(plant, site);
  return count * (plant.kind === 'tree' ? Math.min(each, SETTINGS.quantities.treeGroundM2) : each);
}

/**
 * May a grown crown hang over the ground about a bed of this size? A tree lives in its cut-out, but none is proposed whose
 * crown would take more than twice the bed. Of what stands already nobody asks.
 */
export const crownFits = (plant: Pick<Plant, 'kind' | 'spacing_cm'>, site: Pick<Site, 'kind' | 'area_m2'>): boolean =>
  plant.kind !== 'tree' || roomM2(plant, site) <= 2 * site.area_m2;

/** Plants of a kind, grown, that an area (m²) of a site still holds: whole plants only, none where it is overfull. */
export function roomFor(plant: Plant, area_m2: number, site: Pick<Site, 'kind'>): number {
  return Math.max(0, Math.floor(area_m2 / groundM2(plant, 1, site) + 1e-9));
}

/** Size of a selection beside the species (0–1): its ground and what it bears, by the square of its spread. */
export const selectionShare = (selection: Selection): number => SETTINGS.layout.selection[selection].spread ** 2;

export interface AreaUse {
  area_m2: number;
  used_m2: number;
  /** Negative where more is planted than fits. */
  left_m2: number;
}

/** Area used and left on a site at mature spacing, counting the live plantings of one plan. */
export function areaUse(
  site: Pick<Site, 'id' | 'area_m2' | 'kind'>,
  plantings: readonly Pick<Planting, 'site_id' | 'plant' | 'count' | 'state' | 'selection'>[],
  plantOf: (id: string) => Plant | undefined,
): AreaUse {
  let used = 0;
  for (const planting of plantings) {
    if (planting.site_id !== site.id || !LIVE_STATES.has(planting.state)) continue;
    const plant = plantOf(planting.plant);
    if (plant) used += groundM2(plant, planting.count, site) * selectionShare(planting.selection);
  }
  return { area_m2: site.area_m2, used_m2: used, left_m2: site.area_m2 - used };
}

/** Crown area of one grown plant (m²), a circle of its spread: what stands in bloom. */
export function crownM2(plant: Pick<Plant, 'spread_cm'>): number {
  return Math.PI * (plant.spread_cm / 200) ** 2;
}

/**
 * Ground that the flowers of one plant cover (m²) in full bloom; `vigour`: its size beside a grown one that thrives. Its
 * crown, but no more than SETTINGS.nectar.layers over the ground it takes, so that no bed flowers more than so many times
 * its own size. Of a tree those within reach count most, and no more than `most_m2`; a climber has what a support carries.
 */
export function flowersM2(plant: Plant, site: Pick<Site, 'kind'>, vigour: number): number {
  const crown = crownM2(plant) * vigour;
  const { layers, vine_m2, tree } = SETTINGS.nectar;
  if (plant.kind === 'tree') return Math.min(tree.most_m2, crown * Math.min(1, (100 * tree.reach_m) / plant.height_max_cm));
  if (plant.kind === 'vine') return Math.min(crown, vine_m2);
  return Math.min(crown, roomM2(plant, site) * layers * vigour);
}

/** Share (0–1) of mature size of a plant `years` after planting; annuals and biennials are grown at once. */
export function ageShare(kind: Plant['kind'], years: number): number {
  if (years < 0) return 0;
  if (kind === 'annual' || kind === 'biennial') return 1;
  const { herb, woody, tree } = SETTINGS.age;
  const steps: readonly number[] = kind === 'tree' ? tree : kind === 'shrub' || kind === 'vine' ? woody : herb;
  return steps[Math.min(Math.floor(years), steps.length - 1)]!;
}
