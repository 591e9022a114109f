import type { Site } from '../model/garden';
import type { Thing, ThingOf } from '../model/yard';
import { SETTINGS } from '../settings';
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

/** What lies beside a site and what follows from it, a sentence each. */
export function besideIt({ outline }: Drawn, things: readonly Thing[]): string[] {
  if (outline.length === 0) return [];
  const near = SETTINGS.yard.besideM;
  const said: string[] = [];
  const slope = slopeUnder({ outline }, things);
  if (slope && slope.traits.fall_pct >= SETTINGS.yard.steepPct)
    said.push(`It lies on a slope of ${slope.traits.fall_pct} %: water runs off, and loose mulch with it. Mind your footing.`);
  for (const path of of(things, 'path'))
    if (gapTo(outline, path.points) <= near + path.traits.width_m / 2)
      said.push(
        path.traits.paved
          ? `${path.name} is paved: its edge is hotter and dries first. Keep low plants there, and hoses off the path.`
          : `${path.name} runs along it: what leans out is trodden or sheared.`,
      );
  const over = things
    .filter((row) => row.kind === 'tree' || row.kind === 'shrub')
    .filter((tree) => toOutline(tree.points[0]!, outline) <= tree.traits.crown_m)
    .map((tree) => tree.name);
  if (over.length === 1) said.push(`${over[0]} reaches over it: its roots drink first.`);
  if (over.length > 1) said.push(`${over.slice(0, -1).join(', ')} and ${over.at(-1)} reach over it: their roots drink first.`);
  const reach = hoseReaches({ outline }, things);
  if (reach !== null) said.push(reach ? 'A hose reaches all of it.' : 'No hose reaches all of it.');
  return said;
}
