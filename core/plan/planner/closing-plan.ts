import type { Highs } from 'highs';
import { missingOf, type Term } from './cells';
import type { Problem } from './problem';
import { programOf } from './program';
import { solverInput } from './search';

/** Branch-and-bound nodes for each question, so that every machine answers alike; the seconds are a guard for slow ones. */
export interface ClosingLimits {
  nodes: number;
  seconds: number;
}

/** What is to be least of a plan that closes what it must. */
export type Least = 'cost' | 'money' | { beyond: ReadonlyMap<string, number> };

/**
 * The counts of a plan for a problem that closes all of `closing` with least of an objective: the preferences, the money, or the
 * ground beyond what each bed has (`beyond`, m² by site). Null where there is none. `budget`: money (hundredths) that it may
 * cost; null: any. `bears`: what is wanted is to be there with any one kind lost, as far as rows can say it.
 */
export function closingPlan(
  highs: Highs,
  problem: Problem,
  closing: readonly string[],
  least: Least,
  budget: number | null,
  { nodes, seconds, bears = false }: ClosingLimits & { bears?: boolean },
): Float64Array | null {
  const { plants } = problem.choices;
  const program = programOf(problem, { budget, leafFactor: new Map() });
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
    if (bears)
      for (const { entries, atLeast } of withoutEach(problem, closing))
        model.addRow(atLeast, highs.infinity, {
          indices: entries.map(([choice]) => program.choice[choice]!),
          values: entries.map(([, each]) => each),
        });
    model.run();
    const status = model.getModelStatus();
    const { modelStatus } = highs.constants;
    if (status === modelStatus.infeasible || status === modelStatus.unboundedOrInfeasible) return null;
    const { colValue } = model.getSolution();
    if (colValue.length === 0) return null;
    const counts = Float64Array.from(program.choice, (at) => Math.round(colValue[at]!));
    return counts.some((count) => count > 0) ? counts : null;
  });
}

/** What the choices must give each cell of the targets to be closed without each of the kinds that give it anything. */
function withoutEach(
  { goals, cells, totals, patches, choices }: Problem,
  closing: readonly string[],
): { entries: Term[]; atLeast: number }[] {
  const wanted = new Set(goals.filter((goal) => closing.includes(goal.target)).flatMap((goal) => goal.cells));
  const kindOf = (choice: number) => choices.plants[choice]?.here.plant.id ?? '';
  const rows: { entries: Term[]; atLeast: number }[] = [];
  const without = (terms: readonly Term[], atLeast: number) => {
    const each = new Map<number, number>();
    for (const [choice, amount] of terms) each.set(choice, (each.get(choice) ?? 0) + amount);
    if (atLeast <= 0) return;
    for (const kind of new Set([...each.keys()].map(kindOf)))
      rows.push({ entries: [...each].filter(([choice]) => kind === '' || kindOf(choice) !== kind), atLeast });
  };
  for (const cell of wanted) {
    const { amount, patch } = cells[cell]!;
    if (amount && amount.shared.length === 0)
      without(
        amount.from.flatMap(([total, each]) => totals[total]!.map(([choice, one]): Term => [choice, each * one])),
        missingOf(amount),
      );
    if (patch !== null)
      without(
        patches[patch]!.flatMap((row) => row.from),
        1 - Math.max(0, ...patches[patch]!.map((row) => row.fixed)),
      );
  }
  return rows;
}
