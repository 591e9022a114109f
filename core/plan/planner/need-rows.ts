import { SETTINGS } from '../../settings';
import { times, type ModelBuilder } from './model';
import type { Cell, Indicator, Patch, Term } from './cells';
import type { Entry } from './rows';

/** A total as the rows that use it write it. */
interface Total {
  column: number;
  each: number;
}

/** A total over several choices has a column of its own (s = Σ a x), so that the rows that use it stay short. */
function addTotal(model: ModelBuilder, terms: readonly Term[]): Total {
  if (terms.length === 0) return { column: -1, each: 0 };
  if (terms.length === 1) return { column: model.count[terms[0]![0]]!, each: terms[0]![1] };
  const upper = terms.reduce((sum, [choice, each]) => sum + each * model.upperOf(choice), 0);
  const column = model.columns.add(0, upper, false);
  model.rows.add(0, 0, [[column, -1], ...terms.map(([choice, each]): Entry => [model.count[choice]!, each])]);
  return { column, each: 1 };
}

/** The indicator of a kind (u ≤ Σ y): z where any use of the plant will do, else 1 once a choice reaches its minimum. */
function addIndicator(model: ModelBuilder, terms: Indicator): number {
  if (terms.length === 0) return -1;
  const { plants } = model.problem.choices;
  const plant = plants[terms[0]![0]]?.here.plant.id;
  const all = plant !== undefined && terms.length === model.byPlant.get(plant)!.length;
  if (all && terms.every(([choice, least]) => least <= plants[choice]!.least)) return model.kind.get(plant)!;
  const any = [...new Set(terms.map(([choice, least]) => model.atLeast(choice, least)))];
  if (any.length === 1) return any[0]!;
  const column = model.columns.share();
  model.rows.atMost(0, [column, 1], ...times(any, -1));
  return column;
}

/** The largest patch (g): the part on one site, chosen by an indicator for each site. */
function addPatch(model: ModelBuilder, patch: Patch): number {
  const largest = model.columns.share();
  const parts = patch.map(({ fixed, from }) => {
    const part = patch.length === 1 ? largest : model.columns.share();
    model.rows.atMost(fixed, [part, 1], ...from.map(([choice, each]): Entry => [model.count[choice]!, -each]));
    return part;
  });
  if (patch.length === 1) return largest;
  const chosen = parts.map((part) => {
    const column = model.columns.integer(1);
    model.rows.atMost(0, [part, 1], [column, -1]);
    return column;
  });
  model.rows.atMost(1, ...times(chosen, 1));
  model.rows.atMost(0, [largest, 1], ...times(parts, -1));
  return largest;
}

/** The part of a cell (0–1) that could be met if it were the only one: nothing where nothing serves it. */
function reachOf({ amount, kinds }: Cell): number {
  const amounts = amount && amount.from.length + amount.shared.length === 0 ? amount.fixed / amount.demand : 1;
  const ofPale =
    amount && amount.shared.length === 0 && amount.from.every(([total]) => amount.pale.includes(total))
      ? (2 * amount.strong) / amount.demand
      : 1;
  return Math.min(1, amounts, ofPale, kinds ? (kinds.fixed + kinds.from.length) / kinds.wanted : 1);
}

/**
 * The cells (m, the part of what is needed; of special needs all or nothing), each held down by its amount, its kinds and its patch, with the totals,
 * indicators, shared resources and patches they refer to. `leafFactor`: factor on what is asked of shared leaf, by goal.
 */
