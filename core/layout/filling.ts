import { SETTINGS } from '../settings';
import { wantedApart } from './neighbours';
import { indexOf, type Arrangement, type LayoutQuestion, type Standing } from './question';

/**
 * A bed while it is filled: which places each kind may still have. A plant closes to every kind the places nearer than the
 * two want, times `closeness`; to take it out opens them again.
 */
export class Filling {
  readonly question: LayoutQuestion;
  readonly plants: Standing[] = [];
  /** By plant, the cell it stands on; −1 where it was set by hand. */
  readonly at: number[] = [];
  readonly #closeness: number;
  readonly #closed: Uint8Array[];

  constructor(question: LayoutQuestion, closeness: number) {
    this.question = question;
    this.#closeness = closeness;
    const { cells, kinds, climbables, toClimb } = question;
    this.#closed = kinds.map(({ layer }) =>
      layer === 'climber' && climbables.length > 0
        ? Uint8Array.from(toClimb, (d) => (d > SETTINGS.layout.climbM ? 1 : 0))
        : new Uint8Array(cells.count),
    );
    for (const [kind, { held }] of kinds.entries()) for (const spot of held) this.#set({ ...spot, kind }, -1);
  }

  isFree(kind: number, cell: number): boolean {
    return this.#closed[kind]![cell] === 0;
  }
  /** Plants of a kind that stand so far. */
  countOf(kind: number): number {
    return this.plants.reduce((sum, plant) => sum + (plant.kind === kind ? 1 : 0), 0);
  }
  place(kind: number, cell: number): number {
    const { x, y } = this.question.cells;
    return this.#set({ kind, x: x[cell]!, y: y[cell]!, held: false }, cell);
  }
  #set(plant: Standing, cell: number): number {
    this.plants.push(plant);
    this.at.push(cell);
    this.#close(plant, 1);
    return this.plants.length - 1;
  }
  /** Takes the last plants out again until so many are left. */
  cutTo(count: number) {
    while (this.plants.length > count) {
      this.#close(this.plants.pop()!, -1);
      this.at.pop();
    }
  }
  /** Takes out plants by their places in the list; what was set by hand stays. */
  takeOut(which: ReadonlySet<number>) {
    const kept = [...this.plants.keys()].filter((i) => !which.has(i) || this.at[i] === -1);
    const [plants, at] = [kept.map((i) => this.plants[i]!), kept.map((i) => this.at[i]!)];
    this.plants.forEach((plant, i) => {
      if (which.has(i) && this.at[i] !== -1) this.#close(plant, -1);
    });
    this.plants.splice(0, Infinity, ...plants);
    this.at.splice(0, Infinity, ...at);
  }
  #close({ kind, x, y }: Standing, by: 1 | -1) {
    const wanted = wantedApart(this.question)[kind]!;
    const index = indexOf(this.question);
    const most = Math.max(...wanted) * this.#closeness;
    const limits = Float64Array.from(wanted, (want) => (want * this.#closeness - 1e-9) ** 2);
    index.near(x, y, most, (cell, d2) => {
      for (let k = 0; k < limits.length; k++) if (d2 < limits[k]!) this.#closed[k]![cell]! += by;
    });
  }

  /** Puts the bed back as it was. */
  restore(plants: readonly Standing[], at: readonly number[]) {
    const first = this.plants.findIndex((plant, i) => plant !== plants[i]);
    const same = first === -1 ? Math.min(this.plants.length, plants.length) : first;
    this.cutTo(same);
    for (let i = same; i < plants.length; i++) this.#set(plants[i]!, at[i]!);
  }
  arrangement(): Arrangement {
    return {
      plants: [...this.plants],
      unplaced: this.question.kinds.map(({ count }, kind) => Math.max(0, count - this.countOf(kind))),
    };
  }
}

/** Kinds in the order in which a bed is filled: trees and shrubs, climbers, then the larger before the smaller. */
export function fillingOrder({ kinds }: LayoutQuestion): number[] {
  const LAYERS = ['tree', 'shrub', 'climber', 'herb', 'between'];
  return [...kinds.keys()].sort(
    (a, b) => LAYERS.indexOf(kinds[a]!.layer) - LAYERS.indexOf(kinds[b]!.layer) || kinds[b]!.spacing - kinds[a]!.spacing || a - b,
  );
}
