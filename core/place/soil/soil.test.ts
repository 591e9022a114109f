import { describe, expect, it } from 'vitest';
import type { MeasureOf } from '../../model/yard';
import { phPlan } from './amend';
import { drainageOf, drainRate } from './drainage';
import { seedOf } from '../../model/random';
import { moistureStep, probeSummary, simulatedProbe } from './probe';
import { feelTexture, jarFractions, plainTexture, textureClass } from './texture';

describe('the texture triangle', () => {
  // Points read off the published triangle.
  it.each([
    [92, 5, 3, 'sand'],
    [82, 12, 6, 'loamy sand'],
    [65, 25, 10, 'sandy loam'],
    [40, 40, 20, 'loam'],
    [20, 65, 15, 'silt loam'],
    [5, 88, 7, 'silt'],
    [60, 13, 27, 'sandy clay loam'],
    [33, 34, 33, 'clay loam'],
    [10, 56, 34, 'silty clay loam'],
    [52, 6, 42, 'sandy clay'],
    [5, 47, 48, 'silty clay'],
    [20, 20, 60, 'clay'],
  ])('%i %% sand, %i %% silt, %i %% clay is %s', (sand, silt, clay, name) => {
    expect(textureClass({ sand: sand / 100, silt: silt / 100, clay: clay / 100 })).toBe(name);
  });
  // Either side of each of its lines, by the published definitions: sand, silt, clay.
  it.each([
    [86, 14, 0, 'sand'],
    [85, 15, 0, 'loamy sand'],
    [71, 29, 0, 'loamy sand'],
    [70, 30, 0, 'sandy loam'],
    [25, 50, 25, 'silt loam'],
    [26, 49, 25, 'loam'],
    [45, 48, 7, 'loam'],
    [46, 48, 6, 'sandy loam'],
    [52, 40, 8, 'loam'],
    [53, 39, 8, 'sandy loam'],
    [52, 28, 20, 'loam'],
    [53, 27, 20, 'sandy clay loam'],
    [54, 27, 19, 'sandy loam'],
    [9, 80, 11, 'silt'],
    [8, 80, 12, 'silt loam'],
    [20, 53, 27, 'silty clay loam'],
    [21, 52, 27, 'clay loam'],
    [45, 28, 27, 'clay loam'],
    [46, 27, 27, 'sandy clay loam'],
    [46, 19, 35, 'sandy clay'],
    [46, 20, 34, 'sandy clay loam'],
    [20, 40, 40, 'silty clay'],
    [21, 39, 40, 'clay'],
  ])('%i sand, %i silt, %i clay is %s', (sand, silt, clay, name) => {
    expect(textureClass({ sand: sand / 100, silt: silt / 100, clay: clay / 100 })).toBe(name);
  });
  it('names every point', () => {
    for (let sand = 0; sand <= 100; sand += 2)
      for (let clay = 0; clay <= 100 - sand; clay += 2)
        expect(plainTexture(textureClass({ sand: sand / 100, clay: clay / 100, silt: (100 - sand - clay) / 100 }))).toMatch(
          /^(sand|loam|clay)$/,
        );
  });
  it('reads a jar by its layers', () => {
    // 60 + 30 + 10 mm: 60 % sand, 30 % silt, 10 % clay, a sandy loam.
    const shares = jarFractions({ sand_mm: 60, silt_mm: 30, clay_mm: 10 });
    expect(shares).toEqual({ sand: 0.6, silt: 0.3, clay: 0.1 });
    expect(textureClass(shares)).toBe('sandy loam');
    expect(() => jarFractions({ sand_mm: 0, silt_mm: 0, clay_mm: 0 })).toThrow('without a layer');
  });
  it.each([
    ['no ball', false, 0, 'gritty', 'sand'],
    ['a ball but no ribbon', true, 0, 'gritty', 'loamy sand'],
    ['a short gritty ribbon', true, 15, 'gritty', 'sandy loam'],
    ['a short smooth ribbon', true, 20, 'smooth', 'silt loam'],
    ['a ribbon of 4 cm', true, 40, 'neither', 'clay loam'],
    ['a ribbon of 7 cm', true, 70, 'neither', 'clay'],
    ['a long smooth one', true, 70, 'smooth', 'silty clay'],
  ] as const)('%s by feel', (_, ball, ribbon_mm, grain, name) => expect(feelTexture({ ball, ribbon_mm, grain })).toBe(name));
});

