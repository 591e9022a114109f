import { describe, expect, it } from 'vitest';
import type { Dimension } from '../match/fit/dimensions';
import { fitReasons } from '../match/fit/reasons';
import type { Site } from '../model/garden';
import type { FitPlace } from '../model/here';
import type { Plant } from '../model/reference';
import { plant, site } from '../testing/worked-garden';
import { fitWords } from './fit';
import { unitsOf, type Units } from './units';

const METRIC = unitsOf('metric');
const place: FitPlace = { half_zone: '7a', summer: 'warm', humidity: 'humid', school_pots: 'two-zones' };
function reason(dimension: Dimension, ofPlant: Partial<Plant>, onSite: Partial<Site>, units: Units = METRIC) {
  const found = fitReasons(plant('x', ofPlant), site('bed', onSite), place).find((row) => row.dimension === dimension);
  return found && { ...found, ...fitWords(found, units) };
}

describe('what each dimension says', () => {
  it.each([
    ['cold', { zone_min: '7a' }, {}, 1, 'zone 7a', 'zone 7a or warmer', 0, 'At its cold limit: mulch after the ground freezes.'],
    [
      'cold',
      { zone_min: '8a' },
      {},
      2,
      'zone 7a',
      'zone 8a or warmer',
      -2,
      'Grow it in a pot that winters indoors, or choose a hardier plant.',
    ],
    ['cold', { kind: 'annual' }, {}, 0, 'zone 7a', 'annual: does not have to winter', null, ''],
    [
      'heat',
      { heat_limit: 'cool' },
      {},
      1,
      'warm summers, zone 7a',
      'summers up to cool, zone 9b or colder',
      5,
      'Give it the coolest place, morning sun and a deep mulch.',
    ],
    ['sun', { sun_min_h: 6 }, { sun_h: 5 }, 1, '5 h', '6 h or more', -1, 'Short by 1 h: it will bloom less; lift a low branch.'],
    ['sun', { sun_min_h: 6 }, { sun_h: 3 }, 2, '3 h', '6 h or more', -3, 'Short by 3 h: find it a sunnier bed.'],
    [
      'sun',
      { sun_max_h: 5 },
      { sun_h: 8, moisture: 1 },
      2,
      '8 h',
      '4–5 h where sun burns',
      -4,
      'Too much sun for ground as dry and summers as hot as here: find it a shadier or a moister bed.',
    ],
    [
      'cold',
      { zone_min: '9a', as_annual: true },
      {},
      1,
      'zone 7a',
      'zone 9a or warmer',
      -4,
      'Winter ends it: grown for one summer, and bought or raised again each spring.',
    ],
    [
      'sunTiming',
      { afternoon_shade_from_zone: '6b' },
      { moisture: 2 },
      1,
      'all day',
      'afternoon shade from zone 6b up (here 7a)',
      null,
      'Put it on the east side of something taller, or water it through hot spells.',
    ],
    [
      'moisture',
      { moisture_min: 4, moisture_max: 5 },
      { moisture: 3 },
      1,
      '3 (even)',
      '4–5 (moist to wet)',
      -1,
      'A shallow basin or weekly water would do.',
    ],
    [
      'moisture',
      { moisture_min: 1, moisture_max: 2 },
      { moisture: 3 },
      1,
      '3 (even)',
      '1–2 (dry to fairly dry)',
      -1,
      'Raise it 15 cm on a mound.',
    ],
    [
      'moisture',
      { moisture_min: 1, moisture_max: 2 },
      { moisture: 5 },
      2,
      '5 (wet)',
      '1–2 (dry to fairly dry)',
      -3,
      'Too wet: move it to a drier bed.',
    ],
    ['drainage', { drainage: 'sharp' }, { drainage: 'wet' }, 2, 'wet', 'sharp', null, 'Plant it high, in grit.'],
    [
      'texture',
      { textures: ['sand'] },
      { texture: 'clay' },
      1,
      'clay',
      'sand',
      null,
      'Work compost and coarse grit into the whole bed, not the hole alone.',
    ],
    [
      'ph',
      { ph_max: 5.5 },
      { ph: 6 },
      1,
      '6',
      '5–5.5',
      -0.5,
      'Elemental sulfur, slowly, over two years (mind the dust), or choose another plant.',
    ],
    [
      'ph',
      { ph_min: 7 },
      { ph: 6.6 },
      1,
      '6.6',
      '7–7.5',
      -0.4,
      'Garden lime in autumn (mind the dust), or choose another plant.',
    ],
    ['ph', { ph_max: 5.5 }, { ph: 7 }, 2, '7', '5–5.5', -1.5, 'Choose another plant: this much change does not last.'],
    ['humidity', { humidity: 'dry' }, {}, 1, 'humid', 'dry air', null, 'Space it widely in moving air.'],
    ['salt', {}, { salt: 'high' }, 2, 'high', 'no salt', null, 'Set it behind a hedge or wall, out of the salt wind.'],
    [
      'room',
      { spacing_cm: 300 },
      { area_m2: 5 },
      1,
      '5 m²',
      '9 m² for one grown plant',
      -4,
      'Choose a bigger bed or a smaller plant.',
    ],
  ] as const)('%s of %o on %o', (dimension, ofPlant, onSite, grade, here, wants, margin, remedy) => {
    expect(reason(dimension, ofPlant as object, onSite as object)).toMatchObject({ grade, here, wants, margin, remedy });
  });

  it('a pot has its own zone, and is not asked about soil', () => {
    const pot = { kind: 'container', volume_l: 12, area_m2: 0.3 } as const;
    const potted = { container: 'good', container_min_l: 10, zone_min: '6a' } as const;
    expect(reason('cold', potted, pot)).toMatchObject({
      grade: 2,
      here: 'zone 5a in a pot (the garden is 7a)',
      remedy: 'Winter the pot indoors, or plant it in the ground.',
    });
    expect(reason('ph', potted, pot)).toMatchObject({ grade: 0, here: 'potting mix', margin: null });
    expect(reason('container', potted, pot)).toMatchObject({
      grade: 0,
      here: '12 L',
      wants: 'a pot of 10 L or more will do',
      margin: 2,
    });
    expect(reason('container', { container: 'no' }, pot)).toMatchObject({ grade: 2, wants: 'open ground only' });
  });
  it('in feet and inches throughout, where those are chosen', () => {
    const us = unitsOf('us');
    expect(reason('room', { spacing_cm: 300 }, { area_m2: 5 }, us)).toMatchObject({
      here: '54 sq ft',
      wants: '97 sq ft for one grown plant',
    });
    expect(reason('moisture', { moisture_min: 1, moisture_max: 2 }, { moisture: 3 }, us)!.remedy).toBe(
      'Raise it 6 in on a mound.',
    );
  });
  it('every dimension that holds a plant back has a remedy', () => {
    const bad = site('bad', { sun_h: 1, moisture: 1, ph: 9, salt: 'high', area_m2: 0.1 });
    const graded = fitReasons(plant('x', { sun_min_h: 6 }), bad, place).filter((row) => row.grade > 0);
    expect(graded.map((row) => row.dimension).sort()).toEqual(['moisture', 'ph', 'room', 'salt', 'sun']);
    for (const row of graded) expect(fitWords(row, METRIC).remedy, row.dimension).not.toBe('');
  });
  it('open ground is not asked about pots', () => expect(reason('container', {}, {})).toBeUndefined());
});
