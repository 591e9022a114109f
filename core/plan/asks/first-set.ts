import { isAtHome } from '../../library/status';
import type { Site } from '../../model/garden';
import type { TargetHere } from '../../model/here';
import { isPlanted } from '../../model/states';
import type { Steps } from '../../model/steps';
import { potOf, usualSize, type PotKind } from '../../place/containers/kinds';
import { freshBed, freshContainer } from '../../place/yard/fresh';
import { SETTINGS } from '../../settings';
import { greedyCounts } from '../planner/greedy';
import { problemOf } from '../planner/problem';
import { judge } from '../planner/proposal';
import type { PlanQuestion } from '../planner/question';
import { askAs, askOf, nearlyCloses, sparing, type Ask } from './ask';

/** Creatures proposed to begin with. */
export interface FirstSet {
  /** Those that close most easily, together, the first before all. */
  easy: Ask[];
  /** Those worth trying: larger, and harder to please. */
  worthTrying: Ask[];
  /** The beds or pots it was calculated for; imagined where there are none yet. */
  sites: readonly Site[];
  imagined: boolean;
}

/** Ground to think with where nothing is set up yet: a sunny bed in the region's soil, or the pots of a balcony. */
export function ordinaryGround({ almanac }: Pick<PlanQuestion, 'almanac'>, { balcony }: { balcony: boolean }): Site[] {
  const { area_m2, sun_h } = SETTINGS.firstSet;
  const stored = (fields: Omit<Site, 'id' | 'revision'>, id: string): Site => ({ ...fields, id, revision: 0, name: id, sun_h });
  if (!balcony) return [stored({ ...freshBed(almanac.region), area_m2 }, 'bed')];
  const usual = (kind: PotKind, count: number) => potOf(kind, usualSize(kind), { count });
  return [usual('round', 2), usual('trough', 1), usual('half-barrel', 1)].map((pot, i) =>
    stored(freshContainer(pot, { balcony }), `pot ${i + 1}`),
  );
}

/** Is it seen at flowers by day? */
const isSeen = ({ target }: TargetHere) =>
  target.kind !== 'moth' && (target.adult_food === 'nectar' || target.adult_food === 'mixed');

/** Does a hummingbird nest here? */
const nests = ({ occurrence }: TargetHere) => occurrence.nest_first !== null;

/**
 * How much is seen of a creature for what it asks: its size (mm) over the ground its hosts take and that of the flowers all
 * drink from, less where something stays open and where it takes care.
 */
const promise = ({ target, occurrence }: TargetHere, { hosts_m2, share }: Ask) =>
  (target.size_max_mm / (SETTINGS.firstSet.common_m2 + hosts_m2)) * share ** 2 * SETTINGS.firstSet.ease[occurrence.ease]!;

/** A creature that could be begun with, in the way it would be taken up. */
interface Candidate {
  here: TargetHere;
  ask: Ask;
}

/** Of several creatures, those that a quick search closes, or nearly, together on some sites. */
function closingTogether(question: PlanQuestion, asks: readonly Ask[]): Ask[] {
  const targets = asks.map(({ target, ambition }, i) => ({ target, ambition, priority: i + 1 }));
  const asked = { ...question, targets: [...question.targets, ...targets] };
  const problem = sparing(problemOf(asked), ({ drawbacks, here }) => drawbacks.length > 0 || here.plant.kind === 'tree');
  const { covered } = judge(asked, problem.choices, problem.costs, greedyCounts(problem, null));
  const served = new Set(covered.targets.filter(nearlyCloses).map((row) => row.target));
  return asks.filter((ask) => served.has(ask.target));
}

/** In beds: who breeds there, or nearly. Harder ones are worth trying. */
function* inBeds(on: PlanQuestion, likely: readonly TargetHere[]): Steps<{ found: Candidate[]; raised: Candidate[] }> {
  const found: Candidate[] = [];
  for (const here of likely) {
    yield;
    const ask = askOf(on, here.target.id);
    if (ask.nearly && !ask.drawback && ask.ambition === 'breeds') found.push({ here, ask });
  }
  return { found, raised: [] };
}

