/** The picture of light: from deep shade to full sun, in steps one can distinguish. */
const STEPS: readonly (readonly [number, number, number])[] = [
  [42, 46, 74],
  [66, 82, 110],
  [98, 122, 132],
  [142, 158, 132],
  [192, 186, 116],
  [226, 205, 104],
  [246, 226, 132],
  [253, 244, 186],
];
export const LIGHT_STEPS = STEPS.map(([r, g, b]) => `rgb(${r} ${g} ${b})`);

/** The step (0–7) of an amount of light between none and `most`. */
function lightStep(amount: number, most: number): number {
  return Math.max(0, Math.min(STEPS.length - 1, Math.floor((amount / most) * STEPS.length)));
}

/** Cells of light, row by row from the lower left corner, as a picture of one pixel a cell. */
export function lightPicture(cells: Float32Array, columns: number, rows: number, most: number): HTMLCanvasElement {
  const canvas = document.createElement('canvas');
  canvas.width = columns;
  canvas.height = rows;
  const context = canvas.getContext('2d')!;
  const image = context.createImageData(columns, rows);
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++) {
      const [r, g, b] = STEPS[lightStep(cells[row * columns + column]!, most)]!;
      const at = 4 * ((rows - 1 - row) * columns + column);
      image.data.set([r, g, b, 255], at);
    }
  context.putImageData(image, 0, 0);
  return canvas;
}
