import type { Point } from '../model/yard';
import type { BedFrame } from '../place/beds/frame';

/** The edge that a bed is measured from: its longest, from its left end (A) to its right (B) as one stands before it. */
export interface Baseline {
  a: Point;
  b: Point;
  length: number;
}
/** Where a plant stands by the tape: metres from both ends of the baseline, along it from A, and off it into the bed. */
export interface Staked {
  fromA: number;
  fromB: number;
  along: number;
  off: number;
}

/** The longest edge of a bed; of several alike the lowest on the page. */
export function baselineOf({ outline }: Pick<BedFrame, 'outline'>): Baseline {
  const edges = outline.map((a, i) => {
    const b = outline[(i + 1) % outline.length]!;
    return { a, b, length: Math.hypot(b[0] - a[0], b[1] - a[1]), height: (a[1] + b[1]) / 2 };
  });
  const longest = Math.max(...edges.map(({ length }) => length));
  const [edge] = edges.filter(({ length }) => length > longest - 0.01).sort((x, y) => x.height - y.height);
  // From A to B the bed lies to the left: outlines may run either way round.
  const area = outline.reduce((sum, [x, y], i) => {
    const [nx, ny] = outline[(i + 1) % outline.length]!;
    return sum + x * ny - y * nx;
  }, 0);
  const [a, b] = area >= 0 ? [edge!.a, edge!.b] : [edge!.b, edge!.a];
  return { a, b, length: edge!.length };
}

/** Where a place is by the tape. */
export function staked({ a, b, length }: Baseline, { x, y }: { x: number; y: number }): Staked {
  const [ux, uy] = [(b[0] - a[0]) / length, (b[1] - a[1]) / length];
  const [dx, dy] = [x - a[0], y - a[1]];
  return {
    fromA: Math.hypot(dx, dy),
    fromB: Math.hypot(x - b[0], y - b[1]),
    along: dx * ux + dy * uy,
    off: dy * ux - dx * uy,
  };
}
