import { coverage } from '../../coverage/coverage';
import { ambitionsFor } from '../../coverage/needs';
import type { NeedCoverage, TargetCoverage } from '../../coverage/types';
import { feeds } from '../../library/hosts';
import type { TargetHere } from '../../model/here';
import { isPlanted } from '../../model/states';
import type { Ambition } from '../../model/vocabulary';
import { SETTINGS } from '../../settings';
import { drawbacksOf, isHostHere } from '../../match/craft/kinds';
import { groundM2 } from '../../match/quantities';
import type { Hindrance } from '../../match/hindrance';
import { greedyCounts } from '../planner/greedy';
import { problemOf, type Problem } from '../planner/problem';
import { gardenWith, judge, moneyFor, type Judged, type Proposed } from '../planner/proposal';
import { keptOf, type PlanQuestion } from '../planner/question';
import { without } from '../planner/reduction';
import { helpersFor } from '../planner/why-open';

/** What a creature would still ask of a plan in which all that is planted stays. */
export interface Ask {
  target: string;
  /** How it is taken up: to breed, or where that is out of reach to visit. */
  ambition: Ambition;
  /** Is it served already? Then nothing is added. */
  served: boolean;
  /** Would its life cycle close with what is added? */
  closes: boolean;
  /** Share (0–1) of all it needs, half-month by half-month, that would then be closed. */
  share: number;
  /** Would all but a small part be? */
  nearly: boolean;
  /** The least that a quick search found, and the ground (m²) and money (hundredths) it takes. */
  proposed: Proposed;
  ground_m2: number;
  /** The part of it (m²) that its own hosts take: flowers serve whoever flies. */
  hosts_m2: number;
  money: number;
  /** What stays thin or open even so, the weakest first. */
  open: NeedCoverage[];
  /** Where it cannot breed: the plant that is nearest to serving what it lacks for that and what keeps it out, or that room is short. */
  obstacle: { plant: string; why: Hindrance } | 'room' | null;
  /** Does it take a tree, or a kind that something speaks against? */
  tree: boolean;
  drawback: boolean;
}

/** Share (0–1) of what a target needs, each need in each half-month, that is closed. */
function closedShare({ needs }: Pick<TargetCoverage, 'needs'>): number {
  const cells = needs.flatMap((need) => need.cells);
  return cells.length === 0 ? 0 : cells.filter((cell) => cell.verdict === 'closed').length / cells.length;
}
/** Is all but a small part of what a target needs closed, a winter month of flowers perhaps, and its young fed at all? */
export const nearlyCloses = (row: Pick<TargetCoverage, 'needs'>): boolean =>
  closedShare(row) >= SETTINGS.firstSet.nearly &&
  row.needs.every((need) => need.need.stage !== 'host' || closedShare({ needs: [need] }) >= SETTINGS.firstSet.nearly);

/** The chosen targets that could want the same leaf, or the same flowers as a hummingbird. */
function rivalsOf({ almanac, targets }: PlanQuestion, here: TargetHere): PlanQuestion['targets'][number][] {
  const isBird = here.target.kind === 'hummingbird';
  return targets.filter((row) => {
    const other = almanac.targets.get(row.target);
    if (!other || row.target === here.target.id) return false;
    if (isBird && other.target.kind === 'hummingbird') return true;
    return [...other.hosts.keys()].some((plant) => feeds(other.hosts, plant) && feeds(here.hosts, plant));
  });
}

/** A problem without the choices that `unwanted` picks out. */
export function sparing(problem: Problem, unwanted: (choice: Problem['choices']['plants'][number]) => boolean): Problem {
  return without(
    problem,
    Uint8Array.from(problem.choices.plants, (choice) => Number(unwanted(choice))),
  );
}

/**
 * The least that serves a target: without trees and drawbacks if that closes it, then with trees; then what is sound and
 * nearly closes it, before all that may be planted.
 */
