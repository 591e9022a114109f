import { TOWARD } from '../place/beds/frame';
import { groupsOf } from '../place/beds/groups';
import { holds } from '../place/yard/geometry';
import { SETTINGS } from '../settings';
import { sitTogether } from './colour';
import { bloomTogether, pairsOf, TOGETHER_FROM, type Pair } from './neighbours';
import { indexOf, type Arrangement, type LayoutQuestion, type Standing } from './question';

/** What an arrangement is judged by. Rules are kept or broken by plants; wishes are met in part. */
type Rule = 'placed' | 'inside' | 'apart' | 'climbs';
export type Wish = keyof typeof SETTINGS.layout.weights;

/** How far a wish is met: 0–1, and of how many plants (or pairs of neighbours) it is met or not; null where it does not apply. */
export interface WishMet {
  value: number;
  of: number;
  /** Plants, by their place in the arrangement, that stand against it. */
  against: number[];
}
export interface LayoutScore {
  /** Plants that break a rule, by their place in the arrangement; of `placed`: how many of each kind found no place. */
  rules: Record<Exclude<Rule, 'placed'>, number[]> & { placed: number };
  wishes: Record<Wish, WishMet | null>;
  /** The wishes together, each by its weight (SETTINGS.layout.weights), 0–1. */
  total: number;
}

/** The cell of each plant. */
const cellsUnder = (question: LayoutQuestion, plants: readonly Standing[]): number[] =>
  plants.map(({ x, y }) => indexOf(question).nearest(x, y));

/** A wish asked of some of the plants: met, not met, or (null) not asked. */
function askedOf(answers: readonly (boolean | null)[]): WishMet | null {
  const asked = [...answers.keys()].filter((i) => answers[i] !== null);
  if (asked.length === 0) return null;
  const against = asked.filter((i) => !answers[i]);
  return { value: 1 - against.length / asked.length, of: asked.length, against };
}
/** A wish met by each plant in part; those below `low` stand against it. */
function meanOf(values: readonly (number | null)[], low = 0.7): WishMet | null {
  const asked = [...values.keys()].filter((i) => values[i] !== null);
  if (asked.length === 0) return null;
  return {
    value: asked.reduce((sum, i) => sum + values[i]!, 0) / asked.length,
    of: asked.length,
    against: asked.filter((i) => values[i]! < low),
  };
}

/** The plants that hide one from a side, for each side the bed is seen from. */
export function hidersOf({ seen, kinds }: LayoutQuestion, plants: readonly Standing[], i: number): number[][] {
  const { within_m, over } = SETTINGS.layout.hides;
  const me = plants[i]!;
  const mine = kinds[me.kind]!;
  return seen.map((side) => {
    const [dx, dy] = TOWARD[side];
    const found: number[] = [];
    for (let j = 0; j < plants.length; j++) {
      const other = plants[j]!;
      const its = kinds[other.kind]!;
      if (its.layer === 'tree' || its.height <= mine.height * over) continue;
      const [ex, ey] = [other.x - me.x, other.y - me.y];
      const nearer = ex * dx + ey * dy;
      if (nearer <= 0.05 || nearer > within_m) continue;
      if (Math.abs(ex * dy - ey * dx) < its.radius * 0.7) found.push(j);
    }
    return found;
  });
}

/** Is a plant seen from some side, past all that is taller? What dies down early is seen before they rise. */
function heightsMet(question: LayoutQuestion, plants: readonly Standing[]): WishMet | null {
  return askedOf(
    plants.map((plant, i) =>
      question.kinds[plant.kind]!.layer === 'between'
        ? null
        : hidersOf(question, plants, i).some((hiders) => hiders.length === 0),
    ),
  );
}

/** Plants of one kind of plant, by their place in the arrangement. */
function byPlant({ kinds }: LayoutQuestion, plants: readonly Standing[]): Map<string, number[]> {
  const found = new Map<string, number[]>();
  plants.forEach(({ kind }, i) => {
    const { plant } = kinds[kind]!;
    const list = found.get(plant);
    if (list) list.push(i);
    else found.set(plant, [i]);
  });
  return found;
}

/** The groups of one kind’s plants, each plant within so many spacings of another of its group. */
export function groupsWithin({ kinds }: LayoutQuestion, plants: readonly Standing[], own: readonly number[]): number[][] {
  const { spacing } = kinds[plants[own[0]!]!.kind]!;
  return groupsOf(
    own.map((i) => plants[i]!),
    spacing * SETTINGS.layout.linked,
  ).map((group) => group.map((i) => own[i]!));
}

