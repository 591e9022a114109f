import type { Thing, YardFields } from '../../model/yard';
import { SETTINGS } from '../../settings';
import { obstructionsOf, type Obstruction } from './obstructions';
import { shadesAt } from './shade';
import { sunPath, type Sun } from './sun-path';

/** The yard in square cells, row by row from the lower left corner. */
export interface Grid {
  columns: number;
  rows: number;
  cell_m: number;
}
/** Hours of direct sun a day on every cell in one half-month. */
export interface SunLayer {
  halfMonth: number;
  beforeNoon: Float32Array;
  afterNoon: Float32Array;
}
export interface SunPlace {
  lat: number;
  lon: number;
}
export type DrawnYard = Pick<YardFields, 'width_m' | 'depth_m' | 'north_deg'>;

/** Cells of `cell_m` that cover a yard. */
export function gridOf(yard: DrawnYard, cell_m: number): Grid {
  return { columns: Math.ceil(yard.width_m / cell_m - 1e-9), rows: Math.ceil(yard.depth_m / cell_m - 1e-9), cell_m };
}

/**
 * Share (0–1) of direct sun on every cell at one moment, in the middle of the cell on the ground. Each shade is
 * asked about the cells it may fall on and no others, so that the work grows no faster than cells × obstructions.
 */
export function lightNow(grid: Grid, obstructions: readonly Obstruction[], north_deg: number, sun: Sun): Float32Array {
  const { columns, rows, cell_m } = grid;
  const light = new Float32Array(columns * rows).fill(1);
  for (const shade of shadesAt(obstructions, sun, north_deg)) {
    const firstColumn = Math.max(0, Math.ceil(shade.left / cell_m - 0.5));
    const lastColumn = Math.min(columns - 1, Math.floor(shade.right / cell_m - 0.5));
    const firstRow = Math.max(0, Math.ceil(shade.bottom / cell_m - 0.5));
    const lastRow = Math.min(rows - 1, Math.floor(shade.top / cell_m - 0.5));
    for (let row = firstRow; row <= lastRow; row++) {
      const y = (row + 0.5) * cell_m;
      for (let column = firstColumn; column <= lastColumn; column++) {
        const i = row * columns + column;
        if (light[i] !== 0) light[i]! *= shade.lets((column + 0.5) * cell_m, y, 0);
      }
    }
  }
  return light;
}

/**
 * The sun survey of a yard, half-month by half-month in the order given, so that what matters most comes first and
 * the caller can show what there is, or stop, between two of them.
 */
export function* sunLayers(
  yard: DrawnYard,
  things: readonly Thing[],
  place: SunPlace,
  order: readonly number[],
  options: { cell_m: number; years?: number },
): Generator<SunLayer> {
  const grid = gridOf(yard, options.cell_m);
  for (const h of order) {
    const path = sunPath(place.lat, place.lon, h, SETTINGS.sun.stepMinutes);
    const obstructions = obstructionsOf(things, h, options.years);
    const beforeNoon = new Float32Array(grid.columns * grid.rows);
    const afterNoon = new Float32Array(grid.columns * grid.rows);
    for (const [i, sun] of path.entries()) {
      const hours = stepHours(path, i);
      const light = lightNow(grid, obstructions, yard.north_deg, sun);
      const sum = sun.hour < 0 ? beforeNoon : afterNoon;
      for (let cell = 0; cell < light.length; cell++) sum[cell]! += light[cell]! * hours;
    }
    yield { halfMonth: h, beforeNoon, afterNoon };
  }
}

/** Hours that one step of a path stands for. */
export function stepHours(path: readonly Sun[], i: number): number {
  if (path.length < 2) return 0;
  return i + 1 < path.length ? path[i + 1]!.hour - path[i]!.hour : path[i]!.hour - path[i - 1]!.hour;
}
