import type { Coverage, TargetCoverage } from '../coverage/types';
import type { GardenTarget } from '../model/garden';
import { SETTINGS } from '../settings';

/**
 * Weight of each target, so that one of a higher priority outweighs all of the lower ones together, their partial
 * coverage included: 1 for the lowest priority in use, for each higher one 1 + the most that all below it can reach.
 * In the order of `targets`.
 */
export function targetWeights(targets: readonly Pick<GardenTarget, 'priority'>[]): number[] {
  const full = 1 + SETTINGS.planner.cellsWorth;
  const weights = new Map<number, number>();
  let below = 0;
  for (const priority of [...new Set(targets.map((row) => row.priority))].sort((a, b) => b - a)) {
    const weight = 1 + below;
    weights.set(priority, weight);
    below += full * weight * targets.filter((row) => row.priority === priority).length;
  }
  return targets.map((row) => weights.get(row.priority)!);
}

/** The part of a need that counts as met (0–1), in whole steps; a special need is met or not. */
export function partMet(ratio: number, whole: boolean): number {
  const steps = whole ? 1 : SETTINGS.planner.partSteps;
  return Math.floor(Math.min(1, ratio) * steps + 1e-6) / steps;
}

/** How well the needs of a target are met (0–1): the mean over their half-months. */
export function cellsMet({ needs }: TargetCoverage): number {
  const cells = needs.flatMap(({ need, cells }) => cells.map((cell) => partMet(cell.ratio, need.stage === 'special')));
  return cells.length === 0 ? 1 : cells.reduce((sum, met) => sum + met, 0) / cells.length;
}

/**
 * What a garden is worth to its targets: for each its weight, times one where its life cycle closes, and half
 * (SETTINGS.planner.cellsWorth) for all its needs. Proposals are compared by this before anything else.
 */
export function worthOf(
  covered: Pick<Coverage, 'targets'>,
  targets: readonly Pick<GardenTarget, 'target' | 'priority'>[],
): number {
  const weights = targetWeights(targets);
  const weightOf = new Map(targets.map((row, i) => [row.target, weights[i]!]));
  return covered.targets.reduce(
    (sum, row) =>
      sum + weightOf.get(row.target)! * (Number(row.verdict === 'closed') + SETTINGS.planner.cellsWorth * cellsMet(row)),
    0,
  );
}
