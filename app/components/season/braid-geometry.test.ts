import { describe, expect, it } from 'vitest';
import { confluence, frayPath, labelsOf, NARROW, reachPath, rowsOf, WIDE, widthOf, xOf } from './braid-geometry';
import type { Channel, Reach, Strand } from '~~/core/season/braid';

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

describe('words of the gaps', () => {
  const reach = (first: number, last: number, verdict: Reach['verdict'] = 'open'): Reach => ({ first, last, verdict, cells: [] });
  const strand = (...reaches: Reach[]): Strand => ({ stage: 'host', need: {} as Strand['need'], reaches });
  const rowOf = (...strands: Strand[]) => rowsOf([{ ...channel('a', false), strands }], WIDE).rows[0]!;
  const labels = (row: ReturnType<typeof rowOf>, words: string, offer: string) =>
    labelsOf(
      WIDE,
      row,
      () => words,
      () => offer,
    );

  it('stand under the gap, with what would serve it', () => {
    const [label] = labels(rowOf(strand(reach(6, 9))), 'no host', 'add 6 nettle to the bed');
    expect(label).toMatchObject({ text: 'no host', offer: 'add 6 nettle to the bed' });
    expect(label!.x).toBeCloseTo(xOf(WIDE, 6) + 2);
  });
  it('what repeats along a strand is said once', () => {
    expect(labels(rowOf(strand(reach(6, 7), reach(10, 11))), 'hungry', '')).toHaveLength(1);
  });
  it('near the end of the year the offer stands before them, so that it does not run into the flow', () => {
    const offer = 'add 6 stiff-leaved aster to the south bank';
    const [label] = labels(rowOf(strand(reach(20, 21))), 'hungry', offer);
    expect(label!.offer).toBe(offer);
    expect(label!.before).toBe(true);
    expect(label!.x).toBeCloseTo(xOf(WIDE, 20) + 2);
    expect(label!.x - offer.length * 5.3).toBeGreaterThan(WIDE.left);
  });
  it('two gaps close to one another: the second makes way along its own gap, or the first stands without an offer', () => {
    const wide = labels(rowOf(strand(reach(6, 19)), strand(reach(7, 18))), 'no host', 'add 3 false nettle');
    expect(wide[0]!.offer).not.toBe('');
    expect(wide[1]!.x).toBeGreaterThan(wide[0]!.x + (7 + 18) * 5.3);
    expect(wide[1]!.x).toBeLessThan(xOf(WIDE, 19));
    const tight = labels(rowOf(strand(reach(6, 19)), strand(reach(7, 8))), 'no host', 'add 3 false nettle');
    expect(tight[0]!.offer).toBe('');
    expect(tight[1]!.x).toBeGreaterThanOrEqual(tight[0]!.x + 7 * 5.3);
  });
});
