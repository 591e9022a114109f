import { describe, expect, it } from 'vitest';
import { gardenHere } from '../garden/here';
import { entry } from '../testing/log';
import { host, libraryOf, plant, recordsIn, target } from '../testing/worked-garden';
import { datesAsked, datesOf } from './dates';

// The azure flies from 1 to 31 May (days 121 to 151); phlox flowers from 1 May to 30 June (121 to 181).
const WORLD = {
  plants: [plant('phlox'), plant('nettle', { bloom_first: null, bloom_last: null, flower_form: 'none' as const })],
  targets: [target('azure')],
  hosts: [host('azure', 'nettle')],
};
const library = libraryOf(WORLD);
const almanacWith = (log: Parameters<typeof datesOf>[0]) =>
  gardenHere(recordsIn(WORLD, [], { seen: datesOf(log) }), library).almanac;

describe('dates from the log', () => {
  it('are the first and the last adult of each half of a year, and every first and last flower', () => {
    const log = [
      entry('adult', 'azure', '2026-05-10'),
      entry('laying', 'azure', '2026-05-04'),
      entry('adult', 'azure', '2026-05-20'),
      entry('adult', 'azure', '2026-08-02'),
      entry('larva', 'azure', '2026-04-01'),
      entry('first-flower', 'phlox', '2026-05-06'),
      entry('full-flower', 'phlox', '2026-05-30'),
    ];
    const days = datesOf(log).map(({ of, what, on_day }) => `${of} ${what} ${on_day}`);
    expect(days.sort()).toEqual([
      'azure first-flight 2026-05-04',
      'azure first-flight 2026-08-02',
      'azure last-flight 2026-05-20',
      'azure last-flight 2026-08-02',
      'phlox first-bloom 2026-05-06',
    ]);
  });
  it('leave out what was said to be neither', () => {
    expect(datesOf([entry('adult', 'azure', '2026-03-02', { counts_as: 'neither' })])).toEqual([]);
  });
  it('are sure only where the gardener said so', () => {
    const log = [entry('adult', 'azure', '2026-05-04', { counts_as: 'first' }), entry('first-flower', 'phlox', '2026-05-06')];
    expect(datesOf(log).filter((row) => row.sure)).toEqual([
      { id: log[0]!.id, of: 'azure', what: 'first-flight', on_day: '2026-05-04', sure: true },
    ]);
  });
});

describe('what dates do to the calendar', () => {
  it('an adult ten days early lengthens the flight by itself', () => {
    // 21 April is day 111.
    expect(almanacWith([entry('adult', 'azure', '2026-04-21')]).targets.get('azure')!.flight.from).toBe(111);
  });
  it('an adult in the midst of the flight changes nothing, in however many years', () => {
    const log = [2023, 2024, 2025, 2026].map((year) => entry('adult', 'azure', `${year}-05-15`));
    expect(almanacWith(log).targets.get('azure')!.flight).toEqual({ from: 121, to: 151 });
  });
  it('an adult five weeks early counts only once it is confirmed', () => {
    // 27 March is day 86, 35 days before 1 May.
    const early = entry('adult', 'azure', '2026-03-27');
    const seen = datesOf([early]);
    const almanac = almanacWith([early]);
    expect(almanac.targets.get('azure')!.flight.from).toBe(121);
    expect(datesAsked(seen, almanac)).toMatchObject([{ row: { id: early.id, what: 'first-flight' }, day: 86, calculated: 121 }]);
    const sure = [{ ...early, counts_as: 'first' as const }];
    expect(almanacWith(sure).targets.get('azure')!.flight.from).toBe(86);
    expect(datesAsked(datesOf(sure), almanacWith(sure))).toEqual([]);
  });
  it('an adult in February is asked about as a first one, not as the last of the year before', () => {
    // 10 February lies 80 days before 1 May and 255 days after 31 May, 110 the short way round.
    const seen = datesOf([entry('adult', 'azure', '2026-02-10')]);
    expect(datesAsked(seen, almanacWith([])).map(({ row }) => row.what)).toEqual(['first-flight']);
  });
  it('a first flower three weeks late counts, a day more is asked about', () => {
    // 22 May is day 142, 21 days after 1 May: one year moves the bloom half way.
    expect(almanacWith([entry('first-flower', 'phlox', '2026-05-22')]).plants.get('phlox')!.bloom!.from).toBe(132);
    expect(almanacWith([entry('first-flower', 'phlox', '2026-05-23')]).plants.get('phlox')!.bloom!.from).toBe(121);
    const late = datesOf([entry('first-flower', 'phlox', '2026-05-23')]);
    expect(datesAsked(late, almanacWith([]))).toMatchObject([{ day: 143, calculated: 121 }]);
  });
});
