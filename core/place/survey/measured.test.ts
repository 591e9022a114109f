import { describe, expect, it } from 'vitest';
import type { Measure, MeasureFields, Thing } from '../../model/yard';
import type { SeasonSun } from '../sun/bed-sun';
import { rectangle } from '../../testing/worked-yard';
import { site } from '../../testing/worked-garden';
import { measuredSite } from './measured';

const months = Array.from({ length: 12 }, () => ({ rain_mm: 90, et0_mm: 70 }));
const place = { lat: 40, lon: -75, last_frost: '04-20', first_frost: '10-25', months };
const measure = (fields: MeasureFields, n = 0): Measure => ({
  ...fields,
  id: `${fields.taken_on}-${fields.kind}-${n}`,
  revision: 0,
});
const jar = (taken_on: string, sand_mm: number, silt_mm: number, clay_mm: number) =>
  measure({ kind: 'jar', site_id: 'bed', taken_on, note: '', reading: { sand_mm, silt_mm, clay_mm } });
const hole = (taken_on: string, drop_cm: number, minutes: number, n = 0) =>
  measure({ kind: 'hole', site_id: 'bed', taken_on, note: '', reading: { drop_cm, minutes } }, n);
const probe = (taken_on: string, ph: number | null, moisture_pct: number | null = null) =>
  measure({ kind: 'probe', site_id: 'bed', taken_on, note: '', reading: { ph, moisture_pct, light_klx: null, device: 'typed' } });
const sun = (sun_h: number): SeasonSun => ({ sun_h, sun_when: 'morning', before: sun_h - 1, after: 1 });
const of = (
  over: Parameters<typeof site>[1],
  measures: Measure[] = [],
  computed: SeasonSun | null = null,
  things: Thing[] = [],
) => measuredSite(site('bed', over), measures, things, computed, place);

describe('a site as it was stated', () => {
  it('keeps what was stated where nothing was measured', () => {
    const stated = of({ texture: 'clay', ph: 7.1, sun_h: 5 });
    expect(stated).toMatchObject({
      texture: 'clay',
      ph: 7.1,
      sun_h: 5,
      drainage: 'well',
      moisture: 3,
      area_m2: 40,
      inReach: null,
    });
    expect(stated.figures.ph[0]).toEqual({ source: 'stated', value: 7.1, on: null, detail: { kind: 'stated', value: 7.1 } });
  });
});

describe('what was measured counts before what was stated', () => {
  it('the last jar, before fingers', () => {
    const feel = measure({
      kind: 'feel',
      site_id: 'bed',
      taken_on: '2026-06-01',
      note: '',
      reading: { ball: true, ribbon_mm: 70, grain: 'neither' },
    });
    // 90 % sand is sand; the jar of the year before said clay.
    const found = of({}, [jar('2025-04-01', 20, 20, 60), jar('2026-04-01', 90, 6, 4), feel]);
    expect(found.texture).toBe('sand');
    expect(found.figures.texture.map((figure) => figure.source)).toEqual(['jar', 'feel', 'stated']);
    expect(found.figures.texture[0]!.detail).toEqual({
      kind: 'jar',
      texture: 'sand',
      shares: { sand: 0.9, silt: 0.06, clay: 0.04 },
    });
  });
  it('the slowest of the holes of one day', () => {
    // 20 cm an hour is sharp, 4 cm an hour good; a year ago it stood.
    const found = of({}, [hole('2025-04-01', 2, 600), hole('2026-04-01', 20, 60), hole('2026-04-01', 4, 60, 1)]);
    expect(found.drainage).toBe('well');
    expect(found.figures.drainage[0]).toMatchObject({
      source: 'hole',
      on: '2026-04-01',
      detail: { kind: 'hole', drainage: 'well', cm_per_hour: 4 },
    });
  });
  it('the middle of the probe’s readings', () => {
    const found = of({ ph: 7 }, [probe('2026-04-01', 5.4), probe('2026-06-01', 5.9), probe('2026-08-01', 5.6)]);
    expect(found.ph).toBe(5.6);
    expect(found.figures.ph[0]!.detail).toEqual({ kind: 'readings', middle: 5.6, count: 3, low: 5.4, high: 5.9 });
  });
  it('moisture from the growing season only, by what the texture holds', () => {
    // Sand holds 5 to 13 %: 9 % is half way, even. December's soaking is left out.
    const wet = [8, 9, 10].map((pct, i) => probe(`2026-06-0${i + 1}`, null, pct));
    const found = of({ texture: 'sand', moisture: 1 }, [...wet, probe('2026-12-20', null, 30)]);
    expect(found.moisture).toBe(3);
    expect(found.figures.moisture.map((figure) => figure.source)).toEqual(['probe', 'stated', 'calculated']);
  });
  it('a push or two of the probe not, unless the gardener says so', () => {
    const two = [probe('2026-04-01', 5.4), probe('2026-06-01', 5.8)];
    expect(of({ ph: 7 }, two).ph).toBe(7);
    expect(of({ ph: 7, counts: { ph: 'probe' } }, two).ph).toBe(5.6);
  });
  it('the computed sun, and other beds’ measurements not', () => {
    const found = of({ sun_h: 8 }, [{ ...jar('2026-04-01', 90, 6, 4), site_id: 'another' }], sun(5.2));
    expect(found).toMatchObject({ sun_h: 5.2, sun_when: 'morning', texture: 'loam' });
  });
});

describe('the gardener may choose which figure counts', () => {
  it('for each value', () => {
    const found = of(
      { sun_h: 8, ph: 7, counts: { sun: 'stated', ph: 'stated' } },
      [5.4, 5.5, 5.6].map((ph, i) => probe(`2026-04-0${i + 1}`, ph)),
      sun(5.2),
    );
    expect(found).toMatchObject({ sun_h: 8, ph: 7 });
    expect(found.figures.sun.map((figure) => figure.source)).toEqual(['stated', 'computed']);
  });
  it('and where what was chosen is gone, the best of the rest does', () => {
    expect(of({ texture: 'clay', counts: { texture: 'jar' } })).toMatchObject({ texture: 'clay' });
  });
});

describe('what is drawn', () => {
  it('gives a bed its area', () => expect(of({ outline: rectangle(1, 1, 5, 2) }).area_m2).toBe(10));
  it('gives a pot its top and its litres', () => {
    const pot = {
      shape: 'box',
      top_cm: 100,
      across_cm: 50,
      base_cm: 100,
      depth_cm: 40,
      count: 2,
      material: 'wood',
      exposure: 'open',
      winter: 'school',
    } as const;
    const found = of({ kind: 'container', volume_l: 9, area_m2: 9, pot });
    expect(found.area_m2).toBeCloseTo(1);
    expect(found.volume_l).toBeCloseTo(400);
  });
  it('says whether the hose reaches', () => {
    const tap: Thing = { id: 't', revision: 0, kind: 'tap', name: 'Tap', points: [[0, 0]], traits: { hose_m: 5 } };
    expect(of({ outline: rectangle(0, 0, 4, 3) }, [], null, [tap]).inReach).toBe(true);
    expect(of({ outline: rectangle(0, 0, 4, 3.1) }, [], null, [tap]).inReach).toBe(false);
  });
});
