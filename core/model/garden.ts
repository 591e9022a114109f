import { z } from './zod';
import { choice, date, id, isWithin, line, monthDay, name, number } from './fields';
import { LayoutFields, MOST_PLANTS, Spot } from './layout';
import { limitSentence, MOST, type Limited } from './limits';
import { NewEntry, Photo } from './log';
import type { Seen } from './seen';
import { BatchFields, type Batch } from './raise';
import { ownRowNow } from './earlier-own';
import { CaseFields, type Case } from './why';
import { OwnDayFields, WorkFields, type OwnDay, type Work } from './work';
import { REFERENCE_FILE_NAMES, type ReferenceFile } from './tables';
import * as words from './vocabulary';
import { PlanWishes } from './wishes';
import { MeasureFields, Outline, Picture, ThingFields, YardFields, type Measure, type Thing } from './yard';

/** The records a gardener keeps. What arrives at a route or from a file is checked against these. */
const note = z.string().max(2000, 'Keep the note under 2000 characters.').default('');
const revision = z.number().int().min(0);
const tag = line(40, 'Keep a tag under 40 characters.').min(1, 'A tag is a word or two.');

/** What things cost the gardener: prices by plant and size, and what a plant is bought as, where it is not the usual. */
export const MoneyFields = z.object({
  currency: z.string().regex(/^[A-Z]{3}$/, 'Give the currency in three letters, such as USD.'),
  prices: z.record(z.string(), number(0, 10_000_000, 'the price').int('A price is in whole cents.')),
  sizes: z.record(z.string(), choice(words.PLANT_SIZES, 'what it is bought as')),
  /** Does the gardener raise plants from seed? */
  raises: z.boolean().default(false),
});

/** Trees and shrubs that stand here or just over the fence, where nobody has drawn them. */
const Neighbour = z.object({
  plant: id,
  count: number(1, 200, 'how many there are').int('Count whole plants.'),
  size: choice(words.TREE_SIZES, 'how large they are'),
});

export const GardenFields = z.object({
  name,
  region: id,
  jurisdiction: z
    .string()
    .regex(/^[A-Z]{2}$/, 'Give the two-letter code of the state or province.')
    .nullable(),
  lat: number(15, 65, 'the latitude'),
  lon: number(-140, -50, 'the longitude (negative in the West)'),
  elevation_m: number(-90, 4000, 'the elevation in metres'),
  half_zone: z.enum(words.HALF_ZONES, 'Choose a half-zone from 1a to 13b.'),
  last_frost: monthDay.nullable(),
  first_frost: monthDay.nullable(),
  /** Days of standard deviation of the frosts, and the climate where it is not the region's; null: as the region. */
  frost_spread_d: number(1, 40, 'the spread of the frosts in days').nullable().default(null),
  summer: choice(words.SUMMERS, 'the summers').nullable().default(null),
  humidity: choice(words.HUMIDITIES, 'the summer air').nullable().default(null),
  rain_mm: z
    .array(number(0, 800, 'the rain of a month in millimetres'))
    .length(12, 'Give the rain of twelve months.')
    .nullable()
    .default(null),
  children: z.boolean(),
  dogs: z.boolean(),
  cats: z.boolean(),
  grazing: z.boolean(),
  passers_by: z.boolean().default(false),
  deer: choice(words.DEER, 'how many deer').default('none'),
  /** A balcony, roof or terrace: pots in the wind and no ground. */
  balcony: z.boolean().default(false),
  /** By what it is found among many, and whether it is put away. */
  tags: z.array(tag).max(12, 'Give a garden no more than twelve tags.').default([]),
  archived: z.boolean().default(false),
  /** Plants allowed though they are a danger to who lives here, or are kept out of winters as mild as these. */
  allowed: z.array(id).max(200, 'Allow no more than 200 plants.').default([]),
  /** null: nobody has been asked yet. */
  nearby: z.array(Neighbour).max(60, 'List no more than 60 kinds.').nullable().default(null),
  school_plants: choice(words.SCHOOLS.plants, 'which plants'),
  school_autumn: choice(words.SCHOOLS.autumn, 'what happens in autumn'),
  school_pots: choice(words.SCHOOLS.pots, 'how pots are wintered'),
  school_layout: choice(words.SCHOOLS.layout, 'how kinds are set').default('drifts'),
  school_sowing: choice(words.SCHOOLS.sowing, 'how natives are sown').default('winter-containers'),
  school_roots: choice(words.SCHOOLS.roots, 'what is done with the roots at planting').default('tease'),
  /** Light that seedlings have indoors. */
  indoor_light: choice(words.INDOOR_LIGHTS, 'the light indoors').default('sill'),
  /** The day that the garden's clock stands at, for looking ahead and for demonstration; null: the day it is. */
  clock: date.refine(isWithin, 'Set the clock to a day between 1950 and 2150.').nullable().default(null),
  yard: YardFields.nullable().default(null),
  money: MoneyFields.nullable().default(null),
  notes: note,
});

