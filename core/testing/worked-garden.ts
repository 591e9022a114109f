import { FRESH_SITE } from '../place/yard/fresh';
import { recordsOfNew } from '../garden/from-file';
import { gardenHere } from '../garden/here';
import { bloomSteps } from '../almanac/bloom/bloom';
import { statementsOf, type BloomPlace } from '../almanac/bloom/stated';
import type { Frosts } from '../model/here';
import type { Seen } from '../model/seen';
import { dailyNormalsAt } from '../place/climate/garden-climate';
import { climeDistances, climeOf, regionClimes } from '../place/climate/region-climate';
import type { Position } from '../place/climate/shift';
import type { CoverageInput } from '../coverage/coverage';
import type { GardenFields, GardenRecords, Planting, Site } from '../model/garden';
import type { Batch } from '../model/raise';
import { PLANNED } from '../model/states';
import type {
  BloomRow,
  Care,
  Cause,
  Caution,
  Check,
  Flight,
  Host,
  Library,
  Occurrence,
  Plant,
  PlantStatus,
  PlantTag,
  Propagation,
  Symptom,
  Target,
} from '../model/reference';

/**
 * A small world for worked examples. In its one region every day has a minimum of 10 °C and a maximum of 20 °C,
 * so that above a base of 10 °C each day gives 5 degree-days, and figures can be checked by hand.
 */
export function plant(id: string, over: Partial<Plant> = {}): Plant {
  return {
    id,
    common: id,
    scientific: `${id[0]!.toUpperCase()}${id.slice(1).replace('-', ' ')}`,
    also: '',
    family: 'testaceae',
    kind: 'perennial',
    zone_min: '4a',
    zone_max: '9b',
    heat_limit: 'hot',
    sun_min_h: 4,
    sun_max_h: 14,
    afternoon_shade_from_zone: null,
    moisture_min: 2,
    moisture_max: 4,
    drainage: 'well',
    textures: ['sand', 'loam', 'clay'],
    ph_min: 5,
    ph_max: 7.5,
    humidity: 'any',
    salt: 'none',
    height_min_cm: 20,
    height_max_cm: 30,
    spread_cm: 100,
    spacing_cm: 50,
    habit: 'clump',
    vigour: 1,
    life_years: 10,
    years_to_flower: 2,
    foliage_first: 6,
    foliage_last: 19,
    bloom_first: 8,
    bloom_last: 11,
    blooms_to_frost: false,
    rebloom_days: null,
    sow_in_place: null,
    sow_indoors: null,
    as_annual: false,
    trade: 'common',
    trade_in: [],
    manners: 'border',
    raising: 'easy',
    basis: '',
    craft_confidence: 'high',
    bloom_ref: 'flatland',
    phenology: null,
    glyph: '',
    colour: 'white',
    colour_hex: '#ffffff',
    flower_form: 'flat',
    tube_mm: 2,
    nectar_butterfly: 2,
    nectar_hummingbird: 0,
    nectar_moth: 0,
    alkaloid: false,
    leaf_g: 40,
    deer: 'some',
    container: 'no',
    container_role: null,
    container_min_l: null,
    price_minor: 500,
    confidence: 'high',
    ...over,
  };
}

export function target(id: string, over: Partial<Target> = {}): Target {
  return {
    id,
    kind: 'butterfly',
    common: id,
    scientific: id,
    also: '',
    family: 'testidae',
    size_min_mm: 40,
    size_max_mm: 50,
    overwinters_as: 'pupa',
    overwinters_in: 'litter',
    winter_larva: null,
    adult_food: 'nectar',
    tongue_mm: 10,
    flower_forms: ['flat'],
    special_needs: [],
    larva_leaf_g: 10,
    eats: 'leaf',
    clutch: null,
    dev_base_c: 10,
    dev_degree_days: 100,
    patch_plants: null,
    patch_kinds: null,
    adult_marks: 'x',
    young_marks: 'x',
    glyph: 'shape:rounded',
    concern: '',
    confidence: 'high',
    ...over,
  };
}

export const GARDEN: GardenFields = {
  name: 'Worked garden',
  region: 'flatland',
  jurisdiction: null,
  lat: 40,
  lon: -75,
  elevation_m: 0,
  half_zone: '7a',
  last_frost: '04-20',
  first_frost: '10-25',
  frost_spread_d: null,
  summer: null,
  humidity: null,
  rain_mm: null,
  children: false,
  dogs: false,
  cats: false,
  grazing: false,
  passers_by: false,
  deer: 'none',
  balcony: false,
  tags: [],
  archived: false,
  allowed: [],
  nearby: null,
  school_plants: 'natives-first',
  school_autumn: 'leave',
  school_pots: 'two-zones',
  school_layout: 'drifts',
  school_sowing: 'winter-containers',
  school_roots: 'tease',
  indoor_light: 'sill',
  clock: null,
  yard: null,
  money: null,
  notes: '',
};

