import polygonClipping, { type Polygon } from 'polygon-clipping';
import type { Point } from '../model/yard';
import { groupsOf } from '../place/beds/groups';
import { SETTINGS } from '../settings';
import type { LayoutKind } from './kinds';
import type { Standing } from './question';

/** Corners of the circle that stands for the ground of a plant. */
const CORNERS = 20;

/** The ground of a drift as it is laid out with string or flour: which kind it is, how many plants, and its outline (m). */
export interface DriftOutline {
  kind: number;
  count: number;
  outline: Point[];
}

function circle({ x, y }: Standing, radius: number): Polygon {
  return [
    Array.from({ length: CORNERS }, (_, i): [number, number] => {
      const turn = (i / CORNERS) * 2 * Math.PI;
      return [x + radius * Math.cos(turn), y + radius * Math.sin(turn)];
    }),
  ];
}

/** The outlines of all drifts of three plants and more: the ground of their plants taken together. */
export function driftOutlines(kinds: readonly Pick<LayoutKind, 'spacing'>[], plants: readonly Standing[]): DriftOutline[] {
  return kinds.flatMap(({ spacing }, kind): DriftOutline[] => {
    const own = plants.filter((plant) => plant.kind === kind);
    const reach = spacing * SETTINGS.layout.linked;
    return groupsOf(own, reach)
      .filter((group) => group.length >= 3)
      .flatMap((group): DriftOutline[] => {
        // Wide enough that the circles of neighbours meet.
        const [first, ...rest] = group.map((i) => circle(own[i]!, reach * 0.52));
        const joined = polygonClipping.union(first!, ...rest);
        return joined.map((polygon) => ({ kind, count: group.length, outline: polygon[0]!.map(([x, y]): Point => [x, y]) }));
      });
  });
}
