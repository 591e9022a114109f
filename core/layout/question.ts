import { lightShare } from '../coverage/gives/host';
import { DIMENSIONS } from '../match/fit/dimensions';
import type { FitPlace } from '../model/here';
import type { LayoutFields, Spot } from '../model/layout';
import type { Plant } from '../model/reference';
import type { LayoutSchool, Side } from '../model/vocabulary';
import type { Point, Thing } from '../model/yard';
import { TOWARD, type BedFrame } from '../place/beds/frame';
import type { Gradients } from '../place/beds/gradients';
import type { SideHere } from '../place/beds/sides';
import type { MeasuredSite } from '../place/survey/measured';
import { toLine } from '../place/yard/geometry';
import { SETTINGS } from '../settings';
import { CellIndex, cellsOf, type Cells } from './cells';
import type { LayoutKind } from './kinds';

/** A line that climbers go up (m, in the frame of the bed), and what it is. */
export interface Climbable {
  kind: 'trellis' | 'post' | 'arch' | 'fence';
  line: Point[];
  height: number;
}

/** A bed to be arranged: its places with what each has, its kinds with what they want, and what is wished. */
export interface LayoutQuestion {
  site: string;
  frame: BedFrame;
  manner: LayoutSchool;
  colour: LayoutFields['colour'];
  seen: Side[];
  worn: Side[];
  climbables: Climbable[];
  deer: boolean;
  kinds: LayoutKind[];
  cells: Cells;
  /** By cell: hours of sun, moisture, metres to a worn edge and to the tap (Infinity: none), and to what is climbed. */
  sun: Float64Array;
  moisture: Float64Array;
  toWorn: Float64Array;
  toTap: Float64Array;
  toClimb: Float64Array;
  /** By cell: 0 at the front to 1 at the back, so that equal shares of the ground have equal steps. */
  back: Float64Array;
  /** By kind, then cell, 0–1: what the light and the water there leave it, and how readily it is laid on. */
  light: Float64Array[];
  water: Float64Array[];
  laid: Float64Array[];
  /** By kind: where between the lowest (0) and the tallest (1) it belongs, by the ground each takes. */
  rank: number[];
}

/** What a question is made from. */
export interface BedAsked {
  site: MeasuredSite;
  frame: BedFrame;
  sides: readonly SideHere[];
  seen: Side[];
  wishes: LayoutFields;
  manner: LayoutSchool;
  things: readonly Thing[];
  gradients: Gradients;
  place: FitPlace;
  deer: boolean;
  kinds: LayoutKind[];
  plantOf(id: string): Plant;
}

const ring = (points: readonly Point[]) => [...points, points[0]!];

/** The places along a side of the outline: the edges whose outward direction is the side’s. */
function edgesAt({ outline }: BedFrame, side: Side): Point[][] {
  const [dx, dy] = TOWARD[side];
  const turn = Math.sign(
    outline.reduce((sum, [x, y], i) => sum + x * ring(outline)[i + 1]![1] - y * ring(outline)[i + 1]![0], 0),
  );
  return ring(outline)
    .slice(1)
    .map((end, i): Point[] => [outline[i]!, end])
    .filter(([a, b]) => {
      const [ex, ey] = [b![0] - a![0], b![1] - a![1]];
      const long = Math.hypot(ex, ey);
      return long > 0 && (turn * (ey * dx - ex * dy)) / long > Math.SQRT1_2 - 1e-9;
    });
}

/** What climbers of a bed go up: the supports the gardener set, and fences along it. */
export function climbablesOf(
  frame: BedFrame,
  things: readonly Thing[],
  { supports }: Pick<LayoutFields, 'supports'>,
): Climbable[] {
  const found: Climbable[] = supports.map(({ kind, from, to, height_m }) => ({ kind, line: [from, to], height: height_m }));
  const { origin } = frame;
  if (!origin) return found;
  for (const thing of things) {
    if (thing.kind !== 'fence') continue;
    const line = thing.points.map(([x, y]): Point => [x - origin[0], y - origin[1]]);
    const corners = frame.outline.filter((corner) => toLine(corner, line) <= SETTINGS.layout.sides.besideM);
    if (corners.length >= 2) found.push({ kind: 'fence', line, height: thing.traits.height_m });
  }
  return found;
}

/** How far outside a range a value lies. */
const beyond = (value: number, [low, high]: readonly [number, number]) => Math.max(0, low - value, value - high);

