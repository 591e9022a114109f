import type { FitPlace } from '../../model/here';
import type { Plant } from '../../model/reference';
import type { Site } from '../../model/garden';
import { DRAINAGES, SALTS, SUMMERS, TEXTURES, type SiteValue } from '../../model/vocabulary';
import { zoneIndex } from '../../place/climate/zones';
import { potZone } from '../../place/containers/pots';
import { groundM2 } from '../quantities';
import type { Figure } from '../../place/survey/measured';
import { SETTINGS } from '../../settings';

/** 0 thrives, 1 workable with care, 2 unsuitable. */
export type Grade = 0 | 1 | 2;

export interface FitSite extends Pick<
  Site,
  'kind' | 'area_m2' | 'volume_l' | 'sun_h' | 'sun_when' | 'texture' | 'drainage' | 'ph' | 'moisture' | 'salt' | 'pot'
> {
  /** Where its values come from, the figure that counts first; absent where the site was never surveyed. */
  figures?: Partial<Record<SiteValue, readonly Pick<Figure<unknown>, 'source' | 'on'>[]>>;
  /** Can a hose water all of it? Null where nobody has drawn a tap. */
  inReach?: boolean | null;
}

/** Distance by which `value` lies outside `min`–`max`; negative: room to the nearer end. */
export function outside(value: number, min: number, max: number): number {
  return Math.max(min - value, value - max);
}

/** Grade of a dimension, or of all together, by its share (0–1) of what the plant gives where it thrives. */
export function gradeOf(share: number): Grade {
  const { thrives, workable } = SETTINGS.fit.from;
  return share >= thrives - 1e-9 ? 0 : share >= workable - 1e-9 ? 1 : 2;
}

/** The share at a whole number of steps off, of a list by steps; the last for all beyond. */
const stepped = (shares: readonly number[], steps: number) => shares[Math.min(Math.max(steps, 0), shares.length - 1)]!;

/** Zone index that counts for this plant's roots on this site. */
export function siteZoneIndex(site: FitSite, place: FitPlace): number {
  return zoneIndex(site.kind === 'container' ? potZone(site, place.half_zone, place.school_pots) : place.half_zone);
}

/** Room of the ground one plant can have: the whole bed, or one of several pots alike. */
export function onePotOf(site: FitSite): { area_m2: number; volume_l: number } {
  const pots = site.pot?.count ?? 1;
  return { area_m2: site.area_m2 / pots, volume_l: (site.volume_l ?? 0) / pots };
}

/** Annuals are not asked to outlive a winter. */
const winters = (plant: Plant) => plant.kind !== 'annual';

/** Is this plant, tender here, grown for one summer and planted again? */
export const isGrownAsAnnual = (plant: Plant, site: FitSite, place: FitPlace) =>
  plant.as_annual && winters(plant) && siteZoneIndex(site, place) < zoneIndex(plant.zone_min);

/**
 * How hard the sun bears on a site beside the same hours at noon in a hot summer on ground that is neither moist nor dry:
 * sun burns where the summer is hot and the ground is dry, and less before noon.
 */
function glare(site: FitSite, place: FitPlace): number {
  const { heat, moisture, when } = SETTINGS.fit.glare;
  return heat[place.summer] * moisture[site.moisture - 1]! * when[site.sun_when];
}

/** Hours of sun on a site beyond what the plant bears anywhere; an open place has no more than `openH`, however it is known. */
export function sunOver(plant: Plant, site: FitSite): number {
  const { openH, easeH } = SETTINGS.fit.glare;
  return Math.max(0, Math.min(site.sun_h, openH) - (plant.sun_max_h - easeH));
}

/** Half-zones by which the winter is warmer than the plant bears, where summers are warm enough to make it felt. */
const tooWarm = (plant: Plant, place: FitPlace) =>
  winters(plant) ? Math.max(0, zoneIndex(place.half_zone) - zoneIndex(plant.zone_max) - SETTINGS.fit.warmSlack[place.summer]) : 0;

/**
 * The dimensions of fit, each the share (0–1) of what a plant gives where it thrives that this one leaves it on a site.
 * They multiply: three that are workable are worse than one. Units as in the records: hours of direct sun, moisture 1–5,
 * pH, °F half-zones. Every share is judgement, agreed with what growers of all regions say of known plants and sites.
 */
