import type { Library, Plant, Propagation } from '../model/reference';
import { ANYWHERE, type ReferenceFile } from '../model/tables';
import { hostNames } from './hosts';
import { zoneIndex, zonesOf } from '../place/climate/zones';
import { isListed } from './status';
import { basisOf } from './basis';
import { isSeedMethod } from './ways';
import { parseGlyph } from '../model/glyph';
import { parsePlantGlyph } from '../model/plant-glyph';
import { groupBy } from '../model/group';
import { keyOf } from './cells';
import { checkCauses } from './cause-check';

/** A statement of the library that cannot stand beside its others. */
export interface Contradiction {
  file: ReferenceFile;
  about: string;
  message: string;
  /** The row it stands in, by keyOf; absent where it is about several. */
  key?: string;
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
  const glyph = parsePlantGlyph(plant.glyph);
  if ('problem' in glyph) say(glyph.problem);
  if (plant.confidence === 'high' && Object.values(basisOf(plant)).includes('default'))
    say('A row with defaults is not of high confidence.');
  if (plant.container !== 'no' && plant.container_min_l === null) say('A container plant needs container_min_l.');
}

/** What a way of raising says against itself. */
function checkWay(row: Propagation, say: (message: string) => void) {
  if (row.method.length === 0) say('No way is named.');
  if (row.never) return;
  if (row.method.includes('any')) say('“any” is said only of what is never raised.');
  for (const [low, high] of [
    ['days_from', 'days_to'],
    ['rate_from', 'rate_to'],
    ['every_from', 'every_to'],
    ['pieces_from', 'pieces_to'],
  ] as const)
    if ((row[low] === null) !== (row[high] === null) || (row[low] ?? 0) > (row[high] ?? 0))
      say(`${low} and ${high} belong together, the lower first.`);
  if (row.rate_from === null) say('Say which share comes up or roots.');
  const seed = row.method.some((method) => isSeedMethod(method));
  if (seed && row.method.some((method) => !isSeedMethod(method))) say('Seed and parts of a plant do not share a row.');
  if (seed && (row.chill_days === null || row.depth_mm === null)) say('Of seed the cold it wants and its depth are given.');
  if (row.treatment.includes('double') !== (row.warm_days !== null)) say('“double” goes with warm_days.');
  if (row.method.includes('chilled-indoors') && !row.chill_days) say('What is chilled has its days of cold.');
}