export function site(id: string, over: Partial<Site> = {}): Site {
  return { ...FRESH_SITE, id, revision: 0, name: id, area_m2: 40, sun_h: 8, ph: 6.5, ...over };
}

export function planting(id: string, plantId: string, count: number, over: Partial<Planting> = {}): Planting {
  return {
    id,
    revision: 0,
    plan_id: 'plan',
    plant: plantId,
    site_id: 'bed',
    count,
    ...PLANNED,
    ...over,
  };
}

/** A resident of the worked region that does not nest and winters as it usually does. */
export const occurrence = (targetId: string): Occurrence => ({
  target: targetId,
  region: 'flatland',
  status: 'resident',
  ease: 1,
  nest_first: null,
  nest_last: null,
  overwinters_as: null,
  overwinters_in: null,
  winter_larva: null,
  confidence: null,
});

/** One brood in May. */
const BREEDING: Omit<Flight, 'target'> = {
  region: 'flatland',
  part: 'breeding',
  first: 8,
  last: 9,
  broods: 1,
  laying: true,
  zones: null,
};

export interface World {
  plants: Plant[];
  targets: Target[];
  hosts: Host[];
  /** Flight by target id; 1–31 May with one brood where none is given. */
  occurrence?: Record<string, Partial<Occurrence & Pick<Flight, 'first' | 'last' | 'broods'>>>;
  /** Parts of a year in place of the one that `occurrence` gives. */
  flights?: Partial<Flight>[];
  blooms?: BloomRow[];
  status?: PlantStatus[];
  propagation?: Propagation[];
  cautions?: Caution[];
  care?: Care[];
  tags?: PlantTag[];
  symptoms?: Symptom[];
  causes?: Cause[];
  checks?: Check[];
}

export function libraryOf(world: World): Library {
  return {
    regions: [
      {
        id: 'flatland',
        name: 'Flatland',
        summary: 'flat',
        lat: 40,
        lon: -75,
        elevation_m: 0,
        zone_min: '6b',
        zone_max: '7b',
        summer: 'warm',
        humidity: 'moderate',
        annual_rain_mm: 1200,
        soils: 'loam',
        bed_texture: 'loam',
        bed_drainage: 'well',
        bed_ph: 6.3,
        last_frost: '04-20',
        first_frost: '10-25',
        frost_spread_d: 10,
        broad: 'northeast',
      },
    ],
    normals: Array.from({ length: 12 }, (_, i) => ({
      region: 'flatland',
      month: i + 1,
      tmin_c: 10,
      tmax_c: 20,
      rain_mm: 100,
      rain_days: 10,
      et0_mm: 80,
    })),
    areas: [],
    targets: world.targets,
    occurrence: world.targets.map(({ id }) => {
      const { first: _first, last: _last, broods: _broods, ...own } = world.occurrence?.[id] ?? {};
      return { ...occurrence(id), ...own };
    }),
    flights: world.flights
      ? world.flights.map((row) => ({ ...BREEDING, target: world.targets[0]!.id, ...row }))
      : world.targets.map(({ id }) => {
          const { first = 8, last = 9, broods = 1 } = world.occurrence?.[id] ?? {};
          return { ...BREEDING, target: id, first, last, broods };
        }),
    blooms: world.blooms ?? [],
    hosts: world.hosts,
    plants: world.plants,
    status:
      world.status ?? world.plants.map((row) => ({ plant: row.id, place: 'flatland', status: 'native', as_of: 2020, note: '' })),
    cautions: world.cautions ?? [],
    propagation: world.propagation ?? [],
    care: world.care ?? [],
    tags: world.tags ?? [],
    symptoms: world.symptoms ?? [],
    causes: world.causes ?? [],
    checks: world.checks ?? [],
    clearing: [],
    lookalikes: [],
    prices: [],
  };
}

