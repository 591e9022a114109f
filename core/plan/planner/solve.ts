import type { Highs } from 'highs';
import { greedyCounts } from './greedy';
import type { Problem } from './problem';
import { programOf, type Level, type OnlyFor, type Program } from './program';
import type { Choices } from './choices';
import { answers } from './bed-wish';
import { filled } from './fill';
import { isBetter, judge, moneyFor, type Judged, type Proposed } from './proposal';
import { dominated, without } from './reduction';
import { SETTINGS } from '../../settings';
import { Search, WORTH_STEP, type SearchLimit, type Start } from './search';
import { compareWorth } from './worth';

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
  /** Was the search carried to its end, so that no other run of it would find another plan? */
  complete: boolean;
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
  /** Gap (0–1) at which the search for what is liked better ends. */
  enough?: number;
}

/** Part of the time that the objectives of worth may take at most. */
const TARGETS_SHARE = 0.65;
const MOST_ROUNDS = 4;
/** Gap below which what a plan is worth to the targets is proven: nothing that would be shown. */
const PROVEN = 0.0005;
/** Factors between which more shared leaf is asked for, where coverage found less than the program promised. */
const MORE_LEAF = 1.2;
const MOST_LEAF = 1.6;

/** The money left for what is proposed, apart from kept plants that are still to be bought; null: no limit. */
export function budgetOf({ question, choices }: Problem): number | null {
  const { budget_minor: budget } = question.wishes;
  return budget === null ? null : budget - moneyFor(question, choices.kept, { plants: [] });
}

/** Has every site with what leaves its place bare something that does not? */
function keepsAlive({ plants, rooms }: Choices, counts: ArrayLike<number>): boolean {
  return rooms.every((room) => {
    const here = plants.filter((row, choice) => row.site === room.site && counts[choice]! > 0);
    return here.length === 0 || room.kept.backbone || here.some((row) => row.backbone);
  });
}

