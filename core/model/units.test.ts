import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { inUnit, quantity, toSi, UNITS } from './units';

describe('units', () => {
  it.each([
    [25, UNITS.us.area, '269 sq ft'],
    [0.5, UNITS.us.area, '5.4 sq ft'],
    [25.04, UNITS.metric.area, '25 m²'],
    // A dry quart is 1.1012 litres.
    [22.02, UNITS.us.volume, '20 qt'],
    [122, UNITS.us.elevation, '400 ft'],
    [91.44, UNITS.us.length, '36 in'],
    [-3.2, UNITS.metric.elevation, '-3.2 m'],
  ])('%f reads %o', (si, unit, words) => expect(quantity(si, unit)).toBe(words));
  it('what is typed comes back as typed', () => {
    for (const unit of [...Object.values(UNITS.us), ...Object.values(UNITS.metric)])
      fc.assert(fc.property(fc.integer({ min: 10, max: 5000 }), (typed) => inUnit(toSi(typed, unit), unit) === typed));
  });
});
