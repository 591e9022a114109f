import { describe, expect, it } from 'vitest';
import { gardenHere } from '../garden/here';
import { isoOf, dayNumber } from '../model/days';
import type { Garden, GardenRecords, Planting, Site } from '../model/garden';
import type { Entry } from '../model/log';
import type { Plant, Propagation } from '../model/reference';
import type { Batch } from '../model/raise';
import type { FactId } from '../model/symptoms';
import type { Work } from '../model/work';
import type { Thing } from '../model/yard';
import type { WeatherDay } from '../place/weather/weather';
import { entry } from '../testing/log';
import { alike, doneWork, whyDay } from '../testing/why-day';
import { batch, host, libraryOf, plant, planting, recordsIn, site, target, way } from '../testing/worked-garden';
import { Facts } from './facts';
import { shadeCrept } from './site-facts';
import { subjectOf } from './subject';

/** Facts of a garden beside what is known of it: a herb in a bed, on a day in July. */
interface Known {
  plant?: Partial<Plant>;
  site?: Partial<Site>;
  row?: Partial<Planting>;
  others?: Planting[];
  garden?: Partial<Garden>;
  today?: string;
  last?: Partial<WeatherDay>[];
  said?: Work[];
  log?: Entry[];
  ways?: Propagation[];
  batches?: Batch[];
  things?: Thing[];
  /** Asked about the butterfly instead of the plant. */
  creature?: boolean;
  hostRank?: 'primary' | 'trap';
  hostLight?: 'sun' | 'shade' | 'any';
  flies?: Partial<{ first: number; last: number; status: 'resident' | 'rare'; ease: 1 | 3 }>;
  flights?: object[];
  /** Is the plant a host of the butterfly? */
  hosts?: boolean;
}
const STANDS = { state: 'in-ground', planted_year: 2021 } as const;
const TODAY = '2026-07-15';

function factsOf(known: Known) {
  const herb = plant('herb', { nectar_butterfly: 3, bloom_first: 10, bloom_last: 15, ...known.plant });
  const blue = target('blue', { patch_plants: 6 });
  const world = {
    plants: [herb, plant('juglans-nigra', { kind: 'tree', scientific: 'Juglans nigra' }), plant('other')],
    targets: [blue],
    hosts: known.hosts === false ? [] : [host('blue', 'herb', known.hostRank ?? 'primary', known.hostLight ?? 'any')],
    propagation: known.ways ?? [],
    occurrence: { blue: { first: 10, last: 15, ...known.flies } },
    ...(known.flights ? { flights: known.flights } : {}),
  };
  const rows =
    known.row === undefined ? [planting('p', 'herb', 5, STANDS)] : [planting('p', 'herb', 5, { ...STANDS, ...known.row })];
  const base = recordsIn(world, [...rows, ...(known.others ?? [])], {
    sites: [site('bed', known.site), site('sunny', { sun_h: 9 })],
    things: known.things ?? [],
    batches: known.batches ?? [],
  } satisfies Partial<GardenRecords>);
  const here = gardenHere({ ...base, garden: { ...base.garden, ...known.garden } }, libraryOf(world));
  const day = whyDay(known.today ?? TODAY, { last: known.last, said: known.said, log: known.log });
  const question = {
    symptom: 'x',
    of: known.creature ? 'blue' : 'herb',
    planting: null,
    site: null,
    answers: [],
    batch: known.batches?.[0]?.id,
  };
  return new Facts(subjectOf(here.why, day, question));
}
const ago = (days: number) => isoOf(dayNumber(TODAY) - days);
const seed = (over: Partial<Propagation> = {}) =>
  way('herb', ['indoors'], { chill_days: 0, depth_mm: 3, days_from: 10, days_to: 20, rate_from: 0.5, rate_to: 0.5, ...over });
const young = { planted_year: 2026 };
const dryDays = alike(15, { rain_mm: 0, et0_mm: 6 });

