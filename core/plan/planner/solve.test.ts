import fc from 'fast-check';
import loadHighs, { type Highs } from 'highs';
import { beforeAll, describe, expect, it } from 'vitest';
import { coverage } from '../../coverage/coverage';
import type { PlanWishes } from '../../model/wishes';
import { ask, HOST, MAYFLOWERS, ONE } from '../../testing/planner';
import { host, plant, planting, site, target, type World } from '../../testing/worked-garden';
import { choicesFor } from './choices';
import { problemOf } from './problem';
import { costOfCounts, gardenWith, judge, type Judged } from './proposal';
import type { PlanQuestion } from './question';
import { SETTINGS } from '../../settings';
import { brokenRules } from '../../testing/plan-rules';
import { solvePlan, type Progress } from './solve';
import { keptOf } from './question';
import { compareWorth } from './worth';

let highs: Highs;
beforeAll(async () => {
  highs = await loadHighs();
});

const clock = () => performance.now() / 1000;
const solve = (question: PlanQuestion, nodes = 2000, take?: (progress: Progress) => void) =>
  solvePlan(highs, problemOf(question), { seconds: Infinity, nodes, now: clock, take, enough: 0 });

it('nobody to serve, or nothing to choose from, is no plan and no fault', () => {
  for (const world of [
    { ...ONE, targets: [] },
    { ...ONE, plants: [] },
  ]) {
    const { best, targetsGap } = solve(ask(world));
    expect(best.proposed.plants).toEqual([]);
    expect(targetsGap).toBe(0);
  }
});

describe('a plan for one butterfly', () => {
  it('feeds ten larvae, has two kinds in bloom and a square metre of litter', () => {
    const question = ask(ONE);
    const { best, targetsGap } = solve(question);
    expect(best.covered.closed).toBe(1);
    expect(targetsGap).toBe(0);
    expect(brokenRules(question, best.proposed)).toEqual([]);
    const count = (id: string) => best.proposed.plants.find((row) => row.plant === id)?.count ?? 0;
    // 100 g × ½ usable ÷ 10 g: five larvae a plant, so two would feed ten, but a patch of small herbs is six.
    expect(count('host')).toBe(6);
    // Two kinds in bloom, three of each as a drift; crown 0.785 m² × 2 = 1.57 units each, enough with one.
    expect(MAYFLOWERS.map(({ id }) => count(id)).sort()).toEqual([0, 3, 3]);
  });
  it('shows a greedy plan first and never falls short of it', () => {
    const told: Progress[] = [];
    const { best, greedy } = solve(ask(ONE), 2000, (progress) => told.push(progress));
    expect(told[0]!.step).toBe('first');
    expect(told[0]!.best.covered.closed).toBe(1);
    expect(compareWorth(best.worth, greedy.worth)).toBeGreaterThanOrEqual(0);
    expect(best.cost).toBeLessThanOrEqual(greedy.cost);
  });
  it('plants singly where scattered planting is wanted', () => {
    const { best } = solve(ask(ONE, { layout: 'scattered' }));
    const flowers = best.proposed.plants.filter((row) => row.plant !== 'host');
    expect(best.covered.closed).toBe(1);
    expect(flowers.map((row) => row.count)).toEqual([1, 1]);
  });
  it('keeps what grows and adds what is missing', () => {
    const grown = [planting('there', 'host', 6, { state: 'in-ground', planted_year: 2020 }), planting('idea', 'red', 30)];
    const question = ask(ONE, {}, { plantings: grown });
    const { best } = solve(question);
    expect(keptOf(question).map((row) => row.id)).toEqual(['there']);
    expect(best.covered.closed).toBe(1);
    expect(best.proposed.plants.some((row) => row.plant === 'host')).toBe(false);
  });
  it('builds around a locked planting', () => {
    const question = ask(ONE, {}, { plantings: [planting('mine', 'red', 4, { locked: true })] });
    const { best } = solve(question);
    expect(best.covered.closed).toBe(1);
    expect(best.proposed.plants.filter((row) => row.plant === 'red')).toEqual([]);
  });
  it('does what it can where the bed is too small, and says by the worth how far that goes', () => {
    // 1.5 m²: six hosts at 0.25 m² fill it; nectar has no room.
    const question = ask(ONE, {}, { sites: [site('bed', { area_m2: 1.5 })] });
    const { best } = solve(question);
    expect(best.covered.closed).toBe(0);
    expect(brokenRules(question, best.proposed)).toEqual([]);
    // Six hosts feed and shelter: all but the two half-months of nectar, and half of that for a cycle that stays open.
    const hosts = judge(question, problemOf(question).choices, problemOf(question).costs, [6, 0, 0, 0]);
    const cells = hosts.covered.targets[0]!.needs.flatMap((row) => row.cells);
    expect(hosts.worth).toEqual([1, (0.5 * (cells.length - 2)) / cells.length]);
    expect(compareWorth(best.worth, hosts.worth)).toBeGreaterThanOrEqual(0);
  });
  it('keeps to the budget, spares counted', () => {
    // Six hosts and six flowers at 5.00, one spare for ten: 13 × 5.00 at the least… with 12.00 nothing closes.
    const question = ask(ONE, { budget_minor: 1200 });
    const { best } = solve(question);
    expect(best.money).toBeLessThanOrEqual(1200);
    expect(best.covered.closed).toBe(0);
    expect(brokenRules(question, best.proposed)).toEqual([]);
  });
  it('keeps to the height of a bed and to the most of a kind', () => {
    const tall: World = {
      ...ONE,
      plants: [...ONE.plants, plant('tall', { height_max_cm: 150, bloom_first: 8, bloom_last: 9, price_minor: 1 })],
    };
    const low = solve(ask(tall, { tallest_cm: { bed: 100 } }));
    expect(low.best.proposed.plants.map((row) => row.plant)).not.toContain('tall');
    const some = solve(ask(tall, { most: { white: 0, blue: 0 } }));
    expect(some.best.proposed.plants.map((row) => row.plant).sort()).toEqual(['host', 'red', 'tall']);
  });
  it('plants natives where they do, and others where the gardener does not mind', () => {
    const cheap = plant('cheap', { bloom_first: 8, bloom_last: 9, price_minor: 50, leaf_g: 0 });
    const world: World = {
      ...ONE,
      plants: [...ONE.plants, cheap],
      status: [...ONE.plants.map((row) => row.id), 'cheap'].map((id) => ({
        plant: id,
        place: 'flatland',
        status: id === 'cheap' ? 'introduced' : 'native',
        as_of: 2020,
        note: '',
      })),
    };
    const has = (wishes: Partial<PlanWishes>) =>
      solve(ask(world, wishes)).best.proposed.plants.some((row) => row.plant === 'cheap');
    expect(has({ natives: 'much' })).toBe(false);
    expect(has({ natives: 'off' })).toBe(true);
  });
  it('adds mud for one that drinks there, unless features are not wanted', () => {
    const world: World = { ...ONE, targets: [target('brown', { special_needs: ['mud'] })] };
    expect(solve(ask(world)).best.proposed.features.map((row) => row.feature)).toEqual(['mud']);
    expect(solve(ask(world, { features: false })).best.covered.closed).toBe(0);
  });
});