/** Drifts: each plant in a group of at least three of its kind (of all there are). Scattered: none beside its own kind. */
function groupsMet(
  question: LayoutQuestion,
  plants: readonly Standing[],
  groups: ReadonlyMap<string, number[][]>,
): WishMet | null {
  const answers: (boolean | null)[] = plants.map(() => null);
  for (const [plant, own] of byPlant(question, plants)) {
    if (own.length < 2) continue;
    const { patch, layer } = question.kinds[plants[own[0]!]!.kind]!;
    const drifts = question.manner === 'drifts' || layer === 'between';
    for (const group of groups.get(plant)!)
      for (const i of group)
        // Of a host a group that is found is wanted, however the rest is set.
        answers[i] = drifts ? group.length >= Math.min(3, own.length) : group.length <= Math.max(1, patch);
  }
  return askedOf(answers);
}

/** Hosts in the light in which they are laid on, and enough of them in one group to be found: the lesser of both. */
function hostsMet(
  question: LayoutQuestion,
  plants: readonly Standing[],
  under: readonly number[],
  groups: ReadonlyMap<string, number[][]>,
): WishMet | null {
  const values: (number | null)[] = plants.map(() => null);
  for (const [plant, own] of byPlant(question, plants)) {
    const { patch } = question.kinds[plants[own[0]!]!.kind]!;
    if (patch === 0) continue;
    const found = Math.min(1, groups.get(plant)![0]!.length / patch);
    for (const i of own) values[i] = Math.min(found, under[i]! < 0 ? 0 : question.laid[plants[i]!.kind]![under[i]!]!);
  }
  return meanOf(values);
}

/** Neighbours that flower together beside each other, each pair by how long they do. */
function coloursMet({ kinds, colour }: LayoutQuestion, plants: readonly Standing[], pairs: readonly Pair[]): WishMet | null {
  if (colour === 'any') return null;
  let [sum, all] = [0, 0];
  const against = new Set<number>();
  for (const { a, b } of pairs) {
    const [one, other] = [kinds[plants[a]!.kind]!, kinds[plants[b]!.kind]!];
    if (one.plant === other.plant || !one.colour || !other.colour) continue;
    const together = bloomTogether(one, other);
    if (together < TOGETHER_FROM) continue;
    const well = sitTogether(one.colour, other.colour, colour);
    sum += well * Math.min(3, together);
    all += Math.min(3, together);
    if (well < 0.4) against.add(a).add(b);
  }
  return all === 0 ? null : { value: sum / all, of: pairs.length, against: [...against] };
}

/** How far (m) the crown of a kind on a place reaches farther over the edge of its bed than it may. */
export function overEdge({ kinds, cells, toWorn, climbables }: LayoutQuestion, k: number, cell: number): number {
  const { worn, overEdge: share } = SETTINGS.layout;
  const { radius, layer } = kinds[k]!;
  if (layer === 'climber' && climbables.length > 0) return 0;
  const within = Math.min(radius * (1 - share), deepestOf(cells.edge) * 0.9);
  return Math.max(0, within - cells.edge[cell]!, Math.min(radius, worn.most_m) - toWorn[cell]! - worn.over_m);
}

/** The plants that stand closer than a share of what they want. */
function tooClose(pairs: readonly Pair[], least: number): Set<number> {
  const found = new Set<number>();
  for (const { a, b, distance, wanted } of pairs) if (distance < wanted * least - 1e-6) found.add(a).add(b);
  return found;
}

