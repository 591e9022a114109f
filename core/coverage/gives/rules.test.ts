import { describe, expect, it } from 'vitest';
import { gardenOf, host, plant, site, target, type World } from '../../testing/worked-garden';
import { grownStand } from '../stands';
import { serves } from './rule';
import { ruleFor, rulesOf } from './rules';

const WORLD: World = {
  plants: [plant('herb')],
  targets: [target('brown', { special_needs: ['mud'] }), target('grey')],
  hosts: [host('brown', 'herb')],
};
const garden = gardenOf(WORLD, []);

describe('the rules of a garden', () => {
  it('one for each need, in the order of the targets', () => {
    expect(rulesOf(garden).map(({ here, rules }) => [here.target.id, rules.map(({ need }) => need.stage)])).toEqual([
      ['brown', ['host', 'nectar', 'shelter', 'special']],
      ['grey', ['host', 'nectar', 'shelter']],
    ]);
  });
  it('a visitor asks for nectar alone', () => {
    const targets = garden.targets.map((row) => ({ ...row, ambition: 'visits' as const }));
    expect(rulesOf({ ...garden, targets })[0]!.rules.map(({ need }) => need.stage)).toEqual(['nectar']);
  });
  it('a target that the almanac does not know has none', () => {
    const targets = [...garden.targets, { target: 'unheard', ambition: 'breeds' as const }];
    expect(rulesOf({ ...garden, targets })).toHaveLength(2);
    expect(ruleFor({ ...garden, targets }, 'unheard', { stage: 'nectar', special: null })).toBeUndefined();
  });
  it('only shelter depends on the work of the autumn, it and nectar on the ground there is, leaf alone on a patch', () => {
    const traits = rulesOf(garden)[0]!.rules.map((rule) => [
      rule.need.stage,
      { autumn: rule.autumn, ground: rule.limitedByGround, patch: rule.patch, whole: rule.whole },
    ]);
    const none = { autumn: false, ground: false, patch: false, whole: false };
    expect(traits).toEqual([
      ['host', { ...none, patch: true }],
      ['nectar', { ...none, ground: true }],
      ['shelter', { ...none, autumn: true, ground: true }],
      ['special', { ...none, whole: true }],
    ]);
  });
  it('one special need is not another', () => {
    expect(ruleFor(garden, 'brown', { stage: 'special', special: 'mud' })!.need.special).toBe('mud');
    expect(ruleFor(garden, 'brown', { stage: 'special', special: 'perch' })).toBeUndefined();
  });
});

it('what serves is an amount or a kind', () => {
  const giving = (each: number, kindFrom: number) => ({ each: () => each, kindFrom: () => kindFrom, patch: 0 });
  expect(serves(giving(1, Infinity), 0)).toBe(true);
  expect(serves(giving(0, 3), 0)).toBe(true);
  expect(serves(giving(0, Infinity), 0)).toBe(false);
});

it('a trap of a target serves it with nothing: no leaf, no nectar, no litter', () => {
  const world: World = {
    plants: [plant('mustard'), plant('cress')],
    targets: [target('white')],
    hosts: [host('white', 'mustard', 'trap'), host('white', 'cress')],
  };
  const trapped = gardenOf(world, []);
  for (const { need, of } of rulesOf(trapped)[0]!.rules) {
    expect(of(grownStand(trapped.almanac.plants.get('mustard')!, site('bed'), 1)), need.stage).toBeNull();
    expect(of(grownStand(trapped.almanac.plants.get('cress')!, site('bed'), 1)), need.stage).not.toBeNull();
  }
});
