import { seenColour } from '../layout/colour';
import { arrangePot, roleOf, type PotKind, type PotPlant } from '../layout/pots/arrange-pot';
import { sizeHere } from '../layout/size';
import type { PlantHere } from '../model/here';
import { FRESH_LAYOUT } from '../model/fresh-layout';
import type { Selection } from '../model/vocabulary';
import { isAgainstWall } from '../place/beds/sides';
import type { MeasuredSite } from '../place/survey/measured';
import type { GardenHere } from './garden-here';
import { placedIn } from './placed';

/** What is planted in a pot, as far as placing it goes. */
type Planted = { here: PlantHere; count: number; selection?: Selection };

/** A kind as it is placed in a pot. */
function potKind({ here, count, selection }: Planted, { sun_h, moisture }: Pick<MeasuredSite, 'sun_h' | 'moisture'>): PotKind {
  const { plant } = here;
  return {
    plant: plant.id,
    count,
    role: roleOf(plant),
    height: sizeHere(plant, { sun_h, moisture }, selection).height.expected,
    colour: plant.flower_form === 'none' ? null : seenColour(plant.colour_hex),
  };
}

/** How plants sit in a container of this garden; nothing where its measures are not known. */
export function pottedIn({ records }: Pick<GardenHere, 'records'>, site: MeasuredSite, planted: readonly Planted[]): PotPlant[] {
  if (!site.pot) return [];
  const { pattern } = site.layout ?? FRESH_LAYOUT;
  const kinds = planted.map((row) => potKind(row, site));
  return arrangePot(site.pot, kinds, pattern, isAgainstWall(site, records.things));
}

/** The plants of a container of the current plan, as they are planted. */
export const plantedIn = (here: GardenHere, site: MeasuredSite): Required<Planted>[] =>
  placedIn(here, site).map(({ plant, count, selection }) => ({ here: here.almanac.plants.get(plant)!, count, selection }));
