import { describe, expect, it } from 'vitest';
import type { Garden, Site } from '../../model/garden';
import type { Plant } from '../../model/reference';
import type { PlanWishes } from '../../model/wishes';
import { ask, ONE } from '../../testing/planner';
import { plant, site } from '../../testing/worked-garden';
import { problemOf } from './problem';

const UNWISHED: Partial<PlanWishes> = { natives: 'off', cheap: 'some', kinds: 'any' };
/** What one plant of x costs by the preferences; it takes 0.25 m². */
function costOf(
  wishes: Partial<PlanWishes>,
  { ofPlant = {}, ofSite = {}, deer = 'none' }: { ofPlant?: Partial<Plant>; ofSite?: Partial<Site>; deer?: Garden['deer'] } = {},
  native = true,
) {
  const x = plant('x', ofPlant);
  const status = [{ plant: 'x', place: 'flatland', status: native ? 'native' : 'introduced', as_of: 2020, note: '' } as const];
  const question = ask(
    { ...ONE, plants: [...ONE.plants, x], status },
    { ...UNWISHED, ...wishes },
    { sites: [site('bed', ofSite)] },
  );
  const { choices, costs } = problemOf({ ...question, garden: { ...question.garden, deer } });
  const at = choices.plants.findIndex(({ here }) => here.plant.id === 'x');
  return { each: costs.each[at]!, kind: costs.kind.get('x')! };
}
/** What a wish adds to it. */
const added = (wishes: Partial<PlanWishes>, where: Parameters<typeof costOf>[1] = {}, native = true) =>
  costOf(wishes, where, native).each - costOf({}, where, native).each;

describe('what a plant costs by the preferences', () => {
  it('is its price, a tenth for losses with it, and its ground', () => {
    // 5.00 and a tenth; 12.5 L of mulch from a bag of 50 L at 6.00; 0.25 m² at 1.50; three for a kind more.
    expect(costOf({}).each).toBeCloseTo(550 + 150 + 37.5, 9);
    expect(costOf({}).kind).toBeCloseTo(300, 9);
    expect(costOf({ kinds: 'few' }).kind).toBeCloseTo(8000, 9);
    expect(costOf({ kinds: 'many' }).kind).toBeCloseTo(-1500, 9);
    // Money counts three times, or less than a third.
    expect(added({ cheap: 'much' })).toBeCloseTo(2 * 700, 9);
    expect(added({ cheap: 'off' })).toBeCloseTo(-0.7 * 700, 9);
  });
  it('natives: what is introduced costs more, each and as a kind', () => {
    expect(added({ natives: 'much' }, {}, false)).toBeCloseTo(4 * 2500 * 0.25, 9);
    expect(added({ natives: 'some' }, {}, false)).toBeCloseTo(2500 * 0.25, 9);
    expect(added({ natives: 'much' }, {}, true)).toBe(0);
    expect(costOf({ natives: 'much' }, {}, false).kind - costOf({}, {}, false).kind).toBeCloseTo(4 * 3000, 9);
  });
  it('deer: what they like best, where there are any, twice where there are many', () => {
    const low = { ofPlant: { deer: 'low' as const } };
    expect(added({ deer: 'much' }, { ...low, deer: 'some' })).toBeCloseTo(4 * 1500 * 0.25, 9);
    expect(added({ deer: 'much' }, { ...low, deer: 'many' })).toBeCloseTo(2 * 4 * 1500 * 0.25, 9);
    expect(added({ deer: 'much' }, { ofPlant: { deer: 'some' }, deer: 'some' })).toBeCloseTo(0.3 * 4 * 1500 * 0.25, 9);
    expect(added({ deer: 'much' }, { ofPlant: { deer: 'high' }, deer: 'many' })).toBe(0);
    expect(added({ deer: 'much' }, { ...low, deer: 'none' })).toBe(0);
  });
  it('watering: what wants it wetter than even, or than the bed is', () => {
    expect(added({ water: 'some' }, { ofPlant: { moisture_min: 4 }, ofSite: { moisture: 4 } })).toBeCloseTo(1000 * 0.25, 9);
    expect(added({ water: 'some' }, { ofPlant: { moisture_min: 3 }, ofSite: { moisture: 2 } })).toBeCloseTo(1000 * 0.25, 9);
    expect(added({ water: 'some' }, { ofPlant: { moisture_min: 3 } })).toBe(0);
  });
  it('care: where it only just fits, an annual, a plant that overruns others', () => {
    expect(added({ care: 'some' })).toBe(0);
    expect(added({ care: 'some' }, { ofSite: { sun_h: 3 } })).toBeCloseTo(800 * 0.25, 9);
    expect(added({ care: 'some' }, { ofPlant: { kind: 'annual' } })).toBeCloseTo(800 * 0.25, 9);
    expect(added({ care: 'some' }, { ofPlant: { vigour: 3 } })).toBeCloseTo(800 * 0.25, 9);
    expect(added({ care: 'some' }, { ofPlant: { kind: 'annual', vigour: 3 }, ofSite: { sun_h: 3 } })).toBeCloseTo(600, 9);
  });
  it('flowers in the first year: each year late, up to five', () => {
    const late = (years_to_flower: number, kind: Plant['kind'] = 'perennial') =>
      added({ first_year: 'some' }, { ofPlant: { years_to_flower, kind } });
    expect(late(1)).toBe(0);
    expect(late(2)).toBeCloseTo(500 * 0.25, 9);
    expect(late(5)).toBeCloseTo(4 * 500 * 0.25, 9);
    expect(late(9)).toBeCloseTo(4 * 500 * 0.25, 9);
    expect(late(2, 'annual')).toBe(0);
  });
  it('colours: what flowers in none of those liked', () => {
    const white = { ofPlant: { colour_hex: '#ffffff' } };
    expect(added({ colours: ['blue'] }, white)).toBeCloseTo(800 * 0.25, 9);
    expect(added({ colours: ['blue', 'white'] }, white)).toBe(0);
    expect(added({ colours: ['blue'] }, { ofPlant: { ...white.ofPlant, bloom_first: null, bloom_last: null } })).toBe(0);
  });
});
