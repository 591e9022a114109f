import { describe, expect, it } from 'vitest';
import type { PotFields } from '../../model/garden';
import { arrangement, potRisk, plantsHeld, potWeightKg, potZone, winterNeed, winterOf } from './pots';
import { potOf, usualSize } from './kinds';

const pot = (over: Partial<PotFields> = {}): PotFields => ({
  shape: 'round',
  top_cm: 30,
  across_cm: null,
  base_cm: 22,
  depth_cm: 28,
  count: 1,
  material: 'glazed',
  exposure: 'open',
  winter: 'school',
  ...over,
});

describe('a pot', () => {
  it.each([
    // π ÷ 4 × d² ÷ 240: 30 cm 2.9, 40 cm 5.2, 60 cm 11.8, 20 cm 1.3.
    [30, 3],
    [40, 5],
    [60, 12],
    [20, 1],
    [8, 1],
  ])('of %i cm holds %i', (top_cm, held) => expect(plantsHeld(pot({ top_cm }))).toBe(held));
  it('alike by the number of them', () => expect(plantsHeld(pot({ count: 4 }))).toBe(12));
  it('has one upright in the middle, fillers and trailers around it', () => {
    expect(arrangement(pot({ top_cm: 40 }))).toEqual({ upright: 1, filler: 2, trailing: 2 });
    expect(arrangement(pot({ top_cm: 20 }))).toEqual({ upright: 0, filler: 1, trailing: 0 });
  });
});

describe('a pot in winter', () => {
  it.each([
    ['outdoors by the school of two zones', pot(), 'two-zones', '5a'],
    ['by the school of one', pot(), 'one-zone', '6a'],
    ['moved to a shed by the school', pot(), 'indoors', '7a'],
    ['kept out though the others go in', pot({ winter: 'outdoors' }), 'indoors', '5a'],
    ['wrapped', pot({ winter: 'wrapped' }), 'two-zones', '5b'],
    ['against a sheltering wall', pot({ exposure: 'sheltered' }), 'one-zone', '6b'],
    ['of metal in the wind', pot({ material: 'metal', exposure: 'windy' }), 'two-zones', '4b'],
    ['in a shed', pot({ winter: 'unheated' }), 'two-zones', '7a'],
    ['in a room', pot({ winter: 'indoors' }), 'two-zones', '10b'],
    ['never measured', null, 'two-zones', '5a'],
  ] as const)('%s', (_, one, school, zone) => expect(potZone({ pot: one }, '7a', school)).toBe(zone));
  it('follows its own word before the garden’s', () => {
    expect(winterOf(pot({ winter: 'wrapped' }), 'indoors')).toBe('wrapped');
    expect(winterOf(null, 'indoors')).toBe('unheated');
  });
  it.each([
    ['hardy', 'perennial', '4a', 'hardy'],
    ['hardy in the ground only', 'perennial', '6b', 'shed'],
    ['tender', 'shrub', '9a', 'frost-free'],
    ['an annual', 'annual', '9a', 'annual'],
  ] as const)('says where a plant goes: %s', (_, kind, zone_min, need) => {
    expect(winterNeed({ kind, zone_min }, { pot: pot() }, '7a', 'two-zones')).toBe(need);
  });
  it('says what its material asks for', () => {
    expect(potRisk(pot({ material: 'clay', exposure: 'windy' }))).toBe('clay');
    expect(potRisk(pot({ exposure: 'windy' }))).toBe('wind');
    expect(potRisk(pot())).toBeNull();
  });
});

it('a room is no colder than the garden outside: of the two the warmer counts', () => {
  const indoors = { pot: pot({ winter: 'indoors' }) };
  expect(potZone(indoors, '7a', 'two-zones')).toBe('10b');
  expect(potZone(indoors, '11a', 'two-zones')).toBe('11a');
});

describe('the weight of a pot after rain', () => {
  it('is over 100 kg for a half-barrel of 60 cm', () => {
    // Brim: π × 40 ÷ 12 × (60² + 54² + 60 × 54) = 102.2 L; wet mix 0.92 × 1.1 kg and the wood 0.15 kg a litre: 118.7 kg.
    expect(potWeightKg(potOf('half-barrel', usualSize('half-barrel')))).toBeCloseTo(118.7, 0);
  });
  it('is that of one pot, however many stand alike, and more in stone than in plastic', () => {
    const one = potOf('round', usualSize('round'));
    expect(potWeightKg({ ...one, count: 3 })).toBeCloseTo(potWeightKg(one), 9);
    expect(potWeightKg({ ...one, material: 'stone' })).toBeGreaterThan(potWeightKg({ ...one, material: 'plastic' }));
  });
});