export const DIMENSIONS = {
  /** Cold limit: winter minimum against the plant's coldest half-zone; in the coldest one it lives it wants cover. */
  cold(plant: Plant, site: FitSite, place: FitPlace): number {
    if (!winters(plant)) return 1;
    if (isGrownAsAnnual(plant, site, place)) return SETTINGS.fit.coldAsAnnual;
    const margin = siteZoneIndex(site, place) - zoneIndex(plant.zone_min);
    return margin < 0 ? 0 : margin < SETTINGS.fit.coldSlack ? SETTINGS.fit.coldEdge : 1;
  },
  /** The summers it bears, and winters too warm for it where summers are hot. */
  heat(plant: Plant, _site: FitSite, place: FitPlace): number {
    const hotter = stepped(SETTINGS.fit.hotter, SUMMERS.indexOf(place.summer) - SUMMERS.indexOf(plant.heat_limit));
    return hotter * Math.max(0, 1 - SETTINGS.fit.warmer * tooWarm(plant, place));
  },
  /** Hours of direct sun in the growing season: too few, or too many for the heat and the thirst they bring. */
  sun(plant: Plant, site: FitSite, place: FitPlace): number {
    const short = Math.max(0, plant.sun_min_h - site.sun_h);
    const { perShortH, glare: per } = SETTINGS.fit;
    return Math.max(0, 1 - perShortH * short) * Math.max(0, 1 - per.perOverH * sunOver(plant, site) * glare(site, place));
  },
  /** Some plants want their sun in the morning where summers are hot. */
  sunTiming(plant: Plant, site: FitSite, place: FitPlace): number {
    const { sunH, shadeH } = SETTINGS.light;
    const from = plant.afternoon_shade_from_zone;
    if (!from || site.sun_when === 'morning' || zoneIndex(place.half_zone) < zoneIndex(from)) return 1;
    const long = Math.min(1, Math.max(0, site.sun_h - shadeH) / (sunH + 2 - shadeH));
    return 1 - SETTINGS.fit.afternoon * long * Math.min(1.2, glare(site, place));
  },
  /** How wet the soil stays. One step off can be watered or drained round; a pot is watered anyway. */
  moisture(plant: Plant, site: FitSite): number {
    const { drier, wetter, pot } = SETTINGS.fit;
    const [dry, wet] = [plant.moisture_min - site.moisture, site.moisture - plant.moisture_max];
    if (site.kind === 'container') return stepped(pot, Math.max(dry, wet));
    return dry > 0 ? stepped(drier, dry) : stepped(wetter, wet);
  },
  /** How fast water leaves the hole; where it stands in clay, the crown of what wants air rots. */
  drainage(plant: Plant, site: FitSite): number {
    if (site.kind === 'container') return 1;
    const { drainage, drainageAny, rotInClay } = SETTINGS.fit;
    if (plant.drainage === 'any') {
      if (site.drainage === 'wet' && plant.moisture_max <= 3) return drainageAny.standing;
      return site.drainage === 'sharp' && plant.moisture_min >= 3 ? drainageAny.runsOff : 1;
    }
    const share = drainage[plant.drainage][DRAINAGES.indexOf(site.drainage)]!;
    const rots = site.drainage === 'wet' && site.texture === 'clay' && plant.drainage !== 'wet' && plant.moisture_max <= 3;
    return rots ? share * rotInClay : share;
  },
  texture(plant: Plant, site: FitSite): number {
    if (site.kind === 'container') return 1;
    const here = TEXTURES.indexOf(site.texture);
    const off = Math.min(...plant.textures.map((texture) => Math.abs(TEXTURES.indexOf(texture) - here)));
    const heavy = off > 0 && plant.drainage === 'sharp' && site.texture === 'clay';
    return stepped(SETTINGS.fit.texture, off) * (heavy ? SETTINGS.fit.sharpInClay : 1);
  },
  ph(plant: Plant, site: FitSite): number {
    if (site.kind === 'container') return 1;
    return Math.max(0, 1 - SETTINGS.fit.perPh * Math.max(0, outside(site.ph, plant.ph_min, plant.ph_max)));
  },
  /** Summer air: plants of dry air mildew and rot in humid summers and the reverse scorch. */
  humidity(plant: Plant, _site: FitSite, place: FitPlace): number {
    if (plant.humidity === 'any' || place.humidity === 'moderate' || plant.humidity === place.humidity) return 1;
    return plant.humidity === 'dry' ? SETTINGS.fit.dampAir : SETTINGS.fit.dryAir;
  },
  salt(plant: Plant, site: FitSite): number {
    return stepped(SETTINGS.fit.saltier, SALTS.indexOf(site.salt) - SALTS.indexOf(plant.salt));
  },
  /** One grown plant must find room: a tree only for its foot, since crown and roots reach beyond the bed. */
  room(plant: Plant, site: FitSite): number {
    const there = onePotOf(site).area_m2 / groundM2(plant, 1, site);
    return there >= 1 ? 1 : there ** SETTINGS.fit.cramped;
  },
  /** Can it live in a pot, and in one of this size? */
  container(plant: Plant, site: FitSite): number {
    if (site.kind !== 'container') return 1;
    if (plant.container === 'no') return 0;
    const filled = onePotOf(site).volume_l / (plant.container_min_l ?? 1e-9);
    const size = filled >= 1 ? 1 : filled ** SETTINGS.fit.smallPot;
    return size * (plant.container === 'possible' ? SETTINGS.fit.possibleInPot : 1);
  },
} satisfies Record<string, (plant: Plant, site: FitSite, place: FitPlace) => number>;

export type Dimension = keyof typeof DIMENSIONS;
