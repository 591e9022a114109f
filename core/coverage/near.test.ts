import { describe, expect, it } from 'vitest';
import { gardenOf, host, plant, planting, site, target, type World } from '../testing/worked-garden';
import { coverage } from './coverage';
import { isNear } from './near';

const square = (x: number, y: number): [number, number][] => [
  [x, y],
  [x + 2, y],
  [x + 2, y + 2],
  [x, y + 2],
];
const at = (id: string, x: number, y = 0) => site(id, { outline: square(x, y) });

describe('near', () => {
  it.each([
    ['the same bed', at('a', 0), at('a', 0), true],
    // Two metres wide: from 2 to 12 are ten metres, to 12.1 more.
    ['ten metres of lawn between them', at('a', 0), at('b', 12), true],
    ['more than that', at('a', 0), at('b', 12.1), false],
    [
      'a bed inside another',
      site('a', {
        outline: [
          [-5, -5],
          [9, -5],
          [9, 9],
          [-5, 9],
        ],
      }),
      at('b', 0),
      true,
    ],
    ['a tree nine metres off', at('a', 0), site('t', { outline: [[11, 1]] }), true],
    ['a tree eleven metres off', at('a', 0), site('t', { outline: [[13.1, 1]] }), false],
    ['two trees', site('s', { outline: [[0, 0]] }), site('t', { outline: [[30, 0]] }), false],
    ['one that is not drawn', at('a', 0), site('b'), true],
  ])('%s', (_, a, b, near) => {
    expect(isNear(a, b)).toBe(near);
    expect(isNear(b, a)).toBe(near);
  });
});

describe('shelter lies near the host', () => {
  const world = (over = {}): World => ({
    plants: [plant('nettle'), plant('grass', { nectar_butterfly: 0 })],
    targets: [target('brown', { overwinters_in: 'litter', ...over })],
    hosts: [host('brown', 'nettle')],
  });
  const litter = (x: number, over = {}, hosts = true) => {
    const input = gardenOf(
      world(over),
      [planting('grass', 'grass', 8, { site_id: 'far' }), ...(hosts ? [planting('host', 'nettle', 1)] : [])],
      { sites: [at('bed', 0), at('far', x)] },
    );
    return coverage(input).targets[0]!.needs.find(({ need }) => need.stage === 'shelter')!.cells[0]!.supply;
  };
  it('litter in the next bed counts, beyond a wide lawn only that under the host itself', () => {
    // Eight herbs at 0.25 m² and the host’s own.
    expect(litter(8)).toBeCloseTo(2.25, 9);
    expect(litter(30)).toBeCloseTo(0.25, 9);
  });
  it('adults that winter fly to it', () => expect(litter(30, { overwinters_as: 'adult' })).toBeCloseTo(2.25, 9));
  it('without a host it is not asked how near', () => expect(litter(30, {}, false)).toBeCloseTo(2, 9));
});
