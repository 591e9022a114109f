import type { Highs } from 'highs';
import { greedyCounts } from './greedy';
import type { Problem } from './problem';
import type { Difference } from './limit-rows';
import { programOf, type Level, type Program } from './program';
import { isBetter, judge, moneyFor, type Judged } from './proposal';
import { dominated, without } from './reduction';
import { SETTINGS } from '../../settings';
import { Search, WORTH_STEP, type SearchLimit, type Start } from './search';

/** Which question is being answered: a first plan; the most for the targets; the same for less. */
export type SolveStep = 'first' | 'targets' | 'wishes';

/** How the search stands. */
export interface Progress {
  step: SolveStep;
  best: Judged;
  /** Relative distance (0–1) between the best plan and what is proven to be out of reach, in this step; null where not yet known. */
  gap: number | null;
  /** The same for what the plan is worth to the targets, as far as it is proven. */
  targetsGap: number | null;
  seconds: number;
}

export interface Outcome {
  best: Judged;
  greedy: Judged;
  /** Proven gaps (0–1) of both steps; null where the step was not reached or proved nothing. */
  targetsGap: number | null;
  wishesGap: number | null;
  seconds: number;
}

export interface SolveOptions {
  /** Seconds for all of it, whatever the nodes: a guard for slow machines. */
  seconds: number;
  /** Branch-and-bound nodes for each objective. The same nodes give the same answer on every machine. */
  nodes: number;
  /** A clock in seconds. */
  now: () => number;
  /** Called whenever a better plan or a better proof is there. */
  take?: (progress: Progress) => void;
  differences?: readonly Difference[];
  /** Gap (0–1) at which the search for what is liked better ends. */
  enough?: number;
}

/** Part of the time that the objectives of worth may take at most. */
const TARGETS_SHARE = 0.65;
const MOST_ROUNDS = 4;
/** Factor by which more shared leaf is asked for, where coverage found less than the program promised. */
const MORE_LEAF = 1.2;

/** The money left for what is proposed, apart from kept plants that are still to be bought; null: no limit. */
function budgetOf({ question, choices }: Problem): number | null {
  const { budget_minor: budget } = question.wishes;
  return budget === null ? null : budget - moneyFor(question, choices.kept, { plants: [] });
}

/** The best plan so far, as counts and as coverage judges it. */
class Incumbent {
  best: { counts: Float64Array; judged: Judged };
  /** The last plan considered, with the values of its columns. */
  last: { judged: Judged; values: ArrayLike<number> } | null = null;
  readonly #budget: number | null;

  constructor(readonly problem: Problem) {
    const { plants, features } = problem.choices;
    this.#budget = problem.question.wishes.budget_minor;
    const nothing = new Float64Array(plants.length + features.length);
    this.best = { counts: nothing, judged: this.judged(nothing) };
  }
  judged(counts: ArrayLike<number>): Judged {
    return judge(this.problem.question, this.problem.choices, this.problem.costs, counts);
  }
  /** Takes a plan where it is better and within the budget. */
  offer(counts: Float64Array, judged: Judged) {
    const affordable = this.#budget === null || judged.money <= this.#budget || judged.proposed.plants.length === 0;
    if (affordable && isBetter(judged, this.best.judged)) this.best = { counts, judged };
  }
  /** Considers a solution of a program. */
  consider(program: Program, values: ArrayLike<number>) {
    const counts = Float64Array.from(program.choice, (column) => Math.round(values[column]!));
    const judged = this.judged(counts);
    this.offer(counts, judged);
    this.last = { judged, values };
  }
}

const valueOf = ({ worth }: Level, values: ArrayLike<number>) =>
  worth.reduce((sum, value, column) => sum + (value === 0 ? 0 : value * values[column]!), 0);

/**
 * The best plan for a problem: for each priority in turn the most for its targets, each fixed for the next, then among
 * those plans the least cost by the preferences; each objective with a proven gap. A greedy plan comes first and is never
 * fallen short of. Every plan is judged by coverage before it is believed: the program divides shared leaf as it likes,
 * coverage by its own rule. Where the program promised more than coverage finds, more shared leaf is asked for and the
 * search goes on; that is a heuristic cut, so only the first round proves anything. Without targets or choices: no plan.
 */
