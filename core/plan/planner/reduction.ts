import { choicesByPlant } from './choices';
import { answers } from './bed-wish';
import type { Problem } from './problem';
import { missingOf, type Term } from './cells';

/**
 * Upper bound of each choice: the count at which every need it serves is met by it alone, the largest patch stands and it
 * counts as a kind. More would only cost. Where leaf is shared the bound stays as it is.
 */
export function usefulMost({ choices, cells, totals, indicators, patches, resources, parts }: Problem): Int32Array {
  const useful = new Float64Array(choices.plants.length);
  const wants = (choice: number, count: number) => {
    if (choice < useful.length) useful[choice] = Math.max(useful[choice]!, count);
  };
  for (const { amount, patch } of cells) {
    if (amount) {
      for (const [total, each] of amount.from)
        for (const [choice, times] of totals[total]!) wants(choice, Math.ceil(missingOf(amount) / (each * times) - 1e-9));
      for (const [part] of amount.shared) {
        const { total } = resources[parts[part]!.resource]!;
        if (total !== null) for (const [choice] of totals[total]!) wants(choice, Infinity);
      }
    }
    if (patch !== null)
      for (const { from } of patches[patch]!) for (const [choice, each] of from) wants(choice, Math.ceil(1 / each - 1e-9));
  }
  for (const indicator of indicators) for (const [choice, least] of indicator) wants(choice, least);
  return Int32Array.from(choices.plants, ({ least, most }, choice) => Math.min(most, Math.max(least, useful[choice]!)));
}

/**
 * Dominance: marks the choices of plants that no best plan needs (1), because enough other plants do all they do for no
 * more ground and cost. A plant dominates another where, on every site of the other, it may stand too, begins with no
 * larger drift, and gives no less to any need. Three rules limit it:
 * - as many plants must dominate it as kinds are wanted at once where it counts as one, so that no further kind is lost;
 * - they must be able to give all that is wanted where it counts, each within what one kind may take of a site;
 * - plants whose leaf several targets share are never left out.
 */
