import fc from 'fast-check';
import loadHighs, { type Highs } from 'highs';
import { beforeAll, describe, expect, it } from 'vitest';
import { coverage } from '../../coverage/coverage';
import { ask, MAYFLOWERS } from '../../testing/planner';
import { host, plant, planting, site, target, type World } from '../../testing/worked-garden';
import { problemOf, type Problem } from './problem';
import type { Cell } from './cells';
import { gardenWith, isBetter, judge, proposedOf, type Judged } from './proposal';
import { keptOf, type PlanQuestion } from './question';
import { solvePlan } from './solve';
import { compareWorth } from './worth';

/**
 * Leaf that two creatures eat, hosts only partly in leaf, and hosts that stand already, drawn at random: what the planner
 * makes of a plan must be what coverage makes of it.
 */
let highs: Highs;
beforeAll(async () => {
  highs = await loadHighs();
});
const clock = () => performance.now() / 1000;

/** The larvae of May's flight feed from early May on: these half-months are drawn. */
const PARTS = [0, 0.25, 0.5, 1];
const arbitrary = fc.record({
  leaf: fc.record({
    a: fc.array(fc.constantFrom(...PARTS), { minLength: 24, maxLength: 24 }),
    b: fc.array(fc.constantFrom(...PARTS), { minLength: 24, maxLength: 24 }),
  }),
  grams: fc.tuple(fc.constantFrom(20, 60, 100, 200), fc.constantFrom(20, 60, 100, 200)),
  appetite: fc.tuple(fc.constantFrom(5, 10, 20), fc.constantFrom(5, 10, 20)),
  /** Brown eats a. */
  greyEatsA: fc.boolean(),
  eatsB: fc.tuple(fc.boolean(), fc.boolean()),
  kept: fc.tuple(fc.integer({ min: 0, max: 3 }), fc.integer({ min: 0, max: 3 })),
  shade: fc.boolean(),
  counts: fc.tuple(fc.integer({ min: 0, max: 3 }), fc.integer({ min: 0, max: 3 })),
});
type Drawn = typeof arbitrary extends fc.Arbitrary<infer T> ? T : never;
const MOST = 3;
/** Half-months in which the larvae of May's flight feed. */
const FEEDING = [8, 9, 10];

/** Flowers that stand already fill the nectar, and pupae in the soil find their shelter: leaf alone is asked for. */
function questionOf({ leaf, grams, appetite, greyEatsA, eatsB, kept, shade }: Drawn): PlanQuestion {
  const leafy = (id: string, leaf_g: number) =>
    plant(id, { leaf_g, bloom_first: null, bloom_last: null, nectar_butterfly: 0, sun_min_h: 2 });
  const creature = (id: string, larva_leaf_g: number) => target(id, { larva_leaf_g, overwinters_in: 'soil', patch_plants: 2 });
  const world: World = {
    plants: [leafy('a', grams[0]), leafy('b', grams[1]), ...MAYFLOWERS],
    targets: [creature('brown', appetite[0]), creature('grey', appetite[1])],
    hosts: [
      host('brown', 'a'),
      ...(greyEatsA ? [host('grey', 'a', 'accepted')] : []),
      ...(eatsB[0] ? [host('brown', 'b', 'accepted')] : []),
      ...(eatsB[1] ? [host('grey', 'b')] : []),
    ],
  };
  const locked = (id: string, of: string, count: number) => (count > 0 ? [planting(id, of, count, { locked: true })] : []);
  const question = ask(
    world,
    { layout: 'scattered', most: { a: MOST + kept[0], b: MOST + kept[1], white: 0, blue: 0, red: 0 }, features: false },
    {
      sites: [site('bed', { area_m2: 40, sun_h: shade ? 5 : 8 })],
      plantings: [
        ...locked('old-a', 'a', kept[0]),
        ...locked('old-b', 'b', kept[1]),
        ...MAYFLOWERS.slice(0, 2).map(({ id }) => ({ ...planting(`old-${id}`, id, 6), locked: true })),
      ],
    },
  );
  const limits = { ...question.wishes.most, white: 6, blue: 6 };
  for (const id of ['a', 'b'] as const)
    Object.defineProperty(question.almanac.plants.get(id)!, 'foliageShares', { value: leaf[id] });
  return { ...question, wishes: { ...question.wishes, most: limits } };
}

/** Counts of the choices from counts of a and b. */
const countsOf = ({ choices }: Problem, [a, b]: readonly [number, number]) =>
  Float64Array.from([...choices.plants, ...choices.features], (_, i) => {
    const id = choices.plants[i]?.here.plant.id;
    return id === 'a' ? a : id === 'b' ? b : 0;
  });

