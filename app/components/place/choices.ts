import { HALF_ZONES } from '~~/core/model/vocabulary';
import { zoneTemperatures } from '~~/core/climate/zones';
import type { UnitSystem } from '~~/core/model/units';

const words = (pairs: Record<string, string>) => Object.entries(pairs).map(([value, text]) => ({ value, words: text }));

/** Half-zones with the coldest night of an average year. */
export function zoneChoices(units: UnitSystem) {
  return HALF_ZONES.map((zone, i) => {
    const { coldest_c, warmest_c } = zoneTemperatures(zone);
    const range =
      units === 'us' ? `${-60 + 5 * i} to ${-55 + 5 * i} °F` : `${coldest_c.toFixed(0)} to ${warmest_c.toFixed(0)} °C`;
    return { value: zone, words: `${zone}: ${range}` };
  });
}
export const SUN_WHEN = words({
  'all-day': 'through the day',
  morning: 'mostly before noon',
  midday: 'mostly around midday',
  afternoon: 'mostly after noon',
});
export const TEXTURES = words({ sand: 'sand', loam: 'loam', clay: 'clay' });
export const DRAINAGES = words({
  sharp: 'sharp: gone in minutes',
  well: 'well: gone in an hour or two',
  moderate: 'moderate: gone by evening',
  wet: 'wet: stands overnight',
});
export const MOISTURES = [
  { value: 1, words: '1 dry' },
  { value: 2, words: '2 fairly dry' },
  { value: 3, words: '3 even' },
  { value: 4, words: '4 moist' },
  { value: 5, words: '5 wet' },
];
export const SALTS = words({ none: 'none', some: 'some: road spray or sea wind', high: 'high: shore or salted verge' });
export const KINDS = words({ bed: 'bed in the ground', container: 'container or group of pots' });
export const SCHOOL_PLANTS = words({
  'natives-first': 'natives first, others fill gaps',
  'natives-only': 'natives only',
  'any-harmless': 'whatever feeds them, but invasives',
});
export const SCHOOL_AUTUMN = words({
  leave: 'leave standing until spring',
  cut: 'cut to 20–45 cm (8–18 in)',
  clear: 'clear the beds',
});
export const SCHOOL_POTS = words({
  'two-zones': 'outdoors, two zones hardier',
  'one-zone': 'outdoors, one zone hardier',
  indoors: 'moved indoors',
});
export const FEATURE_WORDS: Record<string, string> = {
  logs: 'pile of logs and bark',
  'bare-soil': 'bare undisturbed soil',
  mud: 'damp mud patch',
  fruit: 'dish of ripe fruit',
  water: 'moving water',
  perch: 'bare twig to perch on',
  'dense-cover': 'dense evergreen cover',
};