export function solvePlan(highs: Highs, whole: Problem, options: SolveOptions): Outcome {
  const unwanted = new Set(options.differences?.flatMap(({ plants }) => [...plants]));
  const problem = without(whole, dominated(whole, unwanted));
  const began = options.now();
  const seconds = () => options.now() - began;
  const incumbent = new Incumbent(problem);

  const counts = greedyCounts(problem, budgetOf(problem));
  // A greedy plan is not made to differ from others.
  if (unwanted.size === 0) incumbent.offer(counts, incumbent.judged(counts));
  const greedy = incumbent.best.judged;
  options.take?.({ step: 'first', best: greedy, gap: null, targetsGap: null, seconds: seconds() });
  // Nobody is to be served, or nothing can be chosen: no plan is better than none.
  if (problem.question.targets.length === 0 || problem.choices.plants.length + problem.choices.features.length === 0)
    return { best: incumbent.best.judged, greedy, targetsGap: 0, wishesGap: 0, seconds: seconds() };

  const leafFactor = new Map<number, number>();
  /** Gap of the first level that is not proven; 0 where all are. Of the first round only. */
  let targetsGap: number | null = null;
  let wishesGap: number | null = null;
  for (let round = 0; round < MOST_ROUNDS && seconds() < options.seconds; round++) {
    const program = programOf(problem, { budget: budgetOf(problem), differences: options.differences ?? [], leafFactor });
    let step: SolveStep = 'targets';
    const search = new Search(highs, program, {
      now: options.now,
      found: (values) => incumbent.consider(program, values),
      proved: (gap) => options.take?.({ step, best: incumbent.best.judged, gap, targetsGap, seconds: seconds() }),
    });
    const limit = (share: number): SearchLimit => ({
      nodes: options.nodes,
      until: began + options.seconds * share,
    });
    try {
      incumbent.last = null;
      const reached = reachLevels(search, program, incumbent, limit(TARGETS_SHARE));
      if (round === 0) targetsGap = reached.gap;
      if (!reached.start) break;
      step = 'wishes';
      const low = search.leastCost(reached.start, limit(1), options.enough ?? 0.02);
      if (round === 0) wishesGap = low?.gap ?? null;
      const broken = brokenPromises(problem, program, incumbent);
      if (broken.length === 0) break;
      // What coverage does not find is not proven, however well the program closes.
      if (round === 0) targetsGap = Math.max(targetsGap ?? 0, unkept(program, incumbent));
      for (const goal of broken) leafFactor.set(goal, (leafFactor.get(goal) ?? 1) * MORE_LEAF);
    } finally {
      search.dispose();
    }
  }
  return { best: incumbent.best.judged, greedy, targetsGap, wishesGap, seconds: seconds() };
}

/**
 * Reaches the most at each level, the first priority first, and fixes it. Answers the start for what follows (null where
 * a level found nothing) and the gap of the first level that is not proven.
 */
function reachLevels(
  search: Search,
  program: Program,
  incumbent: Incumbent,
  limit: SearchLimit,
): { start: Start | null; gap: number | null } {
  let start: Start = program.start(incumbent.best.counts);
  let gap = 0;
  let all = true;
  for (const [k, level] of program.levels.entries()) {
    // Where all that can be reached is reached already, there is nothing to search for.
    if (incumbent.best.judged.worth[k]! >= level.given + level.most - WORTH_STEP) {
      search.fix(level, level.most);
      continue;
    }
    const top = search.mostWorth(level, start, limit);
    if (!top) return { start: null, gap: null };
    const reached = valueOf(level, top.values);
    if (gap === 0) gap = top.gap ?? 1;
    if (reached < level.most - WORTH_STEP) all = false;
    search.fix(level, reached);
    start = { colValue: top.values };
  }
  if (all) search.fixAll();
  return { start, gap };
}

/** Share (0–1) of what the last solution promised at the first level that differs, that the best plan does not keep. */
function unkept({ levels }: Program, { last, best }: Incumbent): number {
  for (const [k, level] of last ? levels.entries() : []) {
    const promised = level.given + valueOf(level, last!.values);
    const missing = promised - best.judged.worth[k]!;
    if (missing > WORTH_STEP) return missing / promised;
  }
  return 0;
}

/** Goals that the last solution promised to close, or to serve better, than coverage finds. */
function brokenPromises({ goals, cells }: Problem, program: Program, { last }: Incumbent): number[] {
  if (!last) return [];
  const { partSteps } = SETTINGS.planner;
  return goals.flatMap((goal, i) => {
    const promised = last.values[program.goal[i]!]! > 0.5;
    const found = last.judged.covered.targets.find((row) => row.target === goal.target)!;
    if (promised && found.verdict !== 'closed') return [i];
    // The same cells in the steps in which part of a need counts.
    const served = found.needs.flatMap((need) =>
      need.cells.map(({ ratio }) => Math.floor(Math.min(1, ratio) * partSteps + 1e-6) / partSteps),
    );
    const mean = served.reduce((sum, share) => sum + share, 0) / Math.max(1, served.length);
    const hoped = goal.cells.reduce((sum, of) => {
      const cell = cells[of]!;
      const { share } = cell.of.find((row) => row.goal === i)!;
      return sum + share * (last.values[program.cell[of]!]! / (cell.whole ? 1 : partSteps));
    }, goal.given);
    return goal.cells.some((of) => (cells[of]!.amount?.shared.length ?? 0) > 0) && hoped > mean + 1e-6 ? [i] : [];
  });
}
