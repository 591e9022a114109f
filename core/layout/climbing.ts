import { lengthOf } from '../place/yard/geometry';
import type { LayoutKind } from './kinds';
import type { Climbable } from './question';

/** Width (m) of leaf that a post carries around it. Judgement. */
const POST_M = 0.4;

/** Square metres that the climbers of a bed would cover when grown, and that there is to climb. */
export interface Climbing {
  wanted_m2: number;
  there_m2: number;
}

/**
 * What there is to climb beside what the climbers want: each covers its spread to its height, no higher than the tallest thing
 * there is; a trellis, arch or fence carries its length by its height in leaf, a post a width of its own. Null without a climber.
 */
export function climbingIn(
  kinds: readonly Pick<LayoutKind, 'layer' | 'count' | 'radius' | 'height'>[],
  climbables: readonly Climbable[],
): Climbing | null {
  const climbers = kinds.filter((kind) => kind.layer === 'climber');
  if (climbers.length === 0) return null;
  const tallest = Math.max(0, ...climbables.map(({ height }) => height));
  return {
    wanted_m2: climbers.reduce(
      (sum, { count, radius, height }) => sum + count * 2 * radius * (tallest > 0 ? Math.min(height, tallest) : height),
      0,
    ),
    there_m2: climbables.reduce((sum, { line, height }) => sum + Math.max(POST_M, lengthOf(line)) * height, 0),
  };
}
