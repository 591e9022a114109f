import { directionOf } from '~~/core/place/yard/geometry';
import type { Extent, Ink, Mark } from './yard-marks';

export const escape = (text: string) =>
  text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;').replace(/"/g, '&quot;');
const n = (value: number) => Number(value.toFixed(2));

/** The north arrow as marks, in the upper right corner of what is shown. */
export function northMarks(extent: Extent, north_deg: number): Mark[] {
  const [dx, dy] = directionOf(0, north_deg);
  const size = (extent.right - extent.left) * 0.03;
  const [x, y] = [extent.right - size * 1.5, extent.top - size * 2];
  return [
    {
      shape: 'line',
      points: [
        [x - dx * size, y - dy * size],
        [x + dx * size, y + dy * size],
      ],
      stroke: 'ink',
      weight: 2,
    },
    {
      shape: 'area',
      points: [
        [x + dx * size, y + dy * size],
        [x + dx * size * 0.3 - dy * size * 0.3, y + dy * size * 0.3 + dx * size * 0.3],
        [x + dx * size * 0.3 + dy * size * 0.3, y + dy * size * 0.3 - dx * size * 0.3],
      ],
      fill: 'ink',
      strength: 1,
      stroke: 'ink',
      weight: 1,
    },
    { shape: 'label', at: [x + dx * size * 1.5, y + dy * size * 1.5], text: 'N', ink: 'ink', size: 13 },
  ];
}

/** A scale bar as marks, in the lower left corner: `metres` long, with its words. */
export function scaleMarks(extent: Extent, metres: number, words: string): Mark[] {
  const inset = (extent.right - extent.left) * 0.015;
  const [x, y] = [extent.left + inset, extent.bottom + inset];
  return [
    {
      shape: 'line',
      points: [
        [x, y],
        [x + metres, y],
      ],
      stroke: 'ink',
      weight: 3,
    },
    { shape: 'label', at: [x + metres / 2, y + inset], text: words, ink: 'ink', size: 11 },
  ];
}

/** The drawing as an SVG file of its own, `scale` pixels to the metre. */
export function yardSvg(marks: readonly Mark[], extent: Extent, ink: Record<Ink, string>, title: string, scale = 30): string {
  const width = n((extent.right - extent.left) * scale);
  const height = n((extent.top - extent.bottom) * scale);
  const at = ([x, y]: readonly [number, number] | readonly number[]) =>
    `${n((x! - extent.left) * scale)},${n((extent.top - y!) * scale)}`;
  const dash = (mark: { dash?: number[] }) => (mark.dash ? ` stroke-dasharray="${mark.dash.join(' ')}"` : '');
  const body = marks.map((mark) => {
    switch (mark.shape) {
      case 'area':
        return `<polygon points="${mark.points.map(at).join(' ')}" fill="${mark.fill ? ink[mark.fill] : 'none'}" fill-opacity="${mark.strength}" stroke="${ink[mark.stroke]}" stroke-width="${mark.weight}"${dash(mark)}/>`;
      case 'line':
        return `<polyline points="${mark.points.map(at).join(' ')}" fill="none" stroke="${ink[mark.stroke]}" stroke-opacity="${mark.strength ?? 1}" stroke-width="${mark.wide_m ? n(mark.wide_m * scale) : mark.weight}"${dash(mark)}/>`;
      case 'circle': {
        const [cx, cy] = at(mark.at).split(',');
        return `<circle cx="${cx}" cy="${cy}" r="${n(mark.radius * scale)}" fill="${mark.fill ? ink[mark.fill] : 'none'}" fill-opacity="${mark.strength}" stroke="${ink[mark.stroke]}" stroke-width="${mark.weight}"${dash(mark)}/>`;
      }
      case 'label': {
        const [x, y] = at(mark.at).split(',');
        return `<text x="${x}" y="${y}" font-family="Georgia, serif" font-size="${mark.size}" text-anchor="middle" dominant-baseline="middle" fill="${ink[mark.ink]}">${escape(mark.text)}</text>`;
      }
    }
  });
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" width="${width}" height="${height}">`,
    `<title>${escape(title)}</title>`,
    `<rect width="${width}" height="${height}" fill="${ink.ground}"/>`,
    ...body,
    '</svg>',
  ].join('\n');
}