/** Each fact with what makes it hold, and what does not; the figures are those of the sentence. */
const TABLE: [FactId, Known, Known, Record<string, unknown>?][] = [
  [
    'shade',
    { site: { sun_h: 3 }, plant: { sun_min_h: 4 } },
    { site: { sun_h: 4 }, plant: { sun_min_h: 4 } },
    { sun_h: 3, min: 4 },
  ],
  ['light-right', { site: { sun_h: 8 } }, { site: { sun_h: 2 } }],
  ['too-sunny', { site: { sun_h: 11 }, plant: { sun_max_h: 5 } }, { site: { sun_h: 5 }, plant: { sun_max_h: 5 } }],
  ['dry-site', { site: { moisture: 1 }, plant: { moisture_min: 3 } }, { site: { moisture: 3 }, plant: { moisture_min: 3 } }],
  ['wet-site', { site: { moisture: 5 }, plant: { moisture_max: 3 } }, { site: { moisture: 3 }, plant: { moisture_max: 3 } }],
  [
    'drains-badly',
    { site: { drainage: 'wet' }, plant: { drainage: 'sharp' } },
    { site: { drainage: 'sharp' }, plant: { drainage: 'sharp' } },
  ],
  ['limy', { site: { ph: 7.4 }, plant: { ph_max: 6 } }, { site: { ph: 5.5 }, plant: { ph_max: 6 } }, { ph: 7.4, max: 6 }],
  ['sour', { site: { ph: 4.5 }, plant: { ph_min: 6 } }, { site: { ph: 6.5 }, plant: { ph_min: 6 } }],
  ['ph-right', { site: { ph: 6.5 } }, { site: { ph: 8.5 } }],
  ['rich', { site: { richness: 'rich' } }, { site: { richness: 'medium' } }],
  ['salty', { site: { salt: 'high' } }, {}],
  ['windy', { garden: { balcony: true } }, {}],
  ['crowded', { row: { count: 300 } }, { row: { count: 5 } }],
  ['walnut-near', { garden: { nearby: [{ plant: 'juglans-nigra', count: 1, size: 'grown' }] } }, {}],
  ['lawn-near', { site: { ground: 'lawn' } }, {}],
  ['pot', { site: { kind: 'container', volume_l: 20 } }, {}],
  [
    'pot-small',
    { site: { kind: 'container', volume_l: 3 }, plant: { container: 'good', container_min_l: 8 } },
    { site: { kind: 'container', volume_l: 12 }, plant: { container: 'good', container_min_l: 8 } },
  ],
  ['deer', { garden: { deer: 'many' } }, {}],
  ['dogs', { garden: { dogs: true } }, {}],
  ['cats', { garden: { cats: true } }, {}],
  ['first-year', { row: young }, { row: { planted_year: 2025 } }],
  ['first-year', { row: { planted_year: 2025 }, today: '2026-06-01' }, { row: { planted_year: 2024 }, today: '2026-06-01' }],
  ['last-autumn', { row: { planted_year: 2025 }, today: '2026-04-01' }, { row: young, today: '2026-04-01' }],
  [
    'young',
    { row: { planted_year: 2025 }, plant: { years_to_flower: 3 } },
    { row: { planted_year: 2023 }, plant: { years_to_flower: 3 } },
  ],
  ['settled', { row: { planted_year: 2023 } }, { row: { planted_year: 2024 } }],
  ['settled', { row: { planted_year: null, stays: true } }, { row: young }],
  [
    'old-clump',
    { row: { planted_year: 2022 }, ways: [way('herb', ['division'], { every_to: 4 })] },
    { row: { planted_year: 2023 }, ways: [way('herb', ['division'], { every_to: 4 })] },
  ],
  [
    'at-its-end',
    { row: { planted_year: 2023 }, plant: { life_years: 3 } },
    { row: { planted_year: 2024 }, plant: { life_years: 3 } },
    { age: 3, years: 3 },
  ],
  ['alone', { row: { count: 1 } }, { row: { count: 2 } }],
  ['bought', { row: { source: 'a nursery' } }, { row: { stays: true } }],
  ['own-raised', { batches: [batch({})], ways: [seed()] }, {}],
  [
    'raised-indoors',
    { batches: [batch({})], ways: [seed()] },
    { batches: [batch({ method: 'winter-container' })], ways: [seed()] },
  ],
  ['biennial', { plant: { kind: 'biennial' } }, {}],
  ['evergreen', { plant: { foliage_first: 0, foliage_last: 23 } }, {}],
  ['vigorous', { plant: { vigour: 3 } }, { plant: { vigour: 2 } }],
  ['runner', { plant: { habit: 'rhizome' } }, { plant: { habit: 'clump' } }],
  ['seeder', { plant: { habit: 'seeder' } }, { plant: { habit: 'clump' } }],
  ['not-hardy', { plant: { zone_min: '9a' } }, { plant: { zone_min: '6a' } }, { zone: '7a', min: '9a' }],
  // In a pot the roots are colder by two zones.
  ['not-hardy', { plant: { zone_min: '6a' }, site: { kind: 'container', volume_l: 20 } }, { plant: { zone_min: '6a' } }],
  ['hardy', { plant: { zone_min: '6a' } }, { plant: { zone_min: '7a' } }],
  ['before-leaf', { today: '2026-05-20' }, { today: '2026-07-20' }],
  ['leaf-ending', { today: '2026-10-05' }, { today: '2026-07-15' }],
  ['before-bloom', { today: '2026-04-15' }, { today: '2026-06-20' }],
  ['in-bloom', { today: '2026-06-20' }, { today: '2026-04-15' }],
  ['after-bloom', { today: '2026-10-01' }, { today: '2026-06-20' }],
  ['host', {}, { hosts: false }],
  ['no-host', { hosts: false }, {}],
  ['larvae-due', { today: '2026-06-25' }, { today: '2026-12-25' }],
  ['larvae-on-it', { log: [entry('larva', 'blue', ago(5))] }, { log: [entry('larva', 'blue', ago(50))] }],
  [
    'larvae-on-it',
    { log: [entry('larva', null, ago(5), { plant: 'herb', called: 'x' })] },
    { log: [entry('larva', 'blue', ago(5), { plant: 'other' })] },
  ],
  [
    'eggs-on-it',
    { log: [entry('eggs', 'blue', ago(5), { plant: 'herb' })] },
    { log: [entry('adult', 'blue', ago(5), { plant: 'herb' })] },
  ],
  ['eaten-seen', { log: [entry('eaten', 'herb', ago(20))] }, { log: [entry('eaten', 'other', ago(20))] }],
  ['wants-cold', { ways: [seed({ chill_days: 60 })] }, { ways: [seed()] }, { days: 60 }],
  [
    'no-cold-given',
    { ways: [seed({ chill_days: 60 })], batches: [batch({})] },
    { ways: [seed({ chill_days: 60 })], batches: [batch({ method: 'winter-container' })] },
  ],
  ['cold-given', { batches: [batch({ method: 'autumn-in-place' })], ways: [seed()] }, { batches: [batch({})], ways: [seed()] }],
  [
    'wants-light',
    { batches: [batch({})], ways: [seed({ depth_mm: 0 })] },
    { batches: [batch({})], ways: [seed({ depth_mm: 3 })] },
  ],
  [
    'wants-warmth',
    { batches: [batch({})], ways: [seed({ warmth_c: 24 })] },
    { batches: [batch({})], ways: [seed({ warmth_c: 15 })] },
  ],
  [
    'hard-coat',
    { batches: [batch({})], ways: [seed({ treatment: ['scarify'] })] },
    { batches: [batch({})], ways: [seed({ treatment: ['soak'] })] },
  ],
  // Up within twenty days: on the fifteenth not due, on the 26th not overdue, from the 27th overdue.
  [
    'not-due',
    { batches: [batch({ begun_on: ago(15) })], ways: [seed()] },
    { batches: [batch({ begun_on: ago(20) })], ways: [seed()] },
    { days: 15, usual: 20 },
  ],
  [
    'overdue',
    { batches: [batch({ begun_on: ago(27) })], ways: [seed()] },
    { batches: [batch({ begun_on: ago(26) })], ways: [seed()] },
  ],
  [
    'dry-spell',
    { last: alike(12, { rain_mm: 0 }) },
    { last: [...alike(11, { rain_mm: 0 })].map((day, i) => (i === 0 ? { rain_mm: 9 } : day)) },
  ],
  ['wet-spell', { last: alike(21, { rain_mm: 8 }) }, {}],
  ['heat', { last: alike(4, { high_c: 33 }) }, { last: alike(3, { high_c: 33 }) }],
  ['cold-nights', { last: alike(7, { low_c: 5 }) }, { last: alike(2, { low_c: 5 }) }],
  [
    'late-frost',
    { last: [{ low_c: -2 }, ...alike(20, {})] },
    { last: [{ low_c: -0.5 }, ...alike(20, {})] },
    { low_c: -2, on: ago(20) },
  ],
  // Zone 7a goes down to 0 °F, −17.8 °C.
  ['hard-winter', { last: [{ low_c: -18.5 }, ...alike(160, {})] }, { last: [{ low_c: -17 }, ...alike(160, {})] }],
  ['storm', { last: [{ rain_mm: 40 }, ...alike(5, {})] }, { last: [{ rain_mm: 40 }, ...alike(9, {})] }],
  ['winter-now', { today: '2026-12-20' }, { today: '2026-07-15' }],
  [
    'watered-often',
    { said: Array.from({ length: 6 }, (_, i) => doneWork('water bed', ago(i * 2))) },
    { said: Array.from({ length: 5 }, (_, i) => doneWork('water bed', ago(i * 2))) },
  ],
  [
    'fed',
    { said: [doneWork('2026 feed herb bloom-end bed', ago(30))] },
    { said: [doneWork('2026 feed other bloom-end bed', ago(30))] },
  ],
  [
    'cut-lately',
    { said: [doneWork('2026 pinch herb bloom-end bed', ago(30))] },
    { said: [doneWork('2026 pinch herb bloom-end pond', ago(30))] },
  ],
  [
    'cut-in-bud',
    { said: [doneWork('2026 pinch herb x bed', '2026-05-20')], today: '2026-06-20' },
    { said: [doneWork('2026 pinch herb x bed', '2026-03-20')], today: '2026-06-20' },
  ],
  [
    'cut-in-bud',
    {
      plant: { kind: 'shrub', bloom_first: 7, bloom_last: 8 },
      said: [doneWork('2025 shear herb x bed', '2025-10-05')],
      today: '2026-05-20',
    },
    {
      plant: { kind: 'shrub', bloom_first: 7, bloom_last: 8 },
      said: [doneWork('2025 shear herb x bed', '2025-05-25')],
      today: '2026-05-20',
    },
  ],
  [
    'cut-down-autumn',
    { said: [doneWork('2025 cut-down any x bed', '2025-11-05')] },
    { said: [doneWork('2026 cut-down any x bed', '2026-05-20')] },
  ],
  ['no-host-here', { creature: true, hosts: false }, { creature: true }],
  ['host-here', { creature: true }, { creature: true, hosts: false }],
  // Five of six plants that make a patch.
  ['host-few', { creature: true, row: { count: 5 } }, { creature: true, row: { count: 6 } }, { plants: 5 }],
  ['host-lost', { creature: true, row: { state: 'lost', lost_year: 2025 } }, { creature: true }],
  [
    'host-wrong-light',
    { creature: true, hostLight: 'sun', site: { sun_h: 2 } },
    { creature: true, hostLight: 'sun', site: { sun_h: 8 } },
  ],
  ['host-young', { creature: true, row: young }, { creature: true }],
  [
    'host-bought',
    { creature: true, row: { ...young, source: 'a nursery' } },
    { creature: true, row: { planted_year: 2023, source: 'a nursery' } },
  ],
  ['trap-here', { creature: true, hostRank: 'trap' }, { creature: true }],
  ['nectar-gap', { creature: true, today: '2026-04-10' }, { creature: true, today: '2026-06-20' }],
  ['nectar-now', { creature: true, today: '2026-06-20' }, { creature: true, today: '2026-04-10' }],
  ['no-perch', { creature: true }, { creature: true, site: { features: ['perch'] } }],
  ['feeder-here', { creature: true, site: { features: ['feeder'] } }, { creature: true }],
  ['not-flying', { creature: true, today: '2026-04-10' }, { creature: true, today: '2026-07-01' }],
  ['flying', { creature: true, today: '2026-07-01' }, { creature: true, today: '2026-04-10' }],
  ['flight-begins', { creature: true, today: '2026-06-05' }, { creature: true, today: '2026-07-15' }],
  ['flight-ends', { creature: true, today: '2026-08-12' }, { creature: true, today: '2026-07-01' }],
  ['seldom-here', { creature: true, flies: { status: 'rare' } }, { creature: true }],
  ['shy', { creature: true, flies: { ease: 3 } }, { creature: true }],
  ['winters-as-pupa', { creature: true }, {}],
  [
    'larvae-grown',
    { creature: true, log: [entry('larva', 'blue', ago(5), { size: 'full-grown' })] },
    { creature: true, log: [entry('larva', 'blue', ago(5), { size: '2' })] },
  ],
  [
    'eggs-seen',
    { creature: true, log: [entry('laying', 'blue', ago(50))] },
    { creature: true, log: [entry('adult', 'blue', ago(50))] },
  ],
  [
    'eggs-fresh',
    { creature: true, log: [entry('eggs', 'blue', ago(6))] },
    { creature: true, log: [entry('eggs', 'blue', ago(6)), entry('eggs', 'blue', ago(12))] },
  ],
  [
    'released-lately',
    { creature: true, log: [entry('released', null, ago(50), { called: 'lady beetles' })] },
    { creature: true, log: [entry('released', null, ago(200), { called: 'lady beetles' })] },
  ],
  [
    'little-looked',
    { creature: true, log: [entry('adult', 'blue', ago(5))] },
    { creature: true, log: [1, 4, 8].map((days) => entry('adult', 'blue', ago(days))) },
  ],
];