/** How a garden is found among many. */
export const ListingFields = GardenFields.pick({ tags: true, archived: true });

const centimetres = (what: string) => number(2, 400, `${what} in centimetres`);
/** A pot, trough or tub; a round one has one measure across, the others two. `count` alike stand together. */
export const PotFields = z.object({
  shape: choice(words.POT_SHAPES, 'the shape'),
  /** Across the top: diameter, or length and width. */
  top_cm: centimetres('the width of the top'),
  across_cm: centimetres('the other width of the top').nullable(),
  /** The same measure at the bottom. */
  base_cm: centimetres('the width of the bottom'),
  depth_cm: centimetres('the depth'),
  count: number(1, 200, 'how many there are').int('Count whole pots.'),
  material: choice(words.POT_MATERIALS, 'the material'),
  exposure: choice(words.EXPOSURES, 'the exposure'),
  winter: choice(words.POT_WINTERS, 'where it winters'),
});

/** Sources by the names that files of earlier versions use. */
const EARLIER_SOURCES: Record<string, string> = { told: 'stated', reckoned: 'calculated' };
const source = <V extends words.SiteValue>(value: V) =>
  z.preprocess(
    (name) => (typeof name === 'string' ? (EARLIER_SOURCES[name] ?? name) : name),
    choice(words.SITE_SOURCES[value] as readonly [words.SiteSource<V>, ...words.SiteSource<V>[]], 'which figure counts'),
  );

export const SiteFields = z
  .object({
    name,
    kind: choice(['bed', 'container'], 'bed or container'),
    area_m2: number(0.01, 5000, 'the area in square metres'),
    volume_l: number(0.5, 2000, 'the volume in litres').nullable(),
    sun_h: number(0, 16, 'the hours of direct sun'),
    sun_when: choice(words.SUN_WHEN, 'when the sun comes'),
    texture: choice(words.TEXTURES, 'the soil texture'),
    drainage: choice(words.DRAINAGES, 'the drainage'),
    ph: number(3, 9.5, 'the pH'),
    moisture: number(1, 5, 'the moisture').int('Moisture is a whole step from 1 (dry) to 5 (wet).'),
    salt: choice(words.SALTS, 'the salt exposure'),
    features: z.array(choice(words.FEATURES, 'a feature')).max(words.FEATURES.length),
    ground: choice(words.GROUNDS, 'what the ground is').default('planted'),
    richness: choice(words.RICHNESS, 'how rich the soil is').default('medium'),
    runoff: choice(words.RUNOFFS, 'what happens to water from around').default('none'),
    /** Corners in the yard's drawing; a container has one point. Empty: not drawn. */
    outline: Outline.default([]),
    /** Height of the soil above the yard's ground. */
    height_m: number(0, 100, 'the height above the ground in metres').default(0),
    pot: PotFields.nullable().default(null),
    /** Which source counts for a value, where the gardener has chosen one. */
    counts: z
      .object({
        sun: source('sun').optional(),
        texture: source('texture').optional(),
        drainage: source('drainage').optional(),
        ph: source('ph').optional(),
        moisture: source('moisture').optional(),
      })
      .default({}),
    /** Values that nobody stated: what is usual in the region stands in for them. */
    assumed: z
      .array(z.enum(Object.keys(words.SITE_SOURCES) as [words.SiteValue, ...words.SiteValue[]]))
      .max(5)
      .default([]),
    /** How it is to be arranged; null: as is usual. */
    layout: LayoutFields.nullable().default(null),
    notes: note,
  })
  .refine((site) => site.outline.length === 0 || (site.kind === 'bed' ? site.outline.length >= 3 : site.outline.length === 1), {
    path: ['outline'],
    message: 'A bed is drawn with three corners or more, a container with one point.',
  })
  .refine((site) => site.kind === 'bed' || site.volume_l !== null, {
    path: ['volume_l'],
    message: 'Say how much potting mix the container holds.',
  });

export const TargetFields = z.object({
  target: id,
  ambition: choice(words.AMBITIONS, 'an ambition'),
  priority: number(1, 9, 'the priority').int('Priority is a whole number.'),
});

