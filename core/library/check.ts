import { ANYWHERE, type Library, type Plant, type ReferenceFile, type Region } from '../model/reference';
import { ADMISSIBLE, hostNames } from '../almanac/hosts';
import { almanacFor, type PlantHere } from '../almanac/almanac';
import { nectarOfPlant } from '../coverage/supply';
import { drinksNectar } from '../needs/needs';
import { halfMonthsInWords } from '../model/half-month';
import { zoneIndex } from '../climate/zones';
import { parseGlyph } from '../model/glyph';
import { regionalGarden } from './regional-garden';

/** A statement of the library that cannot stand beside its others. */
export interface Contradiction {
  file: ReferenceFile;
  about: string;
  message: string;
}

const inWindow = (h: number, first: number, last: number) => (first <= last ? h >= first && h <= last : h >= first || h <= last);

function checkPlant(plant: Plant, say: (message: string) => void) {
  if (zoneIndex(plant.zone_min) > zoneIndex(plant.zone_max)) say('zone_min is warmer than zone_max.');
  for (const [low, high] of [
    ['sun_min_h', 'sun_max_h'],
    ['moisture_min', 'moisture_max'],
    ['ph_min', 'ph_max'],
    ['height_min_cm', 'height_max_cm'],
  ] as const)
    if (plant[low] > plant[high]) say(`${low} is more than ${high}.`);
  if ((plant.bloom_first === null) !== (plant.bloom_last === null)) say('A bloom window needs both its ends.');
  if (plant.textures.length === 0) say('No soil texture is named.');
  if (plant.spacing_cm > 1.5 * plant.spread_cm) say('The spacing is wider than one and a half times the spread.');
  const evergreen = plant.foliage_first === 0 && plant.foliage_last === 23;
  const woody = plant.kind === 'tree' || plant.kind === 'shrub' || plant.kind === 'bulb';
  if (plant.bloom_first !== null && !evergreen && !woody && !inWindow(plant.bloom_first, plant.foliage_first, plant.foliage_last))
    say('It flowers outside its foliage period.');
  const nectar = Math.max(plant.nectar_butterfly, plant.nectar_hummingbird, plant.nectar_moth);
  if (nectar > 0 && (plant.bloom_first === null || plant.flower_form === 'none'))
    say('It is credited with nectar but has no flowers.');
  if (plant.container !== 'no' && plant.container_min_l === null) say('A container plant needs container_min_l.');
}

