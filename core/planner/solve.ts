import type { Highs, Model, SolutionInput, SparseSolutionInput } from 'highs';
import { SETTINGS } from '../settings';
import type { Difference, Program } from './program';
import { programOf } from './program';
import { dominated, without } from './reduction';
import { greedyCounts } from './greedy';
import type { Problem } from './problem';
import { isBetter, judge, moneyFor, type Judged } from './proposal';

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
  /** Seconds for all of it. */
  seconds: number;
  /** A clock in seconds. */
  now: () => number;
  /** Told whenever a better plan or a better proof is there. */
  take?: (progress: Progress) => void;
  differences?: readonly Difference[];
  /** Gap (0–1) at which the search for what is liked better ends. */
  enough?: number;
}

/** Part of the time that the first question may take at most. */
const TARGETS_SHARE = 0.65;
/** Worth that is not worth proving: a thousandth of the lowest target; and less than any step of worth there is. */
const WORTH_TOLERANCE = 1e-3;
const WORTH_STEP = 1e-4;
const MOST_ROUNDS = 4;

/** The money left for what is proposed, beside kept plants that are still to be bought; null: no limit. */
function budgetOf({ question, choices }: Problem): number | null {
  const { budget_minor: budget } = question.wishes;
  return budget === null ? null : budget - moneyFor(question, choices.kept, { plants: [] });
}

/**
 * The best plan for a problem: first by what it is worth to the targets, then among those by the preferences, each
 * with a proven gap. A greedy plan comes first and is never fallen short of. Every plan is tried on coverage before it
 * is believed; where the sharing of leaf between targets promised more than coverage finds, more leaf is asked for and
 * the search goes on.
 */
export function solvePlan(highs: Highs, whole: Problem, options: SolveOptions): Outcome {
  const unwanted = new Set(options.differences?.flatMap(({ plants }) => [...plants]));
  const problem = without(whole, dominated(whole, unwanted));
  const { question, choices, costs } = problem;
  const began = options.now();
  const seconds = () => options.now() - began;
  const budget = question.wishes.budget_minor;
  const judged = (counts: ArrayLike<number>) => judge(question, choices, costs, counts);
  const kept = (row: Judged) => budget === null || row.money <= budget || row.proposed.plants.length === 0;

  const nothing = new Float64Array(choices.plants.length + choices.features.length);
  let best: { counts: Float64Array; judged: Judged } = { counts: nothing, judged: judged(nothing) };
  const counts = greedyCounts(problem, budgetOf(problem));
  const greedy = judged(counts);
  // A greedy plan is not made to differ from others.
  if (unwanted.size === 0 && kept(greedy) && isBetter(greedy, best.judged)) best = { counts, judged: greedy };
  const first = best.judged;
  options.take?.({ step: 'first', best: first, gap: null, targetsGap: null, seconds: seconds() });

  const given = problem.goals.reduce((sum, goal) => sum + SETTINGS.planner.cellsWorth * goal.weight * goal.given, 0);
  const leafFactor = new Map<number, number>();
  /** No plan is worth more: proven before anything was asked for beyond what coverage asks. */
  let bound: number | null = null;
  let wishesGap: number | null = null;
  const targetsGap = () => (bound === null ? null : Math.max(0, (bound - best.judged.worth) / Math.max(bound, 1e-9)));
  for (let round = 0; round < MOST_ROUNDS && seconds() < options.seconds; round++) {
    const program = programOf(problem, {
      budget: budgetOf(problem),
      differences: options.differences ?? [],
      leafFactor,
    });
    const search = new Search(highs, program, options, began);
    try {
      let found: { counts: Float64Array; judged: Judged; values: ArrayLike<number> } | null = null;
      const consider = (values: ArrayLike<number>): Judged => {
        const at = Float64Array.from(program.choice, (column) => Math.round(values[column]!));
        const row = judged(at);
        if (kept(row) && isBetter(row, best.judged)) best = { counts: at, judged: row };
        found = { counts: at, judged: row, values };
        return row;
      };
      const tell = (step: SolveStep) => (gap: number | null) =>
        options.take?.({
          step,
          best: best.judged,
          gap,
          targetsGap: step === 'targets' && round === 0 ? gap : targetsGap(),
          seconds: seconds(),
        });

      let start: SparseSolutionInput | { colValue: Float64Array } = program.start(best.counts);
      let reached = program.mostWorth;
      // Where all that can be reached is reached already there is no more to be had for the targets.
      if (best.judged.worth >= given + program.mostWorth - WORTH_STEP) bound ??= best.judged.worth;
      else {
        const top = search.mostWorth(start, options.seconds * TARGETS_SHARE, consider, tell('targets'));
        if (!top) break;
        start = { colValue: top.values };
        reached = program.worth.reduce((sum, value, column) => sum + value * top.values[column]!, 0);
        if (round === 0 && top.gap !== null) bound = given + reached * (1 + top.gap);
      }
      const low = search.leastCost(reached, start, options.seconds, options.enough ?? 0.02, consider, tell('wishes'));
      // Only the program as it was asked proves anything about all plans.
      wishesGap = round === 0 ? (low?.gap ?? null) : null;
      const last = found as { judged: Judged; values: ArrayLike<number> } | null;
      if (!last) break;
      // Did coverage find less than the program promised?
      const short = problem.goals.flatMap((goal, i) => {
        const promised = last.values[program.goal[i]!]! > 0.5;
        const there = last.judged.covered.targets.find((row) => row.target === goal.target)!.verdict === 'closed';
        return promised && !there ? [i] : [];
      });
      if (short.length === 0) break;
      for (const goal of short) leafFactor.set(goal, (leafFactor.get(goal) ?? 1) * 1.2);
    } finally {
      search.dispose();
    }
  }
  return { best: best.judged, greedy: first, targetsGap: targetsGap(), wishesGap, seconds: seconds() };
}

