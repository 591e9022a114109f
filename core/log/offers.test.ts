import { describe, expect, it } from 'vitest';
import { gardenHere } from '../garden/here';
import { dayNumber } from '../model/days';
import type { Entry } from '../model/log';
import { entry } from '../testing/log';
import { host, libraryOf, plant, planting, recordsIn, target } from '../testing/worked-garden';
import { LogBook } from './book';
import { inFlower, plantOffers, sightingOffers } from './offers';

// Azure and brown fly from 1 to 31 May, late only in September; phlox flowers in May and June, aster in September.
const WORLD = {
  plants: [
    plant('phlox', { nectar_butterfly: 2 }),
    plant('mint', { nectar_butterfly: 1 }),
    plant('aster', { bloom_first: 16, bloom_last: 17 }),
    plant('nettle', { bloom_first: null, bloom_last: null, flower_form: 'none' }),
  ],
  targets: [target('azure'), target('brown'), target('late')],
  hosts: [host('azure', 'nettle')],
  occurrence: { late: { first: 16, last: 17 }, brown: { ease: 3 } },
};
const PLANTED = { state: 'in-ground', planted_year: 2024 } as const;
const plantings = [
  planting('p', 'phlox', 5, PLANTED),
  planting('m', 'mint', 5, PLANTED),
  planting('a', 'aster', 5, PLANTED),
  planting('n', 'nettle', 5, PLANTED),
  planting('later', 'aster', 5),
];
const here = gardenHere(recordsIn(WORLD, plantings), libraryOf(WORLD));
const placeOn = (day: string, log: Entry[] = [], chosen = ['azure', 'brown', 'late']) => ({
  almanac: here.almanac,
  plantings,
  targets: chosen.map((id) => ({ target: id })),
  book: new LogBook(log),
  today: dayNumber(day),
});
const said = (offers: ReturnType<typeof sightingOffers>) =>
  offers.map(({ of, what, doing, plant: on }) => [of, what, doing, on].filter(Boolean).join(' '));

it('what flowers is known by the day', () => {
  expect(inFlower(placeOn('2026-05-10')).map((row) => row.planting.id)).toEqual(['p', 'm']);
  expect(inFlower(placeOn('2026-09-10')).map((row) => row.planting.id)).toEqual(['a']);
  expect(inFlower(placeOn('2023-05-10'))).toHaveLength(0);
});

describe('sightings likely today', () => {
  it('are of whom it is the time, on the richest flower, and caterpillars on their planted host', () => {
    // The azure lays from 1 May: its caterpillars feed from then on.
    expect(said(sightingOffers(placeOn('2026-05-20')))).toEqual([
      'azure adult nectaring phlox',
      'brown adult nectaring phlox',
      'azure larva feeding nettle',
    ]);
    expect(said(sightingOffers(placeOn('2026-09-10')))).toEqual(['late adult nectaring aster']);
  });
  it('begin with who was seen lately, on the flower it was seen on', () => {
    const log = [
      entry('adult', 'brown', '2026-05-18', { doing: 'nectaring', plant: 'mint' }),
      entry('adult', 'brown', '2026-05-19'),
    ];
    expect(said(sightingOffers(placeOn('2026-05-20', log)))[0]).toBe('brown adult nectaring mint');
  });
  it('count the same weeks of other years, and not what lies ahead', () => {
    const ahead = [entry('adult', 'brown', '2026-05-21'), entry('adult', 'brown', '2026-05-22')];
    expect(said(sightingOffers(placeOn('2026-05-20', ahead)))[0]).toBe('azure adult nectaring phlox');
    const before = ['2023', '2024', '2025'].map((year) => entry('adult', 'brown', `${year}-05-22`));
    expect(said(sightingOffers(placeOn('2026-05-20', before)))[0]).toBe('brown adult nectaring phlox');
  });
  it('leave out who is neither chosen nor ever seen nor common', () => {
    expect(said(sightingOffers(placeOn('2026-05-20', [], [])))).toEqual(['azure adult nectaring phlox']);
  });
});

describe('notes on plants likely today', () => {
  const notes = (day: string, log: Entry[] = []) => plantOffers(placeOn(day, log)).map(({ of, what }) => `${of} ${what}`);
  it('are first flowers due within two weeks, once a year', () => {
    // Phlox and mint open on 1 May.
    expect(notes('2026-04-25')).toEqual(['phlox first-flower', 'mint first-flower']);
    expect(notes('2026-04-10')).toEqual([]);
    expect(notes('2026-05-02', [entry('first-flower', 'phlox', '2026-04-30')])).toEqual(['mint first-flower']);
    expect(notes('2026-05-02', [entry('first-flower', 'phlox', '2025-04-30')])).toHaveLength(2);
  });
  it('then last ones, where the first was written down', () => {
    // Both flower until 30 June.
    expect(notes('2026-06-28', [entry('first-flower', 'phlox', '2026-05-01')])).toEqual(['phlox last-flower']);
  });
});
