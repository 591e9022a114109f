import { randomFrom, seedOf } from '../model/random';
import { SETTINGS } from '../settings';
import { sitTogether } from './colour';
import { Filling, fillingOrder } from './filling';
import { bloomTogether, TOGETHER_FROM, wantedApart } from './neighbours';
import { rowsOf } from './rows';
import { indexOf, type Arrangement, type LayoutQuestion, type Standing } from './question';
import { overEdge, scoreOf, type LayoutScore } from './score';

/** How far a search has come: the best arrangement so far with its score, and the share (0–1) of the work that is done. */
export interface LayoutProgress {
  best: Arrangement;
  score: LayoutScore;
  done: number;
}
interface Drift {
  kind: number;
  count: number;
}

/** Plants of each kind still to be placed, in drifts; singly where they are to be scattered, save as many of a host as are found. */
function driftsOf(question: LayoutQuestion, filling: Filling): Drift[] {
  const { most, usual } = SETTINGS.layout.drift;
  return fillingOrder(question).flatMap((kind): Drift[] => {
    const { count, patch, layer } = question.kinds[kind]!;
    const left = count - filling.countOf(kind);
    if (left <= 0) return [];
    const massed = question.manner === 'drifts' || layer === 'between';
    const size = massed ? (left <= most ? left : Math.max(usual, patch)) : Math.max(1, patch);
    const parts = Math.max(1, Math.round(left / size));
    return Array.from({ length: parts }, (_, i) => ({
      kind,
      count: Math.floor(left / parts) + (i < left % parts ? 1 : 0),
    })).filter((drift) => drift.count > 0);
  });
}

/** What a place costs each kind by itself: height out of its order, the wrong light or water, a worn edge, and so on. */
function costsOf(question: LayoutQuestion): Float64Array[] {
  const { kinds, cells, back, light, water, laid, rank, toWorn, toTap } = question;
  const { weights, worn, deerM } = SETTINGS.layout;
  const far = toTap.reduce((most, d) => (Number.isFinite(d) ? Math.max(most, d) : most), 0);
  return kinds.map((kind, k) =>
    Float64Array.from({ length: cells.count }, (_, i) => {
      let cost = 0;
      if (kind.layer !== 'between') cost += 2.5 * weights.heights * (rank[k]! - back[i]!) ** 2;
      cost += weights.light * (1 - light[k]![i]!) + weights.water * (1 - water[k]![i]!) + weights.hosts * (1 - laid[k]![i]!);
      const over = overEdge(question, k, i);
      if (over > 0) cost += weights.edges * (0.3 + over);
      if (kind.harm && toWorn[i]! < worn.harm_m) cost += weights.harm;
      if (kind.thirsty && far > 1) cost += (0.5 * weights.tap * toTap[i]!) / far;
      if (question.deer && kind.deer === 'low' && cells.edge[i]! < deerM) cost += 0.5 * weights.deer;
      return cost;
    }),
  );
}

/** Places looked at for the first plant of a drift. */
const SEEDS = 400;

/** Draws drifts in a bed, each where it costs least, and grows each from its first plant. */
class Planter {
  readonly #question: LayoutQuestion;
  readonly #costs: Float64Array[];
  readonly #random: () => number;
  readonly filling: Filling;
  /** The drift of each plant that was placed. */
  readonly driftOf = new WeakMap<Standing, Drift>();
  /** Along the bed a drift is longer than from front to back. */
  readonly #along: 'x' | 'y' | null;

  constructor(question: LayoutQuestion, costs: Float64Array[], closeness: number, random: () => number) {
    this.#question = question;
    this.#costs = costs;
    this.#random = random;
    this.filling = new Filling(question, closeness);
    const across = question.seen.some((side) => side === 'left' || side === 'right');
    const updown = question.seen.some((side) => side === 'bottom' || side === 'top');
    this.#along = across === updown ? null : updown ? 'x' : 'y';
  }

