import type { Site } from '~~/core/model/garden';
import type { Point, Thing } from '~~/core/model/yard';
import type { UnitSystem } from '~~/core/model/units';
import { inLeaf } from '~~/core/place/sun/obstructions';
import { directionOf, groundOf, middleOf } from '~~/core/place/yard/geometry';

/** The colours a drawing is made in, by what they stand for. */
export type Ink =
  'ground' | 'raised' | 'bank' | 'line' | 'ink' | 'quiet' | 'press' | 'host' | 'nectar' | 'shelter' | 'special' | 'gap' | 'thin';

/** A piece of the drawing in metres of the yard; weights and dashes are in pixels. */
export type Mark =
  | { shape: 'area'; points: readonly Point[]; fill: Ink | null; strength: number; stroke: Ink; weight: number; dash?: number[] }
  | { shape: 'line'; points: readonly Point[]; stroke: Ink; weight: number; dash?: number[]; wide_m?: number; strength?: number }
  | {
      shape: 'circle';
      at: Point;
      radius: number;
      fill: Ink | null;
      strength: number;
      stroke: Ink;
      weight: number;
      dash?: number[];
    }
  | { shape: 'label'; at: Point; text: string; ink: Ink; size: number };

const SMALLEST_M = 0.25;

/** Scallops round a crown: a circle of small bows reads as leaves, a plain one as twigs. */
function crownMarks(thing: Extract<Thing, { kind: 'tree' | 'shrub' }>, halfMonth: number): Mark[] {
  const at = thing.points[0]!;
  const { crown_m, leaf } = thing.traits;
  const leafy = inLeaf(thing.traits, halfMonth);
  const bows = Array.from({ length: 9 }, (_, i): Mark => {
    const turn = (i / 9) * 2 * Math.PI;
    const point: Point = [at[0] + 0.78 * crown_m * Math.cos(turn), at[1] + 0.78 * crown_m * Math.sin(turn)];
    return leafy
      ? {
          shape: 'circle',
          at: point,
          radius: 0.3 * crown_m,
          fill: 'host',
          strength: leaf === 'evergreen' ? 0.3 : 0.2,
          stroke: 'host',
          weight: 0,
        }
      : { shape: 'line', points: [at, point], stroke: 'shelter', weight: 1 };
  });
  return [
    {
      shape: 'circle',
      at,
      radius: crown_m,
      fill: leafy ? 'host' : null,
      strength: 0.12,
      stroke: leafy ? 'host' : 'shelter',
      weight: 1.2,
      dash: leafy ? undefined : [3, 3],
    },
    ...bows,
    { shape: 'circle', at, radius: Math.max(0.12, crown_m * 0.06), fill: 'shelter', strength: 1, stroke: 'shelter', weight: 1 },
  ];
}

/** Strokes down a slope, from its middle toward where it faces. */
function slopeMarks(thing: Extract<Thing, { kind: 'slope' }>, north_deg: number): Mark[] {
  const [x, y] = middleOf(thing.points)!;
  const [dx, dy] = directionOf(thing.traits.faces_deg, north_deg);
  const strokes = [-1, 0, 1].map((side): Mark => {
    const [sx, sy] = [x - dy * side * 0.7, y + dx * side * 0.7];
    const long = side === 0 ? 1.4 : 0.9;
    return {
      shape: 'line',
      points: [
        [sx - dx * 0.5, sy - dy * 0.5],
        [sx + dx * long, sy + dy * long],
      ],
      stroke: 'quiet',
      weight: 1.5,
    };
  });
  return [
    { shape: 'area', points: thing.points, fill: 'quiet', strength: 0.08, stroke: 'quiet', weight: 1, dash: [2, 4] },
    ...strokes,
    { shape: 'label', at: [x + dx * 1.8, y + dy * 1.8], text: `falls ${thing.traits.fall_pct} %`, ink: 'quiet', size: 11 },
  ];
}

/** Short strokes across a fence, a pace apart on the page. */
function fenceTicks(points: readonly Point[]): Mark[] {
  const ticks: Mark[] = [];
  for (let i = 1; i < points.length; i++) {
    const [[ax, ay], [bx, by]] = [points[i - 1]!, points[i]!];
    const length = Math.hypot(bx - ax, by - ay);
    const [ux, uy] = [(bx - ax) / length, (by - ay) / length];
    for (let along = 1; along < length; along += 2) {
      const [x, y] = [ax + ux * along, ay + uy * along];
      ticks.push({
        shape: 'line',
        points: [
          [x - uy * 0.15, y + ux * 0.15],
          [x + uy * 0.15, y - ux * 0.15],
        ],
        stroke: 'ink',
        weight: 1,
      });
    }
  }
  return ticks;
}

