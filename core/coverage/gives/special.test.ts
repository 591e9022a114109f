import { describe, expect, it } from 'vitest';
import { SPECIAL_NEEDS, type SpecialNeed } from '../../model/vocabulary';
import { gardenOf, plant, site, target, type World } from '../../testing/worked-garden';
import { grownStand } from '../stands';
import { ruleFor } from './rules';

const bird = { kind: 'hummingbird', overwinters_in: 'elsewhere', tongue_mm: 20 } as const;
const WORLD: World = {
  plants: [
    plant('boneset', { alkaloid: true }),
    plant('aster'),
    plant('tree', { kind: 'tree', height_max_cm: 300 }),
    plant('bush', { kind: 'shrub', height_max_cm: 200 }),
    plant('low-bush', { kind: 'shrub', height_max_cm: 199 }),
    plant('vine', { kind: 'vine', height_max_cm: 600 }),
    plant('oak', { scientific: 'Quercus testa', leaf_g: 1000 }),
    plant('sedge', { kind: 'sedge', leaf_g: 1000 }),
    plant('tall-herb', { height_max_cm: 250 }),
    plant('stranger'),
  ],
  targets: [
    target('brown', { special_needs: ['alkaloid', 'mud', 'water'] }),
    target('sap', { adult_food: 'sap-fruit', special_needs: ['fruit'] }),
    target('mixed', { adult_food: 'mixed', special_needs: ['fruit'] }),
    target('ruby', { ...bird, special_needs: ['perch', 'nest-cover', 'insects'] }),
  ],
  hosts: [],
  occurrence: { ruby: { nest_first: 8, nest_last: 12 } },
  status: ['boneset', 'aster', 'tree', 'bush', 'low-bush', 'vine', 'oak', 'sedge', 'tall-herb', 'stranger'].map((id) => ({
    plant: id,
    place: 'flatland',
    status: id === 'stranger' ? 'introduced' : 'native',
    as_of: 2020,
    note: '',
  })),
};
const garden = gardenOf(WORLD, []);
const ruleOf = (who: string, special: SpecialNeed) => ruleFor(garden, who, { stage: 'special', special })!;
const give = (who: string, special: SpecialNeed, id: string, over = {}) =>
  ruleOf(who, special).of(grownStand(garden.almanac.plants.get(id)!, site('bed', over), 1));

describe('special needs', () => {
  it.each<[string, SpecialNeed, string[]]>([
    ['brown', 'mud', ['mud']],
    ['brown', 'water', ['water', 'mud']],
    ['brown', 'alkaloid', []],
    ['sap', 'fruit', ['fruit']],
    ['ruby', 'perch', ['perch']],
    ['ruby', 'nest-cover', ['dense-cover']],
    ['ruby', 'insects', []],
  ])('%s: %s is served by these features: %s', (who, special, features) => {
    expect([...ruleOf(who, special).features.keys()]).toEqual(features);
    expect(ruleOf(who, special)).toMatchObject(
      special === 'insects' ? { amount: 4000, whole: false } : { amount: 0, whole: true, patch: false },
    );
  });
  it('every one of the vocabulary is asked above', () => {
    const asked = WORLD.targets.flatMap((row) => row.special_needs);
    expect([...new Set(asked)].sort()).toEqual([...SPECIAL_NEEDS].sort());
  });
  it('alkaloids: a plant that has them, while it is in bloom', () => {
    // Brown flies in half-months 8 and 9, and boneset flowers from 8 to 11.
    expect(give('brown', 'alkaloid', 'boneset')!.each(8)).toBe(1);
    expect(give('brown', 'alkaloid', 'aster')).toBeNull();
  });
  it('a perch and a nest: a shrub or tree in the ground, of two and three metres by now', () => {
    expect(give('ruby', 'perch', 'bush')!.each(8)).toBe(1);
    expect(give('ruby', 'nest-cover', 'bush')).toBeNull();
    for (const special of ['perch', 'nest-cover'] as const) {
      expect(give('ruby', special, 'tree')!.each(8)).toBe(1);
      for (const id of ['low-bush', 'tall-herb', 'vine']) expect(give('ruby', special, id)).toBeNull();
      expect(give('ruby', special, 'tree', { kind: 'container' })).toBeNull();
      const whip = { ...grownStand(garden.almanac.plants.get('tree')!, site('bed'), 1), grown: 0.1 };
      expect(ruleOf('ruby', special).of(whip)).toBeNull();
    }
  });
  it('insects: native leaf, three times as much on an oak, half on a sedge, none on a stranger', () => {
    // The plants are in leaf from half-month 6 to 19; 40 g, and a kilo of the oak and the sedge.
    expect(give('ruby', 'insects', 'aster')!.each(8)).toBeCloseTo(40, 9);
    expect(give('ruby', 'insects', 'aster')!.kindFrom(8)).toBe(Infinity);
    expect(give('ruby', 'insects', 'oak')!.each(8)).toBeCloseTo(3000, 9);
    expect(give('ruby', 'insects', 'sedge')!.each(8)).toBeCloseTo(500, 9);
    expect(give('ruby', 'insects', 'stranger')).toBeNull();
  });
  it('mud is of no plant', () => expect(give('brown', 'mud', 'boneset')).toBeNull());
  it('one unmet is thin; fruit is open where the adults feed on nothing else', () => {
    expect(ruleOf('sap', 'fruit').unmet).toBe(0);
    // From two fifths of what is wanted a half-month is thin.
    expect(ruleOf('mixed', 'fruit').unmet).toBe(0.4);
    expect(ruleOf('brown', 'mud').unmet).toBe(0.4);
  });
});
