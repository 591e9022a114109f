import { describe, expect, it } from 'vitest';
import { gardenHere } from '../garden/here';
import type { Planting, Site } from '../model/garden';
import type { Plant } from '../model/reference';
import type { CareTag, PlantSize, RootSchool } from '../model/vocabulary';
import { libraryOf, plant, planting, recordsIn, site } from '../testing/worked-garden';
import { acidityWords, depthWords, holeWords, rootsWords, waterInWords } from '../words/planting-day';
import { unitsOf } from '../words/units';
import { plantingCard, plantingDay, type PlantingDayInput } from './planting-day';

const SI = unitsOf('metric');
const inputOf = (over: { school?: RootSchool; size?: PlantSize; tags?: CareTag[]; all?: Planting[] } = {}): PlantingDayInput => ({
  garden: { school_roots: over.school ?? 'tease' },
  sizeOf: () => over.size ?? 'pot',
  tagsOf: () => over.tags ?? [],
  middles: new Map(),
  all: over.all ?? [],
});
function cardOf(of: Partial<Plant>, bed: Partial<Site> = {}, over: Parameters<typeof inputOf>[0] = {}, count = 3) {
  const world = { plants: [plant('aster', of)], targets: [], hosts: [] };
  const here = gardenHere(recordsIn(world, [planting('p', 'aster', count)], { sites: [site('bed', bed)] }), libraryOf(world));
  return plantingCard(here.plantings[0]!, here.almanac.plants.get('aster')!, here.sites[0]!, inputOf(over))!;
}

describe('a card of the planting day', () => {
  it('has a hole twice as wide as the pot and no deeper', () => {
    expect(cardOf({}).hole).toEqual({ wide_cm: 28, deep_cm: 13 });
    expect(holeWords(cardOf({}), SI)).toBe('Hole 28 cm wide and 13 cm deep, no deeper than the root ball.');
    // A bulb lies two and a half times as deep as it is tall.
    expect(cardOf({}, {}, { size: 'bulb' }).hole.deep_cm).toBe(10);
  });
  it('leaves a taproot alone whatever the school, cuts circling roots of a shrub, and follows the school else', () => {
    expect(cardOf({}, {}, { tags: ['taproot'] }).roots).toEqual({ do: 'leave', because: 'taproot' });
    expect(cardOf({ kind: 'shrub' }).roots).toEqual({ do: 'cut-circling', because: 'woody' });
    expect(cardOf({ kind: 'shrub' }, {}, { school: 'leave' }).roots).toEqual({ do: 'leave', because: 'school' });
    expect(cardOf({}, {}, { school: 'soak' }).roots).toEqual({ do: 'soak', because: 'school' });
    expect(cardOf({}, {}, { size: 'plug' }).roots.do).toBe('leave');
    expect(rootsWords(cardOf({}, {}, { school: 'soak' }))).toContain('ten minutes');
  });
  it('sets it level, a shrub by its flare, what rots high, a leggy annual deeper', () => {
    expect(cardOf({}).depth.as).toBe('level');
    expect(cardOf({ kind: 'tree' }).depth.as).toBe('flare');
    expect(cardOf({ drainage: 'sharp' }, { drainage: 'moderate' }).depth).toEqual({ as: 'high', cm: 3 });
    expect(cardOf({ drainage: 'sharp' }, { drainage: 'sharp' }).depth.as).toBe('level');
    expect(cardOf({ kind: 'annual', height_max_cm: 90 }).depth).toEqual({ as: 'deeper', cm: 3 });
    expect(cardOf({ kind: 'annual', height_max_cm: 20 }).depth.as).toBe('level');
    expect(cardOf({ kind: 'annual', height_max_cm: 90 }, {}, { tags: ['taproot'] }).depth.as).toBe('level');
    expect(depthWords(cardOf({ kind: 'tree' }), SI)).toContain('flare');
  });
  it('says what the probe has to say before it is planted', () => {
    expect(cardOf({ ph_min: 5, ph_max: 6 }, { ph: 5.5 }).acidity.is).toBe('right');
    expect(cardOf({ ph_min: 5, ph_max: 6 }, { ph: 6.8 }).acidity.is).toBe('sweet');
    expect(cardOf({ ph_min: 6, ph_max: 8 }, { ph: 5 }).acidity.is).toBe('sour');
    const assumed = cardOf({ ph_min: 5, ph_max: 6 }, { ph: 5.5, assumed: ['ph'] }).acidity;
    expect(assumed.is).toBe('unknown');
    expect(acidityWords(assumed)).toContain('take the probe');
  });
  it('gives water for all of them, now and after', () => {
    expect(cardOf({}).water).toMatchObject({ first_l: 4, then_l: 2 });
    expect(waterInWords(cardOf({}), SI)).toMatch(
      /^4 l each now, 12 l for all; then 2 l each every 3 days for two weeks, every 7 days for four/i,
    );
  });
  it('asks for a stake to each tall slender plant, and none to what is bushy or climbs', () => {
    expect(cardOf({ height_max_cm: 160, habit: 'single' }).stakes).toBe(3);
    expect(cardOf({ height_max_cm: 140, habit: 'single' }).stakes).toBe(0);
    expect(cardOf({ height_max_cm: 160, habit: 'clump' }).stakes).toBe(0);
    expect(cardOf({ kind: 'vine', height_max_cm: 300, habit: 'climber' })).toMatchObject({ stakes: 0, supports: 3 });
  });
  it('adds grit only where the ground does not drain as it wants: a third of the hole', () => {
    // π ÷ 4 × 2.8² × 1.3 dm³ = 8.0 l; a third of three holes is 7.9 l.
    expect(cardOf({ drainage: 'sharp' }, { drainage: 'well' }).grit_l).toBeCloseTo(7.93, 1);
    expect(cardOf({ drainage: 'sharp' }, { drainage: 'sharp' }).grit_l).toBe(0);
    expect(cardOf({}, { drainage: 'well' }).grit_l).toBe(0);
  });
});

