import { describe, expect, it } from 'vitest';
import { GARDEN, libraryOf, plant } from '../testing/worked-garden';
import type { GardenFields } from '../model/garden';
import { recordsOfNew } from '../garden/from-file';
import { gardenHere } from '../garden/here';
import { placeEffect, type PlaceValue } from '../garden/place-effects';
import { placeSentences } from './place';
import { unitsOf } from './units';

const library = libraryOf({
  plants: [
    plant('hardy', { common: 'Hardy aster', zone_min: '4a' }),
    plant('edge', { common: 'Edge mint', zone_min: '7a' }),
    plant('tender', { common: 'Tender sage', zone_min: '9a' }),
    plant('dry', { common: 'Dry penstemon', humidity: 'dry', heat_limit: 'cool' }),
  ],
  targets: [],
  hosts: [],
});
const said = (value: PlaceValue, over: Partial<GardenFields> = {}) => {
  return placeSentences(placeEffect(value, gardenHere(recordsOfNew({ ...GARDEN, ...over }), library)), unitsOf('metric')).join(
    ' ',
  );
};

describe('what a value of the place changes', () => {
  it('the zone: who lives through winter, and who would not half a zone colder', () => {
    const words = said('half_zone');
    expect(words).toContain('3 of the 4 plants recorded here outlive a winter of zone 7a.');
    expect(words).toContain('Half a zone colder (6b) would lose 1 of them, such as Edge mint.');
  });
  it('a warm and humid zone is called what it is', () => {
    expect(said('half_zone', { half_zone: '9a', humidity: 'humid' })).toContain('Zone 9a here is wet and sultry');
    expect(said('half_zone', { half_zone: '10a', humidity: 'humid' })).toContain('wet and sultry');
    expect(said('half_zone', { half_zone: '9a', humidity: 'dry' })).toContain('Zone 9a here is dry');
  });
  it('the air: those of dry summers are marked where it is humid', () => {
    expect(said('humidity', { humidity: 'humid' })).toContain('one plant is marked, such as Dry penstemon');
    expect(said('humidity', { humidity: 'dry' })).toContain('no plant is marked');
  });
  it('the summers, overruled', () => {
    expect(said('summer', { summer: 'hot' })).toContain('Summers are hot, where the region’s are warm');
    expect(said('summer', { summer: 'hot' })).toContain('1 of them are unsuitable.');
  });
  it('the frosts, with their spread', () => {
    // 20 April ± 13 days is 7 April to 3 May; 21 April to 24 October are 187 days.
    expect(said('frosts')).toContain('187 frost-free days');
    expect(said('frosts')).toContain('between 7 April and 3 May: set out tender plants after 3 May');
    expect(said('frosts', { last_frost: null, first_frost: null })).toContain('No frost in a usual year');
  });
  it('the rain: when a bed thirsts', () => {
    // 100 mm a month with 80 mm of thirst: nine tenths of it soak in, which is enough.
    expect(said('rain')).toContain('1200 mm a year.');
    expect(said('rain')).toContain('keeps half of its store all year');
    expect(said('rain', { rain_mm: [100, 100, 100, 100, 100, 5, 5, 5, 100, 100, 100, 200] })).toContain('by your own gauge');
    expect(said('rain', { rain_mm: [100, 100, 100, 100, 100, 5, 5, 5, 100, 100, 100, 200] })).toContain('July');
  });
  it('the position: spring, and the height of the sun', () => {
    expect(said('position', { lat: 42 })).toContain('8 days later');
    // At 40° the sun stands 73° high in June and 27° in December; 1 ÷ tan 27° is 2.0.
    expect(said('position')).toContain('73° high at noon in June and 27° in December');
    expect(said('position')).toContain('2.0 times its height');
  });
  it('the household', () => {
    expect(said('household', { passers_by: true })).toContain('Passers-by are counted');
    expect(said('household', { deer: 'many' })).toContain('Deer come often');
    expect(said('region')).toContain('4 plants are recorded');
  });
});
