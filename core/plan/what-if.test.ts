import { describe, expect, it } from 'vitest';
import { coverage } from '../coverage/coverage';
import { ask, ONE } from '../testing/planner';
import { plant, planting, site } from '../testing/worked-garden';
import { standsOf } from '../coverage/stands';
import { afterDryMonth, afterHardWinter, stepAfterDryMonth, withLessSun, withoutPlant } from './what-if';

const PLAN = [planting('h', 'host', 6), planting('w', 'white', 3), planting('b', 'blue', 3)];
const input = { ...ask(ONE, {}, { plantings: PLAN }), year: null };

describe('what if', () => {
  it('a plant dies: all of it goes, and its cycle opens', () => {
    expect(coverage(input).closed).toBe(1);
    expect(coverage(withoutPlant(input, 'host')).closed).toBe(0);
  });
  it('a bed loses sun: what wants more than there is left serves nobody', () => {
    // Eight hours and a plant that wants four: 3 h still work, 2 leave less than half of it.
    expect(coverage(withLessSun(input, 'bed', 5)).closed).toBe(1);
    expect(coverage(withLessSun(input, 'bed', 6)).closed).toBe(0);
    expect(withLessSun(input, 'bed', 20).sites[0]!.sun_h).toBe(0);
  });
});

describe('a month without water', () => {
  const bed = { kind: 'bed', texture: 'loam', moisture: 4, sun_h: 8, drainage: 'well', runoff: 'none' } as const;
  it.each<[string, Parameters<typeof stepAfterDryMonth>[0], number, number, number]>([
    // Loam holds 0.15 × 0.3 m = 45 mm; step 4 is 0.95 of it, 42.75 mm. 160 mm of thirst, three quarters of it felt: 4 mm a
    // day. Five days leave 22.5; from there 25 days, each a factor of 1 − 4 ⁄ 22.5: 22.5 × 0.822²⁵ = 0.17 mm.
    ['a moist loam is dry at 30 cm', bed, 160, 0.3, 1],
    // 1.2 m hold 180 mm, 171 at first; 120 mm go in 30 days while it is over half: 90 mm after 20.25 days, and then
    // 90 × (1 − 4 ⁄ 90)^9.75 = 58 mm: 0.32.
    ['and fairly dry at 1.2 m', bed, 160, 1.2, 2],
    // 40 mm of thirst draw 30 mm: 141 mm of 180, 0.78.
    ['a cool month leaves it even', bed, 40, 1.2, 3],
    // Full shade draws 0.6 of it: 72 of 171 mm: 99 of 180, 0.55.
    ['shade keeps it moister', { ...bed, sun_h: 0 }, 160, 1.2, 3],
    ['a wet corner is a step drier at most', { ...bed, moisture: 5, drainage: 'wet' }, 160, 0.3, 4],
    ['and so is ground that receives water', { ...bed, runoff: 'receives' }, 160, 0.3, 3],
    ['a pot is dry', { ...bed, kind: 'container' }, 30, 0.4, 1],
  ])('%s', (_, where, et0_mm, depth, step) => {
    expect(stepAfterDryMonth(where, { et0_mm }, depth)).toBe(step);
  });
  const world = {
    ...ONE,
    plants: [
      ...ONE.plants,
      plant('damp', { moisture_min: 3 }),
      plant('bog', { moisture_min: 4 }),
      plant('dry', { moisture_min: 1 }),
    ],
  };
  const plantings = [
    planting('young', 'damp', 3, { state: 'in-ground', planted_year: 2026 }),
    planting('rooted', 'damp', 3, { state: 'in-ground', planted_year: 2020 }),
    planting('wet', 'bog', 3, { state: 'in-ground', planted_year: 2020 }),
    planting('planned', 'dry', 3),
  ];
  const garden = {
    ...ask(world, {}, { plantings, sites: [site('bed', { moisture: 4, texture: 'loam', sun_h: 8 })] }),
    year: null,
  };
  it('kills what is young and wants it damp; what is rooted drops its leaf where it wants it wet, and lives', () => {
    const { died, setBack, input: after } = afterDryMonth(garden, 6, { et0_mm: 160 }, 2026);
    expect(died.map((row) => row.id)).toEqual(['young']);
    expect(setBack.map((row) => row.id)).toEqual(['wet']);
    expect(after.plantings.map((row) => row.id)).toEqual(['rooted', 'wet', 'planned']);
    // July, and three half-months after it: three tenths of leaf and flowers are left.
    const leaf = standsOf(after).stands.find((row) => row.id === 'wet')!.foliageShares;
    expect([11, 12, 15, 16, 17].map((h) => leaf[h])).toEqual([1, 0.3, 0.3, 0.3, 1]);
  });
  it('kills nothing of a plan as it stands grown', () => {
    expect(afterDryMonth(garden, 6, { et0_mm: 160 }, null).died).toEqual([]);
  });
  it('kills what a pot cannot keep moist', () => {
    const pot = { ...garden, sites: [site('bed', { kind: 'container', volume_l: 20 })] };
    expect(afterDryMonth(pot, 6, { et0_mm: 160 }, null).died.map((row) => row.id)).toEqual(['young', 'rooted', 'wet']);
  });
});

describe('a winter half a zone colder', () => {
  const world = {
    ...ONE,
    plants: [
      ...ONE.plants,
      plant('hardy', { zone_min: '5a' }),
      plant('edge', { zone_min: '7a' }),
      plant('annual', { kind: 'annual', zone_min: '10a' }),
      plant('bedding', { zone_min: '9a', as_annual: true }),
      plant('tropical', { zone_min: '9a', kind: 'vine' }),
    ],
  };
  const ids = ['hardy', 'edge', 'annual', 'bedding', 'tropical'];
  const asked = ask(world, {}, { plantings: ids.map((id) => planting(id, id, 1)) });
  const at = (half_zone: string) => ({
    ...asked,
    year: null,
    almanac: { ...asked.almanac, place: { ...asked.almanac.place, half_zone } },
  });
  const frosts = { last_frost: '04-20', first_frost: '10-25' };
  it('cuts back what it is just too cold for, until some weeks after the last frost', () => {
    // Zone 7a becomes 6b: half a zone short for what is hardy to 7a. The bedding plant was never there in winter.
    const { died, setBack, input } = afterHardWinter(at('7a'), frosts);
    expect(died).toEqual([]);
    expect(setBack.map((row) => row.id)).toEqual(['edge']);
    // From late January until late May: 20 April is half-month 7, and three more.
    const { stands } = standsOf(input);
    const leaf = stands.find((row) => row.id === 'edge')!.foliageShares;
    expect([9, 10, 11].map((h) => leaf[h])).toEqual([0, 1, 1]);
  });
  it('freezes tender leaf in the South, though the roots bear it', () => {
    // Zone 9b becomes 9a, which the tropical vine lives through, without its leaf.
    expect(afterHardWinter(at('9b'), frosts).setBack.map((row) => row.id)).toEqual(['bedding', 'tropical']);
    // Zone 11a becomes 10b: no frost.
    expect(afterHardWinter(at('11a'), frosts).setBack).toEqual([]);
  });
  it('kills in a pot what is a whole zone short there', () => {
    // Outdoors two zones colder: 7a counts 5a, and 4b then; a plant hardy to 5a is half a zone short.
    const pots = { ...at('7a'), sites: [site('bed', { kind: 'container', volume_l: 20 })] };
    expect(afterHardWinter(pots, frosts).setBack.map((row) => row.id)).toEqual(['hardy']);
  });
});
