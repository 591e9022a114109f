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
/** By what a plant's bloom keeps time: the heat of spring or summer, short days, the rains, the frosts, or nothing. */
export const PHENOLOGIES = ['spring', 'summer', 'autumn', 'rain', 'tender', 'ever'] as const;
export type Phenology = (typeof PHENOLOGIES)[number];
/** What a creature does in a part of its year here; `return` is the passage back in autumn. */
export const FLIGHT_PARTS = ['breeding', 'passage', 'return', 'winter', 'summer-sleep'] as const;
export type FlightPart = (typeof FLIGHT_PARTS)[number];
/** How a creature is there; `introduced` lives there, brought from elsewhere. */
export const OCCURRENCES = ['resident', 'migrant', 'visitor', 'winter', 'rare', 'introduced'] as const;
/** How a creature passes the winter; `all-year` breeds on through it, `none-migrates` is elsewhere. */
export const WINTERINGS = ['egg', 'larva', 'pupa', 'adult', 'all-year', 'none-migrates'] as const;
export const WINTER_LARVAE = ['unfed', 'part-grown', 'full-grown'] as const;
/** `disease` is what takes the plant itself. */
export const HAZARDS = [
  'people',
  'pets',
  'livestock',
  'skin-eye',
  'allergy',
  'edible-claim',
  'spread',
  'legal',
  'disease',
] as const;
/** How a plant can be had, from what every garden centre sells to what hardly anybody does. */
export const TRADES = ['common', 'native-nurseries', 'seed-only', 'seldom'] as const;
export type Trade = (typeof TRADES)[number];
/** Regions wide enough to share a nursery trade. */
export const BROAD_REGIONS = [
  'northeast',
  'southeast',
  'midwest',
  'plains',
  'texas',
  'mountains',
  'southwest',
  'pacific',
] as const;
/** How a plant behaves beside others and people: fit for a border, what speaks against it there, or known so that it is never planted. */
export const MANNERS = ['border', 'wild', 'weedy', 'prickly', 'runs', 'parasite', 'never'] as const;
/** How a beginner gets it: sown without ado, raised with skill, or bought. */
export const RAISINGS = ['easy', 'skill', 'buy'] as const;
export const SPECIAL_NEEDS = ['alkaloid', 'mud', 'fruit', 'insects', 'perch', 'nest-cover', 'water'] as const;
export const SHELTERS = ['litter', 'stems', 'bark', 'soil', 'host', 'cover', 'elsewhere'] as const;
export const AMBITIONS = ['visits', 'breeds', 'thrives'] as const;
export const PLANTING_STATES = ['planned', 'on-order', 'sown', 'in-ground', 'lost', 'removed'] as const;
/** What a plant is bought as. A `large` one is a shrub, tree or climber in a pot of some litres. */
export const PLANT_SIZES = ['seed', 'plug', 'pot', 'large', 'bulb'] as const;
export type PlantSize = (typeof PLANT_SIZES)[number];

export const CONFIDENCES = ['high', 'medium', 'low'] as const;
/** What values of a plant rest on: written down for it, estimated from its kin or by a rule, or what everything gets. */
export const BASES = ['known', 'estimated', 'default'] as const;
export type Basis = (typeof BASES)[number];
/** Values of a plant that share what they rest on. */
export const BASIS_GROUPS = ['life', 'flowering', 'foliage', 'ph', 'salt', 'textures', 'deer', 'leaf', 'price'] as const;
export type BasisGroup = (typeof BASIS_GROUPS)[number];
/** What of a host larvae eat: leaf, buds with flowers and pods, or leaf that has fallen. */
export const HOST_PARTS = ['leaf', 'buds', 'fallen-leaf'] as const;

