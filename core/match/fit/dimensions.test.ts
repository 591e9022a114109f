import { describe, expect, it } from 'vitest';
import type { FitPlace } from '../../model/here';
import type { Site } from '../../model/garden';
import type { Plant } from '../../model/reference';
import { plant, site } from '../../testing/worked-garden';
import { FRESH_POT } from '../../place/yard/fresh';
import { DIMENSIONS, onePotOf, type Dimension } from './dimensions';

const PLACE: FitPlace = { half_zone: '7a', summer: 'warm', humidity: 'moderate', school_pots: 'two-zones' };
const POT: Partial<Site> = { kind: 'container', volume_l: 20, area_m2: 0.5 };
type Row = [dimension: Dimension, plant: Partial<Plant>, site: Partial<Site>, place: Partial<FitPlace>, grade: 0 | 1 | 2];

// 0 thrives, 1 workable, 2 unsuitable: each dimension on either side of each of its limits.
const ROWS: Row[] = [
  // Half a zone of margin is safe; none wants cover.
  ['cold', { zone_min: '6b' }, {}, {}, 0],
  ['cold', { zone_min: '7a' }, {}, {}, 1],
  ['cold', { zone_min: '7b' }, {}, {}, 2],
  ['cold', { zone_min: '7b', kind: 'annual' }, {}, {}, 0],
  // Roots in a pot outdoors live two zones colder: 5a.
  ['cold', { zone_min: '4b' }, POT, {}, 0],
  ['cold', { zone_min: '5a' }, POT, {}, 1],
  ['cold', { zone_min: '5b' }, POT, {}, 2],
  // Up to a zone too warm is workable; annuals do not mind the winter.
  ['heat', { zone_max: '7a' }, {}, {}, 0],
  ['heat', { zone_max: '6b' }, {}, {}, 1],
  ['heat', { zone_max: '6a' }, {}, {}, 1],
  ['heat', { zone_max: '5b' }, {}, {}, 2],
  ['heat', { zone_max: '5b', kind: 'annual' }, {}, {}, 0],
  ['heat', { heat_limit: 'warm' }, {}, {}, 0],
  ['heat', { heat_limit: 'cool' }, {}, {}, 1],
  ['heat', { heat_limit: 'cool' }, {}, { summer: 'hot' }, 2],
  ['heat', { heat_limit: 'cool', kind: 'annual' }, {}, { summer: 'hot' }, 2],
  // An hour short, two hours over.
  ['sun', {}, { sun_h: 4 }, {}, 0],
  ['sun', {}, { sun_h: 3.9 }, {}, 1],
  ['sun', {}, { sun_h: 3 }, {}, 1],
  ['sun', {}, { sun_h: 2.9 }, {}, 2],
  ['sun', { sun_max_h: 6 }, { sun_h: 6 }, {}, 0],
  ['sun', { sun_max_h: 6 }, { sun_h: 6.1 }, {}, 1],
  ['sun', { sun_max_h: 6 }, { sun_h: 8 }, {}, 1],
  ['sun', { sun_max_h: 6 }, { sun_h: 8.1 }, {}, 2],
  // From its zone up one wants shade in the afternoon: where there is sun then at all.
  ['sunTiming', { afternoon_shade_from_zone: '7a' }, { sun_h: 3 }, {}, 1],
  ['sunTiming', { afternoon_shade_from_zone: '7a' }, { sun_h: 2.9 }, {}, 0],
  ['sunTiming', { afternoon_shade_from_zone: '7b' }, { sun_h: 8 }, {}, 0],
  ['sunTiming', { afternoon_shade_from_zone: '7a' }, { sun_h: 8, sun_when: 'morning' }, {}, 0],
  ['sunTiming', { afternoon_shade_from_zone: null }, { sun_h: 8 }, {}, 0],
  // A step too wet or dry.
  ['moisture', {}, { moisture: 2 }, {}, 0],
  ['moisture', {}, { moisture: 4 }, {}, 0],
  ['moisture', {}, { moisture: 1 }, {}, 1],
  ['moisture', {}, { moisture: 5 }, {}, 1],
  ['moisture', { moisture_min: 3 }, { moisture: 1 }, {}, 2],
  ['moisture', { moisture_max: 3 }, { moisture: 5 }, {}, 2],
  ['drainage', { drainage: 'well' }, { drainage: 'moderate' }, {}, 0],
  ['drainage', { drainage: 'well' }, { drainage: 'wet' }, {}, 1],
  ['drainage', { drainage: 'wet' }, { drainage: 'well' }, {}, 1],
  ['drainage', { drainage: 'wet' }, { drainage: 'sharp' }, {}, 2],
  ['drainage', { drainage: 'sharp' }, { drainage: 'sharp' }, {}, 0],
  ['drainage', { drainage: 'sharp' }, { drainage: 'well' }, {}, 1],
  ['drainage', { drainage: 'sharp' }, { drainage: 'moderate' }, {}, 2],
  ['drainage', { drainage: 'any' }, { drainage: 'wet' }, {}, 0],
  ['drainage', { drainage: 'sharp' }, { ...POT, drainage: 'wet' }, {}, 0],
  ['texture', { textures: ['loam'] }, { texture: 'loam' }, {}, 0],
  ['texture', { textures: ['loam'] }, { texture: 'clay' }, {}, 1],
  ['texture', { textures: ['loam'] }, { ...POT, texture: 'clay' }, {}, 0],
  ['ph', {}, { ph: 5 }, {}, 0],
  ['ph', {}, { ph: 4.5 }, {}, 1],
  ['ph', {}, { ph: 4.4 }, {}, 2],
  ['ph', {}, { ph: 7.5 }, {}, 0],
  ['ph', {}, { ph: 8 }, {}, 1],
  ['ph', {}, { ph: 8.1 }, {}, 2],
  ['ph', {}, { ...POT, ph: 9 }, {}, 0],
  ['humidity', { humidity: 'dry' }, {}, { humidity: 'humid' }, 1],
  ['humidity', { humidity: 'humid' }, {}, { humidity: 'dry' }, 1],
  ['humidity', { humidity: 'humid' }, {}, { humidity: 'humid' }, 0],
  ['humidity', { humidity: 'dry' }, {}, { humidity: 'moderate' }, 0],
  ['humidity', { humidity: 'any' }, {}, { humidity: 'humid' }, 0],
  ['salt', { salt: 'some' }, { salt: 'some' }, {}, 0],
  ['salt', { salt: 'high' }, { salt: 'some' }, {}, 0],
  ['salt', { salt: 'some' }, { salt: 'high' }, {}, 1],
  ['salt', { salt: 'none' }, { salt: 'high' }, {}, 2],
  // Two metres apart are 4 m²: half of that still holds one.
  ['room', { spacing_cm: 200 }, { area_m2: 4 }, {}, 0],
  ['room', { spacing_cm: 200 }, { area_m2: 3.9 }, {}, 1],
  ['room', { spacing_cm: 200 }, { area_m2: 2 }, {}, 1],
  ['room', { spacing_cm: 200 }, { area_m2: 1.9 }, {}, 2],
  ['container', { container: 'no' }, {}, {}, 0],
  ['container', { container: 'no' }, POT, {}, 2],
  ['container', { container: 'possible' }, POT, {}, 1],
  ['container', { container: 'good' }, POT, {}, 0],
  // Seven tenths of the litres it wants still hold it.
  ['container', { container: 'good', container_min_l: 20 }, POT, {}, 0],
  ['container', { container: 'good', container_min_l: 21 }, POT, {}, 1],
  ['container', { container: 'good', container_min_l: 28 }, POT, {}, 1],
  ['container', { container: 'good', container_min_l: 29 }, POT, {}, 2],
];

describe('each dimension of fit, at its limits', () => {
  it.each(ROWS)('%s of %j on %j in %j is %i', (dimension, ofPlant, ofSite, ofPlace, grade) => {
    expect(DIMENSIONS[dimension](plant('x', ofPlant), site('here', ofSite), { ...PLACE, ...ofPlace })).toBe(grade);
  });
});

it('of several pots alike each has its part of the soil and of the top', () => {
  const three = site('pots', { ...POT, volume_l: 30, area_m2: 0.3, pot: { ...FRESH_POT, count: 3 } });
  expect(onePotOf(three).volume_l).toBeCloseTo(10, 9);
  expect(onePotOf(three).area_m2).toBeCloseTo(0.1, 9);
  expect(onePotOf(site('bed', { area_m2: 7 }))).toEqual({ area_m2: 7, volume_l: 0 });
});
