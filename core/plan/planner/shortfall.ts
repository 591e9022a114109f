import type { Highs } from 'highs';
import { groundM2 } from '../../match/quantities';
import { judge, moneyFor, proposedOf, type Judged, type Proposed } from './proposal';
import { remedyFor, type Remedy } from './remedy';
import { budgetOf } from './solve';
import { problemOf } from './problem';
import { closingPlan, type ClosingLimits, type Least } from './closing-plan';
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
  /** The change that was tried and closes it; null where none was found. */
  remedy: Remedy | null;
}

/** Ground (m²) by which a bed is let grow when it is asked how much more would do; a container cannot grow. */
const MOST_MORE_M2 = 30;

/** A plan that closes all of `closing` with least of an objective; null where there is none. */
function planFor(
  highs: Highs,
  question: PlanQuestion,
  closing: readonly string[],
  least: Least,
  options: ClosingLimits,
): Proposed | null {
  const problem = problemOf(question);
  const counts = closingPlan(highs, problem, closing, least, null, options);
  return counts && proposedOf(problem.choices, counts);
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
 * What is binding for a target that a plan leaves open: how much more ground, or money, would close it beside those that
 * close, whether the limits of height are what keeps it open, and the change of the plan that was tried and closes it.
 */
export function shortfallFor(
  highs: Highs,
  question: PlanQuestion,
  target: string,
  judged: Judged,
  options: ClosingLimits,
): Shortfall {
  const closing = judged.covered.targets.filter((row) => row.verdict === 'closed').map((row) => row.target);
  const wanted = [...closing, target];
  const free: PlanQuestion = { ...question, wishes: { ...question.wishes, budget_minor: null } };
  const found: Shortfall = { target, ground: null, money: null, height: false, remedy: null };
  const left = new Map(roomsOf(question, keptOf(question)).map(({ site, left }) => [site.id, Math.max(0, left)]));
  const larger: PlanQuestion = {
    ...free,
    sites: question.sites.map((site) => (site.kind === 'bed' ? { ...site, area_m2: site.area_m2 + MOST_MORE_M2 } : site)),
  };
  const roomy = planFor(highs, larger, wanted, { beyond: left }, options);
  const more = roomy && beyond(question, roomy);
  if (more && more.length > 0) found.ground = { m2: more.reduce((sum, row) => sum + row.m2, 0), sites: more };
  const budget = question.wishes.budget_minor;
  if (budget !== null) {
    const paid = planFor(highs, free, wanted, 'money', options);
    const money = paid && moneyFor(question, keptOf(question), paid) - budget;
    if (money && money > 0) found.money = money;
  }
  if (Object.keys(question.wishes.tallest_cm).length > 0) {
    const low = { ...question, wishes: { ...question.wishes, tallest_cm: {} } };
    found.height = planFor(highs, low, wanted, 'cost', options) !== null;
  }
  found.remedy = remedyFor(question, judged, target) ?? alone(highs, question, judged, target, options);
  return found;
}

/** What must be given up so that a target closes on the ground and for the money there is; null where nothing would do. */
function alone(highs: Highs, question: PlanQuestion, judged: Judged, target: string, options: ClosingLimits): Remedy | null {
  const problem = problemOf(question);
  const counts = closingPlan(highs, problem, [target], 'cost', budgetOf(problem), options);
  if (!counts) return null;
  const other = judge(question, problem.choices, problem.costs, counts);
  const closes = (covered: Judged['covered'], of: string) =>
    covered.targets.find((row) => row.target === of)!.verdict === 'closed';
  if (!closes(other.covered, target)) return null;
  const opens = judged.covered.targets
    .map((row) => row.target)
    .filter((of) => closes(judged.covered, of) && !closes(other.covered, of));
  return { kind: 'instead', opens };
}