/** What is done to what is planted, and to what a bed offers besides. */
export const CARE_ACTIONS = [
  'water',
  'feed',
  'stake',
  'pinch',
  'deadhead',
  'thin',
  'shear',
  'cut-third',
  'cut-down',
  'cut-dead',
  'leave',
  'divide',
  'protect',
  'uncover',
  'bring-in',
  'harden-off',
  'take-out',
  'mulch',
  'top-up',
  'clean',
  'renew',
  'watch',
] as const;
export type CareAction = (typeof CARE_ACTIONS)[number];
/** How dry its ground may grow before a plant is watered, from never dry to not at all. */
export const THIRSTS = ['moist', 'even', 'spell', 'long-spell', 'none'] as const;
export type Thirst = (typeof THIRSTS)[number];
/** Ways of raising plants, from seed and from parts of a plant; `any` is said only of what is never raised. */
export const SEED_METHODS = ['winter-container', 'autumn-in-place', 'spring-in-place', 'chilled-indoors', 'indoors'] as const;
const PART_METHODS = ['softwood', 'half-ripe', 'hardwood', 'root-cutting', 'division', 'layering', 'offsets'] as const;
export const RAISE_METHODS = [...SEED_METHODS, ...PART_METHODS] as const;
export type RaiseMethod = (typeof RAISE_METHODS)[number];
/** What is done to seed before it is sown; `double`: warm and moist first, then cold. */
export const SEED_TREATMENTS = ['scarify', 'hot-water', 'soak', 'fresh', 'double'] as const;
export type SeedTreatment = (typeof SEED_TREATMENTS)[number];
/** Kinds of year that differ in when things are sown. */
export const YEAR_CLASSES = ['cold-winter', 'mild-winter', 'frost-free', 'dry-summer', 'desert'] as const;
export type YearClass = (typeof YEAR_CLASSES)[number];
/** What of a plant's nature its care depends on and no other column says. */
export const PLANT_TAGS = [
  'cool-grass',
  'warm-grass',
  'half-shrub',
  'no-hard-cut',
  'hard-cut',
  'taproot',
  'late-riser',
  'dry-summer',
  'desert',
  'heaves',
] as const;
/** What follows of it from its row, its garden and the pot it stands in. */
export const RULED_TAGS = [
  'sharp-drainage',
  'wet-foot',
  'short-day',
  'tall',
  'evergreen',
  'climber',
  'spring-bulb',
  'ephemeral',
  'old-wood',
  'summer-shrub',
  'edge',
  'tender-pot',
  'shed-pot',
  'hardy-pot',
] as const;
export type CareTag = (typeof PLANT_TAGS)[number] | (typeof RULED_TAGS)[number];

/** What a bed can offer besides plants. */
export const FEATURES = ['logs', 'bare-soil', 'mud', 'fruit', 'water', 'perch', 'dense-cover', 'feeder'] as const;

export const CLEARING_STATES = ['standing', 'cut', 'cleared'] as const;
export const DEER = ['none', 'some', 'many'] as const;
/** What the ground of a bed is: to be planted, or what grows there by itself or is kept, where nothing is proposed. */
export const GROUNDS = ['planted', 'lawn', 'meadow', 'hedge'] as const;
/** How colours that flower together are to sit beside each other. */
export const COLOUR_WISHES = ['harmony', 'contrast', 'calm', 'any'] as const;
export type ColourWish = (typeof COLOUR_WISHES)[number];
/** Sides of a bed as the page shows them. */
export const SIDES = ['bottom', 'right', 'top', 'left'] as const;
export type Side = (typeof SIDES)[number];
/** What climbers go up. */
export const SUPPORTS = ['trellis', 'post', 'arch'] as const;
/** Named sizes of a species: as it grows wild, or a selection two thirds or a third as tall. */
export const SELECTIONS = ['species', 'compact', 'dwarf'] as const;
export type Selection = (typeof SELECTIONS)[number];
/** How a mixed pot repeats its kinds around the middle. */
export const POT_PATTERNS = ['alternate', 'blocks', 'mirrored'] as const;
export type PotPattern = (typeof POT_PATTERNS)[number];
/** How large a tree or shrub is beside a grown one. */
export const TREE_SIZES = ['young', 'half', 'grown'] as const;
export const RICHNESS = ['lean', 'medium', 'rich'] as const;
/** What a bed does with the water of its surroundings. */
export const RUNOFFS = ['none', 'sheds', 'receives'] as const;
export const POT_SHAPES = ['round', 'oval', 'box'] as const;
export const POT_MATERIALS = ['clay', 'glazed', 'plastic', 'wood', 'metal', 'fabric', 'stone'] as const;
/** Where a container spends the winter; `school` follows the garden's choice. */
export const POT_WINTERS = ['school', 'outdoors', 'wrapped', 'unheated', 'indoors'] as const;
export const EXPOSURES = ['sheltered', 'open', 'windy'] as const;

/** The values of a site that can be measured, and where each can come from. */
export const SITE_SOURCES = {
  sun: ['stated', 'computed', 'watched'],
  texture: ['stated', 'jar', 'feel'],
  drainage: ['stated', 'hole'],
  ph: ['stated', 'probe'],
  moisture: ['stated', 'probe', 'calculated'],
} as const;
export type SiteValue = keyof typeof SITE_SOURCES;
export type SiteSource<V extends SiteValue = SiteValue> = (typeof SITE_SOURCES)[V][number];

