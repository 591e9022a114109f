import { describe, expect, it } from 'vitest';
import { almanacFor } from '../../almanac/almanac';
import type { Caution, Plant } from '../../model/reference';
import { GARDEN, libraryOf, plant, planting, site } from '../../testing/worked-garden';
import { drawbacksOf, supportsFor, withheld } from './kinds';
import { flowerMonths, gardenSeason, isBackbone, keptHere, mostHere, potPlaces } from './places';
import { treeInTenYears } from './trees';

const hereOf = (over: Partial<Plant>, cautions: Caution[] = [], native = true) => {
  const one = plant('x', over);
  const status = native ? 'native' : 'introduced';
  const library = libraryOf({ plants: [one], targets: [], hosts: [] });
  const row = { plant: 'x', place: 'flatland', status, as_of: 2020, note: '' } as const;
  return almanacFor({ ...library, status: [row], cautions }, GARDEN).plants.get('x')!;
};
const BED = site('bed', { area_m2: 10 });
const TUB = site('tub', { kind: 'container', area_m2: 0.28, volume_l: 90 });

describe('what speaks against a kind', () => {
  it.each<[string, Partial<Plant>, boolean, string[]]>([
    ['nothing against a border plant of the trade', {}, false, []],
    ['what hardly anybody sells', { trade: 'seldom' }, false, ['seldom']],
    ['what is sold as seed, to who does not sow', { trade: 'seed-only' }, false, ['seed-only']],
    ['the same, to who does', { trade: 'seed-only' }, true, []],
    ['a weed', { manners: 'weedy' }, false, ['weedy']],
    ['a thistle', { manners: 'prickly' }, false, ['prickly']],
    ['a half-parasite', { manners: 'parasite' }, false, ['parasite']],
    ['a runner in a small bed', { manners: 'runs' }, false, ['runs']],
    ['wild looks are a matter of taste', { manners: 'wild' }, false, []],
  ])('%s', (_, over, raises, expected) => {
    expect(drawbacksOf(hereOf(over), BED, raises, false)).toEqual(expected);
  });
  it('a runner is held by a large bed, and by a pot', () => {
    const runner = hereOf({ manners: 'runs', container: 'good' });
    expect(drawbacksOf(runner, { ...BED, area_m2: 60 }, false, false)).toEqual([]);
    expect(drawbacksOf(runner, TUB, false, false)).toEqual([]);
  });
  it('what only lives in a pot is there as a host or not at all', () => {
    const poor = hereOf({ container: 'possible' });
    expect(drawbacksOf(poor, TUB, false, false)).toEqual(['poor-in-pots']);
    expect(drawbacksOf(poor, TUB, false, true)).toEqual([]);
  });
  it('a disease that kills it', () => {
    const wilt = (severity: number): Caution => ({ plant: 'x', hazard: 'disease', severity, note: 'Wilt.' });
    expect(drawbacksOf(hereOf({}, [wilt(3)]), BED, false, false)).toEqual(['disease']);
    expect(drawbacksOf(hereOf({}, [wilt(2)]), BED, false, false)).toEqual([]);
  });
});

describe('what is never proposed', () => {
  const poison: Caution = { plant: 'x', hazard: 'pets', severity: 2, note: 'Poisonous.' };
  it('a danger to who lives here, unless it is allowed by name', () => {
    const here = hereOf({}, [poison]);
    expect(withheld(here, GARDEN, '7a')).toBeNull();
    expect(withheld(here, { ...GARDEN, dogs: true }, '7a')).toBe('danger');
    expect(withheld(here, { ...GARDEN, dogs: true, allowed: ['x'] }, '7a')).toBeNull();
  });
  it('a milkweed of another country where natives come first or the winter spares it', () => {
    const exotic = hereOf({ scientific: 'Asclepias curassavica' }, [], false);
    expect(withheld(exotic, GARDEN, '7a')).toBe('exotic-milkweed');
    const any = { ...GARDEN, school_plants: 'any-harmless' as const };
    expect(withheld(exotic, any, '7a')).toBeNull();
    expect(withheld(exotic, any, '9a')).toBe('exotic-milkweed');
    expect(withheld(exotic, { ...any, allowed: ['x'] }, '9a')).toBeNull();
    expect(withheld(hereOf({ scientific: 'Asclepias incarnata' }), GARDEN, '9a')).toBeNull();
  });
});

describe('the places of a pot', () => {
  const round = (top_cm: number) =>
    site('tub', {
      kind: 'container',
      pot: {
        shape: 'round',
        top_cm,
        across_cm: null,
        base_cm: 30,
        depth_cm: 40,
        count: 1,
        material: 'wood',
        exposure: 'open',
        winter: 'school',
      },
    });
  it.each([
    // π ÷ 4 × d² ÷ 240 cm²: a 40 cm pot holds five, a half-barrel of 60 cm twelve, each with one tall one in its middle.
    [40, 5, 1],
    [60, 12, 1],
    [20, 1, 1],
  ])('%i cm: %i, %i of them tall', (top, held, upright) => expect(potPlaces(round(top))).toEqual({ held, upright }));
  it('a bed has none; a pot never measured goes by its top', () => {
    expect(potPlaces(BED)).toBeNull();
    expect(potPlaces(TUB)).toEqual({ held: 12, upright: 1 });
  });
});

