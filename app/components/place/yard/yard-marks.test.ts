import { describe, expect, it } from 'vitest';
import { block, rectangle, tree, wall } from '~~/core/testing/worked-yard';
import { FRESH_POT } from '~~/core/place/containers/kinds';
import { extentOf, gridStep, siteMarks, thingMarks, gridLines } from './yard-marks';
import { northMarks, scaleMarks, yardSvg } from './yard-svg';

const ink = Object.fromEntries(
  ['ground', 'raised', 'bank', 'line', 'ink', 'quiet', 'press', 'host', 'shelter', 'special', 'gap', 'thin'].map((name) => [
    name,
    `#${name}`,
  ]),
) as Parameters<typeof yardSvg>[2];

describe('the drawing', () => {
  it('shows an oak in leaf in July and in twigs in January', () => {
    const oak = tree([5, 5]);
    expect(thingMarks(oak, 12, 0)[0]).toMatchObject({ shape: 'circle', radius: 4, fill: 'host', stroke: 'host' });
    expect(thingMarks(oak, 1, 0)[0]).toMatchObject({ fill: null, stroke: 'shelter', dash: [3, 3] });
  });
  it('draws a roof on posts as an outline only', () => {
    expect(thingMarks(block(rectangle(0, 0, 4, 3), 3, 2.5), 12, 0)[0]).toMatchObject({ fill: null, dash: [6, 4] });
    expect(thingMarks(block(rectangle(0, 0, 4, 3), 3), 12, 0)[0]).toMatchObject({ fill: 'shelter' });
  });
  it('names beds in their middle and pots beside them', () => {
    const bed = siteMarks({ name: 'Bank', kind: 'bed', outline: rectangle(2, 2, 4, 2), area_m2: 8, pot: null });
    expect(bed.at(-1)).toMatchObject({ shape: 'label', at: [4, 3], text: 'Bank' });
    // A pot of π × 0.5² m² is drawn half a metre in radius.
    expect(siteMarks({ name: 'Pot', kind: 'container', outline: [[1, 1]], area_m2: 0.7854, pot: null })[0]).toMatchObject({
      shape: 'circle',
      at: [1, 1],
    });
    const trough = { ...FRESH_POT, shape: 'box', top_cm: 80, across_cm: 20, count: 1 } as const;
    expect(siteMarks({ name: 'Trough', kind: 'container', outline: [[1, 1]], area_m2: 0.16, pot: trough })[0]).toMatchObject({
      shape: 'area',
      points: rectangle(0.6, 0.9, 0.8, 0.2).map((corner) => corner.map((metres) => expect.closeTo(metres))),
    });
    expect(siteMarks({ name: 'Undrawn', kind: 'bed', outline: [], area_m2: 8, pot: null })).toEqual([]);
  });
  it('shows what stands near, not what stands far', () => {
    const yard = { width_m: 10, depth_m: 8 };
    expect(extentOf(yard, [])).toEqual({ left: -1, right: 11, bottom: -1, top: 9 });
    // As far as five metres beyond a yard of ten.
    expect(extentOf(yard, [tree([10.5, 4])]).right).toBe(14.5);
    expect(extentOf(yard, [tree([60, 4])]).right).toBe(15);
  });
});

it('has a grid in round numbers of the gardener’s unit', () => {
  expect([gridStep({ width_m: 20 }, 'metric'), gridStep({ width_m: 5 }, 'metric')]).toEqual([2, 0.5]);
  // Ten feet and two feet.
  expect(gridStep({ width_m: 20 }, 'us') / 0.3048).toBeCloseTo(10);
  expect(gridStep({ width_m: 5 }, 'us') / 0.3048).toBeCloseTo(2);
});

describe('the drawing as SVG', () => {
  it('is to scale, with y down the page, and its names are safe', () => {
    const extent = { left: 0, right: 10, bottom: 0, top: 8 };
    const marks = thingMarks(
      {
        ...wall(
          [
            [0, 0],
            [10, 0],
          ],
          2,
        ),
        name: 'Mill & Lane <1>',
      },
      12,
      0,
    );
    const svg = yardSvg(marks, extent, ink, 'Yard', 10);
    expect(svg).toContain('viewBox="0 0 100 80"');
    expect(svg).toContain('<polyline points="0,80 100,80"');
    expect(svg).toContain('Mill &amp; Lane &lt;1&gt;');
    expect(svg).not.toContain('<1>');
  });
  it('points its arrow north, whichever way the page lies', () => {
    const extent = { left: 0, right: 20, bottom: 0, top: 20 };
    const label = (north: number) => northMarks(extent, north).find((mark) => mark.shape === 'label')!;
    const up = label(0) as { at: readonly number[] };
    const turned = label(90) as { at: readonly number[] };
    // With north up the N is above the arrow; with east up it is to its left.
    expect(up.at[1]! - turned.at[1]!).toBeGreaterThan(0.5);
    expect(up.at[0]! - turned.at[0]!).toBeGreaterThan(0.5);
    expect(scaleMarks(extent, 5, '5 m')[0]).toMatchObject({
      points: [
        [0.3, 0.3],
        [5.3, 0.3],
      ],
    });
  });
});

it('a grid of half metres over 2 by 1 has three lines across and one along, none on its edges', () => {
  const lines = gridLines(2, 1, 0.5);
  expect(lines.map(([from]) => from)).toEqual([
    [0.5, 0],
    [1, 0],
    [1.5, 0],
    [0, 0.5],
  ]);
});