describe('the hole', () => {
  it.each([
    ['30 cm in an hour', 30, 60, 30, 'sharp'],
    ['8 cm in an hour', 8, 60, 8, 'well'],
    ['6 cm in four hours', 6, 240, 1.5, 'moderate'],
    ['5 cm overnight', 5, 600, 0.5, 'wet'],
  ] as const)('%s', (_, drop_cm, minutes, rate, drainage) => {
    expect(drainRate({ drop_cm, minutes })).toBeCloseTo(rate);
    expect(drainageOf({ drop_cm, minutes })).toBe(drainage);
  });
});

describe('the probe', () => {
  const row = (taken_on: string, ph: number | null): MeasureOf<'probe'> => ({
    id: taken_on,
    revision: 0,
    kind: 'probe',
    site_id: 'bed',
    taken_on,
    note: '',
    reading: { ph, moisture_pct: null, light_klx: null, device: 'typed' },
  });
  it('is summed up by its middle reading, the old ones left out', () => {
    const log = [
      row('2020-05-01', 7.5),
      row('2026-03-01', 5.8),
      row('2026-05-01', 6.4),
      row('2026-06-01', 6.0),
      row('2026-06-02', null),
    ];
    expect(probeSummary(log, 'ph')).toEqual({ middle: 6, low: 5.8, high: 6.4, count: 3, last_on: '2026-06-01' });
    expect(probeSummary(log, 'moisture_pct')).toBeNull();
  });
  it('gives moisture by what the texture holds', () => {
    // Loam: 13 % at wilting, 28 % full; 20 % is (20 − 13) ÷ 15 = 0.47, even.
    expect(moistureStep(20, 'loam')).toBe(3);
    // The same 20 % is dust in clay (25 % at wilting) and more than sand holds.
    expect(moistureStep(20, 'clay')).toBe(1);
    expect(moistureStep(20, 'sand')).toBe(5);
    expect(moistureStep(14, 'loam')).toBe(1);
  });
  it('simulated: strays about the truth, drifts, and repeats itself for the same push', () => {
    const ground = { ph: 6.2, moisture_pct: 22, light_klx: 40 };
    const readings = Array.from({ length: 400 }, (_, i) => simulatedProbe(ground, seedOf(`push ${i}`), 0));
    const mean = (of: (r: (typeof readings)[0]) => number) => readings.reduce((sum, r) => sum + of(r), 0) / readings.length;
    expect(mean((r) => r.ph!)).toBeCloseTo(6.2, 1);
    expect(mean((r) => r.moisture_pct!)).toBeCloseTo(22, 0);
    expect(new Set(readings.map((r) => r.ph)).size).toBeGreaterThan(5);
    const later = Array.from({ length: 400 }, (_, i) => simulatedProbe(ground, seedOf(`push ${i}`), 2000));
    // Long in use it has drifted by the whole 0.3.
    expect(later.reduce((sum, r) => sum + r.ph!, 0) / 400).toBeCloseTo(6.5, 1);
    expect(simulatedProbe(ground, 5, 10)).toEqual(simulatedProbe(ground, 5, 10));
  });
});

describe('moving pH', () => {
  it('half a unit down on loam is 50 g of sulfur to the square metre, in one year', () => {
    expect(phPlan(6.5, 6, 'loam', 10)).toEqual({
      material: 'sulfur',
      total_g_m2: 50,
      total_kg: 0.5,
      years: [0.5],
      instead: null,
    });
  });
  it('a unit down on clay is spread over two years', () => {
    // 150 g/m² at no more than 75 a year.
    const plan = phPlan(6.5, 5.5, 'clay', 20);
    expect(plan.total_kg).toBe(3);
    expect(plan.years).toEqual([1.5, 1.5]);
    expect(plan.instead).toBeNull();
  });
  it('a unit up on sand is lime, within a year', () => {
    expect(phPlan(5.5, 6.5, 'sand', 4)).toMatchObject({ material: 'lime', total_g_m2: 180, years: [0.72] });
  });
  it('advises another plant on limy soil and for a long way', () => {
    expect(phPlan(7.8, 7, 'loam', 5).instead).toBe('limy');
    expect(phPlan(7, 5.5, 'loam', 5).instead).toBe('far');
  });
  it('leaves alone what a probe cannot show', () => {
    expect(phPlan(6.5, 6.4, 'loam', 5)).toEqual({ material: null, total_g_m2: 0, total_kg: 0, years: [], instead: null });
  });
});
