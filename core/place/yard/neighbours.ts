import type { Site } from '../../model/garden';
import type { Point, Thing, ThingOf } from '../../model/yard';
import { SETTINGS } from '../../settings';
import { holds, middleOf, toFarthest, toLine, toOutline } from './geometry';

type Drawn = Pick<Site, 'outline'>;
const of = <K extends Thing['kind']>(things: readonly Thing[], kind: K) =>
  things.filter((row) => row.kind === kind) as ThingOf<K>[];

/** Can the hose of some tap water all of a site? Null where the site or no tap is drawn. Straight over the ground. */
export function hoseReaches({ outline }: Drawn, things: readonly Thing[]): boolean | null {
  const taps = of(things, 'tap');
  if (outline.length === 0 || taps.length === 0) return null;
  return taps.some((tap) => toFarthest(tap.points[0]!, outline) <= tap.traits.hose_m + 1e-9);
}

/** The slope a site lies on, by its middle; null on level or undrawn ground. */
export function slopeUnder({ outline }: Drawn, things: readonly Thing[]): ThingOf<'slope'> | null {
  const middle = middleOf(outline);
  return (middle && of(things, 'slope').find((slope) => holds(slope.points, middle))) ?? null;
}

/** Least distance (m) between a site and a path's edge or another line, by the corners of either. */
function gapTo(outline: Site['outline'], line: Thing['points']): number {
  return Math.min(...line.map((point) => toOutline(point, outline)), ...outline.map((point) => toLine(point, line)));
}

/** Does a site lie on a slope steep enough that water runs off it? */
export const isSteep = (site: Drawn, things: readonly Thing[]): boolean =>
  (slopeUnder(site, things)?.traits.fall_pct ?? 0) >= SETTINGS.yard.steepPct;

/** Metres of open ground between two drawn sites, or a tree's foot; null where one is not drawn. */
export function metresBetween(a: Pick<Site, 'outline'>, b: Pick<Site, 'outline'>): number | null {
  if (a.outline.length === 0 || b.outline.length === 0) return null;
  const [ring, other] = a.outline.length >= b.outline.length ? [a.outline, b.outline] : [b.outline, a.outline];
  const ends = [
    ...other.map((point) => toAround(point, ring)),
    ...(other.length > 1 ? ring.map((point) => toAround(point, other)) : []),
  ];
  return Math.min(...ends);
}
const toAround = (point: Point, outline: Site['outline']) =>
  outline.length >= 3 ? toOutline(point, outline) : Math.min(...outline.map(([x, y]) => Math.hypot(x - point[0], y - point[1])));

/** What lies near a site and matters to it. */
export type Neighbour =
  | { kind: 'slope'; fall_pct: number }
  | { kind: 'path'; name: string; paved: boolean }
  /** Trees and shrubs whose crowns reach over it. */
  | { kind: 'crowns'; names: string[] }
  | { kind: 'hose'; reaches: boolean };

/** What lies near a site, of what is drawn in the yard; nothing for a site that is not drawn. */
export function neighboursOf({ outline }: Drawn, things: readonly Thing[]): Neighbour[] {
  if (outline.length === 0) return [];
  const near = SETTINGS.yard.besideM;
  const found: Neighbour[] = [];
  const slope = slopeUnder({ outline }, things);
  if (slope && isSteep({ outline }, things)) found.push({ kind: 'slope', fall_pct: slope.traits.fall_pct });
  for (const { name, points, traits } of of(things, 'path'))
    if (gapTo(outline, points) <= near + traits.width_m / 2) found.push({ kind: 'path', name, paved: traits.paved });
  const names = things
    .filter((row) => row.kind === 'tree' || row.kind === 'shrub')
    .filter((tree) => toOutline(tree.points[0]!, outline) <= tree.traits.crown_m)
    .map((tree) => tree.name);
  if (names.length > 0) found.push({ kind: 'crowns', names });
  const reaches = hoseReaches({ outline }, things);
  if (reaches !== null) found.push({ kind: 'hose', reaches });
  return found;
}
