import { z } from './zod';
import type { ReferenceFile } from './tables';
import * as words from './vocabulary';
import { CREATURE_PARTS, FACTS, PLANT_PARTS } from './symptoms';

/**
 * One schema for each CSV file of the reference library. A cell arrives as text; the schema turns it into the
 * value the calculations use, or answers with a sentence that says what would be right.
 */
const blank = (cell: unknown) => (typeof cell === 'string' && cell.trim() === '' ? null : cell);
const slug = z.string().regex(/^[a-z0-9]+(-[a-z0-9]+)*$/, 'Use lower-case letters, digits and hyphens.');
const text = z.string().trim().min(1, 'This cell may not be empty.');
const note = z.string().trim().default('');
const number = (min: number, max: number) =>
  z.coerce.number(`Give a number from ${min} to ${max}.`).min(min, `At least ${min}.`).max(max, `At most ${max}.`);
const required = (min: number, max: number) =>
  z.preprocess((cell) => (blank(cell) === null ? undefined : cell), number(min, max));
const optional = (min: number, max: number) => z.preprocess(blank, number(min, max).nullable()).default(null);
const halfMonth = required(0, 23).pipe(z.number().int('A half-month is a whole number from 0 to 23.'));
const optionalHalfMonth = z.preprocess(blank, number(0, 23).pipe(z.number().int()).nullable()).default(null);
const flag = z.enum(['y', 'n'], 'Write y or n.').transform((cell) => cell === 'y');
const oneOf = <const T extends readonly [string, ...string[]]>(list: T) => z.enum(list, `One of: ${list.join(', ')}.`);
const listOf = <const T extends readonly [string, ...string[]]>(list: T) =>
  z
    .string()
    .transform((cell) => cell.split('|').filter(Boolean))
    .pipe(z.array(oneOf(list)));
/** One of a list, or null where the cell is blank. */
const blankOr = <const T extends readonly [string, ...string[]]>(list: T) =>
  z.preprocess(blank, oneOf(list).nullable()).default(null);
const halfZone = z.enum(words.HALF_ZONES, 'A half-zone is written 3a … 11b.');
/** Half-zones from one to another, as 9b-13b; null where the cell is blank. */
const zoneRange = z
  .preprocess(
    blank,
    z
      .string()
      .regex(/^\d{1,2}[ab]-\d{1,2}[ab]$/, { error: 'Write half-zones as 9b-13b.', abort: true })
      .refine(
        (cell) => cell.split('-').every((zone) => (words.HALF_ZONES as readonly string[]).includes(zone)),
        'Half-zones run from 1a to 13b.',
      )
      .nullable(),
  )
  .default(null);