export function dominated(problem: Problem): Uint8Array {
  const { choices, costs, cells, totals, indicators, patches, resources, parts, question } = problem;
  const marks = new Uint8Array(choices.plants.length);
  // A plant that costs less than nothing is wanted for itself.
  if (question.wishes.kinds === 'many') return marks;

  // What one plant of each choice gives, by what it gives to.
  const gives = choices.plants.map(() => new Map<number, number>());
  const kindsWanted = new Map<string, number>();
  const shared = new Set<number>();
  const PARTS = 4;
  /** What is wanted of each of them. */
  const wanted = new Map<number, number>();
  const give = (choice: number, to: number, amount: number, all: number) => {
    const row = gives[choice];
    if (row) row.set(to, Math.max(row.get(to) ?? 0, amount));
    wanted.set(to, all);
  };
  cells.forEach(({ amount, kinds, patch }, cell) => {
    const missing = amount ? missingOf(amount) : 0;
    for (const [total, each] of amount?.from ?? [])
      for (const [choice, times] of totals[total]!) {
        give(choice, cell * PARTS, Math.min(each * times, missing), missing);
        if (!amount!.pale.includes(total)) give(choice, cell * PARTS + 3, Math.min(each * times, missing), missing);
      }
    for (const [part] of amount?.shared ?? []) {
      const { total } = resources[parts[part]!.resource]!;
      for (const [choice] of total === null ? [] : totals[total]!) shared.add(choice);
    }
    for (const indicator of kinds?.from ?? [])
      for (const [choice, least] of indicators[indicator]!) {
        give(choice, cell * PARTS + 1, 1 / least, 1);
        const plant = choices.plants[choice]?.here.plant.id;
        if (plant) kindsWanted.set(plant, Math.max(kindsWanted.get(plant) ?? 1, kinds!.wanted));
      }
    if (patch !== null)
      patches[patch]!.forEach(({ from }) => {
        for (const [choice, each] of from) give(choice, cell * PARTS + 2, each, 1);
      });
  });

  const asGood = (other: number, choice: number): boolean => {
    const [a, b] = [choices.plants[other]!, choices.plants[choice]!];
    if (a.least > b.least || a.most < b.most || a.ground > b.ground + 1e-9 || a.crown > b.crown + 1e-9) return false;
    if (a.price > b.price + 1e-9 || a.once > b.once || costs.each[other]! > costs.each[choice]! + 1e-9) return false;
    // Nor does it keep its place worse, flower in fewer months, or take the middle of a pot where the other does not.
    if ((b.backbone && !a.backbone) || (a.upright && !b.upright)) return false;
    for (const month of b.months) if (!a.months.has(month)) return false;
    const has = gives[other]!;
    for (const [to, amount] of gives[choice]!) if ((has.get(to) ?? 0) < amount - 1e-12) return false;
    return true;
  };
  const plants = [...choicesByPlant(choices.plants)];
  for (const [plant, list] of plants) {
    if (list.some((choice) => shared.has(choice))) continue;
    if (question.wishes.here.some((wish) => list.some((choice) => answers(question, choices.plants[choice]!, wish)))) continue;
    if (list.every((choice) => gives[choice]!.size === 0)) {
      for (const choice of list) marks[choice] = 1;
      continue;
    }
    const enough = kindsWanted.get(plant) ?? 1;
    let found = 0;
    // What those found so far can give together, each within what one kind may take of a site.
    const given = list.map(() => new Map<number, number>());
    const plenty = () =>
      list.every((choice, i) => [...gives[choice]!.keys()].every((to) => (given[i]!.get(to) ?? 0) >= wanted.get(to)! - 1e-9));
    for (const [other, others] of plants) {
      if (other === plant || question.wishes.most[other] !== undefined || marks[others[0]!]) continue;
      if (costs.kind.get(other)! > costs.kind.get(plant)! + 1e-9) continue;
      const better = list.map((choice) =>
        others.find((of) => choices.plants[of]!.site === choices.plants[choice]!.site && asGood(of, choice)),
      );
      if (better.includes(undefined)) continue;
      found++;
      list.forEach((choice, i) => {
        for (const to of gives[choice]!.keys()) {
          const most = gives[better[i]!]!.get(to)! * choices.plants[better[i]!]!.most;
          given[i]!.set(to, (given[i]!.get(to) ?? 0) + most);
        }
      });
      if (found >= enough && plenty()) break;
    }
    if (found >= enough && plenty()) for (const choice of list) marks[choice] = 1;
  }
  return marks;
}

/** A problem without the choices marked (1); what is left keeps its order. */
export function without(problem: Problem, marks: Uint8Array): Problem {
  const { choices, costs } = problem;
  const stays = (choice: number) => !marks[choice];
  const at = new Map<number, number>();
  for (let choice = 0; choice < choices.plants.length + choices.features.length; choice++)
    if (stays(choice)) at.set(choice, at.size);
  const terms = (list: readonly Term[]): Term[] =>
    list.flatMap(([choice, each]): Term[] => (at.has(choice) ? [[at.get(choice)!, each]] : []));
  const totals = problem.totals.map(terms);
  const indicators = problem.indicators.map(terms);
  return {
    ...problem,
    choices: { ...choices, plants: choices.plants.filter((_, choice) => stays(choice)) },
    costs: { ...costs, each: costs.each.filter((_, choice) => stays(choice)) },
    totals,
    indicators,
    resources: problem.resources.map((resource) =>
      resource.total !== null && totals[resource.total]!.length === 0 ? { ...resource, total: null } : resource,
    ),
    patches: problem.patches.map((patch) => patch.map((row) => ({ ...row, from: terms(row.from) }))),
    cells: problem.cells.map((cell) => ({
      ...cell,
      amount: cell.amount && {
        ...cell.amount,
        from: cell.amount.from.filter(([total]) => totals[total]!.length > 0),
        pale: cell.amount.pale.filter((total) => totals[total]!.length > 0),
      },
      kinds: cell.kinds && {
        ...cell.kinds,
        from: cell.kinds.from.filter((indicator) => indicators[indicator]!.length > 0),
      },
    })),
  };
}
