import { describe, expect, it } from 'vitest';
import { almanacFor } from '../almanac/almanac';
import type { Flight } from '../model/reference';
import { GARDEN, host, libraryOf, plant, target } from '../testing/worked-garden';
import { broodsWords, larvaeWords, partWords, statedPart, winterWords, yearWords } from './flights';

/** A creature of the worked garden with these parts of a year. */
const here = (flights: Partial<Flight>[], occurrence = {}) =>
  almanacFor(
    libraryOf({
      plants: [plant('a', { foliage_first: 0, foliage_last: 23 })],
      targets: [target('azure')],
      hosts: [host('azure', 'a')],
      flights,
      occurrence: { azure: occurrence },
    }),
    GARDEN,
  ).targets.get('azure')!;
const rest = { laying: false, broods: 0 } as const;

describe('the year of a creature in words', () => {
  it('of one part is its months', () => expect(yearWords(here([{}]))).toBe('early May to late May'));
  it('of several says what it does in each, in the order of the year', () => {
    const monarch = here([
      { first: 9, last: 15, broods: 3 },
      { part: 'return', first: 16, last: 19, ...rest },
    ]);
    expect(yearWords(monarch)).toBe('on the wing late May to late August; passing back early September to late October');
    expect(broodsWords(monarch)).toBe('3 broods');
    // Laid from 16 May to 31 August: the first hatch on the third day, the last is grown on the fifteenth.
    expect(larvaeWords(monarch)).toBe('18 May to 14 September');
  });
  it('all year is said as such', () => {
    const atala = here([{ first: 0, last: 23, broods: 6 }], { overwinters_as: 'all-year' });
    expect(yearWords(atala)).toBe('all year');
    expect(larvaeWords(atala)).toBe('all year');
    expect(winterWords(atala)).toBe('breeds all year');
  });
  it('a winter is named where there is one, and nothing rests that flies in every month', () => {
    expect(winterWords(here([{}]))).toBe('winters in litter');
    expect(winterWords(here([{}], { status: 'migrant' }))).toBe('');
    expect(winterWords(here([{ first: 0, last: 23, broods: 4 }]))).toBe('');
    expect(winterWords(here([{}], { overwinters_as: 'none-migrates' }))).toBe('');
  });
  it('who lays nothing has no brood', () => {
    const passing = here([{ part: 'passage', ...rest }]);
    expect(broodsWords(passing)).toBe('');
    expect(larvaeWords(passing)).toBe('');
    expect(broodsWords(here([{}]))).toBe('1 brood');
  });
});

describe('a part as it is stated', () => {
  const row: Flight = {
    target: 'azure',
    region: 'flatland',
    part: 'breeding',
    first: 0,
    last: 23,
    broods: 4,
    laying: true,
    zones: '9b-13b',
  };
  it('says its broods and half-zones', () => expect(statedPart(row)).toBe('on the wing all year, 4 broods in zones 9b to 13b'));
  it.each([
    [{ ...row, first: 8, last: 9, broods: 1, zones: null }, 'on the wing early May to late May'],
    [{ ...row, part: 'winter' as const, first: 20, last: 3, ...rest, zones: null }, 'wintering early November to late February'],
    [
      { ...row, part: 'summer-sleep' as const, first: 13, last: 15, ...rest, zones: null },
      'asleep through the summer late July to late August',
    ],
  ])('%#: in words', (part, words) => expect(statedPart(part)).toBe(words));
  it('adults that fly before they lay say so', () => {
    expect(partWords({ part: 'breeding', laying: false, broods: 0 })).toBe('on the wing, not laying');
    expect(partWords({ part: 'breeding', laying: true, broods: 1 })).toBe('on the wing');
  });
});
