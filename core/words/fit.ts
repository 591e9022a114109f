import { isGrownAsAnnual, onePotOf, siteZoneIndex, sunOver, type Dimension } from '../match/fit/dimensions';
import type { Fit } from '../match/fit/fit';
import type { FitReason } from '../match/fit/reasons';
import { groundM2 } from '../match/quantities';
import type { Plant } from '../model/reference';
import { HALF_ZONES } from '../model/vocabulary';
import { winterOf } from '../place/containers/pots';
import { SETTINGS } from '../settings';
import { basisWords } from './survey';
import type { Units } from './units';

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

/** Does a plant bear the sun of an open place anywhere? */
const bearsAllSun = (plant: Plant) => plant.sun_max_h - SETTINGS.fit.glare.easeH >= SETTINGS.fit.glare.openH;
/** Distance from a limit at which a share that falls by so much for each unit is still workable. */
const workableOff = (perUnit: number) => (1 - SETTINGS.fit.from.workable) / perUnit;

/** What is here, what the plant wants, and what would make it work; no remedy where nothing is needed. */
interface Wording {
  here: string;
  wants: string;
  remedy: string;
}

const WORDING: Record<Dimension, (reason: FitReason, units: Units) => Wording> = {
  cold({ plant, site, place, grade }) {
    const zone = siteZoneIndex(site, place);
    const winter = site.kind === 'container' ? winterOf(site.pot, place.school_pots) : null;
    const pot = winter === 'outdoors' || winter === 'wrapped';
    const where =
      winter && (pot ? ` in a pot${winter === 'wrapped' ? ', wrapped' : ''}` : winter === 'unheated' ? ' in a shed' : ' indoors');
    return {
      here: `zone ${HALF_ZONES[zone]}${where ? `${where} (the garden is ${place.half_zone})` : ''}`,
      wants: plant.kind === 'annual' ? 'annual: does not have to winter' : `zone ${plant.zone_min} or warmer`,
      remedy: isGrownAsAnnual(plant, site, place)
        ? 'Winter ends it: grown for one summer, and bought or raised again each spring.'
        : grade === 2
          ? pot
            ? 'Winter the pot indoors, or plant it in the ground.'
            : 'Grow it in a pot that winters indoors, or choose a hardier plant.'
          : grade === 1
            ? 'At its cold limit: mulch after the ground freezes.'
            : '',
    };
  },
  heat({ plant, place, grade }) {
    return {
      here: `${place.summer} summers, zone ${place.half_zone}`,
      wants:
        place.summer === 'cool'
          ? `summers up to ${plant.heat_limit}`
          : `summers up to ${plant.heat_limit}, zone ${plant.zone_max} or colder`,
      remedy: grade ? 'Give it the coolest place, morning sun and a deep mulch.' : '',
    };
  },
  sun({ plant, site, grade }) {
    const short = plant.sun_min_h - site.sun_h;
    return {
      here: hours(round(site.sun_h)),
      wants: bearsAllSun(plant) ? `${plant.sun_min_h} h or more` : `${plant.sun_min_h}–${plant.sun_max_h} h where sun burns`,
      remedy:
        grade === 0
          ? ''
          : short > 0
            ? `Short by ${round(short)} h: ${grade === 1 ? 'it will bloom less; lift a low branch' : 'find it a sunnier bed'}.`
            : `Too much sun for ground as dry and summers as hot as here: ${grade === 1 ? 'keep the soil moist and mulched, or shade it after noon' : 'find it a shadier or a moister bed'}.`,
    };
  },
  sunTiming({ plant, site, place, grade }) {
    return {
      here: SUN_WHEN[site.sun_when],
      wants: plant.afternoon_shade_from_zone
        ? `afternoon shade from zone ${plant.afternoon_shade_from_zone} up (here ${place.half_zone})`
        : 'any time of day',
      remedy: grade ? 'Put it on the east side of something taller, or water it through hot spells.' : '',
    };
  },
  moisture({ plant, site, grade }, units) {
    const dry = site.moisture < plant.moisture_min;
    return {
      here: `${site.moisture} (${MOISTURE[site.moisture]})`,
      wants: moistureRange(plant.moisture_min, plant.moisture_max),
      remedy:
        grade === 0
          ? ''
          : grade === 1
            ? dry
              ? site.inReach === false
                ? 'Beyond the hose: a shallow basin to hold the rain, or a longer hose for weekly water.'
                : 'A shallow basin or weekly water would do.'
              : `Raise it ${units.about(15)} on a mound.`
            : dry
              ? 'Too dry: move it to a wetter bed.'
              : 'Too wet: move it to a drier bed.',
    };
  },
  drainage({ plant, site, grade }) {
    return {
      here: site.kind === 'container' ? 'potting mix' : site.drainage,
      wants: plant.drainage === 'any' && plant.moisture_min >= 3 ? 'any that holds water' : plant.drainage,
      remedy:
        grade === 0
          ? ''
          : plant.drainage === 'wet'
            ? 'Line the hole to hold water, or water weekly.'
            : site.drainage === 'sharp'
              ? 'Work in compost and leaf mould, and water weekly.'
              : 'Plant it high, in grit.',
    };
  },
  texture({ plant, site, grade }) {
    return {
      here: site.kind === 'container' ? 'potting mix' : site.texture,
      wants: plant.textures.join(', '),
      remedy: grade
        ? site.texture === 'clay'
          ? 'Work compost and coarse grit into the whole bed, not the hole alone.'
          : 'Work in compost and mulch every spring.'
        : '',
    };
  },
  ph({ plant, site, grade }) {
    const acidify = site.ph > plant.ph_max;
    return {
      here: site.kind === 'container' ? 'potting mix' : `${site.ph}`,
      wants: `${plant.ph_min}–${plant.ph_max}`,
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
  humidity({ plant, place, grade }) {
    return {
      here: place.humidity,
      wants: plant.humidity === 'any' ? 'any' : `${plant.humidity} air`,
      remedy: grade ? (plant.humidity === 'dry' ? 'Space it widely in moving air.' : 'Mulch, and shade its roots.') : '',
    };
  },
  salt({ plant, site, grade }) {
    return {
      here: site.salt,
      wants: plant.salt === 'none' ? 'no salt' : plant.salt === 'some' ? 'some salt at most' : 'bears salt',
      remedy: grade ? 'Set it behind a hedge or wall, out of the salt wind.' : '',
    };
  },
  room({ plant, site, grade }, units) {
    return {
      here: units.area(onePotOf(site).area_m2),
      wants: `${units.area(groundM2(plant, 1, site))} for one grown plant`,
      remedy: grade ? 'Choose a bigger bed or a smaller plant.' : '',
    };
  },
  container({ plant, site, grade }, units) {
    return {
      here: site.kind === 'container' ? units.volume(onePotOf(site).volume_l) : 'open ground',
      wants:
        plant.container === 'no' ? 'open ground only' : `a pot of ${units.volume(plant.container_min_l ?? 3)} or more will do`,
      remedy: grade === 2 ? 'Give it open ground or a bigger pot.' : grade === 1 ? 'It can do with feeding and daily water.' : '',
    };
  },
};

export interface FitWords extends Wording {
  label: string;
  /** Source and date of the value here; empty where it has none. */
  basis: string;
}

/** One dimension of a fit in words: what is here, what the plant wants, and the remedy. */
export function fitWords(reason: FitReason, units: Units): FitWords {
  return {
    label: DIMENSION_LABELS[reason.dimension],
    ...WORDING[reason.dimension](reason, units),
    basis: reason.basis ? basisWords(reason.basis) : '',
  };
}

/** Where no dimension alone makes a plant unsuitable: that they do together; empty elsewhere. */
export function togetherWords({ verdict, limits }: Fit): string {
  return verdict !== 'unsuitable' || limits.some(({ grade }) => grade === 2)
    ? ''
    : 'Each of these could be worked round alone; together they are too much.';
}

/** What holds a plant off a site, in a clause: `moisture is 3 (even), it wants 5 (wet)`. */
export function unfitClause(reason: FitReason, units: Units): string {
  const { label, here, wants } = fitWords(reason, units);
  return `${label.toLowerCase()} is ${here}, it wants ${wants}`;
}

/** The smallest change that would turn a dimension from unsuitable to workable, in a few words. */
export function changeWords(reason: FitReason, units: Units): string {
  const { dimension, margin, plant, site } = reason;
  const off = Math.abs(margin ?? 0);
  switch (dimension) {
    case 'moisture':
      if (site.moisture > plant.moisture_max) return `a mound ${units.about(30)} high, or a drier bed`;
      return off <= 2 ? 'a sunken basin lined with clay, and weekly water' : 'a lined bog, or a wetter bed';
    case 'sun':
      return sunOver(plant, site) === 0
        ? `${Math.max(0.1, off - workableOff(SETTINGS.fit.perShortH)).toFixed(1)} h more sun: lift or thin what shades it`
        : 'shade after noon from a taller neighbour to its south-west, or moister ground';
    case 'cold':
      return site.kind === 'container' ? 'a frost-free room in winter, or open ground' : 'a pot that winters indoors';
    case 'heat':
      return 'nothing that lasts: choose another';
    case 'ph':
      return `the pH moved by ${Math.max(0.1, off - workableOff(SETTINGS.fit.perPh)).toFixed(1)}, which does not last: a raised bed of other soil`;
    case 'drainage':
      if (plant.drainage === 'wet') return 'a lined hole that holds water';
      return site.drainage === 'sharp' ? 'soil that holds water' : 'a raised bed of grit';
    case 'room':
      return 'a larger bed';
    case 'container':
      return plant.container === 'no' ? 'open ground' : `a pot of ${units.volume(plant.container_min_l ?? 3)} or more`;
    case 'salt':
      return 'a place out of the salt wind';
    default:
      return fitWords(reason, units).remedy.replace(/\.$/, '').toLowerCase() || 'another place';
  }
}
