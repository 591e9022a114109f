import type { Point } from '~~/core/model/yard';
import type { Ink, Mark } from './yard-marks';

/** From metres of the yard to pixels of the page. */
export interface Page {
  px(x: number): number;
  py(y: number): number;
  scale: number;
}

/** Two hexadecimal digits of an opacity. */
function alpha(share: number): string {
  return Math.round(Math.max(0, Math.min(1, share)) * 255)
    .toString(16)
    .padStart(2, '0');
}

/** Corners as the drawing package takes them: x and y in turn. */
export const flatten = (points: readonly Point[], { px, py }: Page) => points.flatMap(([x, y]) => [px(x), py(y)]);

const LEAST_HOLD = 12;
const LABEL_WIDE = 160;

/** A mark as the shape of the drawing package; areas are filled at `strength` times their own. */
export function konvaConfig(mark: Mark, page: Page, ink: Record<Ink, string>, strength: number) {
  const { px, py, scale } = page;
  switch (mark.shape) {
    case 'area':
      return {
        points: flatten(mark.points, page),
        closed: true,
        stroke: ink[mark.stroke],
        strokeWidth: mark.weight,
        dash: mark.dash,
        fill: mark.fill ? ink[mark.fill] + alpha(mark.strength * strength) : undefined,
      };
    case 'line': {
      const wide = mark.wide_m ? mark.wide_m * scale : 0;
      return {
        points: flatten(mark.points, page),
        stroke: mark.strength ? ink[mark.stroke] + alpha(mark.strength) : ink[mark.stroke],
        strokeWidth: wide || mark.weight,
        dash: mark.dash,
        hitStrokeWidth: Math.max(LEAST_HOLD, wide),
        lineJoin: 'round',
      };
    }
    case 'circle':
      return {
        x: px(mark.at[0]),
        y: py(mark.at[1]),
        radius: mark.radius * scale,
        stroke: mark.weight ? ink[mark.stroke] : undefined,
        strokeWidth: mark.weight,
        dash: mark.dash,
        fill: mark.fill ? ink[mark.fill] + alpha(mark.strength * strength) : undefined,
        // A reach is looked at; it is not something to take hold of.
        listening: mark.fill !== null || !mark.dash,
      };
    case 'label':
      return {
        x: px(mark.at[0]) - LABEL_WIDE / 2,
        y: py(mark.at[1]) - mark.size / 2,
        width: LABEL_WIDE,
        align: 'center',
        text: mark.text,
        fontSize: mark.size,
        fontFamily: 'Alegreya Variable, Georgia, serif',
        fill: ink[mark.ink],
        stroke: ink.raised,
        strokeWidth: 3,
        fillAfterStrokeEnabled: true,
        listening: false,
      };
  }
}
