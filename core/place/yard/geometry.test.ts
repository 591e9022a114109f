import { describe, expect, it } from 'vitest';
import type { Point } from '../../model/yard';
import { FRESH_POT } from '../containers/kinds';
import * as geometry from './geometry';

const square: Point[] = [
  [0, 0],
  [4, 0],
  [4, 3],
  [0, 3],
];
const ell: Point[] = [
  [0, 0],
  [4, 0],
  [4, 1],
  [1, 1],
  [1, 3],
  [0, 3],
];

describe('outlines', () => {
  it('have the area and edge a tape would give', () => {
    expect(geometry.areaOf(square)).toBe(12);
    expect(geometry.perimeterOf(square)).toBe(14);
    expect(geometry.areaOf([...square].reverse())).toBe(12);
    // 4 × 1 and 1 × 2.
    expect(geometry.areaOf(ell)).toBe(6);
    expect(geometry.areaOf(square.slice(0, 2))).toBe(0);
    expect(geometry.lengthOf(square)).toBe(11);
  });
  it('hold the points inside them', () => {
    expect(geometry.holds(ell, [0.5, 2])).toBe(true);
    expect(geometry.holds(ell, [2, 2])).toBe(false);
    expect(geometry.middleOf(square)).toEqual([2, 1.5]);
    expect(geometry.middleOf([[3, 4]])).toEqual([3, 4]);
    expect(geometry.middleOf([])).toBeNull();
  });
  it('are as far away as their nearest and their farthest place', () => {
    expect(geometry.toOutline([7, 7], square)).toBe(5);
    expect(geometry.toOutline([2, 1], square)).toBe(0);
    expect(geometry.toOutline([2, -2], square)).toBe(2);
    expect(geometry.toFarthest([0, 0], square)).toBe(5);
    expect(geometry.toLine([2, 2], [[2, 5]])).toBe(3);
  });
  it('say when their edges cross', () => {
    expect(geometry.crossesItself(square)).toBe(false);
    expect(geometry.crossesItself(ell)).toBe(false);
    expect(geometry.crossesItself([square[0]!, square[2]!, square[1]!, square[3]!])).toBe(true);
  });
  it('are sampled inside only, about as often as asked', () => {
    const points = geometry.samplePoints(ell, 24);
    expect(points.length).toBeGreaterThan(15);
    expect(points.length).toBeLessThan(33);
    expect(points.every((point) => geometry.holds(ell, point))).toBe(true);
    expect(geometry.samplePoints([[1, 2]], 24)).toEqual([[1, 2]]);
  });
});

describe('drawing', () => {
  it('snaps to a near corner before the grid', () => {
    expect(geometry.snapped([3.9, 0.1], square, 0.5, 0.3)).toEqual([4, 0]);
    expect(geometry.snapped([2.3, 0.7], square, 0.5, 0.3)).toEqual([2.5, 0.5]);
  });
  it('moves everything by the same way', () => {
    expect(geometry.moved(square, 0.1, -0.2)[2]).toEqual([4.1, 2.8]);
  });
  it.each([
    ['north on a page with north up', 0, 0, [0, 1]],
    ['east on it', 90, 0, [1, 0]],
    ['north on a page whose top is east', 0, 90, [-1, 0]],
    ['south on it', 180, 90, [1, 0]],
  ])('%s', (_, bearing, north, [x, y]) => {
    const found = geometry.directionOf(bearing, north);
    expect(found[0]).toBeCloseTo(x!);
    expect(found[1]).toBeCloseTo(y!);
  });
});

describe('where a drawn site lies', () => {
  const trough = { ...FRESH_POT, shape: 'box', top_cm: 100, across_cm: 40, count: 3 } as const;
  it('three troughs end to end are three metres by forty centimetres about their point', () => {
    const ground = geometry.groundOf({ outline: [[5, 2]], pot: trough });
    expect(ground).toEqual([
      [3.5, 1.8],
      [6.5, 1.8],
      [6.5, 2.2],
      [3.5, 2.2],
    ]);
  });
  it('a round pot is its point, a bed its outline', () => {
    expect(geometry.groundOf({ outline: [[5, 2]], pot: { ...FRESH_POT } })).toEqual([[5, 2]]);
    expect(geometry.groundOf({ outline: square, pot: null })).toEqual(square);
    expect(geometry.groundOf({ outline: [], pot: trough })).toEqual([]);
  });
});
