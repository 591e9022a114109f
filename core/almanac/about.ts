import { ADMISSIBLE, hostNames } from '../library/hosts';
import type { Almanac, TargetHere } from '../model/here';
import { isListed } from '../library/status';
import type { Host, Library, Plant } from '../model/reference';

/** Rows of care or ailments that speak of a plant: by itself, its species, genus or family, or its kind. */
export function speakingOf<T extends { plant: string }>(rows: readonly T[], plant: Plant): T[] {
  const names = [...hostNames(plant), plant.kind];
  return rows.filter((row) => names.includes(row.plant)).sort((a, b) => names.indexOf(a.plant) - names.indexOf(b.plant));
}

/** Ids of the plants recorded in this garden's region on which a brood of the creature grows up. */
export function recordedHosts(almanac: Almanac, target: TargetHere): string[] {
  return [...target.hosts]
    .filter(([id, host]) => ADMISSIBLE.has(host.rank) && almanac.plants.get(id)?.status.offered)
    .map(([id]) => id);
}

/** Creatures of this garden's region and of the same family whose young may stand on the same plants: easily mistaken. */
export function hostMates(almanac: Almanac, target: string): { mate: TargetHere; shared: string[] }[] {
  const here = almanac.targets.get(target);
  if (!here) return [];
  const mine = new Set(recordedHosts(almanac, here));
  return [...almanac.targets.values()]
    .filter((mate) => mate !== here && mate.target.family === here.target.family && mate.target.kind !== 'hummingbird')
    .map((mate) => ({ mate, shared: recordedHosts(almanac, mate).filter((id) => mine.has(id)) }))
    .filter(({ shared }) => shared.length > 0)
    .sort((a, b) => b.shared.length - a.shared.length);
}

/** Regions in which a creature occurs, with its row for each and the parts of its year there. */
export function rangeOf(library: Library, target: string) {
  const flights = library.flights.filter((row) => row.target === target);
  return library.occurrence
    .filter((row) => row.target === target)
    .map((occurrence) => ({
      occurrence,
      flights: flights.filter((row) => row.region === occurrence.region),
      region: library.regions.find((region) => region.id === occurrence.region)!,
    }));
}

/**
 * The best hosts of a creature in this garden's region, with a record here, natives first, none listed: the primary ones, or
 * where there is none the accepted.
 */
export function bestHosts(almanac: Almanac, target: TargetHere): Plant[] {
  const ofRank = (rank: Host['rank']) =>
    [...target.hosts]
      .filter(([, host]) => host.rank === rank)
      .flatMap(([id]) => almanac.plants.get(id) ?? [])
      .filter(({ status }) => status.offered && !isListed(status.status))
      .sort((a, b) => Number(b.status.native) - Number(a.status.native))
      .map((here) => here.plant);
  const primary = ofRank('primary');
  return primary.length > 0 ? primary : ofRank('accepted');
}
