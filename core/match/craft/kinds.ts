import { feeds } from '../../library/hosts';
import type { GardenTarget, Site } from '../../model/garden';
import type { Almanac, PlantHere } from '../../model/here';
import type { Plant } from '../../model/reference';
import { zoneIndex } from '../../place/climate/zones';
import { SETTINGS } from '../../settings';
import { dangersOf, refusalFor, type GateGarden } from '../gates/gates';
import { trapsFor } from '../gates/traps';
import type { Hindrance } from '../hindrance';

/** What speaks against a kind, so that it is planted only where nothing else closes a need. */
export type Drawback =
  'exotic-milkweed' | 'seldom' | 'seed-only' | 'weedy' | 'prickly' | 'parasite' | 'runs' | 'poor-in-pots' | 'disease';

/**
 * What speaks against a kind on a site. `raises`: does the gardener raise plants from seed? `isHost`: does a chosen creature
 * lay on it? A host may merely live in a pot; what is there for its flowers is to thrive in one.
 */
export function drawbacksOf(
  { plant, trade, cautions, status }: Pick<PlantHere, 'plant' | 'trade' | 'cautions' | 'status'>,
  site: Pick<Site, 'kind' | 'area_m2'>,
  raises: boolean,
  isHost: boolean,
): Drawback[] {
  const { runsFrom_m2, disease } = SETTINGS.craft;
  const found: Drawback[] = [];
  if (isExoticMilkweed({ plant, status })) found.push('exotic-milkweed');
  if (trade === 'seldom') found.push('seldom');
  if (trade === 'seed-only' && !raises) found.push('seed-only');
  const { manners } = plant;
  if (manners === 'weedy' || manners === 'prickly' || manners === 'parasite') found.push(manners);
  // A pot holds what runs.
  if (manners === 'runs' && site.kind === 'bed' && site.area_m2 < runsFrom_m2) found.push('runs');
  if (site.kind === 'container' && plant.container !== 'good' && !isHost) found.push('poor-in-pots');
  if (cautions.some((row) => row.hazard === 'disease' && row.severity >= disease)) found.push('disease');
  return found;
}

/** Is it a milkweed of another country? */
const isExoticMilkweed = ({ plant, status }: Pick<PlantHere, 'plant' | 'status'>): boolean =>
  !status.native && (SETTINGS.craft.exoticMilkweeds.genera as readonly string[]).includes(plant.scientific.split(' ')[0]!);

/** Why a kind is never proposed unless the gardener allows it by name. */
export type Withheld = 'danger' | 'exotic-milkweed';

/**
 * Why a kind is withheld from proposals: a danger to who lives here, or a milkweed of another country where the winter does
 * not kill it (it carries its parasite on to monarchs that should have gone) or natives come first. Null where it is not, or is allowed.
 */
export function withheld(here: PlantHere, garden: GateGarden, halfZone: string): Withheld | null {
  const { plant } = here;
  if (garden.allowed.includes(plant.id)) return null;
  if (dangersOf(here, garden).length > 0) return 'danger';
  const { from } = SETTINGS.craft.exoticMilkweeds;
  const natives = garden.school_plants !== 'any-harmless';
  return isExoticMilkweed(here) && (natives || zoneIndex(halfZone) >= zoneIndex(from)) ? 'exotic-milkweed' : null;
}

/** What bars a plant from the whole garden: a gate, or why it is withheld from proposals. */
export type Barring = Extract<Hindrance, { kind: 'gate' | Withheld }>;

/** What bars a plant from the whole garden; null where nothing does. */
export function barringOf(
  { almanac, garden, targets }: { almanac: Almanac; garden: GateGarden; targets: readonly Pick<GardenTarget, 'target'>[] },
  here: PlantHere,
): Barring | null {
  const traps = trapsFor(
    almanac,
    targets.map((row) => row.target),
    here.plant.id,
  );
  const gate = refusalFor(here, garden, traps);
  if (gate) return { kind: 'gate', gate };
  const why = withheld(here, garden, almanac.place.half_zone);
  return why === 'danger' ? { kind: why, gates: dangersOf(here, garden) } : why && { kind: why };
}

/** Do the larvae of a chosen creature that is to breed grow up on a plant? */
export const isHostHere = (
  { almanac, targets }: { almanac: Pick<Almanac, 'targets'>; targets: readonly Pick<GardenTarget, 'target' | 'ambition'>[] },
  plant: string,
): boolean => targets.some(({ target, ambition }) => ambition !== 'visits' && feeds(almanac.targets.get(target)?.hosts, plant));

/** Does a plant want something to climb? */
export const climbs = ({ kind, habit }: Pick<Plant, 'kind' | 'habit'>): boolean => kind === 'vine' || habit === 'climber';

/** Supports that so many climbers of a kind want: each woody one its own, those of one summer together. */
export function supportsFor(plant: Pick<Plant, 'kind' | 'habit'>, count: number): number {
  if (!climbs(plant)) return 0;
  const { woody, summer } = SETTINGS.craft.perSupport;
  return Math.ceil(count / (plant.kind === 'vine' ? woody : summer));
}

/** Is it a climber in a pot in the wind, and taller than stands that? */
export const isBlownDown = (plant: Plant, site: Pick<Site, 'pot'>): boolean =>
  climbs(plant) && site.pot?.exposure === 'windy' && plant.height_max_cm > SETTINGS.craft.windyClimberCm;
