import { choicesByPlant } from './choices';
import type { Problem } from './problem';
import { usefulMost } from './reduction';
import { Columns, Rows, type Entry } from './rows';

export const times = (columns: readonly number[], value: number): Entry[] => columns.map((column) => [column, value]);

/** A minimum-count indicator: its column is 1 only where at least `least` plants of a choice are used. */
interface AtLeast {
  column: number;
  choice: number;
  least: number;
}

/**
 * The model while it is built: the columns that everything else refers to. x: how many of each choice. y: minimum-count
 * indicators, each made on first use. z: whether a kind is used at all.
 */
export class ModelBuilder {
  readonly columns = new Columns();
  readonly rows = new Rows();
  readonly cost: Entry[] = [];
  /** x, by choice. */
  readonly count: number[] = [];
  /** z, by plant. */
  readonly kind = new Map<string, number>();
  readonly atLeastColumns = new Map<string, AtLeast>();
  readonly byPlant: Map<string, number[]>;
  /** Whether new mix fills a pot. */
  readonly filled: { column: number; choices: number[] }[] = [];
  /** Whether anything that keeps its place alive is planted on a site. */
  readonly backbones: { column: number; choices: number[] }[] = [];
  readonly #upper: Int32Array;

  constructor(readonly problem: Problem) {
    const { choices, costs } = problem;
    this.#upper = usefulMost(problem);
    this.byPlant = choicesByPlant(choices.plants);
    choices.plants.forEach(({ least }, choice) => {
      this.count.push(this.columns.integer(this.#upper[choice]!));
      this.cost.push([this.count[choice]!, costs.each[choice]!]);
      // A drift begins with several: x is 0 or at least the smallest drift.
      if (least > 1) this.atLeast(choice, least);
    });
    for (const _ of choices.features) {
      const column = this.columns.integer(1);
      this.count.push(column);
      this.cost.push([column, costs.feature]);
    }
    for (const plant of this.byPlant.keys()) {
      const column = this.columns.integer(1);
      this.kind.set(plant, column);
      this.cost.push([column, costs.kind.get(plant)!]);
    }
  }

  /** Upper bound of x. */
  upperOf = (choice: number) => this.#upper[choice] ?? 1;

  /** The column of a minimum-count indicator: 1 only where at least `least` plants of a choice are used. */
  atLeast(choice: number, least: number): number {
    const plant = this.problem.choices.plants[choice];
    const from = Math.max(least, plant?.least ?? 1);
    if (!plant || (from === 1 && this.upperOf(choice) === 1)) return this.count[choice]!;
    const key = `${choice} ${from}`;
    let known = this.atLeastColumns.get(key);
    if (!known) {
      known = { column: this.columns.integer(1), choice, least: from };
      this.atLeastColumns.set(key, known);
      this.rows.atLeast(0, [this.count[choice]!, 1], [known.column, -from]);
      if (from === plant.least) this.rows.atMost(0, [this.count[choice]!, 1], [known.column, -this.upperOf(choice)]);
    }
    return known.column;
  }

  /** Linking rows: a kind is used where any of its choices is, and none of them without it. */
  linkKinds() {
    const { plants } = this.problem.choices;
    for (const [plant, list] of this.byPlant) {
      const kind = this.kind.get(plant)!;
      const any = list.map((choice) => {
        const { least } = plants[choice]!;
        const indicator = this.atLeastColumns.get(`${choice} ${least}`)?.column;
        if (indicator === undefined) this.rows.atMost(0, [this.count[choice]!, 1], [kind, -this.upperOf(choice)]);
        else this.rows.atMost(0, [indicator, 1], [kind, -1]);
        return indicator ?? this.count[choice]!;
      });
      this.rows.atMost(0, [kind, 1], ...times(any, -1));
    }
    // Implied, but a tighter relaxation: what is used in any number is used.
    for (const { column, choice, least } of this.atLeastColumns.values())
      if (least > plants[choice]!.least) this.rows.atMost(0, [column, 1], [this.kind.get(plants[choice]!.here.plant.id)!, -1]);
  }

  objective(entries: readonly Entry[]): Float64Array<ArrayBuffer> {
    const values = new Float64Array(this.columns.count);
    for (const [column, value] of entries) values[column]! += value;
    return values;
  }
}
