import { describe, expect, it } from 'vitest';
import { ask, HOST, MAYFLOWERS, ONE } from '../../testing/planner';
import { host, plant, planting, site, target, type World } from '../../testing/worked-garden';
import { greedyCounts } from './greedy';
import { problemOf } from './problem';
import { programOf } from './program';
import { judge } from './proposal';
import type { PlanQuestion } from './question';
import { SETTINGS } from '../../settings';
import { brokenRules } from '../../testing/plan-rules';

const greedy = (question: PlanQuestion, budget: number | null = null) => {
  const problem = problemOf(question);
  return judge(question, problem.choices, problem.costs, greedyCounts(problem, budget));
};

describe('the greedy plan', () => {
  it('closes what can be closed', () => {
    const { covered, proposed } = greedy(ask(ONE));
    expect(covered.closed).toBe(1);
    expect(proposed.plants.find((row) => row.plant === 'host')!.count).toBe(6);
  });
  it('keeps every rule, in a small bed and with little money', () => {
    for (const area_m2 of [0.5, 1, 1.5, 2, 3]) {
      const question = ask(ONE, {}, { sites: [site('bed', { area_m2 })] });
      expect(brokenRules(question, greedy(question).proposed)).toEqual([]);
    }
    const poor = ask(ONE, { budget_minor: 3000 });
    const { money, proposed } = greedy(poor, 3000);
    expect(money).toBeLessThanOrEqual(3000);
    expect(brokenRules(poor, proposed)).toEqual([]);
  });
  it('takes back what it gave to one that cannot close, so that another has the room', () => {
    // The first wants a host that nothing here is; 3.8 m² are just enough for the second: six hosts are two fifths of it.
    const world: World = { ...ONE, targets: [target('lost'), target('brown')], hosts: [host('brown', 'host')] };
    const question = ask(world, {}, { sites: [site('bed', { area_m2: 3.8 })] });
    const targets = question.targets.map((row) => ({ ...row, priority: row.target === 'lost' ? 1 : 2 }));
    const { covered } = greedy({ ...question, targets });
    expect(covered.targets.filter((row) => row.verdict === 'closed').map((row) => row.target)).toEqual(['brown']);
  });
  it('divides kept leaf that two eat: what one has eaten does not feed the other', () => {
    // 100 g × ½ ⁄ 10 g: two plants that stand raise ten larvae, five of each; ten of each want two plants more.
    const world: World = {
      plants: ONE.plants,
      targets: [target('brown', { patch_plants: 1 }), target('grey', { patch_plants: 1 })],
      hosts: [host('brown', 'host'), host('grey', 'host')],
    };
    const kept = [planting('old', 'host', 2, { locked: true })];
    const { proposed, covered } = greedy(ask(world, { layout: 'scattered' }, { plantings: kept }));
    expect(proposed.plants.find((row) => row.plant === 'host')?.count).toBe(2);
    expect(covered.closed).toBe(2);
  });
  it('keeps to the most of a kind over all beds, what stands counted', () => {
    // 20 g × ½ ⁄ 10 g: a plant raises one larva, and ten are wanted. Two stand; of six at most four more may come, though
    // either bed has room for four, two fifths of it.
    const world: World = {
      ...ONE,
      plants: [{ ...HOST, leaf_g: 20 }, ...MAYFLOWERS],
      targets: [target('brown', { patch_plants: 1, overwinters_in: 'soil' })],
    };
    const question = ask(
      world,
      { layout: 'scattered', most: { host: 6, white: 0, blue: 0, red: 0 } },
      {
        sites: [site('bed', { area_m2: 2.5 }), site('other', { area_m2: 2.5 }), site('full', { area_m2: 0.5 })],
        plantings: [planting('old', 'host', 2, { locked: true, site_id: 'full' })],
      },
    );
    const problem = problemOf(question);
    const counts = greedyCounts(problem, null);
    expect(counts.reduce((sum, count) => sum + count, 0)).toBe(4);
  });
  it('trims what no longer adds anything', () => {
    const { proposed } = greedy(ask(ONE));
    // Two kinds of flower, a drift each, and no third.
    expect(proposed.plants.filter((row) => row.plant !== 'host').map((row) => row.count)).toEqual([3, 3]);
  });
});

describe('the program', () => {
  const problem = problemOf(ask(ONE));
  const program = programOf(problem, { budget: null, leafFactor: new Map() });
  /** Rows that values of the columns break. */
  const broken = (values: ReadonlyMap<number, number>) =>
    Array.from({ length: program.rows }, (_, row) => row).filter((row) => {
      let sum = 0;
      for (let at = program.starts[row]!; at < program.starts[row + 1]!; at++)
        sum += program.values[at]! * (values.get(program.indices[at]!) ?? 0);
      return sum < program.rowLower[row]! - 1e-9 || sum > program.rowUpper[row]! + 1e-9;
    });
  const counts = problem.choices.plants.map(({ here }) => ({ host: 6, red: 3, blue: 3 })[here.plant.id] ?? 0);
  const start = program.start(counts);

  it('has whole numbers for whatever is counted or is or is not', () => {
    for (const column of [...program.choice, ...program.goal]) expect(program.integer[column]).toBe(1);
  });
  it('is worth most where all is met: one target with leaf; one closed, and half for its cells', () => {
    expect(program.levels.map((level) => level.most + level.given)).toEqual([1, 1.5]);
  });
  it('starts from counts: with nothing met no row is broken but what counts demand', () => {
    const at = new Map(start.indices.map((column, i) => [column, start.values[i]!]));
    // Nor do months without a flower hold anything down: each may be without.
    program.cost.forEach((cost, column) => cost === SETTINGS.planner.weigh.flowerless && at.set(column, 1));
    // Sums over sites are columns of their own that the solver fills in; with one bed there are none.
    expect(broken(at)).toEqual([]);
  });
  it('a start with one plant of a kind uses that kind', () => {
    const scattered = problemOf(ask(ONE, { layout: 'scattered' }));
    const rows = programOf(scattered, { budget: null, leafFactor: new Map() });
    const one = rows.start(scattered.choices.plants.map(({ here }) => Number(here.plant.id === 'host')));
    const used = one.indices.flatMap((column, i) => (one.values[i] === 1 ? [column] : []));
    const host = rows.choice[scattered.choices.plants.findIndex(({ here }) => here.plant.id === 'host')]!;
    // The count itself, the kind, and that at least one of it stands.
    expect(used).toContain(host);
    expect(used.length).toBeGreaterThanOrEqual(2);
    expect(one.values.reduce((sum, value) => sum + value, 0)).toBe(used.length);
  });
  it('refuses a drift of two, and more than the bed holds', () => {
    const two = programOf(problem, { budget: null, leafFactor: new Map() }).start(
      counts.map((count) => (count === 3 ? 2 : count)),
    );
    expect(broken(new Map(two.indices.map((column, i) => [column, two.values[i]!]))).length).toBeGreaterThan(0);
    const small = problemOf(ask(ONE, {}, { sites: [site('bed', { area_m2: 2.5 })] }));
    const rows = programOf(small, { budget: null, leafFactor: new Map() });
    // Ground: 0.25 m² each, 2.5 in all.
    expect(rows.rowUpper.includes(2.5)).toBe(true);
  });
  it('a target that nothing serves cannot close', () => {
    const lost = problemOf(ask({ plants: [HOST, ...MAYFLOWERS, plant('x')], targets: [target('lost')], hosts: [] }));
    const none = programOf(lost, { budget: null, leafFactor: new Map() });
    expect(none.upper[none.goal[0]!]).toBe(0);
  });
});
