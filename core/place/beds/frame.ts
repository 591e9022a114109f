import type { Site } from '../../model/garden';
import type { Side } from '../../model/vocabulary';
import type { Point } from '../../model/yard';
import { SETTINGS } from '../../settings';
import { rectangleOf } from '../yard/geometry';

/**
 * A bed as its plants are placed in it: metres from the lower left corner of the box around it. It stays the same when the
 * bed is moved as a whole.
 */
export interface BedFrame {
  outline: Point[];
  /** Of the box around the outline. */
  width: number;
  depth: number;
  /** Where the frame’s corner lies in the yard; null for a bed that is not drawn, which is taken to be a rectangle. */
  origin: Point | null;
}

/** The frame of a bed: its outline, or a rectangle of its area where it is not drawn. */
export function frameOf({ outline, area_m2 }: Pick<Site, 'outline' | 'area_m2'>): BedFrame {
  if (outline.length < 3) {
    const depth = Math.min(SETTINGS.layout.undrawn.deepest_m, Math.sqrt(area_m2 / SETTINGS.layout.undrawn.longer));
    const width = area_m2 / depth;
    return { outline: rectangleOf(width, depth), width, depth, origin: null };
  }
  const left = Math.min(...outline.map(([x]) => x));
  const bottom = Math.min(...outline.map(([, y]) => y));
  const inner = outline.map(([x, y]): Point => [x - left, y - bottom]);
  return {
    outline: inner,
    width: Math.max(...inner.map(([x]) => x)),
    depth: Math.max(...inner.map(([, y]) => y)),
    origin: [left, bottom],
  };
}

/** The unit vector from the middle of a bed toward one of its sides. */
export const TOWARD: Record<Side, Point> = { bottom: [0, -1], right: [1, 0], top: [0, 1], left: [-1, 0] };

/** The side of a bed that lies in a direction. */
export function sideToward([x, y]: Point): Side {
  if (Math.abs(x) > Math.abs(y)) return x > 0 ? 'right' : 'left';
  return y > 0 ? 'top' : 'bottom';
}

/**
 * What is added to places in a bed (m) when its outline changes, so that its plants stay where they stand on the ground: nothing
 * where the bed is moved as a whole, since they go with it; else what the corner of its box has moved by.
 */
export function frameShift(before: readonly Point[], after: readonly Point[]): Point {
  if (before.length < 3 || after.length < 3) return [0, 0];
  const [dx, dy] = [after[0]![0] - before[0]![0], after[0]![1] - before[0]![1]];
  const isMoved =
    before.length === after.length &&
    before.every(([x, y], i) => Math.abs(after[i]![0] - x - dx) < 1e-6 && Math.abs(after[i]![1] - y - dy) < 1e-6);
  if (isMoved) return [0, 0];
  const corner = (outline: readonly Point[], axis: 0 | 1) => Math.min(...outline.map((point) => point[axis]));
  return [corner(before, 0) - corner(after, 0), corner(before, 1) - corner(after, 1)];
}
