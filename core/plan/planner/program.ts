import { SETTINGS } from '../../settings';
import { addCraft } from './craft-rows';
import { addLimits, type Limits } from './limit-rows';
import { ModelBuilder } from './model';
import { addCells, addGoals } from './need-rows';
import type { Problem } from './problem';
import type { Entry } from './rows';
import { prioritiesOf } from './worth';

/**
 * The problem as a mixed-integer program, for any solver that takes rows and columns.
 *
 * Sets        choices i (a plant on a site, or a feature), plants p, sites s, targets t of priority k, cells j (a need in
 *             a half-month), indicators u, shared leaf r, patches h.
 * Variables   x_i  integer     how many of a choice                          count
 *             y_im binary      at least m plants of choice i are used        atLeast (made on first use)
 *             z_p  binary      any of plant p is used                        kind
 *             s_q  continuous  a total over choices                          need-rows: addTotal
 *             u    0–1         one more kind counts                          need-rows: addIndicator
 *             w_rb continuous  larvae of brood b raised on shared leaf r     need-rows: addCells
 *             g_h  0–1         the largest patch                             need-rows: addPatch
 *             m_j  0–1         the part of what cell j needs that is met     cell (binary where it is all or nothing)
 *             l_t  binary      target t has leaf                             program
 *             c_t  binary      the life cycle of target t closes             goal
 * Rows        capacity         Σ ground x ≤ room of a site; crowns; limits; budget; difference     limit-rows
 *             linking          x ≥ m y; x ≤ U y (drift); x ≤ U z; z ≤ Σ y                          model
 *             amount, kinds, patch of each cell; eaten of r by any half-month Σ_b k_b w_rb ≤ leaf                  need-rows
 *             c_t ≤ m_j for every cell of t                                                        need-rows
 *             craft (pots, backbone, flowers by month, wishes in beds)                             craft-rows
 * Objectives  in turn, each then fixed for the next (lexicographic): the most targets with leaf; for each priority k, the
 *             first first, the most of Σ_t c_t + ½ Σ share of cells met; last, the least cost by the preferences.
 */
export interface Program {
  columns: number;
  lower: Float64Array<ArrayBuffer>;
  upper: Float64Array<ArrayBuffer>;
  /** 1 where a column is an integer. */
  integer: Int32Array<ArrayBuffer>;
  rows: number;
  rowLower: Float64Array<ArrayBuffer>;
  rowUpper: Float64Array<ArrayBuffer>;
  starts: Int32Array<ArrayBuffer>;
  indices: Int32Array<ArrayBuffer>;
  values: Float64Array<ArrayBuffer>;
  /** The objectives to be made most, the first priority first. */
  levels: Level[];
  /** The objective to be made least, when those are fixed. */
  cost: Float64Array<ArrayBuffer>;
  /** Columns of the choices in their order, of the cells, and of the goals. */
  choice: number[];
  cell: number[];
  goal: number[];
  /** A start from counts of the choices: values of the integer columns that follow from them. */
  start(counts: ArrayLike<number>): { indices: number[]; values: number[] };
}

/** The worth of the targets of one priority. */
export interface Level {
  /** The row that counts its targets that close, or those that have leaf; and the goals that it is about. */
  gains: number;
  of: number[];
  /** Coefficients of the objective, and the row that holds it. */
  worth: Float64Array<ArrayBuffer>;
  row: number;
  /** What kept plants give already, apart from the row; and the most that the row can ever be. */
  given: number;
  most: number;
}

export interface ProgramOptions extends Limits {
  /** Factor on what is asked of leaf that targets share, by goal. */
  leafFactor: ReadonlyMap<number, number>;
  /** Kinds that are planted only where one of these targets closes, or one of these has leaf that had none. */
  onlyFor?: readonly OnlyFor[];
}

/** A kind with a drawback, and the goals for whose sake it may be planted. */
export interface OnlyFor {
  plant: string;
  goals: readonly number[];
  leaf: readonly number[];
}

