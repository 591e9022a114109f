import { describe, expect, it } from 'vitest';
import { readLibrary } from '../../scripts/reference-files';
import { OwnRowFields } from '../model/garden';
import { REFERENCE_FILE_NAMES } from '../model/tables';
import { cellsOf, keyOf, rowsOf } from './cells';
import { csvOf, ownFromCsv } from './csv';
import { malformed, problemsOfOwn, withOwn } from './own';
import { parseReferenceFile } from './parse';

const { library } = readLibrary();
const zizia = cellsOf(
  'plants.csv',
  library.plants.find((row) => row.id === 'zizia-aurea')!,
);

describe('own rows over the shipped library', () => {
  it('win, add and strike out, and leave the shipped rows as they were', () => {
    const laid = withOwn(library, [
      { file: 'plants.csv', key: 'zizia-aurea', cells: { ...zizia, common: 'Golden alexander' } },
      { file: 'plants.csv', key: 'zizia-mine', cells: { ...zizia, id: 'zizia-mine' } },
      { file: 'hosts.csv', key: 'danaus-plexippus + asclepias-syriaca', cells: null },
    ]);
    expect(laid.plants.find((row) => row.id === 'zizia-aurea')!.common).toBe('Golden alexander');
    expect(laid.plants).toHaveLength(library.plants.length + 1);
    expect(laid.hosts).toHaveLength(library.hosts.length - 1);
    expect(library.plants.find((row) => row.id === 'zizia-aurea')!.common).toBe('Golden alexanders');
    expect(withOwn(library, [])).toBe(library);
  });
  it('are refused by column where a value cannot be', () => {
    const row = { file: 'plants.csv', key: 'zizia-aurea', cells: { ...zizia, ph_min: '1', alkaloid: 'maybe' } } as const;
    expect(malformed(row)).toEqual({ ph_min: 'At least 3.', alkaloid: 'Write y or n.' });
  });
  it('of an occurrence saved when it still stated its flight keep that flight', () => {
    const key = 'danaus-plexippus + upper-midwest';
    const creature = { target: 'danaus-plexippus', region: 'upper-midwest' };
    const cells = { ...creature, status: 'migrant', first: '8', last: '19', broods: '3', ease: '1' };
    const parts = (own: OwnRowFields[]) =>
      withOwn(library, own).flights.filter((row) => row.target === creature.target && row.region === creature.region);
    expect(parts([{ file: 'occurrence.csv', key, cells }])).toEqual([
      { ...creature, part: 'breeding', first: 8, last: 19, broods: 3, laying: true, zones: null },
    ]);
    // What is said in the table of flights since then wins.
    const since = { ...creature, part: 'passage', first: '9', last: '9', broods: '0', laying: 'n', zones: '' };
    const both = parts([
      { file: 'occurrence.csv', key, cells },
      { file: 'flights.csv', key: `${key} + passage + 9 +`, cells: since },
    ]);
    expect(both.map((row) => row.part)).toContain('passage');
    expect(both.map((row) => row.part)).toContain('return');
  });
  it('may not change the names that make them', () => {
    expect(malformed({ file: 'plants.csv', key: 'zizia-aurea', cells: { ...zizia, id: 'zizia' } })).toHaveProperty('id');
  });
  it.each([
    [
      'a host nobody knows',
      { target: 'danaus-plexippus', plant: 'oats', rank: 'primary', light: 'sun', note: '' },
      'No plant, genus or family',
    ],
    ['a creature nobody knows', { target: 'yeti', plant: 'asclepias', rank: 'primary', light: 'sun', note: '' }, 'No target'],
  ])('may not name %s', (_, cells, message) => {
    const key = `${cells.target} + ${cells.plant}`;
    expect(Object.values(problemsOfOwn(library, { file: 'hosts.csv', key, cells })).join()).toContain(message);
  });
  it('may not leave others hanging', () => {
    const found = problemsOfOwn(library, { file: 'targets.csv', key: 'danaus-plexippus', cells: null });
    expect(Object.values(found).join()).toContain('danaus-plexippus: No target has this id.');
  });
});