/** What a cell finds with some counts at most: each brood that shares a leaf taking all of it. */
function ratioOf(problem: Problem, cell: Cell, counts: Float64Array): number {
  const sum = (terms: readonly (readonly [number, number])[]) => terms.reduce((all, [i, each]) => all + counts[i]! * each, 0);
  const total = (t: number | null) => (t === null ? 0 : sum(problem.totals[t]!));
  const { amount, kinds, patch } = cell;
  const parts = [
    amount &&
      (amount.fixed +
        amount.from.reduce((all, [t, each]) => all + each * total(t), 0) +
        amount.shared.reduce((all, [part, there]) => {
          const { total: t, fixed, rows } = problem.resources[problem.parts[part]!.resource]!;
          const takes = Math.max(...rows.flat().flatMap(([of, share]) => (of === part ? [share] : [])));
          return all + (there * (fixed + total(t))) / takes;
        }, 0)) /
        amount.demand,
    kinds &&
      (kinds.fixed + kinds.from.filter((u) => problem.indicators[u]!.some(([i, least]) => counts[i]! >= least)).length) /
        kinds.wanted,
    patch !== null && Math.max(0, ...problem.patches[patch]!.map(({ fixed, from }) => fixed + sum(from))),
  ];
  return Math.min(...parts.filter((part): part is number => typeof part === 'number'));
}

/** Does each shared resource feed all that draw on it, whatever else they have? */
const plentiful = (problem: Problem, counts: Float64Array) =>
  problem.resources.every(({ total, fixed, rows }) => {
    const plants = fixed + (total === null ? 0 : problem.totals[total]!.reduce((all, [i, each]) => all + counts[i]! * each, 0));
    // Every creature drawn wants ten of each brood, and more where the leaf is there for a part of a half-month only.
    const wanted = (part: number) =>
      Math.max(
        10,
        ...problem.cells.flatMap(({ amount }) => (amount?.shared ?? []).map(([of, there]) => (of === part ? 10 / there : 0))),
      );
    return rows.every((row) => row.reduce((all, [part, takes]) => all + wanted(part) * takes, 0) <= plants);
  });

const quarters = (ratio: number) => Math.floor(Math.min(1, ratio) * 4 + 1e-6) / 4;

describe('what the program promises is what coverage finds', () => {
  it('in each half-month, for every creature', () => {
    let equal = 0;
    let scarce = 0;
    fc.assert(
      fc.property(arbitrary, (drawn) => {
        const question = questionOf(drawn);
        const problem = problemOf(question);
        const counts = countsOf(problem, drawn.counts);
        const garden = gardenWith(question, keptOf(question), proposedOf(problem.choices, counts));
        const covered = coverage(garden);
        const exact = problem.cells.every(({ amount }) => !amount || amount.shared.length === 0) || plentiful(problem, counts);
        const together = FEEDING.every((h) => drawn.leaf.a[h]! > 0 === drawn.leaf.b[h]! > 0);
        if (exact) equal++;
        else scarce++;
        problem.goals.forEach((goal, g) => {
          const { needs } = covered.targets.find((row) => row.target === goal.target)!;
          const cells = needs.flatMap((row) => row.cells.map((cell) => quarters(cell.ratio)));
          const found = cells.reduce((sum, met) => sum + met, 0) / cells.length;
          const promised = goal.cells.reduce((sum, c) => {
            const cell = problem.cells[c]!;
            const share = cell.of.find((row) => row.goal === g)!.share;
            return sum + share * quarters(ratioOf(problem, cell, counts));
          }, goal.given);
          // Where the hosts are in leaf at different times, coverage sees that a brood needs each for a part only: it finds more.
          if (exact && together) expect(promised).toBeCloseTo(found, 9);
          else if (exact) expect(promised).toBeLessThanOrEqual(found + 1e-9);
          else if (together) expect(promised).toBeGreaterThanOrEqual(found - 1e-9);
        });
      }),
      { numRuns: 300, seed: 11 },
    );
    // Both kinds were drawn.
    expect(equal).toBeGreaterThan(40);
    expect(scarce).toBeGreaterThan(40);
  });
  it('and no plan of up to three more of each closes more', () => {
    fc.assert(
      fc.property(arbitrary, (drawn) => {
        const question = questionOf(drawn);
        const problem = problemOf(question);
        let best: Judged | null = null;
        for (let a = 0; a <= MOST; a++)
          for (let b = 0; b <= MOST; b++) {
            const row = judge(question, problem.choices, problem.costs, countsOf(problem, [a, b]));
            if (isBetter(row, best)) best = row;
          }
        const found = solvePlan(highs, problem, { seconds: Infinity, nodes: 2000, now: clock, enough: 0 }).best;
        expect(found.covered.closed).toBe(best!.covered.closed);
        // Between partly fed creatures coverage divides by its own rule, which the program does not know.
        if (question.targets.length === found.covered.closed) {
          expect(compareWorth(found.worth, best!.worth)).toBeGreaterThanOrEqual(0);
          expect(found.cost).toBeLessThanOrEqual(best!.cost + 1.01);
        }
      }),
      { numRuns: 60, seed: 12 },
    );
  });
});
