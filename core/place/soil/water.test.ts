import { describe, expect, it } from 'vitest';
import type { PotFields } from '../../model/garden';
import { bags, layerLitres, mixLitres, potLitres, potTopM2 } from './volumes';
import { afterDay, calculatedMoisture, stepOfShare, waterYear } from './water-year';

const pot = (over: Partial<PotFields>): PotFields => ({
  shape: 'round',
  top_cm: 40,
  across_cm: null,
  base_cm: 40,
  depth_cm: 30,
  count: 1,
  material: 'glazed',
  exposure: 'open',
  winter: 'school',
  ...over,
});

describe('volumes', () => {
  it('of layers and bags', () => {
    // 5 cm on 12 m² is 600 litres: 24 bags of 25 L; a litre more needs another bag.
    expect(layerLitres(12, 5)).toBe(600);
    expect(bags(600, 25)).toBe(24);
    expect(bags(601, 25)).toBe(25);
    expect(bags(0, 25)).toBe(0);
  });
  it('of a straight round pot, π r² h', () => {
    // 40 cm across and 30 deep: π × 20² × 30 = 37 699 cm³.
    expect(potLitres(pot({}))).toBeCloseTo(37.7, 1);
    expect(potTopM2(pot({}))).toBeCloseTo(0.1257, 4);
  });
  it('of a tapered one, by the frustum', () => {
    // Radii 20 and 14, 30 deep: π × 30 ÷ 3 × (400 + 196 + 280) = 27 520 cm³.
    expect(potLitres(pot({ base_cm: 28 }))).toBeCloseTo(27.52, 2);
  });
  it('of a box and an oval', () => {
    expect(potLitres(pot({ shape: 'box', top_cm: 80, across_cm: 20, base_cm: 80, depth_cm: 20 }))).toBeCloseTo(32);
    // An ellipse of 60 by 30 is π × 30 × 15 = 1 414 cm².
    expect(potLitres(pot({ shape: 'oval', top_cm: 60, across_cm: 30, base_cm: 60, depth_cm: 20 }))).toBeCloseTo(28.27, 2);
  });
  it('of three alike, and the mix to buy', () => {
    const three = pot({ shape: 'box', top_cm: 100, across_cm: 20, base_cm: 100, depth_cm: 20, count: 3 });
    expect(potLitres(three)).toBeCloseTo(120);
    // Filled to 92 %, and a tenth more for what settles.
    expect(mixLitres(three)).toBeCloseTo(120 * 0.92 * 1.1);
  });
});

describe('the water of a year', () => {
  const months = (rain: number, et0: number) => Array.from({ length: 12 }, () => ({ rain_mm: rain, et0_mm: et0 }));
  const site = { texture: 'loam', runoff: 'none', sun_h: 8, kind: 'bed', drainage: 'well' } as const;
  it('stays near full where much more falls than is drunk', () => {
    for (const share of waterYear(site, months(200, 40))) expect(share).toBeGreaterThan(0.95);
  });
  it('a rainless month is drawn down day by day: readily to half of the store, then ever less', () => {
    // Loam holds 15 % of 800 mm: 120 mm. Sixty millimetres of thirst, three quarters of it felt by mulched ground, are 1.5 mm
    // a day: full on the first of the month, 120 − 1.5 × 15 = 97.5 in its middle, 0.81 on the mean.
    const one = months(300, 40).map((row, m) => (m === 5 ? { rain_mm: 0, et0_mm: 60 } : row));
    expect(waterYear(site, one)[5]).toBeCloseTo(0.8, 1);
    // Below half the thirst is met in the share of what is left: 60 mm, then 60 × (1 − 1.5 ⁄ 60) on the next day.
    expect(afterDay(60, 120, 1.5)).toBeCloseTo(58.5, 9);
    expect(afterDay(30, 120, 1.5)).toBeCloseTo(29.25, 9);
    expect(afterDay(90, 120, 1.5)).toBeCloseTo(88.5, 9);
    expect(afterDay(0, 120, 1.5)).toBe(0);
  });
  it('is drier in sand, wetter in shade and where water runs in', () => {
    const dry = months(60, 100);
    const july = (over: object) => waterYear({ ...site, ...over }, dry)[6]!;
    expect(july({ texture: 'sand' })).toBeLessThan(july({}));
    expect(july({ sun_h: 1 })).toBeGreaterThan(july({}));
    expect(july({ runoff: 'receives' })).toBeGreaterThan(july({}));
    expect(july({ runoff: 'sheds' })).toBeLessThan(july({}));
  });
  it('is given in the five steps', () => {
    expect([0.1, 0.3, 0.6, 0.9, 1.2].map(stepOfShare)).toEqual([1, 2, 3, 4, 5]);
    expect(calculatedMoisture(site, months(10, 150))).toBe(1);
    expect(calculatedMoisture({ ...site, drainage: 'wet' }, months(150, 60))).toBe(5);
  });
  it('has a floor where water stands, runs in or a hose reaches, and a ceiling where it runs off', () => {
    const desert = months(10, 200);
    expect(calculatedMoisture({ ...site, drainage: 'wet' }, desert)).toBe(4);
    expect(calculatedMoisture({ ...site, runoff: 'receives' }, desert)).toBe(2);
    expect(calculatedMoisture({ ...site, inReach: true }, desert)).toBe(2);
    expect(calculatedMoisture({ ...site, inReach: false }, desert)).toBe(1);
    const rainy = months(300, 40);
    expect(calculatedMoisture(site, rainy)).toBe(4);
    expect(calculatedMoisture({ ...site, drainage: 'sharp' }, rainy)).toBe(2);
    expect(calculatedMoisture({ ...site, drainage: 'sharp', runoff: 'receives' }, rainy)).toBe(4);
    expect(calculatedMoisture({ ...site, runoff: 'sheds' }, rainy)).toBe(3);
    expect(calculatedMoisture({ ...site, steep: true }, rainy)).toBe(3);
  });
});