function leastFor(question: PlanQuestion, target: string): Judged {
  const goal = question.targets.findIndex((row) => row.target === target);
  const whole = problemOf(question);
  const sound = sparing(whole, ({ drawbacks }) => drawbacks.length > 0);
  const tried = (problem: Problem) => judge(question, problem.choices, problem.costs, greedyCounts(problem, null, [goal]));
  const rowOf = (judged: Judged) => judged.covered.targets[goal]!;
  const closes = (judged: Judged) => rowOf(judged).verdict === 'closed';
  const better = (a: Judged, b: Judged) => (closedShare(rowOf(b)) > closedShare(rowOf(a)) ? b : a);

  const herbs = tried(sparing(sound, ({ here }) => here.plant.kind === 'tree'));
  if (closes(herbs)) return herbs;
  const trees = tried(sound);
  if (closes(trees)) return trees;
  const best = better(herbs, trees);
  if (nearlyCloses(rowOf(best))) return best;
  return better(best, tried(whole));
}

/** Ground (m²) that a proposal takes. */
const groundOf = ({ almanac, sites }: PlanQuestion, plants: Proposed['plants']): number =>
  plants.reduce(
    (sum, row) =>
      sum +
      groundM2(
        almanac.plants.get(row.plant)!.plant,
        row.count,
        sites.find((site) => site.id === row.site_id)!,
      ),
    0,
  );

/**
 * What keeps a need from being served: the nearest plant and what keeps it out of the garden as it is; `room` where such a
 * plant could stand, but not all that is asked; null where nothing here could serve it.
 */
function obstacleTo(question: PlanQuestion, target: string, need: NeedCoverage): Ask['obstacle'] {
  const [nearest] = helpersFor(question, keptOf(question), target, need);
  if (!nearest) return null;
  const why = nearest.bars[0]?.why;
  return why ? { plant: nearest.here.plant.id, why } : 'room';
}

/** What one creature would ask, taken up in one way. */
export function askAs(question: PlanQuestion, here: TargetHere, ambition: Ambition): Ask {
  const target = here.target.id;
  const mine = { target, ambition, priority: 9 };
  const targets = [...rivalsOf(question, here), mine];
  const asked: PlanQuestion = { ...question, targets };
  const kept = keptOf(asked);
  const rowOf = (covered: Judged['covered']) => covered.targets.find((row) => row.target === target)!;
  const nothing: Proposed = { plants: [], features: [] };
  const before = rowOf(coverage(gardenWith(asked, kept, nothing)));
  const served = before.verdict === 'closed';
  const found = served || !asked.sites.some(isPlanted) ? null : leastFor(asked, target);
  const after = found ? rowOf(found.covered) : before;
  const proposed = found?.proposed ?? nothing;
  const choices = proposed.plants.map((row) => question.almanac.plants.get(row.plant)!);
  const open = after.needs.filter((need) => need.verdict !== 'closed').sort((a, b) => a.ratio - b.ratio);
  const lacking = open.find((need) => need.need.stage === 'host') ?? open[0];
  const nearly = nearlyCloses(after);
  return {
    target,
    ambition,
    served,
    closes: after.verdict === 'closed',
    share: closedShare(after),
    nearly,
    proposed,
    ground_m2: groundOf(question, proposed.plants),
    hosts_m2: groundOf(
      question,
      proposed.plants.filter((row) => feeds(here.hosts, row.plant)),
    ),
    money: found ? found.money - moneyFor(asked, kept, nothing) : 0,
    open,
    obstacle: nearly || !lacking ? null : obstacleTo(asked, target, lacking),
    tree: choices.some(({ plant }) => plant.kind === 'tree'),
    drawback: proposed.plants.some(({ plant, site_id }) => {
      const site = question.sites.find((row) => row.id === site_id)!;
      return drawbacksOf(question.almanac.plants.get(plant)!, site, question.raises, isHostHere(asked, plant)).length > 0;
    }),
  };
}

/**
 * What a creature of the region would still ask of a plan, all that is planted being kept: nothing, some plants, or more
 * than its beds can give. Found by the planner's first, quick search and judged by coverage, so it is what would do, not
 * always the least that would. A creature that can hardly breed here is looked at as a visitor. Throws a RangeError for a
 * creature the almanac does not know.
 */
export function askOf(question: PlanQuestion, target: string): Ask {
  const here = question.almanac.targets.get(target);
  if (!here) throw new RangeError(`The almanac has no creature ${target}.`);
  const breeding = askAs(question, here, 'breeds');
  if (breeding.nearly || !ambitionsFor(here.target).includes('visits')) return breeding;
  const visiting = askAs(question, here, 'visits');
  // What keeps it from breeding is told of a visitor too.
  return visiting.closes ? { ...visiting, obstacle: breeding.obstacle } : breeding;
}
