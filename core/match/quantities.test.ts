import { describe, expect, it } from 'vitest';
import { ageShare, areaPerPlant, areaUse, countForArea, crownM2, groundM2, roomFor } from './quantities';
import { plant, planting, site } from '../testing/worked-garden';

const bed = { kind: 'bed' } as const;

describe('spacing', () => {
  it('40 plants at 50 cm fill 10 m² on the square, 46 in offset rows', () => {
    expect(countForArea(10, 50)).toBe(40);
    expect(countForArea(10, 50, 'triangular')).toBe(46);
    expect(areaPerPlant(50, 'triangular')).toBeCloseTo(0.2165, 4);
  });
  it('a crown of 1 m spread is 0.785 m²', () => expect(crownM2({ spread_cm: 100 })).toBeCloseTo(0.7854, 4));
  it('a tree claims the ground about its trunk, a climber the foot of its support', () => {
    expect(groundM2(plant('x', { kind: 'tree', spacing_cm: 800 }), 2, bed)).toBe(2);
    expect(groundM2(plant('x', { kind: 'vine', spacing_cm: 120 }), 2, bed)).toBe(0.5);
    expect(groundM2(plant('x', { spacing_cm: 50 }), 4, bed)).toBe(1);
  });
  it('what is left has room for whole plants, and none where it is overfull', () => {
    expect(roomFor(plant('x', { spacing_cm: 50 }), 1.9, bed)).toBe(7);
    expect(roomFor(plant('x', { spacing_cm: 50 }), -1, bed)).toBe(0);
    expect(roomFor(plant('x', { kind: 'tree', spacing_cm: 800 }), 3, bed)).toBe(3);
  });
  it('a bed knows what is used and left, lost plants apart', () => {
    const plants = new Map([['x', plant('x', { spacing_cm: 100 })]]);
    const rows = [planting('1', 'x', 6), planting('2', 'x', 5), planting('3', 'x', 9, { state: 'lost' })];
    expect(areaUse(site('bed', { area_m2: 10 }), rows, (id) => plants.get(id))).toEqual({
      area_m2: 10,
      used_m2: 11,
      left_m2: -1,
    });
  });
});

describe('age', () => {
  it.each([
    ['perennial', 0, 0.3],
    ['perennial', 5, 1],
    ['annual', 0, 1],
    ['shrub', 1, 0.25],
    ['tree', 30, 1],
    ['tree', -1, 0],
  ] as const)('a %s %i years after planting is %f of its size', (kind, years, share) =>
    expect(ageShare(kind, years)).toBe(share),
  );
});
