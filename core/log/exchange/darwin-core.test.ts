import { describe, expect, it } from 'vitest';
import { entry } from '../../testing/log';
import { darwinCoreFaults } from '../../testing/darwin-core-rules';
import { plant, target } from '../../testing/worked-garden';
import { LogBook } from '../book';
import { coarsePlace, darwinCore, type PlaceGrain } from './darwin-core';
import { logNames } from './names';

const targets = [
  target('azure', { scientific: 'Celastrina exempli', family: 'lycaenidae' }),
  target('rare', { scientific: 'Rara rara', concern: 'Protected.' }),
];
const names = logNames({ targets, plants: [plant('phlox', { scientific: 'Phlox exempli' })] }, []);
const garden = { id: 'yard', name: 'Yard', lat: 41.73456, lon: -70.41234, jurisdiction: 'MA' };
const book = new LogBook([
  entry('walk', null, '2026-06-05', { id: 'w', minutes: 20, at: '11:00' }),
  entry('adult', 'azure', '2026-06-05', { id: 'a', count: 3, walk_id: 'w', doing: 'nectaring', plant: 'phlox', at: '11:00' }),
  entry('walk', null, '2026-06-20', { id: 'empty', minutes: 20 }),
  entry('larva', 'rare', '2026-06-21', { id: 'r', count: 1, note: 'two\tlines\nof a note' }),
  entry('adult', null, '2026-06-21', { called: 'a small orange one' }),
  entry('first-flower', 'phlox', '2026-06-21'),
]);
const archiveOf = (grain: PlaceGrain, locality = false) =>
  darwinCore(book, garden, new Map(targets.map((row) => [row.id, row])), names, { grain, locality });
/** The rows of a file as objects by their columns. */
function rowsOf(text: string): Record<string, string>[] {
  const [heading, ...lines] = text
    .trimEnd()
    .split('\n')
    .map((line) => line.split('\t'));
  return lines.map((line) => Object.fromEntries(heading!.map((column, i) => [column, line[i]!])));
}

describe('a Darwin Core Archive', () => {
  it.each<PlaceGrain>(['garden', 'kilometre', 'ten-kilometres', 'none'])(
    'keeps the rules of the standard, places %s',
    (grain) => {
      expect(darwinCoreFaults(archiveOf(grain).files)).toEqual([]);
    },
  );
  it('the rules find what is wrong', () => {
    const { files } = archiveOf('garden');
    const broken = (name: keyof typeof files, from: string | RegExp, to: string) =>
      darwinCoreFaults({ ...files, [name]: files[name].replace(from, to) });
    expect(broken('occurrence.txt', 'HumanObservation', '')).not.toEqual([]);
    expect(broken('event.txt', 'urn:outwash:yard:a', 'urn:outwash:yard:x')).not.toEqual([]);
    expect(broken('meta.xml', 'terms/eventDate', 'terms/eventDay')).not.toEqual([]);
    expect(broken('meta.xml', '</core>', '')).not.toEqual([]);
    expect(broken('occurrence.txt', 'urn:outwash:yard:r', 'urn:outwash:yard:a')).not.toEqual([]);
  });
  it('says what was seen, on what and how it was counted', () => {
    const [azure] = rowsOf(archiveOf('garden').files['occurrence.txt']);
    expect(azure).toMatchObject({
      occurrenceID: 'urn:outwash:yard:a',
      scientificName: 'Celastrina exempli',
      family: 'Lycaenidae',
      order: 'Lepidoptera',
      individualCount: '3',
      lifeStage: 'adult',
      behavior: 'nectaring',
      associatedTaxa: 'visited flower of: Phlox exempli',
      eventDate: '2026-06-05',
      eventTime: '11:00',
      samplingEffort: '20 observer-minutes',
      countryCode: 'US',
      stateProvince: 'MA',
      locality: '',
    });
    expect(rowsOf(archiveOf('garden').files['event.txt'])).toMatchObject([
      { coreid: 'urn:outwash:yard:a', eventID: 'urn:outwash:yard:w', sampleSizeValue: '20', sampleSizeUnit: 'minute' },
    ]);
  });
  it('gives a walk on which nothing was seen as an absence, leaves out what has no name, and keeps notes on one line', () => {
    const archive = archiveOf('garden', true);
    const rows = rowsOf(archive.files['occurrence.txt']);
    expect(rows.map((row) => [row.scientificName, row.occurrenceStatus])).toEqual([
      ['Celastrina exempli', 'present'],
      ['Lepidoptera', 'absent'],
      ['Rara rara', 'present'],
    ]);
    expect(archive.unnamed).toBe(1);
    expect(rows[2]!.occurrenceRemarks).toBe('two lines of a note');
    expect([rows[0]!.locality, rows[2]!.locality]).toEqual(['Yard', '']);
  });
  it('rounds places as chosen, those of creatures of concern to a tenth of a degree', () => {
    const place = (grain: PlaceGrain) =>
      rowsOf(archiveOf(grain).files['occurrence.txt']).map((row) => `${row.decimalLatitude} ${row.decimalLongitude}`);
    expect(place('garden')).toEqual(['41.7346 -70.4123', '41.7346 -70.4123', '41.7 -70.4']);
    expect(place('kilometre')).toEqual(['41.73 -70.41', '41.73 -70.41', '41.7 -70.4']);
    expect(place('none')).toEqual([' ', ' ', ' ']);
    expect(archiveOf('kilometre').coarsened).toEqual(['rare']);
    expect(archiveOf('ten-kilometres').coarsened).toEqual([]);
  });
  it('says how uncertain a rounded place is: half the diagonal of its cell and the garden', () => {
    // At 60° a hundredth of a degree is 1,113.2 m by 556.6 m: half the diagonal is 622.3 m.
    expect(coarsePlace({ lat: 60, lon: 10 }, 'kilometre')!.uncertainty_m).toBe(653);
  });
});
