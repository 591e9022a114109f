import type { FitPlace } from '../../model/here';
import type { Plant } from '../../model/reference';
import { HALF_ZONES, type SiteValue } from '../../model/vocabulary';
import type { Figure } from '../../place/survey/measured';
import { groundM2 } from '../quantities';
import {
  DIMENSIONS,
  gradeOf,
  onePotOf,
  outside,
  siteZoneIndex,
  sunOver,
  type Dimension,
  type FitSite,
  type Grade,
} from './dimensions';

/** One dimension of a fit: its grade, and what the grade rests on. */
export interface FitReason {
  dimension: Dimension;
  grade: Grade;
  /** What this dimension leaves of what the plant gives where it thrives, 0–1. */
  share: number;
  /** Room left before the limit (positive) or distance beyond it (negative), in the dimension's own unit; null where it has none. */
  margin: number | null;
  /** Source and date of the value; null where the site was never surveyed or it is no value of a site. */
  basis: Pick<Figure<unknown>, 'source' | 'on'> | null;
  plant: Plant;
  site: FitSite;
  place: FitPlace;
}

/** Which value of a site each dimension looks at. */
const VALUES: Partial<Record<Dimension, SiteValue>> = {
  sun: 'sun',
  sunTiming: 'sun',
  moisture: 'moisture',
  drainage: 'drainage',
  texture: 'texture',
  ph: 'ph',
};
/** Values of a site that a container's potting mix makes moot. */
const OPEN_GROUND: ReadonlySet<Dimension> = new Set(['drainage', 'texture', 'ph']);

function basisOf(dimension: Dimension, site: FitSite): FitReason['basis'] {
  const value = VALUES[dimension];
  const counting = value && site.figures?.[value]?.[0];
  return counting && !(site.kind === 'container' && OPEN_GROUND.has(dimension)) ? counting : null;
}

const round = (x: number, digits = 1) => Number(x.toFixed(digits));

/** The margin of each dimension that has one. */
const MARGINS: Partial<Record<Dimension, (plant: Plant, site: FitSite, place: FitPlace) => number | null>> = {
  cold: (plant, site, place) =>
    plant.kind === 'annual' ? null : siteZoneIndex(site, place) - HALF_ZONES.indexOf(plant.zone_min),
  heat: (plant, _site, place) => HALF_ZONES.indexOf(plant.zone_max) - HALF_ZONES.indexOf(place.half_zone),
  // More sun than it bears elsewhere is only too much where it burns.
  sun: (plant, site, place) =>
    site.sun_h >= plant.sun_min_h && DIMENSIONS.sun(plant, site, place) < 1
      ? round(-sunOver(plant, site))
      : round(site.sun_h - plant.sun_min_h),
  moisture: (plant, site) => -outside(site.moisture, plant.moisture_min, plant.moisture_max),
  ph: (plant, site) => (site.kind === 'container' ? null : round(-outside(site.ph, plant.ph_min, plant.ph_max))),
  room: (plant, site) => round(onePotOf(site).area_m2 - groundM2(plant, 1, site), 2),
  container: (plant, site) =>
    site.kind === 'container' && plant.container !== 'no' ? round(onePotOf(site).volume_l - (plant.container_min_l ?? 0)) : null,
};

/** Every dimension of a fit, the worst first. */
export function fitReasons(plant: Plant, site: FitSite, place: FitPlace): FitReason[] {
  return (Object.keys(DIMENSIONS) as Dimension[])
    .filter((dimension) => dimension !== 'container' || site.kind === 'container')
    .map((dimension) => {
      const share = DIMENSIONS[dimension](plant, site, place);
      return {
        dimension,
        grade: gradeOf(share),
        share,
        margin: MARGINS[dimension]?.(plant, site, place) ?? null,
        basis: basisOf(dimension, site),
        plant,
        site,
        place,
      };
    })
    .sort((a, b) => a.share - b.share);
}

/** What makes a plant unsuitable: the dimensions that alone would, or, where none does, those that together do. */
export function decidingReasons(plant: Plant, site: FitSite, place: FitPlace): FitReason[] {
  const held = fitReasons(plant, site, place).filter(({ grade }) => grade > 0);
  const alone = held.filter(({ grade }) => grade === 2);
  return alone.length > 0 ? alone : held;
}
