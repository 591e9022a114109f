import type { Highs, Model, ModelData, SolutionInput, SparseSolutionInput } from 'highs';
import type { Level, Program } from './program';

/** Absolute gap at which an objective of worth counts as proven: less than any step of worth there is. */
const WORTH_GAP = 1e-3;
/** Less than any step of worth there is: how far the row of a fixed objective may fall below what was reached. */
export const WORTH_STEP = 1e-4;

export type Start = SparseSolutionInput | SolutionInput;

/** Where the search of one objective ends: at the branch-and-bound nodes, or (for slow machines) the seconds on the clock. */
export interface SearchLimit {
  nodes: number;
  until: number;
}

/** What a search shows while it goes on. */
export interface Watcher {
  /** A clock in seconds. */
  now: () => number;
  /** A solution of the program, better than the ones before. */
  found: (values: ArrayLike<number>) => void;
  /** The relative gap (0–1) between it and the proven bound; null where not yet known. */
  proved: (gap: number | null) => void;
}

export interface Found {
  values: Float64Array;
  gap: number | null;
}

/** A program as the solver takes it, to make a cost least. */
export function solverInput(program: Program, cost: Program['cost'], lower: Program['lower'] = program.lower): ModelData {
  const { columns, rows, upper, rowLower, rowUpper, starts, indices, values, integer } = program;
  return {
    numCols: columns,
    numRows: rows,
    colCost: cost,
    colLower: lower,
    colUpper: upper,
    rowLower,
    rowUpper,
    matrix: { format: 'csr', numCols: columns, numRows: rows, starts, indices, values },
    integrality: integer,
  };
}

/** One program in the solver, asked for one objective after the other, each fixed for the next. */
export class Search {
  readonly #model: Model;
  readonly #all;

  constructor(
    private readonly highs: Highs,
    private readonly program: Program,
    private readonly watcher: Watcher,
  ) {
    this.#all = { kind: 'range', from: 0, to: program.columns - 1 } as const;
    this.#model = highs.createModel(solverInput(program, new Float64Array(program.columns)));
    this.#model.options.set({ output_flag: false, presolve: 'off', mip_feasibility_tolerance: 1e-7 });
  }

  dispose() {
    this.#model.dispose();
  }

  /** The most of a level's worth, beginning from a start. */
  mostWorth(level: Level, start: Start, limit: SearchLimit): Found | null {
    // HiGHS minimises, so the objective is negated.
    this.#model.changeColsCost(
      this.#all,
      level.worth.map((value) => -value),
    );
    this.#model.setSolution(start);
    return this.#run(limit, 0, WORTH_GAP);
  }

  /** Fixes a level at what was reached, for all objectives that follow. */
  fix(level: Level, reached: number) {
    this.#model.changeRowBounds(level.row, reached - WORTH_STEP, Infinity);
  }

  /** Fixes every cell and goal at its upper bound, where all that can be reached is reached: tighter than the rows. */
  fixAll() {
    const { lower, upper, cell, goal } = this.program;
    const full = lower.slice();
    for (const column of [...cell, ...goal]) full[column] = upper[column]!;
    this.#model.changeColsBounds(this.#all, full, upper);
  }

  /** The least cost by the preferences, to a relative gap. */
  leastCost(start: Start, limit: SearchLimit, gap: number): Found | null {
    this.#model.changeColsCost(this.#all, this.program.cost);
    this.#model.setSolution(start);
    return this.#run(limit, gap, 1);
  }

  #run({ nodes, until }: SearchLimit, relative: number, absolute: number): Found | null {
    const left = until - this.watcher.now();
    if (left <= 0.05) return null;
    const { callbackType, modelStatus } = this.highs.constants;
    this.#model.options.set({
      time_limit: Number.isFinite(left) ? left : 1e9,
      mip_max_nodes: Number.isFinite(nodes) ? nodes : 2 ** 31 - 1,
      mip_rel_gap: relative,
      mip_abs_gap: absolute,
    });
    this.#model.zeroAllClocks();
    let gap: number | null = null;
    let shown = 0;
    const gapOf = (data: { mip_primal_bound?: number; mip_dual_bound?: number }) => {
      const { mip_primal_bound: at, mip_dual_bound: bound } = data;
      if (at === undefined || bound === undefined || !Number.isFinite(at) || !Number.isFinite(bound)) return gap;
      return Math.abs(at - bound) / Math.max(1e-9, Math.abs(at));
    };
    const run = this.#model.run({
      [callbackType.mipImprovingSolution]: (event) => {
        gap = gapOf(event.data);
        this.watcher.found(event.data.mip_solution!);
        this.watcher.proved(gap);
        return undefined;
      },
      [callbackType.mipLogging]: (event) => {
        gap = gapOf(event.data);
        const now = this.watcher.now();
        if (now - shown > 0.25) {
          shown = now;
          this.watcher.proved(gap);
        }
        return undefined;
      },
    });
    if (run.modelStatus === modelStatus.infeasible || run.modelStatus === modelStatus.unboundedOrInfeasible) return null;
    const { colValue } = this.#model.getSolution();
    if (colValue.length === 0) return null;
    const info = this.#model.info.get('mip_gap') as number;
    if (run.modelStatus === modelStatus.optimal) gap = Math.min(gap ?? 0, Number.isFinite(info) ? info : 0);
    else if (Number.isFinite(info)) gap = info;
    this.watcher.found(colValue);
    this.watcher.proved(gap);
    return { values: Float64Array.from(colValue), gap };
  }
}