export const PlantingFields = z.object({
  plant: id,
  site_id: id,
  count: number(1, MOST_PLANTS, 'the count').int('Count whole plants.'),
  state: choice(words.PLANTING_STATES, 'a state'),
  planted_year: number(1950, 2100, 'the year planted').int('Give a whole year.').nullable(),
  /** Year it was lost or removed: it gives nothing from then on. */
  lost_year: number(1950, 2100, 'the year it was lost').int('Give a whole year.').nullable().default(null),
  /** An annual’s sowing, where it is not the usual day; a cut timed for a second bloom, and how many plants are cut. */
  sow_on: monthDay.nullable().default(null),
  cut: z
    .object({ on: monthDay, count: number(1, 5000, 'how many are cut').int('Count whole plants.') })
    .nullable()
    .default(null),
  /** Grew here before the garden was planned, and is kept. */
  stays: z.boolean().default(false),
  /** Left as it is by whatever is proposed. */
  locked: z.boolean().default(false),
  /** The species, or a lower selection of it. */
  selection: choice(words.SELECTIONS, 'which size of it').default('species'),
  /** Where its plants stand, the first of them first; fewer than there are plants: the others are not arranged. */
  spots: z.array(Spot).max(MOST_PLANTS).default([]),
  source: line(200, 'Keep the source under 200 characters.').default(''),
  cost_minor: number(0, 100_000_000, 'the cost').int('Cost is in whole cents.').nullable(),
  notes: note,
});

/** A row of the library corrected, added or (`cells` null) struck out by the gardener, as the cells of its CSV file. */
export const OwnRowFields = z.object({
  file: z.enum(REFERENCE_FILE_NAMES as [ReferenceFile, ...ReferenceFile[]], 'That is no table of the library.'),
  key: z.string().trim().min(1, 'Say which row is meant.').max(300),
  cells: z.record(z.string().max(60), z.string().max(1000, 'Keep each value under 1000 characters.')).nullable(),
});

const stored = { id, revision };
export const Garden = GardenFields.extend(stored);
export const Site = z.object({ ...SiteFields.shape, ...stored });
export const GardenTarget = TargetFields.extend(stored);
export const Planting = PlantingFields.extend({ ...stored, plan_id: id });
export const OwnRow = OwnRowFields.extend(stored);
export const Plan = z.object({ id, name, current: z.boolean(), wishes: PlanWishes.nullable().default(null), revision });

/** A first or last day of bloom or flight, as files wrote it before there was a log. */
const EarlierDate = z.object({
  of: id,
  what: choice(words.SEEN_KINDS, 'what was seen'),
  on_day: date,
  note: z.string().max(500, 'Keep the note under 500 characters.').default(''),
});

/**
 * The rows of each list as a garden's file holds them. The application checks what it writes against the same: what it
 * writes it can read back.
 */
export const FILE_ROWS = {
  garden: GardenFields.extend({ id }),
  sites: z.object({ ...SiteFields.shape, id }),
  targets: TargetFields,
  plans: Plan.omit({ revision: true }),
  plantings: PlantingFields.extend({ id, plan_id: id }),
  own: OwnRowFields,
  things: ThingFields,
  measures: MeasureFields,
  log: NewEntry,
  work: WorkFields,
  weather: OwnDayFields,
  batches: BatchFields.and(z.object({ id })),
  cases: CaseFields.and(z.object({ id })),
};
const list = <T extends z.ZodType>(of: Limited, row: T) => z.array(row).max(MOST[of], limitSentence(of));

