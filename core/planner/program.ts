import { SETTINGS } from '../settings';
import { unitPrice, unitsToBuy } from '../shopping/sizes';
import { choicesByPlant, keptCount } from './choices';
import type { Cell, Problem, Sign, Term } from './problem';
import { sizeFor } from './question';
import { usefulMost } from './reduction';
import { Columns, Rows, type Entry } from './rows';

/**
 * The problem as a mixed-integer program in rows and columns, for any solver that takes one. Two objectives over the
 * same rows: first what the garden is worth to its targets (to be made most), then what it costs by the preferences
 * (to be made least).
 */
export interface Program {
  columns: number;
  lower: Float64Array<ArrayBuffer>;
  upper: Float64Array<ArrayBuffer>;
  /** 1 where a column is a whole number. */
  whole: Int32Array<ArrayBuffer>;
  rows: number;
  rowLower: Float64Array<ArrayBuffer>;
  rowUpper: Float64Array<ArrayBuffer>;
  starts: Int32Array<ArrayBuffer>;
  indices: Int32Array<ArrayBuffer>;
  values: Float64Array<ArrayBuffer>;
  worth: Float64Array<ArrayBuffer>;
  cost: Float64Array<ArrayBuffer>;
  /** The row that holds the worth, and the most it can ever be. */
  worthRow: number;
  mostWorth: number;
  /** Columns of the choices in their order, of the cells, and of the goals. */
  choice: number[];
  cell: number[];
  goal: number[];
  /** Values of the whole-number columns that follow from counts of the choices. */
  start(counts: ArrayLike<number>): { indices: number[]; values: number[] };
}

/** At least this share of the kinds of a plan must not be among `plants`. */
export interface Difference {
  plants: ReadonlySet<string>;
  share: number;
}

export interface ProgramOptions {
  /** Money (hundredths) for what is proposed; null: no limit. */
  budget: number | null;
  differences: readonly Difference[];
  /** Factor on what is asked of leaf that targets share, by goal. */
  leafFactor: ReadonlyMap<number, number>;
}

const times = (columns: readonly number[], value: number): Entry[] => columns.map((column) => [column, value]);

class Writer {
  readonly columns = new Columns();
  readonly rows = new Rows();
  readonly cost: Entry[] = [];
  readonly worth: Entry[] = [];
  /** How many of each choice. */
  readonly count: number[] = [];
  readonly #useful: Int32Array;
  readonly byPlant: Map<string, number[]>;
  readonly kind = new Map<string, number>();
  /** Whether a choice stands in so many plants: made when something asks. */
  readonly standing = new Map<string, { column: number; choice: number; least: number }>();

