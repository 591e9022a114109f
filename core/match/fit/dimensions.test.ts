import { describe, expect, it } from 'vitest';
import type { FitPlace } from '../../model/here';
import type { Site } from '../../model/garden';
import type { Plant } from '../../model/reference';
import { plant, site } from '../../testing/worked-garden';
import { FRESH_POT } from '../../place/containers/kinds';
import { DIMENSIONS, gradeOf, onePotOf, type Dimension } from './dimensions';

const PLACE: FitPlace = { half_zone: '7a', summer: 'warm', humidity: 'moderate', school_pots: 'two-zones' };
const POT: Partial<Site> = { kind: 'container', volume_l: 20, area_m2: 0.5 };
type Row = [dimension: Dimension, plant: Partial<Plant>, site: Partial<Site>, place: Partial<FitPlace>, grade: 0 | 1 | 2];

const HOT: Partial<FitPlace> = { summer: 'hot' };
const COOL: Partial<FitPlace> = { summer: 'cool' };

/**
 * 0 thrives (a share of 0.85 and over), 1 workable (0.45), 2 unsuitable: each dimension on either side of its limits, the
 * shares worked out by hand from the settings.
 */
const ROWS: Row[] = [
  // Half a zone of margin is safe; none wants cover: 0.8.
  ['cold', { zone_min: '6b' }, {}, {}, 0],
  ['cold', { zone_min: '7a' }, {}, {}, 1],
  ['cold', { zone_min: '7b' }, {}, {}, 2],
  ['cold', { zone_min: '7b', kind: 'annual' }, {}, {}, 0],
  // Lantana in a cool zone: planted again each spring.
  ['cold', { zone_min: '9a', as_annual: true }, {}, {}, 1],
  // Roots in a pot outdoors live two zones colder: 5a.
  ['cold', { zone_min: '4b' }, POT, {}, 0],
  ['cold', { zone_min: '5a' }, POT, {}, 1],
  ['cold', { zone_min: '5b' }, POT, {}, 2],
  // In a hot summer each half-zone too warm costs 0.12; in a warm one two are free; in a cool one none counts.
  ['heat', { zone_max: '7a' }, {}, HOT, 0],
  ['heat', { zone_max: '6b' }, {}, HOT, 0],
  ['heat', { zone_max: '6a' }, {}, HOT, 1],
  ['heat', { zone_max: '5a' }, {}, HOT, 1],
  ['heat', { zone_max: '4b' }, {}, HOT, 2],
  ['heat', { zone_max: '5b' }, {}, {}, 0],
  ['heat', { zone_max: '4b' }, {}, {}, 1],
  ['heat', { zone_max: '3a' }, {}, {}, 2],
  ['heat', { zone_max: '3a' }, {}, COOL, 0],
  ['heat', { zone_max: '4b', kind: 'annual' }, {}, HOT, 0],
  ['heat', { heat_limit: 'warm' }, {}, {}, 0],
  ['heat', { heat_limit: 'cool' }, {}, {}, 1],
  ['heat', { heat_limit: 'cool' }, {}, HOT, 2],
  ['heat', { heat_limit: 'cool', kind: 'annual' }, {}, HOT, 2],
  // Each hour short costs 0.3.
  ['sun', {}, { sun_h: 4 }, {}, 0],
  ['sun', {}, { sun_h: 3.5 }, {}, 0],
  ['sun', {}, { sun_h: 3.4 }, {}, 1],
  ['sun', {}, { sun_h: 2.2 }, {}, 1],
  ['sun', {}, { sun_h: 2.1 }, {}, 2],
  // Each hour over in a warm summer on even ground 0.2 × 0.6 × 0.8, counted from an hour before the limit; in a hot one 0.16.
  ['sun', { sun_max_h: 6 }, { sun_h: 6 }, {}, 0],
  ['sun', { sun_max_h: 6 }, { sun_h: 8 }, {}, 1],
  ['sun', { sun_max_h: 6 }, { sun_h: 9 }, HOT, 2],
  ['sun', { sun_max_h: 6 }, { sun_h: 9, sun_when: 'morning' }, HOT, 1],
  ['sun', { sun_max_h: 6 }, { sun_h: 8, moisture: 5 }, HOT, 0],
  ['sun', { sun_max_h: 6 }, { sun_h: 9, moisture: 5 }, COOL, 0],
  ['sun', { sun_max_h: 6 }, { sun_h: 7, moisture: 1 }, {}, 1],
  ['sun', { sun_max_h: 6 }, { sun_h: 9, moisture: 1, sun_when: 'afternoon' }, {}, 2],
  // Dawn and dusk burn nothing: an open place counts as ten hours.
  ['sun', { sun_max_h: 8 }, { sun_h: 10, moisture: 4 }, {}, 0],
  ['sun', { sun_max_h: 8 }, { sun_h: 15, moisture: 4 }, {}, 0],
  ['sun', { sun_max_h: 11 }, { sun_h: 16, moisture: 1 }, HOT, 0],
  // From its zone up one wants shade in the afternoon, where the summer is hot or the ground dry.
  ['sunTiming', { afternoon_shade_from_zone: '7a' }, { sun_h: 8 }, {}, 0],
  ['sunTiming', { afternoon_shade_from_zone: '7a' }, { sun_h: 8, moisture: 2 }, {}, 1],
  ['sunTiming', { afternoon_shade_from_zone: '7a' }, { sun_h: 8 }, HOT, 1],
  ['sunTiming', { afternoon_shade_from_zone: '7a' }, { sun_h: 8, moisture: 5 }, HOT, 0],
  ['sunTiming', { afternoon_shade_from_zone: '7a' }, { sun_h: 3 }, HOT, 0],
  ['sunTiming', { afternoon_shade_from_zone: '7b' }, { sun_h: 8 }, HOT, 0],
  ['sunTiming', { afternoon_shade_from_zone: '7a' }, { sun_h: 8, sun_when: 'morning' }, HOT, 0],
  ['sunTiming', { afternoon_shade_from_zone: null }, { sun_h: 8 }, HOT, 0],
  // A step too wet or dry.
  ['moisture', {}, { moisture: 2 }, {}, 0],
  ['moisture', {}, { moisture: 4 }, {}, 0],
  ['moisture', {}, { moisture: 1 }, {}, 1],
  ['moisture', {}, { moisture: 5 }, {}, 1],
  ['moisture', { moisture_min: 3 }, { moisture: 1 }, {}, 2],
  ['moisture', { moisture_max: 3 }, { moisture: 5 }, {}, 2],
  // A pot is watered anyway.
  ['moisture', { moisture_min: 3 }, { ...POT, moisture: 2 }, {}, 0],
  ['moisture', { moisture_min: 3 }, { ...POT, moisture: 1 }, {}, 1],
  ['moisture', { moisture_min: 4 }, { ...POT, moisture: 1 }, {}, 2],
  ['drainage', { drainage: 'well' }, { drainage: 'moderate' }, {}, 0],
  ['drainage', { drainage: 'well' }, { drainage: 'sharp' }, {}, 0],
  ['drainage', { drainage: 'well' }, { drainage: 'wet' }, {}, 2],
  ['drainage', { drainage: 'moderate' }, { drainage: 'wet' }, {}, 1],
  ['drainage', { drainage: 'moderate', moisture_max: 3 }, { drainage: 'wet', texture: 'clay' }, {}, 2],
  ['drainage', { drainage: 'moderate' }, { drainage: 'wet', texture: 'clay' }, {}, 1],
  ['drainage', { drainage: 'wet' }, { drainage: 'well' }, {}, 1],
  ['drainage', { drainage: 'wet' }, { drainage: 'sharp' }, {}, 2],
  ['drainage', { drainage: 'sharp' }, { drainage: 'sharp' }, {}, 0],
  ['drainage', { drainage: 'sharp' }, { drainage: 'well' }, {}, 1],
  ['drainage', { drainage: 'sharp' }, { drainage: 'moderate' }, {}, 2],
  ['drainage', { drainage: 'any' }, { drainage: 'wet' }, {}, 0],
  ['drainage', { drainage: 'any', moisture_max: 3 }, { drainage: 'wet' }, {}, 1],
  ['drainage', { drainage: 'any', moisture_min: 3 }, { drainage: 'sharp' }, {}, 1],
  ['drainage', { drainage: 'any' }, { drainage: 'sharp' }, {}, 0],
  ['drainage', { drainage: 'sharp' }, { ...POT, drainage: 'wet' }, {}, 0],
  ['texture', { textures: ['loam'] }, { texture: 'loam' }, {}, 0],
  ['texture', { textures: ['loam'] }, { texture: 'clay' }, {}, 1],
  ['texture', { textures: ['sand'] }, { texture: 'clay' }, {}, 1],
  ['texture', { textures: ['sand'], drainage: 'sharp' }, { texture: 'clay' }, {}, 2],
  ['texture', { textures: ['sand'], drainage: 'sharp' }, { texture: 'loam' }, {}, 1],
  ['texture', { textures: ['loam'] }, { ...POT, texture: 'clay' }, {}, 0],
  // 0.6 for each unit of pH.
  ['ph', {}, { ph: 5 }, {}, 0],
  ['ph', {}, { ph: 4.8 }, {}, 0],
  ['ph', {}, { ph: 4.7 }, {}, 1],
  ['ph', {}, { ph: 4.1 }, {}, 1],
  ['ph', {}, { ph: 4 }, {}, 2],
  ['ph', {}, { ph: 7.5 }, {}, 0],
  ['ph', {}, { ph: 8.4 }, {}, 1],
  ['ph', {}, { ph: 8.5 }, {}, 2],
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
  // Two metres apart are 4 m²: half of that still holds one, two fifths do not.
  ['room', { spacing_cm: 200 }, { area_m2: 4 }, {}, 0],
  ['room', { spacing_cm: 200 }, { area_m2: 3.5 }, {}, 0],
  ['room', { spacing_cm: 200 }, { area_m2: 3.2 }, {}, 1],
  ['room', { spacing_cm: 200 }, { area_m2: 2 }, {}, 1],
  ['room', { spacing_cm: 200 }, { area_m2: 1.6 }, {}, 2],
  // A street tree lives in its cut-out of a square metre.
  ['room', { kind: 'tree', spacing_cm: 800 }, { area_m2: 1 }, {}, 0],
  ['room', { kind: 'tree', spacing_cm: 800 }, { area_m2: 0.4 }, {}, 2],
  ['container', { container: 'no' }, {}, {}, 0],
  ['container', { container: 'no' }, POT, {}, 2],
  ['container', { container: 'possible' }, POT, {}, 1],
  ['container', { container: 'good' }, POT, {}, 0],
  // Six tenths of the litres it wants still hold it.
  ['container', { container: 'good', container_min_l: 20 }, POT, {}, 0],
  ['container', { container: 'good', container_min_l: 24 }, POT, {}, 1],
  ['container', { container: 'good', container_min_l: 32 }, POT, {}, 1],
  ['container', { container: 'good', container_min_l: 34 }, POT, {}, 2],
];

