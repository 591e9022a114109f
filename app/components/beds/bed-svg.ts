import type { BedFrame } from '~~/core/place/beds/frame';
import type { Climbable } from '~~/core/layout/question';
import { escape } from '../place/yard/yard-svg';
import type { ScenePlant } from './bed-scene';

const n = (value: number) => Number(value.toFixed(2));

export interface BedSvgOptions {
  /** Pixels to the metre, and metres kept free around the bed. */
  scale: number;
  around: number;
  labels: 'none' | 'kinds' | 'plants';
  /** Draw crowns at their mature size only as circles, without glyphs: for paper to plant by. */
  plain?: boolean;
  /** Further pieces of SVG, in pixels, under and over the plants; given the page’s own functions. */
  under?: (x: (m: number) => number, y: (m: number) => number) => string[];
  over?: (x: (m: number) => number, y: (m: number) => number) => string[];
}

/** A bed from above as an SVG of its own, to scale: upward on the page is upward in the yard. */
export function bedSvg(
  frame: BedFrame,
  plants: readonly ScenePlant[],
  climbables: readonly Climbable[],
  title: string,
  options: BedSvgOptions,
) {
  const { scale, around, labels, plain } = options;
  const x = (m: number) => n((m + around) * scale);
  const y = (m: number) => n((frame.depth - m + around) * scale);
  const width = n((frame.width + 2 * around) * scale);
  const height = n((frame.depth + 2 * around) * scale);
  const points = (list: readonly (readonly [number, number] | number[])[]) =>
    list.map(([px, py]) => `${x(px!)},${y(py!)}`).join(' ');
  const glyph = (plant: ScenePlant) => {
    const r = plant.now * scale;
    const paths = plant.paths.map(
      ({ d, fill, stroke, width: wide, opacity }) =>
        `<path d="${d}" fill="${fill ?? 'none'}"${stroke ? ` stroke="${stroke}" stroke-width="${n(Math.max(wide ?? 0, 0.7 / r) * 1000) / 1000}" stroke-linecap="round"` : ''}${opacity === undefined ? '' : ` opacity="${opacity}"`}/>`,
    );
    return `<g transform="translate(${x(plant.x)} ${y(plant.y)}) rotate(${plant.turn}) scale(${n(r)})">${paths.join('')}</g>`;
  };
  const circle = (plant: ScenePlant) =>
    `<circle cx="${x(plant.x)}" cy="${y(plant.y)}" r="${n(plant.mature * scale)}" fill="${plain ? '#ffffff' : 'none'}" fill-opacity="0.35" stroke="#5c564b" stroke-width="0.7"/>` +
    (plain ? `<circle cx="${x(plant.x)}" cy="${y(plant.y)}" r="1.6" fill="#211f1c"/>` : '');
  const label = (plant: ScenePlant) =>
    `<text x="${x(plant.x)}" y="${n(y(plant.y) + (plain ? -3 : 3.5))}" font-family="Source Sans 3, sans-serif" font-size="${plain ? 10 : 11}" font-weight="600" text-anchor="middle" fill="#1d1b18" stroke="#ffffff" stroke-width="2" paint-order="stroke">${labels === 'plants' ? `${plant.kind}.${plant.nth}` : plant.kind}</text>`;
  const body = [
    `<polygon points="${points(frame.outline)}" fill="${plain ? '#ffffff' : '#d9c8a6'}" stroke="#7d5233" stroke-width="1.4"/>`,
    ...(options.under?.(x, y) ?? []),
    ...climbables.map(
      ({ line }) => `<polyline points="${points(line)}" fill="none" stroke="#6b4a2f" stroke-width="3" stroke-dasharray="2 3"/>`,
    ),
    ...plants.map(plain ? circle : glyph),
    ...(labels === 'none' ? [] : plants.map(label)),
    ...(options.over?.(x, y) ?? []),
  ];
  return {
    width,
    height,
    svg: `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" width="${width}" height="${height}"><title>${escape(title)}</title>${body.join('')}</svg>`,
  };
}