export function addCells(model: ModelBuilder, leafFactor: ReadonlyMap<number, number>): number[] {
  const { cells, resources, parts, totals, indicators, patches } = model.problem;
  const totalOf = totals.map((terms) => addTotal(model, terms));
  const indicatorOf = indicators.map((terms) => addIndicator(model, terms));
  const patchOf = patches.map((patch) => addPatch(model, patch));
  const partOf = parts.map(() => model.columns.add(0, Infinity, false));
  const met = cells.map((cell): number => {
    const reach = reachOf(cell);
    const column = cell.whole ? model.columns.integer(Math.floor(reach + 1e-6)) : model.columns.add(0, reach, false);
    const { kinds, patch } = cell;
    if (cell.amount) addAmount(model, cell, column, totalOf, partOf, leafFactor);
    if (kinds) model.rows.atLeast(-kinds.fixed, [column, -kinds.wanted], ...kinds.from.map((of): Entry => [indicatorOf[of]!, 1]));
    if (patch !== null) model.rows.atMost(0, [column, 1], [patchOf[patch]!, -1]);
    return column;
  });
  // Shared resources: what all have eaten by any half-month is no more than there is.
  for (const { total, fixed, rows } of resources) {
    const there: Entry[] = total === null ? [] : [[totalOf[total]!.column, -totalOf[total]!.each]];
    for (const row of rows) model.rows.atMost(fixed, ...row.map(([part, takes]): Entry => [partOf[part]!, takes]), ...there);
  }
  return met;
}

/**
 * The amount row of a cell: demand × m ≤ fixed + Σ a s + Σ a w; where pale plants give too, also
 * ½ demand × m ≤ strong + Σ a s of those that are not.
 */
function addAmount(
  model: ModelBuilder,
  cell: Cell,
  column: number,
  totalOf: readonly Total[],
  partOf: readonly number[],
  leafFactor: ReadonlyMap<number, number>,
) {
  const { fixed, strong, pale, from, shared } = cell.amount!;
  const factor = shared.length === 0 ? 1 : Math.max(1, ...cell.of.map(({ goal }) => leafFactor.get(goal) ?? 1));
  const demand = cell.amount!.demand * factor;
  // Coefficients are cut to what is missing: a tighter relaxation, the same whole solutions.
  const weakest = SETTINGS.fit.from.workable;
  const parts = shared.map(([part, there]): Entry => [partOf[part]!, there]);
  const soleOf = (list: typeof from, missing: number) =>
    list.map(([total, each]): Entry => [totalOf[total]!.column, Math.min(each, missing / weakest) * totalOf[total]!.each]);
  const better = from.filter(([total]) => !pale.includes(total));
  if ((pale.length > 0 || strong < fixed) && demand / 2 - strong > 1e-9)
    model.rows.atLeast(-strong, [column, -demand / 2], ...soleOf(better, demand / 2 - strong));
  const missing = demand - fixed;
  if (missing <= 1e-9) return;
  const sole = soleOf(from, missing);
  if (shared.length === 0 && from.length > 1) addKindCut(model, cell, column);
  model.rows.atLeast(-fixed, [column, -demand], ...sole, ...parts);
}

/** A valid cut: the kinds used must be able to give what is met, each as much as there is room for. */
function addKindCut(model: ModelBuilder, cell: Cell, column: number) {
  const { demand, fixed, from } = cell.amount!;
  const { choices, totals } = model.problem;
  const byKind = new Map<number, number>();
  for (const [total, each] of from)
    for (const [choice, one] of totals[total]!) {
      const plant = choices.plants[choice]?.here.plant.id;
      const of = plant === undefined ? model.count[choice]! : model.kind.get(plant)!;
      byKind.set(of, (byKind.get(of) ?? 0) + each * one * model.upperOf(choice));
    }
  model.rows.atLeast(-fixed, [column, -demand], ...[...byKind].map(([of, all]): Entry => [of, Math.min(all, demand - fixed)]));
}

/** The goals (c, 1 only where every cell of a target is met whole). */
export function addGoals(model: ModelBuilder, met: readonly number[]): number[] {
  return model.problem.goals.map(({ cells }) => {
    const reachable = cells.every((cell) => model.columns.upper[met[cell]!]! >= 1 - 1e-6) ? 1 : 0;
    const closes = model.columns.add(cells.length === 0 ? 1 : 0, reachable, true);
    for (const cell of cells) model.rows.atMost(0, [closes, 1], [met[cell]!, -1]);
    return closes;
  });
}
