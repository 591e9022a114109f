import { almanacFor } from '../almanac/almanac';
import { broodsHere, larvalHalfMonths } from '../almanac/larval-periods';
import { checkRows, type Contradiction } from '../library/check';
import { ADMISSIBLE, feeds } from '../library/hosts';
import { regionalGarden } from '../library/regional-garden';
import { isAtHome, isListed } from '../library/status';
import { halfMonthsInWords } from '../model/half-month';
import type { PlantHere } from '../model/here';
import type { Library, Region } from '../model/reference';
import type { ReferenceFile } from '../model/tables';
import { livesThroughWinter } from '../place/climate/zones';
import { SETTINGS } from '../settings';
import { drinksNectar, nectarOfFlower } from './nectar';

/** Every contradiction in a parsed library: those of its rows, and targets that a region cannot serve. */
export function checkLibrary(library: Library): Contradiction[] {
  const found = checkRows(library);
  if (found.length > 0) return found;
  const flown = new Set(library.flights.map((row) => `${row.target} in ${row.region}`));
  for (const { target, region } of library.occurrence) {
    const about = `${target} in ${region}`;
    if (!flown.has(about)) found.push({ file: 'occurrence.csv', about, message: 'No part of its year there is in flights.csv.' });
  }
  for (const region of library.regions)
    checkServed(library, region, (file, about, message) => found.push({ file, about, message }));
  return found;
}

/** A breeding population of a region whose larvae do not follow from the flight of its adults. */
interface Unexplained {
  target: string;
  region: string;
  /** Of two broods or more, days between the last larvae and the last laying adult, where they are more than believed. */
  lastBefore_d: number | null;
  /** Days between the first laying adult and the first larvae of its eggs, where they are more than believed. */
  firstAfter_d: number | null;
}

/** How well a region's flights explain its larvae, and its bloom keeps its length. */
export interface RegionFit {
  region: string;
  /** Populations that lay there in two broods or more. */
  populations: number;
  unexplained: Unexplained[];
  /** Populations for whose stated broods its heat does not suffice, by more than one. */
  fewer: { target: string; stated: number; broods: number }[];
  /** Mean over what is offered and hardy there of a bloom's length here beside its length where it is stated. */
  bloomLength: number;
}

/**
 * By region how well flights and heat explain larvae (SETTINGS.broods.believed), and how bloom keeps its length when moved.
 * Of residents and migrants; those of one brood are held to the first larvae only.
 */
export function regionFits(library: Library): RegionFit[] {
  const { lastBefore_d: mostBefore, firstAfter_d: mostAfter } = SETTINGS.broods.believed;
  return library.regions.map(({ id: region }) => {
    const almanac = almanacFor(library, regionalGarden(library, region));
    let populations = 0;
    const unexplained: Unexplained[] = [];
    const fewer: RegionFit['fewer'] = [];
    for (const { target, occurrence, flights, larval, wintering } of almanac.targets.values()) {
      const laying = flights.filter((row) => row.laying && row.broods > 0);
      if (target.dev_base_c === null || laying.length === 0) continue;
      if (!isAtHome(occurrence)) continue;
      const several = laying.some((row) => row.broods > 1);
      if (several) populations += 1;
      const stated = laying.reduce((sum, row) => sum + row.broods, 0);
      const broods = broodsHere({ larval, wintering });
      if (stated - broods > 1) fewer.push({ target: target.id, stated, broods });
      const fed = larval.filter((period) => period.brood > 0);
      const lastLaid = Math.max(...laying.map(({ window }) => window.to));
      const lastBefore = lastLaid - Math.max(0, ...fed.map((period) => period.to));
      const firstAfter =
        Math.min(Infinity, ...fed.map((period) => period.from)) - Math.min(...laying.map(({ window }) => window.from));
      const late = several && lastBefore > mostBefore;
      const slow = several && firstAfter > mostAfter;
      if (late || slow)
        unexplained.push({
          target: target.id,
          region,
          lastBefore_d: late ? lastBefore : null,
          firstAfter_d: slow ? firstAfter : null,
        });
    }
    const ratios = [...almanac.plants.values()].flatMap(({ plant, status, bloomSteps }) => {
      if (!status.offered || !bloomSteps || !livesThroughWinter(plant, almanac.place.half_zone)) return [];
      const stated = bloomSteps.from.reduce((sum, { stated: { from, to }, weight }) => sum + weight * (to - from + 1), 0);
      return [(bloomSteps.window ? bloomSteps.window.to - bloomSteps.window.from + 1 : 0) / stated];
    });
    const bloomLength = ratios.reduce((sum, ratio) => sum + ratio, 0) / ratios.length;
    return { region, populations, unexplained, fewer, bloomLength };
  });
}

