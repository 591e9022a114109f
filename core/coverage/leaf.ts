import { groupBy } from '../model/group';
import { HALF_MONTHS } from '../model/half-month';
import type { Steps } from '../model/steps';
import { broodByHalfMonth, eatingOf, type Eaten } from './gives/leaf-stock';
import type { Rule } from './gives/rule';
import type { Stand } from './stands';

/** A stand that a brood may eat: the share of its stock that one larva has taken by each half-month, and larvae set on it. */
interface Option {
  stand: number;
  takes: Float64Array;
  /** The half-months of the stand that may bind, and what is taken by them. */
  when: number[];
  taken: number[];
  larvae: number;
}
/** A brood of a target that is to be raised, in half-months in which it finds the same stands in leaf. */
interface Demand {
  rule: number;
  wanted: number;
  halfMonths: readonly number[];
  options: Option[];
}

const MOST_ROUNDS = 60;
/** Steps to a level, and how precisely it is found. */
const MOST_STEPS = 40;
const PRECISE = 1e-10;
const SETTLED = 1e-7;

/**
 * Shares the leaf of every stand among the broods that feed on it, through the year. Returns, for each rule (of host needs)
 * and stand, the larvae fed in each half-month; null where it is no host.
 *
 * A target that shares no stand has all that its rule says. Where several meet on a stand, in the same weeks or one after
 * another on what is left and has grown back, every brood is set on its hosts so that the most eaten of them is eaten as
 * little as possible: a caterpillar with a choice leaves the plant to one without. Where all can be fed so, all are; where
 * not, those on an overeaten stand get the same share of what they want. Neither depends on the order of anything. Made rule
 * by rule and round by round.
 */
export function* allotLeaf(rules: readonly Rule[], stands: readonly Stand[]): Steps<(Float64Array | null)[][]> {
  const eaten: (Eaten | null)[][] = [];
  for (const rule of rules) {
    yield;
    eaten.push(stands.map((stand) => rule.eats!(stand)));
  }
  const users = stands.map((_, s) => eaten.filter((row) => row[s]).length);
  const meets = eaten.map((row) => row.some((of, s) => of !== null && users[s]! > 1));
  const allotted = eaten.map((row) => row.map((of) => (of ? new Float64Array(HALF_MONTHS) : null)));
  rules.forEach((rule, t) => {
    if (meets[t]) return;
    stands.forEach((stand, s) => {
      const giving = eaten[t]![s] ? rule.of(stand) : null;
      if (giving) for (let h = 0; h < HALF_MONTHS; h++) allotted[t]![s]![h] = stand.count * giving.each(h);
    });
  });
  const demands = yield* demandsOf(rules, stands, eaten, meets);
  const loads = yield* balanced(demands, stands.length);
  for (const { rule, halfMonths, options } of demands)
    for (const { stand, takes, larvae } of options) {
      let level = 0;
      for (const h of halfMonths) if (takes[h]! > 0) level = Math.max(level, loads[stand]![h]!);
      if (level === 0 || larvae <= 0) continue;
      const { there } = eaten[rule]![stand]!.stock;
      for (const h of halfMonths) allotted[rule]![stand]![h] = (larvae / level) * there[h]!;
    }
  return allotted;
}

/** The broods of all targets that meet another on some stand, with what each may eat. */
function* demandsOf(
  rules: readonly Rule[],
  stands: readonly Stand[],
  eaten: readonly (readonly (Eaten | null)[])[],
  meets: readonly boolean[],
): Steps<Demand[]> {
  const demands: Demand[] = [];
  for (const [t, rule] of rules.entries()) {
    if (!meets[t]) continue;
    yield;
    const { larval } = rule.target;
    const feeding = broodByHalfMonth(larval);
    const own = [...stands.keys()].filter((s) => eaten[t]![s]);
    const ofRule = larval.flatMap((period, brood): Demand[] => {
      const halfMonths = eaten[t]![own[0]!]!.broods[brood]!.halfMonths.filter((h) => feeding[h] === brood);
      // What is in leaf at other times feeds the brood then, and does not stand in for what is missing now.
      const parts = groupBy(halfMonths, (h) => own.filter((s) => eaten[t]![s]!.stock.there[h]! > 0).join());
      return [...parts.values()].map((part): Demand => {
        const options = own.flatMap((stand): Option[] => {
          const { stock, appetite_g, broods } = eaten[t]![stand]!;
          const { missing } = parts.size === 1 ? broods[brood]! : eatingOf(period, stock, appetite_g, (h) => part.includes(h));
          const all = stands[stand]!.count;
          const takes = missing.map((grams, h) => (stock.spare[h]! > 0 ? grams / (all * stock.spare[h]!) : 0));
          return part.some((h) => takes[h]! > 0) ? [{ stand, takes, when: [], taken: [], larvae: 0 }] : [];
        });
        return { rule: t, wanted: rule.need.demand, halfMonths: part, options };
      });
    });
    demands.push(...ofRule);
  }
  return demands;
}

