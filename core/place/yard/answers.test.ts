import { describe, expect, it } from 'vitest';
import { SiteFields } from '../../model/garden';
import { bedOf, KNOWN_AREAS, SUN_ANSWERS, usualWet } from './answers';

const COAST = { bed_texture: 'sand', bed_drainage: 'well', bed_ph: 5.7, humidity: 'moderate' } as const;
const DESERT = { bed_texture: 'loam', bed_drainage: 'sharp', bed_ph: 7.9, humidity: 'dry' } as const;

describe('a bed in four answers', () => {
  it('is in the soil of the region where nobody says otherwise', () => {
    expect(bedOf({ area_m2: 12, sun: 'morning', soil: 'usual', wet: 'even' }, COAST)).toMatchObject({
      kind: 'bed',
      area_m2: 12,
      sun_h: 5,
      sun_when: 'morning',
      texture: 'sand',
      drainage: 'well',
      ph: 5.7,
      moisture: 3,
      assumed: ['texture', 'drainage', 'ph'],
    });
  });
  it('drains as its own soil does, and as wet ground does where puddles stand', () => {
    const clay = { area_m2: 3, sun: 'all-day', soil: 'clay' } as const;
    expect(bedOf({ ...clay, wet: 'damp' }, COAST)).toMatchObject({ texture: 'clay', drainage: 'moderate', moisture: 4 });
    expect(bedOf({ ...clay, wet: 'wet' }, COAST)).toMatchObject({
      texture: 'clay',
      drainage: 'wet',
      moisture: 5,
      assumed: ['ph'],
    });
    expect(bedOf({ ...clay, soil: 'sand', wet: 'dry' }, COAST)).toMatchObject({ drainage: 'sharp', moisture: 2 });
  });
  it('is dry where the air is dry', () => {
    expect(usualWet(DESERT)).toBe('dry');
    expect(usualWet(COAST)).toBe('even');
  });
  it('stands as a record once it has a name, for every answer', () => {
    for (const sun of Object.keys(SUN_ANSWERS) as (keyof typeof SUN_ANSWERS)[])
      for (const soil of ['usual', 'sand', 'loam', 'clay'] as const)
        for (const wet of ['dry', 'even', 'damp', 'wet'] as const)
          for (const area_m2 of Object.values(KNOWN_AREAS))
            expect(SiteFields.safeParse({ ...bedOf({ area_m2, sun, soil, wet }, DESERT), name: 'Bed' }).success).toBe(true);
  });
});
