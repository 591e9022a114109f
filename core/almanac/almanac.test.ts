import { describe, expect, it } from 'vitest';
import { almanacFor } from './almanac';
import { flightHere } from './flight';
import { resolveHosts } from '../library/hosts';
import { GARDEN, host, libraryOf, plant, target } from '../testing/worked-garden';

describe('host relations', () => {
  const violet = plant('viola-sororia', { scientific: 'Viola sororia', family: 'violaceae' });
  const dwarf = plant('viola-sororia-dwarf', { scientific: 'Viola sororia', family: 'violaceae' });
  const pansy = plant('viola-wittrockiana', { scientific: 'Viola × wittrockiana', family: 'violaceae' });
  it('a species row wins over its genus, a genus over its family', () => {
    const rows = [host('f', 'violaceae', 'poor'), host('f', 'viola', 'accepted'), host('f', 'viola-sororia', 'primary')];
    const found = resolveHosts(rows, [violet, dwarf, pansy, plant('aster')]);
    expect([...found].map(([id, row]) => [id, row.rank])).toEqual([
      ['viola-sororia', 'primary'],
      ['viola-sororia-dwarf', 'primary'],
      ['viola-wittrockiana', 'accepted'],
    ]);
  });
});

describe('the almanac of a garden', () => {
  const library = libraryOf({
    plants: [plant('a'), plant('b')],
    targets: [target('azure'), target('absent')],
    hosts: [host('azure', 'a')],
  });
  library.occurrence = library.occurrence.filter((row) => row.target === 'azure');
  const almanac = almanacFor(library, GARDEN);
  it('offers the targets that occur here', () => expect([...almanac.targets.keys()]).toEqual(['azure']));
  it('knows the bloom of each plant by half-month', () => {
    expect(almanac.plants.get('a')!.bloomShares.map((share) => share > 0)).toEqual(
      Array.from({ length: 24 }, (_, h) => h >= 8 && h <= 11),
    );
  });
  it('has larvae in May and June', () =>
    expect(almanac.targets.get('azure')!.larval).toEqual([{ brood: 1, from: 123, to: 164 }]));
  it('refuses a region the library lacks', () => {
    expect(() => almanacFor(library, { ...GARDEN, region: 'nowhere' })).toThrow('no region nowhere');
  });
  it('leaves a flight all year as it is, and runs one over the new year on', () => {
    expect(flightHere({ first: 0, last: 23 }, 40)).toEqual({ from: 1, to: 365 });
    // 1 September to 31 March.
    expect(flightHere({ first: 16, last: 5 }, 0)).toEqual({ from: 244, to: 455 });
  });
  it('wakes the wintered larva with the first leaf of a host that is hardy here', () => {
    // By heat alone it would wake on day 104; its host is in leaf from 1 May (day 121), the other from 1 June.
    const sleeper = { overwinters_as: 'larva', winter_larva: 'unfed' } as const;
    const garden = (plants: Parameters<typeof libraryOf>[0]['plants']) => {
      const world = libraryOf({ plants, targets: [target('azure', sleeper)], hosts: plants.map((row) => host('azure', row.id)) });
      return almanacFor(world, GARDEN)
        .targets.get('azure')!
        .larval.find((period) => period.brood === 0)!;
    };
    const may = plant('may', { foliage_first: 8 });
    expect(garden([may, plant('june', { foliage_first: 10, bloom_first: 12, bloom_last: 13 })]).from).toBe(121);
    expect(garden([plant('early', { foliage_first: 4 })]).from).toBe(104);
    expect(garden([may, plant('tender', { foliage_first: 4, zone_min: '10a', zone_max: '11a' })]).from).toBe(121);
  });
  it('moves a flight by whole half-months only', () => {
    expect(flightHere({ first: 8, last: 17 }, 4)).toEqual({ from: 121, to: 273 });
    // Twelve days later in spring are nearest to one half-month; in late September the shift is reversed.
    expect(flightHere({ first: 8, last: 17 }, 12)).toEqual({ from: 136, to: 258 });
  });
});
