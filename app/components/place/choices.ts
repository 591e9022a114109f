import type { Degrees, Units } from '~~/core/words/units';
import { HALF_ZONES } from '~~/core/model/vocabulary';
import { zoneTemperatures } from '~~/core/place/climate/zones';

const words = (pairs: Record<string, string>) => Object.entries(pairs).map(([value, text]) => ({ value, words: text }));

/** Half-zones with the coldest night of an average year. */
export function zoneChoices(degrees: Degrees) {
  return HALF_ZONES.map((zone, i) => {
    const { coldest_c, warmest_c } = zoneTemperatures(zone);
    const range =
      degrees === 'F' ? `${-60 + 5 * i} to ${-55 + 5 * i} °F` : `${coldest_c.toFixed(0)} to ${warmest_c.toFixed(0)} °C`;
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
  sharp: 'sharp: gone in an hour or two',
  well: 'well: gone within half a day',
  moderate: 'moderate: gone in a day',
  wet: 'wet: stands longer than a day',
});
export const MOISTURES = [
  { value: 1, words: '1 dry' },
  { value: 2, words: '2 fairly dry' },
  { value: 3, words: '3 even' },
  { value: 4, words: '4 moist' },
  { value: 5, words: '5 wet' },
];
export const SALTS = words({ none: 'none', some: 'some: road spray or sea wind', high: 'high: shore or salted verge' });
export const SCHOOL_PLANTS = words({
  'natives-first': 'natives first, others fill gaps',
  'natives-only': 'natives only',
  'any-harmless': 'whatever feeds them, but invasives',
});
export const schoolAutumn = (units: Units) =>
  words({
    leave: 'leave standing until spring',
    cut: `cut to between ${units.about(20)} and ${units.about(45)}`,
    clear: 'clear the beds',
  });
export const SCHOOL_POTS = words({
  'two-zones': 'outdoors, two zones hardier',
  'one-zone': 'outdoors, one zone hardier',
  indoors: 'moved indoors',
});
export const SCHOOL_SOWING = words({
  'winter-containers': 'outdoors in winter containers',
  'in-place': 'in place, in autumn or spring',
  'chilled-indoors': 'chilled, then indoors',
});
export const SCHOOL_ROOTS = words({
  tease: 'tease or cut circling roots',
  soak: 'soak ten minutes',
  leave: 'leave the ball alone',
});
export const INDOOR_LIGHT = words({
  sill: 'a bright sill',
  lamp: 'a lamp',
  none: 'none',
});
export const SCHOOL_LAYOUT = words({
  drifts: 'drifts of one kind',
  scattered: 'scattered through',
});
export const FEATURE_WORDS: Record<string, string> = {
  logs: 'pile of logs and bark',
  'bare-soil': 'bare undisturbed soil',
  mud: 'damp mud patch',
  fruit: 'dish of ripe fruit',
  water: 'moving water',
  perch: 'bare twig to perch on',
  'dense-cover': 'dense evergreen cover',
  feeder: 'hummingbird feeder',
};

export const GROUNDS = words({
  planted: 'a bed to plant',
  lawn: 'lawn, mown',
  meadow: 'meadow or wild ground',
  hedge: 'hedge or wood’s edge',
});
export const RICHNESS = words({ lean: 'lean', medium: 'middling', rich: 'rich: composted or manured' });
export const RUNOFFS = words({
  none: 'its own rain only',
  sheds: 'sheds water: sloping or crowned',
  receives: 'receives water from a roof, lane or slope',
});
export const DEER = words({ none: 'never or fenced out', some: 'at times', many: 'often' });
export const POT_SHAPES = words({ round: 'round', oval: 'oval', box: 'box or trough' });
export const POT_MATERIALS = words({
  clay: 'unglazed clay',
  glazed: 'glazed clay',
  plastic: 'plastic or resin',
  wood: 'wood',
  metal: 'metal',
  fabric: 'fabric',
  stone: 'stone or concrete',
});
export const EXPOSURES = words({
  sheltered: 'against a wall, out of the wind',
  open: 'open',
  windy: 'windy: a roof, balcony or corner',
});
export const POT_WINTERS = words({
  school: 'as the garden’s other pots',
  outdoors: 'outdoors as it stands',
  wrapped: 'outdoors, wrapped or sunk in leaves',
  unheated: 'in an unheated shed or garage',
  indoors: 'in a bright frost-free room',
});
/** How sunny a place is, as it is said. */
export const SUN_SAID = [
  { value: 'all-day', words: 'all day', more: 'eight hours or more' },
  { value: 'morning', words: 'mornings', more: 'about five hours' },
  { value: 'afternoon', words: 'afternoons', more: 'about five hours' },
  { value: 'little', words: 'a few hours', more: 'or through leaves' },
  { value: 'shade', words: 'hardly any', more: 'an hour or two' },
] as const;
export const CLEARING = words({ standing: 'still standing', cut: 'cut, coming up again', cleared: 'cleared' });
