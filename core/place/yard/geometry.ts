import { polygonArea, polygonCentroid, polygonContains, polygonLength } from 'd3-polygon';
import type { Site } from '../../model/garden';
import type { Point } from '../../model/yard';

/** Area (m²) of an outline, whichever way round it runs; 0 for fewer than three corners. */
export function areaOf(outline: readonly Point[]): number {
  return outline.length < 3 ? 0 : Math.abs(polygonArea(outline as Point[]));
}

/** Length (m) of an outline's edge, closed. */
export function perimeterOf(outline: readonly Point[]): number {
  return outline.length < 2 ? 0 : polygonLength(outline as Point[]);
}

/** Length (m) of a line from end to end. */
export function lengthOf(line: readonly Point[]): number {
  return line.slice(1).reduce((sum, point, i) => sum + Math.hypot(point[0] - line[i]![0], point[1] - line[i]![1]), 0);
}

/** The corners of a rectangle from the lower left corner of the drawing. */
export function rectangleOf(width: number, depth: number): Point[] {
  return [
    [0, 0],
    [width, 0],
    [width, depth],
    [0, depth],
  ];
}

/** Does an outline hold a point? */
export function holds(outline: readonly Point[], point: Point): boolean {
  return outline.length >= 3 && polygonContains(outline as Point[], point);
}

/** The middle of an outline (its centroid), of a line or of a spot; null of nothing. */
export function middleOf(points: readonly Point[]): Point | null {
  if (points.length >= 3 && areaOf(points) > 1e-9) return polygonCentroid(points as Point[]);
  if (points.length === 0) return null;
  const sum = points.reduce(([x, y], [px, py]) => [x + px, y + py], [0, 0]);
  return [sum[0] / points.length, sum[1] / points.length];
}

/** Distance (m) from a point to the nearest place on a segment. */
function toSegment([x, y]: Point, [ax, ay]: Point, [bx, by]: Point): number {
  const [dx, dy] = [bx - ax, by - ay];
  const length2 = dx * dx + dy * dy;
  const share = length2 === 0 ? 0 : Math.max(0, Math.min(1, ((x - ax) * dx + (y - ay) * dy) / length2));
  return Math.hypot(x - ax - share * dx, y - ay - share * dy);
}

/** Distance (m) from a point to a line of two or more ends, or to a single point. */
export function toLine(point: Point, line: readonly Point[]): number {
  if (line.length === 1) return Math.hypot(point[0] - line[0]![0], point[1] - line[0]![1]);
  let least = Infinity;
  for (let i = 1; i < line.length; i++) least = Math.min(least, toSegment(point, line[i - 1]!, line[i]!));
  return least;
}

/** Distance (m) from a point to an outline: 0 inside it. A spot counts as itself. */
export function toOutline(point: Point, outline: readonly Point[]): number {
  if (holds(outline, point)) return 0;
  return toLine(point, outline.length >= 3 ? [...outline, outline[0]!] : outline);
}

/** Greatest distance (m) from a point to the corners of an outline: what a hose must reach to water all of it. */
export function toFarthest([x, y]: Point, outline: readonly Point[]): number {
  return Math.max(...outline.map(([px, py]) => Math.hypot(px - x, py - y)));
}

/** Do the edges of an outline cross one another? Neighbouring edges, which meet at a corner, are not asked. */
export function crossesItself(outline: readonly Point[]): boolean {
  const n = outline.length;
  const side = ([ax, ay]: Point, [bx, by]: Point, [x, y]: Point) => Math.sign((bx - ax) * (y - ay) - (by - ay) * (x - ax));
  for (let i = 0; i < n; i++)
    for (let j = i + 2; j < n; j++) {
      if (i === 0 && j === n - 1) continue;
      const [a, b, c, d] = [outline[i]!, outline[i + 1]!, outline[j]!, outline[(j + 1) % n]!];
      if (side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0) return true;
    }
  return false;
}

/**
 * A point drawn to the nearest corner of something within `reach` (m), else to the grid of `step` (m).
 * Corners come first, so that beds meet walls without a gap.
 */
export function snapped(point: Point, corners: readonly Point[], step: number, reach: number): Point {
  let nearest: Point | null = null;
  let least = reach;
  for (const corner of corners) {
    const distance = Math.hypot(corner[0] - point[0], corner[1] - point[1]);
    if (distance <= least) [nearest, least] = [corner, distance];
  }
  const toGrid = (value: number) => Number((Math.round(value / step) * step).toFixed(3));
  return nearest ? [...nearest] : [toGrid(point[0]), toGrid(point[1])];
}

/** All points moved by the same way (m), kept to the millimetre. */
export function moved(points: readonly Point[], dx: number, dy: number): Point[] {
  return points.map(([x, y]) => [Number((x + dx).toFixed(3)), Number((y + dy).toFixed(3))]);
}

/** The unit vector in the drawing of a bearing (degrees from north) where the page's top has bearing `north_deg`. */
export function directionOf(bearing_deg: number, north_deg: number): Point {
  const angle = ((bearing_deg - north_deg) * Math.PI) / 180;
  return [Math.sin(angle), Math.cos(angle)];
}

/** Where a drawn site lies: its outline, or of troughs alike the rectangle they make end to end about their point. */
export function groundOf({ outline, pot }: Pick<Site, 'outline' | 'pot'>): Point[] {
  const [at] = outline;
  if (outline.length !== 1 || !at || pot?.shape !== 'box') return outline;
  const [long, wide] = [(pot.top_cm * pot.count) / 100, (pot.across_cm ?? pot.top_cm) / 100];
  return moved(rectangleOf(long, wide), at[0] - long / 2, at[1] - wide / 2);
}

/** Sample points (m) spread evenly through an outline, about `wanted` of them and at least one; a spot is itself. */
export function samplePoints(outline: readonly Point[], wanted: number): Point[] {
  if (outline.length < 3) return outline.map((point) => [...point] as Point);
  const xs = outline.map(([x]) => x);
  const ys = outline.map(([, y]) => y);
  const step = Math.sqrt(areaOf(outline) / wanted);
  const [left, bottom] = [Math.min(...xs), Math.min(...ys)];
  const columns = Math.max(1, Math.round((Math.max(...xs) - left) / step));
  const rows = Math.max(1, Math.round((Math.max(...ys) - bottom) / step));
  const points: Point[] = [];
  for (let i = 0; i < columns; i++)
    for (let j = 0; j < rows; j++) {
      const point: Point = [
        left + ((i + 0.5) * (Math.max(...xs) - left)) / columns,
        bottom + ((j + 0.5) * (Math.max(...ys) - bottom)) / rows,
      ];
      if (holds(outline, point)) points.push(point);
    }
  return points.length > 0 ? points : [middleOf(outline)!];
}
