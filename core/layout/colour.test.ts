import { describe, expect, it } from 'vitest';
import { familyOf, seenColour, sitTogether } from './colour';

const PINK = seenColour('#d96fa0');
const ORANGE = seenColour('#e8732a');
const YELLOW = seenColour('#f2d24a');
const PURPLE = seenColour('#7a4fa0');
const BLUE = seenColour('#3d5fc2');
const WHITE = seenColour('#f5f2ea');

it.each([
  ['#ff0000', 'red'],
  ['#e8732a', 'orange'],
  ['#f2d24a', 'yellow'],
  ['#3d5fc2', 'blue'],
  ['#7a4fa0', 'purple'],
  ['#d96fa0', 'pink'],
  ['#ffffff', 'white'],
  ['#9db36b', 'green'],
  ['#5b3a21', 'brown'],
])('%s is %s', (hex, family) => {
  expect(familyOf(seenColour(hex))).toBe(family);
});

describe('colours beside each other', () => {
  it('harmony: near hues and white sit well, pink beside orange jars', () => {
    expect(sitTogether(PURPLE, BLUE, 'harmony')).toBeGreaterThan(0.9);
    expect(sitTogether(PINK, ORANGE, 'harmony')).toBe(0.2);
    expect(sitTogether(PINK, PURPLE, 'harmony')).toBeGreaterThan(0.8);
    expect(sitTogether(WHITE, ORANGE, 'harmony')).toBe(1);
    expect(sitTogether(PURPLE, BLUE, 'harmony')).toBeGreaterThan(sitTogether(PINK, ORANGE, 'harmony'));
  });
  it('contrast: yellow beside purple is wanted, purple beside blue is not', () => {
    expect(sitTogether(YELLOW, PURPLE, 'contrast')).toBeGreaterThan(0.9);
    expect(sitTogether(PURPLE, BLUE, 'contrast')).toBeLessThan(0.4);
  });
  it('calm: white is welcome, opposites are not', () => {
    expect(sitTogether(WHITE, YELLOW, 'calm')).toBeGreaterThan(sitTogether(YELLOW, PURPLE, 'calm'));
    expect(sitTogether(YELLOW, PURPLE, 'calm')).toBe(0);
  });
  it('not minded: all is one', () => expect(sitTogether(PINK, ORANGE, 'any')).toBe(1));
  it('it does not matter which is named first', () => {
    for (const wish of ['harmony', 'contrast', 'calm'] as const)
      expect(sitTogether(PINK, BLUE, wish)).toBeCloseTo(sitTogether(BLUE, PINK, wish));
  });
});
