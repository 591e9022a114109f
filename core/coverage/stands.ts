import type { Almanac, PlantHere } from '../model/here';
import type { Planting, Site } from '../model/garden';
import type { Spot } from '../model/layout';
import { grewIn } from '../model/states';
import type { Plant } from '../model/reference';
import { plantingFoliage, plantingShares, type BloomShares } from '../almanac/bloom/planting-bloom';
import { fit } from '../match/fit/fit';
import { refusalFor, type GateGarden } from '../match/gates/gates';
import { ageShare, selectionShare } from '../match/quantities';
import { SETTINGS } from '../settings';
import type { Around, Setback } from './around';
import type { Fault } from './types';

/** Where the plants of a planting stand in their bed: what there is there, and their places (m). */
export interface Placed {
  sun_h: number;
  moisture: number;
  spots: readonly Spot[];
}

/** The plantings of a garden, each with all that its supply depends on. */
export interface Stand {
  id: string;
  here: PlantHere;
  /** Its site; of what is arranged with the light and moisture where it stands. */
  site: Site;
  /** Where its plants stand; null where they are not arranged: then they count as standing together. */
  spots: readonly Spot[] | null;
  count: number;
  /** Fit × age, 0–1: what a plant here gives beside a grown one that thrives. */
  vigour: number;
  /** Age alone, 0–1: its size beside a grown one. */
  grown: number;
  flowers: boolean;
  /** Share of its full bloom in each half-month, and of the half-month that some of it is in flower. */
  bloom: BloomShares;
  /** Share of each half-month in leaf. */
  foliageShares: number[];
}

/** What the stands of a garden follow from. */
export interface Standing {
  almanac: Almanac;
  garden: GateGarden;
  sites: readonly Site[];
  plantings: readonly Planting[];
  /** null: plants as they will be when grown; a year: as they are then. */
  year: number | null;
  /** Trees and shrubs that stand outside the beds. */
  around?: readonly Around[];
  setbacks?: readonly Setback[];
  /** Where the plants of those plantings stand that are arranged, by their ids. */
  places?: ReadonlyMap<string, Placed>;
}

/**
 * The live plantings as stands, and those that give nothing with the reason. `year` null: as they will be when
 * grown; a year: as they are then, counting only what is planted.
 */
export function standsOf({ almanac, garden, sites, plantings, year, around = [], setbacks = [], places }: Standing): {
  stands: Stand[];
  faults: Fault[];
} {
  const siteOf = new Map(sites.map((site) => [site.id, site]));
  const stands: Stand[] = [];
  const faults: Fault[] = [];
  for (const planting of plantings) {
    const here = almanac.plants.get(planting.plant);
    const bed = siteOf.get(planting.site_id);
    if (!here || !bed || !grewIn(planting, year)) continue;
    const placed = placedOf(places, planting);
    const site = placed ? standingOn(bed, placed) : bed;
    const found = fit(here.plant, site, almanac.place);
    // What has lived here for years lives here, whatever the figures say.
    const stood = planting.stays ? Math.max(found.share, SETTINGS.fit.from.workable) : found.share;
    const share = stood * mown(here.plant, site);
    if (refusalFor(here, garden, [])) {
      faults.push({ planting: planting.id, kind: 'refused', target: null });
      continue;
    }
    if (share === 0) {
      faults.push({ planting: planting.id, kind: 'unsuitable', target: null });
      continue;
    }
    const years = year === null ? null : planting.planted_year === null ? -1 : year - planting.planted_year;
    const grown = selectionShare(planting.selection) * (years === null ? 1 : ageShare(here.plant.kind, years));
    stands.push({
      id: planting.id,
      here,
      site,
      spots: placed?.spots ?? null,
      count: planting.count,
      vigour: share * grown,
      grown,
      flowers: years === null || years >= here.plant.years_to_flower,
      ...setBack(planting.id, setbacks, plantingShares(here, planting, almanac.frosts), plantingFoliage(here, planting)),
    });
  }
  for (const { id, plant, site, size } of around) {
    const here = almanac.plants.get(plant);
    // What may not be planted here is no help either, though it stands.
    if (!here || refusalFor(here, garden, [])) continue;
    const { bloomShares: amount, foliageShares } = here;
    const seasons = setBack(id, setbacks, { amount, present: amount }, foliageShares);
    stands.push({ id, here, site, spots: null, count: 1, vigour: size, grown: size, flowers: true, ...seasons });
  }
  return { stands, faults };
}

/** Where a planting stands; null where not all of its plants are arranged, as when some more were added since. */
export function placedOf(places: Standing['places'], { id, count }: Pick<Planting, 'id' | 'count'>): Placed | null {
  const placed = places?.get(id);
  return placed && placed.spots.length >= count ? placed : null;
}

/** A bed as it is where some of its plants stand; moisture in whole steps, as plants are known by. */
const standingOn = (bed: Site, { sun_h, moisture }: Pick<Placed, 'sun_h' | 'moisture'>): Site => ({
  ...bed,
  sun_h: Number(sun_h.toFixed(1)),
  moisture: Math.round(moisture),
});

/** Share of a plant that the mower leaves, where its ground is lawn. */
function mown({ kind, height_max_cm }: Plant, { ground }: Site): number {
  if (ground !== 'lawn' || kind === 'tree' || kind === 'shrub') return 1;
  const { low, tall, lowCm } = SETTINGS.lawn;
  return height_max_cm <= lowCm ? low : tall;
}

/** Flowers and leaf of a planting with what its setbacks leave of them. */
function setBack(
  id: string,
  setbacks: readonly Setback[],
  bloom: BloomShares,
  foliageShares: number[],
): Pick<Stand, 'bloom' | 'foliageShares'> {
  const own = setbacks.filter(({ planting }) => planting === id);
  if (own.length === 0) return { bloom, foliageShares };
  const left = (shares: readonly number[]) =>
    shares.map((share, h) => own.reduce((rest, { halfMonths, left }) => (halfMonths.has(h) ? rest * left : rest), share));
  return { bloom: { amount: left(bloom.amount), present: left(bloom.present) }, foliageShares: left(foliageShares) };
}

/** One grown plant on a site, as it would stand there; `share`: of what it gives where it thrives. */
export function grownStand(here: PlantHere, site: Site, share: number): Stand {
  const { bloomShares, foliageShares } = here;
  const bloom = { amount: bloomShares, present: bloomShares };
  return { id: '', here, site, spots: null, count: 1, vigour: share, grown: 1, flowers: true, bloom, foliageShares };
}
