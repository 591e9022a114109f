import type { Standing } from '~~/core/layout/question';
import { statureOf, type Stature } from '~~/core/layout/stature';
import { ageShare } from '~~/core/match/quantities';
import type { Planting } from '~~/core/model/garden';
import type { PlantHere } from '~~/core/model/here';
import type { AutumnSchool } from '~~/core/model/vocabulary';
import { seedOf } from '~~/core/model/random';
import { sizeHere, type SizeHere } from '~~/core/layout/size';
import type { Ground } from '~~/core/place/beds/gradients';
import { crownGlyph, type GlyphPath } from './crown-glyph';

/** A plant as a drawing of its bed shows it, in metres of the bed’s frame. */
export interface ScenePlant {
  /** Its place in the arrangement. */
  i: number;
  /** The number of its kind in the key, and its own within the kind: 4.2 is the second of the fourth. */
  kind: number;
  nth: number;
  x: number;
  y: number;
  held: boolean;
  /** Radius of the mature crown, and of the crown this year. */
  mature: number;
  now: number;
  size: SizeHere;
  stature: Stature;
  paths: GlyphPath[];
  /** By what angle (degrees) its glyph is turned, so that no two look cut from one stencil. */
  turn: number;
  here: PlantHere;
  planting: Planting;
}

/** How large a planting is in a year beside grown plants: what is not planted yet is drawn as a young plant. */
function share(planting: Planting, here: PlantHere, year: number | null): number {
  if (year === null || planting.stays) return 1;
  const years = planting.planted_year === null ? 0 : year - planting.planted_year;
  return Math.max(0.12, ageShare(here.plant.kind, Math.max(0, years)));
}

/** The plants of a bed as they are drawn in a half-month; the low ones first, so that the tall stand over them. */
export function scenePlants(
  plants: readonly Standing[],
  plantings: readonly Planting[],
  plantOf: (id: string) => PlantHere,
  groundAt: (x: number, y: number) => Ground,
  halfMonth: number,
  { year, autumn }: { year: number | null; autumn: AutumnSchool },
): ScenePlant[] {
  const counted = plantings.map(() => 0);
  return plants
    .map((plant, i): ScenePlant => {
      const planting = plantings[plant.kind]!;
      const here = plantOf(planting.plant);
      const size = sizeHere(here.plant, groundAt(plant.x, plant.y), planting.selection);
      const stature = statureOf(here, halfMonth, autumn);
      const mature = size.spread.expected / 200;
      return {
        i,
        kind: plant.kind + 1,
        nth: ++counted[plant.kind]!,
        x: plant.x,
        y: plant.y,
        held: plant.held,
        mature,
        now: mature * Math.sqrt(share(planting, here, year)),
        size,
        stature,
        paths: crownGlyph(here.plant, stature, mature),
        turn: seedOf(`${planting.plant} ${counted[plant.kind]}`) % 360,
        here,
        planting,
      };
    })
    .sort((a, b) => a.size.height.expected - b.size.height.expected);
}