describe('a table as CSV', () => {
  it.each(REFERENCE_FILE_NAMES)('%s comes back the same', (file) => {
    const { rows, problems } = parseReferenceFile(file, csvOf(library, file));
    expect(problems).toEqual([]);
    expect(rows).toEqual(rowsOf(library, file));
  });
  it('says nothing new where nothing was changed', () => {
    expect(ownFromCsv(library, 'cautions.csv', csvOf(library, 'cautions.csv'))).toEqual({
      own: [],
      added: 0,
      same: library.cautions.length,
      problems: [],
    });
  });
  it('gives what differs as own rows', () => {
    const text = 'target,plant,rank,light,note\ndanaus-plexippus,asclepias-syriaca,accepted,sun,Mine\n';
    expect(ownFromCsv(library, 'hosts.csv', text).own).toEqual([
      {
        file: 'hosts.csv',
        key: 'danaus-plexippus + asclepias-syriaca',
        cells: {
          target: 'danaus-plexippus',
          plant: 'asclepias-syriaca',
          rank: 'accepted',
          light: 'sun',
          note: 'Mine',
          part: '',
          confidence: '',
        },
      },
    ]);
  });
  it.each([
    [
      'an unknown plant',
      'target,plant,rank,light,note\ndanaus-plexippus,asclepias,poor,sun,\ndanaus-plexippus,oats,poor,sun,\n',
      3,
      'oats',
    ],
    ['a stray quote', 'target,plant,rank,light,note\ndanaus-plexippus,"asclepias,poor,sun,\n', null, 'stray quote'],
    ['a header alone', 'target,plant,rank,light,note\n', 1, 'no rows'],
    ['a missing column', 'target,plant,rank\ndanaus-plexippus,asclepias,poor\n', 1, 'light is missing'],
  ])('takes nothing with %s', (_, text, row, message) => {
    const { own, problems } = ownFromCsv(library, 'hosts.csv', text);
    expect(own).toEqual([]);
    if (row) expect(problems[0]!.row).toBe(row);
    expect(problems[0]!.message).toContain(message);
  });
  it('knows a row by its key columns', () => {
    expect(keyOf('occurrence.csv', { target: 'a', region: 'b', first: 3 })).toBe('a + b');
    const part = { target: 'a', region: 'b', part: 'breeding', first: 8, zones: null };
    expect(keyOf('flights.csv', part)).toBe('a + b + breeding + 8 +');
    // As it is saved, it is found again.
    const [row] = library.flights;
    const key = OwnRowFields.parse({ file: 'flights.csv', key: keyOf('flights.csv', row!), cells: null }).key;
    expect(withOwn(library, [{ file: 'flights.csv', key, cells: null }]).flights).toHaveLength(library.flights.length - 1);
  });
});

describe('own rows of care saved before care had windows', () => {
  const earlier = (cells: Record<string, string>) => ({
    file: 'care.csv' as const,
    key: 'asclepias-syriaca + thin + last-frost + 14',
    cells: {
      plant: 'asclepias-syriaca',
      action: 'thin',
      zones: '',
      school: '',
      note: 'Mine',
      every_days: '',
      every_years: '',
      ...cells,
    },
  });
  it.each([
    [{ anchor: 'last-frost', offset_days: '14' }, 'last-frost+14'],
    [{ anchor: 'bloom-end', offset_days: '-7' }, 'bloom-end-7'],
    [{ anchor: 'first-frost', offset_days: '0' }, 'first-frost'],
    [{ anchor: 'night-below-c', offset_days: '5' }, 'cool-nights 5'],
    // Day 182 is 1 July.
    [{ anchor: 'month', offset_days: '182' }, '07-01'],
  ])('%j still hold, from %s', (cells, from) => {
    const own = earlier(cells);
    expect(malformed(own)).toEqual({});
    const laid = withOwn(library, [own]);
    expect(laid.care.at(-1)).toMatchObject({
      plant: 'asclepias-syriaca',
      action: 'thin',
      from,
      until: '',
      how: 'Mine',
      why: 'Mine',
    });
  });
  it('and one struck out then strikes nothing out now', () => {
    expect(withOwn(library, [{ ...earlier({}), cells: null }]).care).toEqual(library.care);
  });
});
