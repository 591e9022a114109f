import type { Highs, Model, ModelData, SolutionInput, SparseSolutionInput } from 'highs';
import { SETTINGS } from '../../settings';
import type { Level, Program } from './program';

/** Absolute gap at which an objective of worth counts as proven: half of what is not worth any money. */
const WORTH_GAP = SETTINGS.planner.worthStep / 2;
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

/**
 * One program asked for one objective after the other, each fixed for the next. Each is asked of a fresh model: what the
 * solver remembers of the last objective only leads it astray.
 */
export class Search {
  readonly #lower: Program['lower'];
  readonly #rowLower: Program['rowLower'];

  constructor(
    private readonly highs: Highs,
    private readonly program: Program,
    private readonly watcher: Watcher,
  ) {
    this.#lower = program.lower.slice();
    this.#rowLower = program.rowLower.slice();
  }

  /** The most of a level's worth less `thrift` times the cost, beginning from a start. */
  mostWorth(level: Pick<Level, 'worth'>, start: Start, limit: SearchLimit, thrift: number): Found | null {
    // HiGHS minimises, so the objective is negated.
    const { cost: dear } = this.program;
    const cost = level.worth.map((value, column) => thrift * dear[column]! - value);
    return this.#run(cost, start, limit, 0, WORTH_GAP);
  }

  /** Fixes a level at what was reached, for all objectives that follow. */
  fix(level: Level, reached: number) {
    this.#rowLower[level.row] = reached - WORTH_STEP;
  }

  /** Asks for so many targets of a level that close, or have leaf; null: for as many as may be. */
  askFor(level: Level, count: number | null) {
    this.#rowLower[level.gains] = count === null ? -Infinity : count - WORTH_STEP;
  }

  /** Keeps every cell and goal about where a solution has it, so that the same needs are met: tighter by far than the rows alone. */
  keepMet(values: ArrayLike<number>) {
    const { upper, cell, goal } = this.program;
    const { keptSteps } = SETTINGS.planner;
    for (const column of [...cell, ...goal])
      this.#lower[column] = Math.min(upper[column]!, Math.floor(keptSteps * values[column]! + 1e-6) / keptSteps);
  }
  /** The same, where all that can be reached is reached. */
  keepAll() {
    this.keepMet(this.program.upper);
  }

  /** The least cost by the preferences, to a relative gap. */
  leastCost(start: Start, limit: SearchLimit, gap: number): Found | null {
    return this.#run(this.program.cost, start, limit, gap, 1);
  }

  #run(cost: Program['cost'], start: Start, limit: SearchLimit, relative: number, absolute: number): Found | null {
    if (limit.until - this.watcher.now() <= 0.05) return null;
    const { program } = this;
    const model = this.highs.createModel(solverInput({ ...program, rowLower: this.#rowLower }, cost, this.#lower));
    try {
      model.setSolution(start);
      return this.#solve(model, limit, relative, absolute);
    } finally {
      model.dispose();
    }
  }

  #solve(model: Model, { nodes, until }: SearchLimit, relative: number, absolute: number): Found | null {
    const left = until - this.watcher.now();
    const { callbackType, modelStatus } = this.highs.constants;
    model.options.set({
      output_flag: false,
      presolve: 'off',
      mip_feasibility_tolerance: 1e-7,
      time_limit: Number.isFinite(left) ? left : 1e9,
      mip_max_nodes: Number.isFinite(nodes) ? nodes : 2 ** 31 - 1,
      mip_rel_gap: relative,
      mip_abs_gap: absolute,
    });
    let gap: number | null = null;
    let shown = 0;
    const gapOf = (data: { mip_primal_bound?: number; mip_dual_bound?: number }) => {
      const { mip_primal_bound: at, mip_dual_bound: bound } = data;
      if (at === undefined || bound === undefined || !Number.isFinite(at) || !Number.isFinite(bound)) return gap;
      return Math.abs(at - bound) / Math.max(1e-9, Math.abs(at));
    };
    const run = model.run({
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
    const { colValue } = model.getSolution();
    if (colValue.length === 0) return null;
    const info = model.info.get('mip_gap') as number;
    // Proven to less than half of what is worth anything is proven.
    if (run.modelStatus === modelStatus.optimal) gap = relative > 0 && Number.isFinite(info) ? Math.min(gap ?? 0, info) : 0;
    else if (Number.isFinite(info)) gap = info;
    this.watcher.found(colValue);
    this.watcher.proved(gap);
    return { values: Float64Array.from(colValue), gap };
  }
}