/** Writes the program of a problem. */
export function programOf(problem: Problem, options: ProgramOptions): Program {
  const model = new ModelBuilder(problem);
  addLimits(model, options);
  addCraft(model);
  const met = addCells(model, options.leafFactor);
  const goal = addGoals(model, met);
  model.linkKinds();
  const { columns, rows, count, byPlant, kind, atLeastColumns } = model;
  const { goals, cells } = problem;
  const { cellsWorth } = SETTINGS.planner;

  // Leaf first.
  const { someLeaf } = SETTINGS.planner;
  const fed = goals.map(({ leaf }) => {
    if (!leaf) return null;
    const reach = leaf.cells.reduce((sum, [cell, share]) => sum + share * columns.upper[met[cell]!]!, leaf.given);
    const column = columns.integer(reach >= someLeaf - 1e-6 ? 1 : 0);
    rows.atMost(leaf.given, [column, someLeaf], ...leaf.cells.map(([cell, share]): Entry => [met[cell]!, -share]));
    return column;
  });
  const leafEntries = fed.flatMap((column): Entry[] => (column === null ? [] : [[column, 1]]));
  const counting = (entries: readonly Entry[]) => rows.add(-Infinity, Infinity, entries);
  const feeding = (): Level => ({
    gains: counting(leafEntries),
    of: fed.flatMap((column, i) => (column === null ? [] : [i])),
    worth: model.objective(leafEntries),
    row: counting(leafEntries),
    given: 0,
    most: leafEntries.filter(([column]) => columns.upper[column] === 1).length,
  });
  for (const { plant, goals: served, leaf } of options.onlyFor ?? []) {
    const used = kind.get(plant);
    if (used === undefined) continue;
    const closing = [...served.map((of) => goal[of]!), ...leaf.flatMap((of) => fed[of] ?? [])];
    rows.atMost(0, [used, 1], ...closing.map((column): Entry => [column, -1]));
  }
  const ofPriorities = prioritiesOf(goals).map((priority): Level => {
    const at = (of: number) => goals[of]!.priority === priority;
    const entries: Entry[] = goal.flatMap((column, of): Entry[] => (at(of) ? [[column, 1]] : []));
    cells.forEach(({ of }, cell) => {
      for (const { goal: target, share } of of) if (at(target)) entries.push([met[cell]!, cellsWorth * share]);
    });
    const worth = model.objective(entries);
    return {
      gains: counting(goal.flatMap((column, i): Entry[] => (at(i) ? [[column, 1]] : []))),
      of: goals.flatMap((_, i) => (at(i) ? [i] : [])),
      worth,
      row: counting(entries),
      given: goals.filter((_, of) => at(of)).reduce((sum, { given }) => sum + cellsWorth * given, 0),
      most: worth.reduce((sum, value, column) => sum + (value === 0 ? 0 : value * columns.upper[column]!), 0),
    };
  });
  const levels = [feeding(), ...ofPriorities];
  return {
    columns: columns.count,
    lower: Float64Array.from(columns.lower),
    upper: Float64Array.from(columns.upper),
    integer: Int32Array.from(columns.integers),
    rows: rows.lower.length,
    rowLower: Float64Array.from(rows.lower),
    rowUpper: Float64Array.from(rows.upper),
    starts: Int32Array.from(rows.starts),
    indices: Int32Array.from(rows.indices),
    values: Float64Array.from(rows.values),
    levels,
    cost: model.objective(model.cost),
    choice: count,
    cell: met,
    goal,
    start(counts) {
      const at = new Map<number, number>();
      count.forEach((column, choice) => at.set(column, Math.min(counts[choice]!, model.upperOf(choice))));
      for (const { column, choice, least } of atLeastColumns.values()) at.set(column, Number(counts[choice]! >= least));
      for (const { column, choices } of [...model.filled, ...model.backbones])
        at.set(column, Number(choices.some((choice) => counts[choice]! > 0)));
      for (const [plant, list] of byPlant) at.set(kind.get(plant)!, Number(list.some((choice) => counts[choice]! > 0)));
      const indices = [...at.keys()].sort((a, b) => a - b);
      return { indices, values: indices.map((column) => at.get(column)!) };
    },
  };
}