type Consider = (values: ArrayLike<number>) => void;
type Tell = (gap: number | null) => void;

interface Step {
  values: Float64Array;
  gap: number | null;
}

/** One program in the solver, asked for the most worth and then for the least cost. */
class Search {
  readonly #model: Model;
  readonly #all;

  constructor(
    private readonly highs: Highs,
    private readonly program: Program,
    private readonly options: SolveOptions,
    private readonly began: number,
  ) {
    const { columns, rows, lower, upper, rowLower, rowUpper, starts, indices, values, whole } = program;
    this.#all = { kind: 'range', from: 0, to: columns - 1 } as const;
    this.#model = highs.createModel({
      numCols: columns,
      numRows: rows,
      colCost: new Float64Array(columns),
      colLower: lower,
      colUpper: upper,
      rowLower,
      rowUpper,
      matrix: { format: 'csr', numCols: columns, numRows: rows, starts, indices, values },
      integrality: whole,
    });
    this.#model.options.set({ output_flag: false, presolve: 'off', mip_feasibility_tolerance: 1e-7 });
  }

  dispose() {
    this.#model.dispose();
  }

  /** Runs the search until `until` (seconds since it all began), telling of every plan and proof. */
  #run(until: number, relative: number, absolute: number, consider: Consider, tell: Tell): Step | null {
    const left = until - (this.options.now() - this.began);
    if (left <= 0.05) return null;
    const { callbackType, modelStatus } = this.highs.constants;
    let told = 0;
    this.#model.options.set({
      time_limit: left,
      mip_rel_gap: relative,
      mip_abs_gap: absolute,
    });
    this.#model.zeroAllClocks();
    let gap: number | null = null;
    const gapOf = (data: { mip_primal_bound?: number; mip_dual_bound?: number }) => {
      const { mip_primal_bound: at, mip_dual_bound: bound } = data;
      if (at === undefined || bound === undefined || !Number.isFinite(at) || !Number.isFinite(bound)) return gap;
      return Math.abs(at - bound) / Math.max(1e-9, Math.abs(at));
    };
    const run = this.#model.run({
      [callbackType.mipImprovingSolution]: (event) => {
        gap = gapOf(event.data);
        consider(event.data.mip_solution!);
        tell(gap);
        return undefined;
      },
      [callbackType.mipLogging]: (event) => {
        gap = gapOf(event.data);
        const now = this.options.now();
        if (now - told > 0.25) {
          told = now;
          tell(gap);
        }
        return undefined;
      },
    });
    if (run.modelStatus === modelStatus.infeasible || run.modelStatus === modelStatus.unboundedOrInfeasible) return null;
    const { colValue } = this.#model.getSolution();
    if (colValue.length === 0) return null;
    const info = this.#model.info.get('mip_gap') as number;
    gap =
      run.modelStatus === modelStatus.optimal
        ? Math.min(gap ?? 0, Number.isFinite(info) ? info : 0)
        : Number.isFinite(info)
          ? info
          : gap;
    consider(colValue);
    tell(gap);
    return { values: Float64Array.from(colValue), gap };
  }

  /** The most for the targets, starting from a plan. */
  mostWorth(start: SparseSolutionInput | SolutionInput, until: number, consider: Consider, tell: Tell) {
    // The solver makes least of its objective: the sign is turned.
    this.#model.changeColsCost(
      this.#all,
      this.program.worth.map((value) => -value),
    );
    this.#model.setSolution(start);
    return this.#run(until, 0, WORTH_TOLERANCE, consider, tell);
  }

  /** The least cost that is worth as much as has been reached. */
  leastCost(
    reached: number,
    start: SparseSolutionInput | SolutionInput,
    until: number,
    enough: number,
    consider: Consider,
    tell: Tell,
  ) {
    const { worthRow, mostWorth, cell, goal, upper, lower, cost } = this.program;
    if (reached >= mostWorth - WORTH_STEP) {
      const full = lower.slice();
      for (const column of [...cell, ...goal]) full[column] = upper[column]!;
      this.#model.changeColsBounds(this.#all, full, upper);
    } else this.#model.changeRowBounds(worthRow, reached - WORTH_STEP, Infinity);
    this.#model.changeColsCost(this.#all, cost);
    this.#model.setSolution(start);
    return this.#run(until, enough, 1, consider, tell);
  }
}