/** What a proposal adds, as counts of the choices of a problem. */
function countsOf({ choices }: Problem, { plants, features }: Proposed): Float64Array {
  const counts = new Float64Array(choices.plants.length + choices.features.length);
  choices.plants.forEach(({ here, site }, choice) => {
    counts[choice] = plants.find((row) => row.plant === here.plant.id && row.site_id === site.id)?.count ?? 0;
  });
  choices.features.forEach(({ feature, site }, i) => {
    counts[choices.plants.length + i] = Number(features.some((row) => row.feature === feature && row.site_id === site.id));
  });
  return counts;
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
  /** Kinds with a drawback among what is planned. */
  drawbackKinds(): Set<string> {
    const { plants } = this.problem.choices;
    return new Set(
      plants.flatMap(({ drawbacks, here }, choice) =>
        drawbacks.length > 0 && this.best.counts[choice]! > 0 ? [here.plant.id] : [],
      ),
    );
  }
  /** Takes out every kind with a drawback that no target needs to close or to have leaf. */
  dropDrawbacks() {
    const { plants } = this.problem.choices;
    for (const kind of this.drawbackKinds()) {
      const counts = this.best.counts.map((count, choice) =>
        choice < plants.length && plants[choice]!.here.plant.id === kind ? 0 : count,
      );
      const judged = this.judged(counts);
      if (keepsAlive(this.problem.choices, counts) && !closesMore(this.best.judged, judged)) this.best = { counts, judged };
    }
  }
  /**
   * Takes out, plant by plant, the dearest first, whatever neither a target nor a wish would miss: each plan is minimal.
   * What was asked for by name stays.
   */
  prune() {
    const { question, choices, costs } = this.problem;
    const { plants } = choices;
    const asked = (choice: number) => question.wishes.here.some((wish) => answers(question, plants[choice]!, wish));
    const used = [...plants.keys()]
      .filter((choice) => this.best.counts[choice]! > 0 && !asked(choice))
      .sort((a, b) => costs.each[b]! * this.best.counts[b]! - costs.each[a]! * this.best.counts[a]!);
    for (const choice of used)
      for (;;) {
        const there = this.best.counts[choice]!;
        if (there === 0) break;
        const fewer = this.best.counts.slice();
        fewer[choice] = there > plants[choice]!.least ? there - 1 : 0;
        if (!keepsAlive(choices, fewer)) break;
        const judged = this.judged(fewer);
        if (!isBetter(judged, this.best.judged)) break;
        this.best = { counts: fewer, judged };
      }
  }
  /** Fills what a gardener would not leave empty, where the creatures lose nothing by it. */
  fill() {
    const counts = filled(this.problem, this.best.counts, budgetOf(this.problem));
    const judged = this.judged(counts);
    const affordable = this.#budget === null || judged.money <= this.#budget;
    if (affordable && compareWorth(judged.worth, this.best.judged.worth) >= 0) this.best = { counts, judged };
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
 * The best plan for a problem: first leaf for as many as can have any, for each priority in turn the most for its targets,
 * each fixed for the next, then among those plans the least cost by the preferences; each objective with a proven gap. A
 * greedy plan comes first and is never fallen short of. Every plan is judged by coverage before it is believed: the program
 * divides shared leaf as it likes, coverage by its own rule. Where the program promised more than coverage finds, more shared
 * leaf is asked for and the search goes on; that is a heuristic cut, so only the first round proves anything.
 *
 * Kinds with a drawback come in only afterwards, for the sake of targets that stay open or without leaf, and only where one of
 * those closes or is fed by it. At the end nothing is left in that neither a target nor a wish would miss. Without targets or
 * choices: no plan.
 */
export function solvePlan(highs: Highs, whole: Problem, options: SolveOptions): Outcome {
  const began = options.now();
  const seconds = () => options.now() - began;
  const sound = without(
    whole,
    Uint8Array.from(whole.choices.plants, ({ drawbacks }) => Number(drawbacks.length > 0)),
  );
  const problem = without(sound, dominated(sound));
  const incumbent = new Incumbent(problem);

  const counts = greedyCounts(problem, budgetOf(problem));
  incumbent.offer(counts, incumbent.judged(counts));
  const greedy = incumbent.best.judged;
  options.take?.({ step: 'first', best: greedy, gap: null, targetsGap: null, seconds: seconds() });
  // Nobody is to be served, or nothing can be chosen: no plan is better than none.
  if (whole.question.targets.length === 0 || whole.choices.plants.length + whole.choices.features.length === 0)
    return { best: incumbent.best.judged, greedy, targetsGap: 0, wishesGap: 0, complete: true, seconds: seconds() };

  const run: Run = { highs, options, began };
  let found = searchFor(run, incumbent, null);
  let best = incumbent;
  const onlyFor = lastResorts(whole, incumbent.best.judged);
  if (onlyFor.length > 0 && seconds() < options.seconds) {
    const plants = new Set(onlyFor.map((row) => row.plant));
    const marks = dominated(whole);
    const open = without(
      whole,
      Uint8Array.from(whole.choices.plants, ({ drawbacks, here }, choice) =>
        Number(drawbacks.length > 0 ? !plants.has(here.plant.id) : marks[choice]),
      ),
    );
    const wider = new Incumbent(open);
    const start = countsOf(open, incumbent.best.judged.proposed);
    wider.offer(start, wider.judged(start));
    const more = searchFor(run, wider, { leafFactor: found.leafFactor, onlyFor, without: incumbent.best.judged });
    wider.dropDrawbacks();
    if (earnTheirPlace(wider, incumbent.best.judged)) {
      best = wider;
      found = more;
    }
  }
  best.prune();
  best.fill();
  const { targetsGap, wishesGap } = found;
  const { nearEnough } = SETTINGS.planner;
  const complete = targetsGap !== null && targetsGap <= PROVEN && wishesGap !== null && wishesGap <= nearEnough;
  return { best: best.best.judged, greedy, targetsGap, wishesGap, complete, seconds: seconds() };
}

/** Do kinds with a drawback earn their place: is there one target more that closes or has leaf for every two of them? */
function earnTheirPlace(wider: Incumbent, plain: Judged): boolean {
  const { judged } = wider.best;
  if (!closesMore(judged, plain)) return false;
  const gained = judged.covered.closed - plain.covered.closed + (judged.worth[0]! - plain.worth[0]!);
  return wider.drawbackKinds().size <= SETTINGS.planner.drawbacksEach * gained + 1e-6;
}

/** Does one target more close, or have leaf? */
function closesMore(a: Judged, b: Judged): boolean {
  return a.worth[0]! > b.worth[0]! + 1e-6 || (a.covered.closed > b.covered.closed && compareWorth(a.worth, b.worth) > 0);
}

/** The kinds with a drawback that give anything to targets that stay open or without leaf, and to which of them. */
function lastResorts(
  { choices, cells, totals, indicators, patches, resources, parts, goals }: Problem,
  judged: Judged,
): OnlyFor[] {
  const open = new Set(
    goals.flatMap(({ target }, goal) =>
      judged.covered.targets.some((row) => row.target === target && row.verdict === 'closed') ? [] : [goal],
    ),
  );
  const serves = new Map<string, { goals: Set<number>; leaf: Set<number> }>();
  const give = (choice: number, cell: number) => {
    const row = choices.plants[choice];
    if (!row || row.drawbacks.length === 0) return;
    const known = serves.get(row.here.plant.id) ?? { goals: new Set(), leaf: new Set() };
    serves.set(row.here.plant.id, known);
    for (const { goal } of cells[cell]!.of) {
      if (!open.has(goal)) continue;
      known.goals.add(goal);
      if (goals[goal]!.leaf?.cells.some(([of]) => of === cell)) known.leaf.add(goal);
    }
  };
  cells.forEach(({ amount, kinds, patch }, cell) => {
    for (const [total] of amount?.from ?? []) for (const [choice] of totals[total]!) give(choice, cell);
    for (const [part] of amount?.shared ?? []) {
      const { total } = resources[parts[part]!.resource]!;
      for (const [choice] of total === null ? [] : totals[total]!) give(choice, cell);
    }
    for (const indicator of kinds?.from ?? []) for (const [choice] of indicators[indicator]!) give(choice, cell);
    if (patch !== null) for (const { from } of patches[patch]!) for (const [choice] of from) give(choice, cell);
  });
  return [...serves].flatMap(([plant, { goals: of, leaf }]) => (of.size > 0 ? [{ plant, goals: [...of], leaf: [...leaf] }] : []));
}

/** What one search is run with. */
interface Run {
  highs: Highs;
  options: SolveOptions;
  began: number;
}

/** What a search has come to: the proven gaps (null where it was cut short). */
interface Searched {
  targetsGap: number | null;
  wishesGap: number | null;
  /** Factors by which more shared leaf was asked for in the end, by goal. */
  leafFactor: ReadonlyMap<number, number>;
}

/**
 * Searches a problem from its incumbent on. `beyond`: kinds with a drawback, added to a problem that came so far without
 * them; that much is kept, and what they can add is searched for in one.
 */
function searchFor(
  { highs, options, began }: Run,
  incumbent: Incumbent,
  beyond: (Pick<Searched, 'leafFactor'> & { onlyFor: readonly OnlyFor[]; without: Judged }) | null,
): Searched {
  const { problem } = incumbent;
  const seconds = () => options.now() - began;
  const leafFactor = new Map(beyond?.leafFactor);
  /** The widest gap of any level; 0 where all are proven. Of the first round only. */
  let targetsGap: number | null = null;
  let wishesGap: number | null = null;
  for (let round = 0; round < MOST_ROUNDS && seconds() < options.seconds; round++) {
    const program = programOf(problem, { budget: budgetOf(problem), leafFactor, onlyFor: beyond?.onlyFor });
    let step: SolveStep = 'targets';
    const search = new Search(highs, program, {
      now: options.now,
      found: (values) => incumbent.consider(program, values),
      proved: (gap) => options.take?.({ step, best: incumbent.best.judged, gap, targetsGap, seconds: seconds() }),
    });
    // What follows the first round proves nothing, and of kinds with a drawback nothing is proven: their first nodes are enough.
    const nodes = round === 0 && !beyond ? options.nodes : Math.min(options.nodes, SETTINGS.planner.laterNodes);
    const limit = (share: number): SearchLimit => ({ nodes, until: began + options.seconds * share });
    incumbent.last = null;
    const until = limit(TARGETS_SHARE);
    const reached = beyond
      ? reachMore(search, program, incumbent, beyond.without, until)
      : reachLevels(search, program, incumbent, until);
    if (round === 0) targetsGap = reached.gap;
    if (!reached.start) break;
    const askMore = (broken: readonly number[]) => {
      // What coverage does not find is not proven, however well the program closes.
      if (round === 0) targetsGap = Math.max(targetsGap ?? 0, unkept(program, incumbent));
      for (const goal of broken) leafFactor.set(goal, (leafFactor.get(goal) ?? 1) * moreLeaf(problem, incumbent, goal));
    };
    // Where kinds with a drawback add nothing, even with more leaf, the plan without them stands.
    if (beyond && !closesMore(incumbent.best.judged, beyond.without)) {
      const broken = brokenPromises(problem, program, incumbent);
      if (broken.length === 0) break;
      askMore(broken);
      continue;
    }
    step = 'wishes';
    const low = search.leastCost(reached.start, limit(1), options.enough ?? SETTINGS.planner.nearEnough);
    if (round === 0 || beyond) wishesGap = low?.gap ?? null;
    const broken = brokenPromises(problem, program, incumbent);
    if (broken.length === 0) break;
    const missing = unkept(program, incumbent);
    // Another plan may keep what the last one only promised; then only its cost is not proven to be the least.
    if (missing === 0 && round === 0 && low && wishesGap !== null) {
      const bound = (1 - wishesGap) * program.cost.reduce((sum, cost, column) => sum + cost * low.values[column]!, 0);
      wishesGap = Math.max(wishesGap, 1 - bound / Math.max(1, incumbent.best.judged.cost));
    }
    if (missing === 0) break;
    askMore(broken);
  }
  return { targetsGap, wishesGap, leafFactor };
}

/** What the levels came to: the start for what follows (null where a level found nothing), and the widest gap of any. */
interface Reached {
  start: Start | null;
  gap: number | null;
}

/** How much of its cost an objective of worth is thrifty by: in all, less than any difference that counts. */
const THRIFT = SETTINGS.planner.worthStep / SETTINGS.planner.worthMoney;

/**
 * Searches for one target more that closes or has leaf: at the first level where that can be, keeping what was reached at
 * the levels above it, whatever it costs those below.
 */
function reachMore(search: Search, program: Program, incumbent: Incumbent, plain: Judged, limit: SearchLimit): Reached {
  const { levels } = program;
  const { worthStep } = SETTINGS.planner;
  const { goals } = incumbent.problem;
  const closed = new Set(plain.covered.targets.filter((row) => row.verdict === 'closed').map((row) => row.target));
  // Higher levels count more, none outweighs all below.
  const worth = new Float64Array(program.columns);
  levels.forEach((level, k) => level.worth.forEach((value, column) => (worth[column]! += value / (k + 1))));
  for (const [k, level] of levels.entries()) {
    const now = k === 0 ? plain.worth[0]! : level.of.filter((goal) => closed.has(goals[goal]!.target)).length;
    // Less than a step is no loss, as plans are compared.
    search.fix(level, worthStep * Math.floor(plain.worth[k]! / worthStep + 1e-6) - level.given);
    if (now >= level.of.length) continue;
    search.askFor(level, now + 1);
    const top = search.mostWorth({ worth }, program.start(incumbent.best.counts), limit, THRIFT);
    if (top) {
      for (const one of levels) search.fix(one, valueOf(one, top.values));
      search.keepMet(top.values);
      return { start: { colValue: top.values }, gap: top.gap ?? 1 };
    }
    search.askFor(level, null);
  }
  return { start: null, gap: null };
}

/** Reaches the most at each level, the first priority first, and fixes it. */
function reachLevels(search: Search, program: Program, incumbent: Incumbent, limit: SearchLimit): Reached {
  let start: Start = program.start(incumbent.best.counts);
  let gap = 0;
  let all = true;
  /** Values of the last objective searched for: where all is not reached, the least cost is that of meeting the same needs. */
  let met: ArrayLike<number> | null = null;
  for (const [k, level] of program.levels.entries()) {
    // Where all that can be reached is reached already, there is nothing to search for.
    if (incumbent.best.judged.worth[k]! >= level.given + level.most - WORTH_STEP) {
      search.fix(level, level.most);
      continue;
    }
    const top = search.mostWorth(level, start, limit, THRIFT);
    if (!top) return { start: null, gap: null };
    const reached = valueOf(level, top.values);
    gap = Math.max(gap, top.gap ?? 1);
    if (reached < level.most - WORTH_STEP) all = false;
    search.fix(level, reached);
    met = top.values;
    start = { colValue: top.values };
  }
  if (all) search.keepAll();
  else if (met) search.keepMet(met);
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

/** Factor by which more shared leaf is asked for a goal: as much as its barest half-month lacks, within bounds. */
function moreLeaf({ goals }: Problem, { last }: Incumbent, goal: number): number {
  const found = last!.judged.covered.targets.find((row) => row.target === goals[goal]!.target)!;
  const barest = Math.min(...found.needs.flatMap(({ need, ratio }) => (need.stage === 'host' ? [ratio] : [])));
  return Math.min(MOST_LEAF, Math.max(MORE_LEAF, 1 / barest));
}

/** Goals that the last solution promised to close, or to serve better, than coverage finds. */
function brokenPromises({ goals, cells }: Problem, program: Program, { last }: Incumbent): number[] {
  if (!last) return [];
  return goals.flatMap((goal, i) => {
    const promised = last.values[program.goal[i]!]! > 0.5;
    const found = last.judged.covered.targets.find((row) => row.target === goal.target)!;
    if (promised && found.verdict !== 'closed') return [i];
    const served = found.needs.flatMap((need) => need.cells.map(({ ratio }) => Math.min(1, ratio)));
    const mean = served.reduce((sum, share) => sum + share, 0) / Math.max(1, served.length);
    const hoped = goal.cells.reduce((sum, of) => {
      const cell = cells[of]!;
      const { share } = cell.of.find((row) => row.goal === i)!;
      return sum + share * last.values[program.cell[of]!]!;
    }, goal.given);
    return goal.cells.some((of) => (cells[of]!.amount?.shared.length ?? 0) > 0) && hoped > mean + SETTINGS.planner.worthStep
      ? [i]
      : [];
  });
}
