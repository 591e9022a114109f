import type { DriftOutline } from '~~/core/layout/drift-outline';
import type { Climbable } from '~~/core/layout/question';
import { baselineOf } from '~~/core/layout/staking';
import type { BedFrame } from '~~/core/place/beds/frame';
import { bedSvg } from './bed-svg';
import type { ScenePlant } from './bed-scene';

/** The drawing of the sheet to plant by: a grid from corner A, the drifts outlined, each plant at its dot and numbered. */
export function sheetSvg(
  frame: BedFrame,
  plants: readonly ScenePlant[],
  climbables: readonly Climbable[],
  drifts: readonly DriftOutline[],
  { title, step, words, wide, high }: { title: string; step: number; words: (m: number) => string; wide: number; high: number },
) {
  const { a, b, length } = baselineOf(frame);
  const around = 0.35;
  const scale = Math.min(wide / (frame.width + 2 * around), high / (frame.depth + 2 * around));
  const [ux, uy] = [(b[0] - a[0]) / length, (b[1] - a[1]) / length];
  const corners = frame.outline.map(([x, y]) => [(x - a[0]) * ux + (y - a[1]) * uy, (y - a[1]) * ux - (x - a[0]) * uy] as const);
  const [along, off] = [Math.max(...corners.map(([s]) => s)), Math.max(...corners.map(([, t]) => t))];
  const bar = step * Math.max(1, Math.min(4, Math.floor(frame.width / step / 2)));
  const text = (px: number, py: number, words: string, size = 8, anchor = 'middle') =>
    `<text x="${px}" y="${py}" font-size="${size}" text-anchor="${anchor}" font-family="Source Sans 3, sans-serif" fill="#211f1c">${words}</text>`;
  return bedSvg(frame, plants, climbables, title, {
    scale,
    around,
    labels: 'plants',
    plain: true,
    under: (x, y) => {
      const at = (s: number, t: number) => [a[0] + ux * s - uy * t, a[1] + uy * s + ux * t] as const;
      const line = (from: readonly [number, number], to: readonly [number, number]) =>
        `<line x1="${x(from[0])}" y1="${y(from[1])}" x2="${x(to[0])}" y2="${y(to[1])}" stroke="#8a8577" stroke-width="0.4"/>`;
      const pieces: string[] = [];
      for (let s = 0; s <= along + 1e-6; s += step) {
        pieces.push(line(at(s, 0), at(s, off)));
        const [px, py] = at(s, -0.14);
        pieces.push(text(x(px), y(py), words(s), 9));
      }
      for (let t = step; t <= off + 1e-6; t += step) {
        pieces.push(line(at(0, t), at(along, t)));
        const [px, py] = at(-0.08, t);
        pieces.push(text(x(px), y(py) + 2, words(t), 9, 'end'));
      }
      return [
        ...pieces,
        ...drifts.map(
          ({ outline }) =>
            `<polygon points="${outline.map(([px, py]) => `${x(px)},${y(py)}`).join(' ')}" fill="#0b5a60" fill-opacity="0.06" stroke="#0b5a60" stroke-width="1" stroke-dasharray="5 2"/>`,
        ),
      ];
    },
    over: (x, y) => [
      `<line x1="${x(a[0])}" y1="${y(a[1])}" x2="${x(b[0])}" y2="${y(b[1])}" stroke="#211f1c" stroke-width="2.2"/>`,
      text(x(a[0] - ux * 0.16), y(a[1] - uy * 0.16) + 4, 'A', 13),
      text(x(b[0] + ux * 0.16), y(b[1] + uy * 0.16) + 4, 'B', 13),
      // The scale bar, above the upper right corner.
      `<line x1="${x(frame.width - bar)}" y1="${y(frame.depth + 0.2)}" x2="${x(frame.width)}" y2="${y(frame.depth + 0.2)}" stroke="#211f1c" stroke-width="3"/>`,
      text(x(frame.width - bar / 2), y(frame.depth + 0.2) - 4, words(bar), 10),
    ],
  });
}