  constructor(
    readonly problem: Problem,
    readonly options: ProgramOptions,
  ) {
    const { choices, costs } = problem;
    this.#useful = usefulMost(problem);
    this.byPlant = choicesByPlant(choices.plants);
    choices.plants.forEach(({ least }, choice) => {
      this.count.push(this.columns.number(this.#useful[choice]!));
      this.cost.push([this.count[choice]!, costs.each[choice]!]);
      // A drift begins with several: none, or so many.
      if (least > 1) this.stands(choice, least);
    });
    for (const _ of choices.features) {
      const column = this.columns.number(1);
      this.count.push(column);
      this.cost.push([column, costs.feature]);
    }
    for (const plant of this.byPlant.keys()) {
      const column = this.columns.number(1);
      this.kind.set(plant, column);
      this.cost.push([column, costs.kind.get(plant)!]);
    }
  }

  most = (choice: number) => this.#useful[choice] ?? 1;

  /** The column that is 1 only where a choice stands in so many plants or more. */
  stands(choice: number, least: number): number {
    const plant = this.problem.choices.plants[choice];
    const from = Math.max(least, plant?.least ?? 1);
    if (!plant || (from === 1 && this.most(choice) === 1)) return this.count[choice]!;
    const key = `${choice} ${from}`;
    let known = this.standing.get(key);
    if (!known) {
      known = { column: this.columns.number(1), choice, least: from };
      this.standing.set(key, known);
      this.rows.least(0, [this.count[choice]!, 1], [known.column, -from]);
      if (from === plant.least) this.rows.most(0, [this.count[choice]!, 1], [known.column, -this.most(choice)]);
    }
    return known.column;
  }

  /** A kind is there where any of its choices stands, and any stands only where the kind is there. */
  kinds() {
    const { plants } = this.problem.choices;
    for (const [plant, list] of this.byPlant) {
      const kind = this.kind.get(plant)!;
      const any = list.map((choice) => {
        const { least } = plants[choice]!;
        const known = this.standing.get(`${choice} ${least}`)?.column;
        if (known === undefined) this.rows.most(0, [this.count[choice]!, 1], [kind, -this.most(choice)]);
        else this.rows.most(0, [known, 1], [kind, -1]);
        return known ?? this.count[choice]!;
      });
      this.rows.most(0, [kind, 1], ...times(any, -1));
    }
  }

  /** Ground, crowns, the gardener's limits, money, and how far it must differ from other plans. */
  rules() {
    const { choices, question } = this.problem;
    const { plants, rooms, kept } = choices;
    for (const { site, left, crowns } of rooms) {
      const here = plants.flatMap((row, choice) => (row.site === site ? [choice] : []));
      const trees = here.filter((choice) => plants[choice]!.crown > 0);
      if (here.length > 0) this.rows.most(left, ...here.map((of): Entry => [this.count[of]!, plants[of]!.ground]));
      if (trees.length > 0) this.rows.most(crowns, ...trees.map((of): Entry => [this.count[of]!, plants[of]!.crown]));
    }
    for (const [plant, list] of this.byPlant) {
      const wanted = question.wishes.most[plant];
      if (wanted === undefined || list.length === 1) continue;
      const there = keptCount(kept, plant);
      this.rows.most(wanted - there, ...list.map((of): Entry => [this.count[of]!, 1]));
    }
    if (this.options.budget !== null) this.#money(this.options.budget);
    for (const { plants: others, share } of this.options.differences)
      this.rows.most(0, ...[...this.kind].map(([plant, column]): Entry => [column, others.has(plant) ? share : share - 1]));
  }

  /** Money for all that is bought, spares and packets in whole numbers, beside what kept plants cost anyway. */
  #money(budget: number) {
    const { question, choices } = this.problem;
    const { losses, plantsPerPacket } = SETTINGS.shopping;
    const bill: Entry[] = [];
    for (const [id, list] of this.byPlant) {
      const { plant } = choices.plants[list[0]!]!.here;
      const size = sizeFor(question, plant);
      const price = unitPrice(plant, size, question.prices);
      const counts = list.map((of) => this.count[of]!);
      const there = choices.kept
        .filter((row) => row.plant === id && row.state === 'planned')
        .reduce((sum, row) => sum + row.count, 0);
      const bought = unitsToBuy(there, size);
      const share = size === 'seed' ? 1 / plantsPerPacket : losses[size];
      // Whole packets, or whole spares rounded as they are on the list.
      const extra = this.columns.number(Infinity);
      const least = size === 'seed' ? there * share - bought : there * share - 0.5 - (bought - there) + 1e-6;
      this.rows.least(least, [extra, 1], ...times(counts, -share));
      bill.push([extra, price]);
      if (size !== 'seed') bill.push(...times(counts, price));
    }
    this.rows.most(budget, ...bill);
  }

  /** A sum over sites has a column of its own, so that the rows that use it stay short. */
  sum(terms: readonly Term[]): { column: number; each: number } {
    if (terms.length === 0) return { column: -1, each: 0 };
    if (terms.length === 1) return { column: this.count[terms[0]![0]]!, each: terms[0]![1] };
    const all = terms.reduce((sum, [choice, each]) => sum + each * this.most(choice), 0);
    const column = this.columns.add(0, all, false);
    this.rows.add(0, 0, [[column, -1], ...terms.map(([choice, each]): Entry => [this.count[choice]!, each])]);
    return { column, each: 1 };
  }

  sign(terms: Sign): number {
    if (terms.length === 0) return -1;
    const { plants } = this.problem.choices;
    const first = plants[terms[0]![0]]?.here.plant.id;
    const whole = first !== undefined && terms.length === this.byPlant.get(first)!.length;
    if (whole && terms.every(([choice, least]) => least <= plants[choice]!.least)) return this.kind.get(first)!;
    const any = [...new Set(terms.map(([choice, least]) => this.stands(choice, least)))];
    if (any.length === 1) return any[0]!;
    const column = this.columns.share();
    this.rows.most(0, [column, 1], ...times(any, -1));
    return column;
  }

  /** The largest patch counts: one site is named for it. */
  patch(patch: Problem['patches'][number]): number {
    const best = this.columns.share();
    const parts = patch.map(({ fixed, from }) => {
      const part = patch.length === 1 ? best : this.columns.share();
      this.rows.most(fixed, [part, 1], ...from.map(([choice, each]): Entry => [this.count[choice]!, -each]));
      return part;
    });
    if (patch.length === 1) return best;
    const named = parts.map((part) => {
      const column = this.columns.number(1);
      this.rows.most(0, [part, 1], [column, -1]);
      return column;
    });
    this.rows.most(1, ...times(named, 1));
    this.rows.most(0, [best, 1], ...times(parts, -1));
    return best;
  }

  /** How far each cell is met, in whole steps of what is needed. */
  cells(): { column: number; steps: number }[] {
    const { cells, pools, sums, signs, patches } = this.problem;
    const sumOf = sums.map((terms) => this.sum(terms));
    const signOf = signs.map((terms) => this.sign(terms));
    const patchOf = patches.map((patch) => this.patch(patch));
    const taken: number[][] = pools.map(() => []);
    // No plant counts for more than what is missing: the rows are tighter and say the same.
    const weakest = Math.min(...Object.values(SETTINGS.fit.yield).filter((share) => share > 0));
    const met = cells.map((cell) => {
      const steps = cell.whole ? 1 : SETTINGS.planner.partSteps;
      const column = this.columns.number(Math.floor(steps * this.#reach(cell) + 1e-6));
      const { kinds, patch } = cell;
      if (cell.amount) {
        const { fixed, from, pooled } = cell.amount;
        const demand = this.#demand(cell, cell.amount.demand);
        const most = (demand - fixed) / weakest;
        const shared = pooled.map(([pool, each]): Entry => {
          const part = this.columns.add(0, Infinity, false);
          taken[pool]!.push(part);
          return [part, each];
        });
        const sole = from.map(([sum, each]): Entry => [sumOf[sum]!.column, Math.min(each, most) * sumOf[sum]!.each]);
        if (most > 1e-9 && pooled.length === 0 && from.length > 1) {
          // Kinds alone must be able to give it, each as much as there is room for: says no more, but says it sharper.
          const byKind = new Map<number, number>();
          for (const [sum, each] of from)
            for (const [choice, one] of sums[sum]!) {
              const plant = this.problem.choices.plants[choice]?.here.plant.id;
              const of = plant === undefined ? this.count[choice]! : this.kind.get(plant)!;
              byKind.set(of, (byKind.get(of) ?? 0) + each * one * this.most(choice));
            }
          this.rows.least(
            -fixed,
            [column, -demand / steps],
            ...[...byKind].map(([of, all]): Entry => [of, Math.min(all, demand - fixed)]),
          );
        }
        if (most > 1e-9) this.rows.least(-fixed, [column, -demand / steps], ...sole, ...shared);
      }
      if (kinds)
        this.rows.least(-kinds.fixed, [column, -kinds.wanted / steps], ...kinds.from.map((of): Entry => [signOf[of]!, 1]));
      if (patch !== null) this.rows.most(0, [column, 1 / steps], [patchOf[patch]!, -1]);
      return { column, steps };
    });
    pools.forEach(({ sum, fixed }, pool) => {
      const there: Entry[] = sum === null ? [] : [[sumOf[sum]!.column, -sumOf[sum]!.each]];
      if (taken[pool]!.length > 0) this.rows.most(fixed, ...times(taken[pool]!, 1), ...there);
    });
    return met;
  }
  /** The part of a cell (0–1) that could be met if it were the only one: nothing where nothing serves it. */
  #reach({ amount, kinds }: Cell): number {
    const amounts = amount && amount.from.length + amount.pooled.length === 0 ? amount.fixed / amount.demand : 1;
    return Math.min(1, amounts, kinds ? (kinds.fixed + kinds.from.length) / kinds.wanted : 1);
  }
  #demand({ of, amount }: Cell, demand: number): number {
    if (amount!.pooled.length === 0) return demand;
    return demand * Math.max(1, ...of.map(({ goal }) => this.options.leafFactor.get(goal) ?? 1));
  }

  /** A target closes where all its cells are met. */
  goals(met: readonly { column: number; steps: number }[]): number[] {
    const { goals, cells } = this.problem;
    const closing = goals.map(({ weight, cells: own }) => {
      const may = own.every((cell) => this.columns.upper[met[cell]!.column] === met[cell]!.steps) ? 1 : 0;
      const closes = this.columns.add(own.length === 0 ? 1 : 0, may, true);
      this.worth.push([closes, weight]);
      for (const cell of own) this.rows.most(0, [closes, 1], [met[cell]!.column, -1 / met[cell]!.steps]);
      return closes;
    });
    cells.forEach(({ of }, cell) => {
      const { column, steps } = met[cell]!;
      for (const { goal, share } of of)
        this.worth.push([column, (SETTINGS.planner.cellsWorth * goals[goal]!.weight * share) / steps]);
    });
    return closing;
  }

  objective(entries: readonly Entry[]): Float64Array<ArrayBuffer> {
    const values = new Float64Array(this.columns.count);
    for (const [column, value] of entries) values[column]! += value;
    return values;
  }
}

/** Writes the program of a problem. */
export function programOf(problem: Problem, options: ProgramOptions): Program {
  const writer = new Writer(problem, options);
  const { columns, rows, count, byPlant, kind, standing } = writer;
  writer.rules();
  const met = writer.cells();
  const goal = writer.goals(met);
  writer.kinds();
  const worth = writer.objective(writer.worth);
  const worthRow = rows.add(
    -Infinity,
    Infinity,
    [...worth].map((value, column): Entry => [column, value]),
  );
  return {
    columns: columns.count,
    lower: Float64Array.from(columns.lower),
    upper: Float64Array.from(columns.upper),
    whole: Int32Array.from(columns.whole),
    rows: rows.lower.length,
    rowLower: Float64Array.from(rows.lower),
    rowUpper: Float64Array.from(rows.upper),
    starts: Int32Array.from(rows.starts),
    indices: Int32Array.from(rows.indices),
    values: Float64Array.from(rows.values),
    worth,
    cost: writer.objective(writer.cost),
    worthRow,
    mostWorth: worth.reduce((sum, value, column) => sum + (value === 0 ? 0 : value * columns.upper[column]!), 0),
    choice: count,
    cell: met.map(({ column }) => column),
    goal,
    start(counts) {
      const at = new Map<number, number>();
      count.forEach((column, choice) => at.set(column, Math.min(counts[choice]!, writer.most(choice))));
      for (const { column, choice, least } of standing.values()) at.set(column, Number(counts[choice]! >= least));
      for (const [plant, list] of byPlant) at.set(kind.get(plant)!, Number(list.some((choice) => counts[choice]! > 0)));
      const indices = [...at.keys()].sort((a, b) => a - b);
      return { indices, values: indices.map((column) => at.get(column)!) };
    },
  };
}
