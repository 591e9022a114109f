import type { ReferenceFile } from '../model/tables';
import * as words from '../model/vocabulary';

/** How a column of the library is asked for in a form. */
export interface ColumnWords {
  label: string;
  hint?: string;
  choices?: readonly string[];
  /** Several of the choices may be named. */
  many?: boolean;
  /** A half-month or a region is chosen by its name. */
  names?: 'half-month' | 'region';
}

const yesNo = ['y', 'n'] as const;
const PLANT: Record<string, ColumnWords> = {
  id: { label: 'Id', hint: 'Lower-case letters, digits and hyphens.' },
  common: { label: 'Common name' },
  scientific: { label: 'Scientific name' },
  also: { label: 'Other names', hint: 'Older scientific and other common names, joined by |.' },
  family: { label: 'Family' },
  kind: { label: 'Kind', choices: words.PLANT_KINDS },
  zone_min: { label: 'Coldest half-zone', choices: words.HALF_ZONES },
  zone_max: {
    label: 'Warmest winters it takes (half-zone)',
    hint: 'Where summers are hot and winters no colder, it wants for chill.',
    choices: words.HALF_ZONES,
  },
  heat_limit: { label: 'Hottest summer it bears', choices: words.SUMMERS },
  sun_min_h: { label: 'Least sun (hours)' },
  sun_max_h: { label: 'Most sun (hours)' },
  afternoon_shade_from_zone: { label: 'Wants afternoon shade from zone', choices: ['', ...words.HALF_ZONES] },
  moisture_min: { label: 'Driest soil', hint: '1 dry to 5 wet.' },
  moisture_max: { label: 'Wettest soil', hint: '1 dry to 5 wet.' },
  drainage: { label: 'Drainage', choices: ['sharp', 'well', 'moderate', 'any', 'wet'] },
  textures: { label: 'Soil textures', choices: words.TEXTURES, many: true },
  ph_min: { label: 'Lowest pH' },
  ph_max: { label: 'Highest pH' },
  humidity: { label: 'Humidity', choices: ['dry', 'any', 'humid'] },
  salt: { label: 'Salt it bears', choices: words.SALTS },
  height_min_cm: { label: 'Least height (cm)' },
  height_max_cm: { label: 'Greatest height (cm)' },
  spread_cm: { label: 'Spread (cm)' },
  spacing_cm: { label: 'Spacing (cm)' },
  habit: { label: 'Habit', choices: ['clump', 'rhizome', 'seeder', 'runner', 'climber', 'single'] },
  vigour: { label: 'Vigour', hint: '1 polite to 3 pushy.' },
  life_years: { label: 'Life (years)' },
  years_to_flower: { label: 'Years to flower' },
  foliage_first: { label: 'First leaves', names: 'half-month' },
  foliage_last: { label: 'Last leaves', names: 'half-month' },
  bloom_first: { label: 'First bloom', names: 'half-month' },
  bloom_last: { label: 'Last bloom', names: 'half-month' },
  blooms_to_frost: { label: 'Blooms till frost', choices: yesNo },
  rebloom_days: { label: 'Reblooms after a cut (days)' },
  as_annual: { label: 'Grown for one summer where winter ends it' },
  bloom_ref: { label: 'Region the months are stated for', names: 'region' },
  phenology: { label: 'Keeps time by', hint: 'Blank: by the rule of its first month.', choices: ['', ...words.PHENOLOGIES] },
  glyph: { label: 'Drawing', hint: 'As leaf:oval|head:umbel; blank: by kind and flower form.' },
  colour: { label: 'Flower colour, in words' },
  colour_hex: { label: 'Flower colour, as #rrggbb' },
  flower_form: { label: 'Flower form', choices: words.FLOWER_FORMS },
  tube_mm: { label: 'Depth of the flower tube (mm)' },
  nectar_butterfly: { label: 'Nectar for butterflies (0–3)' },
  nectar_hummingbird: { label: 'Nectar for hummingbirds (0–3)' },
  nectar_moth: { label: 'Nectar for moths (0–3)' },
  alkaloid: { label: 'Has the alkaloids milkweed butterflies seek', choices: yesNo },
  leaf_g: { label: 'Edible leaf of a grown plant (g)' },
  deer: { label: 'Deer resistance', choices: ['low', 'some', 'high'] },
  container: { label: 'In containers', choices: ['no', 'possible', 'good'] },
  container_role: { label: 'Place in a container', choices: ['', 'upright', 'filler', 'trailing'] },
  container_min_l: { label: 'Smallest container (l)' },
  price_minor: { label: 'Usual price (cents)' },
  trade: { label: 'How it is sold', choices: words.TRADES },
  trade_in: { label: 'Sold so in', hint: 'None chosen: everywhere.', choices: words.BROAD_REGIONS, many: true },
  manners: { label: 'Manners in a bed', choices: words.MANNERS },
  raising: { label: 'Raised', choices: words.RAISINGS },
  basis: {
    label: 'What values rest on',
    hint: 'As life:estimated|price:default; what is not named is known. What you change here counts as known.',
  },
  craft_confidence: { label: 'Confidence of these three', choices: words.CONFIDENCES },
  confidence: { label: 'Confidence', choices: words.CONFIDENCES },
};
const TARGET: Record<string, ColumnWords> = {
  id: PLANT.id!,
  kind: { label: 'Kind', choices: ['butterfly', 'moth', 'hummingbird'] },
  common: PLANT.common!,
  scientific: PLANT.scientific!,
  also: PLANT.also!,
  family: PLANT.family!,
  size_min_mm: { label: 'Least size (mm)' },
  size_max_mm: { label: 'Greatest size (mm)' },
  overwinters_as: { label: 'Winters as', choices: words.WINTERINGS },
  overwinters_in: { label: 'Winters in', choices: words.SHELTERS },
  winter_larva: { label: 'Wintering larva', choices: ['', ...words.WINTER_LARVAE] },
  adult_food: { label: 'Adult food', choices: ['nectar', 'mixed', 'sap-fruit', 'none'] },
  tongue_mm: { label: 'Length of tongue or bill reach (mm)' },
  flower_forms: { label: 'Flower forms it likes', choices: words.FLOWER_FORMS, many: true },
  special_needs: { label: 'Special needs', choices: words.SPECIAL_NEEDS, many: true },
  larva_leaf_g: { label: 'Leaf one larva eats (g)' },
  eats: { label: 'What the larvae eat' },
  clutch: { label: 'Larvae of one mass of eggs' },
  dev_base_c: { label: 'Development base (°C)' },
  dev_degree_days: { label: 'Degree-days from egg to adult' },
  patch_plants: { label: 'Fewest host plants laid on', hint: 'Blank for the rule by plant size.' },
  patch_kinds: { label: 'Fewest kinds of host' },
  adult_marks: { label: 'Marks of the adult' },
  young_marks: { label: 'Marks of the young' },
  glyph: { label: 'Drawing', hint: 'shape and marks as key:value, joined by |.' },
  concern: { label: 'Concern' },
  confidence: PLANT.confidence!,
};