/** Half-months in which wintering hummingbirds live on insects and feeders: late October to early March. */
const inTheCold = (h: number) => h >= 19 || h <= 4;

/** Does a plant live outdoors somewhere in a region, by cold and by its record there, and may it be planted at all? */
function growsIn(region: Region, here: PlantHere): boolean {
  const { plant, status } = here;
  return plant.manners !== 'never' && status.offered && !isListed(status.status) && livesThroughWinter(plant, region.zone_max);
}

/** What of a region's easy creatures can be served by what is for sale there. */
export interface RegionTrade {
  region: string;
  /** Butterflies and moths that breed there and are easy. */
  easy: number;
  /** Those of them without any host in trade. */
  hostless: string[];
  /** Half-months in which some easy creature that lives on flowers is on the wing and no native in trade is in bloom. */
  bare: number[];
}

/** Can a plant be bought, or be sown by anybody? */
const isInTrade = ({ plant, trade }: PlantHere) =>
  trade === 'common' || trade === 'native-nurseries' || (trade === 'seed-only' && plant.raising === 'easy');

/** By region, whether its easy creatures find hosts and natives in bloom among what is for sale there. */
export function regionTrade(library: Library): RegionTrade[] {
  return library.regions.map((region) => {
    const almanac = almanacFor(library, regionalGarden(library, region.id));
    const sold = [...almanac.plants.values()].filter((here) => growsIn(region, here) && isInTrade(here));
    const easy = [...almanac.targets.values()].filter(
      ({ target, occurrence }) => target.kind !== 'hummingbird' && occurrence.ease === 1 && isAtHome(occurrence),
    );
    const hostless = easy.filter(({ hosts }) => !sold.some((p) => feeds(hosts, p.plant.id))).map(({ target }) => target.id);
    const natives = sold.filter((here) => here.status.native);
    const flown = new Set(easy.filter(({ target }) => target.adult_food === 'nectar').flatMap((here) => here.flightHalfMonths));
    const bare = [...flown].filter((h) => !natives.some((p) => p.bloomShares[h]! > 0.3 && p.plant.nectar_butterfly > 0));
    return { region: region.id, easy: easy.length, hostless, bare: bare.sort((a, b) => a - b) };
  });
}

/** In a region, every target must have admissible hosts and a suitable native in bloom all through its flight. */
function checkServed(library: Library, region: Region, say: (file: ReferenceFile, about: string, message: string) => void) {
  const almanac = almanacFor(library, regionalGarden(library, region.id));
  const growing = [...almanac.plants.values()].filter((here) => growsIn(region, here));
  const natives = growing.filter((here) => here.status.native);
  for (const here of almanac.targets.values()) {
    const { target } = here;
    const about = `${target.id} in ${region.id}`;
    if (target.kind !== 'hummingbird' && isAtHome(here.occurrence)) {
      const rankOf = (p: PlantHere) => here.hosts.get(p.plant.id)?.rank;
      const admissible = growing.filter((p) => ADMISSIBLE.has(rankOf(p)));
      // A specialist may live on one plant alone, if it is truly its own.
      if (admissible.length < 2 && !admissible.some((p) => rankOf(p) === 'primary'))
        say(
          'hosts.csv',
          about,
          `${admissible.length === 0 ? 'No' : 'Only one'} admissible host that grows there is in the library.`,
        );
      const leafless = larvalHalfMonths(here.larval).filter((h) => !admissible.some((p) => p.foliageShares[h]! > 0));
      if (leafless.length > 0) say('hosts.csv', about, `No host is in leaf for its larvae in ${halfMonthsInWords(leafless)}.`);
      if (here.larval.length === 0) say('occurrence.csv', about, 'No brood of larvae follows from its flight and heat.');
    }
    if (!drinksNectar(target)) continue;
    const hungry = here.flightHalfMonths.filter(
      (h) =>
        !(target.kind === 'hummingbird' && inTheCold(h)) &&
        !natives.some((p) => p.bloomShares[h]! > 0.3 && nectarOfFlower(target, p.plant) > 0),
    );
    if (hungry.length > 0) say('occurrence.csv', about, `No suitable native is in bloom in ${halfMonthsInWords(hungry)}.`);
  }
}
