import type { Coverage, TargetCoverage } from '../../coverage/types';
import type { GardenTarget } from '../../model/garden';
import { SETTINGS } from '../../settings';

/**
 * What a garden is worth to its targets: how many that breed have any leaf, then one figure for each priority in use, the
 * first priority first. Two gardens are compared figure by figure, so that some leaf for one more creature outweighs all
 * else, and a target of a higher priority all of the lower ones together.
 */
export type Worth = readonly number[];

/** The priorities in use, the first first. */
export const prioritiesOf = (targets: readonly Pick<GardenTarget, 'priority'>[]): number[] =>
  [...new Set(targets.map((row) => row.priority))].sort((a, b) => a - b);

/** The part of a need that counts as met (0–1); a special need is met or not. */
function partMet(ratio: number, whole: boolean): number {
  const part = Math.min(1, ratio);
  return whole ? Math.floor(part + 1e-6) : part;
}

/** How well the needs of a target are met (0–1): the mean over their half-months. */
function cellsMet({ needs }: TargetCoverage): number {
  const cells = needs.flatMap(({ need, cells }) => cells.map((cell) => partMet(cell.ratio, need.stage === 'special')));
  return cells.length === 0 ? 1 : cells.reduce((sum, met) => sum + met, 0) / cells.length;
}

/** Is there some leaf for a target (SETTINGS.planner.someLeaf of what it wants, over its half-months)? */
function isFed({ needs }: TargetCoverage): boolean {
  const cells = needs.flatMap(({ need, cells }) => (need.stage === 'host' ? cells : []));
  const met = cells.reduce((sum, cell) => sum + partMet(cell.ratio, false), 0);
  return cells.length > 0 && met >= SETTINGS.planner.someLeaf * cells.length - 1e-6;
}

/**
 * The worth of a garden: those with leaf, and at each priority the life cycles that close, and half a one (SETTINGS.planner.cellsWorth) for
 * all the needs of a target. Proposals are compared by this before anything else.
 */
export function worthOf(
  covered: Pick<Coverage, 'targets'>,
  targets: readonly Pick<GardenTarget, 'target' | 'priority'>[],
): Worth {
  const priorityOf = new Map(targets.map((row) => [row.target, row.priority]));
  const byPriority = prioritiesOf(targets).map((priority) =>
    covered.targets
      .filter((row) => priorityOf.get(row.target) === priority)
      .reduce((sum, row) => sum + Number(row.verdict === 'closed') + SETTINGS.planner.cellsWorth * cellsMet(row), 0),
  );
  return [covered.targets.filter(isFed).length, ...byPriority];
}

/**
 * Compares two gardens of the same targets: above 0 where the first is worth more, below where less, 0 where alike. Less than
 * SETTINGS.planner.worthStep of a life cycle is no difference.
 */
export function compareWorth(a: Worth, b: Worth): number {
  const steps = (worth: number) => Math.floor(worth / SETTINGS.planner.worthStep + 1e-6);
  const at = a.findIndex((worth, level) => steps(worth) !== steps(b[level]!));
  return at < 0 ? 0 : a[at]! - b[at]!;
}
