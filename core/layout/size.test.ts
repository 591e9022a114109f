import { describe, expect, it } from 'vitest';
import { plant } from '../testing/worked-garden';
import { sizeHere } from './size';

/** 60 to 120 cm tall, 50 cm wide, for moisture 2 to 4 and six hours of sun. */
const HERB = plant('herb', { height_min_cm: 60, height_max_cm: 120, spread_cm: 50, spacing_cm: 40, sun_min_h: 6 });

describe('mature size', () => {
  it.each([
    // Half-way in the middle of its moisture: 60 + 0.5 × 60; a step is 0.35 of the range.
    ['as moist as it likes best', 3, 90],
    ['a step wetter', 4, 111],
    ['a step drier', 2, 69],
    ['two steps drier, no lower than the species', 1, 60],
    ['two steps wetter, no taller than the species', 5, 120],
  ])('%s', (_, moisture, height) => {
    expect(sizeHere(HERB, { sun_h: 8, moisture }).height.expected).toBe(height);
  });

  it('a plant of 60 to 120 cm is twice as tall in wet ground as in dry', () => {
    const tall = (moisture: number) => sizeHere(HERB, { sun_h: 8, moisture }).height.expected;
    expect(tall(5) / tall(1)).toBe(2);
  });

  it('is given with a range: a quarter of the span either way', () => {
    expect(sizeHere(HERB, { sun_h: 8, moisture: 3 }).height).toEqual({ low: 75, expected: 90, high: 105 });
  });

  it('a dwarf selection stands a third as tall and is set closer', () => {
    const dwarf = sizeHere(HERB, { sun_h: 8, moisture: 3 }, 'dwarf');
    expect(dwarf.height.expected).toBe(31);
    expect(dwarf.spread.expected).toBe(30);
    expect(dwarf.spacing).toBe(24);
  });

  it('in three hours less sun than it wants a herb grows long, and a shrub stays low', () => {
    expect(sizeHere(HERB, { sun_h: 3, moisture: 3 }).height.expected).toBe(101);
    expect(sizeHere({ ...HERB, kind: 'shrub' }, { sun_h: 3, moisture: 3 }).height.expected).toBe(72);
  });
});
