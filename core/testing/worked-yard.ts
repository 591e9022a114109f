import type { Point, ThingOf } from '../model/yard';

/** Things of a yard whose shade can be worked out by hand. Metres; north is up. */
export const wall = (points: Point[], height_m: number, lets_through = 0): ThingOf<'fence'> => ({
  id: `wall-${points.flat().join('-')}`,
  revision: 0,
  kind: 'fence',
  name: 'Wall',
  points,
  traits: { height_m, lets_through },
});
export const block = (points: Point[], height_m: number, base_m = 0): ThingOf<'building'> => ({
  id: `block-${points.flat().join('-')}`,
  revision: 0,
  kind: 'building',
  name: 'House',
  points,
  traits: { height_m, base_m, lets_through: 0 },
});
export const tree = (at: Point, over: Partial<ThingOf<'tree'>['traits']> = {}): ThingOf<'tree'> => ({
  id: `tree-${at.join('-')}`,
  revision: 0,
  kind: 'tree',
  name: 'Oak',
  points: [at],
  traits: {
    plant: null,
    height_m: 10,
    crown_m: 4,
    clear_m: 2,
    leaf: 'deciduous',
    leaf_out: 8,
    leaf_fall: 20,
    lets_through: 0.1,
    grows_m: 0.5,
    grown_m: 15,
    ...over,
  },
});
export const rectangle = (x: number, y: number, width: number, depth: number): Point[] => [
  [x, y],
  [x + width, y],
  [x + width, y + depth],
  [x, y + depth],
];
