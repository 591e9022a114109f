import { almanacFor } from '../almanac/almanac';
import { larvalHalfMonths } from '../almanac/larval-periods';
import { checkRows, type Contradiction } from '../library/check';
import { ADMISSIBLE } from '../library/hosts';
import { regionalGarden } from '../library/regional-garden';
import { isListed } from '../library/status';
import { halfMonthsInWords } from '../model/half-month';
import type { PlantHere } from '../model/here';
import type { Library, ReferenceFile, Region } from '../model/reference';
import { livesThroughWinter } from '../place/climate/zones';
import { drinksNectar, nectarOfPlant } from './nectar';

/** Every contradiction in a parsed library: those of its rows, and targets that a region cannot serve. */
export function checkLibrary(library: Library): Contradiction[] {
  const found = checkRows(library);
  if (found.length > 0) return found;
  for (const region of library.regions)
    checkServed(library, region, (file, about, message) => found.push({ file, about, message }));
  return found;
}

/** Half-months in which wintering hummingbirds live on insects and feeders: late October to early March. */
const inTheCold = (h: number) => h >= 19 || h <= 4;

/** Does a plant live outdoors somewhere in a region, by cold and by its record there? */
function growsIn(region: Region, here: PlantHere): boolean {
  const { plant, status } = here;
  return status.offered && !isListed(status.status) && livesThroughWinter(plant, region.zone_max);
}

/** In a region, every target must have admissible hosts and a suitable native in bloom all through its flight. */
function checkServed(library: Library, region: Region, say: (file: ReferenceFile, about: string, message: string) => void) {
  const almanac = almanacFor(library, regionalGarden(library, region.id));
  const growing = [...almanac.plants.values()].filter((here) => growsIn(region, here));
  const natives = growing.filter((here) => here.status.native);
  for (const here of almanac.targets.values()) {
    const { target } = here;
    const about = `${target.id} in ${region.id}`;
    const breeds = here.occurrence.status === 'resident' || here.occurrence.status === 'migrant';
    if (target.kind !== 'hummingbird' && breeds) {
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
        !natives.some((p) => p.bloomShares[h]! > 0.3 && nectarOfPlant(target, p.plant) > 0),
    );
    if (hungry.length > 0) say('occurrence.csv', about, `No suitable native is in bloom in ${halfMonthsInWords(hungry)}.`);
  }
}
