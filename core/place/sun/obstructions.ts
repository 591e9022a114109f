import { halfMonthsBetween } from '../../model/half-month';
import type { Crown, Point, Thing } from '../../model/yard';
import { SETTINGS } from '../../settings';

/** Walls and a roof over an outline, or a fence along a line (`closed` false), from `base` to `top` (m). */
export interface Block {
  kind: 'block';
  points: readonly Point[];
  closed: boolean;
  /** Its walls, four numbers each: from x, y to x, y. */
  edges: Float64Array;
  base: number;
  top: number;
  /** Share (0–1) of the sun that comes through. */
  lets: number;
}
/** The crown of a tree or shrub: an upright ellipsoid from its lowest branches to its top. */
export interface CrownShade {
  kind: 'crown';
  x: number;
  y: number;
  z: number;
  radius: number;
  halfHeight: number;
  lets: number;
}
/** Ground that falls `rise` metres per metre toward `facing` (unit vector of the drawing): turned off a low sun behind it. */
export interface Tilt {
  kind: 'tilt';
  points: readonly Point[];
  facing_deg: number;
  rise: number;
}
export type Obstruction = Block | CrownShade | Tilt;

function edgesOf(ends: readonly Point[]): Float64Array {
  const edges = new Float64Array(4 * (ends.length - 1));
  for (let i = 1; i < ends.length; i++) edges.set([...ends[i - 1]!, ...ends[i]!], 4 * (i - 1));
  return edges;
}

/** Height (m) of a crown after `years`, never over what the kind grows to nor less than it is. */
export function grownHeight(crown: Pick<Crown, 'height_m' | 'grows_m' | 'grown_m'>, years: number): number {
  return Math.max(crown.height_m, Math.min(crown.grown_m, crown.height_m + crown.grows_m * years));
}

/** Does a crown carry leaves in a half-month? */
export function inLeaf(crown: Pick<Crown, 'leaf' | 'leaf_out' | 'leaf_fall'>, h: number): boolean {
  return crown.leaf === 'evergreen' || halfMonthsBetween(crown.leaf_out, crown.leaf_fall).includes(h);
}

/**
 * What keeps the sun off the yard in a half-month, `years` from now: trees and shrubs are grown by then, their
 * crowns in the same proportion; lowest branches stay where they are.
 */
export function obstructionsOf(things: readonly Thing[], h: number, years = 0): Obstruction[] {
  const found: Obstruction[] = [];
  for (const thing of things) {
    if (thing.kind === 'building')
      found.push({
        kind: 'block',
        points: thing.points,
        closed: true,
        edges: edgesOf([...thing.points, thing.points[0]!]),
        base: thing.traits.base_m,
        top: Math.max(thing.traits.height_m, thing.traits.base_m),
        lets: thing.traits.lets_through,
      });
    else if (thing.kind === 'fence')
      found.push({
        kind: 'block',
        points: thing.points,
        closed: false,
        edges: edgesOf(thing.points),
        base: 0,
        top: thing.traits.height_m,
        lets: thing.traits.lets_through,
      });
    else if (thing.kind === 'tree' || thing.kind === 'shrub') {
      const [x, y] = thing.points[0]!;
      const { height_m, crown_m, clear_m, lets_through } = thing.traits;
      const height = grownHeight(thing.traits, years);
      found.push({
        kind: 'crown',
        x,
        y,
        z: (height + clear_m) / 2,
        radius: crown_m * (height / height_m),
        halfHeight: (height - clear_m) / 2,
        lets: inLeaf(thing.traits, h) ? lets_through : Math.max(lets_through, SETTINGS.sun.bareLetsThrough),
      });
    } else if (thing.kind === 'slope')
      found.push({ kind: 'tilt', points: thing.points, facing_deg: thing.traits.faces_deg, rise: thing.traits.fall_pct / 100 });
  }
  return found;
}
