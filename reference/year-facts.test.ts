import { describe, expect, it } from 'vitest';
import { almanacFor } from '../core/almanac/almanac';
import { larvalHalfMonths } from '../core/almanac/larval-periods';
import { shelterHalfMonths } from '../core/coverage/needs';
import { regionalGarden } from '../core/library/regional-garden';
import { regionFits } from '../core/match/library-check';
import type { GardenFields } from '../core/model/garden';
import { readLibrary } from '../scripts/reference-files';

/** What naturalists know of broods, caterpillars and winters from region to region, asked of the shipped library. */
const { library } = readLibrary();
const known = new Map<string, ReturnType<typeof almanacFor>>();
const at = (region: string, over: Partial<GardenFields> = {}) => {
  const key = region + JSON.stringify(over);
  const found = known.get(key) ?? almanacFor(library, { ...regionalGarden(library, region), ...over });
  known.set(key, found);
  return found;
};
const larvae = (target: string, region: string, over: Partial<GardenFields> = {}) =>
  larvalHalfMonths(at(region, over).targets.get(target)!.larval);

describe('caterpillars', () => {
  // Half-months: 0 is 1–15 January, 12 the first half of July, 18 that of October, 21 the second half of November.
  it.each<[string, string, string, number, boolean]>([
    ['monarchs feed in Florida in November', 'danaus-plexippus', 'florida-peninsula', 20, true],
    // Native milkweed has no leaf then; the few that breed on in zone 10a do so on exotic milkweed, which is not asked for.
    ['and not in January around Tampa', 'danaus-plexippus', 'florida-peninsula', 0, false],
    ['and on the Gulf in October', 'danaus-plexippus', 'gulf-coast', 19, true],
    ['and in Minnesota in August', 'danaus-plexippus', 'upper-midwest', 14, true],
    ['and not there in October', 'danaus-plexippus', 'upper-midwest', 18, false],
    ['gulf fritillaries feed in October on the Gulf', 'dione-vanillae', 'gulf-coast', 19, true],
    ['cloudless sulphurs in October in Florida', 'phoebis-sennae', 'florida-peninsula', 19, true],
    ['white peacocks in November in Florida', 'anartia-jatrophae', 'florida-peninsula', 20, true],
    ['zebra longwings in early April in Florida', 'heliconius-charithonia', 'florida-peninsula', 6, true],
    ['black swallowtails in late September in Georgia', 'papilio-polyxenes', 'southeast-piedmont', 17, true],
    ['long-tailed skippers in October on the Gulf', 'urbanus-proteus', 'gulf-coast', 18, true],
    ['eastern tigers in September in Maryland', 'papilio-glaucus', 'mid-atlantic', 16, true],
    ['silver-bordered fritillaries not in Minnesota in early April', 'boloria-myrina', 'upper-midwest', 6, false],
    ['and do in May', 'boloria-myrina', 'upper-midwest', 9, true],
    ['mourning cloaks in June in Minnesota', 'nymphalis-antiopa', 'upper-midwest', 11, true],
    ['and not in September', 'nymphalis-antiopa', 'upper-midwest', 17, false],
    ['great spangled fritillaries not in August', 'argynnis-cybele', 'great-lakes-ohio', 15, false],
  ])('%s', (_, target, region, halfMonth, feeding) => expect(larvae(target, region).includes(halfMonth)).toBe(feeding));
  it('of continuous breeders are there all year where it never freezes', () => {
    const miami = { half_zone: '10b', lat: 25.8, lon: -80.2, elevation_m: 2, last_frost: null, first_frost: null };
    for (const target of ['heliconius-charithonia', 'danaus-plexippus', 'dione-vanillae', 'eumaeus-atala'])
      expect(larvae(target, 'florida-peninsula', miami), target).toHaveLength(24);
  });
  it('end earlier up the hill than in the valley of one region, and begin later', () => {
    const days = (elevation_m: number) => {
      const { larval } = at('rocky-mountains', { elevation_m }).targets.get('colias-eurytheme')!;
      return [Math.min(...larval.map((row) => row.from)), Math.max(...larval.map((row) => row.to))] as const;
    };
    const [lowFirst, lowLast] = days(1500);
    const [highFirst, highLast] = days(2500);
    expect(highFirst).toBeGreaterThan(lowFirst);
    expect(highLast).toBeLessThan(lowLast);
  });
  it('follow from flight and heat in all but three in a hundred populations', () => {
    const fits = regionFits(library);
    const populations = fits.reduce((sum, row) => sum + row.populations, 0);
    expect(populations).toBeGreaterThan(600);
    expect(fits.flatMap((row) => row.unexplained).length).toBeLessThanOrEqual(0.03 * populations);
    // Heat falls short of the stated broods in one population of a hundred at most.
    expect(fits.flatMap((row) => row.fewer).length).toBeLessThanOrEqual(0.01 * populations);
    for (const { region, bloomLength } of fits) {
      expect(bloomLength, region).toBeGreaterThanOrEqual(0.9);
      expect(bloomLength, region).toBeLessThanOrEqual(1.15);
    }
  }, 60_000);
  it('have no gap between the broods of one flight', () => {
    const gaps = library.regions.flatMap(({ id }) =>
      [...at(id).targets.values()]
        .filter(({ flights }) => flights.filter((row) => row.laying).length === 1)
        .flatMap(({ target, larval }) => {
          const broods = larval.filter((row) => row.brood > 0);
          return broods.slice(1).flatMap((row, i) => (row.from > broods[i]!.to + 1 ? [`${target.id} in ${id}`] : []));
        }),
    );
    expect(gaps).toEqual([]);
  });
});

