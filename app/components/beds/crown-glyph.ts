import type { Plant } from '~~/core/model/reference';
import { randomFrom, seedOf } from '~~/core/model/random';
import type { Stature } from '~~/core/layout/stature';

/** A piece of a plant seen from above: an SVG path in a circle of radius 1 about its stem, with its colours. */
export interface GlyphPath {
  d: string;
  fill?: string;
  stroke?: string;
  /** Of the radius. */
  width?: number;
  opacity?: number;
}

/** Greens of leaves, from the grey of dry places to the deep of shade; a plant keeps its own. */
const LEAVES = ['#7d9a5b', '#8ea673', '#6c8f57', '#93a984', '#5f8352', '#86a062', '#789a72'];
const WOOD = '#8a6a4c';
const DRY = '#b99d6b';

const n = (value: number) => Number(value.toFixed(3));
const at = (turn: number, radius: number) => `${n(radius * Math.cos(turn))},${n(radius * Math.sin(turn))}`;
const TAU = 2 * Math.PI;
const circle = (x: number, y: number, r: number) =>
  `M${n(x - r)},${n(y)}a${n(r)},${n(r)} 0 1 0 ${n(2 * r)},0a${n(r)},${n(r)} 0 1 0 ${n(-2 * r)},0Z`;

/** An outline of bows around the stem, as leaves and crowns look from above; from the side wider or higher, and up from the ground. */
export function bows(
  count: number,
  radius: number,
  depth: number,
  random: () => number,
  [wide, high]: readonly [number, number] = [1, 1],
  up = 0,
): string {
  const at = (turn: number, reach: number) => `${n(wide * reach * Math.cos(turn))},${n(up + high * reach * Math.sin(turn))}`;
  const points = Array.from({ length: count }, (_, i) => ({ turn: (i / count) * TAU, reach: radius * (1 - depth * random()) }));
  const first = points[0]!;
  const parts = points.map((point, i) => {
    const next = points[(i + 1) % count]!;
    const middle = point.turn + TAU / count / 2;
    const out = Math.max(point.reach, next.reach) * 1.16;
    return `Q${at(middle, out)} ${at(point.turn + TAU / count, next.reach)}`;
  });
  return `M${at(first.turn, first.reach)}${parts.join('')}Z`;
}
/** Pointed leaves around the stem. */
const rosette = (count: number, radius: number, wide: number, turned: number) =>
  Array.from({ length: count }, (_, i) => {
    const turn = turned + (i / count) * TAU;
    return `M0,0Q${at(turn - wide, radius * 0.6)} ${at(turn, radius)}Q${at(turn + wide, radius * 0.6)} 0,0Z`;
  }).join('');
/** Strokes from the stem. */
const rays = (count: number, from: number, to: number, random: () => number) =>
  Array.from({ length: count }, (_, i) => {
    const turn = ((i + random() * 0.6) / count) * TAU;
    const reach = to * (0.75 + 0.25 * random());
    return `M${at(turn, from)}Q${at(turn + 0.12, reach * 0.6)} ${at(turn + 0.05, reach)}`;
  }).join('');

/** Where the flower heads stand: the seeds of a sunflower, evenly over the crown. */
function heads(count: number, reach: number): [number, number][] {
  return Array.from({ length: count }, (_, i) => {
    const turn = i * 2.39996;
    const radius = reach * Math.sqrt((i + 0.5) / count);
    return [radius * Math.cos(turn), radius * Math.sin(turn)];
  });
}
const petals = (x: number, y: number, count: number, r: number) =>
  Array.from({ length: count }, (_, i) => {
    const turn = (i / count) * TAU;
    return circle(x + r * 0.62 * Math.cos(turn), y + r * 0.62 * Math.sin(turn), r * 0.42);
  }).join('');

/** How the flowers of a form look from above: how many at full bloom, how large, and drawn how. */
const FORMS: Record<
  Plant['flower_form'],
  { count: number; r: number; draw: (x: number, y: number, r: number) => string; eye?: string }
> = {
  flat: { count: 6, r: 0.24, draw: (x, y, r) => circle(x, y, r) },
  daisy: { count: 8, r: 0.2, draw: (x, y, r) => petals(x, y, 7, r), eye: '#7a5a1e' },
  tube: { count: 9, r: 0.14, draw: (x, y, r) => petals(x, y, 4, r) },
  spike: { count: 11, r: 0.12, draw: (x, y, r) => petals(x, y, 5, r) },
  globe: { count: 8, r: 0.18, draw: (x, y, r) => circle(x, y, r) },
  pea: { count: 9, r: 0.13, draw: (x, y, r) => circle(x - r * 0.4, y, r * 0.7) + circle(x + r * 0.4, y, r * 0.7) },
  bell: { count: 9, r: 0.14, draw: (x, y, r) => petals(x, y, 5, r) },
  catkin: { count: 10, r: 0.1, draw: (x, y, r) => circle(x, y, r) },
  none: { count: 0, r: 0, draw: () => '' },
};

