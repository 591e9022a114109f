import { bags } from '../../place/soil/volumes';
import { SETTINGS } from '../../settings';
import { filledSites, goodsPrice, mixFor } from '../shopping/goods';
import { answers } from './bed-wish';
import type { Problem } from './problem';
import type { Cell } from './cells';

/**
 * A greedy heuristic. Plans target by target, the first priority first: always the choice that adds most to what is missing
 * for its cost and ground, until the target closes; the plants added for a target that cannot close are removed again.
 * Quick, keeps every rule, and proves nothing: a first plan to show at once and to improve on. `only`: the goals that are
 * planned for, where it is not all.
 */
export function greedyCounts(problem: Problem, budget: number | null, only?: readonly number[]): Float64Array {
  const state = new Planting(problem, budget);
  state.plantWished();
  const { goals } = problem;
  const order = [...(only ?? goals.keys())].sort((a, b) => goals[a]!.priority - goals[b]!.priority);
  const left: number[] = [];
  for (const goal of order) {
    const before = state.counts.slice();
    if (!state.fill(goal)) {
      state.reset(before);
      left.push(goal);
    }
  }
  // What room is left goes to those that stay open.
  for (const goal of left) state.fill(goal);
  state.trim();
  state.leaveNothingBare();
  return state.counts;
}

/** Most additions for one target, and what serving another target too is worth, compared with serving this one. */
const MOST_STEPS = 80;
const OTHERS_WORTH = 0.25;
/** How much dearer ground is while there is still much to plant. */
const SCARCE = 10;

/** What one more plant of a choice adds: amounts, indicators from a minimum count on, and parts of patches. */
interface Gift {
  amounts: { cell: number; each: number; pale: boolean }[];
  indicators: { indicator: number; least: number }[];
  patches: { patch: number; row: number; each: number }[];
  cells: number[];
}

function giftsOf({ choices, cells, totals, indicators, patches, resources, parts }: Problem): Gift[] {
  const gifts = Array.from({ length: choices.plants.length + choices.features.length }, (): Gift => ({
    amounts: [],
    indicators: [],
    patches: [],
    cells: [],
  }));
  const indicatorCells: number[][] = indicators.map(() => []);
  const patchCells: number[][] = patches.map(() => []);
  cells.forEach(({ amount, kinds, patch }, cell) => {
    const give = (total: number, each: number, pale: boolean) => {
      for (const [choice, times] of totals[total]!) gifts[choice]!.amounts.push({ cell, each: each * times, pale });
    };
    for (const [total, each] of amount?.from ?? []) give(total, each, amount!.pale.includes(total));
    // Shared leaf is divided evenly between the targets that eat it.
    for (const [part, there] of amount?.shared ?? []) {
      const { resource, alone, users } = parts[part]!;
      const { total } = resources[resource]!;
      if (total !== null) give(total, (alone * there) / users, false);
    }
    for (const indicator of kinds?.from ?? []) indicatorCells[indicator]!.push(cell);
    if (patch !== null) patchCells[patch]!.push(cell);
  });
  indicators.forEach((terms, indicator) =>
    terms.forEach(([choice, least]) => gifts[choice]!.indicators.push({ indicator, least })),
  );
  patches.forEach((patch, p) =>
    patch.forEach(({ from }, row) => from.forEach(([choice, each]) => gifts[choice]!.patches.push({ patch: p, row, each }))),
  );
  for (const gift of gifts)
    gift.cells = [
      ...new Set([
        ...gift.amounts.map(({ cell }) => cell),
        ...gift.indicators.flatMap(({ indicator }) => indicatorCells[indicator]!),
        ...gift.patches.flatMap(({ patch }) => patchCells[patch]!),
      ]),
    ];
  return gifts;
}

