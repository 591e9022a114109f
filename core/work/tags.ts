import { hostNames } from '../library/hosts';
import { lawOf } from '../almanac/bloom/opening';
import type { PotSchool } from '../model/vocabulary';
import { isWoody, type CareTag } from '../model/vocabulary';
import type { Site } from '../model/garden';
import type { Plant, PlantTag } from '../model/reference';
import { potZone, winterNeed } from '../place/containers/pots';
import { zoneIndex } from '../place/climate/zones';

/** Half-months: the last of spring’s bulbs (mid June), the last bloom on old wood (late June), the end of what lives in spring (mid July). */
const SPRING_ENDS = 11;
const OLD_WOOD_ENDS = 11;
const EPHEMERAL_ENDS = 13;
/** Height (cm) from which a herb is tall. */
const TALL_CM = 120;
/** Warmest half-zone in which a hardy plant in a pot is wrapped for winter. */
const WRAPPED_TO = '8a';

/** The tags that a plant has by the table, its own and those of its species, genus and family. */
export function tagsByTable(rows: readonly PlantTag[]): (plant: Plant) => CareTag[] {
  const byName = new Map<string, CareTag[]>();
  for (const { plant, tag } of rows) byName.set(plant, [...(byName.get(plant) ?? []), tag]);
  return (plant) => hostNames(plant).flatMap((name) => byName.get(name) ?? []);
}

/** Does a plant live through winter where this pot stands, if nobody takes it in? */
const tenderInPot = (plant: Plant, site: Pick<Site, 'pot'>, halfZone: string, school: PotSchool) => {
  const outdoors = { pot: site.pot && { ...site.pot, winter: 'outdoors' as const } };
  return zoneIndex(plant.zone_min) > zoneIndex(potZone(outdoors, halfZone, school));
};

/**
 * The tags that follow by rule from a plant's row, and from the winter of the garden and the pot it stands in: sharp
 * drainage and wet feet from its columns, short days from the law of its bloom, old wood from an early bloom, the edge of
 * its cold from one half-zone to spare, and what its pot does in winter.
 */
export function tagsByRule(
  plant: Plant,
  native: boolean,
  site: Pick<Site, 'kind' | 'pot'>,
  halfZone: string,
  school: PotSchool,
): CareTag[] {
  const { kind, bloom_first, bloom_last } = plant;
  const woody = isWoody(plant);
  const evergreen = plant.foliage_first === 0 && plant.foliage_last === 23;
  const found: [boolean, CareTag][] = [
    [plant.drainage === 'sharp', 'sharp-drainage'],
    [plant.moisture_min >= 4, 'wet-foot'],
    [lawOf(plant) === 'autumn', 'short-day'],
    [!woody && plant.height_max_cm >= TALL_CM, 'tall'],
    [evergreen, 'evergreen'],
    [plant.habit === 'climber' || kind === 'vine', 'climber'],
    [kind === 'bulb' && bloom_last !== null && bloom_last <= SPRING_ENDS, 'spring-bulb'],
    [
      !woody &&
        !evergreen &&
        kind !== 'annual' &&
        plant.foliage_last <= EPHEMERAL_ENDS &&
        plant.foliage_first < plant.foliage_last,
      'ephemeral',
    ],
    [kind === 'shrub' && !evergreen && bloom_last !== null && bloom_last <= OLD_WOOD_ENDS, 'old-wood'],
    [kind === 'shrub' && !evergreen && bloom_first !== null && bloom_first >= OLD_WOOD_ENDS, 'summer-shrub'],
  ];
  if (site.kind === 'container') {
    const tender = tenderInPot(plant, site, halfZone, school);
    const need = winterNeed(plant, site, halfZone, school);
    const hardyInGround = zoneIndex(plant.zone_min) <= zoneIndex(halfZone);
    found.push(
      [tender && !hardyInGround && kind !== 'annual', 'tender-pot'],
      [tender && hardyInGround && kind !== 'annual', 'shed-pot'],
      [!tender && need === 'hardy' && zoneIndex(halfZone) <= zoneIndex(WRAPPED_TO), 'hardy-pot'],
    );
  } else {
    const spare = zoneIndex(halfZone) - zoneIndex(plant.zone_min);
    // What is native here lives through the winters of the place.
    found.push([kind !== 'annual' && !native && spare >= 0 && spare <= 1, 'edge']);
  }
  return found.flatMap(([is, tag]) => (is ? [tag] : []));
}

/** Is it brought in here: tender in this pot, or of a kind that lives one summer outdoors? */
export function comesIn(plant: Plant, site: Pick<Site, 'kind' | 'pot'>, halfZone: string, school: PotSchool): boolean {
  return site.kind === 'container' ? tenderInPot(plant, site, halfZone, school) : zoneIndex(plant.zone_min) > zoneIndex(halfZone);
}
