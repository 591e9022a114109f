import type { BedFrame } from '../place/beds/frame';
import { areaOf, holds, toLine } from '../place/yard/geometry';
import type { Point } from '../model/yard';
import { SETTINGS } from '../settings';

/** The places of a bed that are tried for plants: the points of a lattice of equilateral triangles within its outline. */
export interface Cells {
  /** Distance (m) of neighbouring places. */
  step: number;
  count: number;
  x: Float64Array;
  y: Float64Array;
  /** Metres to the outline. */
  edge: Float64Array;
}

/** The places of a bed no nearer to its edge than a stem may stand; a sliver keeps the one in its middle. */
export function cellsOf({ outline, width, depth }: BedFrame): Cells {
  const { least_m, most_m, wanted } = SETTINGS.layout.cells;
  const step = Math.max(least_m, Math.min(most_m, Math.sqrt(areaOf(outline) / wanted / (Math.sqrt(3) / 2))));
  const ring = [...outline, outline[0]!];
  const found: Point[] = [];
  const gaps: number[] = [];
  const rise = (step * Math.sqrt(3)) / 2;
  for (let row = 0, y = rise / 2; y <= depth; row++, y = rise / 2 + row * rise)
    for (let x = row % 2 === 0 ? step / 4 : (step * 3) / 4; x <= width; x += step) {
      if (!holds(outline, [x, y])) continue;
      const gap = toLine([x, y], ring);
      if (gap < SETTINGS.layout.edge_m) continue;
      found.push([x, y]);
      gaps.push(gap);
    }
  return {
    step,
    count: found.length,
    x: Float64Array.from(found, ([x]) => x),
    y: Float64Array.from(found, ([, y]) => y),
    edge: Float64Array.from(gaps),
  };
}

/** Finds places by where they are: the cells near a point, and the nearest. */
export class CellIndex {
  readonly #cells: Cells;
  readonly #side: number;
  readonly #columns: number;
  readonly #boxes: Int32Array[];
  readonly #rows: number;

  constructor(cells: Cells, width: number, depth: number) {
    this.#cells = cells;
    this.#side = Math.max(0.3, cells.step * 2);
    this.#columns = Math.ceil(width / this.#side) + 1;
    this.#rows = Math.ceil(depth / this.#side) + 1;
    const boxes: number[][] = Array.from({ length: this.#columns * this.#rows }, () => []);
    for (let i = 0; i < cells.count; i++) boxes[this.#box(cells.x[i]!, cells.y[i]!)]!.push(i);
    this.#boxes = boxes.map((box) => Int32Array.from(box));
  }
  #box(x: number, y: number): number {
    const column = Math.max(0, Math.min(this.#columns - 1, Math.floor(x / this.#side)));
    const row = Math.max(0, Math.min(this.#rows - 1, Math.floor(y / this.#side)));
    return row * this.#columns + column;
  }
  /** Calls `each` with every cell nearer than `reach` (m) to a point, and its distance squared. */
  near(x: number, y: number, reach: number, each: (cell: number, d2: number) => void) {
    const { x: xs, y: ys } = this.#cells;
    const most = reach * reach;
    const from = [Math.floor((x - reach) / this.#side), Math.floor((y - reach) / this.#side)];
    const to = [Math.floor((x + reach) / this.#side), Math.floor((y + reach) / this.#side)];
    for (let row = Math.max(0, from[1]!); row <= Math.min(this.#rows - 1, to[1]!); row++)
      for (let column = Math.max(0, from[0]!); column <= Math.min(this.#columns - 1, to[0]!); column++)
        for (const cell of this.#boxes[row * this.#columns + column]!) {
          const d2 = (xs[cell]! - x) ** 2 + (ys[cell]! - y) ** 2;
          if (d2 < most) each(cell, d2);
        }
  }
  /** The cell nearest to a point; −1 in a bed without any. */
  nearest(x: number, y: number): number {
    let [best, least] = [-1, Infinity];
    this.near(x, y, this.#side, (cell, d2) => {
      if (d2 < least) [best, least] = [cell, d2];
    });
    if (best >= 0) return best;
    for (let i = 0; i < this.#cells.count; i++) {
      const d2 = (this.#cells.x[i]! - x) ** 2 + (this.#cells.y[i]! - y) ** 2;
      if (d2 < least) [best, least] = [i, d2];
    }
    return best;
  }
}
