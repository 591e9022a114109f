import { groupBy } from '../model/group';
import { HALF_MONTHS } from '../model/half-month';
import { eatenBy, type Eaten } from './gives/host';
import { broodByHalfMonth, eatingOf } from './gives/leaf-stock';
import type { Rule } from './gives/rule';
import type { Stand } from './stands';

/** A stand that a brood may eat: the share of its stock (in each half-month) that one larva takes, and larvae set on it. */
interface Option {
  stand: number;
  takes: Float64Array;
  larvae: number;
}
/** A brood of a target that is to be raised, in half-months in which it finds the same stands in leaf. */
interface Demand {
  rule: number;
  wanted: number;
  halfMonths: readonly number[];
  options: Option[];
}

const MOST_ROUNDS = 80;
const HALVINGS = 44;
const SETTLED = 1e-8;

/**
 * Shares the leaf of every stand among the broods that feed on it, through the year. Returns, for each rule (of host needs)
 * and stand, the larvae fed in each half-month.
 *
 * A target that shares no stand has all that its rule says. Where several meet on a stand, in the same weeks or one after
 * another on what is left and has grown back, every brood is set on its hosts so that the most eaten of them is eaten as
 * little as possible: a caterpillar with a choice leaves the plant to one without. Where all can be fed so, all are; where
 * not, those on an overeaten stand get the same share of what they want. Neither depends on the order of anything.
 */
export function allotLeaf(rules: readonly Rule[], stands: readonly Stand[]): Float64Array[][] {
  const eaten = rules.map(({ target }) => stands.map((stand) => eatenBy(target, stand)));
  const users = stands.map((_, s) => eaten.filter((row) => row[s]).length);
  const meets = eaten.map((row) => row.some((of, s) => of !== null && users[s]! > 1));
  const allotted = rules.map(() => stands.map(() => new Float64Array(HALF_MONTHS)));
  rules.forEach((rule, t) => {
    if (meets[t]) return;
    stands.forEach((stand, s) => {
      const giving = eaten[t]![s] ? rule.of(stand) : null;
      if (giving) for (let h = 0; h < HALF_MONTHS; h++) allotted[t]![s]![h] = stand.count * giving.each(h);
    });
  });
  const demands = demandsOf(rules, stands, eaten, meets);
  const loads = balanced(demands, stands.length);
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
function demandsOf(
  rules: readonly Rule[],
  stands: readonly Stand[],
  eaten: readonly (readonly (Eaten | null)[])[],
  meets: readonly boolean[],
): Demand[] {
  return rules.flatMap((rule, t) => {
    if (!meets[t]) return [];
    const { larval } = rule.target;
    const feeding = broodByHalfMonth(larval);
    const own = [...stands.keys()].filter((s) => eaten[t]![s]);
    return larval.flatMap((period, brood): Demand[] => {
      const halfMonths = eaten[t]![own[0]!]!.broods[brood]!.halfMonths.filter((h) => feeding[h] === brood);
      // What is in leaf at other times feeds the brood then, and does not stand in for what is missing now.
      const parts = groupBy(halfMonths, (h) => own.filter((s) => eaten[t]![s]!.stock.there[h]! > 0).join());
      return [...parts.values()].map((part): Demand => {
        const options = own.flatMap((stand): Option[] => {
          const { stock, appetite_g, broods } = eaten[t]![stand]!;
          const { missing } = parts.size === 1 ? broods[brood]! : eatingOf(period, stock, appetite_g, (h) => part.includes(h));
          const all = stands[stand]!.count;
          const takes = missing.map((grams, h) => (stock.spare[h]! > 0 ? grams / (all * stock.spare[h]!) : 0));
          return part.some((h) => takes[h]! > 0) ? [{ stand, takes, larvae: 0 }] : [];
        });
        return { rule: t, wanted: rule.need.demand, halfMonths: part, options };
      });
    });
  });
}

/** Larvae that a stand takes until it is eaten to a level (share of its stock) in some half-month. */
function roomTo(level: number, { takes }: Option, load: Float64Array): number {
  let room = Infinity;
  for (let h = 0; h < HALF_MONTHS; h++) if (takes[h]! > 0) room = Math.min(room, (level - load[h]!) / takes[h]!);
  return Math.max(0, room);
}

/**
 * Sets the larvae of every demand on its options and answers how far each stand is eaten in each half-month (over 1: more
 * than it has to spare). Round after round each demand is spread anew, level over its stands as the others leave them,
 * until nothing moves: the smallest greatest load, which is one and the same from wherever it is begun.
 */
function balanced(demands: readonly Demand[], stands: number): Float64Array[] {
  const loads = Array.from({ length: stands }, () => new Float64Array(HALF_MONTHS));
  const put = ({ stand, takes }: Option, larvae: number) => {
    for (let h = 0; h < HALF_MONTHS; h++) loads[stand]![h]! += larvae * takes[h]!;
  };
  for (let round = 0; round < MOST_ROUNDS; round++) {
    let moved = 0;
    for (const { wanted, options } of demands) {
      if (options.length === 0 || (round > 0 && options.length === 1)) continue;
      for (const option of options) put(option, -option.larvae);
      let low = 0;
      let high = Infinity;
      for (const { stand, takes } of options) {
        let full = 0;
        for (let h = 0; h < HALF_MONTHS; h++) if (takes[h]! > 0) full = Math.max(full, loads[stand]![h]! + wanted * takes[h]!);
        high = Math.min(high, full);
      }
      for (let i = 0; i < HALVINGS; i++) {
        const level = (low + high) / 2;
        let room = 0;
        for (const option of options) room += roomTo(level, option, loads[option.stand]!);
        if (room >= wanted) high = level;
        else low = level;
      }
      const rooms = options.map((option) => roomTo(high, option, loads[option.stand]!));
      const all = rooms.reduce((sum, room) => sum + room, 0);
      options.forEach((option, i) => {
        const larvae = (rooms[i]! * wanted) / all;
        moved = Math.max(moved, Math.abs(larvae - option.larvae) / wanted);
        option.larvae = larvae;
        put(option, larvae);
      });
    }
    if (moved < SETTLED) break;
  }
  return loads;
}
