import type { Almanac, PlantHere, TargetHere } from '../almanac/almanac';
import { ADMISSIBLE } from '../almanac/hosts';
import type { Host, Plant } from '../model/reference';
import type { Planting, Site } from '../model/garden';
import { grewIn } from '../model/garden';
import { HOST_LIGHTS } from '../model/vocabulary';
import { plantingFoliage, plantingShares, type BloomShares } from '../bloom/planting-bloom';
import { fit, type FitVerdict } from '../fit/fit';
import { gates, type GateGarden } from '../gates/gates';
import { ageShare, crownM2 } from '../quantities/quantities';
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

const isShrubOrTree = (plant: Plant) => plant.kind === 'shrub' || plant.kind === 'tree';

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
    const found = fit(here.plant, site, almanac.place).verdict;
    // What has lived here for years lives here, whatever the figures say.
    const verdict = found === 'unsuitable' && planting.stays ? 'workable' : found;
    if (gates(here.plant, here.status, here.cautions, garden, []).some((gate) => gate.effect === 'refuse')) {
      faults.push({ planting: planting.id, kind: 'refused', target: null });
      continue;
    }
    if (verdict === 'unsuitable') {
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
      vigour: SETTINGS.fit.yield[verdict] * (years === null ? 1 : ageShare(here.plant.kind, years)),
      flowers: years === null || years >= here.plant.years_to_flower,
      bloom: plantingShares(here, planting, almanac.frosts),
      foliageShares: plantingFoliage(here, planting),
    });
  }
  return { stands, faults };
}

/** One grown plant on a site, as it would stand there. */
export function grownStand(here: PlantHere, site: Site, verdict: FitVerdict): Stand {
  const { bloomShares, foliageShares } = here;
  const bloom = { amount: bloomShares, present: bloomShares };
  return { id: '', here, site, count: 1, vigour: SETTINGS.fit.yield[verdict], flowers: true, bloom, foliageShares };
}

/** Sun, part or shade: the light of a site by its hours of direct sun. */
export function lightOf(site: Pick<Site, 'sun_h'>): 'sun' | 'part' | 'shade' {
  return site.sun_h >= SETTINGS.light.sunH ? 'sun' : site.sun_h >= SETTINGS.light.shadeH ? 'part' : 'shade';
}

/** How readily a female lays in this light (0–1): 1 in the light she wants, half a step off, nothing two off. */
export function lightShare(wanted: Host['light'], site: Pick<Site, 'sun_h'>): number {
  if (wanted === 'any') return 1;
  return SETTINGS.host.lightStep[Math.abs(HOST_LIGHTS.indexOf(wanted) - HOST_LIGHTS.indexOf(lightOf(site)))]!;
}

/** Larvae that `count` plants of a stand can raise on leaf alone in a half-month of full foliage. */
export function larvaeFed(target: TargetHere, stand: Stand): number {
  const host = target.hosts.get(stand.here.plant.id);
  const eats = target.target.larva_leaf_g;
  if (!host || !eats) return 0;
  return (leafG(stand) * SETTINGS.host.rank[host.rank] * lightShare(host.light, stand.site)) / eats;
}

/** Edible leaf (g fresh) a stand can spare and live. */
export function leafG(stand: Stand): number {
  return stand.count * stand.here.plant.leaf_g * stand.vigour * SETTINGS.host.usableShare;
}

/** The part of a findable patch that one plant is: a tree is one, a violet a sixth. */
export function patchShare(plant: Plant, patchPlants: number | null): number {
  const { patch, largeHerbCm, woodyPatchCm } = SETTINGS.host;
  if (patchPlants !== null && !isShrubOrTree(plant)) return 1 / patchPlants;
  if (isShrubOrTree(plant) && plant.height_max_cm >= woodyPatchCm) return 1 / patch.woody;
  if (plant.kind === 'vine') return 1 / patch.vine;
  return 1 / (plant.height_max_cm >= largeHerbCm ? patch.largeHerb : patch.smallHerb);
}

/** Does a female lay on this stand: a primary or accepted host in light she takes? */
export function isLaidOn(target: TargetHere, { here, site }: Stand): boolean {
  const host = target.hosts.get(here.plant.id);
  return host !== undefined && ADMISSIBLE.has(host.rank) && lightShare(host.light, site) > 0;
}

/** Host patch on each site as a share of one a laying female finds, counting hosts she lays on in that light. */
export function patchesBySite(target: TargetHere, stands: readonly Stand[]): Map<string, number> {
  const patches = new Map<string, number>();
  for (const stand of stands) {
    if (!isLaidOn(target, stand)) continue;
    const { here, site, count } = stand;
    const share = count * patchShare(here.plant, target.target.patch_plants);
    patches.set(site.id, (patches.get(site.id) ?? 0) + share);
  }
  return patches;
}

/**
 * Nectar a stand in full bloom gives a guest: m² in bloom × value 0–3, less where the flower is not of a form
 * the guest seeks, nothing where the tube is longer than its tongue.
 */
export function nectarUnits({ target }: TargetHere, stand: Stand): number {
  const each = nectarOfPlant(target, stand.here.plant);
  return stand.flowers ? stand.count * stand.vigour * each : 0;
}

/** Nectar units of one grown, thriving plant in full bloom for a guest. */
export function nectarOfPlant(target: TargetHere['target'], plant: Plant): number {
  const value =
    target.kind === 'hummingbird'
      ? plant.nectar_hummingbird
      : target.kind === 'moth'
        ? plant.nectar_moth
        : plant.nectar_butterfly;
  if (value === 0 || plant.tube_mm > target.tongue_mm) return 0;
  const form = target.flower_forms.includes(plant.flower_form) ? 1 : SETTINGS.nectar.otherForm;
  return crownM2(plant) * value * form;
}
