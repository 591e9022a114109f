import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { parseReferenceFile } from '../../../core/library/parse';
import type { Symptom } from '../../../core/model/reference';
import { isDrawn, shapesOf } from './symptom-shapes';

const { rows } = parseReferenceFile('symptoms.csv', readFileSync('reference/symptoms.csv', 'utf8'));
const symptoms = rows as Symptom[];

describe('drawings of what is seen', () => {
  it('there is one for every symptom of the library, and no two are the same', () => {
    for (const { id, glyph } of symptoms) expect(isDrawn(glyph), id).toBe(true);
    expect(new Set(symptoms.map(({ glyph }) => JSON.stringify(shapesOf(glyph)))).size).toBe(symptoms.length);
  });
  it('a glyph of a gardener’s own row is drawn as a question', () => {
    expect(isDrawn('plant waltz')).toBe(false);
    expect(shapesOf('plant waltz')).toBe(shapesOf('plant question'));
  });
  it('stay within their square', () => {
    for (const { glyph } of symptoms)
      for (const { d } of shapesOf(glyph))
        for (const [, x, y] of d.matchAll(/[ML](-?[\d.]+),(-?[\d.]+)/g)) {
          expect(Number(x)).toBeGreaterThanOrEqual(-1);
          expect(Number(x)).toBeLessThanOrEqual(65);
          expect(Number(y)).toBeGreaterThanOrEqual(0);
          expect(Number(y)).toBeLessThanOrEqual(65);
        }
  });
});
