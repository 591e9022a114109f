import type { Planting, Site } from '../model/garden';
import type { Spot } from '../model/layout';
import { LIVE_STATES } from '../model/states';
import { toOutline } from '../place/yard/geometry';
import type { GardenHere } from './garden-here';

/** Names of the trees that a planting is, where they are drawn in the yard: they stand where they are drawn. */
export function drawnAs(
  here: GardenHere,
  { plant, stays }: Pick<Planting, 'plant' | 'stays'>,
  outline: Site['outline'],
): string[] {
  if (!stays || outline.length < 3) return [];
  return here.records.things.flatMap((thing) =>
    (thing.kind === 'tree' || thing.kind === 'shrub') &&
    thing.traits.plant === plant &&
    toOutline(thing.points[0]!, outline) <= thing.traits.crown_m
      ? [thing.name]
      : [],
  );
}

/** The plantings of the current plan that are placed in a bed, in the order of the records. */
export const placedIn = (here: GardenHere, { id, outline }: Pick<Site, 'id' | 'outline'>): Planting[] =>
  here
    .plantingsIn(id)
    .filter(
      (row) => LIVE_STATES.has(row.state) && here.almanac.plants.has(row.plant) && drawnAs(here, row, outline).length === 0,
    );

/** The places of a planting’s plants: no more of them than it has plants. */
export const spotsOf = ({ spots, count }: Pick<Planting, 'spots' | 'count'>): Spot[] => spots.slice(0, count);

/** Is every plant of a planting placed? */
export const isArranged = ({ spots, count }: Pick<Planting, 'spots' | 'count'>): boolean => spots.length >= count;