/** Judges an arrangement: what breaks a rule, how far each wish is met, and all wishes together. */
export function scoreOf(question: LayoutQuestion, { plants, unplaced }: Arrangement): LayoutScore {
  const { kinds, light, water, toWorn, toTap, climbables, frame } = question;
  const under = cellsUnder(question, plants);
  const pairs = pairsOf(question, plants);
  const groups = new Map(
    [...byPlant(question, plants)].map(([plant, own]) => [plant, groupsWithin(question, plants, own)] as const),
  );
  const crowded = tooClose(pairs, 0.97);
  const there = (of: Float64Array[], i: number) => (under[i]! < 0 ? 0 : of[plants[i]!.kind]![under[i]!]!);
  const kindOf = (i: number) => kinds[plants[i]!.kind]!;
  const each = <T>(of: (i: number) => T) => plants.map((_, i) => of(i));
  const { over_m, harm_m } = SETTINGS.layout.worn;
  const isWorn = question.worn.length > 0;
  const wishes: LayoutScore['wishes'] = {
    heights: heightsMet(question, plants),
    groups: groupsMet(question, plants, groups),
    hosts: hostsMet(question, plants, under, groups),
    light: meanOf(each((i) => there(light, i))),
    water: meanOf(each((i) => there(water, i))),
    room: askedOf(each((i) => !crowded.has(i))),
    colour: coloursMet(question, plants, pairs),
    edges: askedOf(each((i) => under[i]! >= 0 && overEdge(question, plants[i]!.kind, under[i]!) <= over_m)),
    harm: isWorn ? askedOf(each((i) => (kindOf(i).harm ? toWorn[under[i]!]! >= harm_m : null))) : null,
    neighbours: neighboursMet(question, plants, pairs),
    tap: tapMet(question, plants, under, toTap),
    deer: question.deer ? deerMet(question, plants, under) : null,
  };
  const outside = each((i) => i).filter((i) => !holds(frame.outline, [plants[i]!.x, plants[i]!.y]));
  const afoot =
    climbables.length === 0
      ? []
      : each((i) => i).filter((i) => kindOf(i).layer === 'climber' && question.toClimb[under[i]!]! > SETTINGS.layout.climbM);
  return {
    rules: {
      placed: unplaced.reduce((sum, n) => sum + n, 0),
      inside: outside,
      apart: [...tooClose(pairs, SETTINGS.layout.closest)],
      climbs: afoot,
    },
    wishes,
    total: totalOf(wishes),
  };
}

/** Weak plants, and whether something that runs is beside them; not asked where nothing runs. */
function neighboursMet({ kinds }: LayoutQuestion, plants: readonly Standing[], pairs: readonly Pair[]): WishMet | null {
  if (!plants.some(({ kind }) => kinds[kind]!.runs) || !plants.some(({ kind }) => kinds[kind]!.weak)) return null;
  const overrun = new Set<number>();
  for (const { a, b } of pairs) {
    const [one, other] = [kinds[plants[a]!.kind]!, kinds[plants[b]!.kind]!];
    if (one.runs && other.weak) overrun.add(b);
    if (other.runs && one.weak) overrun.add(a);
  }
  return askedOf(plants.map(({ kind }, i) => (kinds[kind]!.weak ? !overrun.has(i) : null)));
}

/** Thirsty plants, each by how near to the tap it stands within its bed. */
function tapMet(
  { kinds }: LayoutQuestion,
  plants: readonly Standing[],
  under: readonly number[],
  toTap: Float64Array,
): WishMet | null {
  let [near, far] = [Infinity, -Infinity];
  for (const d of toTap) [near, far] = [Math.min(near, d), Math.max(far, d)];
  if (!Number.isFinite(near) || far - near < 1) return null;
  return meanOf(
    plants.map(({ kind }, i) => (kinds[kind]!.thirsty ? (far - toTap[under[i]!]!) / (far - near) : null)),
    0.3,
  );
}

/** What deer browse first, away from the edge that they pass. */
function deerMet({ kinds, cells }: LayoutQuestion, plants: readonly Standing[], under: readonly number[]): WishMet | null {
  return askedOf(
    plants.map(({ kind }, i) =>
      kinds[kind]!.deer === 'low' ? cells.edge[under[i]!]! >= Math.min(SETTINGS.layout.deerM, deepestOf(cells.edge) * 0.6) : null,
    ),
  );
}
const deepest = new WeakMap<Float64Array, number>();
function deepestOf(edge: Float64Array): number {
  let known = deepest.get(edge);
  if (known === undefined) deepest.set(edge, (known = edge.reduce((most, d) => Math.max(most, d), 0)));
  return known;
}

/** All wishes that apply, by their weights. 1 where none does. */
function totalOf(wishes: LayoutScore['wishes']): number {
  let [sum, all] = [0, 0];
  for (const [wish, met] of Object.entries(wishes) as [Wish, WishMet | null][]) {
    if (!met) continue;
    sum += met.value * SETTINGS.layout.weights[wish];
    all += SETTINGS.layout.weights[wish];
  }
  return all === 0 ? 1 : sum / all;
}
