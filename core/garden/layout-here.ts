import { layoutKind } from '../layout/kinds';
import { layoutQuestion, type LayoutQuestion } from '../layout/question';
import type { Planting } from '../model/garden';
import { FRESH_LAYOUT } from '../model/fresh-layout';
import type { Spot } from '../model/layout';
import { frameOf, type BedFrame } from '../place/beds/frame';
import { seenFrom, sidesOf, type SideHere } from '../place/beds/sides';
import type { MeasuredSite } from '../place/survey/measured';
import type { Side } from '../model/vocabulary';
import type { GardenHere } from './garden-here';
import { placedIn, spotsOf } from './placed';

/** What of a bed is left where it stands when it is arranged: what is held; also what is in the ground; all that has a place. */
export type Leaves = 'held' | 'standing' | 'placed';

/** A bed as it lies in its yard. */
export interface BedHere {
  site: MeasuredSite;
  frame: BedFrame;
  sides: SideHere[];
  seen: Side[];
}

/** A bed as it lies in its yard. Throws a RangeError for a site this garden does not have. */
export function bedHere(here: GardenHere, siteId: string): BedHere {
  const site = here.sites.find((row) => row.id === siteId);
  if (!site) throw new RangeError(`This garden has no bed ${siteId}.`);
  const frame = frameOf(site);
  const sides = sidesOf(frame, here.records.things);
  return { site, frame, sides, seen: site.layout?.seen_from ?? seenFrom(frame, sides) };
}

/** The places that arranging leaves as they are. */
function heldOf(planting: Planting, leaves: Leaves): Spot[] {
  const spots = spotsOf(planting);
  if (leaves === 'placed') return spots;
  return leaves === 'standing' && (planting.state === 'in-ground' || planting.stays) ? spots : spots.filter((spot) => spot.held);
}

/** What arranging a bed of this garden asks. */
export function layoutOf(here: GardenHere, siteId: string, leaves: Leaves = 'held'): LayoutQuestion {
  const bed = bedHere(here, siteId);
  const { site, frame, sides, seen } = bed;
  const { almanac, garden, targets } = here;
  const gradients = here.gradientsOf(siteId);
  const ground = { sun_h: site.sun_h, moisture: site.moisture };
  return layoutQuestion({
    site,
    frame,
    sides,
    seen,
    wishes: site.layout ?? FRESH_LAYOUT,
    manner: garden.school_layout,
    things: here.records.things,
    gradients,
    place: almanac.place,
    deer: garden.deer !== 'none',
    kinds: placedIn(here, site).map((row) =>
      layoutKind(row, almanac.plants.get(row.plant)!, almanac, targets, ground, heldOf(row, leaves)),
    ),
    plantOf: (id) => almanac.plants.get(id)!.plant,
  });
}
