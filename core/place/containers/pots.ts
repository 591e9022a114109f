import type { PotFields, Site } from '../../model/garden';
import type { Plant } from '../../model/reference';
import { HALF_ZONES, type PotSchool } from '../../model/vocabulary';
import { containerZone, zoneIndex } from '../climate/zones';
import { potLitres, potTopM2 } from '../soil/volumes';
import { SETTINGS } from '../../settings';

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
  const indoors = SETTINGS.container.frostFreeZone;
  // A room is no colder than the garden outside it.
  if (winter === 'indoors') return zoneIndex(halfZone) > zoneIndex(indoors) ? halfZone : indoors;
  if (winter === 'unheated') return halfZone;
  const outdoors = zoneIndex(containerZone(halfZone, school === 'indoors' ? 'two-zones' : school));
  const thin = site.pot && (site.pot.material === 'metal' || site.pot.material === 'fabric') && site.pot.exposure === 'windy';
  const kind = winter === 'wrapped' || site.pot?.exposure === 'sheltered' ? 1 : 0;
  const index = Math.max(0, Math.min(zoneIndex(halfZone), outdoors + kind - (thin ? 1 : 0)));
  return HALF_ZONES[index]!;
}

/** How a plant in a pot gets through winter: it need not, stays where it is, or goes to a shed or a frost-free room. */
export type WinterNeed = 'annual' | 'hardy' | 'shed' | 'frost-free';

/** Whether, and where, a plant in a pot goes inside for winter. */
export function winterNeed(
  plant: Pick<Plant, 'kind' | 'zone_min'>,
  site: Pick<Site, 'pot'>,
  halfZone: string,
  school: PotSchool,
): WinterNeed {
  if (plant.kind === 'annual') return 'annual';
  const wants = zoneIndex(plant.zone_min);
  if (wants <= zoneIndex(potZone(site, halfZone, school))) return 'hardy';
  return wants <= zoneIndex(halfZone) ? 'shed' : 'frost-free';
}

/** What to mind about a pot's material or the wind it stands in; null where nothing. */
export function potRisk({ material, exposure }: PotFields): 'clay' | 'metal' | 'fabric' | 'wind' | null {
  if (material === 'clay' || material === 'metal' || material === 'fabric') return material;
  return exposure === 'windy' ? 'wind' : null;
}

/** Weight (kg) of one pot of a group, its mix wet, as it stands after rain. */
export function potWeightKg(pot: PotFields): number {
  const { fillShare, wetMix_kg, empty_kg } = SETTINGS.container;
  const litres = potLitres(pot) / pot.count;
  return litres * (fillShare * wetMix_kg + empty_kg[pot.material]);
}
