import type { Almanac, PlantHere } from '../model/here';
import { type Planting, type Site, grewIn } from '../model/garden';
import { plantingFoliage, plantingShares, type BloomShares } from '../almanac/bloom/planting-bloom';
import { fit } from '../match/fit/fit';
import { refusalFor, type GateGarden } from '../match/gates/gates';
import { ageShare } from '../match/quantities';
import { SETTINGS } from '../settings';
import type { Fault } from './types';

/** The plantings of a garden, each with all that its supply depends on. */
export interface Stand {
  id: string;
  here: PlantHere;
  site: Site;
  count: number;
  /** Fit × age, 0–1: what a plant here gives beside a grown one that thrives. */
  vigour: number;
  flowers: boolean;
  /** Share of its full bloom in each half-month, and of the half-month that some of it is in flower. */
  bloom: BloomShares;
  /** Share of each half-month in leaf. */
  foliageShares: number[];
}

/**
 * The live plantings as stands, and those that give nothing with the reason. `year` null: as they will be when
 * grown; a year: as they are then, counting only what is planted.
 */
export function standsOf(
  almanac: Almanac,
  garden: GateGarden,
  sites: readonly Site[],
  plantings: readonly Planting[],
  year: number | null,
): { stands: Stand[]; faults: Fault[] } {
  const siteOf = new Map(sites.map((site) => [site.id, site]));
  const stands: Stand[] = [];
  const faults: Fault[] = [];
  for (const planting of plantings) {
    const here = almanac.plants.get(planting.plant);
    const site = siteOf.get(planting.site_id);
    if (!here || !site || !grewIn(planting, year)) continue;
    const found = fit(here.plant, site, almanac.place);
    // What has lived here for years lives here, whatever the figures say.
    const share = planting.stays ? Math.max(found.share, SETTINGS.fit.from.workable) : found.share;
    if (refusalFor(here, garden, [])) {
      faults.push({ planting: planting.id, kind: 'refused', target: null });
      continue;
    }
    if (share === 0) {
      faults.push({ planting: planting.id, kind: 'unsuitable', target: null });
      continue;
    }
    const planted = planting.state === 'planned' || planting.state === 'on-order' ? null : planting.planted_year;
    const years = year === null ? null : planted === null ? -1 : year - planted;
    stands.push({
      id: planting.id,
      here,
      site,
      count: planting.count,
      vigour: share * (years === null ? 1 : ageShare(here.plant.kind, years)),
      flowers: years === null || years >= here.plant.years_to_flower,
      bloom: plantingShares(here, planting, almanac.frosts),
      foliageShares: plantingFoliage(here, planting),
    });
  }
  return { stands, faults };
}

/** One grown plant on a site, as it would stand there; `share`: of what it gives where it thrives. */
export function grownStand(here: PlantHere, site: Site, share: number): Stand {
  const { bloomShares, foliageShares } = here;
  const bloom = { amount: bloomShares, present: bloomShares };
  return { id: '', here, site, count: 1, vigour: share, flowers: true, bloom, foliageShares };
}

export type Light = 'sun' | 'part' | 'shade';

/** The light of a site by its hours of direct sun. */
export function lightOf(site: Pick<Site, 'sun_h'>): Light {
  return site.sun_h >= SETTINGS.light.sunH ? 'sun' : site.sun_h >= SETTINGS.light.shadeH ? 'part' : 'shade';
}
