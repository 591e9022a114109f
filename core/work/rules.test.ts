import { describe, expect, it } from 'vitest';
import type { Care, PlantTag } from '../model/reference';
import { care, plant, site } from '../testing/worked-garden';
import { CareBook } from './rules';

const GARDEN = { region: 'flatland', half_zone: '7a', school_autumn: 'leave', school_pots: 'two-zones' } as const;
const book = (rows: Care[], tags: PlantTag[] = [], over: Partial<typeof GARDEN> | object = {}) =>
  new CareBook({ care: rows, tags }, { ...GARDEN, ...over });
const aster = plant('symphyotrichum-laeve', { scientific: 'Symphyotrichum laeve', family: 'asteraceae' });
const here = (of = aster, native = true) => ({ plant: of, status: { native } });
const bed = site('bed');
const pot = site('pot', { kind: 'container', volume_l: 20, area_m2: 0.1 });
const whom = (of: CareBook, age = 5, where = bed, plantHere = here()) =>
  of.of(plantHere, where, age).rules.map((row) => row.plant);

describe('of several rows for an action', () => {
  it('the most particular counts: plant, genus, tag, family, kind, any', () => {
    const rows = ['any', 'perennial', 'asteraceae', '#taproot', 'symphyotrichum', 'symphyotrichum-laeve'];
    const tags: PlantTag[] = [{ plant: 'symphyotrichum', tag: 'taproot', confidence: 'high' }];
    for (let n = 1; n <= rows.length; n++)
      expect(
        whom(
          book(
            rows.slice(0, n).map((name) => care(name, 'thin')),
            tags,
          ),
        ),
      ).toEqual([rows[n - 1]]);
  });
  it('those of another action stand beside it', () => {
    expect(whom(book([care('perennial', 'thin'), care('symphyotrichum', 'pinch')]))).toEqual(['symphyotrichum', 'perennial']);
  });
  it('what two tags say both holds, by the table or by rule', () => {
    const tall = plant('a', { height_max_cm: 200, drainage: 'sharp' });
    const both = book([care('#tall', 'watch'), care('#sharp-drainage', 'watch')]);
    expect(whom(both, 5, bed, here(tall)).sort()).toEqual(['#sharp-drainage', '#tall']);
  });
});

describe('a row holds', () => {
  it.each([
    ['in its years', care('any', 'thin', { age_from: 1, age_to: 2 }), [0, 1, 2, 3], [1, 2]],
    ['from a year on', care('any', 'thin', { age_from: 2 }), [1, 2, 40], [2, 40]],
    ['up to a year', care('any', 'thin', { age_to: 0 }), [0, 1], [0]],
  ] as const)('%s', (_, row, ages, held) => expect(ages.filter((age) => whom(book([row]), age).length > 0)).toEqual(held));
  it('in a pot or in the ground', () => {
    const row = book([care('any', 'feed', { place: 'pot' })]);
    expect([whom(row, 1, pot).length, whom(row, 1, bed).length]).toEqual([1, 0]);
  });
  it.each([
    ['', true],
    ['flatland', true],
    ['hills|flatland', true],
    ['hills', false],
    ['6a-7a', true],
    ['7b-9a', false],
    ['hills|5a-8a', true],
  ])('where it says: “%s” holds in zone 7a of Flatland: %s', (where, holds) =>
    expect(whom(book([care('any', 'thin', { where })])).length).toBe(holds ? 1 : 0),
  );
  it('by the school of autumn, and of pots', () => {
    const rows = [care('any', 'cut-down', { school: 'cut' }), care('any', 'protect', { school: 'two-zones' })];
    expect(
      book(rows)
        .of(here(), bed, 1)
        .rules.map((row) => row.action),
    ).toEqual(['protect']);
    expect(book(rows, [], { school_autumn: 'cut' }).of(here(), bed, 1).rules.length).toBe(2);
  });
});

describe('never', () => {
  it('wins over every other row, however particular', () => {
    const found = book([care('symphyotrichum-laeve', 'feed'), care('any', 'feed', { never: true })]).of(here(), bed, 1);
    expect(found.rules).toEqual([]);
    expect(found.overruled.map((row) => row.plant)).toEqual(['symphyotrichum-laeve']);
  });
  it('with days forbids those only: the row stays, and is kept out of them', () => {
    const found = book([
      care('any', 'shear'),
      care('symphyotrichum', 'shear', { never: true, from: '07-05', until: 'first-frost' }),
    ]).of(here(), bed, 1);
    expect([found.rules.length, found.never.length]).toEqual([1, 1]);
  });
});

describe('tags by rule', () => {
  const tagged = (over: Parameters<typeof plant>[1], where = bed, native = false) =>
    book([])
      .names({ plant: plant('a', over), status: { native } }, where)
      .filter((name) => name.startsWith('#'));
  it.each([
    ['a shrub that flowers in May flowers on old wood', { kind: 'shrub', bloom_first: 8, bloom_last: 9 }, '#old-wood'],
    ['a shrub that flowers in August does not', { kind: 'shrub', bloom_first: 14, bloom_last: 16 }, '#summer-shrub'],
    ['a bulb of April', { kind: 'bulb', bloom_first: 6, bloom_last: 7, foliage_first: 4, foliage_last: 10 }, '#spring-bulb'],
    ['what opens in September opens with short days', { bloom_first: 16, bloom_last: 19 }, '#short-day'],
    ['leaf all year', { foliage_first: 0, foliage_last: 23 }, '#evergreen'],
    ['a plant of wet ground', { moisture_min: 4, moisture_max: 5 }, '#wet-foot'],
    ['a herb of five feet', { height_max_cm: 150 }, '#tall'],
    ['a vine', { kind: 'vine' }, '#climber'],
  ] as const)('%s', (_, over, tag) => expect(tagged(over as Parameters<typeof plant>[1])).toContain(tag));
  it('the edge of the cold is half a zone to spare, for what is not native', () => {
    expect(tagged({ zone_min: '7a' })).toContain('#edge');
    expect(tagged({ zone_min: '6b' })).toContain('#edge');
    expect(tagged({ zone_min: '6a' })).not.toContain('#edge');
    expect(tagged({ zone_min: '7a' }, bed, true)).not.toContain('#edge');
  });
  it('a pot in zone 7a winters as 5a by the school of two zones', () => {
    // 8a dies in the ground too; 6b lives in the ground and not in the pot; 5a lives in both.
    expect(tagged({ zone_min: '8a' }, pot)).toContain('#tender-pot');
    expect(tagged({ zone_min: '6b' }, pot)).toContain('#shed-pot');
    expect(tagged({ zone_min: '5a' }, pot)).toContain('#hardy-pot');
  });
  it('only what the winter is too cold for is carried in', () => {
    const rows = book([care('any', 'bring-in', { place: 'pot' })]);
    expect(whom(rows, 1, pot, here(plant('a', { zone_min: '8a' })))).toEqual(['any']);
    expect(whom(rows, 1, pot, here(plant('b', { zone_min: '4a' })))).toEqual([]);
  });
});