/** What its rows alone contradict: dangling names and impossible ranges. Quick enough to ask at every correction. */
export function checkRows(library: Library): Contradiction[] {
  const found: Contradiction[] = [];
  const about = (file: ReferenceFile, row: object, what: string) => (message: string) =>
    found.push({ file, about: what, message, key: keyOf(file, row) });
  const regions = new Set(library.regions.map((row) => row.id));
  const targets = new Set(library.targets.map((row) => row.id));
  const plants = new Set(library.plants.map((row) => row.id));
  const names = new Set(library.plants.flatMap(hostNames));
  const subjects = new Set([...names, ...library.plants.map((row) => row.kind as string)]);
  const known = (file: ReferenceFile, row: object, set: ReadonlySet<string>, id: string, what: string) => {
    if (!set.has(id)) about(file, row, id)(`No ${what} has this id.`);
  };

  for (const row of library.plants) {
    checkPlant(row, about('plants.csv', row, row.id));
    known('plants.csv', row, regions, row.bloom_ref, 'region');
  }
  const normals = groupBy(library.normals, (row) => row.region);
  for (const row of library.regions) {
    const months = normals.get(row.id) ?? [];
    if (months.length !== 12) about('climate-normals.csv', row, row.id)(`It has ${months.length} months of normals, not 12.`);
    for (const n of months)
      if (n.tmin_c >= n.tmax_c) about('climate-normals.csv', n, row.id)(`Month ${n.month}: tmin is not below tmax.`);
    const rain = months.reduce((sum, n) => sum + n.rain_mm, 0);
    if (Math.abs(rain - row.annual_rain_mm) > 0.1 * row.annual_rain_mm)
      about('regions.csv', row, row.id)(`annual_rain_mm is ${row.annual_rain_mm}, the months add up to ${rain}.`);
  }
  for (const row of library.areas) {
    known('region-areas.csv', row, regions, row.region, 'region');
    if (row.lat_min >= row.lat_max || row.lon_min >= row.lon_max)
      about('region-areas.csv', row, row.jurisdiction)('Its box has no inside.');
  }
  for (const row of library.normals) known('climate-normals.csv', row, regions, row.region, 'region');
  for (const row of library.hosts) {
    known('hosts.csv', row, targets, row.target, 'target');
    known('hosts.csv', row, names, row.plant, 'plant, genus or family');
  }
  const listed = new Set(library.status.filter((row) => isListed(row.status)).map((row) => row.plant));
  for (const row of library.status) {
    known('plant-status.csv', row, plants, row.plant, 'plant');
    if (row.place === ANYWHERE && listed.has(row.plant) && !isListed(row.status))
      about(
        'plant-status.csv',
        row,
        row.plant,
      )('It is listed elsewhere: say of each place where it is harmless, not of anywhere.');
    if (row.place !== ANYWHERE && zonesOf(row.place) === null && !regions.has(row.place) && !/^[A-Z]{2}$/.test(row.place))
      about('plant-status.csv', row, row.plant)(`${row.place} is no region, two-letter code or range of half-zones.`);
  }
  for (const row of library.cautions) known('cautions.csv', row, plants, row.plant, 'plant');
  for (const row of library.propagation) {
    known('propagation.csv', row, names, row.plant, 'plant, genus or family');
    checkWay(row, about('propagation.csv', row, `${row.plant}, ${row.method.join(' or ')}`));
  }
  for (const row of library.care)
    if (!/^[#@]/.test(row.plant) && row.plant !== 'any')
      known('care.csv', row, subjects, row.plant, 'plant, genus, family or kind');
  for (const row of library.tags) known('plant-tags.csv', row, names, row.plant, 'plant, genus or family');
  checkCauses(library, subjects, (file, row, what, message) => about(file, row, what)(message));
  for (const row of library.clearing) known('clearing.csv', row, subjects, row.plant, 'plant, genus, family or kind');
  for (const row of library.lookalikes) {
    for (const of of [row.a, row.b]) known('lookalikes.csv', row, targets, of, 'target');
    const say = about('lookalikes.csv', row, `${row.a} and ${row.b}`);
    if (row.a === row.b) say('A creature is not its own look-alike.');
    if (row.a_mark === row.b_mark) say('A mark that both have tells nobody apart.');
    if (library.lookalikes.some((other) => other.a === row.b && other.b === row.a)) say('The pair is there twice.');
  }
  for (const row of library.targets) {
    const say = about('targets.csv', row, row.id);
    if (row.size_min_mm > row.size_max_mm) say('size_min_mm is more than size_max_mm.');
    if (row.kind !== 'hummingbird' && (row.larva_leaf_g === null || row.dev_base_c === null || row.dev_degree_days === null))
      say('A butterfly or moth needs larva_leaf_g, dev_base_c and dev_degree_days.');
    if ((row.overwinters_as === 'larva') !== (row.winter_larva !== null)) say('winter_larva goes with wintering as a larva.');
    const glyph = parseGlyph(row.glyph);
    if ('problem' in glyph) say(glyph.problem);
  }
  const kinds = new Map(library.targets.map((row) => [row.id, row.kind]));
  for (const row of library.occurrence) {
    const say = about('occurrence.csv', row, `${row.target} in ${row.region}`);
    known('occurrence.csv', row, targets, row.target, 'target');
    known('occurrence.csv', row, regions, row.region, 'region');
    if ((row.nest_first === null) !== (row.nest_last === null)) say('A nesting season needs both its ends.');
    if (row.nest_first !== null && kinds.get(row.target) !== 'hummingbird') say('Only hummingbirds nest.');
  }
  const occurring = new Set(library.occurrence.map((row) => `${row.target} in ${row.region}`));
  for (const row of library.flights) {
    const where = `${row.target} in ${row.region}`;
    known('flights.csv', row, targets, row.target, 'target');
    known('flights.csv', row, regions, row.region, 'region');
    const say = about('flights.csv', row, where);
    if (!occurring.has(where)) say('It has a part of its year there and no row in occurrence.csv.');
    if (row.laying && row.broods === 0) say('Its adults lay, and no brood comes of it.');
    const zones = row.zones === null ? null : zonesOf(row.zones);
    if (zones && zones.coldest > zones.warmest) say('Its zones run from the warmer to the colder.');
  }
  for (const row of library.blooms) {
    known('blooms.csv', row, plants, row.plant, 'plant');
    known('blooms.csv', row, regions, row.region, 'region');
  }
  return found;
}

/** Counts of what a library holds. */
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
    listedRows: library.status.filter((row) => isListed(row.status)).length,
    cautions: library.cautions.length,
    care: library.care.length,
    lowConfidence: low,
  };
}
