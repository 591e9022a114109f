import type { Highs } from 'highs';
import { coverage } from '../../coverage/coverage';
import { groundM2 } from '../../match/quantities';
import { SETTINGS } from '../../settings';
import { closingPlan, type ClosingLimits } from './closing-plan';
import { filled } from './fill';
import { problemOf, type Problem } from './problem';
import { gardenWith, judge, type Judged } from './proposal';
import { keptOf, type PlanQuestion } from './question';
import { without } from './reduction';
import { budgetOf } from './solve';

/** In what spirit another plan is made. */
export const SPIRITS = ['few', 'natives', 'cheap', 'colour', 'easy', 'sturdy'] as const;
export type Spirit = (typeof SPIRITS)[number];

/** The question asked in another spirit. */
export function inSpirit(question: PlanQuestion, spirit: Spirit): PlanQuestion {
  const { wishes, garden } = question;
  const natives = garden.school_plants === 'natives-only' ? 'much' : 'off';
  switch (spirit) {
    case 'few':
      return { ...question, wishes: { ...wishes, kinds: 'few' } };
    case 'natives':
      return {
        ...question,
        garden: { ...garden, school_plants: 'natives-only' },
        wishes: { ...wishes, natives: 'much', kinds: 'any' },
      };
    case 'cheap':
      return { ...question, wishes: { ...wishes, cheap: 'much', natives, kinds: 'any' } };
    case 'colour':
      return { ...question, wishes: { ...wishes, flowers: 'much', kinds: 'any' } };
    case 'easy':
      return { ...question, wishes: { ...wishes, care: 'much', water: 'much', kinds: 'any' } };
    case 'sturdy':
      return { ...question, wishes: { ...wishes, kinds: 'any' } };
  }
}

export const kindsOf = (judged: Pick<Judged, 'proposed'>) => new Set(judged.proposed.plants.map((row) => row.plant));

/** Share (0–1) of the kinds of a plan that are not among those of another. */
export function differenceFrom(judged: Pick<Judged, 'proposed'>, other: Pick<Judged, 'proposed'>): number {
  const kinds = kindsOf(judged);
  const others = kindsOf(other);
  return kinds.size === 0 ? 0 : [...kinds].filter((kind) => !others.has(kind)).length / kinds.size;
}

/** A problem of which every need is asked more than once over, so that a plan for it bears the loss of a kind. */
const sturdier = (problem: Problem): Problem => ({
  ...problem,
  cells: problem.cells.map((cell) => ({
    ...cell,
    amount: cell.amount && { ...cell.amount, demand: cell.amount.demand * SETTINGS.planner.sturdy },
    kinds: cell.kinds && { ...cell.kinds, wanted: cell.kinds.wanted + 1 },
  })),
});

/** Months in flower of the kinds of a plan, site by site: how much colour there is, three kinds at once being plenty. */
function colourOf({ almanac }: PlanQuestion, { proposed }: Pick<Judged, 'proposed'>): number {
  const open = new Map<string, number>();
  for (const { plant, site_id } of proposed.plants)
    almanac.plants.get(plant)!.bloomShares.forEach((share, h) => {
      if (share >= SETTINGS.craft.presentShare) open.set(`${site_id} ${h}`, (open.get(`${site_id} ${h}`) ?? 0) + 1);
    });
  return [...open.values()].reduce((sum, kinds) => sum + Math.min(3, kinds), 0);
}

/** Ground (m²) of a plan that asks for work each year: what is sown again, spreads hard, or wants more than it finds. */
function workOf({ almanac, sites }: PlanQuestion, { proposed }: Pick<Judged, 'proposed'>): number {
  return proposed.plants.reduce((sum, { plant, site_id, count }) => {
    const here = almanac.plants.get(plant)!;
    const site = sites.find((row) => row.id === site_id)!;
    const { kind, vigour, moisture_min } = here.plant;
    const parts = [kind === 'annual' || kind === 'biennial', vigour === 3, here.trade !== 'common', site.moisture < moisture_min];
    return sum + groundM2(here.plant, count, site) * parts.filter(Boolean).length;
  }, 0);
}

/** Kinds without which a plan no longer closes all that it closes. */
export function weakPoints(question: PlanQuestion, judged: Pick<Judged, 'proposed' | 'covered'>): string[] {
  const kept = keptOf(question);
  return [...kindsOf(judged)].filter((kind) => {
    const plants = judged.proposed.plants.filter((row) => row.plant !== kind);
    return coverage(gardenWith(question, kept, { ...judged.proposed, plants })).closed < judged.covered.closed;
  });
}

/** Does a plan deserve to be called so beside the first: does it close as much, and is it what its title says? */
function deserves(question: PlanQuestion, spirit: Spirit, judged: Judged, first: Judged): boolean {
  if (judged.covered.closed < first.covered.closed) return false;
  switch (spirit) {
    case 'few':
      return kindsOf(judged).size < kindsOf(first).size;
    case 'natives':
      return [...kindsOf(judged)].every((kind) => question.almanac.plants.get(kind)!.status.native);
    case 'cheap':
      return judged.money < first.money;
    case 'colour':
      return colourOf(question, judged) > colourOf(question, first);
    case 'easy':
      return workOf(question, judged) < workOf(question, first);
    case 'sturdy':
      return weakPoints(question, judged).length === 0;
  }
}

/**
 * A plan in another spirit that closes all that the first closes, within the same money, with no kind that something speaks
 * against unless the first has it too. Null where none is found that
 * deserves the title: no fewer kinds, not cheaper, not all of it native, and so on.
 */
export function alternative(
  highs: Highs,
  question: PlanQuestion,
  spirit: Spirit,
  first: Judged,
  limits: ClosingLimits,
): Judged | null {
  const asked = inSpirit(question, spirit);
  const all = problemOf(asked);
  // What speaks against a kind speaks against it in every spirit: only those that the first could not do without.
  const needed = kindsOf(first);
  const problem = without(
    all,
    Uint8Array.from(all.choices.plants, ({ drawbacks, here }) => Number(drawbacks.length > 0 && !needed.has(here.plant.id))),
  );
  const closing = first.covered.targets.filter((row) => row.verdict === 'closed').map((row) => row.target);
  const least = spirit === 'cheap' ? 'money' : 'cost';
  const budget = budgetOf(problem);
  const counts = closingPlan(highs, spirit === 'sturdy' ? sturdier(problem) : problem, closing, least, budget, {
    ...limits,
    bears: spirit === 'sturdy',
  });
  if (!counts) return null;
  const whole = spirit === 'cheap' || spirit === 'few' ? counts : filled(problem, counts, budget);
  const judged = judge(asked, problem.choices, problem.costs, whole);
  return deserves(question, spirit, judged, first) ? judged : null;
}
