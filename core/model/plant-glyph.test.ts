import { describe, expect, it } from 'vitest';
import { parsePlantGlyph } from './plant-glyph';

describe('the marks a plant is drawn from', () => {
  it.each([
    ['', {}],
    ['leaf:oval', { leaf: 'oval' }],
    ['leaf:needle|head:umbel', { leaf: 'needle', head: 'umbel' }],
  ])('%s', (cell, marks) => expect(parsePlantGlyph(cell)).toEqual(marks));
  it.each([
    ['leaf:square', /The glyph's leaf: One of: needle/],
    ['head:', /The glyph's head: One of/],
    ['petals:5', /no mark petals/],
    ['constructor:oval', /no mark constructor/],
  ])('%s is refused with what would be right', (cell, problem) =>
    expect(parsePlantGlyph(cell)).toEqual({ problem: expect.stringMatching(problem) }),
  );
});
