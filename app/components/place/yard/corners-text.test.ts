import { expect, it } from 'vitest';
import { cornersFrom, cornersText } from './corners-text';

it('corners are written and read in the gardener’s unit', () => {
  expect(
    cornersText(
      [
        [0, 0],
        [6, 0.25],
      ],
      1,
    ),
  ).toBe('0, 0; 6, 0.25');
  // Three metres are 9.84 feet; ten feet are 3.048 m.
  expect(cornersText([[3, 0]], 3.28084)).toBe('9.84, 0');
  expect(cornersFrom('10, 20; 0 5;', 3.28084)).toEqual([
    [3.048, 6.096],
    [0, 1.524],
  ]);
});
it.each(['10', '1, 2, 3', 'a, b', '1, 2; 3'])('“%s” is no line of corners', (text) => expect(cornersFrom(text, 1)).toBeNull());
it('an empty line is no corner', () => expect(cornersFrom('', 1)).toEqual([]));