/** The leaf colour that a plant keeps through the drawing. */
export const leafColour = (plant: Pick<Plant, 'id'>) => LEAVES[seedOf(plant.id) % LEAVES.length]!;

/** Radius (m) of a crown whose flowers are drawn as FORMS has them; on a larger one they are smaller and more. */
const USUAL_M = 0.25;
const MOST_HEADS = 60;

/** A plant seen from above as it is in a half-month: its crown by habit, its flowers by form in their own colour. */
export function crownGlyph(plant: Plant, { look, bloom }: Pick<Stature, 'look' | 'bloom'>, radius_m: number): GlyphPath[] {
  const random = randomFrom(seedOf(plant.id));
  const leaf = leafColour(plant);
  const paths: GlyphPath[] = [];
  const woody = plant.kind === 'shrub' || plant.kind === 'tree';
  if (look === 'gone') return [{ d: circle(0, 0, 0.16), fill: DRY, opacity: 0.8 }];
  if (look === 'wood')
    return [
      { d: rays(woody ? 9 : 6, 0.05, 0.95, random), stroke: WOOD, width: 0.045 },
      { d: circle(0, 0, 0.08), fill: WOOD },
    ];
  if (look === 'dry') return [{ d: rays(12, 0.05, 0.9, random), stroke: DRY, width: 0.05 }];
  if (woody) {
    paths.push({
      d: bows(plant.kind === 'tree' ? 13 : 10, 0.92, 0.14, random),
      fill: leaf,
      opacity: 0.82,
      stroke: '#3d5a34',
      width: 0.018,
    });
    paths.push({ d: bows(7, 0.55, 0.2, random), stroke: '#3d5a34', width: 0.014, opacity: 0.55 });
    paths.push({ d: circle(0, 0, 0.06), fill: WOOD });
  } else if (plant.kind === 'grass' || plant.kind === 'sedge') {
    paths.push({ d: circle(0, 0, 0.8), fill: leaf, opacity: 0.28 });
    paths.push({ d: rays(26, 0.04, 1, random), stroke: leaf, width: 0.05 });
  } else if (plant.kind === 'vine') {
    paths.push({ d: bows(9, 0.8, 0.3, random), fill: leaf, opacity: 0.6 });
    paths.push({
      d: 'M0,0C0.3,-0.3 0.55,0.1 0.2,0.4C-0.2,0.7 -0.7,0.3 -0.55,-0.2C-0.4,-0.75 0.35,-0.85 0.75,-0.4',
      stroke: '#3d5a34',
      width: 0.05,
    });
  } else if (plant.kind === 'bulb') paths.push({ d: rosette(5, 0.95, 0.22, random() * TAU), fill: leaf, opacity: 0.9 });
  else if (plant.kind === 'fern')
    paths.push({ d: rosette(8, 1, 0.3, random() * TAU), fill: leaf, opacity: 0.9, stroke: '#3d5a34', width: 0.012 });
  else if (plant.habit === 'rhizome' || plant.habit === 'runner') {
    for (const [x, y] of heads(6, 0.72)) paths.push({ d: circle(x, y, 0.34), fill: leaf, opacity: 0.8 });
    paths.push({ d: rosette(6, 0.6, 0.35, random() * TAU), fill: leaf, stroke: '#3d5a34', width: 0.012 });
  } else {
    paths.push({ d: bows(9, 0.9, 0.12, random), fill: leaf, opacity: 0.62 });
    paths.push({ d: rosette(8, 0.92, 0.36, random() * TAU), fill: leaf, stroke: '#3d5a34', width: 0.014 });
  }
  const form = FORMS[plant.flower_form];
  if (look === 'flower' && form.count > 0) {
    const share = Math.max(0.2, Math.min(1, USUAL_M / radius_m));
    const r = form.r * share;
    const count = Math.min(MOST_HEADS, form.count * share ** -1.6);
    const open = heads(Math.max(3, Math.round(count * Math.max(0.35, bloom))), 0.9 - r);
    paths.push({
      d: open.map(([x, y]) => form.draw(x, y, r)).join(''),
      fill: plant.colour_hex,
      stroke: '#3a2d2455',
      width: 0.012,
    });
    if (form.eye) paths.push({ d: open.map(([x, y]) => circle(x, y, r * 0.3)).join(''), fill: form.eye });
  }
  return paths;
}
