import { describe, expect, it } from 'vitest';
import { entry } from '../../testing/log';
import { plant, target } from '../../testing/worked-garden';
import { LOG_COLUMNS, logRows } from './csv-table';
import { logNames } from './names';
import { guessColumns, readLogTable, type ReadChoices } from './read-table';

const names = logNames(
  {
    targets: [
      target('azure', { common: 'Spring azure', scientific: 'Celastrina exempli' }),
      target('monarch', { common: 'Monarch' }),
    ],
    plants: [plant('phlox', { common: 'Moss phlox' }), plant('aster', { common: 'Heart-leaved aster' })],
  },
  [{ id: 'bank', name: 'South bank' }],
);
const CHOICES: ReadChoices = { days: 'year-month-day', repeat: true, unknown: false, kind: 'adult' };
function read(table: string, over: Partial<ReadChoices> = {}) {
  const [heading, ...rows] = table
    .trim()
    .split('\n')
    .map((line) => line.split(','));
  let n = 0;
  return readLogTable(rows, guessColumns(heading!), { ...CHOICES, ...over }, names, () => `id-${++n}`);
}

describe('columns', () => {
  it('are known by the words that tables use', () => {
    expect(guessColumns(['Date', 'Species', 'How many', 'Host plant', 'Colour of my hat', 'Notes'])).toEqual({
      day: 0,
      name: 1,
      count: 2,
      on_plant: 3,
      note: 5,
    });
  });
});

describe('rows', () => {
  it('name creatures by common or scientific name, plants and beds by theirs', () => {
    const { entries, problems } = read(
      `date,species,count,plant,bed,stage\n2026-05-04,spring azure,2,moss phlox,south bank,imago\n2026-05-05,CELASTRINA EXEMPLI,,,behind the shed,eggs`,
    );
    expect(problems).toEqual([]);
    expect(entries).toMatchObject([
      { id: 'id-1', what: 'adult', of: 'azure', count: 2, plant: 'phlox', site_id: 'bank', place: '' },
      { id: 'id-2', what: 'eggs', of: 'azure', count: null, plant: null, site_id: null, place: 'behind the shed' },
    ]);
  });
  it('repeat the name and the stage above where theirs are blank, if that is wished', () => {
    const table = `date,species,stage,count\n2026-05-04,Monarch,larva,2\n2026-05-05,,,3`;
    expect(read(table).entries).toMatchObject([{}, { of: 'monarch', what: 'larva', count: 3 }]);
    expect(read(table, { repeat: false }).problems).toEqual([
      { row: 2, column: 'name', message: 'Say which creature it was, or how it looked.' },
    ]);
  });
  it.each([
    ['month/day/year', '5/4/2026', '2026-05-04'],
    ['day/month/year', '4.5.26', '2026-05-04'],
    ['month/day/year', '2026-05-04', '2026-05-04'],
    ['year-month-day', '2026-05-04T09:30', '2026-05-04'],
  ] as const)('days written %s: %s is %s', (days, text, iso) => {
    expect(read(`date,species\n${text},Monarch`, { days }).entries[0]!.on_day).toBe(iso);
  });
  it('times in either manner', () => {
    expect(
      read(`date,time,species\n2026-05-04,2:30 pm,Monarch\n2026-05-04,9.05,Monarch\n2026-05-04,12:15 am,Monarch`).entries.map(
        (row) => row.at,
      ),
    ).toEqual(['14:30', '09:05', '00:15']);
  });
  it('tie what was counted on a walk to it', () => {
    const { entries } = read(`date,what,name,count,minutes,walk\n2026-05-04,walk,,,20,first\n2026-05-04,adult,Monarch,2,,first`);
    expect(entries[1]!.walk_id).toBe(entries[0]!.id);
    expect(entries[0]).toMatchObject({ what: 'walk', minutes: 20, of: null });
  });
  it('are taken all or not at all, and every fault is named by row and column', () => {
    const { entries, problems } = read(
      `date,species,count,plant,stage\n2026-05-04,Monarch,2,,\n2026-02-30,Monarch,two,,\n2026-05-04,Yeti,1,moon cabbage,flying\nnever,Monarch,1,,`,
    );
    expect(entries).toEqual([]);
    expect(problems.map(({ row, column }) => `${row} ${column}`)).toEqual(['2 count', '3 what', '4 day']);
    expect(read(`date,species\n2026-02-30,Monarch`).problems).toEqual([
      { row: 1, column: 'day', message: 'That day is not in the calendar.' },
    ]);
    expect(read(`date,species,plant\n2026-05-04,Yeti,moon cabbage`).problems.map((row) => row.message)).toEqual([
      'The library has no creature “Yeti”.',
      'The library has no plant “moon cabbage”.',
    ]);
  });
  it('unknown creatures are taken as they are called, where that is wished', () => {
    expect(read(`date,species\n2026-05-04,Yeti`, { unknown: true }).entries).toMatchObject([{ of: null, called: 'Yeti' }]);
  });
});

it('the log goes out as a table and comes in again the same', () => {
  const log = [
    entry('walk', null, '2026-06-05', { minutes: 20, at: '11:00', temp_c: 21, sky: 'mixed', wind: 'light' }),
    entry('adult', 'azure', '2026-06-05', { count: 3, doing: 'nectaring', plant: 'phlox', site_id: 'bank', note: 'by the gate' }),
    entry('larva', 'monarch', '2026-06-06', { size: '3', count: 2 }),
    entry('adult', null, '2026-06-06', { called: 'a small orange one', place: 'along the road' }),
    entry('height', 'phlox', '2026-06-07', { amount: 12, site_id: 'bank' }),
    entry('lost', 'phlox', '2026-06-08', { count: 2, cause: 'wet' }),
    entry('first-flower', 'aster', '2026-09-01', { counts_as: 'first' }),
    entry('released', 'monarch', '2026-07-01', { count: 1 }),
  ];
  log[1]!.walk_id = log[0]!.id;
  const rows = logRows(log, names);
  const map = Object.fromEntries(LOG_COLUMNS.map((column, i) => [column, i]));
  const { entries, problems } = readLogTable(rows, map, { ...CHOICES, unknown: true }, names, () => crypto.randomUUID());
  expect(problems).toEqual([]);
  const bare = (list: readonly { id: string; walk_id: string | null; revision?: number }[]) =>
    list.map(({ id: _id, revision: _revision, walk_id, ...fields }) => ({
      ...fields,
      walk: list.findIndex((row) => row.id === walk_id),
    }));
  expect(bare(entries)).toEqual(bare(log));
});
