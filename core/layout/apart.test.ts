import { expect, it } from 'vitest';
import { apart, leastApart } from './apart';
import type { LayoutKind } from './kinds';

type Kind = Pick<LayoutKind, 'plant' | 'layer' | 'spacing' | 'radius' | 'bearsShade'>;
const kind = (plant: string, layer: Kind['layer'], spacing: number, over: Partial<Kind> = {}): Kind => ({
  plant,
  layer,
  spacing,
  radius: spacing / 2,
  bearsShade: false,
  ...over,
});
const ASTER = kind('aster', 'herb', 0.6);
const SEDGE = kind('sedge', 'herb', 0.4);
const SQUILL = kind('squill', 'between', 0.1);
const PLUM = kind('plum', 'shrub', 1.6, { radius: 1 });
const VIOLET = kind('violet', 'herb', 0.3, { bearsShade: true });
const OAK = kind('oak', 'tree', 10);
const VINE = kind('vine', 'climber', 1);

it.each<[string, Kind, Kind, number]>([
  ['two kinds: the mean of 0.6 and 0.4', ASTER, SEDGE, 0.5],
  ['one kind knits: 0.95 of 0.6', ASTER, ASTER, 0.57],
  ['a bulb among perennials: half of twice its own 0.1', ASTER, SQUILL, 0.1],
  // 0.85 of the crown’s 1 m, and a third of 0.6 m.
  ['what wants sun stays clear of the crown of a shrub', PLUM, ASTER, 1.05],
  ['what bears shade goes under it: 0.8 of the mean 0.95', PLUM, VIOLET, 0.76],
  ['under a tree the trunk is kept free', OAK, VIOLET, 0.6],
  ['a climber needs but a foot of ground: 0.45 of 0.6, at least 0.3', VINE, ASTER, 0.3],
])('%s', (_, a, b, metres) => {
  expect(apart(a, b)).toBeCloseTo(metres, 6);
  expect(apart(b, a)).toBeCloseTo(metres, 6);
  expect(leastApart(a, b)).toBeCloseTo(0.72 * metres, 6);
});
