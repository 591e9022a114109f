import { describe, expect, it } from 'vitest';
import { GardenFields, GardenFile, PlantingFields, SiteFields, TargetFields } from './garden';
import { parseGlyph } from './glyph';
import { GARDEN, planting, site } from '../testing/worked-garden';

const sentence = (result: { success: boolean; error?: { issues: { path: PropertyKey[]; message: string }[] } }) =>
  result.success ? 'fine' : result.error!.issues.map((issue) => `${issue.path.join('.')}: ${issue.message}`).join(' ');

describe('a garden', () => {
  it.each([
    [{}, 'fine'],
    [{ name: '   ' }, 'name: Give a name.'],
    [{ name: 'x'.repeat(81) }, 'name: Keep the name under 80 characters.'],
    [{ half_zone: '14a' }, 'half_zone: Choose a half-zone from 1a to 13b.'],
    [{ lat: 91 }, 'lat: Give the latitude from 15 to 65.'],
    [{ lon: 70 }, 'lon: Give the longitude (negative in the West) from -140 to -50.'],
    [{ last_frost: 'May 4' }, 'last_frost: Give a month and day, such as 05-04.'],
    [{ last_frost: '04-31' }, 'last_frost: That day is not in the calendar.'],
    [{ last_frost: null }, 'fine'],
    [{ jurisdiction: 'Mass' }, 'jurisdiction: Give the two-letter code of the state or province.'],
  ])('%o: %s', (over, words) => {
    const said = sentence(GardenFields.safeParse({ ...GARDEN, name: 'Yard', ...over }));
    expect(said.startsWith(words)).toBe(true);
  });
});

describe('a bed', () => {
  it.each([
    [{}, 'fine'],
    [{ area_m2: null }, 'area_m2: Give the area in square metres as a number from 0.01 to 5000.'],
    [{ moisture: 2.5 }, 'moisture: Moisture is a whole step from 1 (dry) to 5 (wet).'],
    [{ sun_h: 25 }, 'sun_h: Give the hours of direct sun from 0 to 16.'],
    [{ kind: 'container' }, 'volume_l: Say how much potting mix the container holds.'],
    [{ kind: 'container', volume_l: 20 }, 'fine'],
    [{ features: ['gnome'] }, 'features.0: Choose a feature:'],
  ])('%o: %s', (over, words) => {
    expect(sentence(SiteFields.safeParse({ ...site('bed'), ...over })).startsWith(words)).toBe(true);
  });
});

describe('a planting and a target', () => {
  it.each([
    [{ count: 0 }, 'count: Give the count from 1 to 5000.'],
    [{ count: 1.5 }, 'count: Count whole plants.'],
    [{ planted_year: 1800 }, 'planted_year: Give the year planted from 1950 to 2100.'],
    [{ site_id: '../etc' }, 'site_id: An id is up to 64 lower-case letters, digits and hyphens.'],
  ])('%o: %s', (over, words) => {
    expect(sentence(PlantingFields.safeParse({ ...planting('p', 'x', 3), ...over }))).toBe(words);
  });
  it('an ambition is one of three', () => {
    expect(sentence(TargetFields.safeParse({ target: 'x', ambition: 'conquers', priority: 1 }))).toBe(
      'ambition: Choose an ambition: visits, breeds, thrives.',
    );
  });
});

describe('a garden file', () => {
  const { id: _id, revision: _revision, ...bed } = site('bed');
  const { revision: _r, ...row } = planting('p', 'x', 3);
  const file = {
    format: 'outwash-garden',
    version: 1,
    garden: { ...GARDEN, id: 'yard', name: 'Yard' },
    sites: [{ ...bed, id: 'bed' }],
    targets: [],
    plans: [{ id: 'plan', name: 'Plan', current: true }],
    plantings: [row],
  };
  it.each([
    ['whole', {}, 'fine'],
    ['of another making', { format: 'x' }, 'format: This is not an Outwash garden file.'],
    ['of a later version', { version: 2 }, 'version: This file was written by a newer version of Outwash.'],
    ['without a plan', { plans: [], plantings: [] }, 'plans: A garden file holds at least one plan.'],
    [
      'with no current plan',
      { plans: [{ id: 'plan', name: 'Plan', current: false }] },
      'plans: Exactly one plan is the current one.',
    ],
    ['with a planting nowhere', { sites: [] }, 'plantings.0.site_id: No bed has the id bed.'],
    [
      'with a planting of no plan',
      { plans: [{ id: 'other', name: 'Plan', current: true }] },
      'plantings.0.plan_id: No plan has the id plan.',
    ],
  ])('%s', (_, over, words) => expect(sentence(GardenFile.safeParse({ ...file, ...over }))).toBe(words));
});

describe('glyphs', () => {
  it('are read from their cell', () => {
    expect(parseGlyph('shape:bird|back:#3f7f4a|bill:16')).toEqual({ shape: 'bird', back: '#3f7f4a', bill: 16 });
  });
  it.each([
    'shape:dragon',
    'shape:bird|back:green',
    'shape:bird|wings:#000000',
    'back:#3f7f4a',
    'shape:bird|bill:7',
    'shape:bird|bill:x',
    'shape',
    '',
    'shape:bird|toString:#000000',
  ])('%s is answered in a sentence', (cell) => {
    expect(parseGlyph(cell)).toHaveProperty('problem');
  });
});

it.each([
  ['1949-12-31', false],
  ['1950-01-01', true],
  ['2150-12-31', true],
  ['2151-01-01', false],
  ['2027-02-29', false],
])('the clock of a garden may stand at %s: %s', (clock, may) => {
  expect(GardenFields.shape.clock.safeParse(clock).success).toBe(may);
});