/**
 * In pots, which shelter nobody through the winter and are soon full: who comes to drink for half of its flight at least; and
 * those whose young could be raised on what grows there.
 */
function* inPots(on: PlanQuestion, likely: readonly TargetHere[]): Steps<{ found: Candidate[]; raised: Candidate[] }> {
  const found: Candidate[] = [];
  const raised: Candidate[] = [];
  for (const here of likely) {
    yield;
    const visiting = askAs(on, here, 'visits');
    if (visiting.share < SETTINGS.firstSet.visiting || visiting.drawback) continue;
    found.push({ here, ask: visiting });
    const breeding = askAs(on, here, 'breeds');
    const isFed = breeding.hosts_m2 > 0 && breeding.open.every((need) => need.need.stage !== 'host');
    if (isFed && !breeding.drawback) raised.push({ here, ask: breeding });
  }
  return { found, raised };
}

const bySize = (a: Candidate, b: Candidate) => b.here.target.size_max_mm - a.here.target.size_max_mm;
const isBird = ({ here }: Candidate) => here.target.kind === 'hummingbird';

/**
 * A first set of creatures for a place: eight that are at home, easy, seen at flowers and close together without a tree
 * on the beds there are (or on ordinary sunny ground where there are none), the large before the small and those that ask
 * least first, a hummingbird among them where one closes; and two more that are larger, ask more and would close alone. Where
 * there are only pots: eight that come to drink, and two whose young could be raised there.
 * A step for each creature of the region. `question`: who is chosen already is left out, what is planted stays.
 */
export function* firstSetInSteps(question: PlanQuestion, garden: { balcony: boolean }): Steps<FirstSet> {
  const { easy: wanted, worthTrying, most } = SETTINGS.firstSet;
  const { almanac } = question;
  const imagined = !question.sites.some(isPlanted);
  const on = imagined ? { ...question, sites: ordinaryGround(question, garden), plantings: [], around: [] } : question;
  const chosen = new Set(question.targets.map((row) => row.target));
  const ground = on.sites.filter(isPlanted).reduce((sum, site) => sum + site.area_m2, 0);
  const hasBed = on.sites.some((site) => isPlanted(site) && site.kind === 'bed');
  const likely = [...almanac.targets.values()].filter(
    (here) => isAtHome(here.occurrence) && here.occurrence.ease <= 2 && isSeen(here) && !chosen.has(here.target.id),
  );
  const { found, raised } = yield* hasBed ? inBeds(on, likely) : inPots(on, likely);
  found.sort((a, b) => promise(b.here, b.ask) - promise(a.here, a.ask));
  const trying = raised.sort(bySize).slice(0, worthTrying);
  const tried = new Set(trying.map(({ ask }) => ask.target));
  const birds = found.filter(isBird).sort((a, b) => Number(nests(b.here)) - Number(nests(a.here)));
  // Of a bed nobody may ask for more than a part; what stands in pots serves whoever comes.
  const modest = ({ ask }: Candidate) => !ask.tree && (!hasBed || ask.ground_m2 <= most * ground);
  const rest = found.filter((row) => !isBird(row) && !tried.has(row.ask.target) && modest(row));
  // One bird is enough to begin with: they drink the same flowers.
  const queue = [...birds.slice(0, 1), ...rest].map(({ ask }) => ask);
  // Guests drink the same flowers: only in beds does one take room from another.
  let easy = hasBed ? [] : queue.slice(0, wanted);
  while (hasBed && easy.length < wanted && queue.length > 0) {
    yield;
    easy = closingTogether(on, [...easy, ...queue.splice(0, wanted - easy.length)]);
  }
  const place = new Map(found.map((row, i) => [row.ask.target, i]));
  easy.sort((a, b) => place.get(a.target)! - place.get(b.target)!);
  const taken = new Set([...easy.map((ask) => ask.target), ...tried]);
  const others = hasBed ? found.filter((row) => !isBird(row) && !taken.has(row.ask.target)).sort(bySize) : [];
  return {
    easy,
    worthTrying: [...trying, ...others].slice(0, worthTrying).map(({ ask }) => ask),
    sites: on.sites,
    imagined,
  };
}