describe('between targets', () => {
  const OTHER = plant('other', { leaf_g: 100, bloom_first: null, bloom_last: null, nectar_butterfly: 0 });
  const two: World = {
    plants: [HOST, OTHER, ...MAYFLOWERS],
    targets: [target('brown'), target('grey')],
    hosts: [host('brown', 'host'), host('grey', 'other')],
  };
  it('the one that matters more has the room', () => {
    // 3.9 m²: six of one host and two drifts of flowers (12 × 0.25); the other host, six again, has no room.
    for (const first of ['brown', 'grey']) {
      const question = ask(two, {}, { sites: [site('bed', { area_m2: 3.9 })] });
      const targets = question.targets.map((row) => ({ ...row, priority: row.target === first ? 1 : 2 }));
      const { best } = solve({ ...question, targets });
      expect(best.covered.targets.filter((row) => row.verdict === 'closed').map((row) => row.target)).toEqual([first]);
    }
  });
  it('leaf that both eat is planted for both', () => {
    const shared: World = {
      ...two,
      hosts: [host('brown', 'host'), host('grey', 'host')],
      plants: [{ ...HOST, leaf_g: 40 }, ...MAYFLOWERS],
    };
    const { best } = solve(ask(shared));
    expect(best.covered.closed).toBe(2);
    // 40 g × ½ ÷ 10 g: two larvae a plant; twenty larvae want ten.
    expect(best.proposed.plants.find((row) => row.plant === 'host')!.count).toBe(10);
  });
});

// A small world drawn at random, solved by the solver and by trying everything.
const arbitrary = fc.record({
  area: fc.integer({ min: 2, max: 12 }).map((quarters) => quarters / 4),
  leaf: fc.integer({ min: 2, max: 12 }).map((n) => n * 20),
  spacing: fc.tuple(fc.constantFrom(40, 50, 60), fc.constantFrom(40, 50, 60), fc.constantFrom(40, 50, 60)),
  value: fc.tuple(fc.integer({ min: 0, max: 3 }), fc.integer({ min: 1, max: 3 }), fc.integer({ min: 1, max: 3 })),
  price: fc.tuple(fc.integer({ min: 1, max: 9 }), fc.integer({ min: 1, max: 9 }), fc.integer({ min: 1, max: 9 })),
  native: fc.tuple(fc.boolean(), fc.boolean(), fc.boolean()),
  sun: fc.constantFrom(3.5, 8),
  two: fc.boolean(),
  share: fc.boolean(),
  priority: fc.tuple(fc.integer({ min: 1, max: 2 }), fc.integer({ min: 1, max: 2 })),
  budget: fc.option(fc.integer({ min: 0, max: 120 }).map((n) => n * 100)),
  layout: fc.constantFrom('drifts' as const, 'scattered' as const),
});
type Drawn = typeof arbitrary extends fc.Arbitrary<infer T> ? T : never;

