import type { Coverage, TargetCoverage } from '../../coverage/types';
import type { GardenTarget } from '../../model/garden';
import { SETTINGS } from '../../settings';

/**
 * What a garden is worth to its targets: one figure for each priority in use, the first priority first. Two gardens are
 * compared figure by figure, so that a target of a higher priority outweighs all of the lower ones together.
 */
export type Worth = readonly number[];

/** The priorities in use, the first first. */
export const prioritiesOf = (targets: readonly Pick<GardenTarget, 'priority'>[]): number[] =>
  [...new Set(targets.map((row) => row.priority))].sort((a, b) => a - b);

/** The part of a need that counts as met (0–1), in whole steps; a special need is met or not. */
function partMet(ratio: number, whole: boolean): number {
  const steps = whole ? 1 : SETTINGS.planner.partSteps;
  return Math.floor(Math.min(1, ratio) * steps + 1e-6) / steps;
}

/** How well the needs of a target are met (0–1): the mean over their half-months. */
function cellsMet({ needs }: TargetCoverage): number {
  const cells = needs.flatMap(({ need, cells }) => cells.map((cell) => partMet(cell.ratio, need.stage === 'special')));
  return cells.length === 0 ? 1 : cells.reduce((sum, met) => sum + met, 0) / cells.length;
}

/**
 * The worth of a garden: at each priority the life cycles that close, and half a one (SETTINGS.planner.cellsWorth) for
 * all the needs of a target. Proposals are compared by this before anything else.
 */
export function worthOf(
  covered: Pick<Coverage, 'targets'>,
  targets: readonly Pick<GardenTarget, 'target' | 'priority'>[],
): Worth {
  const priorityOf = new Map(targets.map((row) => [row.target, row.priority]));
  return prioritiesOf(targets).map((priority) =>
    covered.targets
      .filter((row) => priorityOf.get(row.target) === priority)
      .reduce((sum, row) => sum + Number(row.verdict === 'closed') + SETTINGS.planner.cellsWorth * cellsMet(row), 0),
  );
}

/** Compares two gardens of the same targets: above 0 where the first is worth more, below where less, 0 where alike. */
export function compareWorth(a: Worth, b: Worth): number {
  const at = a.findIndex((worth, level) => Math.abs(worth - b[level]!) > 1e-6);
  return at < 0 ? 0 : a[at]! - b[at]!;
}