describe('facts of a garden', () => {
  it.each(TABLE)('%s holds where it should and not elsewhere', (fact, holds, not, figures) => {
    const found = factsOf(holds).of(fact);
    expect(found.is).toBe(true);
    if (figures) expect(found.of).toMatchObject(figures);
    expect(factsOf(not).of(fact).is).toBe(false);
  });
  it('thirsty: a herb in sand after fifteen dry days, and not after rain', () => {
    const sand = { texture: 'sand', sun_h: 9 } as const;
    expect(factsOf({ site: sand, last: alike(40, { rain_mm: 0, et0_mm: 6 }) }).of('thirsty').is).toBe(true);
    expect(factsOf({ site: sand, last: [...dryDays, { rain_mm: 40 }] }).of('thirsty').is).toBe(false);
  });
  it('a host tree that stands about is a host here, though none is planted', () => {
    const tree = { plant: { kind: 'tree' } as const, row: { state: 'planned', planted_year: null } as const, creature: true };
    const facts = factsOf({ ...tree, garden: { nearby: [{ plant: 'herb', count: 1, size: 'grown' }] } });
    expect([facts.of('no-host-here').is, facts.of('host-here').is, facts.of('host-few').is]).toEqual([false, true, false]);
    expect(factsOf(tree).of('no-host-here').is).toBe(true);
  });
  it('a walnut that is planted poisons as one that stood there, and one that was lost does not', () => {
    const walnut = (state: 'in-ground' | 'lost') => ({ others: [planting('w', 'juglans-nigra', 1, { state })] });
    expect(factsOf(walnut('in-ground')).of('walnut-near').is).toBe(true);
    expect(factsOf(walnut('lost')).of('walnut-near').is).toBe(false);
  });
  it('shade crept in where the drawing leaves hours less than was said or watched', () => {
    const sun = (source: 'computed' | 'stated' | 'watched', sun_h: number, more: object = {}) =>
      ({ source, value: { sun_h, sun_when: 'all-day' }, on: null, ...more }) as never;
    const crept = (...figures: never[]) => shadeCrept({ figures: { sun: figures } } as never);
    expect(crept(sun('computed', 3.5), sun('stated', 6))).toEqual({ was: 6, is: 3.5 });
    expect(crept(sun('computed', 4.5), sun('stated', 6))).toEqual({ was: 6, is: 4.5 });
    expect(crept(sun('computed', 4.6), sun('stated', 6))).toBe(null);
    expect(crept(sun('stated', 3), sun('computed', 6))).toBe(null);
    expect(crept(sun('computed', 3), sun('stated', 6, { assumed: true }))).toBe(null);
    expect(crept(sun('computed', 3), sun('watched', 6, { weak: true }), sun('stated', 3.2))).toBe(null);
    expect(crept(sun('computed', 3))).toBe(null);
  });
  it('how many flower for it, and how many it is a host of', () => {
    const facts = factsOf({ creature: true, today: '2026-06-20', others: [planting('o', 'other', 3, STANDS)] });
    expect(facts.of('nectar-now').of).toMatchObject({ plant: 'herb' });
    expect(factsOf({}).of('host').of).toEqual({ creature: 'blue', more: 0 });
  });
  it('figures are those of the days: rain of three weeks, the days of a flight, the waterings', () => {
    expect(factsOf({ last: alike(21, { rain_mm: 8 }) }).of('wet-spell').of).toMatchObject({ mm: 168, days: 21 });
    expect(factsOf({ last: alike(21, { rain_mm: 90 / 21 }) }).of('wet-spell').of!.mm).toBeCloseTo(90);
    expect(
      factsOf({ said: [doneWork('water bed', ago(1)), doneWork('water bed', ago(13)), doneWork('water bed', ago(14))] }).of(
        'watered-often',
      ).of,
    ).toMatchObject({ times: 2 });
  });
  it('limits hold at their edge', () => {
    const is = (fact: FactId, known: Known) => factsOf(known).of(fact).is;
    // A storm of 30 mm, seed that wants 21 °C.
    expect([is('storm', { last: [{ rain_mm: 30 }] }), is('storm', { last: [{ rain_mm: 29.9 }] })]).toEqual([true, false]);
    const warm = (warmth_c: number) => is('wants-warmth', { batches: [batch({})], ways: [seed({ warmth_c })] });
    expect([warm(21), warm(20.5)]).toEqual([true, false]);
    // The flight ends on 31 August: from 21 days before it to 14 after.
    const ends = (today: string) => is('flight-ends', { creature: true, today });
    expect(['2026-08-09', '2026-08-10', '2026-09-14', '2026-09-15'].map(ends)).toEqual([false, true, true, false]);
    // What was done today counts, what is 120 days ago too, and nothing that was skipped or is still to come.
    const fed = (on: string, what: 'done' | 'skipped' = 'done') =>
      is('fed', { said: [doneWork('2026 feed herb x bed', on, { what })] });
    expect([fed(ago(0)), fed(ago(120)), fed(ago(121)), fed(ago(-1)), fed(ago(5), 'skipped')]).toEqual([
      true,
      true,
      false,
      false,
      false,
    ]);
  });
  it('an own task of feeding counts where it was done', () => {
    const own = (site_id: string) => doneWork('own 1', ago(3), { action: 'feed', site_id });
    expect(factsOf({ said: [own('bed')] }).of('fed').is).toBe(true);
    expect(factsOf({ said: [own('sunny')] }).of('fed').is).toBe(false);
  });
  it('the light is wrong for laying only where no host stands in the right one', () => {
    const dim = { creature: true, hostLight: 'sun', site: { sun_h: 2 } } as const;
    const other = planting('o', 'herb', 3, { ...STANDS, site_id: 'sunny' });
    expect(factsOf({ ...dim, others: [other] }).of('host-wrong-light').is).toBe(false);
  });
  it('what cost something was bought', () => {
    const cost = (cost_minor: number) => factsOf({ creature: true, row: { ...young, cost_minor } }).of('host-bought').is;
    expect([cost(500), cost(0)]).toEqual([true, false]);
  });
  it('an autumn is dark by the mean of September and October', () => {
    const { subject } = factsOf({});
    const year = Array.from({ length: 24 }, (_, h) => ({ before: h === 16 ? 4 : 1, after: h === 16 ? 2 : 1, midday: 0 }));
    const asked: (readonly number[])[] = [];
    const input = { ...subject.input, sunIn: (_: string, halfMonths: readonly number[]) => (asked.push(halfMonths), year) };
    const found = new Facts({ ...subject, input }).of('dark-autumn');
    expect(asked).toEqual([[16, 17, 18, 19]]);
    // (6 + 2 + 2 + 2) ÷ 4 = 3 h: just enough.
    expect(found).toEqual({ is: false, of: { sun_h: 3 } });
  });
  it('a passage alone is passing through, and nobody lays on it', () => {
    const flights = [
      { target: 'blue', region: 'flatland', part: 'passage', first: 10, last: 15, broods: 0, laying: false, zones: null },
    ];
    const facts = factsOf({ creature: true, flights });
    expect(facts.of('passing-through').is).toBe(true);
    expect(facts.of('not-laying').is).toBe(true);
    expect(factsOf({ creature: true }).of('passing-through').is).toBe(false);
    expect(factsOf({ creature: true }).of('not-laying').is).toBe(false);
  });
  it('says what is not known instead of guessing it', () => {
    const lacks = (fact: FactId, known: Known) => {
      const { is, lacks: what } = factsOf(known).of(fact);
      expect(is).toBe(null);
      return what;
    };
    expect(lacks('shade', { site: { sun_h: 1, assumed: ['sun'] } })).toBe('sun');
    expect(lacks('dry-site', { site: { moisture: 1, assumed: ['moisture'] } })).toBe('moisture');
    expect(lacks('drains-badly', { site: { assumed: ['drainage'] } })).toBe('drainage');
    expect(lacks('limy', { site: { ph: 8, assumed: ['ph'] } })).toBe('ph');
    expect(lacks('young', { row: { planted_year: null } })).toBe('age');
    expect(lacks('bought', {})).toBe('purchase');
    expect(lacks('dark-autumn', {})).toBe('sun');
    expect(lacks('wants-light', {})).toBe('batch');
  });
  it('of a plant that grows nowhere here the ground is not known, and its age is none', () => {
    const here = { row: { state: 'planned', planted_year: null } as const };
    expect(factsOf(here).of('shade')).toEqual({ is: null, lacks: 'site' });
    expect(factsOf(here).of('young').is).toBe(false);
  });
});
