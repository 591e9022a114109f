/** The closed word lists of the field: every record and every calculation uses these words and no others. */
export const HALF_ZONES = Array.from({ length: 13 }, (_, i) => [`${i + 1}a`, `${i + 1}b`]).flat();

export const PLANT_KINDS = [
  'perennial',
  'annual',
  'biennial',
  'shrub',
  'tree',
  'vine',
  'grass',
  'sedge',
  'bulb',
  'fern',
  'herb',
] as const;
export const TEXTURES = ['sand', 'loam', 'clay'] as const;
export const DRAINAGES = ['sharp', 'well', 'moderate', 'wet'] as const;
export const SUMMERS = ['cool', 'warm', 'hot'] as const;
export const HUMIDITIES = ['dry', 'moderate', 'humid'] as const;
export const SALTS = ['none', 'some', 'high'] as const;
export const SUN_WHEN = ['all-day', 'morning', 'midday', 'afternoon'] as const;
export const FLOWER_FORMS = ['flat', 'daisy', 'tube', 'spike', 'globe', 'pea', 'bell', 'catkin', 'none'] as const;
export const HOST_RANKS = ['primary', 'accepted', 'poor', 'trap'] as const;
export const HOST_LIGHTS = ['sun', 'part', 'shade', 'any'] as const;
export const STATUSES = ['native', 'introduced', 'naturalised', 'invasive', 'noxious', 'protected'] as const;
export const HAZARDS = ['people', 'pets', 'livestock', 'skin-eye', 'allergy', 'edible-claim', 'spread', 'legal'] as const;
export const SPECIAL_NEEDS = ['alkaloid', 'mud', 'fruit', 'insects', 'perch', 'nest-cover', 'water'] as const;
export const SHELTERS = ['litter', 'stems', 'bark', 'soil', 'host', 'cover', 'elsewhere'] as const;
export const AMBITIONS = ['visits', 'breeds', 'thrives'] as const;
export const STAGES = ['host', 'nectar', 'shelter', 'special'] as const;
export const PLANTING_STATES = ['planned', 'on-order', 'sown', 'in-ground', 'lost', 'removed'] as const;
export const CONFIDENCES = ['high', 'medium', 'low'] as const;

/** What a bed can offer besides plants. */
export const FEATURES = ['logs', 'bare-soil', 'mud', 'fruit', 'water', 'perch', 'dense-cover'] as const;

export const SCHOOLS = {
  plants: ['natives-only', 'natives-first', 'any-harmless'],
  autumn: ['leave', 'cut', 'clear'],
  pots: ['one-zone', 'two-zones', 'indoors'],
} as const;

export type Drainage = (typeof DRAINAGES)[number];
export type Ambition = (typeof AMBITIONS)[number];
export type Stage = (typeof STAGES)[number];
export type SpecialNeed = (typeof SPECIAL_NEEDS)[number];
export type Feature = (typeof FEATURES)[number];
export type AutumnSchool = (typeof SCHOOLS.autumn)[number];
export type PotSchool = (typeof SCHOOLS.pots)[number];

/** Is a plant woody, so that its twigs and bark stand through winter whatever is cut, and it flowers by its own clock? */
export function isWoody({ kind }: { kind: (typeof PLANT_KINDS)[number] }): boolean {
  return kind === 'shrub' || kind === 'tree' || kind === 'vine';
}

const CREATURE_FAMILIES: Readonly<Record<string, string>> = {
  papilionidae: 'swallowtails',
  pieridae: 'whites and sulphurs',
  lycaenidae: 'hairstreaks, coppers and blues',
  nymphalidae: 'brush-footed butterflies',
  hesperiidae: 'skippers',
  sphingidae: 'hawkmoths',
  saturniidae: 'giant silkmoths',
  trochilidae: 'hummingbirds',
};

/** A family of creatures in plain words; its scientific name where it has none here. */
export const familyInWords = (family: string) => CREATURE_FAMILIES[family] ?? family;