/** The question that arranging a bed answers. */
export function layoutQuestion(asked: BedAsked): LayoutQuestion {
  const { site, frame, sides, seen, wishes, gradients, things, kinds, place } = asked;
  const cells = cellsOf(frame);
  const at = (i: number): Point => [cells.x[i]!, cells.y[i]!];
  const each = (of: (i: number) => number) => Float64Array.from({ length: cells.count }, (_, i) => of(i));
  const ground = Array.from({ length: cells.count }, (_, i) => gradients.at(at(i)));
  const worn = wishes.worn ?? sides.filter((row) => row.worn).map((row) => row.side);
  const wornEdges = worn.flatMap((side) => edgesAt(frame, side));
  const climbables = climbablesOf(frame, things, wishes);
  const taps = frame.origin ? things.filter((row) => row.kind === 'tap') : [];
  const least = (lines: readonly (readonly Point[])[], i: number) =>
    Math.min(Infinity, ...lines.map((line) => toLine(at(i), line)));
  const shared = new Map<string, number>();
  const lightOf = (kind: LayoutKind, sun_h: number, moisture: number) => {
    const [hours, step] = [Math.round(sun_h * 4) / 4, Math.round(moisture)];
    const key = `${kind.plant} ${hours} ${step}`;
    let known = shared.get(key);
    if (known === undefined) {
      known = DIMENSIONS.sun(asked.plantOf(kind.plant), { ...site, sun_h: hours, moisture: step }, place);
      shared.set(key, known);
    }
    return known;
  };
  return {
    site: site.id,
    frame,
    manner: wishes.manner ?? asked.manner,
    colour: wishes.colour,
    seen,
    worn,
    climbables,
    deer: asked.deer,
    kinds,
    cells,
    sun: each((i) => ground[i]!.sun_h),
    moisture: each((i) => ground[i]!.moisture),
    toWorn: each((i) => least(wornEdges, i)),
    toTap: each((i) =>
      Math.min(Infinity, ...taps.map((tap) => toLine([at(i)[0] + frame.origin![0], at(i)[1] + frame.origin![1]], tap.points))),
    ),
    toClimb: each((i) =>
      least(
        climbables.map(({ line }) => line),
        i,
      ),
    ),
    back: backShares(cells, seen),
    light: kinds.map((kind) => each((i) => lightOf(kind, ground[i]!.sun_h, ground[i]!.moisture))),
    water: kinds.map((kind) => each((i) => Math.max(0, 1 - 0.35 * beyond(ground[i]!.moisture, kind.moisture)))),
    laid: kinds.map((kind) =>
      each((i) =>
        kind.hostLights.length === 0
          ? 1
          : Math.min(...kind.hostLights.map((light) => lightShare(light, { sun_h: ground[i]!.sun_h }))),
      ),
    ),
    rank: ranksOf(kinds),
  };
}

/** How far back each place lies (0–1): by the least of its distances from the sides it is seen from, as a share of the ground. */
function backShares(cells: Cells, seen: readonly Side[]): Float64Array {
  const depths = new Float64Array(cells.count).fill(Infinity);
  for (const side of seen) {
    const [dx, dy] = TOWARD[side];
    let front = -Infinity;
    for (let i = 0; i < cells.count; i++) front = Math.max(front, cells.x[i]! * dx + cells.y[i]! * dy);
    for (let i = 0; i < cells.count; i++) depths[i] = Math.min(depths[i]!, front - (cells.x[i]! * dx + cells.y[i]! * dy));
  }
  const order = [...depths.keys()].sort((a, b) => depths[a]! - depths[b]!);
  const back = new Float64Array(cells.count);
  order.forEach((cell, i) => (back[cell] = (i + 0.5) / cells.count));
  return back;
}

/** Where each kind belongs between front and back: the middle of the ground it takes, lower kinds before taller. */
function ranksOf(kinds: readonly LayoutKind[]): number[] {
  const ground = (kind: LayoutKind) => (kind.layer === 'between' ? 0 : kind.count * kind.spacing ** 2);
  const all = kinds.reduce((sum, kind) => sum + ground(kind), 0);
  const order = [...kinds.keys()].sort((a, b) => kinds[a]!.height - kinds[b]!.height);
  const rank = kinds.map(() => 0.5);
  let before = 0;
  for (const k of order) {
    const own = ground(kinds[k]!);
    if (all > 0) rank[k] = (before + own / 2) / all;
    before += own;
  }
  return rank;
}

/** Finds the places of a question; made once for it. */
const indices = new WeakMap<LayoutQuestion, CellIndex>();
export function indexOf(question: LayoutQuestion): CellIndex {
  let known = indices.get(question);
  if (!known) indices.set(question, (known = new CellIndex(question.cells, question.frame.width, question.frame.depth)));
  return known;
}

/** A plant where it stands: which kind of the question, and its place. */
export interface Standing extends Spot {
  kind: number;
}
/** An arrangement of a bed: its plants, and how many of each kind found no place. */
export interface Arrangement {
  plants: Standing[];
  unplaced: number[];
}