describe('how many of a kind', () => {
  it('two fifths of a bed at most, herbs in drifts of seven for each ten square metres', () => {
    // 0.25 m² each: two fifths of 10 m² are sixteen; a drift is seven.
    expect(mostHere(hereOf({}), BED, false)).toBe(7);
    expect(mostHere(hereOf({}), { ...BED, area_m2: 30 }, false)).toBe(21);
    // A drift and a half is a drift.
    expect(mostHere(hereOf({}), { ...BED, area_m2: 19 }, false)).toBe(7);
    // Of 2 m² two fifths are three.
    expect(mostHere(hereOf({}), { ...BED, area_m2: 2 }, false)).toBe(3);
    // A host may have several drifts: sixteen by its share.
    expect(mostHere(hereOf({}), BED, true)).toBe(16);
  });
  it('tall ones are few, and one may always be', () => {
    expect(mostHere(hereOf({ height_max_cm: 200 }), BED, false)).toBe(5);
    expect(mostHere(hereOf({ spacing_cm: 300 }), BED, false)).toBe(1);
  });
  it('of a weed, a thistle or a half-parasite a clump of twelve, though a creature lays on it', () => {
    const large = { ...BED, area_m2: 60 };
    for (const manners of ['weedy', 'prickly', 'parasite'] as const)
      expect(mostHere(hereOf({ manners }), large, true), manners).toBe(12);
    // Six drifts of seven, three times over; two fifths of 60 m² are 96.
    for (const manners of ['border', 'wild', 'runs'] as const) expect(mostHere(hereOf({ manners }), large, true)).toBe(96);
    expect(mostHere(hereOf({ manners: 'weedy' }), BED, false)).toBe(7);
  });
  it('two of the five places of a pot', () => {
    expect(mostHere(hereOf({}), { ...TUB, area_m2: 0.12 }, false)).toBe(2);
  });
  it('supports: each woody climber its own, three of one summer together', () => {
    expect(supportsFor({ kind: 'vine', habit: 'climber' }, 2)).toBe(2);
    expect(supportsFor({ kind: 'annual', habit: 'climber' }, 4)).toBe(2);
    expect(supportsFor({ kind: 'perennial', habit: 'clump' }, 9)).toBe(0);
  });
});

describe('alive through the year', () => {
  // Frosts of the worked garden end on 20 April and begin on 25 October: late April is half-month 7, late October 19.
  const season = gardenSeason({ last_frost: '04-20', first_frost: '10-25' });
  it('the season lies between the frosts, and is the year where there are none', () => {
    expect([season[0], season.at(-1), season.length]).toEqual([7, 19, 13]);
    expect(gardenSeason({ last_frost: null, first_frost: null })).toHaveLength(24);
  });
  it('a bulb that has died down before June is no backbone, what is in leaf from April to October is', () => {
    expect(isBackbone(hereOf({ kind: 'bulb', foliage_first: 4, foliage_last: 10 }), season)).toBe(false);
    expect(isBackbone(hereOf({ foliage_first: 6, foliage_last: 19 }), season)).toBe(true);
  });
  it('months in flower are counted by half-months', () => {
    // In flower from early May to late June.
    expect([...flowerMonths(hereOf({ bloom_first: 8, bloom_last: 11 }), season)]).toEqual([4, 5]);
  });
  it('what is kept gives its months, its leaf and takes its places', () => {
    const here = hereOf({ container_role: 'upright' });
    const kept = keptHere(TUB, [planting('p', 'x', 2, { site_id: 'tub' })], () => here, season);
    expect(kept).toMatchObject({ backbone: true, places: 2, uprights: 2 });
    expect(keptHere(BED, [planting('p', 'x', 2, { site_id: 'tub' })], () => here, season)).toMatchObject({ places: 0 });
  });
});

it('a tree in ten years has somewhat over a third of its crown', () => {
  // Spread 10 m: a crown of 78.5 m²; 37 in 100 of it after ten years by the ages of trees, and the root of that in height.
  const oak = plant('oak', { kind: 'tree', spread_cm: 1000, height_min_cm: 1000, height_max_cm: 1400 });
  const { crown_m2, grown_m2, height_cm } = treeInTenYears(oak);
  expect(grown_m2).toBeCloseTo(78.54, 2);
  expect(crown_m2).toBeCloseTo(0.37 * 78.54, 1);
  expect(height_cm).toBeCloseTo(1200 * Math.sqrt(0.37), 3);
});
