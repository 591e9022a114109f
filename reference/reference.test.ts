import { describe, expect, it } from 'vitest';
import { almanacFor } from '../core/almanac/almanac';
import { checkLibrary, libraryCounts } from '../core/library/check';
import { parseReferenceFile } from '../core/library/parse';
import { regionalGarden } from '../core/library/regional-garden';
import { halfMonthOfDay } from '../core/model/half-month';
import { readLibrary } from '../scripts/reference-files';

const { library, problems } = readLibrary();
const coast = almanacFor(library, regionalGarden(library, 'northeast-coast'));

describe('the shipped library', () => {
  it('parses and contradicts itself nowhere', () => {
    expect(problems).toEqual([]);
    expect(checkLibrary(library)).toEqual([]);
  });
  it('holds the coast’s slice: twelve targets, sixty plants, two traps', () => {
    const counts = libraryCounts(library);
    expect(coast.targets.size).toBeGreaterThanOrEqual(12);
    expect(counts.plants).toBeGreaterThanOrEqual(60);
    expect(counts.traps).toBeGreaterThanOrEqual(2);
  });
  it('has a status for every plant on the coast', () => {
    const without = [...coast.plants.values()].filter((here) => here.status.row === null).map((here) => here.plant.id);
    expect(without).toEqual([]);
  });
  it('lists every trap, and the invasive ones as such', () => {
    for (const trap of ['vincetoxicum-nigrum', 'vincetoxicum-rossicum']) {
      expect(coast.targets.get('danaus-plexippus')!.hosts.get(trap)!.rank).toBe('trap');
      expect(coast.plants.get(trap)!.status.status).toBe('invasive');
    }
  });
  it.each([
    ['monarch larvae are on milkweed at the start of July', 'danaus-plexippus', 12, true],
    ['no monarch larva is there in November', 'danaus-plexippus', 20, false],
    ['fritillary larvae eat violets in May', 'argynnis-cybele', 9, true],
    ['and none in August', 'argynnis-cybele', 15, false],
    ['checkerspot larvae are back on their plants in May', 'euphydryas-phaeton', 9, true],
    ['spicebush swallowtail larvae are there in June', 'papilio-troilus', 11, true],
  ])('%s', (_, target, halfMonth, feeding) => {
    const larval = coast.targets.get(target)!.larval;
    expect(larval.some((p) => halfMonthOfDay(p.from) <= halfMonth && halfMonth <= halfMonthOfDay(p.to))).toBe(feeding);
  });
  it('leaves every larva on the coast a leaf when it feeds', () => {
    for (const here of coast.targets.values()) {
      const hosts = [...here.hosts].filter(([, host]) => host.rank === 'primary').map(([id]) => coast.plants.get(id)!);
      for (const period of here.larval)
        for (const day of [period.from, period.to])
          expect(
            hosts.some((host) => host.foliageShares[halfMonthOfDay(day)]! > 0),
            `${here.target.id} on day ${day}`,
          ).toBe(true);
    }
  });
});

describe('a faulty file', () => {
  it('is answered by row, column and sentence', () => {
    const text = 'target,region,status,first,last,broods,ease\na,b,resident,8,27,2,1\na,b,resident,8,,2,1\nc,d,lives,8,9,1,1\n';
    const { rows, problems: found } = parseReferenceFile('occurrence.csv', text);
    expect(rows).toEqual([]);
    expect(found.map(({ row, column }) => [row, column])).toEqual([
      [2, 'last'],
      [3, 'last'],
      [4, 'status'],
    ]);
    expect(found[0]!.message).toBe('At most 23.');
  });
  it('may not say a thing twice', () => {
    const text = 'target,plant,rank,light,note\na,b,primary,sun,\na,b,accepted,sun,\n';
    expect(parseReferenceFile('hosts.csv', text).problems).toMatchObject([{ row: 3, message: 'a + b stands in row 2 already.' }]);
  });
  it('may not lack a column', () => {
    expect(parseReferenceFile('hosts.csv', 'target,plant,rank,note\na,b,primary,\n').problems).toMatchObject([
      { row: 1, column: 'light' },
    ]);
  });
  it.each([
    ['zones the wrong way round', { zone_min: '8a', zone_max: '5a' }, 'zone_min is warmer'],
    ['a bloom outside its leaves', { foliage_first: 8, bloom_first: 4, bloom_last: 5 }, 'outside its foliage'],
    ['nectar without flowers', { bloom_first: null, bloom_last: null }, 'no flowers'],
    ['a bloom region nobody knows', { bloom_ref: 'atlantis' }, 'No region'],
  ])('and not %s', (_, over, message) => {
    const plants = library.plants.map((row) => (row.id === 'zizia-aurea' ? { ...row, ...over } : row));
    expect(
      checkLibrary({ ...library, plants })
        .map((found) => found.message)
        .join(),
    ).toContain(message);
  });
  it('and no target without a host or with a hungry half-month', () => {
    const hosts = library.hosts.filter((row) => row.target !== 'papilio-troilus');
    expect(checkLibrary({ ...library, hosts }).map((row) => row.message)).toContain('No admissible host is in the library.');
    const occurrence = library.occurrence.map((row) => (row.target === 'papilio-polyxenes' ? { ...row, first: 1 } : row));
    expect(
      checkLibrary({ ...library, occurrence })
        .map((row) => row.message)
        .join(),
    ).toContain('No suitable native is in bloom');
  });
});
