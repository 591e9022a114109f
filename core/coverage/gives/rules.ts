import type { Almanac, TargetHere } from '../../model/here';
import { HALF_MONTHS } from '../../model/half-month';
import type { Ambition, AutumnSchool } from '../../model/vocabulary';
import { needsOf, type Need } from '../needs';
import { hostRule } from './host';
import { nectarRule } from './nectar';
import type { Rule } from './rule';
import { shelterRule } from './shelter';
import { specialRule } from './special';

/** What of a garden the rules of its needs depend on. */
export interface RuledGarden {
  almanac: Almanac;
  garden: { school_autumn: AutumnSchool };
  targets: readonly { target: string; ambition: Ambition }[];
}

/** A chosen target with the rules of its needs. */
export interface TargetRules {
  here: TargetHere;
  rules: Rule[];
}

/** How many hummingbirds of those chosen fly together in each half-month. */
function birdsFlying(chosen: readonly TargetHere[]): number[] {
  const birds = chosen.filter((here) => here.target.kind === 'hummingbird');
  return Array.from({ length: HALF_MONTHS }, (_, h) => birds.filter((here) => here.flightHalfMonths.includes(h)).length);
}

/** Everything that the needs of a garden's targets are served by, need by need. */
function ruleOf(need: Need, here: TargetHere, birds: readonly number[], autumn: AutumnSchool): Rule {
  switch (need.stage) {
    case 'host':
      return hostRule(need, here);
    case 'nectar':
      return nectarRule(need, here, (h) => (here.target.kind === 'hummingbird' ? Math.max(1, birds[h]!) : 1));
    case 'shelter':
      return shelterRule(need, here, autumn);
    case 'special':
      return specialRule(need, here);
  }
}

/** A rule by which a trap of its target serves nothing at all: what kills the young is no help to the adults. */
const withoutTraps = (rule: Rule): Rule => ({
  ...rule,
  of: (stand) => (rule.target.hosts.get(stand.here.plant.id)?.rank === 'trap' ? null : rule.of(stand)),
});

/**
 * The needs of a garden's targets and how each is served, in the order of the targets. Targets that the almanac does not
 * know are left out.
 */
export function rulesOf({ almanac, garden, targets }: RuledGarden): TargetRules[] {
  const chosen = targets.flatMap(({ target, ambition }) => {
    const here = almanac.targets.get(target);
    return here ? [{ here, ambition }] : [];
  });
  const birds = birdsFlying(chosen.map(({ here }) => here));
  return chosen.map(({ here, ambition }) => ({
    here,
    rules: needsOf(here, ambition).map((need) => withoutTraps(ruleOf(need, here, birds, garden.school_autumn))),
  }));
}

/** The rule of one need of one target of a garden; undefined where it has none such. */
export function ruleFor(garden: RuledGarden, target: string, need: Pick<Need, 'stage' | 'special'>): Rule | undefined {
  return rulesOf(garden)
    .find(({ here }) => here.target.id === target)
    ?.rules.find((rule) => rule.need.stage === need.stage && rule.need.special === need.special);
}
