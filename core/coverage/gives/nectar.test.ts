import { describe, expect, it } from 'vitest';
import { gardenOf, plant, site, target, type World } from '../../testing/worked-garden';
import { grownStand } from '../stands';
import { ruleFor } from './rules';

const birdFlower = { nectar_hummingbird: 3, flower_form: 'tube' as const, tube_mm: 15 };
const bird = (id: string) =>
  target(id, { kind: 'hummingbird', tongue_mm: 20, flower_forms: ['tube'], overwinters_in: 'elsewhere' });
const WORLD: World = {
  plants: [
    plant('flat'),
    plant('daisy', { flower_form: 'daisy' }),
    plant('deeper', { tube_mm: 13 }),
    plant('deep', { tube_mm: 16 }),
    plant('plain', { nectar_butterfly: 0 }),
    plant('speck', { spread_cm: 20 }),
    plant('pale', { nectar_butterfly: 1 }),
    plant('tulip-tree', { kind: 'tree', spread_cm: 1000, height_max_cm: 2700 }),
    plant('redbud', { kind: 'tree', spread_cm: 300, height_max_cm: 900 }),
    plant('climber', { kind: 'vine', spread_cm: 200 }),
    plant('trumpet', birdFlower),
  ],
  targets: [target('brown'), bird('ruby'), bird('green')],
  hosts: [],
};
const garden = gardenOf(WORLD, []);
const give = (who: string, id: string, over: { vigour?: number; flowers?: boolean } = {}, of = garden) =>
  ruleFor(of, who, { stage: 'nectar', special: null })!.of({
    ...grownStand(of.almanac.plants.get(id)!, site('bed'), 1),
    ...over,
  });

describe('what a plant gives in nectar', () => {
  it('its flowers by their value, one and a half times over the ground it takes at most', () => {
    // A crown of 1 m across is 0.785 m², but the plant takes 0.25 m²: 0.375 m² of value 2.
    expect(give('brown', 'flat')!.each(8)).toBeCloseTo(0.75, 9);
    // 0.2 m across: 0.0314 m², all of it.
    expect(give('brown', 'speck')!.each(8)).toBeCloseTo(0.0628, 4);
    expect(give('brown', 'flat')!.each(20)).toBe(0);
  });
  it('half of it in a form it does not prefer', () => expect(give('brown', 'daisy')!.each(8)).toBeCloseTo(0.375, 9));
  it('less from a tube that is longer than its tongue, and nothing from one 6 mm longer', () => {
    // 3 mm too long is half of it.
    expect(give('brown', 'deeper')!.each(8)).toBeCloseTo(0.375, 9);
    expect(give('brown', 'deep')).toBeNull();
  });
  it('of a tree what is within reach, 6 m² at most; of a climber what its support carries', () => {
    // 78.5 m² of crown at 27 m: 6 ⁄ 27 of it is more than 6 m². 7.07 m² at 9 m: two thirds. Value 2.
    expect(give('brown', 'tulip-tree')!.each(8)).toBeCloseTo(12, 9);
    expect(give('brown', 'redbud')!.each(8)).toBeCloseTo(2 * 4.712, 2);
    expect(give('brown', 'climber')!.each(8)).toBeCloseTo(3, 9);
  });
  it('nothing without nectar, or too young to flower', () => {
    expect(give('brown', 'plain')).toBeNull();
    expect(give('brown', 'flat', { flowers: false })).toBeNull();
  });
  it('less of what grows less well', () => expect(give('brown', 'flat', { vigour: 0.5 })!.each(8)).toBeCloseTo(0.375, 9));
  it('a stray flower is no kind: a sixth of what is wanted is', () => {
    // A quarter of a unit of 1.5: four specks make 0.2513, three 0.188.
    expect(give('brown', 'speck')!.kindFrom(8)).toBe(4);
    expect(give('brown', 'pale')).toMatchObject({ pale: true });
    expect(give('brown', 'flat')).toMatchObject({ pale: false });
    expect(give('brown', 'pale')!.each(8)).toBeCloseTo(0.375, 9);
    expect(give('brown', 'flat')!.kindFrom(8)).toBe(1);
    expect(give('brown', 'flat')!.kindFrom(20)).toBe(Infinity);
  });
  it('hummingbirds divide the flowers in the half-months in which they meet; one alone has all', () => {
    // 0.375 × 3 = 1.125, halved for two; a butterfly uses nothing up.
    expect(give('ruby', 'trumpet')!.each(8)).toBeCloseTo(0.5625, 9);
    const passing = gardenOf({ ...WORLD, occurrence: { green: { first: 9, last: 9 } } }, []);
    expect(give('ruby', 'trumpet', {}, passing)!.each(8)).toBeCloseTo(1.125, 9);
    expect(give('ruby', 'trumpet', {}, passing)!.each(9)).toBeCloseTo(0.5625, 9);
    const alone = gardenOf({ ...WORLD, targets: [target('brown'), bird('ruby')] }, []);
    expect(give('ruby', 'trumpet', {}, alone)!.each(8)).toBeCloseTo(1.125, 9);
  });
  it('is no patch', () => expect(give('brown', 'flat')!.patch).toBe(0));
});
