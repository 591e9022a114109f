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
    plant('tree', { kind: 'tree', height_max_cm: 200 }),
    plant('bush', { kind: 'shrub', height_max_cm: 199 }),
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
  status: ['boneset', 'aster', 'tree', 'bush', 'tall-herb', 'stranger'].map((id) => ({
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
    expect(ruleOf(who, special)).toMatchObject({ amount: 0, whole: true, patch: false });
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
  it('a perch and a nest: a tall shrub or tree in the ground', () => {
    for (const special of ['perch', 'nest-cover'] as const) {
      expect(give('ruby', special, 'tree')!.each(8)).toBe(1);
      expect(give('ruby', special, 'bush')).toBeNull();
      expect(give('ruby', special, 'tall-herb')).toBeNull();
      expect(give('ruby', special, 'tree', { kind: 'container' })).toBeNull();
    }
  });
  it('insects: eight native kinds, of which one alone serves nothing by itself', () => {
    expect(ruleOf('ruby', 'insects').kinds).toBe(8);
    const aster = give('ruby', 'insects', 'aster')!;
    expect([aster.kindFrom(8), aster.each(8)]).toEqual([1, 0]);
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
