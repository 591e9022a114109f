import { describe, expect, it } from 'vitest';
import { parseReferenceFile } from './parse';

const HEADER = ['target', 'plant', 'rank', 'light', 'note', 'part', 'confidence'];
const ROW = ['danaus-plexippus', 'asclepias', 'accepted', 'sun', 'Milkweeds; in general', '', 'high'];
const table = (mark: string, quote = (cell: string) => cell) => [HEADER, ROW.map(quote)].map((row) => row.join(mark)).join('\n');

describe('a table as spreadsheets write it', () => {
  it.each([
    ['commas', table(',')],
    ['semicolons', table(';', (cell) => (cell.includes(';') ? `"${cell}"` : cell))],
    ['tabs', table('\t')],
    ['a mark of the byte order before it', `\uFEFF${table(',')}`],
    ['lines ended as in Windows', table(';', (cell) => (cell.includes(';') ? `"${cell}"` : cell)).replaceAll('\n', '\r\n')],
  ])('with %s says the same', (_, text) => {
    const { rows, problems } = parseReferenceFile('hosts.csv', text);
    expect(problems).toEqual([]);
    expect(rows).toEqual([
      {
        target: 'danaus-plexippus',
        plant: 'asclepias',
        rank: 'accepted',
        light: 'sun',
        note: 'Milkweeds; in general',
        part: null,
        confidence: 'high',
      },
    ]);
  });
  it('reads a comma as the decimal point where cells are parted by semicolons', () => {
    const text = 'region;month;tmin_c;tmax_c;rain_mm;rain_days;et0_mm\nflat;1;-4,5;3,25;80;9;12\n';
    expect(parseReferenceFile('climate-normals.csv', text).rows).toEqual([
      { region: 'flat', month: 1, tmin_c: -4.5, tmax_c: 3.25, rain_mm: 80, rain_days: 9, et0_mm: 12 },
    ]);
  });
  it('of an earlier version, without columns that a row can do without', () => {
    const { rows, problems } = parseReferenceFile('hosts.csv', 'target,plant,rank,light,note\na,b,poor,any,\n');
    expect(problems).toEqual([]);
    expect(rows).toEqual([{ target: 'a', plant: 'b', rank: 'poor', light: 'any', note: '', part: null, confidence: null }]);
  });
});
