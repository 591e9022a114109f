import { describe, expect, it } from 'vitest';
import { coverage } from '../coverage/coverage';
import { seasonCalendar } from './calendar';
import { isoOfDay, seasonEvents } from '../words/events';
import { bloomStory, flightStory } from '../words/dates';
import { almanacFor } from '../almanac/almanac';
import { GARDEN, gardenOf, host, libraryOf, plant, planting, site, target, type World } from '../testing/worked-garden';

const world: World = {
  targets: [target('azure')],
  plants: [
    plant('nettle', { nectar_butterfly: 0, flower_form: 'none', bloom_first: null, bloom_last: null }),
    plant('phlox', { leaf_g: 0, rebloom_days: 15 }),
    plant('aster', { leaf_g: 0, bloom_first: 16, bloom_last: 17, flower_form: 'daisy', years_to_flower: 3 }),
  ],
  hosts: [host('azure', 'nettle')],
};
const rows = [
  planting('a', 'aster', 3, { site_id: 'swale', state: 'in-ground', planted_year: 2024 }),
  planting('p', 'phlox', 4, { cut: { on: '06-16', count: 4 } }),
  planting('n', 'nettle', 6, { state: 'in-ground', planted_year: 2020 }),
  planting('x', 'aster', 5, { state: 'lost', planted_year: 2020, lost_year: 2025 }),
];
const input = gardenOf(world, rows, { sites: [site('bed'), site('swale')] });
const inYear = (year: number | null) => ({ ...input, year });
const calendarOf = (year: number | null, by: 'bed' | 'form' | 'target') =>
  seasonCalendar(inYear(year), coverage(inYear(year)), by);
const names = (calendar: ReturnType<typeof calendarOf>) =>
  calendar.sections.map(({ of, rows }) => [of, rows.map((row) => row.planting.id)]);

describe('the calendar of a garden', () => {
  it('has who flies and when its larvae feed', () => {
    const [row] = calendarOf(null, 'bed').flights;
    // May; the larvae hatch after 15 of 100 degree-days at 5 a day.
    expect(row).toMatchObject({ flight: { from: 121, to: 151 }, own: false });
    expect(row!.larval.map((period) => period.brood)).toEqual([1]);
    expect(row!.larval[0]!.from).toBe(123);
  });
  it('by bed, in the order of the beds, what flowers first before the others', () => {
    expect(names(calendarOf(null, 'bed'))).toEqual([
      ['bed', ['p', 'n']],
      ['swale', ['a']],
    ]);
  });
  it('by flower form', () => {
    expect(names(calendarOf(null, 'form'))).toEqual([
      ['flat', ['p']],
      ['daisy', ['a']],
      ['none', ['n']],
    ]);
  });
  it('by whom it serves; the aster of September serves nobody in May', () => {
    expect(names(calendarOf(null, 'target'))).toEqual([
      ['azure', ['p', 'n']],
      ['', ['a']],
    ]);
  });
  it('shows a cut planting twice in flower, a host in leaf', () => {
    const [bed] = calendarOf(null, 'bed').sections;
    expect(bed!.rows[0]!.parts[0]!.spells.map(({ from, to }) => [from, to])).toEqual([
      [121, 166],
      [182, 212],
    ]);
    expect(bed!.rows[0]!.foliage).toBeNull();
    // In leaf from early April to late October.
    expect(bed!.rows[1]).toMatchObject({ hostOf: ['azure'], foliage: { from: 91, to: 304 }, first: Infinity });
  });
  it('as it is this year: planned, too young, grown', () => {
    const ages = (year: number | null) =>
      Object.fromEntries(calendarOf(year, 'bed').sections.flatMap(({ rows }) => rows.map((row) => [row.planting.id, row.age])));
    expect(ages(null)).toEqual({ a: 'grown', p: 'grown', n: 'grown' });
    // Herbs are grown two years after planting; the aster flowers in its third year.
    expect(ages(2025)).toEqual({ a: 'not-flowering', p: 'not-planted', n: 'grown' });
    expect(ages(2027)).toEqual({ a: 'grown', p: 'not-planted', n: 'grown' });
    expect(ages(2021).n).toBe('young');
  });
  it('in a year behind: what was lost later still stood then', () => {
    const there = (year: number) => calendarOf(year, 'bed').sections.flatMap(({ rows }) => rows.map((row) => row.planting.id));
    expect(there(2024)).toContain('x');
    expect(there(2025)).not.toContain('x');
    expect(coverage(inYear(2024)).targets[0]!.needs.find((row) => row.need.stage === 'host')!.verdict).toBe('closed');
  });
  it('what does not fit gives nothing, and says so', () => {
    const shady = gardenOf(world, rows, { sites: [site('bed', { sun_h: 1 }), site('swale')] });
    const [bed] = seasonCalendar(shady, coverage(shady), 'bed').sections;
    expect(bed!.rows.map((row) => row.age)).toEqual(['gives-nothing', 'gives-nothing']);
  });
});

