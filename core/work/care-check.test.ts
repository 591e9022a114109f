import { describe, expect, it } from 'vitest';
import type { Care } from '../model/reference';
import { care, host, libraryOf, plant, target } from '../testing/worked-garden';
import { checkCare } from './care-check';

const water = care('any', 'water', { thirst: 'even', minutes: null, how: '' });
const shrub = plant('shrub', { kind: 'shrub', zone_min: '9a', container: 'good', container_min_l: 10 });
const aster = plant('aster');
const ways = ['bring-in', 'harden-off', 'take-out'].map((action) =>
  care('shrub', action as Care['action'], { place: 'pot', from: 'last-frost' }),
);
const faults = (rows: Care[], plants = [aster]) =>
  checkCare(libraryOf({ plants, targets: [target('monarch')], hosts: [host('monarch', 'aster')], care: rows })).map(
    (row) => `${row.about}: ${row.message}`,
  );

describe('the check of care', () => {
  it('passes what is sound', () => expect(faults([water, ...ways], [aster, shrub])).toEqual([]));
  it('wants water for every plant at every age, in the ground and in a pot', () => {
    expect(faults([])[0]).toMatch(/aster: Nothing says how it is watered in the ground 0 years/);
    expect(faults([care('any', 'water', { thirst: 'even', minutes: null, how: '', age_to: 2 })])[0]).toMatch(
      /3 years after planting/,
    );
    expect(
      faults([care('any', 'water', { thirst: 'even', minutes: null, how: '', place: 'ground' }), ...ways], [shrub])[0],
    ).toMatch(/in a pot/);
  });
  it('wants a way in and out of its own for a tender pot plant', () => {
    expect(faults([water, ...ways.slice(1)], [shrub])).toEqual([
      'shrub: A tender pot plant, and nothing of its own says bring-in.',
    ]);
    expect(faults([water, ...ways.slice(0, 2), care('#tender-pot', 'take-out', { from: 'last-frost' })], [shrub])).toHaveLength(
      1,
    );
  });
  it.each([
    ['an unknown tag', care('#moonlit', 'thin'), 'There is no such tag.'],
    ['ages the wrong way round', care('aster', 'thin', { age_from: 3, age_to: 1 }), 'age_from is more than age_to.'],
    ['water without its thirst', care('aster', 'water', { minutes: null }), 'Say how dry the ground may grow.'],
    ['a thirst of something else', care('aster', 'thin', { thirst: 'even' }), 'Only watering has a thirst.'],
    ['an amount of nothing', care('aster', 'feed', { amount: 2 }), 'An amount and its unit go together.'],
    ['no minutes', care('aster', 'thin', { minutes: null }), 'Say how many minutes it takes.'],
    ['no steps', care('aster', 'thin', { how: '' }), 'Say how it is done.'],
  ])('finds %s', (_, row, message) => expect(faults([water, row])).toContain(`${row.plant}, ${row.action}: ${message}`));
  it('finds a row that another forbids for every plant it is for', () => {
    const never = care('perennial', 'feed', { never: true });
    expect(faults([water, care('aster', 'feed'), never])).toEqual([
      'aster, feed: Another row forbids it for every plant it is for.',
    ]);
    expect(faults([water, care('any', 'feed'), never, ...ways], [aster, shrub])).toEqual([]);
  });
  it('finds a cut of the whole plant that leaves no day without young', () => {
    // Larvae of May: eggs from late April, the last in mid-June. A month after 1 to 5 May is too short a wait.
    expect(faults([water, care('aster', 'cut-down', { from: '05-01', until: '05-05' })])[0]).toMatch(
      /no day for it on aster without young: monarch/,
    );
    expect(faults([water, care('aster', 'cut-down', { from: '11-01', until: '11-05' })])).toEqual([]);
    expect(faults([water, care('aster', 'cut-third', { from: '05-01', until: '05-05' })])).toEqual([]);
  });
});
