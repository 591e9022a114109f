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
    plant('deep', { tube_mm: 11 }),
    plant('plain', { nectar_butterfly: 0 }),
    plant('speck', { spread_cm: 20, nectar_butterfly: 1 }),
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
  it('its crown in bloom by its value', () => {
    // A crown of 1 m across is 0.7854 m²; value 2 in a form it prefers.
    expect(give('brown', 'flat')!.each(8)).toBeCloseTo(1.5708, 3);
    expect(give('brown', 'flat')!.each(20)).toBe(0);
  });
  it('half of it in a form it does not prefer', () => expect(give('brown', 'daisy')!.each(8)).toBeCloseTo(0.7854, 3));
  it('nothing deeper than its tongue, without nectar, or too young to flower', () => {
    expect(give('brown', 'deep')).toBeNull();
    expect(give('brown', 'plain')).toBeNull();
    expect(give('brown', 'flat', { flowers: false })).toBeNull();
  });
  it('less of what grows less well', () => expect(give('brown', 'flat', { vigour: 0.5 })!.each(8)).toBeCloseTo(0.7854, 3));
  it('a stray flower is no kind: a tenth of a unit is', () => {
    // 0.2 m across: 0.0314 m², value 1: four plants make 0.126, three 0.094.
    expect(give('brown', 'speck')!.kindFrom(8)).toBe(4);
    expect(give('brown', 'flat')!.kindFrom(8)).toBe(1);
    expect(give('brown', 'flat')!.kindFrom(20)).toBe(Infinity);
  });
  it('hummingbirds divide the flowers between those that fly together; one alone has all', () => {
    // 0.7854 × 3 = 2.356, halved for two; a butterfly uses nothing up.
    expect(give('ruby', 'trumpet')!.each(8)).toBeCloseTo(1.178, 3);
    const alone = gardenOf({ ...WORLD, targets: [target('brown'), bird('ruby')] }, []);
    expect(give('ruby', 'trumpet', {}, alone)!.each(8)).toBeCloseTo(2.356, 3);
  });
  it('is no patch', () => expect(give('brown', 'flat')!.patch).toBe(0));
});
