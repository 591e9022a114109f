import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { coverage, type CoverageInput } from '../coverage/coverage';
import { offersFor, withChange } from './offers';
import { gapLabel, gapSentence, offerEffect, percent } from './words';
import { gardenOf, GARDEN, host, plant, planting, site, target, type World } from '../testing/worked-garden';

const world: World = {
  targets: [target('azure')],
  plants: [
    plant('host-herb', { nectar_butterfly: 0 }),
    plant('bog-herb', { nectar_butterfly: 0, moisture_min: 5, moisture_max: 5 }),
    plant('flower-a', { leaf_g: 0 }),
    plant('flower-b', { leaf_g: 0 }),
  ],
  hosts: [host('azure', 'host-herb'), host('azure', 'bog-herb')],
};
const flowers = [planting('2', 'flower-a', 1), planting('3', 'flower-b', 1)];
const needIn = (input: CoverageInput, stage: string) =>
  coverage(input).targets[0]!.needs.find((row) => row.need.stage === stage)!;

describe('offers', () => {
  it('six hosts close what no host leaves open', () => {
    const input = gardenOf(world, flowers);
    const { offers, nearMisses } = offersFor(input, 'azure', needIn(input, 'host'));
    expect(offers[0]).toMatchObject({
      sentence: 'Add 6 host-herb to bed',
      closes: true,
      before: 0,
      change: { kind: 'plant', plant: 'host-herb', site_id: 'bed', count: 6 },
    });
    expect(nearMisses).toEqual([{ plant: 'bog-herb', why: 'bed: moisture is 3 (even), it wants 5 (wet).' }]);
  });
  it('an existing stand is added to, not doubled', () => {
    const input = gardenOf(world, [...flowers, planting('1', 'host-herb', 2)]);
    expect(offersFor(input, 'azure', needIn(input, 'host')).offers[0]!.sentence).toBe('Add 4 more host-herb to bed');
  });
  it('a full bed is a near miss that says how much is wanted and left', () => {
    const input = gardenOf(world, flowers, { sites: [site('bed', { area_m2: 1 })] });
    const { offers, nearMisses } = offersFor(input, 'azure', needIn(input, 'host'));
    expect(offers).toEqual([]);
    expect(nearMisses[0]!.why).toBe('bed: 6 take 1.5 m², 0.5 m² is left.');
  });
  it('a refused plant is never offered', () => {
    const listed = {
      ...world,
      status: [{ plant: 'host-herb', place: 'flatland', status: 'invasive', as_of: 2020, note: '' } as const],
    };
    const input = gardenOf(listed, flowers);
    const { offers, nearMisses } = offersFor(input, 'azure', needIn(input, 'host'));
    expect(offers).toEqual([]);
    expect(nearMisses.map((miss) => miss.plant)).toContain('host-herb');
  });
  it('shelter lost to the autumn broom is offered the other school', () => {
    const input = gardenOf(world, [...flowers, planting('1', 'host-herb', 6)], { garden: { ...GARDEN, school_autumn: 'clear' } });
    const { offers } = offersFor(input, 'azure', needIn(input, 'shelter'));
    expect(offers[0]).toMatchObject({ change: { kind: 'autumn', school: 'leave' }, closes: true });
  });
  it('mud is offered as a place, on each bed', () => {
    const input = gardenOf({ ...world, targets: [target('azure', { special_needs: ['mud'] })] }, flowers);
    expect(offersFor(input, 'azure', needIn(input, 'special')).offers[0]!.sentence).toBe('Add a damp mud patch to bed');
  });
  it('a closed need has no offers', () => {
    const input = gardenOf(world, flowers);
    expect(offersFor(input, 'azure', needIn(input, 'nectar'))).toEqual({ offers: [], nearMisses: [] });
  });
  it('never promise what coverage does not keep', () => {
    const counts = fc.record({
      hosts: fc.integer({ min: 1, max: 8 }),
      a: fc.integer({ min: 1, max: 2 }),
      area: fc.integer({ min: 1, max: 40 }),
    });
    fc.assert(
      fc.property(counts, ({ hosts, a, area }) => {
        const rows = [planting('1', 'host-herb', hosts), planting('2', 'flower-a', a)];
        const input = gardenOf(world, rows, { sites: [site('bed', { area_m2: area })] });
        for (const need of coverage(input).targets[0]!.needs) {
          for (const offer of offersFor(input, 'azure', need).offers) {
            const after = needIn(withChange(input, offer.change), need.need.stage);
            expect(after.ratio).toBeCloseTo(offer.after);
            expect(offer.closes).toBe(after.verdict === 'closed');
          }
        }
      }),
      { numRuns: 40 },
    );
  });
});

describe('words for gaps', () => {
  it('name what is missing and when', () => {
    const input = gardenOf(world, flowers);
    const here = input.almanac.targets.get('azure')!;
    const hosts = needIn(input, 'host');
    expect(gapSentence(here, hosts)).toBe('No host plant for the caterpillars of azure, wanted early May to early June.');
    expect(gapLabel(hosts, hosts.gaps)).toBe('no host');
    const few = needIn(gardenOf(world, [...flowers, planting('1', 'host-herb', 3)]), 'host');
    expect(gapSentence(here, few)).toBe('The largest patch is 50 % of one that a laying female finds.');
    expect(gapLabel(few, few.gaps)).toBe('patch too small');
    const lone = needIn(gardenOf(world, flowers.slice(1)), 'nectar');
    expect(gapSentence(here, lone)).toBe('Only 1 kind in bloom of 2 wanted, early May to late May.');
  });
  it('say what an offer would do', () => {
    const offer = { before: 0, after: 0.5, gapsBefore: 4, gapsAfter: 4, closes: false };
    expect(offerEffect(offer)).toBe('Helps, but does not close it: from 0 % to 50 %');
    expect(offerEffect({ ...offer, gapsAfter: 1 })).toBe('Closes 3 of the 4 half-months that are short');
    expect(offerEffect({ ...offer, after: 2, gapsAfter: 0, closes: true })).toBe('Closes it: from 0 % to 100 %');
  });
  it('percentages never round up to enough', () => {
    expect([percent(0.999), percent(1), percent(3), percent(0.29)]).toEqual(['99 %', '100 %', '100 %', '29 %']);
  });
});
