import { describe, expect, it } from 'vitest';
import { almanacFor } from '../almanac/almanac';
import type { Substitute } from '../plan/instead';
import { GARDEN, libraryOf, plant, target } from '../testing/worked-garden';
import { insteadSentence, substituteClauses } from './instead';
import { unitsOf } from './units';

const WORLD = { plants: [plant('aster', { height_min_cm: 60, height_max_cm: 90 }), plant('sedge', { flower_form: 'none' })] };
const here = (id: string) => almanacFor(libraryOf({ ...WORLD, targets: [target('brown')], hosts: [] }), GARDEN).plants.get(id)!;
const substitute = (over: Partial<Substitute> = {}): Substitute => ({
  here: here('aster'),
  score: 0.8,
  alike: { place: 0.9, size: 0.5, colour: 0.8, season: null },
  shared: ['a', 'b'],
  serves: {
    here: here('aster'),
    hostOf: [
      { target: 'a', common: 'A', rank: 'primary' },
      { target: 'c', common: 'C', rank: 'poor' },
    ],
    nectarFor: [
      { target: 'a', common: 'A' },
      { target: 'b', common: 'B' },
    ],
    weight: 6,
  },
  ...over,
});

describe('what is planted instead, in words', () => {
  it('says why', () => {
    expect(insteadSentence({ kind: 'listed' })).toMatch(/^Listed as invasive/);
    expect(insteadSentence({ kind: 'never' })).toMatch(/^Never planted/);
    expect(insteadSentence({ kind: 'trap', targets: ['Julia', 'Zebra longwing'] })).toBe(
      'A trap for Julia and Zebra longwing: these raise them instead.',
    );
    expect(insteadSentence({ kind: 'nectarless' })).toMatch(/^Its flowers feed nobody/);
  });
  it('says what it is, in what it is like the other and whom it feeds', () => {
    const [what, status, like, fed] = substituteClauses(substitute(), unitsOf('metric'));
    expect(what).toBe('perennial, 60 cm to 90 cm, white');
    expect(['native here', 'introduced']).toContain(status);
    expect(like).toBe('like it in place and colour');
    expect(fed).toBe('raises 1 kind of caterpillar and feeds 2 at its flowers, 2 of its own guests');
  });
  it('leaves out what it has not', () => {
    const plain = substitute({
      here: here('sedge'),
      alike: { place: 0.2, size: 0.2, colour: null, season: null },
      shared: [],
      serves: { here: here('sedge'), hostOf: [], nectarFor: [], weight: 0 },
    });
    expect(substituteClauses(plain, unitsOf('metric'))).toHaveLength(2);
    expect(substituteClauses(plain, unitsOf('metric'))[0]).not.toContain('white');
  });
});
