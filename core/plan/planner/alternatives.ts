import type { Highs } from 'highs';
import { SETTINGS } from '../../settings';
import { problemOf } from './problem';
import type { Judged } from './proposal';
import type { PlanQuestion } from './question';
import { solvePlan, type SolveOptions } from './solve';

/** In what spirit another plan is made. */
export const SPIRITS = ['few', 'natives', 'cheap'] as const;
export type Spirit = (typeof SPIRITS)[number];

/** The question asked in another spirit: the fewest kinds, natives only, the least money. */
export function inSpirit(question: PlanQuestion, spirit: Spirit): PlanQuestion {
  const { wishes, garden } = question;
  if (spirit === 'few') return { ...question, wishes: { ...wishes, kinds: 'few' } };
  if (spirit === 'natives')
    return {
      ...question,
      garden: { ...garden, school_plants: 'natives-only' },
      wishes: { ...wishes, natives: 'much', kinds: 'any' },
    };
  return {
    ...question,
    wishes: { ...wishes, cheap: 'much', natives: garden.school_plants === 'natives-only' ? 'much' : 'off', kinds: 'any' },
  };
}

export const kindsOf = (judged: Pick<Judged, 'proposed'>) => new Set(judged.proposed.plants.map((row) => row.plant));

/** Share (0–1) of the kinds of a plan that are not among those of another. */
export function differenceFrom(judged: Pick<Judged, 'proposed'>, other: Pick<Judged, 'proposed'>): number {
  const kinds = kindsOf(judged);
  const others = kindsOf(other);
  return kinds.size === 0 ? 0 : [...kinds].filter((kind) => !others.has(kind)).length / kinds.size;
}

/**
 * A plan in another spirit, at least a third of whose plants are in none of `others`. Null where there is none that
 * differs so: nothing needs to be added, or no other plants serve.
 */
export function alternative(
  highs: Highs,
  question: PlanQuestion,
  spirit: Spirit,
  others: readonly Judged[],
  options: Pick<SolveOptions, 'seconds' | 'nodes' | 'now' | 'take'>,
): Judged | null {
  const problem = problemOf(inSpirit(question, spirit));
  const share = SETTINGS.planner.differs;
  const differences = others.map((other) => ({ plants: kindsOf(other), share })).filter(({ plants }) => plants.size > 0);
  const { best } = solvePlan(highs, problem, { ...options, differences });
  return best.proposed.plants.length === 0 ? null : best;
}