/** Money (hundredths) set aside for mix in every pot that is not filled yet, and for a bag of mulch that is not used up. */
function setAside({ choices, question }: Problem): number {
  const full = filledSites(choices.kept);
  const pots = choices.rooms.filter(({ site }) => site.kind === 'container' && !full.has(site.id));
  const litres = pots.reduce((sum, { site }) => sum + mixFor(site), 0);
  const beds = choices.rooms.some(({ site }) => site.kind === 'bed');
  return (
    bags(litres, SETTINGS.shopping.goods.mix.bag_l) * goodsPrice('mix', question.prices) +
    (beds ? goodsPrice('mulch', question.prices) : 0)
  );
}

/** A plan being made: counts, and what they come to in every cell. */
export class Planting {
  readonly counts: Float64Array;
  readonly #gifts: Gift[];
  readonly #supply: Float64Array;
  readonly #kinds: Int32Array;
  readonly #strong: Float64Array;
  /** Choices that make each indicator true. */
  readonly #signed: Int32Array;
  readonly #patches: Float64Array[];
  readonly #indicatorCells: number[][];
  readonly #room: { left: number; crowns: number; held: number; upright: number }[];
  readonly #roomOf: number[];
  readonly #ofKind = new Map<string, number>();
  readonly #kept = new Map<string, number>();
  readonly #wished = new Set<number>();
  /** The budget less what is set aside for whole bags. */
  readonly #purse: number | null;
  #money = 0;

