import { almanacFor } from '../almanac/almanac';
import type { Contradiction } from '../library/check';
import { keyOf } from '../library/cells';
import { regionalGarden } from '../library/regional-garden';
import { hostNames } from '../library/hosts';
import { isAtHome, isListed } from '../library/status';
import type { Care, Library } from '../model/reference';
import type { Site } from '../model/garden';
import { PLANT_TAGS, RULED_TAGS } from '../model/vocabulary';
import { dailyNormalsHere, monthsHere } from '../place/climate/garden-climate';
import { livesThroughWinter, zoneIndex } from '../place/climate/zones';
import { YearDays } from '../almanac/anchors';
import { heeded, takesAll, windowOf } from './care-tasks';
import { CareBook } from './rules';
import { youngOn } from './young';

/** Ages at which every plant has to be watered by some row. */
const AGES = [0, 1, 2, 3, 6, 12];
/** Coldest half-zone that is tender in most gardens: a pot plant of it has to come in somewhere. */
const TENDER_FROM = '8a';

type PlaceKind = Pick<Site, 'kind' | 'pot'>;
const GROUND: PlaceKind = { kind: 'bed', pot: null };
const POT: PlaceKind = { kind: 'container', pot: null };

/**
 * What the rows of care contradict: a plant without water at some age, a tender pot plant without its way in and out, a row
 * that another forbids always, ages or places that cannot be, and a cut of the whole plant for which a region leaves no day
 * without young of those who live on it. `library` has to be sound otherwise.
 */
export function checkCare(library: Library): Contradiction[] {
  const found: Contradiction[] = [];
  const say = (row: Care, message: string) =>
    found.push({ file: 'care.csv', about: `${row.plant}, ${row.action}`, message, key: keyOf('care.csv', row) });
  const tags = new Set<string>([...PLANT_TAGS, ...RULED_TAGS]);
  for (const row of library.care) {
    if (row.plant.startsWith('#') && !tags.has(row.plant.slice(1))) say(row, 'There is no such tag.');
    if (row.age_from !== null && row.age_to !== null && row.age_from > row.age_to) say(row, 'age_from is more than age_to.');
    if (row.action === 'water' && !row.never && row.thirst === null) say(row, 'Say how dry the ground may grow.');
    if (row.action !== 'water' && row.thirst !== null) say(row, 'Only watering has a thirst.');
    if ((row.amount === null) !== (row.unit === '')) say(row, 'An amount and its unit go together.');
    if (!row.never && row.action !== 'leave' && row.action !== 'water' && row.minutes === null)
      say(row, 'Say how many minutes it takes.');
    if (!row.never && row.action !== 'water' && row.how === '') say(row, 'Say how it is done.');
  }
  checkWaysIn(library, found);
  checkNever(library, say);
  for (const { id: region } of library.regions) checkRegion(library, region, found, say);
  return distinct(found);
}

/** What is wrong in several regions is said once. */
function distinct(found: readonly Contradiction[]): Contradiction[] {
  const seen = new Set<string>();
  return found.filter(({ about, message, key }) => {
    const id = `${about} ${message} ${key}`;
    return !seen.has(id) && Boolean(seen.add(id));
  });
}

/** A pot plant that is tender in most gardens has its own way in and out, written for it and not for all. */
function checkWaysIn(library: Library, found: Contradiction[]) {
  const written = new Set(
    library.care.filter((row) => row.place === 'pot' && !row.never).map((row) => `${row.action} ${row.plant}`),
  );
  const listed = new Set(library.status.filter((row) => isListed(row.status)).map((row) => row.plant));
  for (const plant of library.plants) {
    if (plant.container === 'no' || plant.kind === 'annual' || zoneIndex(plant.zone_min) < zoneIndex(TENDER_FROM)) continue;
    if (listed.has(plant.id)) continue;
    for (const action of ['bring-in', 'harden-off', 'take-out'])
      if (!hostNames(plant).some((name) => written.has(`${action} ${name}`)))
        found.push({ file: 'care.csv', about: plant.id, message: `A tender pot plant, and nothing of its own says ${action}.` });
  }
}

/** A row that some other forbids for every plant it speaks of can never be followed. */
function checkNever(library: Library, say: (row: Care, message: string) => void) {
  const anywhere = { half_zone: '7a', school_autumn: 'leave', school_pots: 'two-zones' } as const;
  const regions = library.regions.map(({ id }) => new CareBook(library, { region: id, ...anywhere }));
  const followed = new Set<Care>();
  const spoken = new Set<Care>();
  for (const book of regions)
    for (const plant of library.plants)
      for (const place of [GROUND, POT])
        for (const age of AGES) {
          const { rules, overruled } = book.of({ plant, status: { native: false } }, place, age);
          for (const row of rules) followed.add(row);
          for (const row of overruled) spoken.add(row);
        }
  for (const row of spoken) if (!followed.has(row)) say(row, 'Another row forbids it for every plant it is for.');
}

function checkRegion(library: Library, region: string, found: Contradiction[], say: (row: Care, message: string) => void) {
  const garden = regionalGarden(library, region);
  const almanac = almanacFor(library, garden);
  const daily = dailyNormalsHere(library, garden);
  const days = new YearDays(2026, { frosts: garden, daily, months: monthsHere(library.normals, garden) }, null);
  // What a garden commonly has: of the hard and the rare there is a word where they are chosen.
  const common = new Map([...almanac.targets].filter(([, { occurrence }]) => isAtHome(occurrence) && occurrence.ease < 3));
  for (const school_autumn of ['leave', 'cut'] as const) {
    const book = new CareBook(library, { ...garden, school_autumn });
    for (const here of almanac.plants.values()) {
      const { plant } = here;
      // What is not offered here is not cared for either.
      if (isListed(here.status.status) || !here.status.offered) continue;
      const places = plant.container === 'no' ? [GROUND] : [GROUND, POT];
      for (const place of places)
        for (const age of AGES) {
          if (age > plant.life_years || (age > 0 && plant.kind === 'annual')) continue;
          const { rules } = book.of(here, place, age);
          if (!rules.some((row) => row.action === 'water'))
            found.push({
              file: 'care.csv',
              about: plant.id,
              message: `Nothing says how it is watered in ${place === POT ? 'a pot' : 'the ground'} ${age} years after planting.`,
            });
        }
      if (!livesThroughWinter(plant, garden.half_zone)) continue;
      const young = youngOn(here, { targets: common }, new Set(common.keys())).filter((row) => row.stage !== 'below');
      for (const age of [1, 3, 6]) {
        const { rules } = book.of(here, GROUND, age);
        for (const row of rules) {
          if (!takesAll(row.action)) continue;
          const window = windowOf(row, here, days);
          if (window && heeded(row.action, window, young) === null) {
            const whose = young.map(({ target }) => target.target.common).join(', ');
            say(row, `In ${region} there is no day for it on ${plant.id} without young: ${whose}.`);
          }
        }
      }
    }
  }
}