describe('the season as events', () => {
  const events = seasonEvents(calendarOf(null, 'bed'), 2026, (id) => `the ${id}`);
  it('has flights, larvae, blooms, the cut and the bloom after it, in the order of the year', () => {
    expect(events.map(({ kind, title, first, last }) => [kind, title, first, last])).toEqual([
      ['flight', 'azure on the wing', '2026-05-01', '2026-05-31'],
      ['bloom', 'phlox in flower', '2026-05-01', '2026-06-15'],
      ['larvae', 'Caterpillars of azure', '2026-05-03', expect.any(String)],
      ['cut', 'Cut 4 phlox for a second bloom', '2026-06-16', '2026-06-16'],
      ['second-bloom', 'phlox in flower again', '2026-07-01', '2026-07-31'],
      ['bloom', 'aster in flower', '2026-09-01', '2026-09-30'],
    ]);
    expect(events[1]!.note).toBe('4 in the bed');
  });
  it('names each once, and the same way each time', () => {
    const keys = events.map((event) => event.key);
    expect(new Set(keys).size).toBe(keys.length);
    expect(keys).toContain('bloom-p');
    const byTarget = seasonEvents(calendarOf(null, 'target'), 2026, (id) => id).map((event) => event.key);
    expect([...byTarget].sort()).toEqual([...keys].sort());
  });
  it('leaves out what is not planted yet', () => {
    const kinds = seasonEvents(calendarOf(2025, 'bed'), 2025, (id) => id).filter((event) => event.kind.includes('bloom'));
    expect(kinds).toEqual([]);
  });
  it('days beyond the year lie in the next', () => {
    expect([isoOfDay(2026, 1), isoOfDay(2026, 365), isoOfDay(2026, 366), isoOfDay(2026, 380)]).toEqual([
      '2026-01-01',
      '2026-12-31',
      '2027-01-01',
      '2027-01-15',
    ]);
  });
});

describe('how a date comes about', () => {
  const seen = ['2024-05-11', '2025-05-11'].map((on_day, i) => ({
    of: 'phlox',
    what: 'first-bloom' as const,
    on_day,
    id: `s${i}`,
    sure: true,
  }));
  it('a degree and a half north it opens five days later, and two years of the gardener count by four fifths', () => {
    const almanac = almanacFor(libraryOf(world), { ...GARDEN, lat: 41.5 }, seen);
    const story = bloomStory(almanac.plants.get('phlox')!, almanac.frosts, () => 'Flatland')!;
    // Of six days of spring the heat law leaves five in early May: 6 May, day 126; seen on 11 May, day 131: 126 + 0.8 × 5.
    expect(story).toMatchObject({
      stated: [{ window: { from: 121, to: 181 }, where: 'Flatland' }],
      moved: { from: 126, to: 186 },
      shift: 'opens 5 days later than there, by the heat of spring',
      own: 'first 11 May 2024, 11 May 2025: moves it by 80 %',
      window: { from: 130, to: 186 },
    });
  });
  it('says what the frost allows', () => {
    const annual = plant('zinnia', { kind: 'annual', bloom_first: 6, bloom_last: 18, blooms_to_frost: true });
    const almanac = almanacFor(libraryOf({ ...world, plants: [...world.plants, annual] }), GARDEN);
    expect(bloomStory(almanac.plants.get('zinnia')!, almanac.frosts, () => 'Flatland')!.frost).toBe(
      'not before 21 April; goes on to the frost, 25 October',
    );
    expect(bloomStory(almanac.plants.get('nettle')!, almanac.frosts, () => 'Flatland')).toBeNull();
  });
  it('a flight that was not seen early is not shortened yet', () => {
    const late = { ...seen[0]!, of: 'azure', what: 'first-flight' as const, on_day: '2026-05-09' };
    const { targets } = almanacFor(libraryOf(world), GARDEN, [late]);
    const story = flightStory(targets.get('azure')!, 'Flatland', (id) => id);
    expect(story.own).toBe('first 9 May 2026: does not shorten it before there are three years');
    expect(story.window).toEqual({ from: 121, to: 151 });
  });
});