/** A place of the worked world for a bloom: `reference` is the middle of its region, where it is stated. */
export function bloomPlace(reference: Position, here: Position, frosts: Frosts): BloomPlace {
  const { regions, normals } = libraryOf({ plants: [], targets: [], hosts: [] });
  const [flat] = regions;
  const climes = regionClimes({ regions: [{ ...flat!, ...reference }], normals });
  const middle = climes.get('flatland')!;
  const garden = climeOf({ ...here, ...frosts }, dailyNormalsAt(normals, flat!, here), middle);
  return { garden, climes, distances: climeDistances(climes, middle), frosts, halfZone: '7a' };
}

/** The bloom window of a plant at a place, without the steps to it. */
export function bloomWindow(of: Plant, reference: Position, here: Position, frosts: Frosts, seen: readonly Seen[] = []) {
  return bloomSteps(of, statementsOf(of, []), bloomPlace(reference, here, frosts), seen)?.window ?? null;
}

/** A way to raise a plant that says nothing but what it is given. */
export const way = (plantId: string, method: Propagation['method'], over: Partial<Propagation> = {}): Propagation => ({
  plant: plantId,
  method,
  never: false,
  window: '',
  treatment: [],
  warm_days: null,
  chill_days: null,
  chill_c: null,
  depth_mm: null,
  warmth_c: null,
  days_from: null,
  days_to: null,
  rate_from: null,
  rate_to: null,
  pot_on_days: null,
  harden_days: null,
  night_c: null,
  nodes: null,
  nodes_below: null,
  leaves: null,
  wood: '',
  every_from: null,
  every_to: null,
  pieces_from: null,
  pieces_to: null,
  flowers_years: null,
  beside: '',
  how: '',
  fails: '',
  confidence: 'medium',
  ...over,
});

/** A row of care that says nothing but what it is told. */
export const care = (plantId: string, action: Care['action'], over: Partial<Care> = {}): Care => ({
  plant: plantId,
  action,
  never: false,
  from: '',
  until: '',
  every_days: null,
  every_years: null,
  age_from: null,
  age_to: null,
  place: null,
  where: '',
  school: null,
  thirst: null,
  minutes: 1,
  tools: '',
  amount: null,
  unit: '',
  how: 'Do it',
  why: 'Because.',
  confidence: 'high',
  ...over,
});

/** A cause of `droops` that says nothing but what it is given. */
export const cause = (id: string, over: Partial<Cause> = {}): Cause => ({
  symptom: 'droops',
  cause: id,
  name: id,
  who: '',
  prior: 2,
  months: '',
  evidence: '',
  asks: '',
  well: false,
  action: null,
  now: `Mend ${id}.`,
  next: '',
  creatures: '',
  expert: '',
  ...over,
});
export const symptom = (over: Partial<Symptom> = {}): Symptom => ({
  id: 'droops',
  part: 'whole',
  name: 'It droops',
  who: '',
  glyph: 'plant droop',
  first: '',
  ...over,
});
export const check = (id: string, over: Partial<Check> = {}): Check => ({
  id,
  question: `${id}?`,
  how: 'Look.',
  minutes: 1,
  share: 0.5,
  ...over,
});

/** A batch of seed of `herb`, sown indoors, that nobody has looked at yet. */
export const batch = (over: Partial<Batch> = {}): Batch => ({
  id: 'b',
  revision: 0,
  plant: 'herb',
  method: 'indoors',
  source: '',
  planned_on: '2026-06-01',
  begun_on: '2026-06-01',
  units: 40,
  containers: 1,
  place: '',
  wanted: 5,
  looks: [],
  ended: false,
  note: '',
  ...over,
});

export const host = (targetId: string, plantId: string, rank: Host['rank'] = 'primary', light: Host['light'] = 'any'): Host => ({
  target: targetId,
  plant: plantId,
  rank,
  light,
  note: '',
  part: null,
  confidence: null,
});

/** The records of the worked garden: one bed of 40 m², every target of the world chosen to breed. */
export function recordsIn(world: World, plantings: Planting[] = [], over: Partial<GardenRecords> = {}): GardenRecords {
  return {
    ...recordsOfNew(GARDEN),
    sites: [site('bed')],
    targets: world.targets.map((row) => ({ target: row.id, ambition: 'breeds', priority: 1, id: row.id, revision: 0 })),
    plantings,
    ...over,
  };
}

/** The world with plantings on one bed of 40 m², every target chosen to breed, as coverage takes it. */
export function gardenOf(world: World, plantings: Planting[], over: Partial<CoverageInput> = {}): CoverageInput {
  return { ...gardenHere(recordsIn(world, plantings), libraryOf(world)).input, ...over };
}
