import type { LayoutQuestion } from '~~/core/layout/question';
import { indexOf } from '~~/core/layout/question';

/** Side (m) of a cell of the picture of the ground. */
export const GROUND_CELL = 0.1;
type Colour = readonly [number, number, number];
/** From little to much: sun from blue shade to straw, moisture from dry sand to wet blue. */
export const GROUND_COLOURS: Record<
  'sun' | 'moisture',
  { from: Colour; to: Colour; low: number; high: number; words: [string, string] }
> = {
  sun: { from: [126, 140, 170], to: [250, 226, 150], low: 0, high: 10, words: ['no sun', '10 h'] },
  moisture: { from: [228, 206, 160], to: [96, 140, 176], low: 1, high: 5, words: ['dry', 'wet'] },
};

/** What lies under the plants of a bed as a picture, one pixel a cell, its first row at the top. */
export function groundPicture(question: LayoutQuestion, of: 'sun' | 'moisture'): HTMLCanvasElement {
  const { frame } = question;
  const { from, to, low, high } = GROUND_COLOURS[of];
  const canvas = document.createElement('canvas');
  canvas.width = Math.ceil(frame.width / GROUND_CELL);
  canvas.height = Math.ceil(frame.depth / GROUND_CELL);
  const context = canvas.getContext('2d')!;
  const picture = context.createImageData(canvas.width, canvas.height);
  const index = indexOf(question);
  for (let row = 0; row < canvas.height; row++)
    for (let column = 0; column < canvas.width; column++) {
      const cell = index.nearest((column + 0.5) * GROUND_CELL, (canvas.height - row - 0.5) * GROUND_CELL);
      if (cell === -1) continue;
      const share = Math.max(0, Math.min(1, (question[of][cell]! - low) / (high - low)));
      const i = 4 * (row * canvas.width + column);
      for (let c = 0; c < 3; c++) picture.data[i + c] = from[c]! + (to[c]! - from[c]!) * share;
      picture.data[i + 3] = 255;
    }
  context.putImageData(picture, 0, 0);
  return canvas;
}
