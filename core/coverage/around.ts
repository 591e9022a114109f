import type { Site } from '../model/garden';

/** A tree or shrub that stands in the yard, outside the beds: it feeds and shelters as it stands, and nobody plants it. */
export interface Around {
  id: string;
  plant: string;
  /** The ground under its crown, for what depends on a site. */
  site: Site;
  /** Its crown beside that of a grown one, 0–1. */
  size: number;
}

/** What takes leaf and flowers from a planting for some half-months: a drought, a freeze. */
export interface Setback {
  planting: string;
  halfMonths: ReadonlySet<number>;
  /** Share (0–1) that is left of them then. */
  left: number;
}
