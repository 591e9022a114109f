import type { FitPlace } from '../../model/here';
import type { Plant } from '../../model/reference';
import type { Site } from '../../model/garden';
import { DRAINAGES, SALTS, SUMMERS, type SiteValue } from '../../model/vocabulary';
import { zoneIndex } from '../../place/climate/zones';
import { potZone } from '../../place/containers/pots';
import { roomM2 } from '../quantities';
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

const graded = (workable: boolean, unsuitable: boolean): Grade => (unsuitable ? 2 : workable ? 1 : 0);

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

/**
 * The dimensions of fit, each a grade of one plant on one site. A plant is as fit as its worst dimension.
 * Units as in the records: hours of direct sun, moisture 1–5, pH, °F half-zones.
 */
export const DIMENSIONS = {
  /** Cold limit: winter minimum against the plant's coldest half-zone; in the coldest one it lives it wants cover. */
  cold(plant: Plant, site: FitSite, place: FitPlace): Grade {
    if (!winters(plant)) return 0;
    const margin = siteZoneIndex(site, place) - zoneIndex(plant.zone_min);
    return graded(margin < SETTINGS.fit.coldSlack, margin < 0);
  },
  /** Warm limit: the plant's warmest half-zone and the summers it bears. */
  heat(plant: Plant, _site: FitSite, place: FitPlace): Grade {
    const tooWarm = winters(plant) ? zoneIndex(place.half_zone) - zoneIndex(plant.zone_max) : 0;
    const tooHot = SUMMERS.indexOf(place.summer) - SUMMERS.indexOf(plant.heat_limit);
    return graded(tooWarm > 0 || tooHot > 0, tooWarm > 2 || tooHot > 1);
  },
  /** Hours of direct sun in the growing season. */
  sun(plant: Plant, site: FitSite): Grade {
    const short = plant.sun_min_h - site.sun_h;
    const over = site.sun_h - plant.sun_max_h;
    return graded(short > 0 || over > 0, short > SETTINGS.fit.sunSlackH || over > SETTINGS.fit.sunExcessH);
  },
  /** From a given half-zone up, some plants want their sun in the morning. */
  sunTiming(plant: Plant, site: FitSite, place: FitPlace): Grade {
    if (!plant.afternoon_shade_from_zone || site.sun_when === 'morning' || site.sun_h < SETTINGS.light.shadeH) return 0;
    return zoneIndex(place.half_zone) >= zoneIndex(plant.afternoon_shade_from_zone) ? 1 : 0;
  },
  /** How wet the soil stays. One step off can be watered or drained round, in a container too. */
  moisture(plant: Plant, site: FitSite): Grade {
    const off = outside(site.moisture, plant.moisture_min, plant.moisture_max);
    return graded(off > 0, off > 1);
  },
  /** How fast water leaves the hole: sharp, well, moderate, wet. */
  drainage(plant: Plant, site: FitSite): Grade {
    if (site.kind === 'container' || plant.drainage === 'any') return 0;
    const off = Math.abs(DRAINAGES.indexOf(site.drainage) - DRAINAGES.indexOf(plant.drainage));
    // A plant that wants sharp drainage rots where water stands; one of wet soil is only thirsty where it doesn't.
    return graded(off > 1 || (plant.drainage === 'sharp' && off > 0), off > 2 || (plant.drainage === 'sharp' && off > 1));
  },
  texture(plant: Plant, site: FitSite): Grade {
    return site.kind === 'container' || plant.textures.includes(site.texture) ? 0 : 1;
  },
  ph(plant: Plant, site: FitSite): Grade {
    if (site.kind === 'container') return 0;
    const off = outside(site.ph, plant.ph_min, plant.ph_max);
    return graded(off > 1e-9, off > SETTINGS.fit.phSlack + 1e-9);
  },
  /** Summer air: plants of dry air mildew in humid summers and the reverse scorch. */
  humidity(plant: Plant, _site: FitSite, place: FitPlace): Grade {
    if (plant.humidity === 'any' || place.humidity === 'moderate') return 0;
    return plant.humidity === place.humidity ? 0 : 1;
  },
  salt(plant: Plant, site: FitSite): Grade {
    const off = SALTS.indexOf(site.salt) - SALTS.indexOf(plant.salt);
    return graded(off > 0, off > 1);
  },
  /** One grown plant must find room. */
  room(plant: Plant, site: FitSite): Grade {
    const [wanted, there] = [roomM2(plant, site), onePotOf(site).area_m2];
    return graded(wanted > there, wanted > 2 * there);
  },
  /** Can it live in a pot, and in one of this size? */
  container(plant: Plant, site: FitSite): Grade {
    if (site.kind !== 'container') return 0;
    if (plant.container === 'no') return 2;
    const least = plant.container_min_l ?? 0;
    const volume = onePotOf(site).volume_l;
    return graded(plant.container === 'possible' || volume < least, volume < 0.7 * least);
  },
} satisfies Record<string, (plant: Plant, site: FitSite, place: FitPlace) => Grade>;

export type Dimension = keyof typeof DIMENSIONS;
