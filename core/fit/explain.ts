import type { Plant } from '../model/reference';
import { metricArea, type AreaWords } from '../model/units';
import { HALF_ZONES } from '../model/vocabulary';
import { winterOf } from '../containers/pots';
import type { SiteValue } from '../model/vocabulary';
import { roomM2 } from '../quantities/quantities';
import { basisWords } from '../survey/measured';
import {
  DIMENSIONS,
  onePotOf,
  outside,
  siteZoneIndex,
  type Dimension,
  type FitPlace,
  type FitSite,
  type Grade,
} from './dimensions';

export interface FitReason {
  dimension: Dimension;
  label: string;
  grade: Grade;
  /** The value here and the plant's range, in words with units. */
  here: string;
  wants: string;
  /** Room left before the limit (positive) or distance beyond it (negative), in the dimension's own unit; null where it has none. */
  margin: number | null;
  /** What would make it work; empty where nothing is needed. */
  remedy: string;
  /** How and when the value here was come by; empty where the site was never surveyed or it is none of its values. */
  basis: string;
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

function basisOf(dimension: Dimension, site: FitSite): string {
  const value = VALUES[dimension];
  const counting = value && site.figures?.[value]?.[0];
  return counting && !(site.kind === 'container' && OPEN_GROUND.has(dimension)) ? basisWords(counting) : '';
}

export const DIMENSION_LABELS: Record<Dimension, string> = {
  cold: 'Winter cold',
  heat: 'Summer heat',
  sun: 'Hours of sun',
  sunTiming: 'When the sun comes',
  moisture: 'Moisture',
  drainage: 'Drainage',
  texture: 'Soil texture',
  ph: 'Soil pH',
  humidity: 'Air humidity',
  salt: 'Salt',
  room: 'Room to grow',
  container: 'Life in a pot',
};

const MOISTURE = ['', 'dry', 'fairly dry', 'even', 'moist', 'wet'];
const SUN_WHEN = { 'all-day': 'all day', morning: 'in the morning', midday: 'around midday', afternoon: 'in the afternoon' };
const moistureRange = (min: number, max: number) =>
  min === max ? `${min} (${MOISTURE[min]})` : `${min}–${max} (${MOISTURE[min]} to ${MOISTURE[max]})`;
const hours = (h: number) => `${h} h`;
const round = (x: number, digits = 1) => Number(x.toFixed(digits));

type Wording = (
  plant: Plant,
  site: FitSite,
  place: FitPlace,
  grade: Grade,
  area: AreaWords,
) => Omit<FitReason, 'dimension' | 'label' | 'grade' | 'basis'>;

const WORDING: Record<Dimension, Wording> = {
  cold(plant, site, place, grade) {
    const zone = siteZoneIndex(site, place);
    const winter = site.kind === 'container' ? winterOf(site.pot, place.school_pots) : null;
    const pot = winter === 'outdoors' || winter === 'wrapped';
    const where =
      winter && (pot ? ` in a pot${winter === 'wrapped' ? ', wrapped' : ''}` : winter === 'unheated' ? ' in a shed' : ' indoors');
    return {
      here: `zone ${HALF_ZONES[zone]}${where ? `${where} (the garden is ${place.half_zone})` : ''}`,
      wants: plant.kind === 'annual' ? 'annual: does not have to winter' : `zone ${plant.zone_min} or warmer`,
      margin: plant.kind === 'annual' ? null : zone - HALF_ZONES.indexOf(plant.zone_min),
      remedy:
        grade === 2
          ? pot
            ? 'Winter the pot indoors, or plant it in the ground.'
            : 'Grow it in a pot that winters indoors, or choose a hardier plant.'
          : grade === 1
            ? 'At its cold limit: mulch after the ground freezes.'
            : '',
    };
  },
  heat(plant, _site, place, grade) {
    return {
      here: `zone ${place.half_zone}, ${place.summer} summers`,
      wants: `zone ${plant.zone_max} or colder, summers up to ${plant.heat_limit}`,
      margin: HALF_ZONES.indexOf(plant.zone_max) - HALF_ZONES.indexOf(place.half_zone),
      remedy: grade ? 'Give it the coolest place, morning sun and a deep mulch.' : '',
    };
  },
  sun(plant, site, _place, grade) {
    const short = plant.sun_min_h - site.sun_h;
    return {
      here: hours(round(site.sun_h)),
      wants: `${plant.sun_min_h}–${plant.sun_max_h} h`,
      margin: round(-outside(site.sun_h, plant.sun_min_h, plant.sun_max_h)),
      remedy:
        grade === 0
          ? ''
          : short > 0
            ? `Short by ${round(short)} h: ${grade === 1 ? 'it will bloom less; lift a low branch' : 'find it a sunnier bed'}.`
            : `Over by ${round(site.sun_h - plant.sun_max_h)} h: ${grade === 1 ? 'keep the soil moist and mulched' : 'find it a shadier bed'}.`,
    };
  },
  sunTiming(plant, site, place, grade) {
    return {
      here: SUN_WHEN[site.sun_when],
      wants: plant.afternoon_shade_from_zone
        ? `afternoon shade from zone ${plant.afternoon_shade_from_zone} up (here ${place.half_zone})`
        : 'any time of day',
      margin: null,
      remedy: grade ? 'Put it on the east side of something taller, or water it through hot spells.' : '',
    };
  },
  moisture(plant, site, _place, grade) {
    const dry = site.moisture < plant.moisture_min;
    return {
      here: `${site.moisture} (${MOISTURE[site.moisture]})`,
      wants: moistureRange(plant.moisture_min, plant.moisture_max),
      margin: -outside(site.moisture, plant.moisture_min, plant.moisture_max),
      remedy:
        grade === 0
          ? ''
          : grade === 1
            ? dry
              ? site.inReach === false
                ? 'Beyond the hose: a shallow basin to hold the rain, or a longer hose for weekly water.'
                : 'A shallow basin or weekly water would do.'
              : 'Raise it 15 cm (6 in) on a mound.'
            : dry
              ? 'Too dry: move it to a wetter bed.'
              : 'Too wet: move it to a drier bed.',
    };
  },
  drainage(plant, site, _place, grade) {
    return {
      here: site.kind === 'container' ? 'potting mix' : site.drainage,
      wants: plant.drainage,
      margin: null,
      remedy:
        grade === 0 ? '' : plant.drainage === 'wet' ? 'Line the hole to hold water, or water weekly.' : 'Plant it high, in grit.',
    };
  },
  texture(plant, site, _place, grade) {
    return {
      here: site.kind === 'container' ? 'potting mix' : site.texture,
      wants: plant.textures.join(', '),
      margin: null,
      remedy: grade
        ? site.texture === 'clay'
          ? 'Work compost and coarse grit into the whole bed, not the hole alone.'
          : 'Work in compost and mulch every spring.'
        : '',
    };
  },
  ph(plant, site, _place, grade) {
    const acidify = site.ph > plant.ph_max;
    return {
      here: site.kind === 'container' ? 'potting mix' : `${site.ph}`,
      wants: `${plant.ph_min}–${plant.ph_max}`,
      margin: site.kind === 'container' ? null : round(-outside(site.ph, plant.ph_min, plant.ph_max)),
      remedy:
        grade === 0
          ? ''
          : grade === 2
            ? 'Choose another plant: this much change does not last.'
            : acidify
              ? 'Elemental sulfur, slowly, over two years (mind the dust), or choose another plant.'
              : 'Garden lime in autumn (mind the dust), or choose another plant.',
    };
  },
  humidity(plant, _site, place, grade) {
    return {
      here: place.humidity,
      wants: plant.humidity === 'any' ? 'any' : `${plant.humidity} air`,
      margin: null,
      remedy: grade ? (plant.humidity === 'dry' ? 'Space it widely in moving air.' : 'Mulch, and shade its roots.') : '',
    };
  },
  salt(plant, site, _place, grade) {
    return {
      here: site.salt,
      wants: plant.salt === 'none' ? 'no salt' : plant.salt === 'some' ? 'some salt at most' : 'bears salt',
      margin: null,
      remedy: grade ? 'Set it behind a hedge or wall, out of the salt wind.' : '',
    };
  },
  room(plant, site, _place, grade, area) {
    return {
      here: area(onePotOf(site).area_m2),
      wants: `${area(roomM2(plant, site))} for one grown plant`,
      margin: round(onePotOf(site).area_m2 - roomM2(plant, site), 2),
      remedy: grade ? 'Choose a bigger bed or a smaller plant.' : '',
    };
  },
  container(plant, site, _place, grade) {
    return {
      here: site.kind === 'container' ? `${round(onePotOf(site).volume_l)} L` : 'open ground',
      wants: plant.container === 'no' ? 'open ground only' : `a pot of ${plant.container_min_l ?? 3} L or more will do`,
      margin:
        site.kind === 'container' && plant.container !== 'no'
          ? round(onePotOf(site).volume_l - (plant.container_min_l ?? 0))
          : null,
      remedy: grade === 2 ? 'Give it open ground or a bigger pot.' : grade === 1 ? 'It can do with feeding and daily water.' : '',
    };
  },
};

/** Every dimension of a fit in words: what is here, what the plant wants, the margin and the remedy, worst first. */
export function explainFit(plant: Plant, site: FitSite, place: FitPlace, area: AreaWords = metricArea): FitReason[] {
  return (Object.keys(DIMENSIONS) as Dimension[])
    .map((dimension) => {
      const grade = DIMENSIONS[dimension](plant, site, place);
      return {
        dimension,
        label: DIMENSION_LABELS[dimension],
        grade,
        ...WORDING[dimension](plant, site, place, grade, area),
        basis: basisOf(dimension, site),
      };
    })
    .filter((reason) => reason.dimension !== 'container' || site.kind === 'container')
    .sort((a, b) => b.grade - a.grade);
}
