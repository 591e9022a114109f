import type { Highs } from 'highs';
import { groundM2 } from '../../match/quantities';
import { moneyFor, proposedOf, type Proposed } from './proposal';
import { problemOf } from './problem';
import { programOf } from './program';
import { solverInput } from './search';
import { keptOf, type PlanQuestion } from './question';
import { roomsOf } from './choices';

/** How much more of what is short would close a target beside those that close already. */
export interface Shortfall {
  target: string;
  /** Square metres more, site by site; null where no amount of ground would do, or none is missing. */
  ground: { m2: number; sites: { site_id: string; m2: number }[] } | null;
  /** Money more (hundredths); null where no amount would do, or there is no budget. */
  money: number | null;
  /** Would it close with no limit of height? */
  height: boolean;
}

/** Ground (m²) by which a bed is let grow when it is asked how much more would do; a container cannot grow. */
const MOST_MORE_M2 = 30;

/** Branch-and-bound nodes for each question, so that every machine answers alike; the seconds are a guard for slow ones. */
type Options = { nodes: number; seconds: number };

/** A plan that closes all of `closing` with least of an objective; null where there is none. */
function closingPlan(
  highs: Highs,
  question: PlanQuestion,
  closing: readonly string[],
  least: 'cost' | { beyond: ReadonlyMap<string, number> } | 'money',
  { nodes, seconds }: Options,
): Proposed | null {
  const problem = problemOf(question);
  const { plants } = problem.choices;
  const program = programOf(problem, {
    budget: null,
    differences: [],
    leafFactor: new Map(),
  });
  const lower = program.lower.slice();
  for (const [goal, { target }] of problem.goals.entries()) {
    const column = program.goal[goal]!;
    if (!closing.includes(target)) continue;
    if (program.upper[column] === 0) return null;
    lower[column] = 1;
  }
  const { columns, cost } = program;
  const objective = least === 'cost' ? cost : new Float64Array(columns);
  if (least === 'money')
    plants.forEach(
      ({ price, once }, i) => (objective[program.choice[i]!] = price + once / 5 + 0.001 * cost[program.choice[i]!]!),
    );
  return highs.withModel((model) => {
    model.passModel(solverInput(program, objective, lower));
    model.options.set({ output_flag: false, time_limit: seconds, mip_max_nodes: nodes, mip_rel_gap: 0.02 });
    if (typeof least === 'object') {
      // Ground beyond what there is, bed by bed, is what is to be least.
      let column = columns;
      for (const { site } of problem.choices.rooms) {
        const here = plants.flatMap((row, choice) => (row.site === site ? [choice] : []));
        if (here.length === 0) continue;
        model.addVar(0, highs.infinity);
        model.changeColCost(column, 1);
        model.addRow(-highs.infinity, least.beyond.get(site.id) ?? 0, {
          indices: [...here.map((of) => program.choice[of]!), column],
          values: [...here.map((of) => plants[of]!.ground), -1],
        });
        column++;
      }
    }
    model.run();
    const status = model.getModelStatus();
    const { modelStatus } = highs.constants;
    if (status === modelStatus.infeasible || status === modelStatus.unboundedOrInfeasible) return null;
    const { colValue } = model.getSolution();
    if (colValue.length === 0) return null;
    const counts = program.choice.map((at) => Math.round(colValue[at]!));
    return counts.some((count) => count > 0) ? proposedOf(problem.choices, counts) : null;
  });
}

/** Ground used on each site beyond what is left there. */
function beyond(question: PlanQuestion, proposed: Proposed): { site_id: string; m2: number }[] {
  return roomsOf(question, keptOf(question)).flatMap(({ site, left }) => {
    const used = proposed.plants
      .filter((row) => row.site_id === site.id)
      .reduce((sum, row) => sum + groundM2(question.almanac.plants.get(row.plant)!.plant, row.count, site), 0);
    const m2 = used - Math.max(0, left);
    return m2 > 0.005 ? [{ site_id: site.id, m2 }] : [];
  });
}

/**
 * What is binding for a target that a plan leaves open: how much more ground, or money, would close it beside the
 * targets in `closing`, and whether the limits of height are what keeps it open.
 */
export function shortfallFor(
  highs: Highs,
  question: PlanQuestion,
  target: string,
  closing: readonly string[],
  options: Options,
): Shortfall {
  const wanted = [...closing, target];
  const free: PlanQuestion = { ...question, wishes: { ...question.wishes, budget_minor: null } };
  const found: Shortfall = { target, ground: null, money: null, height: false };
  const left = new Map(roomsOf(question, keptOf(question)).map(({ site, left }) => [site.id, Math.max(0, left)]));
  const larger: PlanQuestion = {
    ...free,
    sites: question.sites.map((site) => (site.kind === 'bed' ? { ...site, area_m2: site.area_m2 + MOST_MORE_M2 } : site)),
  };
  const roomy = closingPlan(highs, larger, wanted, { beyond: left }, options);
  const more = roomy && beyond(question, roomy);
  if (more && more.length > 0) found.ground = { m2: more.reduce((sum, row) => sum + row.m2, 0), sites: more };
  const budget = question.wishes.budget_minor;
  if (budget !== null) {
    const paid = closingPlan(highs, free, wanted, 'money', options);
    const money = paid && moneyFor(question, keptOf(question), paid) - budget;
    if (money && money > 0) found.money = money;
  }
  if (Object.keys(question.wishes.tallest_cm).length > 0) {
    const low = { ...question, wishes: { ...question.wishes, tallest_cm: {} } };
    found.height = closingPlan(highs, low, wanted, 'cost', options) !== null;
  }
  return found;
}