  constructor(
    readonly problem: Problem,
    readonly budget: number | null,
  ) {
    const { choices, cells, indicators, patches, resources, parts } = problem;
    this.#gifts = giftsOf(problem);
    this.counts = new Float64Array(this.#gifts.length);
    this.#supply = Float64Array.from(cells, ({ amount }) => amount?.fixed ?? 0);
    this.#kinds = Int32Array.from(cells, ({ kinds }) => kinds?.fixed ?? 0);
    this.#strong = Float64Array.from(cells, ({ amount }) => amount?.strong ?? 0);
    this.#signed = new Int32Array(indicators.length);
    this.#patches = patches.map((patch) => Float64Array.from(patch, (row) => row.fixed));
    this.#indicatorCells = indicators.map(() => []);
    cells.forEach(({ amount, kinds }, cell) => {
      for (const [part, there] of amount?.shared ?? []) {
        const { resource, alone, users } = parts[part]!;
        const fixed = (resources[resource]!.fixed * alone * there) / users;
        this.#supply[cell]! += fixed;
        this.#strong[cell]! += fixed;
      }
      for (const indicator of kinds?.from ?? []) this.#indicatorCells[indicator]!.push(cell);
    });
    this.#purse = budget === null ? null : budget - setAside(problem);
    this.#room = choices.rooms.map(({ left, crowns, places }) => ({
      left,
      crowns,
      held: places?.held ?? Infinity,
      upright: places?.upright ?? Infinity,
    }));
    this.#roomOf = choices.plants.map(({ site }) => choices.rooms.findIndex((room) => room.site === site));
    for (const row of choices.kept) this.#kept.set(row.plant, (this.#kept.get(row.plant) ?? 0) + row.count);
  }

  /** Adds plants of a choice; a negative count removes them. */
  add(choice: number, count: number) {
    const before = this.counts[choice]!;
    const now = before + count;
    this.counts[choice] = now;
    const gift = this.#gifts[choice]!;
    for (const { cell, each, pale } of gift.amounts) {
      this.#supply[cell]! += each * count;
      if (!pale) this.#strong[cell]! += each * count;
    }
    for (const { patch, row, each } of gift.patches) this.#patches[patch]![row]! += each * count;
    for (const { indicator, least } of gift.indicators) {
      const change = Number(now >= least) - Number(before >= least);
      if (change === 0) continue;
      const was = this.#signed[indicator]! > 0;
      this.#signed[indicator]! += change;
      const is = this.#signed[indicator]! > 0;
      if (was === is) continue;
      for (const cell of this.#indicatorCells[indicator]!) this.#kinds[cell]! += is ? 1 : -1;
    }
    const plant = this.problem.choices.plants[choice];
    if (!plant) return;
    const room = this.#room[this.#roomOf[choice]!]!;
    room.left -= plant.ground * count;
    room.crowns -= plant.crown * count;
    room.held -= count;
    if (plant.upright) room.upright -= count;
    const { id } = plant.here.plant;
    const there = this.#ofKind.get(id) ?? 0;
    this.#ofKind.set(id, there + count);
    this.#money += plant.price * count;
    if (there === 0) this.#money += plant.once;
    else if (there + count === 0) this.#money -= plant.once;
  }

  reset(counts: Float64Array) {
    counts.forEach((count, choice) => {
      if (count !== this.counts[choice]) this.add(choice, count - this.counts[choice]!);
    });
  }

  /** Does a choice give anything that is asked for? */
  serves(choice: number): boolean {
    return this.#gifts[choice]!.cells.length > 0;
  }

  /** Most more of a choice that the rules allow. */
  allowed(choice: number): number {
    const plant = this.problem.choices.plants[choice];
    if (!plant) return 1 - this.counts[choice]!;
    const { left, crowns, held, upright } = this.#room[this.#roomOf[choice]!]!;
    const { id } = plant.here.plant;
    const there = this.#ofKind.get(id) ?? 0;
    let most = Math.min(plant.most - this.counts[choice]!, Math.floor(left / plant.ground + 1e-9));
    if (plant.crown > 0) most = Math.min(most, Math.floor(crowns / plant.crown + 1e-9));
    most = Math.min(most, held, plant.upright ? upright : Infinity);
    const wanted = this.problem.question.wishes.most[id];
    if (wanted !== undefined) most = Math.min(most, wanted - (this.#kept.get(id) ?? 0) - there);
    if (this.#purse !== null) {
      const money = this.#purse - this.#money - (there === 0 ? plant.once : 0);
      if (money < -1e-9) return 0;
      if (plant.price > 0) most = Math.min(most, Math.floor(money / plant.price + 1e-9));
    }
    return most;
  }

  #amountMet({ amount }: Cell, cell: number) {
    return amount ? Math.min(1, (Math.min(this.#supply[cell]!, 2 * this.#strong[cell]!) + 1e-9) / amount.demand) : 1;
  }
  #kindsMet({ kinds }: Cell, cell: number) {
    if (!kinds) return 1;
    return Math.min(1, this.#kinds[cell]! / kinds.wanted);
  }
  #patchMet({ patch }: Cell) {
    if (patch === null) return 1;
    let most = 0;
    for (const there of this.#patches[patch]!) if (there > most) most = there;
    return Math.min(1, most + 1e-9);
  }
  /** Amount, kinds and patch together: each step towards any of them is progress. */
  #progress(cell: number): number {
    const row = this.problem.cells[cell]!;
    return this.#amountMet(row, cell) + this.#kindsMet(row, cell) + this.#patchMet(row);
  }
  #met(cell: number): number {
    const row = this.problem.cells[cell]!;
    return Math.min(this.#amountMet(row, cell), this.#kindsMet(row, cell), this.#patchMet(row));
  }
  closes(goal: number): boolean {
    return this.problem.goals[goal]!.cells.every((cell) => this.#met(cell) >= 1);
  }

  /** What adding a choice would bring a target, and with it the others. */
  #gain(choice: number, count: number, goal: number): number {
    const { cells } = this.problem;
    const touched = this.#gifts[choice]!.cells;
    const before = touched.map((cell) => this.#progress(cell));
    this.add(choice, count);
    let gain = 0;
    let own = false;
    touched.forEach((cell, i) => {
      const more = this.#progress(cell) - before[i]!;
      if (more <= 1e-9) return;
      for (const { goal: of, share } of cells[cell]!.of) {
        gain += more * share * (of === goal ? 1 : OTHERS_WORTH);
        if (of === goal) own = true;
      }
    });
    this.add(choice, -count);
    return own ? gain : 0;
  }

  /** Adds what serves a target until it closes; false where nothing more helps. */
  fill(goal: number): boolean {
    const { goals, choices, costs } = this.problem;
    const { weigh } = SETTINGS.planner;
    const wanted = new Set(goals[goal]!.cells);
    const serving = [...this.counts.keys()].filter((choice) => this.#gifts[choice]!.cells.some((cell) => wanted.has(cell)));
    // Gains mostly shrink as others are added, so an old one bounds the new: most choices need no second look.
    const bound = new Map(serving.map((choice) => [choice, Infinity]));
    for (let step = 0; step < MOST_STEPS; step++) {
      if (this.closes(goal)) return true;
      let best = { choice: -1, count: 0, value: 0 };
      for (const choice of [...bound.keys()].sort((a, b) => bound.get(b)! - bound.get(a)!)) {
        if (bound.get(choice)! <= best.value) break;
        const plant = choices.plants[choice];
        const count = this.counts[choice]! > 0 ? 1 : (plant?.least ?? 1);
        if (count > this.allowed(choice)) continue;
        const kind = plant && !this.#ofKind.get(plant.here.plant.id) ? Math.max(0, costs.kind.get(plant.here.plant.id)!) : 0;
        const price = plant ? count * (costs.each[choice]! + SCARCE * weigh.ground * plant.ground) + kind : costs.feature;
        const value = this.#gain(choice, count, goal) / (price + weigh.ground);
        bound.set(choice, value);
        if (value > best.value) best = { choice, count, value };
      }
      if (best.choice < 0) return false;
      this.add(best.choice, best.count);
      // Once begun, one more costs less than a whole drift did.
      bound.set(best.choice, Infinity);
    }
    return this.closes(goal);
  }

  /** Plants what is wanted in a bed by name: of what answers a wish the cheapest. */
  plantWished() {
    const { question, choices, costs } = this.problem;
    for (const wish of question.wishes.here) {
      const fitting = [...choices.plants.keys()]
        .filter((choice) => answers(question, choices.plants[choice]!, wish))
        .sort((a, b) => costs.each[a]! - costs.each[b]!);
      if (fitting.some((choice) => this.counts[choice]! > 0)) continue;
      const choice = fitting.find((of) => this.allowed(of) >= choices.plants[of]!.least);
      if (choice === undefined) continue;
      this.add(choice, choices.plants[choice]!.least);
      this.#wished.add(choice);
    }
  }

  /** Takes out what leaves its place bare where nothing else keeps it alive. */
  leaveNothingBare() {
    const { plants, rooms } = this.problem.choices;
    for (const room of rooms) {
      const here = [...plants.keys()].filter((choice) => plants[choice]!.site === room.site && this.counts[choice]! > 0);
      if (room.kept.backbone || here.some((choice) => plants[choice]!.backbone)) continue;
      for (const choice of here) this.add(choice, -this.counts[choice]!);
    }
  }

  /** Takes out again what no longer adds anything, dearest first. */
  trim() {
    const { costs, choices } = this.problem;
    const price = (choice: number) => (choices.plants[choice] ? costs.each[choice]! : costs.feature);
    const used = [...this.counts.keys()].filter((choice) => this.counts[choice]! > 0).sort((a, b) => price(b) - price(a));
    for (const choice of used) {
      const touched = this.#gifts[choice]!.cells;
      for (;;) {
        const there = this.counts[choice]!;
        const least = choices.plants[choice]?.least ?? 1;
        const less = there > least ? 1 : there;
        if (less === 0 || (less === there && this.#wished.has(choice))) break;
        const before = touched.map((cell) => this.#met(cell));
        this.add(choice, -less);
        if (!touched.some((cell, i) => this.#met(cell) < before[i]! - 1e-9)) continue;
        this.add(choice, less);
        break;
      }
    }
  }
}
