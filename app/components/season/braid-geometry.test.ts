import { describe, expect, it } from 'vitest';
import { confluence, frayPath, NARROW, reachPath, rowsOf, WIDE, widthOf, xOf } from './braid-geometry';
import type { Channel } from '~~/core/season/braid';

const channel = (target: string, closes: boolean): Channel => ({
  target,
  closes,
  verdict: closes ? 'closed' : 'open',
  strands: [],
});

describe.each([
  ['wide', WIDE],
  ['narrow', NARROW],
])('the drawing of the braid, %s', (_, frame) => {
  it('lines months up with the year', () => {
    expect(xOf(frame, 0)).toBe(frame.left);
    expect(xOf(frame, 12)).toBeCloseTo(frame.left + frame.year / 2);
  });
  it('keeps rows apart and within its height', () => {
    const { rows, height } = rowsOf(
      Array.from({ length: 20 }, (_, i) => channel(`t${i}`, i % 2 === 0)),
      frame,
    );
    rows.slice(1).forEach((row, i) => expect(row.top - frame.name).toBeGreaterThanOrEqual(rows[i]!.top + rows[i]!.height));
    expect(rows.at(-1)!.top + rows.at(-1)!.height).toBeLessThan(height);
  });
  it('runs together what closes, as wide as there are cycles closed, inside the frame', () => {
    const { rows, height } = rowsOf([channel('a', true), channel('b', false), channel('c', true), channel('d', true)], frame);
    const { tributaries, width, middle } = confluence(rows, height, frame);
    expect(tributaries.map((stream) => stream.target)).toEqual(['a', 'c', 'd']);
    expect(width).toBeCloseTo(tributaries.reduce((sum, stream) => sum + stream.width, 0));
    expect(middle - width / 2).toBeGreaterThanOrEqual(0);
    for (const stream of tributaries)
      expect(stream.path.endsWith(`L${widthOf(frame)},${stream.path.split(',').at(-1)}`)).toBe(true);
  });
  it('has no flow where nothing closes', () => {
    const { rows, height } = rowsOf([channel('a', false)], frame);
    expect(confluence(rows, height, frame)).toMatchObject({ tributaries: [], width: 0 });
  });
  it('draws a thin reach less than half as wide as a closed one', () => {
    const reach = { first: 3, last: 5, cells: [] };
    const heightOf = (path: string) => {
      const ys = [...path.matchAll(/,(-?[\d.]+)/g)].map((match) => Number(match[1]));
      return Math.max(...ys) - Math.min(...ys);
    };
    const closed = heightOf(reachPath(frame, { ...reach, verdict: 'closed' }, 50, 8, false, false));
    const thin = heightOf(reachPath(frame, { ...reach, verdict: 'thin' }, 50, 8, false, false));
    expect(closed).toBeCloseTo(8);
    expect(thin).toBeLessThan(closed / 2);
    expect(frayPath(frame, { ...reach, verdict: 'thin' }, 50, 8).length).toBeGreaterThan(0);
  });
});
