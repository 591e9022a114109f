import { describe, expect, it } from 'vitest';
import { coverage } from '../coverage/coverage';
import { ask, ONE } from '../testing/planner';
import { plant, planting, site } from '../testing/worked-garden';
import { afterDryMonth, stepAfterDryMonth, withLessSun, withoutPlant } from './what-if';

const PLAN = [planting('h', 'host', 6), planting('w', 'white', 3), planting('b', 'blue', 3)];
const input = { ...ask(ONE, {}, { plantings: PLAN }), year: null };

describe('what if', () => {
  it('a plant dies: all of it goes, and its cycle opens', () => {
    expect(coverage(input).closed).toBe(1);
    expect(coverage(withoutPlant(input, 'host')).closed).toBe(0);
  });
  it('a bed loses sun: what wants more than there is left serves nobody', () => {
    // Eight hours and a plant that wants four: 3 h still work, 2 leave less than half of it.
    expect(coverage(withLessSun(input, 'bed', 5)).closed).toBe(1);
    expect(coverage(withLessSun(input, 'bed', 6)).closed).toBe(0);
    expect(withLessSun(input, 'bed', 20).sites[0]!.sun_h).toBe(0);
  });
});

describe('a month without water', () => {
  const bed = { kind: 'bed', texture: 'loam', moisture: 4, sun_h: 8 } as const;
  it.each<[string, Parameters<typeof stepAfterDryMonth>[0], number, number, number]>([
    // Loam holds 0.15 × 0.4 m = 60 mm; step 4 is 0.975 of it; 120 mm drawn leave 0.975 e⁻² = 0.13.
    ['a moist loam is dry at 40 cm', bed, 120, 0.4, 1],
    // 80 cm hold 120 mm: 0.975 e⁻¹ = 0.36.
    ['and fairly dry at 80 cm', bed, 120, 0.8, 2],
    // A cool month draws 30 mm: 0.975 e^-½ = 0.59.
    ['a cool month leaves it even', bed, 30, 0.4, 3],
    // Shade draws 0.6 of it: 0.975 e^-0.6 = 0.535.
    ['shade keeps it moister', { ...bed, sun_h: 0 }, 60, 0.4, 3],
    ['a pot is dry', { ...bed, kind: 'container' }, 30, 0.4, 1],
  ])('%s', (_, where, et0_mm, depth, step) => {
    expect(stepAfterDryMonth(where, { et0_mm }, depth)).toBe(step);
  });
  it('kills the young before the rooted, and those that like it wet', () => {
    const world = { ...ONE, plants: [...ONE.plants, plant('damp', { moisture_min: 3 }), plant('bog', { moisture_min: 4 })] };
    const plantings = [
      planting('young', 'damp', 3, { state: 'in-ground', planted_year: 2026 }),
      planting('rooted', 'damp', 3, { state: 'in-ground', planted_year: 2020 }),
      planting('wet', 'bog', 3, { state: 'in-ground', planted_year: 2020 }),
    ];
    const garden = {
      ...ask(world, {}, { plantings, sites: [site('bed', { moisture: 4, texture: 'loam', sun_h: 8 })] }),
      year: null,
    };
    const { died, input: after } = afterDryMonth(garden, { et0_mm: 120 }, 2026);
    expect(died.map((row) => row.id)).toEqual(['young', 'wet']);
    expect(after.plantings.map((row) => row.id)).toEqual(['rooted']);
  });
});