/** One garden as the application exports and imports it: the documented open format. */
export const GardenFile = z
  .object({
    format: z.literal('outwash-garden', 'This is not an Outwash garden file.'),
    version: z.literal(1, 'This file was written by a newer version of Outwash.'),
    garden: FILE_ROWS.garden,
    sites: list('sites', FILE_ROWS.sites),
    targets: list('targets', FILE_ROWS.targets),
    plans: list('plans', FILE_ROWS.plans).min(1, 'A garden file holds at least one plan.'),
    plantings: list('plantings', FILE_ROWS.plantings),
    own: list('own', z.preprocess(ownRowNow, FILE_ROWS.own)).default([]),
    things: list('things', FILE_ROWS.things).default([]),
    measures: list('measures', FILE_ROWS.measures).default([]),
    /** Dates as files wrote them before there was a log. */
    seen: z.array(EarlierDate).max(20_000).default([]),
    log: list('log', FILE_ROWS.log).default([]),
    work: list('work', FILE_ROWS.work).default([]),
    weather: list('weather', FILE_ROWS.weather).default([]),
    batches: list('batches', FILE_ROWS.batches).default([]),
    cases: list('cases', FILE_ROWS.cases).default([]),
    pictures: z.array(Picture).max(4).default([]),
    photos: list('photos', Photo).default([]),
  })
  .superRefine((file, context) => {
    const once = (list: string, keys: readonly string[], what: string) => {
      const seen = new Set<string>();
      keys.forEach((key, index) => {
        if (seen.has(key)) context.addIssue({ code: 'custom', path: [list, index], message: `${what} “${key}” is in it twice.` });
        seen.add(key);
      });
    };
    const ids = (rows: readonly { id: string }[]) => rows.map((row) => row.id);
    once('sites', ids(file.sites), 'The bed');
    once('plans', ids(file.plans), 'The plan');
    once('plantings', ids(file.plantings), 'The planting');
    once('log', ids(file.log), 'The entry of the log');
    once('batches', ids(file.batches), 'The batch');
    once('cases', ids(file.cases), 'The case');
    once('pictures', ids(file.pictures), 'The picture');
    once('photos', ids(file.photos), 'The photograph');
    const targets = file.targets.map((row) => row.target);
    once('targets', targets, 'The target');
    const own = file.own.map((row) => `${row.file}: ${row.key}`);
    once('own', own, 'The own row of the library');
    const sites = new Set(file.sites.map((site) => site.id));
    const plans = new Set(file.plans.map((plan) => plan.id));
    file.plantings.forEach((planting, index) => {
      if (!sites.has(planting.site_id))
        context.addIssue({
          code: 'custom',
          path: ['plantings', index, 'site_id'],
          message: `No bed has the id ${planting.site_id}.`,
        });
      if (!plans.has(planting.plan_id))
        context.addIssue({
          code: 'custom',
          path: ['plantings', index, 'plan_id'],
          message: `No plan has the id ${planting.plan_id}.`,
        });
    });
    file.measures.forEach((measure, index) => {
      if (!sites.has(measure.site_id))
        context.addIssue({
          code: 'custom',
          path: ['measures', index, 'site_id'],
          message: `No bed has the id ${measure.site_id}.`,
        });
    });
    if (file.plans.length > 0 && file.plans.filter((plan) => plan.current).length !== 1)
      context.addIssue({ code: 'custom', path: ['plans'], message: 'Exactly one plan is the current one.' });
  });

export type GardenFields = z.infer<typeof GardenFields>;
export type ListingFields = z.infer<typeof ListingFields>;
export type MoneyFields = z.infer<typeof MoneyFields>;
export type PotFields = z.infer<typeof PotFields>;
export type SiteFields = z.infer<typeof SiteFields>;
export type TargetFields = z.infer<typeof TargetFields>;
export type PlantingFields = z.infer<typeof PlantingFields>;
export type Garden = z.infer<typeof Garden>;
export type Site = z.infer<typeof Site>;
export type GardenTarget = z.infer<typeof GardenTarget>;
export type Planting = z.infer<typeof Planting>;
export type OwnRowFields = z.infer<typeof OwnRowFields>;
export type OwnRow = z.infer<typeof OwnRow>;
export type Plan = z.infer<typeof Plan>;
export type GardenFile = z.infer<typeof GardenFile>;

/** All records of one garden. */
export interface GardenRecords {
  garden: Garden;
  sites: Site[];
  targets: GardenTarget[];
  plans: Plan[];
  /** Plantings of every plan. */
  plantings: Planting[];
  /** The gardener's own rows of the library; they win over it in this garden. */
  own: OwnRow[];
  /** What stands in the yard, and what was measured on its sites. */
  things: Thing[];
  measures: Measure[];
  /** First and last days of bloom and flight, from the log. */
  seen: Seen[];
  /** What was said of the work: done, skipped, put off, and own tasks. */
  work: Work[];
  /** Days as the gardener's own gauge and thermometer showed them. */
  weather: OwnDay[];
  /** What is raised: sown, stuck and divided. */
  batches: Batch[];
  /** What was asked of what is wrong, and what came of it. */
  cases: Case[];
}

/** Everything of one garden, as the server answers and the views read it. */
export interface GardenState extends GardenRecords {
  /** The change that would be undone, and the one that would be done again, by its number and label. */
  history: Record<'undo' | 'redo', { entry: number; label: string } | null>;
  /** The number of the last change of its records, and of its log, which is asked for by itself. */
  at: number;
  log_at: number;
}

/** A garden as it stood at a moment of the past. */
export interface GardenThen extends GardenRecords {
  /** Changes made since then, and their labels, the last one first. */
  changes: string[];
  /** When the garden was begun here; before that nothing is known of it. */
  begun: string;
  /** The moment it is given for, where of the one that was asked for too little is remembered: the nearest that is. */
  stood_at: string | null;
}

/** A garden that was removed and can be brought back until a moment (ISO). */
export interface RemovedGarden {
  id: string;
  name: string;
  removed_at: string;
  kept_until: string;
}

/** A garden as the list of gardens shows it. */
export interface GardenSummary {
  id: string;
  revision: number;
  name: string;
  region: string;
  half_zone: string;
  balcony: boolean;
  tags: string[];
  archived: boolean;
  /** Changes whenever its records do, and only then; and when that was. */
  stamp: string;
  changed_at: string;
  sites: number;
  targets: number;
  plantings: number;
}