function questionOf(d: Drawn): PlanQuestion {
  const kinds = ['a', 'b', 'c'].map((id, i) =>
    plant(id, {
      spacing_cm: d.spacing[i]!,
      nectar_butterfly: d.value[i]!,
      price_minor: d.price[i]! * 100,
      leaf_g: i < 2 ? d.leaf : 0,
      height_max_cm: 60,
      spread_cm: 50,
      bloom_first: 8,
      bloom_last: i === 1 ? 8 : 9,
    }),
  );
  const targets = [target('brown', { overwinters_in: 'soil' }), ...(d.two ? [target('grey', { flower_forms: ['daisy'] })] : [])];
  const world: World = {
    plants: kinds,
    targets,
    hosts: [host('brown', 'a'), ...(d.two ? [host('grey', d.share ? 'a' : 'b', 'accepted')] : [])],
    status: kinds.map(({ id }, i) => ({
      plant: id,
      place: 'flatland',
      status: d.native[i] ? 'native' : 'introduced',
      as_of: 2020,
      note: '',
    })),
  };
  const question = ask(
    world,
    { budget_minor: d.budget, layout: d.layout, features: false },
    { sites: [site('bed', { area_m2: d.area, sun_h: d.sun })] },
  );
  return { ...question, targets: question.targets.map((row, i) => ({ ...row, priority: d.priority[i]! })) };
}

/** Every sound plan there is. */
function tryAll(question: PlanQuestion): Judged[] {
  const problem = problemOf(question);
  const { plants } = choicesFor(question);
  const found: Judged[] = [];
  const counts = new Float64Array(plants.length);
  const walk = (choice: number, left: number) => {
    if (choice === plants.length) {
      const row = judge(question, problem.choices, problem.costs, counts);
      if (brokenRules(question, row.proposed).length > 0) return;
      found.push(row);
      return;
    }
    const { ground, least, most } = plants[choice]!;
    for (let count = 0; count <= most && count * ground <= left + 1e-9; count++) {
      if (count > 0 && count < least) continue;
      counts[choice] = count;
      walk(choice + 1, left - count * ground);
    }
    counts[choice] = 0;
  };
  walk(0, question.sites[0]!.area_m2);
  return found;
}

/** The part of every need that a plan meets, half-month by half-month. */
const metBy = ({ covered }: Judged) =>
  covered.targets.flatMap(({ needs }) => needs.flatMap(({ cells }) => cells.map(({ ratio }) => Math.min(1, ratio))));

const STEP = SETTINGS.planner.worthStep + 1e-9;

describe('whatever the garden', () => {
  it('every plan keeps the rules, is worth what coverage says, and none there is closes more or does as much for less', () => {
    fc.assert(
      fc.property(arbitrary, (drawn) => {
        const question = questionOf(drawn);
        const told: Judged[] = [];
        const { best } = solve(question, 5000, (progress) => told.push(progress.best));
        for (const row of [...told, best]) {
          expect(brokenRules(question, row.proposed)).toEqual([]);
          const again = coverage(gardenWith(question, keptOf(question), row.proposed));
          expect(row.covered).toEqual(again);
        }
        const all = tryAll(question);
        // Compared as plans are: leaf first, then what a life cycle's twentieth is worth at each priority.
        const most = all.reduce((a, b) => (compareWorth(b.worth, a.worth) > 0 ? b : a));
        expect(best.worth[0]).toBe(most.worth[0]);
        expect(best.covered.closed).toBe(most.covered.closed);
        // Leaf that two share and that is too little for both is divided by coverage, not by the solver.
        if (drawn.two && drawn.share) return;
        best.worth.forEach((worth, k) => expect(worth).toBeGreaterThanOrEqual(most.worth[k]! - STEP));
        const met = metBy(best);
        const asMuch = all.filter((row) => metBy(row).every((part, i) => part >= met[i]! - 1e-9));
        // To a fiftieth, as near as any plan is looked for.
        expect(best.cost).toBeLessThanOrEqual(1.02 * Math.min(...asMuch.map((row) => row.cost)) + 1.01);
      }),
      { numRuns: 40, seed: 7 },
    );
  }, 120_000);
});

it('costs are counted once a kind', () => {
  const problem = problemOf(ask(ONE));
  const counts = Float64Array.from(problem.choices.plants, ({ here }) => (here.plant.id === 'host' ? 2 : 0));
  const at = problem.choices.plants.findIndex(({ here }) => here.plant.id === 'host');
  expect(costOfCounts(problem.choices, problem.costs, counts)).toBeCloseTo(
    // The worked season runs from late April to late October, seven months, and the host never flowers.
    2 * problem.costs.each[at]! + problem.costs.kind.get('host')! + 7 * SETTINGS.planner.weigh.flowerless,
    6,
  );
});
