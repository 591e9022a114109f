import { ADMISSIBLE, hostNames } from '../almanac/hosts';
import type { Almanac, TargetHere } from '../almanac/almanac';
import { isListed } from '../gates/status';
import type { Library, Plant, Propagation } from '../model/reference';
import { monthsInWords } from '../model/half-month';

/** Rows of care or ailments that speak of a plant: by itself, its species, genus or family, or its kind. */
export function speakingOf<T extends { plant: string }>(rows: readonly T[], plant: Plant): T[] {
  const names = [...hostNames(plant), plant.kind];
  return rows.filter((row) => names.includes(row.plant)).sort((a, b) => names.indexOf(a.plant) - names.indexOf(b.plant));
}

const METHODS: Record<Propagation['method'], string> = {
  'winter-outdoor': 'Seed, outdoors in winter containers',
  'autumn-direct': 'Seed, sown in place in autumn',
  'chill-indoor': 'Seed, chilled and then indoors',
  indoor: 'Seed, indoors',
  'spring-direct': 'Seed, sown in place in spring',
  softwood: 'Softwood cuttings',
  hardwood: 'Hardwood cuttings',
  division: 'Division',
  layer: 'Layering',
  bought: 'Bought',
};
const TREATMENTS: Record<Propagation['treatment'], string> = {
  none: '',
  scarify: 'scratch the seed',
  soak: 'soak the seed overnight',
  double: 'two winters',
};

/** A way to raise a plant in words: the method, then what it takes. */
export function propagationInWords(row: Propagation): { method: string; takes: string } {
  const parts = [
    row.months ? `in ${monthsInWords(row.months.split('|').map(Number))}` : '',
    row.stratify_days ? `${row.stratify_days} days of cold and wet` : '',
    TREATMENTS[row.treatment],
    row.light ? 'needs light: press, do not cover' : '',
    row.weeks_before_last_frost ? `${row.weeks_before_last_frost} weeks before the last frost` : '',
    row.germinate_days ? `up in about ${row.germinate_days} days${row.germinate_c ? ` at ${row.germinate_c} °C` : ''}` : '',
    row.node_count ? `${row.node_count} nodes` : '',
    row.rooting_days ? `rooted in about ${row.rooting_days} days` : '',
    row.divide_every_years ? `every ${row.divide_every_years} years` : '',
    row.rate !== null && row.rate < 1 ? `about ${Math.round(row.rate * 100)} in 100 succeed` : '',
  ];
  return { method: METHODS[row.method], takes: parts.filter(Boolean).join('; ') };
}

/** Ids of the plants recorded in this garden's region on which a brood of the creature grows up. */
export function recordedHosts(almanac: Almanac, target: TargetHere): string[] {
  return [...target.hosts]
    .filter(([id, host]) => ADMISSIBLE.has(host.rank) && almanac.plants.get(id)?.status.row)
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

/** Regions in which a creature occurs, with its row for each. */
export function rangeOf(library: Library, target: string) {
  return library.occurrence
    .filter((row) => row.target === target)
    .map((occurrence) => ({ occurrence, region: library.regions.find((region) => region.id === occurrence.region)! }));
}

/** The best hosts of a creature in this garden's region: primary ones with a record here, natives first, none listed. */
export function bestHosts(almanac: Almanac, target: TargetHere): Plant[] {
  return [...target.hosts]
    .filter(([, host]) => host.rank === 'primary')
    .flatMap(([id]) => almanac.plants.get(id) ?? [])
    .filter(({ status }) => status.row && !isListed(status.status))
    .sort((a, b) => Number(b.status.native) - Number(a.status.native))
    .map((here) => here.plant);
}