describe('each dimension of fit, at its limits', () => {
  it.each(ROWS)('%s of %j on %j in %j is %i', (dimension, ofPlant, ofSite, ofPlace, grade) => {
    expect(gradeOf(DIMENSIONS[dimension](plant('x', ofPlant), site('here', ofSite), { ...PLACE, ...ofPlace }))).toBe(grade);
  });
});

it('of several pots alike each has its part of the soil and of the top', () => {
  const three = site('pots', { ...POT, volume_l: 30, area_m2: 0.3, pot: { ...FRESH_POT, count: 3 } });
  expect(onePotOf(three).volume_l).toBeCloseTo(10, 9);
  expect(onePotOf(three).area_m2).toBeCloseTo(0.1, 9);
  expect(onePotOf(site('bed', { area_m2: 7 }))).toEqual({ area_m2: 7, volume_l: 0 });
});

it('no dimension jumps: a tenth of an hour of sun is worth three hundredths at most', () => {
  const shy = plant('x', { sun_min_h: 5, sun_max_h: 7, afternoon_shade_from_zone: '7a' });
  for (const place of [PLACE, { ...PLACE, ...HOT }])
    for (const dimension of ['sun', 'sunTiming'] as const)
      for (let sun_h = 0.1; sun_h <= 16; sun_h += 0.1) {
        const at = (h: number) => DIMENSIONS[dimension](shy, site('bed', { sun_h: h, moisture: 1 }), place);
        expect(Math.abs(at(sun_h) - at(sun_h - 0.1))).toBeLessThanOrEqual(0.033);
      }
});
