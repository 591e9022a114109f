import { describe, expect, it } from 'vitest';
import type { Giving, Rule } from './gives/rule';
import { allotLeaf } from './leaf';
import type { Stand } from './stands';

const H = 10;
/** Plants of a kind, and how many larvae of brown and of grey each of them raises. */
interface Bed {
  count: number;
  brown?: number;
  grey?: number;
}

/** Larvae fed in a half-month, target by target and stand by stand. */
function fed(beds: Bed[], wanted: { brown: number; grey: number }, feeding: { brown: number[]; grey: number[] }) {
  const rule = (name: 'brown' | 'grey') =>
    ({
      need: { demand: wanted[name], halfMonths: feeding[name] },
      of: ({ here }: Stand): Giving | null => {
        const each = (here as unknown as Bed)[name];
        return each === undefined ? null : { each: () => each, kindFrom: () => 1, patch: 1 };
      },
    }) as unknown as Rule;
  const stands = beds.map((bed) => ({ here: bed, count: bed.count }) as unknown as Stand);
  const all = allotLeaf([rule('brown'), rule('grey')], stands);
  return all.map((row) => row.map((amounts) => Number(amounts[H]!.toFixed(6))));
}
const BOTH = { brown: [H], grey: [H] };

describe('leaf of one stand', () => {
  it('too little for two is divided by what each lacks', () => {
    // Three plants raise twelve of either: 10 and 10 are asked, so each has half of it.
    expect(fed([{ count: 3, brown: 4, grey: 4 }], { brown: 10, grey: 10 }, BOTH)).toEqual([[6], [6]]);
    // 5 ⁄ 12 and 15 ⁄ 12 are 20 ⁄ 12 of it: of what each asks, twelve twentieths.
    expect(fed([{ count: 3, brown: 4, grey: 4 }], { brown: 5, grey: 15 }, BOTH)).toEqual([[3], [9]]);
  });
  it('half in leaf, half as much', () => {
    expect(fed([{ count: 3, brown: 2, grey: 2 }], { brown: 10, grey: 10 }, BOTH)).toEqual([[3], [3]]);
  });
  it('more than enough shows as plenty: what nobody lacks is halved', () => {
    // Thirty of either; ten and ten are a third each, and the last third is five each.
    expect(fed([{ count: 6, brown: 5, grey: 5 }], { brown: 10, grey: 10 }, BOTH)).toEqual([[15], [15]]);
  });
  it('one who eats when the other does not has all of it', () => {
    expect(fed([{ count: 3, brown: 4, grey: 4 }], { brown: 10, grey: 10 }, { brown: [H], grey: [H + 1] })).toEqual([[12], [0]]);
  });
  it('too small for one larva, it still feeds in part', () => {
    expect(fed([{ count: 1, brown: 0.5 }], { brown: 10, grey: 10 }, BOTH)).toEqual([[0.5], [0]]);
  });
});

describe('leaf of several stands', () => {
  it('a caterpillar with one host is not robbed by one with a choice', () => {
    // Grey's own stand feeds its ten first; then the shared one is brown's, but for what is left over: nothing.
    const beds = [
      { count: 2, brown: 5, grey: 5 },
      { count: 2, grey: 5 },
    ];
    expect(fed(beds, { brown: 10, grey: 10 }, BOTH)).toEqual([
      [10, 0],
      [0, 10],
    ]);
  });
  it('what is still lacking after one stand is asked of the next', () => {
    // Of its own stand grey has six; the four it lacks and brown's ten are 14 of the ten there: five sevenths of each.
    const beds = [
      { count: 2, brown: 5, grey: 5 },
      { count: 3, grey: 2 },
    ];
    expect(fed(beds, { brown: 10, grey: 10 }, BOTH)).toEqual([
      [7.142857, 0],
      [2.857143, 6],
    ]);
  });
});