export const SCHOOLS = {
  plants: ['natives-only', 'natives-first', 'any-harmless'],
  autumn: ['leave', 'cut', 'clear'],
  pots: ['one-zone', 'two-zones', 'indoors'],
  layout: ['drifts', 'scattered'],
  sowing: ['winter-containers', 'in-place', 'chilled-indoors'],
  roots: ['leave', 'soak', 'tease'],
} as const;

export type Drainage = (typeof DRAINAGES)[number];
export type Ambition = (typeof AMBITIONS)[number];
export type Stage = 'host' | 'nectar' | 'shelter' | 'special';
export type SpecialNeed = (typeof SPECIAL_NEEDS)[number];
export type Feature = (typeof FEATURES)[number];
export type AutumnSchool = (typeof SCHOOLS.autumn)[number];
/** How the kinds of a bed are set: masses of one kind, or singly among one another. */
export type LayoutSchool = (typeof SCHOOLS.layout)[number];
export type SowingSchool = (typeof SCHOOLS.sowing)[number];
export type RootSchool = (typeof SCHOOLS.roots)[number];
/** Light for seedlings indoors. */
export const INDOOR_LIGHTS = ['none', 'sill', 'lamp'] as const;
export type IndoorLight = (typeof INDOOR_LIGHTS)[number];
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

/** The days of a year that move a calendar: a plant’s first and last flower, a creature’s first and last adult. */
export const SEEN_KINDS = ['first-bloom', 'last-bloom', 'first-flight', 'last-flight'] as const;
export type SeenKind = (typeof SEEN_KINDS)[number];

/** What was seen, in words. */
export const SEEN_WORDS: Record<SeenKind, string> = {
  'first-bloom': 'first flower',
  'last-bloom': 'last flower',
  'first-flight': 'first adult',
  'last-flight': 'last adult',
};

/** What was seen of a creature: its stages, what it left, and what ends it. */
export const SIGHTING_KINDS = [
  'adult',
  'courting',
  'laying',
  'eggs',
  'larva',
  'chrysalis',
  'emerged',
  'nest',
  'fledged',
  'trace',
  'dead',
] as const;
/** What was seen of a plant. */
export const PLANT_NOTES = [
  'first-flower',
  'full-flower',
  'last-flower',
  'height',
  'leaf',
  'eaten',
  'grown-back',
  'spread',
  'lost',
  'mislabelled',
] as const;
export const ENTRY_KINDS = [...SIGHTING_KINDS, ...PLANT_NOTES, 'walk', 'released', 'picture'] as const;
export type EntryKind = (typeof ENTRY_KINDS)[number];
export type SightingKind = (typeof SIGHTING_KINDS)[number];
export type PlantNote = (typeof PLANT_NOTES)[number];
const SIGHTINGS: ReadonlySet<EntryKind> = new Set(SIGHTING_KINDS);
const NOTES_OF_PLANTS: ReadonlySet<EntryKind> = new Set(PLANT_NOTES);
export const isSighting = (what: EntryKind): what is SightingKind => SIGHTINGS.has(what);
export const isPlantNote = (what: EntryKind): what is PlantNote => NOTES_OF_PLANTS.has(what);

/** What an adult or a caterpillar did. */
export const DOINGS = ['nectaring', 'flying', 'basking', 'resting', 'patrolling', 'puddling', 'feeding', 'roosting'] as const;
export type Doing = (typeof DOINGS)[number];
/** How large a caterpillar was, by its instar or by the eye. */
export const LARVA_SIZES = ['1', '2', '3', '4', '5', 'small', 'half-grown', 'full-grown'] as const;
export const LOSS_CAUSES = ['winter', 'drought', 'wet', 'eaten', 'disease', 'heat', 'wind', 'removed', 'age', 'unknown'] as const;
export type LossCause = (typeof LOSS_CAUSES)[number];
export const SKIES = ['sun', 'mixed', 'cloud', 'rain'] as const;
export const WINDS = ['still', 'light', 'fresh', 'strong'] as const;
export const DATE_ROLES = ['first', 'last', 'neither'] as const;

/** Families of flower colours, as a gardener may wish for them. */
export const COLOUR_FAMILIES = ['white', 'yellow', 'orange', 'red', 'pink', 'purple', 'blue', 'green'] as const;
export type ColourFamily = (typeof COLOUR_FAMILIES)[number];