/** The middle of a line's longest stretch, where its name stands on it. */
function longestMiddle(line: readonly Point[]): Point {
  const stretches = line.slice(1).map((b, i) => ({ a: line[i]!, b, length: Math.hypot(b[0] - line[i]![0], b[1] - line[i]![1]) }));
  const { a, b } = stretches.reduce((best, row) => (row.length > best.length ? row : best));
  return [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
}

/** How a thing is drawn in a half-month. */
export function thingMarks(thing: Thing, halfMonth: number, north_deg: number): Mark[] {
  const middle = middleOf(thing.points);
  if (!middle) return [];
  const name = (ink: Ink, at: Point = middle): Mark => ({ shape: 'label', at, text: thing.name, ink, size: 12 });
  switch (thing.kind) {
    case 'building':
      return [
        {
          shape: 'area',
          points: thing.points,
          fill: thing.traits.base_m > 0 ? null : 'shelter',
          strength: 0.35,
          stroke: 'ink',
          weight: 1.5,
          dash: thing.traits.base_m > 0 ? [6, 4] : undefined,
        },
        name('ink'),
      ];
    case 'fence':
      return [
        { shape: 'line', points: thing.points, stroke: 'ink', weight: 2 },
        ...fenceTicks(thing.points),
        name('quiet', longestMiddle(thing.points)),
      ];
    case 'tree':
    case 'shrub':
      return [...crownMarks(thing, halfMonth), name('ink', [middle[0], middle[1] - 0.25 * thing.traits.crown_m])];
    case 'path':
      return [
        {
          shape: 'line',
          points: thing.points,
          stroke: thing.traits.paved ? 'quiet' : 'thin',
          weight: 1,
          wide_m: thing.traits.width_m,
          strength: 0.25,
        },
        name('quiet', longestMiddle(thing.points)),
      ];
    case 'tap':
      return [
        {
          shape: 'circle',
          at: middle,
          radius: thing.traits.hose_m,
          fill: null,
          strength: 0,
          stroke: 'press',
          weight: 1,
          dash: [2, 6],
        },
        { shape: 'circle', at: middle, radius: SMALLEST_M / 2, fill: 'press', strength: 1, stroke: 'press', weight: 1 },
        name('press', [middle[0], middle[1] + 0.6]),
      ];
    case 'slope':
      return slopeMarks(thing, north_deg);
    case 'invader':
      return thing.points.length < 3
        ? [
            { shape: 'circle', at: middle, radius: 0.5, fill: 'gap', strength: 0.15, stroke: 'gap', weight: 1.5, dash: [4, 3] },
            name('gap', [middle[0], middle[1] + 0.9]),
          ]
        : [
            { shape: 'area', points: thing.points, fill: 'gap', strength: 0.12, stroke: 'gap', weight: 1.5, dash: [4, 3] },
            name('gap'),
          ];
  }
}

/** How a bed or container is drawn. */
export function siteMarks(site: Pick<Site, 'name' | 'kind' | 'outline' | 'area_m2' | 'pot'>): Mark[] {
  const middle = middleOf(site.outline);
  if (!middle) return [];
  const label: Mark = { shape: 'label', at: middle, text: site.name, ink: 'ink', size: 14 };
  if (site.outline.length >= 3)
    return [{ shape: 'area', points: site.outline, fill: 'host', strength: 0.28, stroke: 'host', weight: 2 }, label];
  const ground = groundOf(site);
  if (ground.length >= 3)
    return [{ shape: 'area', points: ground, fill: 'thin', strength: 0.3, stroke: 'thin', weight: 2 }, label];
  const radius = Math.max(SMALLEST_M / 2, Math.sqrt(site.area_m2 / Math.PI));
  return [
    { shape: 'circle', at: middle, radius, fill: 'thin', strength: 0.3, stroke: 'thin', weight: 2 },
    { ...label, at: [middle[0], middle[1] + radius + 0.25] },
  ];
}

/** Metres that the pen and the arrow keys step by: a tenth, or half a foot. */
export const penStep = (units: UnitSystem) => (units === 'us' ? 0.1524 : 0.1);

/** Metres between the lines of the grid: a round number of the gardener's unit, finer in a small yard. */
export function gridStep(yard: { width_m: number }, units: UnitSystem): number {
  const small = yard.width_m < 8;
  return units === 'us' ? (small ? 0.6096 : 3.048) : small ? 0.5 : 2;
}

export interface Extent {
  left: number;
  right: number;
  bottom: number;
  top: number;
}

/** What of the surroundings is shown: the yard, and what stands near it, as far as half its length beyond its edge. */
export function extentOf(yard: { width_m: number; depth_m: number }, things: readonly Thing[]): Extent {
  const reach = Math.min(12, Math.max(2, Math.max(yard.width_m, yard.depth_m) / 2));
  const extent: Extent = { left: -1, right: yard.width_m + 1, bottom: -1, top: yard.depth_m + 1 };
  for (const thing of things) {
    const around = thing.kind === 'tree' || thing.kind === 'shrub' ? thing.traits.crown_m : 0.5;
    for (const [x, y] of thing.points) {
      extent.left = Math.max(-reach, Math.min(extent.left, x - around));
      extent.right = Math.min(yard.width_m + reach, Math.max(extent.right, x + around));
      extent.bottom = Math.max(-reach, Math.min(extent.bottom, y - around));
      extent.top = Math.min(yard.depth_m + reach, Math.max(extent.top, y + around));
    }
  }
  return extent;
}

/** The lines of a grid of squares of `step` metres over a width and a depth, without its edges. */
export function gridLines(width: number, depth: number, step: number): Point[][] {
  const between = (most: number) =>
    Array.from({ length: Math.max(0, Math.ceil(most / step - 1e-9) - 1) }, (_, i) => (i + 1) * step);
  return [
    ...between(width).map((x): Point[] => [
      [x, 0],
      [x, depth],
    ]),
    ...between(depth).map((y): Point[] => [
      [0, y],
      [width, y],
    ]),
  ];
}
