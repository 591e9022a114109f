import { describe, expect, it } from 'vitest';
import { readLibrary } from '../../scripts/reference-files';
import type { Library } from '../model/reference';
import { checkRows } from './check';
import { checkLibrary } from '../match/library-check';

const { library } = readLibrary();
const messages = (changed: Partial<Library>) =>
  checkRows({ ...library, ...changed })
    .map((found) => `${found.about}: ${found.message}`)
    .join('\n');
const first = <T extends object>(rows: readonly T[], over: Partial<T>): T[] => [{ ...rows[0]!, ...over }, ...rows.slice(1)];

describe('rows that cannot stand', () => {
  it('are none in the shipped library', () => expect(checkRows(library)).toEqual([]));
  it.each<[string, Partial<Library>, string]>([
    ['a month missing', { normals: library.normals.slice(1) }, '11 months of normals'],
    ['a night warmer than its day', { normals: first(library.normals, { tmin_c: 20, tmax_c: 4 }) }, 'tmin is not below tmax'],
    ['rain that does not add up', { regions: first(library.regions, { annual_rain_mm: 300 }) }, 'the months add up to'],
    ['an area of nowhere', { areas: first(library.areas, { region: 'atlantis' }) }, 'No region has this id'],
    ['an area without an inside', { areas: first(library.areas, { lat_min: 50, lat_max: 40 }) }, 'Its box has no inside'],
    ['a creature turned inside out', { targets: first(library.targets, { size_min_mm: 200 }) }, 'size_min_mm is more than'],
    ['a butterfly that eats nothing', { targets: first(library.targets, { larva_leaf_g: null }) }, 'needs larva_leaf_g'],
    ['a wintering larva nobody sized', { targets: first(library.targets, { winter_larva: 'unfed' }) }, 'winter_larva goes with'],
    ['a drawing of an unknown mark', { targets: first(library.targets, { glyph: 'shape:rounded|frills:#112233' }) }, 'glyph'],
    ['a flight of nobody', { occurrence: first(library.occurrence, { target: 'yeti' }) }, 'No target has this id'],
    [
      'a butterfly that nests',
      { occurrence: first(library.occurrence, { nest_first: 8, nest_last: 10 }) },
      'Only hummingbirds nest',
    ],
    ['half a nesting', { occurrence: first(library.occurrence, { nest_first: 8 }) }, 'needs both its ends'],
    ['a part of a year of nobody', { flights: first(library.flights, { target: 'yeti' }) }, 'No target has this id'],
    ['laying without a brood', { flights: first(library.flights, { laying: true, broods: 0 }) }, 'no brood comes of it'],
    ['zones turned round', { flights: first(library.flights, { zones: '9b-7a' }) }, 'from the warmer to the colder'],
    ['a year without its creature', { occurrence: library.occurrence.slice(1) }, 'no row in occurrence.csv'],
    ['a bloom of nothing', { blooms: first(library.blooms, { plant: 'triffid' }) }, 'No plant has this id'],
    [
      'a listed plant that is harmless anywhere',
      {
        status: [
          ...library.status,
          { plant: 'lythrum-salicaria', place: 'anywhere', status: 'introduced', as_of: 2024, note: '' },
        ],
      },
      'is listed elsewhere',
    ],
    [
      'a status of nowhere',
      { status: first(library.status, { place: 'Narnia' }) },
      'no region, two-letter code or range of half-zones',
    ],
    ['a caution about nothing', { cautions: first(library.cautions, { plant: 'triffid' }) }, 'No plant has this id'],
    ['care of nothing', { care: first(library.care, { plant: 'triffid' }) }, 'No plant, genus, family or kind'],
    ['a look-alike of nobody', { lookalikes: first(library.lookalikes, { b: 'yeti' }) }, 'No target has this id'],
    [
      'a creature like itself',
      { lookalikes: first(library.lookalikes, { b: library.lookalikes[0]!.a }) },
      'not its own look-alike',
    ],
    [
      'a mark of both',
      { lookalikes: first(library.lookalikes, { b_mark: library.lookalikes[0]!.a_mark }) },
      'tells nobody apart',
    ],
    ['a cause for nobody', { causes: first(library.causes, { who: 'triffid' }) }, 'triffid is nobody’s name'],
    ['a cause of nothing seen', { causes: first(library.causes, { symptom: 'hiccups' }) }, 'No symptom has this id'],
    [
      'a cause that asks what nobody can',
      { causes: first(library.causes, { asks: 'oracle:3/-2' }) },
      'No check has the id oracle',
    ],
    [
      'a cause that rests on nothing',
      { causes: first(library.causes, { evidence: '', asks: '', months: '', who: '' }) },
      'It rests on nothing',
    ],
    ['a symptom on nobody', { symptoms: first(library.symptoms, { who: 'triffid' }) }, 'triffid is nobody’s name'],
    ['a symptom of one cause', { symptoms: first(library.symptoms, { id: 'hiccups' }) }, 'two causes or more'],
    ['a check that nobody asks for', { checks: first(library.checks, { id: 'oracle' }) }, 'No cause asks for it'],
    [
      'a way to raise nothing',
      { propagation: first(library.propagation, { plant: 'triffid' }) },
      'No plant, genus or family has this id',
    ],
    [
      'seed without its depth',
      { propagation: first(library.propagation, { depth_mm: null, method: ['indoors'] }) },
      'its depth are given',
    ],
    [
      'more at the least than at the most',
      { propagation: first(library.propagation, { rate_from: 0.9, rate_to: 0.1 }) },
      'the lower first',
    ],
  ])('%s', (_, changed, message) => expect(messages(changed)).toContain(message));
});

it('a creature without a year is no occurrence', () => {
  const flights = library.flights.filter((row) => row.target !== 'danaus-plexippus');
  expect(checkLibrary({ ...library, flights }).map((row) => row.message)).toContain(
    'No part of its year there is in flights.csv.',
  );
});

describe('regions that cannot serve', () => {
  const about = (changed: Partial<Library>) =>
    checkLibrary({ ...library, ...changed })
      .map((found) => `${found.about}: ${found.message}`)
      .join('\n');
  it('a creature whose one host does not grow there', () => {
    const hosts = library.hosts.filter((row) => row.target !== 'eurytides-marcellus' || row.plant === 'asimina-reticulata');
    expect(about({ hosts })).toContain('eurytides-marcellus in mid-atlantic: No admissible host');
  });
  it('a generalist with a single second-rate host', () => {
    const hosts = library.hosts.filter((row) => row.target !== 'pieris-oleracea' || row.plant === 'turritis-glabra');
    expect(about({ hosts })).toContain('pieris-oleracea in upper-midwest: Only one admissible host');
  });
  it('larvae before any host is in leaf', () => {
    const plants = library.plants.map((row) =>
      row.id.startsWith('asimina') ? { ...row, foliage_first: 12, bloom_first: 12, bloom_last: 13 } : row,
    );
    expect(about({ plants })).toContain('No host is in leaf for its larvae');
  });
});