/** Every contradiction in a parsed library: dangling names, impossible ranges, targets that nothing here can serve. */
export function checkLibrary(library: Library): Contradiction[] {
  const found: Contradiction[] = [];
  const say = (file: ReferenceFile, about: string, message: string) => found.push({ file, about, message });
  const regions = new Set(library.regions.map((row) => row.id));
  const targets = new Set(library.targets.map((row) => row.id));
  const plants = new Set(library.plants.map((row) => row.id));
  const names = new Set(library.plants.flatMap(hostNames));
  const kinds = new Set<string>(library.plants.map((row) => row.kind));
  const known = (file: ReferenceFile, set: ReadonlySet<string>, id: string, what: string) => {
    if (!set.has(id)) say(file, id, `No ${what} has this id.`);
  };

  for (const row of library.plants) {
    checkPlant(row, (message) => say('plants.csv', row.id, message));
    known('plants.csv', regions, row.bloom_ref, 'region');
  }
  for (const row of library.regions) {
    const months = library.normals.filter((n) => n.region === row.id);
    if (months.length !== 12) say('climate-normals.csv', row.id, `It has ${months.length} months of normals, not 12.`);
    for (const n of months)
      if (n.tmin_c >= n.tmax_c) say('climate-normals.csv', row.id, `Month ${n.month}: tmin is not below tmax.`);
    const rain = months.reduce((sum, n) => sum + n.rain_mm, 0);
    if (Math.abs(rain - row.annual_rain_mm) > 0.1 * row.annual_rain_mm)
      say('regions.csv', row.id, `annual_rain_mm is ${row.annual_rain_mm}, the months add up to ${rain}.`);
  }
  for (const row of library.areas) known('region-areas.csv', regions, row.region, 'region');
  for (const row of library.normals) known('climate-normals.csv', regions, row.region, 'region');
  for (const row of library.hosts) {
    known('hosts.csv', targets, row.target, 'target');
    known('hosts.csv', names, row.plant, 'plant, genus or family');
  }
  for (const row of library.status) {
    known('plant-status.csv', plants, row.plant, 'plant');
    if (row.place !== ANYWHERE && !regions.has(row.place) && !/^[A-Z]{2}$/.test(row.place))
      say('plant-status.csv', row.plant, `${row.place} is no region or two-letter code.`);
  }
  for (const row of library.cautions) known('cautions.csv', plants, row.plant, 'plant');
  for (const row of library.propagation) known('propagation.csv', plants, row.plant, 'plant');
  for (const row of library.care) known('care.csv', new Set([...names, ...kinds]), row.plant, 'plant, genus, family or kind');
  for (const row of library.ailments)
    known('ailments.csv', new Set([...names, ...kinds]), row.plant, 'plant, genus, family or kind');
  for (const row of library.targets) {
    if (row.size_min_mm > row.size_max_mm) say('targets.csv', row.id, 'size_min_mm is more than size_max_mm.');
    if (row.kind !== 'hummingbird' && (row.larva_leaf_g === null || row.dev_base_c === null || row.dev_degree_days === null))
      say('targets.csv', row.id, 'A butterfly or moth needs larva_leaf_g, dev_base_c and dev_degree_days.');
    if ((row.overwinters_as === 'larva') !== (row.winter_larva !== null))
      say('targets.csv', row.id, 'winter_larva goes with wintering as a larva.');
    const glyph = parseGlyph(row.glyph);
    if ('problem' in glyph) say('targets.csv', row.id, glyph.problem);
  }
  for (const row of library.occurrence) {
    known('occurrence.csv', targets, row.target, 'target');
    known('occurrence.csv', regions, row.region, 'region');
  }
  if (found.length > 0) return found;
  for (const region of library.regions) checkServed(library, region, say);
  return found;
}

/** Half-months in which wintering hummingbirds live on insects and feeders: late October to early March. */
const inTheCold = (h: number) => h >= 19 || h <= 4;

/** Does a plant live outdoors somewhere in a region, by cold and by its record there? */
function growsIn(region: Region, here: PlantHere): boolean {
  const { plant, status } = here;
  if (status.row === null || status.status === 'invasive' || status.status === 'noxious') return false;
  return plant.kind === 'annual' || zoneIndex(plant.zone_min) <= zoneIndex(region.zone_max);
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
      const ranks = growing.map((p) => here.hosts.get(p.plant.id)?.rank).filter((rank) => ADMISSIBLE.has(rank));
      // A specialist may live on one plant alone, if it is truly its own.
      if (ranks.length < 2 && ranks[0] !== 'primary')
        say('hosts.csv', about, `${ranks.length === 0 ? 'No' : 'Only one'} admissible host that grows there is in the library.`);
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

/** Counts that tell what a library holds. */
export function libraryCounts(library: Library) {
  const byRank = (rank: string) => library.hosts.filter((row) => row.rank === rank).length;
  const low = [...library.plants, ...library.targets].filter((row) => row.confidence === 'low').length;
  return {
    regions: library.regions.length,
    targets: library.targets.length,
    occurrences: library.occurrence.length,
    plants: library.plants.length,
    hostRelations: library.hosts.length,
    traps: byRank('trap'),
    nativeRows: library.status.filter((row) => row.status === 'native' || row.status === 'protected').length,
    introducedRows: library.status.filter((row) => row.status === 'introduced' || row.status === 'naturalised').length,
    listedRows: library.status.filter((row) => row.status === 'invasive' || row.status === 'noxious').length,
    cautions: library.cautions.length,
    lowConfidence: low,
  };
}
