import { describe, expect, it } from 'vitest';
import { unitsOf } from './units';

const us = unitsOf('us');
const metric = unitsOf('metric');

describe('sizes as people say them', () => {
  it.each([
    ['a low herb', us.length(60), '24 in'],
    ['a yard', us.length(91.44), '36 in'],
    ['a tall one', us.length(150), '4.9 ft'],
    // 1800 and 2700 cm were told as 709 and 1063 inches.
    ['a tree', us.length(1800), '59 ft'],
    ['its spacing', us.about(800), '26 ft'],
    ['a herb in metric', metric.length(60), '60 cm'],
    ['a tree in metric', metric.length(1800), '18 m'],
    ['a shrub in metric', metric.length(250), '250 cm'],
  ])('%s', (_, said, words) => expect(said).toBe(words));
  it.each([
    // A cubic foot is 28.3168 litres, a dry quart 1.1012.
    ['a small pot', us.volume(8.8), '8 qt'],
    ['a half-barrel', us.volume(102.2), '3.6 cu ft'],
    ['a bed of mulch', us.volume(850), '30 cu ft'],
    ['a small pot in litres', metric.volume(8.8), '8.8 L'],
    ['a half-barrel in litres', metric.volume(102.2), '102 L'],
    ['a load in cubic metres', metric.volume(1500), '1.5 m³'],
  ])('%s', (_, said, words) => expect(said).toBe(words));
  it('degrees go with the units, or as they are wanted', () => {
    expect([us.temperature(0), metric.temperature(0)]).toEqual(['32 °F', '0 °C']);
    expect([unitsOf('us', 'USD', 'C').temperature(20), unitsOf('metric', 'CAD', 'F').temperature(20)]).toEqual([
      '20 °C',
      '68 °F',
    ]);
  });
});
