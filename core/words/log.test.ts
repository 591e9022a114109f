import { expect, it, describe } from 'vitest';
import { entry } from '../testing/log';
import { comparedWords, entryWords, lateWords, placeWords, rateWords, rungSentence } from './log';
import { unitsOf } from './units';

const names = {
  plant: (id: string) => ({ milkweed: 'Swamp milkweed', aster: 'Smooth aster', heart: 'Heart-leaved aster' })[id] ?? id,
  creature: (id: string) => ({ monarch: 'Monarch' })[id] ?? id,
  site: (id: string) => ({ swale: 'The swale' })[id] ?? id,
};
const metric = unitsOf('metric');

describe('an entry in one line', () => {
  it.each([
    [
      entry('adult', 'monarch', '2026-07-04', { count: 2, doing: 'nectaring', plant: 'milkweed' }),
      'Monarch: 2, nectaring on Swamp milkweed',
    ],
    [entry('adult', null, '2026-07-04', { called: 'a small orange one' }), 'a small orange one'],
    [
      entry('larva', 'monarch', '2026-07-04', { count: 1, size: '4', doing: 'feeding', plant: 'milkweed' }),
      'Monarch: 1 caterpillar, instar 4, feeding on Swamp milkweed',
    ],
    [entry('eggs', 'monarch', '2026-07-04', { plant: 'milkweed' }), 'Monarch: eggs, on Swamp milkweed'],
    [entry('laying', 'monarch', '2026-07-04', { count: 1 }), 'Monarch: 1, laying eggs'],
    [
      entry('walk', null, '2026-07-04', { minutes: 20, temp_c: 21, sky: 'mixed', wind: 'light' }),
      'Walk: 20 minutes, 21 °C, sun and cloud, leaves move',
    ],
    [entry('lost', 'milkweed', '2026-07-04', { count: 4, cause: 'wet' }), 'Swamp milkweed: 4 lost: wet'],
    [
      entry('mislabelled', 'aster', '2026-07-04', { true_plant: 'heart' }),
      'Smooth aster: sold under this name, is Heart-leaved aster',
    ],
    [entry('height', 'milkweed', '2026-07-04', { amount: 120 }), 'Swamp milkweed: 120 cm high'],
    [entry('leaf', 'milkweed', '2026-07-04', { amount: 60 }), 'Swamp milkweed: 60 % of its leaf left'],
    [entry('released', null, '2026-07-04', { called: 'lacewing larvae', count: 100 }), 'lacewing larvae: 100 released'],
  ])('%#', (row, words) => expect(entryWords(row, names, metric)).toBe(words));
  it('and where it was', () => {
    expect(placeWords({ site_id: 'swale', place: 'by the gate' }, names)).toBe('The swale, by the gate');
    expect(placeWords({ site_id: null, place: '' }, names)).toBe('');
  });
});

it('a step says how often it was seen, or why it must have been', () => {
  const row = { rung: 'larvae', state: 'seen', first: '2026-06-03', last: '2026-06-10', times: 2, count: 5 } as const;
  expect(rungSentence(row, (iso) => iso)).toBe('seen 2 times, 5 in all, from 2026-06-03');
  expect(rungSentence({ ...row, times: 1, count: 1 }, (iso) => iso)).toBe('seen once, 1 in all, from 2026-06-03');
  expect(rungSentence({ ...row, state: 'follows' }, (iso) => iso)).toBe('must have been: a later step was seen');
  expect(rungSentence({ ...row, state: 'unseen' }, (iso) => iso)).toBe('not seen');
});
it('rates, and how two years compare', () => {
  const rate = (perHour: number, walks: number) => ({
    perHour,
    low: perHour / 2,
    high: perHour * 2,
    walks,
    hours: walks,
    count: perHour * walks,
  });
  expect(rateWords(rate(12, 3))).toBe('12 an hour (6.0 to 24)');
  expect(rateWords({ ...rate(0, 1), high: 3.7 })).toBe('0 an hour (0 to 3.7)');
  expect(comparedWords({ before: rate(4, 1), after: rate(60, 2), halfMonths: [10], verdict: 'more' }, 2025, 2026)).toBe(
    '2026: 60 an hour (30 to 120) on 2 walks; 2025: 4.0 an hour (2.0 to 8.0) on 1 walk: more, beyond what chance explains. Compared over what was walked in both years: early June.',
  );
});
it('days late and early', () => {
  expect([lateWords(0), lateWords(1), lateWords(-9)]).toEqual(['on the day', '1 day later', '9 days earlier']);
});
