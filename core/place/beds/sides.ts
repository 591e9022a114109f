import type { Site } from '../../model/garden';
import type { Side } from '../../model/vocabulary';
import { SIDES } from '../../model/vocabulary';
import type { Point, Thing } from '../../model/yard';
import { SETTINGS } from '../../settings';
import { holds, middleOf, toLine, toOutline } from '../yard/geometry';
import { sideToward, TOWARD, type BedFrame } from './frame';

/** What lies at a side of a bed, by what is drawn. */
export interface SideHere {
  side: Side;
  /** From where it is looked at: a path, the windows and door of a house, the street beyond a fence; null: from nowhere drawn. */
  seen: { by: 'path' | 'house' | 'fence'; name: string } | null;
  /** A wall or a fence along it: nobody stands there, and a climber can. */
  backed: { by: 'wall' | 'fence'; name: string } | null;
  /** A path along it, whose feet wear its edge. */
  worn: { name: string; paved: boolean } | null;
}

/** Places (m, in the yard) along a side of the box around a bed. */
function alongSide(frame: BedFrame, origin: Point, side: Side): Point[] {
  const [dx, dy] = TOWARD[side];
  const middle: Point = [origin[0] + frame.width / 2, origin[1] + frame.depth / 2];
  const [reach, half] = dx === 0 ? [frame.depth / 2, frame.width / 2] : [frame.width / 2, frame.depth / 2];
  return [-0.8, -0.4, 0, 0.4, 0.8].map((share) => [
    middle[0] + dx * reach + (dx === 0 ? share * half : 0),
    middle[1] + dy * reach + (dy === 0 ? share * half : 0),
  ]);
}

const closed = (points: readonly Point[]) => (points.length >= 3 ? [...points, points[0]!] : points);

/** Mean distance (m) from the places along a side to a line. */
const meanTo = (places: readonly Point[], line: readonly Point[]) =>
  places.reduce((sum, place) => sum + toLine(place, line), 0) / places.length;

/** Does a line run along a side: is it within reach (m) of some place of it, and outward from there? */
function runsAlong(places: readonly Point[], line: readonly Point[], side: Side, reach: number): boolean {
  const [dx, dy] = TOWARD[side];
  return places.some((place) => {
    const near = nearestOn(place, line);
    const [ex, ey] = [near[0] - place[0], near[1] - place[1]];
    const distance = Math.hypot(ex, ey);
    return distance <= reach && ex * dx + ey * dy >= distance * Math.SQRT1_2;
  });
}

/** What lies at the four sides of a bed. Of a bed that is not drawn nothing is known. */
export function sidesOf(frame: BedFrame, things: readonly Thing[]): SideHere[] {
  const { origin } = frame;
  const { besideM, seenM, lowFenceM } = SETTINGS.layout.sides;
  const found = SIDES.map((side): SideHere => ({ side, seen: null, backed: null, worn: null }));
  if (!origin) return found;
  const middle: Point = [origin[0] + frame.width / 2, origin[1] + frame.depth / 2];
  for (const here of found) {
    const places = alongSide(frame, origin, here.side);
    for (const thing of things) {
      const { name } = thing;
      if (thing.kind === 'building' && thing.traits.base_m === 0) {
        if (meanTo(places, closed(thing.points)) <= besideM) here.backed ??= { by: 'wall', name };
      } else if (thing.kind === 'fence') {
        if (meanTo(places, thing.points) > besideM) continue;
        // Over a low fence people look in; along a high one a climber goes up.
        if (thing.traits.height_m <= lowFenceM) here.seen ??= { by: 'fence', name };
        here.backed ??= { by: 'fence', name };
      } else if (thing.kind === 'path') {
        if (!runsAlong(places, thing.points, here.side, besideM + thing.traits.width_m / 2)) continue;
        here.worn ??= { name, paved: thing.traits.paved };
        here.seen = { by: 'path', name };
      }
    }
  }
  const wallAt = (side: Side) => found.find((row) => row.side === side)!.backed?.by === 'wall';
  const lookFrom = (place: Point, by: 'path' | 'house', name: string) => {
    const side = sideToward([
      (place[0] - middle[0]) / Math.max(frame.width, 0.1),
      (place[1] - middle[1]) / Math.max(frame.depth, 0.1),
    ]);
    if (wallAt(side)) return;
    const row = found.find((one) => one.side === side)!;
    if (row.seen === null || (row.seen.by === 'house' && by === 'path')) row.seen = { by, name };
  };
  for (const thing of things) {
    if (thing.kind === 'path') {
      const place = nearestOn(middle, thing.points);
      const gap = Math.hypot(place[0] - middle[0], place[1] - middle[1]) - Math.min(frame.width, frame.depth) / 2;
      if (gap <= seenM.path) lookFrom(place, 'path', thing.name);
    } else if (thing.kind === 'building' && thing.traits.base_m === 0 && !holds(thing.points, middle)) {
      const place = nearestOn(middle, closed(thing.points));
      if (Math.hypot(place[0] - middle[0], place[1] - middle[1]) <= seenM.house) lookFrom(place, 'house', thing.name);
    }
  }
  return found;
}

/** The place of a line nearest to a point. */
function nearestOn([x, y]: Point, line: readonly Point[]): Point {
  let best: Point = line[0] ?? middleOf(line)!;
  let least = Infinity;
  for (let i = 1; i < line.length; i++) {
    const [[ax, ay], [bx, by]] = [line[i - 1]!, line[i]!];
    const [dx, dy] = [bx - ax, by - ay];
    const long = dx * dx + dy * dy;
    const share = long === 0 ? 0 : Math.max(0, Math.min(1, ((x - ax) * dx + (y - ay) * dy) / long));
    const place: Point = [ax + share * dx, ay + share * dy];
    const distance = Math.hypot(place[0] - x, place[1] - y);
    if (distance < least) [best, least] = [place, distance];
  }
  return best;
}

/**
 * The sides from which a bed is looked at: those the drawing shows; where it shows none, all that no wall or high fence backs
 * (all four of an island bed); of a bed that is not drawn the lower one.
 */
export function seenFrom(frame: BedFrame, sides: readonly SideHere[]): Side[] {
  const seen = sides.filter((row) => row.seen).map((row) => row.side);
  if (seen.length > 0) return seen;
  if (!frame.origin) return ['bottom'];
  const open = sides.filter((row) => !row.backed).map((row) => row.side);
  return open.length > 0 ? open : ['bottom'];
}

/** Does a container stand at the foot of a wall, so that it is seen from one side only? */
export function isAgainstWall({ outline, pot }: Pick<Site, 'outline' | 'pot'>, things: readonly Thing[]): boolean {
  const [at] = outline;
  if (!at || !pot) return false;
  const half = (pot.shape === 'round' ? pot.top_cm : (pot.across_cm ?? pot.top_cm)) / 200;
  return things.some(
    (thing) =>
      thing.kind === 'building' &&
      thing.traits.base_m === 0 &&
      toOutline(at, thing.points) <= half + SETTINGS.layout.sides.besideM / 2,
  );
}
