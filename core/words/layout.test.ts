import { describe, expect, it } from 'vitest';
import type { PlaceCheck } from '../layout/checks';
import type { LayoutScore, WishMet } from '../layout/score';
import { changeWords, checkSentence, metWords, quarrelSentence, sideSentence, staySentence, tape } from './layout';
import { unitsOf } from './units';

const us = unitsOf('us');
const metric = unitsOf('metric');

describe('by the tape', () => {
  it.each([
    [0.3048, '1 ft'],
    [0.0127, '½ in'],
    [0.3175, '1 ft ½ in'],
    [2.0828, '6 ft 10 in'],
    [0.1016, '4 in'],
    [0, '0 in'],
    // A hair under a foot is a foot, not twelve inches.
    [0.3047, '1 ft'],
  ])('%f m is %s', (m, words) => expect(tape(m, us)).toBe(words));
  it.each([
    [0.42, '42 cm'],
    [1.234, '1.23 m'],
  ])('%f m is %s', (m, words) => expect(tape(m, metric)).toBe(words));
});

describe('what speaks against a place', () => {
  const nameOf = (i: number) => ['Aster', 'Sedge', 'Reed'][i]!;
  it.each<[PlaceCheck, string]>([
    [{ kind: 'outside', rule: true }, 'It stands outside the bed.'],
    [{ kind: 'close', rule: false, other: 1, distance: 0.4, wanted: 0.5 }, 'Too close to Sedge: 40 cm where 50 cm is wanted.'],
    [
      { kind: 'close', rule: true, other: 1, distance: 0.2, wanted: 0.5 },
      'Too close to Sedge: 20 cm where 50 cm is wanted; one will smother the other.',
    ],
    [{ kind: 'hides', rule: false, whom: [0, 0], side: 'bottom' }, 'Too tall in front: it hides Aster from the lower side.'],
    [{ kind: 'hidden', rule: false, by: [0, 1, 2] }, 'Hidden behind Aster and 2 others from where the bed is looked at.'],
    [{ kind: 'light', rule: false, sun_h: 3.25, share: 0.6 }, 'Wrong light: 3.3 h of sun here leaves it 60 % of its growth.'],
    [{ kind: 'water', rule: false, moisture: 1.4, dry: true }, 'Drier here (1.4 of 5) than it likes.'],
    [
      { kind: 'patch', rule: false, together: 2, wanted: 4 },
      'Only 2 of its kind stand together; a group of 4 is found by those that lay on it.',
    ],
    [{ kind: 'overrun', rule: false, by: 2 }, 'Reed runs, and will take its place.'],
  ])('%j', (check, words) => expect(checkSentence(check, nameOf, metric)).toBe(words));
});

const met = (value: number): WishMet => ({ value, of: 10, against: [] });
const score = (wishes: Partial<LayoutScore['wishes']>): LayoutScore => ({
  rules: { placed: 0, inside: [], apart: [], climbs: [] },
  wishes: {
    heights: null,
    groups: null,
    hosts: null,
    light: null,
    water: null,
    room: null,
    colour: null,
    edges: null,
    harm: null,
    neighbours: null,
    tap: null,
    deer: null,
    ...wishes,
  },
  total: 1,
});

it('a move is described by what it changes most, and not by what it leaves alone', () => {
  const before = score({ heights: met(1), room: met(1), light: met(0.8) });
  const after = score({ heights: met(0.9), room: met(0.7), light: met(0.8) });
  expect(changeWords(before, after)).toEqual(['Room to grow: worse by 30 of 100', 'Low before tall: worse by 10 of 100']);
  expect(changeWords(after, before)[0]).toBe('Room to grow: better by 30 of 100');
});

it('how far a wish is met is said in plants, or in hundredths where it is met in part by all', () => {
  expect(metWords({ value: 0.96, of: 74, against: [1, 2, 3] })).toBe('71 of 74');
  expect(metWords({ value: 1, of: 74, against: [] })).toBe('74 of 74');
  expect(metWords({ value: 0.87, of: 74, against: [] })).toBe('87 %');
});

it('a side is named by what lies at it', () => {
  const side = { side: 'bottom', seen: null, backed: null, worn: null } as const;
  expect(sideSentence(side)).toBe('');
  expect(sideSentence({ ...side, seen: { by: 'path', name: 'Walk' }, worn: { name: 'Walk', paved: true } })).toBe(
    'Lower side: looked at from Walk, paving along it.',
  );
  expect(sideSentence({ ...side, backed: { by: 'wall', name: 'House' } })).toBe('Lower side: House stands behind it.');
});

it('those who disagree in a pot are named, the drier first', () => {
  expect(quarrelSentence({ in: 'water', less: 'a', more: 'b' }, (id) => id.toUpperCase())).toBe(
    'A wants it drier than B: watered for one, the other suffers.',
  );
});

it('tender plants are inside a fortnight before the usual first frost', () => {
  expect(staySentence('room', '10-31')).toBe(
    'Tender: into a bright frost-free room by 17 October, a fortnight before the usual first frost.',
  );
  expect(staySentence('room', null)).toContain('when a frost is forecast');
});