const REGION_ID: ColumnWords = { label: 'Region', names: 'region' };
const NOTE = { label: 'Note' };

/** The words of the columns a gardener fills in a form; the other tables are corrected by way of their CSV. */
export const COLUMN_WORDS: Partial<Record<ReferenceFile, Record<string, ColumnWords>>> = {
  'plants.csv': PLANT,
  'targets.csv': TARGET,
  'hosts.csv': {
    target: { label: 'Creature' },
    plant: { label: 'Plant', hint: 'Id of a species, or a genus or family.' },
    rank: { label: 'Rank', choices: words.HOST_RANKS },
    light: { label: 'Light she lays in', choices: words.HOST_LIGHTS },
    note: NOTE,
    part: { label: 'Part eaten', hint: 'Blank: what it usually eats.', choices: ['', ...words.HOST_PARTS] },
    confidence: { label: 'Confidence', hint: 'Blank: as the creature’s.', choices: ['', ...words.CONFIDENCES] },
  },
  'occurrence.csv': {
    target: { label: 'Creature' },
    region: REGION_ID,
    status: { label: 'Status', choices: words.OCCURRENCES },
    ease: { label: 'Ease', hint: '1 easy to 3 hard.' },
    nest_first: { label: 'First nesting', names: 'half-month', hint: 'Hummingbirds that nest here; else blank.' },
    nest_last: { label: 'Last nesting', names: 'half-month' },
    overwinters_as: { label: 'Winters here as', hint: 'Blank: as it usually does.', choices: ['', ...words.WINTERINGS] },
    overwinters_in: { label: 'Winters here in', choices: ['', ...words.SHELTERS] },
    winter_larva: { label: 'Wintering larva here', choices: ['', ...words.WINTER_LARVAE] },
    confidence: { label: 'Confidence', hint: 'Blank: as the creature’s.', choices: ['', ...words.CONFIDENCES] },
  },
  'flights.csv': {
    target: { label: 'Creature' },
    region: REGION_ID,
    part: { label: 'Part of its year', choices: words.FLIGHT_PARTS },
    first: { label: 'First half-month', names: 'half-month' },
    last: { label: 'Last half-month', names: 'half-month' },
    broods: { label: 'Broods', hint: 'One is one; from two on the heat of the garden makes them.' },
    laying: { label: 'Its adults lay here', choices: yesNo },
    zones: { label: 'In half-zones', hint: 'As 9b-13b; blank for all.' },
  },
  'blooms.csv': {
    plant: { label: 'Plant' },
    region: REGION_ID,
    first: { label: 'First flower', hint: 'MM-DD.' },
    last: { label: 'Last flower', hint: 'MM-DD.' },
    years: { label: 'Years on record', hint: 'Blank for general knowledge.' },
    confidence: PLANT.confidence!,
  },
  'plant-status.csv': {
    plant: { label: 'Plant' },
    place: { label: 'Place', hint: 'Region id, two-letter state or province, half-zones as 3a-8b, or “anywhere”.' },
    status: { label: 'Status', choices: words.STATUSES },
    as_of: { label: 'As of (year)' },
    note: NOTE,
  },
  'cautions.csv': {
    plant: { label: 'Plant' },
    hazard: { label: 'Hazard', choices: words.HAZARDS },
    severity: { label: 'Severity', hint: '1 mild to 3 grave.' },
    note: NOTE,
  },
};