/** Larvae that a stand takes until it is eaten to a level (share of its stock) in some half-month, and how many more for each further share. */
function roomTo(level: number, { when, taken }: Option, load: Float64Array): { room: number; slope: number } {
  let room = Infinity;
  let slope = 0;
  for (let i = 0; i < when.length; i++) {
    const here = (level - load[when[i]!]!) / taken[i]!;
    if (here >= room) continue;
    room = here;
    slope = 1 / taken[i]!;
  }
  return room > 0 ? { room, slope } : { room: 0, slope: 0 };
}

/** The level to which all options together take those wanted: between none and all of them on the best one. */
function levelFor(wanted: number, options: readonly Option[], loads: readonly Float64Array[]): number {
  let low = 0;
  let high = Infinity;
  for (const { stand, when, taken } of options) {
    let full = 0;
    when.forEach((h, i) => (full = Math.max(full, loads[stand]![h]! + wanted * taken[i]!)));
    high = Math.min(high, full);
  }
  // What they take is piecewise straight: a step along the slope lands on it, and halving keeps within bounds.
  let level = high;
  for (let i = 0; i < MOST_STEPS && high - low > PRECISE * high; i++) {
    let there = 0;
    let rise = 0;
    for (const option of options) {
      const { room, slope } = roomTo(level, option, loads[option.stand]!);
      there += room;
      rise += slope;
    }
    if (Math.abs(there - wanted) <= PRECISE * wanted) return level;
    if (there > wanted) high = level;
    else low = level;
    const step = rise > 0 ? level + (wanted - there) / rise : low;
    level = step > low && step < high ? step : (low + high) / 2;
  }
  return high;
}

/**
 * Sets the larvae of every demand on its options and answers how far each stand is eaten in each half-month (over 1: more
 * than it has to spare). Round after round each demand is spread again, level over its stands as the others leave them,
 * until nothing moves: the smallest greatest load, which is one and the same from wherever it is begun.
 */
function* balanced(demands: readonly Demand[], stands: number): Steps<Float64Array[]> {
  const loads = Array.from({ length: stands }, () => new Float64Array(HALF_MONTHS));
  const put = ({ stand, when, taken }: Option, larvae: number) => {
    for (let i = 0; i < when.length; i++) loads[stand]![when[i]!]! += larvae * taken[i]!;
  };
  const all = demands.flatMap(({ options }) => options);
  for (const options of groupBy(all, ({ stand }) => String(stand)).values()) bind(options);
  const choosing = demands.filter(({ options }) => options.length > 1);
  for (const { wanted, options } of demands) for (const option of options) put(option, (option.larvae = wanted / options.length));
  for (let round = 0; round < MOST_ROUNDS; round++) {
    yield;
    let moved = 0;
    for (const { wanted, options } of choosing) {
      for (const option of options) put(option, -option.larvae);
      const level = levelFor(wanted, options, loads);
      const rooms = options.map((option) => roomTo(level, option, loads[option.stand]!).room);
      const there = rooms.reduce((sum, room) => sum + room, 0);
      options.forEach((option, i) => {
        const larvae = (rooms[i]! * wanted) / there;
        moved = Math.max(moved, Math.abs(larvae - option.larvae) / wanted);
        put(option, (option.larvae = larvae));
      });
    }
    if (moved < SETTLED) break;
  }
  for (const load of loads) load.fill(0);
  for (const { stand, takes, larvae } of all) for (let h = 0; h < HALF_MONTHS; h++) loads[stand]![h]! += larvae * takes[h]!;
  return loads;
}

/** Notes which half-months of a stand may bind: none by which no brood has taken more than by another. */
function bind(options: readonly Option[]) {
  const covers = (a: number, b: number) => options.every(({ takes }) => takes[b]! <= takes[a]! + 1e-12);
  const binding: number[] = [];
  for (let h = 0; h < HALF_MONTHS; h++) {
    if (options.every(({ takes }) => takes[h] === 0) || binding.some((other) => covers(other, h))) continue;
    for (let i = binding.length - 1; i >= 0; i--) if (covers(h, binding[i]!)) binding.splice(i, 1);
    binding.push(h);
  }
  for (const option of options) {
    option.when = binding.filter((h) => option.takes[h]! > 0);
    option.taken = option.when.map((h) => option.takes[h]!);
  }
}
