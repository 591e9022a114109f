import { describe, expect, it } from 'vitest';
import type { Target } from '../../model/reference';
import type { AutumnSchool } from '../../model/vocabulary';
import { gardenOf, host, plant, site, target, type World } from '../../testing/worked-garden';
import { grownStand } from '../stands';
import { ruleFor } from './rules';

type Place = Target['overwinters_in'];
const WORLD = (place: Place): World => ({
  plants: [
    plant('herb', { height_max_cm: 45 }),
    plant('low', { height_max_cm: 44 }),
    plant('annual', { kind: 'annual', height_max_cm: 60 }),
    plant('shrub', { kind: 'shrub', height_max_cm: 150 }),
    plant('evergreen', { kind: 'shrub', height_max_cm: 150, foliage_first: 0, foliage_last: 23 }),
    plant('trap'),
  ],
  targets: [target('brown', { overwinters_in: place })],
  hosts: [host('brown', 'herb'), host('brown', 'shrub'), host('brown', 'trap', 'trap')],
});
function shelter(place: Place, autumn: AutumnSchool) {
  const input = gardenOf(WORLD(place), []);
  const garden = { ...input, garden: { ...input.garden, school_autumn: autumn } };
  const rule = ruleFor(garden, 'brown', { stage: 'shelter', special: null })!;
  const stand = (id: string) => grownStand(garden.almanac.plants.get(id)!, site('bed'), 1);
  return { rule, stand, of: (id: string) => rule.of(stand(id))?.each(0) ?? 0 };
}
/** The ground of one herb at 0.5 m is 0.25 m²; under the crown of a shrub of a metre lie 0.785 m². */
const GROUND = 0.25;
const CROWN = Math.PI / 4;
const CROWNS = new Set(['shrub', 'evergreen']);

describe('what a plant leaves for the winter', () => {
  it.each<[Place, AutumnSchool, string, number]>([
    ['litter', 'leave', 'herb', 1],
    ['litter', 'cut', 'herb', 0.7],
    ['litter', 'clear', 'herb', 0.1],
    ['litter', 'leave', 'annual', 0],
    ['soil', 'cut', 'herb', 1],
    ['soil', 'clear', 'herb', 0.6],
    ['soil', 'leave', 'annual', 0],
    ['stems', 'leave', 'herb', 1],
    ['stems', 'leave', 'low', 0],
    ['stems', 'cut', 'herb', 0.5],
    ['stems', 'clear', 'herb', 0],
    ['stems', 'clear', 'shrub', 1],
    ['bark', 'clear', 'shrub', 1],
    ['bark', 'leave', 'herb', 0],
    ['cover', 'leave', 'shrub', 0],
    ['cover', 'leave', 'evergreen', 1],
    ['host', 'leave', 'herb', 1],
    ['host', 'cut', 'herb', 0.5],
    ['host', 'clear', 'herb', 0.1],
    ['host', 'clear', 'shrub', 1],
    ['host', 'leave', 'trap', 0],
    ['host', 'leave', 'low', 0],
  ])('in %s, where the autumn’s work is to %s: %s gives %s of its ground', (place, autumn, id, share) => {
    expect(shelter(place, autumn).of(id)).toBeCloseTo(
      share * (CROWNS.has(id) && ['litter', 'cover', 'host'].includes(place) ? CROWN : GROUND),
      9,
    );
  });
  it('a lawn shelters nobody but under what stands over it', () => {
    const { rule, stand } = shelter('litter', 'leave');
    const lawn = site('lawn', { ground: 'lawn' });
    expect(rule.of({ ...stand('herb'), site: lawn })).toBeNull();
    expect(rule.of({ ...stand('shrub'), site: lawn })!.each(0)).toBeCloseTo(CROWN, 9);
    expect(rule.of({ ...stand('herb'), site: site('meadow', { ground: 'meadow' }) })!.each(0)).toBeCloseTo(GROUND, 9);
  });
  it('a pot shelters nobody', () => {
    const { rule, stand } = shelter('litter', 'leave');
    expect(rule.of({ ...stand('herb'), site: site('pot', { kind: 'container' }) })).toBeNull();
  });
  it('what thrives covers no more than its ground; what grows half covers half', () => {
    const { rule, stand } = shelter('litter', 'leave');
    expect(rule.of({ ...stand('herb'), vigour: 1.4 })!.each(0)).toBeCloseTo(GROUND, 9);
    expect(rule.of({ ...stand('herb'), vigour: 0.5 })!.each(0)).toBeCloseTo(GROUND / 2, 9);
  });
  it.each<[Place, string[]]>([
    ['bark', ['logs']],
    ['soil', ['bare-soil']],
    ['cover', ['dense-cover']],
    ['litter', []],
    ['stems', []],
  ])('in %s, these features of a bed stand for it: %s', (place, features) => {
    const { rule } = shelter(place, 'leave');
    expect([...rule.features.keys()]).toEqual(features);
    for (const area of rule.features.values()) expect(area).toBe(2);
    expect(rule).toMatchObject({ limitedByGround: true, autumn: true, kinds: 0, patch: false });
  });
});