  /** Places a drift; `loose`: how freely its place is chosen. What finds no place is left out. */
  place(drift: Drift, loose: number) {
    const { cells, kinds } = this.#question;
    // Never more of a kind than there are, whatever drifts its parts belonged to.
    const most = Math.min(drift.count, kinds[drift.kind]!.count - this.filling.countOf(drift.kind));
    if (most <= 0) return;
    const seed = this.#seed(drift, loose);
    if (seed === -1) return;
    const members = [seed];
    this.#put(drift, seed);
    while (members.length < most) {
      const next = this.#next(drift, members, cells.x[seed]!, cells.y[seed]!);
      if (next === -1) break;
      members.push(next);
      this.#put(drift, next);
    }
  }
  #put(drift: Drift, cell: number) {
    const i = this.filling.place(drift.kind, cell);
    this.driftOf.set(this.filling.plants[i]!, drift);
  }

  /** Where a drift begins: the least cost of its place with that of its neighbours there, among some drawn at random. */
  #seed({ kind }: Drift, loose: number): number {
    const { cells } = this.#question;
    const costs = this.#costs[kind]!;
    let [best, least] = [-1, Infinity];
    // Some of the places, spread over all of the bed: enough to choose from, and others the next time.
    const stride = Math.max(1, Math.floor(cells.count / SEEDS));
    const first = Math.floor(this.#random() * stride);
    for (let n = 0; n < cells.count; n++) {
      const i = (first + n * stride) % cells.count;
      if (n * stride >= cells.count && best !== -1) break;
      if (n * stride >= cells.count) return this.#firstFree(kind);
      if (!this.filling.isFree(kind, i)) continue;
      const rough = costs[i]! + loose * this.#random();
      if (rough >= least) continue;
      const cost = rough + this.#beside(kind, i);
      if (cost < least) [best, least] = [i, cost];
    }
    return best;
  }

  /** The free place of least cost, where hardly any is free. */
  #firstFree(kind: number): number {
    const costs = this.#costs[kind]!;
    let best = -1;
    for (let i = 0; i < costs.length; i++)
      if (this.filling.isFree(kind, i) && (best === -1 || costs[i]! < costs[best]!)) best = i;
    return best;
  }

  /** What the neighbours of a place cost a kind: colours that jar, its own kind where it is scattered, what runs beside what is weak. */
  #beside(kind: number, cell: number): number {
    const { kinds, cells, colour, manner } = this.#question;
    const { weights, neighbour } = SETTINGS.layout;
    const wanted = wantedApart(this.#question)[kind]!;
    const mine = kinds[kind]!;
    const [x, y] = [cells.x[cell]!, cells.y[cell]!];
    let cost = 0;
    for (const other of this.filling.plants) {
      const reach = wanted[other.kind]! * neighbour;
      const d2 = (other.x - x) ** 2 + (other.y - y) ** 2;
      const its = kinds[other.kind]!;
      if (its.plant === mine.plant) {
        // Drifts of one kind lie apart; what is scattered keeps from its own.
        if (manner === 'scattered' && mine.layer !== 'between' && d2 < (mine.spacing * 3) ** 2) cost += 0.6 * weights.groups;
        continue;
      }
      if (d2 > reach * reach) continue;
      if (colour !== 'any' && mine.colour && its.colour) {
        if (bloomTogether(mine, its) >= TOGETHER_FROM)
          cost += 0.4 * weights.colour * (1 - sitTogether(mine.colour, its.colour, colour));
      }
      if ((mine.runs && its.weak) || (its.runs && mine.weak)) cost += 0.4 * weights.neighbours;
    }
    return cost;
  }

  /** The next plant of a drift: near its others, drawn out along the bed, in the order of its wishes. */
  #next({ kind, count }: Drift, members: readonly number[], x: number, y: number): number {
    const { cells, kinds } = this.#question;
    const costs = this.#costs[kind]!;
    const { spacing } = kinds[kind]!;
    const wide = (spacing * Math.sqrt(count)) / 2 + 0.05;
    const [ax, ay] = this.#along === 'x' ? [0.6, 1.3] : this.#along === 'y' ? [1.3, 0.6] : [1, 1];
    let [best, least] = [-1, Infinity];
    const seen = new Set<number>();
    const look = (cell: number) => {
      if (seen.has(cell) || !this.filling.isFree(kind, cell)) return;
      seen.add(cell);
      const off = (((cells.x[cell]! - x) * ax) / wide) ** 2 + (((cells.y[cell]! - y) * ay) / wide) ** 2;
      const cost = costs[cell]! + off;
      if (cost < least) [best, least] = [cell, cost];
    };
    const reach = spacing * SETTINGS.layout.linked * 0.85;
    for (const member of members) indexOf(this.#question).near(cells.x[member]!, cells.y[member]!, reach, look);
    if (best === -1) for (let cell = 0; cell < cells.count; cell++) look(cell);
    return best;
  }

  /**
   * The mean of what the places of all plants cost, and how loosely the drifts hold together: by this two arrangements are
   * distinguished that meet all wishes alike.
   */
  fineCost(): number {
    const { kinds } = this.#question;
    const { plants, at } = this.filling;
    const middles = new Map<Drift, { x: number; y: number; n: number }>();
    for (const plant of plants) {
      const drift = this.driftOf.get(plant);
      if (!drift) continue;
      const middle = middles.get(drift) ?? { x: 0, y: 0, n: 0 };
      middles.set(drift, { x: middle.x + plant.x, y: middle.y + plant.y, n: middle.n + 1 });
    }
    let cost = 0;
    plants.forEach((plant, i) => {
      const drift = this.driftOf.get(plant);
      if (!drift) return;
      const { x, y, n } = middles.get(drift)!;
      const wide = kinds[plant.kind]!.spacing * Math.sqrt(n);
      cost += this.#costs[plant.kind]![at[i]!]! + 0.5 * Math.min(2, Math.hypot(plant.x - x / n, plant.y - y / n) / wide);
    });
    return plants.length === 0 ? 0 : cost / plants.length;
  }

  /** Takes out a drift and some of those nearest to it, and answers them. */
  takeOut(near: number): Drift[] {
    const { plants, at } = this.filling;
    const own = [...plants.keys()].filter((i) => at[i] !== -1);
    if (own.length === 0) return [];
    const first = plants[own[Math.floor(this.#random() * own.length)]!]!;
    const distance = new Map<Drift, number>();
    for (const i of own) {
      const drift = this.driftOf.get(plants[i]!)!;
      const d2 = (plants[i]!.x - first.x) ** 2 + (plants[i]!.y - first.y) ** 2;
      if (d2 < (distance.get(drift) ?? Infinity)) distance.set(drift, d2);
    }
    const out = [...distance]
      .sort((a, b) => a[1] - b[1])
      .slice(0, near)
      .map(([drift]) => drift);
    const gone = new Set(out);
    this.filling.takeOut(new Set(own.filter((i) => gone.has(this.driftOf.get(plants[i]!)!))));
    return out;
  }
}

/** How close plants must be set for all to find a place: the widest of SETTINGS.layout.closer, else the closest. */
function closenessFor(question: LayoutQuestion): number {
  const { closer } = SETTINGS.layout;
  for (const closeness of closer) if (rowsOf(question, closeness).unplaced.every((n) => n === 0)) return closeness;
  return closer.at(-1)!;
}

/**
 * Arranges a bed: from several starts all drifts are placed one by one where they cost least; then again and again some that
 * lie together are taken out and placed again, and what is no worse is kept. The plain arrangement in rows is a start too, so
 * that the answer never leaves out more. Same question, same answer: chance follows from the bed and `again`, how often it was
 * asked before. In steps of some rounds each; what is yielded is the best so far.
 */
export function* arrangeInSteps(question: LayoutQuestion, again = 0): Generator<LayoutProgress, LayoutProgress> {
  const { starts, rounds, heat, fine } = SETTINGS.layout.search;
  const costs = costsOf(question);
  const closeness = closenessFor(question);
  const rows = rowsOf(question, closeness);
  let best: LayoutProgress = { best: rows, score: scoreOf(question, rows), done: 0 };
  let most = -Infinity;
  const keep = (arrangement: Arrangement, score: LayoutScore, worth: number, done: number) => {
    const fewer = score.rules.placed - best.score.rules.placed;
    if (fewer < 0 || (fewer === 0 && worth > most)) {
      best = { best: arrangement, score, done };
      most = worth;
    } else best = { ...best, done };
  };
  for (let start = 0; start < starts; start++) {
    const random = randomFrom(seedOf(`${question.site} ${again} ${start}`));
    // A start that places more set closer is better than one that leaves plants out.
    const planter = new Planter(question, costs, startCloseness(closeness, start), random);
    const { filling } = planter;
    for (const drift of driftsOf(question, filling)) planter.place(drift, start === 0 ? 0.05 : 0.4);
    let current = filling.arrangement();
    let score = scoreOf(question, current);
    let worth = score.total - fine * planter.fineCost();
    keep(current, score, worth, start / starts);
    yield best;
    for (let round = 0; round < rounds; round++) {
      const before = { plants: [...filling.plants], at: [...filling.at] };
      const out = planter.takeOut(2 + Math.floor(random() * 4));
      if (out.length === 0) break;
      // What found no place before is tried again with them.
      const missing = current.unplaced.flatMap((count, kind): Drift[] => (count > 0 ? [{ kind, count }] : []));
      out.sort((a, b) => question.kinds[b.kind]!.spacing - question.kinds[a.kind]!.spacing + (random() - 0.5) * 0.3);
      for (const drift of [...out, ...missing]) planter.place(drift, 0.6 * random());
      const next = filling.arrangement();
      const its = scoreOf(question, next);
      const cooled = heat * (1 - round / rounds);
      const fewer = its.rules.placed - score.rules.placed;
      const itsWorth = its.total - fine * planter.fineCost();
      if (fewer < 0 || (fewer === 0 && itsWorth >= worth - cooled * random())) {
        current = next;
        score = its;
        worth = itsWorth;
        keep(current, score, worth, (start + round / rounds) / starts);
      } else filling.restore(before.plants, before.at);
      if (round % 20 === 19) {
        best = { ...best, done: (start + round / rounds) / starts };
        yield best;
      }
    }
  }
  return { ...best, done: 1 };
}

/** Some starts set plants a step closer, so that what is left over becomes room between drifts. */
function startCloseness(closeness: number, start: number): number {
  const { closer } = SETTINGS.layout;
  const at = closer.indexOf(closeness as (typeof closer)[number]);
  return closer[Math.min(closer.length - 1, at + (start === 2 ? 1 : 0))]!;
}

/** The whole search at once. */
export function arrange(question: LayoutQuestion, again = 0): LayoutProgress {
  const steps: Generator<LayoutProgress, LayoutProgress> = arrangeInSteps(question, again);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}