const monthDay = z.preprocess(
  blank,
  z
    .string()
    .regex(/^(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/, 'Write the date as MM-DD.')
    .nullable(),
);
const colour = z.string().regex(/^#[0-9a-f]{6}$/, 'A colour is written #rrggbb in lower case.');
const confidence = oneOf(words.CONFIDENCES);
/** Names joined by |. */
const scope = z.string().regex(/^(#?[a-z0-9-]+(\|#?[a-z0-9-]+)*)?$/, 'Write names joined by |.');
/** Items of one form joined by |. */
const weighted = (item: string, message: string) => z.string().regex(new RegExp(`^(${item}(\\|${item})*)?$`), message);

export const Region = z.object({
  id: slug,
  name: text,
  summary: text,
  lat: required(15, 65),
  lon: required(-140, -50),
  elevation_m: required(-90, 4000),
  zone_min: halfZone,
  zone_max: halfZone,
  summer: oneOf(words.SUMMERS),
  humidity: oneOf(words.HUMIDITIES),
  annual_rain_mm: required(20, 5000),
  soils: text,
  /** What a bed of the region is taken to be until it is measured: a rule of thumb from its soils, and said to be one. */
  bed_texture: oneOf(words.TEXTURES),
  bed_drainage: oneOf(words.DRAINAGES),
  bed_ph: required(3, 9.5),
  last_frost: monthDay,
  first_frost: monthDay,
  /** Days of standard deviation of both frosts from year to year; a middling twelve where a row says nothing. */
  frost_spread_d: optional(3, 40).transform((days) => days ?? 12),
  /** The nursery trade it belongs to. */
  broad: oneOf(words.BROAD_REGIONS),
});

export const ClimateNormal = z.object({
  region: slug,
  month: required(1, 12),
  tmin_c: required(-40, 40),
  tmax_c: required(-30, 50),
  rain_mm: required(0, 800),
  rain_days: required(0, 31),
  et0_mm: required(0, 400),
});

export const RegionArea = z.object({
  jurisdiction: z.string().regex(/^[A-Z]{2}$/, 'A two-letter code.'),
  lat_min: required(15, 72),
  lat_max: required(15, 72),
  lon_min: required(-170, -50),
  lon_max: required(-170, -50),
  region: slug,
});

export const Target = z.object({
  id: slug,
  kind: oneOf(['butterfly', 'moth', 'hummingbird']),
  common: text,
  scientific: text,
  /** Older scientific and other common names it is found by, joined by |. */
  also: z.string().trim().default(''),
  family: text,
  size_min_mm: required(8, 250),
  size_max_mm: required(8, 250),
  overwinters_as: oneOf(words.WINTERINGS),
  overwinters_in: oneOf(words.SHELTERS),
  /** How far a wintering larva has grown: unfed and part-grown larvae feed in spring, part-grown and full-grown in autumn. */
  winter_larva: blankOr(words.WINTER_LARVAE),
  /** Which food keeps the adults; `none` for moths that live on what the larva stored. */
  adult_food: oneOf(['nectar', 'mixed', 'sap-fruit', 'none']),
  tongue_mm: required(0, 120),
  flower_forms: listOf(words.FLOWER_FORMS),
  special_needs: listOf(words.SPECIAL_NEEDS),
  larva_leaf_g: optional(0.05, 100),
  /** What its larvae eat of a host; blank: leaf. */
  eats: z.preprocess((cell) => blank(cell) ?? 'leaf', oneOf(['leaf', 'buds'])).default('leaf'),
  /** Larvae of one mass of eggs that feed together, for those that lay in masses; blank: eggs one by one. */
  clutch: optional(2, 300),
  dev_base_c: optional(0, 20),
  dev_degree_days: optional(100, 3000),
  /** Fewest host plants in one place that are usually laid on, where it differs from the rule by plant size. */
  patch_plants: optional(1, 40),
  /** Fewest kinds of host, where one is known not to serve the whole season. */
  patch_kinds: optional(1, 5),
  adult_marks: text,
  young_marks: text,
  glyph: text,
  concern: z.string().trim(),
  confidence,
});

export const Occurrence = z.object({
  target: slug,
  region: slug,
  /** `introduced`: it lives there, brought from elsewhere, and needs nobody's help. */
  status: oneOf(words.OCCURRENCES),
  ease: required(1, 3).pipe(z.number().int()),
  /** Hummingbirds: the half-months from nest building to the last fledgling; blank where none nests. */
  nest_first: optionalHalfMonth,
  nest_last: optionalHalfMonth,
  /** How it winters in this region, where that is not as the creature usually does. */
  overwinters_as: blankOr(words.WINTERINGS),
  overwinters_in: blankOr(words.SHELTERS),
  winter_larva: blankOr(words.WINTER_LARVAE),
  /** Of this row; blank as the creature's own. */
  confidence: blankOr(words.CONFIDENCES),
});

/** A part of a creature's year in a region; several make its year. */
export const Flight = z.object({
  target: slug,
  region: slug,
  part: oneOf(words.FLIGHT_PARTS),
  first: halfMonth,
  /** Before `first` where it runs over the new year. */
  last: halfMonth,
  /** Generations stated for it: one is one however warm it is; from two on the heat of the garden makes them. */
  broods: required(0, 8).pipe(z.number().int()),
  /** Do its adults lay eggs that grow up here? */
  laying: flag,
  /** Half-zones in which it holds, as 9b-13b; blank for all. */
  zones: zoneRange,
});

export const Host = z.object({
  target: slug,
  plant: slug,
  rank: oneOf(words.HOST_RANKS),
  light: oneOf(words.HOST_LIGHTS),
  note,
  /** What of it is eaten; blank: what the creature usually eats. */
  part: blankOr(words.HOST_PARTS),
  /** Of this row; blank as the creature's own. */
  confidence: blankOr(words.CONFIDENCES),
});

export const Plant = z.object({
  id: slug,
  common: text,
  scientific: text,
  /** Older scientific and other common names it is found by, joined by |. */
  also: z.string().trim().default(''),
  family: slug,
  kind: oneOf(words.PLANT_KINDS),
  zone_min: halfZone,
  zone_max: halfZone,
  heat_limit: oneOf(words.SUMMERS),
  sun_min_h: required(0, 14),
  sun_max_h: required(0, 16),
  afternoon_shade_from_zone: z.preprocess(blank, halfZone.nullable()),
  moisture_min: required(1, 5),
  moisture_max: required(1, 5),
  drainage: oneOf(['sharp', 'well', 'moderate', 'any', 'wet']),
  textures: listOf(words.TEXTURES),
  ph_min: required(3, 9),
  ph_max: required(3, 9),
  humidity: oneOf(['dry', 'any', 'humid']),
  salt: oneOf(words.SALTS),
  height_min_cm: required(1, 4000),
  height_max_cm: required(1, 4000),
  spread_cm: required(3, 3000),
  spacing_cm: required(3, 2000),
  habit: oneOf(['clump', 'rhizome', 'seeder', 'runner', 'climber', 'single']),
  vigour: required(1, 3).pipe(z.number().int()),
  life_years: required(1, 400),
  years_to_flower: required(0, 30),
  foliage_first: halfMonth,
  foliage_last: halfMonth,
  bloom_first: optionalHalfMonth,
  bloom_last: optionalHalfMonth,
  blooms_to_frost: flag,
  rebloom_days: optional(5, 60),
  /** Weeks before the last frost (below zero: after it) in which it is sown in spring where it is to grow. Blank: it is not. */
  sow_in_place: optional(-12, 30),
  /** The same of sowing indoors, to be planted out after the last frost. */
  sow_indoors: optional(-12, 30),
  /** Tender, and grown for one summer where its winter is too cold: it flowers in the year it is planted. Blank: no. */
  as_annual: z.preprocess((cell) => blank(cell) ?? 'n', flag).default(false),
  bloom_ref: slug,
  /** By what its bloom keeps time; blank where the rule of lawOf says it rightly. */
  phenology: blankOr(words.PHENOLOGIES),
  /** How its leaves and heads are drawn, as `leaf:oval|head:umbel`; blank: by its kind and flower form. */
  glyph: z.string().trim().default(''),
  colour: text,
  colour_hex: colour,
  flower_form: oneOf(words.FLOWER_FORMS),
  tube_mm: required(0, 80),
  nectar_butterfly: required(0, 3),
  nectar_hummingbird: required(0, 3),
  nectar_moth: required(0, 3),
  alkaloid: flag,
  leaf_g: required(0, 500000),
  deer: oneOf(['low', 'some', 'high']),
  container: oneOf(['no', 'possible', 'good']),
  container_role: z.preprocess(blank, oneOf(['upright', 'filler', 'trailing']).nullable()),
  container_min_l: optional(1, 300),
  price_minor: required(0, 50000),
  /** How it can be had in the broad regions of `trade_in` (blank: in all), one step harder elsewhere. */
  trade: z.preprocess((cell) => blank(cell) ?? 'native-nurseries', oneOf(words.TRADES)).default('native-nurseries'),
  trade_in: z.preprocess((cell) => blank(cell) ?? '', listOf(words.BROAD_REGIONS)).default([]),
  manners: z.preprocess((cell) => blank(cell) ?? 'border', oneOf(words.MANNERS)).default('border'),
  raising: z.preprocess((cell) => blank(cell) ?? 'buy', oneOf(words.RAISINGS)).default('buy'),
  /** What its values rest on, by group: `life:estimated|price:default`; a group that is not named is known. */
  basis: z
    .preprocess(
      (cell) => blank(cell) ?? '',
      weighted(
        `(?:${words.BASIS_GROUPS.join('|')}):(?:estimated|default)`,
        'Write a group of values with estimated or default, as life:estimated|price:default.',
      ),
    )
    .default(''),
  /** Of trade, manners and raising. */
  craft_confidence: z.preprocess((cell) => blank(cell) ?? 'low', confidence).default('low'),
  confidence,
});

const dated = z.string().regex(/^(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/, 'Write the date as MM-DD.');

/** When a plant flowers in another region than that of its own row, or by the day. */
export const BloomRow = z.object({
  plant: slug,
  region: slug,
  first: dated,
  /** Before `first` where it flowers over the new year. */
  last: dated,
  /** Years on record behind it; blank where it is general knowledge. */
  years: optional(1, 200),
  confidence,
});

export const PlantStatus = z.object({
  plant: slug,
  /** A region, a two-letter state or province, half-zones as 3a-8b, or ANYWHERE. */
  place: text,
  status: oneOf(words.STATUSES),
  as_of: required(1980, 2100),
  note,
});

export const Caution = z.object({
  plant: slug,
  hazard: oneOf(words.HAZARDS),
  severity: required(1, 3).pipe(z.number().int()),
  note: text,
});

/** An anchor of the year with days before or after it, as `last-frost+14`, `cool-nights 5`, `07-04`. */
const ANCHOR =
  '(?:(?:last-frost|first-frost|bloom-start|bloom-end|leaf-out|leaf-fall|rains|(?:warm|cool)-nights -?\\d+)(?:[+-]\\d+)?|(?:0[1-9]|1[0-2])-(?:0[1-9]|[12]\\d|3[01]))';
const anchor = z
  .string()
  .trim()
  .regex(
    new RegExp(`^(${ANCHOR})?$`),
    'Write an anchor with days, as last-frost+14, bloom-end-7, cool-nights 5, rains, or a day as 07-04.',
  );
const SPAN = `(?:(?:${words.YEAR_CLASSES.join('|')}):)?${ANCHOR}\\.\\.${ANCHOR}`;
/** Spans of the year joined by |, each from one anchor to another, some only for years of one class. */
const spans = z
  .string()
  .trim()
  .regex(
    new RegExp(`^(${SPAN}(\\|${SPAN})*)?$`),
    'Write spans as last-frost+25..last-frost+85, joined by |, one for a class of year as desert:10-01..11-30.',
  );

/** Ways to raise a plant, species, genus or family that share their figures, or (`never`) ways it is not raised. */
export const Propagation = z.object({
  plant: slug,
  method: listOf(['any', ...words.RAISE_METHODS]),
  never: z.preprocess((cell) => blank(cell) ?? 'n', flag).default(false),
  /** When it is begun; blank: as is usual for the method. */
  window: spans,
  treatment: listOf(words.SEED_TREATMENTS),
  /** Of seed that wants both: days warm and moist before the cold. Cold and moist days, and at what temperature. */
  warm_days: optional(1, 365),
  chill_days: optional(0, 365),
  chill_c: optional(-2, 10),
  /** Depth of seed, bulb or tuber; 0: on the surface, in the light. */
  depth_mm: optional(0, 400),
  warmth_c: optional(0, 35),
  /** Days until it is up, or rooted: the first and the last. */
  days_from: optional(1, 900),
  days_to: optional(1, 900),
  /** Share that comes up or roots, of good seed and clean cuttings: from a poor lot to a good one. */
  rate_from: optional(0, 1),
  rate_to: optional(0, 1),
  /** Days from coming up to pricking out, of hardening off, and the coldest night it is set out to; blank: as is usual. */
  pot_on_days: optional(5, 365),
  harden_days: optional(1, 30),
  night_c: optional(-5, 20),
  nodes: optional(0, 6),
  nodes_below: optional(0, 5),
  leaves: optional(0, 8),
  wood: note,
  every_from: optional(1, 20),
  every_to: optional(1, 20),
  pieces_from: optional(1, 40),
  pieces_to: optional(1, 40),
  /** Years from sowing to the first flower. */
  flowers_years: optional(0, 40),
  /** What it must grow beside, where it lives on another root. */
  beside: note,
  /** Steps, joined by |. */
  how: note,
  fails: note,
  confidence,
});

const years = z.preprocess(blank, number(0, 60).pipe(z.number().int('Whole years.')).nullable()).default(null);

/** What a plant, or what a bed offers besides, is cared for with: whom, what, when, how often and how. */
export const Care = z.object({
  /** A plant, species, genus, family or kind, `any`, a tag as `#half-shrub`, or what a bed offers as `@feeder`. */
  plant: text,
  action: oneOf(words.CARE_ACTIONS),
  /** `y`: it is never done, whatever other rows say. */
  never: z.preprocess((cell) => blank(cell) ?? 'n', flag).default(false),
  /** First and last of it; both blank: at any time. */
  from: anchor,
  until: anchor,
  every_days: optional(1, 366),
  every_years: optional(1, 20),
  /** Years since it was planted; 0 is the year of planting. */
  age_from: years,
  age_to: years,
  place: blankOr(['pot', 'ground']),
  /** Regions, or half-zones as 5a-8b, joined by |; blank: everywhere. */
  where: z.string().trim(),
  school: blankOr([...words.SCHOOLS.autumn, ...words.SCHOOLS.pots]),
  /** Of watering: how dry the ground may grow. */
  thirst: blankOr(words.THIRSTS),
  /** For one plant, pot or place. */
  minutes: optional(0, 120),
  tools: z.string().trim(),
  /** How much of what, for one plant or pot; `cm of …` for the ground it takes. */
  amount: optional(0, 500),
  unit: z.string().trim(),
  /** Steps, joined by |. */
  how: z.string().trim(),
  why: text,
  confidence,
});

/** A tag of a plant, species, genus or family: what of its nature its care depends on. */
const PlantTag = z.object({ plant: slug, tag: oneOf(words.PLANT_TAGS), confidence });

/** What is seen, in a gardener’s words. */
const Symptom = z.object({
  id: slug,
  part: oneOf([...PLANT_PARTS, ...CREATURE_PARTS]),
  name: text,
  /** Whom it is seen on: plants, species, genera, families, kinds or tags as `#half-shrub`, joined by |; blank: any. */
  who: scope,
  /** What is drawn: the part, then its marks. */
  glyph: text,
  /** What to look for before anything is done. */
  first: note,
});

/** What a symptom may come from, what speaks for and against it, and what is done. Weights are steps of doubling. */
const Cause = z.object({
  symptom: slug,
  cause: slug,
  name: text,
  who: scope,
  /** How common it is where nothing else is known, in steps of doubling. */
  prior: required(0, 6).pipe(z.number().int()),
  /** Months in which it is met, as 4-9|11-2; blank: in all. */
  months: z.string().regex(/^(\d{1,2}-\d{1,2}(\|\d{1,2}-\d{1,2})*)?$/, 'Write months as 4-9, joined by |.'),
  /** Facts of the garden, each with its weight where it holds, and where it does not: `shade:4|settled:-3|pot:4/-6`. */
  evidence: weighted(
    `(?:${FACTS.join('|')}):-?[1-6](?:/-[1-6])?`,
    'Write a fact with its weight, as shade:4 or pot:4/-6, joined by |.',
  ),
  /** Checks, each with its weight for yes and for no: `soil-dry:4/-5`. */
  asks: weighted('[a-z-]+:-?[0-6]/-?[0-6]', 'Write a check with its weights for yes and no, as soil-dry:4/-5, joined by |.'),
  /** Is it as it should be? */
  well: flag,
  /** The kind of work that its remedy is, where it is one of care. */
  action: blankOr(words.CARE_ACTIONS),
  now: text,
  next: note,
  /** What it has to do with the creatures. */
  creatures: note,
  /** When to ask the extension office or a licensed hand. */
  expert: note,
});

/** What a person can look at, the minutes it takes, and how often the answer is yes where nothing is known. */
const Check = z.object({
  id: slug,
  question: text,
  how: text,
  minutes: required(1, 60),
  share: required(0.01, 0.99),
});

/** What usually clears an invasive plant; by species, genus, family or kind, the nearer before the farther. */
const Clearing = z.object({
  plant: slug,
  way: text,
  season: text,
  /** Years until nothing more comes up. */
  years: required(0, 20),
  note,
});

/** Two creatures easily mistaken for each other, and the one mark that tells them apart. */
export const LookAlike = z.object({
  a: slug,
  b: slug,
  /** Where to look, and what is seen there of either. */
  look: text,
  a_mark: text,
  b_mark: text,
  confidence,
  note,
});

/** What a plant in a size, or a bag or support, costs where somebody has set it: none as shipped. */
const Price = z.object({
  /** The plant and its size as `asclepias-syriaca pot`; or `mix bag`, `mulch bag`, `support`. */
  of: text,
  /** Hundredths of the currency. */
  minor: required(0, 10_000_000).pipe(z.number().int('A price is in whole cents.')),
});

/** The schema of the rows of every file. */
export const SCHEMAS = {
  'regions.csv': Region,
  'climate-normals.csv': ClimateNormal,
  'region-areas.csv': RegionArea,
  'targets.csv': Target,
  'occurrence.csv': Occurrence,
  'flights.csv': Flight,
  'hosts.csv': Host,
  'plants.csv': Plant,
  'blooms.csv': BloomRow,
  'plant-status.csv': PlantStatus,
  'cautions.csv': Caution,
  'propagation.csv': Propagation,
  'care.csv': Care,
  'plant-tags.csv': PlantTag,
  'symptoms.csv': Symptom,
  'causes.csv': Cause,
  'checks.csv': Check,
  'clearing.csv': Clearing,
  'lookalikes.csv': LookAlike,
  'prices.csv': Price,
} as const satisfies Record<ReferenceFile, z.ZodObject>;

export type Region = z.infer<typeof Region>;
export type ClimateNormal = z.infer<typeof ClimateNormal>;
export type RegionArea = z.infer<typeof RegionArea>;
export type Target = z.infer<typeof Target>;
export type Occurrence = z.infer<typeof Occurrence>;
export type Flight = z.infer<typeof Flight>;
export type BloomRow = z.infer<typeof BloomRow>;
export type Host = z.infer<typeof Host>;
export type Plant = z.infer<typeof Plant>;
export type PlantStatus = z.infer<typeof PlantStatus>;
export type Caution = z.infer<typeof Caution>;
export type Propagation = z.infer<typeof Propagation>;
export type Care = z.infer<typeof Care>;
export type PlantTag = z.infer<typeof PlantTag>;
export type Symptom = z.infer<typeof Symptom>;
export type Cause = z.infer<typeof Cause>;
export type Check = z.infer<typeof Check>;
type Clearing = z.infer<typeof Clearing>;
type Price = z.infer<typeof Price>;
export type LookAlike = z.infer<typeof LookAlike>;

/** The library as the calculations read it. */
export interface Library {
  regions: Region[];
  normals: ClimateNormal[];
  areas: RegionArea[];
  targets: Target[];
  occurrence: Occurrence[];
  flights: Flight[];
  hosts: Host[];
  plants: Plant[];
  blooms: BloomRow[];
  status: PlantStatus[];
  cautions: Caution[];
  propagation: Propagation[];
  care: Care[];
  tags: PlantTag[];
  symptoms: Symptom[];
  causes: Cause[];
  checks: Check[];
  clearing: Clearing[];
  lookalikes: LookAlike[];
  prices: Price[];
}