describe('the winter', () => {
  const wintering = (target: string, region: string) => at(region).targets.get(target)!.wintering.as;
  it.each([
    ['a monarch of the North is elsewhere', 'danaus-plexippus', 'great-lakes-ohio', 'none-migrates'],
    ['one of Florida stays as an adult', 'danaus-plexippus', 'florida-peninsula', 'adult'],
    ['zebra longwings breed on', 'heliconius-charithonia', 'florida-peninsula', 'all-year'],
    ['atalas breed all year', 'eumaeus-atala', 'florida-peninsula', 'all-year'],
    ['buckeyes stay as adults in the Southeast', 'junonia-coenia', 'southeast-piedmont', 'adult'],
    ['and come again each year to Ohio', 'junonia-coenia', 'great-lakes-ohio', 'none-migrates'],
    ['red admirals come again each year to Minnesota', 'vanessa-atalanta', 'upper-midwest', 'none-migrates'],
    ['orange sulphurs do so too', 'colias-eurytheme', 'upper-midwest', 'none-migrates'],
    ['juba skippers are caterpillars', 'hesperia-juba', 'interior-northwest', 'larva'],
    ['Anna’s hummingbirds stay', 'calypte-anna', 'california-coast', 'adult'],
  ])('%s', (_, target, region, as) => expect(wintering(target, region)).toBe(as));
  it('nobody who flies in every month of the year has to be sheltered through a winter', () => {
    for (const { id } of library.regions)
      for (const here of at(id).targets.values())
        if (here.flightHalfMonths.length === 24) expect(shelterHalfMonths(here), `${here.target.id} in ${id}`).toEqual([]);
  });
});

describe('who is there when', () => {
  const flies = (target: string, region: string, halfMonth: number, over: Partial<GardenFields> = {}) =>
    at(region, over).targets.get(target)?.flightHalfMonths.includes(halfMonth) ?? false;
  it.each<[string, string, string, number, boolean]>([
    ['and in no Ohio garden', 'archilochus-colubris', 'great-lakes-ohio', 0, false],
    ['they reach Ohio in late April', 'archilochus-colubris', 'great-lakes-ohio', 7, true],
    ['rufous are gone from the coast of California in late May and June', 'selasphorus-rufus', 'california-coast', 10, false],
    ['and pass it again in late July', 'selasphorus-rufus', 'california-coast', 13, true],
    ['the eastern tiger flies in Wisconsin', 'papilio-glaucus', 'upper-midwest', 11, true],
    ['the western giant in central Texas', 'papilio-rumiko', 'texas-hills-brush', 10, true],
    ['sachems on the Front Range in August', 'atalopedes-campestris', 'rocky-mountains', 15, true],
    ['monarchs winter on the coast of California', 'danaus-plexippus', 'california-coast', 23, true],
    ['and in Florida', 'danaus-plexippus', 'florida-peninsula', 0, true],
    ['eastern commas are about in late March and lay in May', 'polygonia-comma', 'great-lakes-ohio', 5, true],
  ])('%s', (_, target, region, halfMonth, there) => expect(flies(target, region, halfMonth)).toBe(there));
  it('ruby-throats winter on the warm edge of the Gulf', () => {
    expect(flies('archilochus-colubris', 'gulf-coast', 0, { half_zone: '9b' })).toBe(true);
    expect(flies('archilochus-colubris', 'gulf-coast', 0, { half_zone: '8b' })).toBe(false);
  });
  it('Allen’s hummingbirds live all year in the south of the coast, and are summer birds in its north', () => {
    expect(flies('selasphorus-sasin', 'california-coast', 22, { half_zone: '10b' })).toBe(true);
    expect(flies('selasphorus-sasin', 'california-coast', 22, { half_zone: '9b' })).toBe(false);
  });
});
