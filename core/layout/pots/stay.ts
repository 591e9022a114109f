import type { Site } from '../../model/garden';
import type { PlantHere } from '../../model/here';
import type { PotSchool } from '../../model/vocabulary';
import { zoneIndex } from '../../place/climate/zones';
import { potZone, winterNeed, winterOf } from '../../place/containers/pots';
import { onePotOf } from '../../match/fit/dimensions';
import { mixLitres, potLitres } from '../../place/soil/volumes';
import { SETTINGS } from '../../settings';

/**
 * How long a plant stays in a pot. `season`: an annual; `stays`: winters where it is; `ground`: lodges for a season and goes
 * to open ground in autumn, where it is hardy and the pot is too small or too cold for it; `shed`, `room`: comes in.
 */
export type Stay = 'season' | 'stays' | 'ground' | 'shed' | 'room';

/** How long a plant stays in a pot of this garden. `ground`: is there open ground to move to? */
export function stayOf(here: PlantHere, site: Site, halfZone: string, school: PotSchool, ground: boolean): Stay {
  const { plant } = here;
  const need = winterNeed(plant, site, halfZone, school);
  if (need === 'annual') return 'season';
  const cramped = plant.container_min_l !== null && plant.container_min_l > onePotOf(site).volume_l * 1.05;
  const hardyOutside = zoneIndex(plant.zone_min) <= zoneIndex(halfZone);
  if (ground && hardyOutside && (cramped || need === 'shed')) return 'ground';
  if (need === 'hardy') return 'stays';
  if (need === 'shed') return 'shed';
  return plant.as_annual ? 'season' : 'room';
}

/** The zones that the roots in a pot live through, by each school, and where this one winters. */
export function rootZones(site: Pick<Site, 'pot'>, halfZone: string) {
  return (['one-zone', 'two-zones', 'indoors'] as const).map((school) => ({
    school,
    zone: potZone(site, halfZone, school),
    where: winterOf(site.pot, school),
  }));
}

/** What goes into a group of pots: litres of mix to buy, grit within it, grams of slow feed and litres of half-strength feed a week. */
export interface PotFill {
  mix_l: number;
  grit_l: number;
  slowFeed_g: number;
  liquid_l: number;
}

/** What goes into a group of pots. Grit is a share of the mix where something in it wants sharp drainage. */
export function potFill(
  pot: NonNullable<Site['pot']>,
  plants: readonly Pick<PlantHere['plant'], 'drainage' | 'kind'>[],
): PotFill {
  const { grit, slow_g, liquid } = SETTINGS.container.fill;
  const mix = mixLitres(pot);
  const sharp = plants.some(({ drainage }) => drainage === 'sharp');
  const hungry = plants.some(({ kind }) => kind === 'annual');
  return {
    mix_l: mix,
    grit_l: sharp ? mix * grit : 0,
    slowFeed_g: hungry ? potLitres(pot) * slow_g : 0,
    liquid_l: hungry ? potLitres(pot) * liquid : 0,
  };
}