describe('a day', () => {
  const world = { plants: [plant('aster'), plant('vine', { kind: 'vine' })], targets: [], hosts: [] };
  const rows = [planting('a', 'aster', 3), planting('b', 'vine', 1, { site_id: 'pot' })];
  const sites = [site('bed'), site('pot', { kind: 'container', volume_l: 30 })];
  const here = gardenHere(recordsIn(world, rows, { sites }), libraryOf(world));
  const dayOf = (all: Planting[]) => {
    const input = inputOf({ all });
    const cards = here.plantings.map((row) =>
      plantingCard(
        row,
        here.almanac.plants.get(row.plant)!,
        here.sites.find((one) => one.id === row.site_id)!,
        input,
      )!,
    );
    return plantingDay(cards, input);
  };
  it('goes from bed to bed, the nearest to the one before', () => {
    const three = [site('bed'), site('far'), site('near')];
    const planted = ['bed', 'far', 'near'].map((id, i) => planting(`p${i}`, 'aster', 1, { site_id: id }));
    const there = gardenHere(recordsIn({ ...world, plants: [plant('aster')] }, planted, { sites: three }), libraryOf(world));
    const input: PlantingDayInput = {
      ...inputOf({ all: planted }),
      middles: new Map([
        ['bed', [0, 0]],
        ['far', [30, 0]],
        ['near', [5, 0]],
      ]),
    };
    const cards = there.plantings.map((row) =>
      plantingCard(
        row,
        there.almanac.plants.get('aster')!,
        there.sites.find((one) => one.id === row.site_id)!,
        input,
      )!,
    );
    expect(plantingDay(cards, input).cards.map((card) => card.site_id)).toEqual(['bed', 'near', 'far']);
  });
  it('sums its water, labels, supports and mulch, and the mix of pots that are empty', () => {
    // 3 × 4 + 1 × 4 litres.
    expect(dayOf(rows).materials).toMatchObject({ plants: 4, labels: 2, water_l: 16, mix_l: 30, supports: 1 });
    // Three plants at half a metre take 0.75 m²; five centimetres on it are 37.5 litres.
    expect(dayOf(rows).materials.mulch_l).toBeCloseTo(37.5, 5);
    const grows = planting('c', 'aster', 1, { site_id: 'pot', state: 'in-ground' });
    expect(dayOf([...rows, grows]).materials.mix_l).toBe(0);
  });
});
