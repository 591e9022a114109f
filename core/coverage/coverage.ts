import type { GateGarden } from '../match/gates/gates';
import type { Garden, GardenTarget, Site } from '../model/garden';
import { finish, type Steps } from '../model/steps';
import { SETTINGS } from '../settings';
import type { Rule } from './gives/rule';
import { rulesOf } from './gives/rules';
import { allotLeaf } from './leaf';
import { standsOf, type Stand, type Standing } from './stands';
import { withinReach } from './near';
import { featuresFor, patchesBySite, supplyTo, type Supply } from './supply';
import type { Coverage, CoverageCell, CoverageVerdict, Fault, NeedCoverage, TargetCoverage } from './types';

export interface CoverageInput extends Standing {
  garden: GateGarden & Pick<Garden, 'school_autumn' | 'money'>;
  targets: readonly Pick<GardenTarget, 'target' | 'ambition' | 'priority'>[];
}

/** closed from 1, open below 0.4, thin between. */
export function verdictOf(ratio: number): CoverageVerdict {
  // A hair of allowance, so that 0.1 + 0.2 of a need is 0.3 of it.
  if (ratio >= SETTINGS.coverage.closed - 1e-9) return 'closed';
  return ratio >= SETTINGS.coverage.thin - 1e-9 ? 'thin' : 'open';
}

/** A half-month of a need: supply ÷ demand, and no better than its kinds and its largest patch allow. */
function cellOf(rule: Rule, halfMonth: number, supply: Supply, patch: number | null): CoverageCell {
  const { amount, contributions } = supply;
  const kinds = rule.kinds > 0 ? supply.kinds.size : 0;
  const ofKinds = rule.kinds > 0 ? kinds / rule.kinds : Infinity;
  if (rule.whole) {
    const met = Math.min(1, ofKinds);
    const ratio = met >= 1 ? 1 : Math.max(rule.unmet, met);
    return { halfMonth, supply: met, demand: 1, kinds: 0, ratio, verdict: verdictOf(ratio), contributions };
  }
  // Without a leaf no patch and no kind counts.
  const met = rule.patch && amount === 0 ? 0 : Math.min(amount / rule.amount, patch ?? Infinity, ofKinds);
  const ratio = Math.max(rule.unmet, met);
  return { halfMonth, supply: amount, demand: rule.amount, kinds, ratio, verdict: verdictOf(ratio), contributions };
}

/** What holds a need down at its weakest: how much there is, how large a patch, or how many kinds. */
function limitOf(rule: Rule, { supply, ratio }: CoverageCell, patch: number | null): NeedCoverage['limit'] {
  if (rule.whole || supply / rule.amount <= ratio) return 'amount';
  return patch !== null && patch <= ratio ? 'patch' : 'kinds';
}

/** How well one need is served: half-month by half-month, and as well as its weakest. */
function needCoverage(
  rule: Rule,
  stands: readonly Stand[],
  sites: readonly Site[],
  shared: readonly (Float64Array | null)[] | null,
): NeedCoverage {
  const { need } = rule;
  const patch = rule.patch ? Math.max(0, ...patchesBySite(rule, stands).values()) : null;
  // What is shared is leaf, which goes by stand and is never out of reach.
  const here = withinReach(rule, stands, sites);
  const supplyIn = supplyTo(rule, here.stands, here.sites, shared);
  const cells = need.halfMonths.map((h) => cellOf(rule, h, supplyIn(h), patch));
  const weakest = cells.reduce((a, b) => (b.ratio < a.ratio ? b : a));
  return {
    need,
    cells,
    ratio: weakest.ratio,
    verdict: weakest.verdict,
    gaps: cells.filter((cell) => cell.verdict !== 'closed').map((cell) => cell.halfMonth),
    limit: weakest.verdict === 'closed' ? null : limitOf(rule, weakest, patch),
    patch,
    features: featuresFor(rule, here.sites),
  };
}

/**
 * How well a garden serves each target, need by need and half-month by half-month: supply ÷ demand with the
 * plantings that supply it, and the plantings that supply nothing. Leaf is shared out between targets on the
 * same host; flowers are shared without being used up, except that hummingbirds divide theirs.
 */
export const coverage = (input: CoverageInput): Coverage => finish(coverageInSteps(input));

/** The same target by target. */
export function* coverageInSteps(input: CoverageInput): Steps<Coverage> {
  const { sites } = input;
  const { stands, faults } = standsOf(input);
  yield;
  const chosen = rulesOf(input);
  const eaten = chosen.flatMap(({ rules }) => rules.filter((rule) => rule.need.stage === 'host'));
  const leaf = new Map((yield* allotLeaf(eaten, stands)).map((allotted, i) => [eaten[i]!, allotted]));

  const targets: TargetCoverage[] = [];
  for (const { here, rules } of chosen) {
    yield;
    const traps = stands.filter((stand) => here.hosts.get(stand.here.plant.id)?.rank === 'trap');
    faults.push(...traps.map((stand): Fault => ({ planting: stand.id, kind: 'trap', target: here.target.id })));
    const needs = rules.map((rule) => needCoverage(rule, stands, sites, leaf.get(rule) ?? null));
    // Who asks for nothing here is served by nothing.
    const ratio = needs.length === 0 ? 0 : Math.min(...needs.map((need) => need.ratio));
    targets.push({ target: here.target.id, needs, ratio, verdict: verdictOf(ratio) });
  }
  return { targets, faults, closed: targets.filter((row) => row.verdict === 'closed').length };
}
