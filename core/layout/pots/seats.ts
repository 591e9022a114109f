import type { PotFields } from '../../model/garden';
import type { PotPattern } from '../../model/vocabulary';
import { arrangement, plantsHeld } from '../../place/containers/pots';

/** Where a plant sits in a pot: metres from the middle of the group (x along it, y toward the back), and which pot of it. */
export interface Seat {
  x: number;
  y: number;
  pot: number;
  /** The tall place in the middle or at the back, in the ring around it, or at the rim where plants hang over. */
  at: 'middle' | 'ring' | 'rim';
}

/** The middles of pots alike that stand side by side (m from the middle of the group): troughs end to end, others a hand apart. */
export function potMiddles({ shape, top_cm, count }: Pick<PotFields, 'shape' | 'top_cm' | 'count'>): number[] {
  const apart = (top_cm + (shape === 'box' ? 0 : 10)) / 100;
  return Array.from({ length: count }, (_, i) => (i - (count - 1) / 2) * apart);
}

/** Half the length and half the width (m) of the top of one pot. */
export const potHalves = ({ shape, top_cm, across_cm }: Pick<PotFields, 'shape' | 'top_cm' | 'across_cm'>): [number, number] => [
  top_cm / 200,
  (shape === 'round' ? top_cm : (across_cm ?? top_cm)) / 200,
];

/** Length (m) of a trough that a plant in a single row takes. */
const IN_A_ROW = 0.16;

/**
 * The seats of a trough: few plants in one row to and fro, the tall ones evenly among them; many in two rows before and behind
 * the tall, which stand along the middle line; against a wall all but the tall in front.
 */
function troughSeats(half: number, wide: number, talls: number, others: number, againstWall: boolean): Omit<Seat, 'pot'>[] {
  const all = talls + others;
  const place = (i: number, n: number) => ((i + 0.5) / n - 0.5) * 2 * half * 0.9;
  const middle = (x: number): Omit<Seat, 'pot'> => ({ x, y: againstWall ? wide * 0.45 : 0, at: 'middle' });
  if (all * IN_A_ROW <= 2 * half) {
    const tallAt = new Set(Array.from({ length: talls }, (_, i) => Math.floor(((i + 0.5) * all) / talls)));
    let n = 0;
    const seats = Array.from({ length: all }, (_, i): Omit<Seat, 'pot'> => {
      const x = place(i, all);
      if (tallAt.has(i)) return middle(x);
      const front = againstWall || n++ % 2 === 0;
      return { x, y: (front ? -1 : 1) * wide * 0.4, at: front ? 'rim' : 'ring' };
    });
    return [...seats.filter((seat) => seat.at === 'middle'), ...seats.filter((seat) => seat.at !== 'middle')];
  }
  const front = againstWall ? others : Math.ceil(others / 2);
  const row = (n: number, y: number, at: Seat['at']) =>
    Array.from({ length: n }, (_, i): Omit<Seat, 'pot'> => ({ x: place(i, n), y, at }));
  return [
    ...Array.from({ length: talls }, (_, i) => middle(place(i, talls))),
    ...row(front, -wide * 0.55, 'rim'),
    ...row(others - front, wide * 0.55, 'ring'),
  ];
}

/**
 * The seats of one pot for so many plants: the tall ones in the middle (at the back where it stands against a wall), the others
 * around them, every second at the rim. The ring begins in front and runs round evenly, left and right alike.
 */
function seatsOfOne(pot: PotFields, talls: number, others: number, againstWall: boolean): Omit<Seat, 'pot'>[] {
  const [half, wide] = potHalves(pot);
  const back = againstWall ? wide * 0.45 : 0;
  const middles = Array.from({ length: talls }, (_, i): Omit<Seat, 'pot'> => ({
    x: talls === 1 ? 0 : ((i + 0.5) / talls - 0.5) * half,
    y: back,
    at: 'middle',
  }));
  if (half > wide * 1.4) return troughSeats(half, wide, talls, others, againstWall);
  // Against a wall the ring is open at the back, where the tall stands.
  const span = againstWall && talls > 0 ? 1.4 * Math.PI : 2 * Math.PI;
  const ring = Array.from({ length: others }, (_, i): Omit<Seat, 'pot'> => {
    const turn = -Math.PI / 2 + (others === 1 ? 0 : span === 2 * Math.PI ? (i / others) * span : (i / (others - 1) - 0.5) * span);
    const rim = others <= 3 || i % 2 === 1;
    const reach = talls === 0 && others === 1 ? 0 : rim ? 0.72 : 0.58;
    return { x: half * reach * Math.cos(turn), y: wide * reach * Math.sin(turn), at: rim ? 'rim' : 'ring' };
  });
  return [...middles, ...ring];
}

/** The seats of a group of pots for so many tall plants and others, shared out as evenly as whole plants can be. */
export function seatsOf(pot: PotFields, talls: number, others: number, againstWall: boolean): Seat[] {
  const share = (all: number, i: number) => Math.floor(all / pot.count) + (i < all % pot.count ? 1 : 0);
  return potMiddles(pot).flatMap((middle, i) =>
    // What is left over of the tall goes to the first pots, of the others to the last: no pot gets both.
    seatsOfOne(pot, share(talls, i), share(others, pot.count - 1 - i), againstWall).map((seat): Seat => ({
      ...seat,
      x: seat.x + middle,
      pot: i,
    })),
  );
}

/** How many plants a group of pots holds, and how many of them tall, by its diameter. */
export function potHolds(pot: PotFields): { plants: number; tall: number } {
  return { plants: plantsHeld(pot), tall: arrangement(pot).upright * pot.count };
}

/** The kinds of a ring in order, before neighbours are looked at: every other, in blocks, or the same from both sides. */
export function inPattern(counts: readonly number[], pattern: PotPattern): number[] {
  const all = counts.reduce((sum, n) => sum + n, 0);
  if (pattern === 'blocks') return counts.flatMap((n, kind) => Array.from({ length: n }, () => kind));
  const left = [...counts];
  // The kind that is farthest behind its share comes next: two kinds of three and three alternate, one of one stands between.
  const next = (placed: number, previous: number) => {
    let best = -1;
    let most = -Infinity;
    left.forEach((n, kind) => {
      if (n === 0) return;
      const due = (counts[kind]! * (placed + 1)) / all - (counts[kind]! - n) - (kind === previous ? 1 : 0);
      if (due > most + 1e-9) [best, most] = [kind, due];
    });
    left[best]!--;
    return best;
  };
  if (pattern === 'alternate') {
    const order: number[] = [];
    for (let i = 0; i < all; i++) order.push(next(i, order.at(-1) ?? -1));
    return order;
  }
  // Mirrored: seat i and seat all − i (from the front, round both ways) have the same kind as far as there are pairs.
  const order = Array<number>(all).fill(-1);
  const pairs = Array.from({ length: Math.floor((all - 1) / 2) }, (_, i) => [i + 1, all - 1 - i] as const);
  for (const [a, b] of pairs) {
    const kind = left.findIndex((n) => n >= 2);
    if (kind === -1) break;
    const rest = [...left.keys()].filter((k) => left[k]! >= 2 && k !== order[a - 1]);
    const chosen = rest.sort((k, m) => left[m]! - left[k]!)[0] ?? kind;
    left[chosen]! -= 2;
    order[a] = order[b] = chosen;
  }
  for (let i = 0; i < all; i++)
    if (order[i] === -1) {
      const kind = left.findIndex((n) => n > 0);
      left[kind]!--;
      order[i] = kind;
    }
  return order;
}
