import { describe, expect, it } from 'vitest';
import { recordsOfNew } from '../core/garden/from-file';
import { gardenHere } from '../core/garden/here';
import { regionalGarden } from '../core/library/regional-garden';
import type { GardenFields, Site } from '../core/model/garden';
import { afterDryMonth, afterHardWinter } from '../core/plan/what-if';
import { calculatedMoisture } from '../core/place/soil/water-year';
import { planting, site } from '../core/testing/worked-garden';
import { readLibrary } from '../scripts/reference-files';

/** Beds that growers know, by rain and soil; and what a dry month and a hard winter do to what is established. */
const { library } = readLibrary();
const gardenIn = (region: string, over: Partial<GardenFields> = {}) =>
  gardenHere(recordsOfNew({ ...regionalGarden(library, region), ...over }), library);

describe('how moist an ordinary bed stays without watering', () => {
  const OPEN = { texture: 'loam', runoff: 'none', sun_h: 8, kind: 'bed', drainage: 'well' } as const;
  it.each<[string, string, Partial<Site>, number]>([
    ['a loam in the Appalachians is even', 'appalachian-highlands', {}, 3],
    ['and one of the Northeast', 'northeast-coast', {}, 3],
    ['a prairie loam', 'central-tallgrass', {}, 3],
    ['a loam of central Minnesota', 'upper-midwest', {}, 3],
    ['red clay of Georgia', 'southeast-piedmont', { texture: 'clay' }, 3],
    ['the Gulf is moist', 'gulf-coast', {}, 4],
    ['a sharp sandy bank is fairly dry even there', 'gulf-coast', { texture: 'sand', drainage: 'sharp' }, 2],
    ['limestone hills of Texas are fairly dry', 'texas-hills-brush', {}, 2],
    ['the northern plains too', 'northern-plains', {}, 2],
    ['the Great Basin is dry', 'interior-northwest', {}, 1],
    ['so is a coast of California in its summer', 'california-coast', {}, 1],
    ['and the desert', 'southwest-sky-islands', { texture: 'sand', drainage: 'sharp' }, 1],
    ['a clay hollow that receives water is wet', 'upper-midwest', { texture: 'clay', drainage: 'wet', runoff: 'receives' }, 5],
    ['shade keeps a loam moist in the Northeast', 'northeast-coast', { sun_h: 1 }, 4],
    ['Puget Sound is fairly dry in its summer', 'pacific-northwest', {}, 2],
  ])('%s', (_, region, over, step) => {
    expect(calculatedMoisture({ ...OPEN, ...over }, gardenIn(region).climate.months)).toBe(step);
  });
});

describe('a month without rain', () => {
  const MEADOW: [string, string][] = [
    ['asclepias-syriaca', 'border'],
    ['monarda-fistulosa', 'border'],
    ['echinacea-purpurea', 'border'],
    ['acer-rubrum', 'border'],
    ['solidago-speciosa', 'border'],
    ['eupatorium-perfoliatum', 'wet'],
    ['urtica-gracilis', 'wet'],
    ['asclepias-incarnata', 'wet'],
  ];
  const sites = [
    site('border', { area_m2: 80, sun_h: 9, moisture: 3 }),
    site('wet', { area_m2: 40, sun_h: 9, moisture: 5, texture: 'clay', drainage: 'wet', runoff: 'receives' }),
  ];
  const meadow = gardenIn('upper-midwest');
  const input = { ...meadow.input, sites, plantings: MEADOW.map(([plant, site_id]) => planting(plant, plant, 5, { site_id })) };
  it('in August kills nothing established in Minnesota, and hardly touches the wet corner', () => {
    const { died, setBack } = afterDryMonth(input, 7, meadow.climate.months[7]!, null);
    expect(died).toEqual([]);
    expect(setBack.filter(({ site_id }) => site_id === 'wet')).toEqual([]);
  });
  it('in April kills neither privet senna nor corkystem in Florida: it is the usual dry month', () => {
    const florida = gardenIn('florida-peninsula', { half_zone: '10a' });
    const plantings = ['senna-ligustrina', 'passiflora-suberosa'].map((plant) => planting(plant, plant, 2));
    const dry = { ...florida.input, sites: [site('bed', { texture: 'sand', sun_h: 8 })], plantings };
    expect(afterDryMonth(dry, 3, florida.climate.months[3]!, null).died).toEqual([]);
  });
});

describe('a winter half a zone colder', () => {
  it('in Tampa takes leaf and bloom of the tender for months, and kills none of them', () => {
    const florida = gardenIn('florida-peninsula', { half_zone: '10a' });
    const kinds = [
      'hamelia-patens',
      'stachytarpheta-jamaicensis',
      'passiflora-suberosa',
      'lonicera-sempervirens',
      'quercus-virginiana',
    ];
    const input = { ...florida.input, sites: [site('bed', { area_m2: 400 })], plantings: kinds.map((id) => planting(id, id, 1)) };
    const { died, setBack } = afterHardWinter(input, florida.almanac.frosts);
    expect(died).toEqual([]);
    expect(setBack.map(({ plant }) => plant)).toEqual(['hamelia-patens', 'stachytarpheta-jamaicensis', 'passiflora-suberosa']);
  });
});
