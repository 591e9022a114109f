import type { PotFields, Site } from '../model/garden';
import type { Plant } from '../model/reference';
import { HALF_ZONES, type PotSchool } from '../model/vocabulary';
import { containerZone, zoneIndex } from '../climate/zones';
import { potTopM2 } from '../soil/volumes';
import { SETTINGS } from '../settings';

/**
 * Plants a group of pots holds, planted as pots are: closer than a bed, since they are fed and watered. One for so
 * many square centimetres of top (SETTINGS.container.cm2PerPlant), at least one a pot.
 */
export function plantsHeld(pot: PotFields): number {
  const each = (potTopM2(pot) / pot.count) * 10_000;
  return Math.max(1, Math.round(each / SETTINGS.container.cm2PerPlant)) * pot.count;
}

/** What an arrangement of one pot is made of: an upright, and fillers and trailers alternating around it. */
export function arrangement(pot: PotFields): { upright: number; filler: number; trailing: number } {
  const each = plantsHeld(pot) / pot.count;
  const upright = each >= 3 ? 1 : 0;
  const around = each - upright;
  return { upright, filler: Math.ceil(around / 2), trailing: Math.floor(around / 2) };
}

/** Where a pot of this garden winters, its own word before the garden's school. */
export function winterOf(pot: PotFields | null, school: PotSchool): 'outdoors' | 'wrapped' | 'unheated' | 'indoors' {
  if (pot && pot.winter !== 'school') return pot.winter;
  return school === 'indoors' ? 'unheated' : 'outdoors';
}

/**
 * The half-zone that the roots in a container live through: outdoors colder by the garden's school (with the harder
 * one where the school moves pots in but this one stays out), half a zone less cold where it is wrapped or stands
 * against a wall out of the wind, half a zone colder in thin metal or fabric in the wind; in an unheated shed the
 * garden's own; indoors no frost at all.
 */
export function potZone(site: Pick<Site, 'pot'>, halfZone: string, school: PotSchool): string {
  const winter = winterOf(site.pot, school);
  if (winter === 'indoors') return SETTINGS.container.frostFreeZone;
  if (winter === 'unheated') return halfZone;
  const outdoors = zoneIndex(containerZone(halfZone, school === 'indoors' ? 'two-zones' : school));
  const thin = site.pot && (site.pot.material === 'metal' || site.pot.material === 'fabric') && site.pot.exposure === 'windy';
  const kind = winter === 'wrapped' || site.pot?.exposure === 'sheltered' ? 1 : 0;
  const index = Math.max(0, Math.min(zoneIndex(halfZone), outdoors + kind - (thin ? 1 : 0)));
  return HALF_ZONES[index]!;
}

/** Whether, and where, a plant in a pot goes inside for winter, in a sentence. */
export function winterAdvice(
  plant: Pick<Plant, 'kind' | 'zone_min' | 'common'>,
  site: Pick<Site, 'pot' | 'name'>,
  halfZone: string,
  school: PotSchool,
): string {
  if (plant.kind === 'annual') return 'An annual: it does not winter.';
  const wants = zoneIndex(plant.zone_min);
  if (wants <= zoneIndex(potZone(site, halfZone, school))) return 'Hardy where this pot winters.';
  if (wants <= zoneIndex(halfZone))
    return 'Too cold for its roots here: bring the pot into an unheated shed or garage, and water it monthly.';
  return 'Tender here: bring it into a bright frost-free room before the first frost.';
}

/** What the material asks for, in a sentence; empty where nothing. */
export function materialAdvice({ material, exposure }: PotFields): string {
  if (material === 'clay') return 'Unglazed clay dries fast and may burst in frost: empty it, or keep it dry in winter.';
  if (material === 'metal') return 'Metal heats in the sun: line it, and shade its south side.';
  if (material === 'fabric') return 'Fabric breathes and dries within a day: water daily in heat.';
  return exposure === 'windy' ? 'In the wind it dries twice as fast and may topple: weigh the bottom down.' : '';
}
