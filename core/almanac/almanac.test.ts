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
    expect(almanac.targets.get('azure')!.larval).toEqual([{ brood: 1, from: 123, to: 165 }]));
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
  it('moves a flight by days, the start by spring and the end by autumn', () => {
    // Four days of spring are 3.3 on 1 May; on 30 September (day 273) they are turned round, by 0.48 of them.
    expect(flightHere({ first: 8, last: 17 }, 4)).toEqual({ from: 124, to: 271 });
    expect(flightHere({ first: 8, last: 17 }, -20)).toEqual({ from: 104, to: 283 });
  });
  it('however far it is moved a flight keeps a day, and every day a number', () => {
    for (let first = 0; first < 24; first++)
      for (let last = 0; last < 24; last++)
        for (const delay of [-60, -20, 0, 33, 60]) {
          const { from, to } = flightHere({ first, last }, delay);
          const said = `${first} to ${last}, ${delay} days`;
          expect(from, said).toBeGreaterThanOrEqual(1);
          expect(from, said).toBeLessThanOrEqual(365);
          expect(to, said).toBeGreaterThanOrEqual(from);
          expect(to - from, said).toBeLessThanOrEqual(364);
        }
  });
});

describe('a year in parts', () => {
  const world = (flights: Parameters<typeof libraryOf>[0]['flights']) =>
    almanacFor(
      libraryOf({ plants: [plant('a')], targets: [target('azure')], hosts: [host('azure', 'a')], flights }),
      GARDEN,
    ).targets.get('azure');
  it('holds where its half-zones do: the worked garden lies in 7a', () => {
    expect(
      world([
        { first: 0, last: 23, zones: '9b-13b' },
        { first: 8, last: 9, zones: '1a-9a' },
      ])!.flight,
    ).toEqual({ from: 121, to: 151 });
    expect(world([{ first: 0, last: 23, zones: '9b-13b' }])).toBeUndefined();
  });
  it('of two humps flies in neither between them', () => {
    const rufous = world([
      { part: 'passage', first: 3, last: 9, laying: false, broods: 0 },
      { part: 'return', first: 12, last: 17, laying: false, broods: 0 },
    ])!;
    expect(rufous.flightHalfMonths).toEqual([3, 4, 5, 6, 7, 8, 9, 12, 13, 14, 15, 16, 17]);
    // Late February to late September.
    expect(rufous.flight).toEqual({ from: 47, to: 273 });
    expect(rufous.larval).toEqual([]);
  });
  it('of winterers and breeders runs over the new year', () => {
    const ruby = world([
      { first: 6, last: 17 },
      { part: 'winter', first: 20, last: 4, laying: false, broods: 0 },
    ])!;
    expect(ruby.flightHalfMonths).toEqual([20, 21, 22, 23, 0, 1, 2, 3, 4, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17]);
  });
  it('an autumn generation that lays nothing leaves no larvae', () => {
    const monarch = world([
      { first: 8, last: 15, broods: 3 },
      { part: 'return', first: 16, last: 19, laying: false, broods: 0 },
    ])!;
    // The last eggs of 31 August (day 243) are grown by 14 September.
    expect(Math.max(...monarch.larval.map((period) => period.to))).toBe(257);
    expect(monarch.flightHalfMonths.at(-1)).toBe(19);
  });
  it('larvae rest when the last leaf of their hosts falls', () => {
    const host9 = plant('a', { foliage_first: 6, foliage_last: 15 });
    const library = libraryOf({
      plants: [host9],
      targets: [target('azure')],
      hosts: [host('azure', 'a')],
      flights: [{ first: 8, last: 19, broods: 3 }],
    });
    expect(
      Math.max(
        ...almanacFor(library, GARDEN)
          .targets.get('azure')!
          .larval.map((period) => period.to),
      ),
    ).toBe(243);
  });
  it('winters in a region as its row there says', () => {
    const at = (over: object) => {
      const library = libraryOf({ plants: [], targets: [target('azure')], hosts: [], occurrence: { azure: over } });
      return almanacFor(library, GARDEN).targets.get('azure')!.wintering;
    };
    expect(at({})).toEqual({ as: 'pupa', in: 'litter', larva: null });
    expect(at({ overwinters_as: 'adult', overwinters_in: 'cover' })).toEqual({ as: 'adult', in: 'cover', larva: null });
    expect(at({ overwinters_as: 'all-year' })).toEqual({ as: 'all-year', in: 'elsewhere', larva: null });
  });
});
