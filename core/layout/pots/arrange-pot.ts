import type { PotFields } from '../../model/garden';
import type { Spot } from '../../model/layout';
import type { PotPattern } from '../../model/vocabulary';
import { sitTogether, type Seen } from '../colour';
import { inPattern, potHolds, seatsOf, type Seat } from './seats';

export type PotRole = 'upright' | 'filler' | 'trailing';

/** A kind of plant as it is placed in a pot. */
export interface PotKind {
  plant: string;
  count: number;
  role: PotRole;
  /** Mature height (cm); null: without flowers anybody looks at. */
  height: number;
  colour: Seen | null;
}
/** A plant in a pot: which of the kinds, where, and in which of the pots. */
export interface PotPlant extends Spot {
  kind: number;
  pot: number;
  at: Seat['at'];
}

/** The part a plant takes in a pot: as its row says, else by its height and how wide it is beside it. */
export function roleOf(plant: {
  container_role: PotRole | null;
  kind: string;
  height_max_cm: number;
  spread_cm: number;
}): PotRole {
  if (plant.container_role) return plant.container_role;
  if (plant.kind === 'vine') return 'upright';
  if (plant.height_max_cm >= 60) return 'upright';
  return plant.spread_cm > 1.5 * plant.height_max_cm ? 'trailing' : 'filler';
}

/** What two plants side by side in a pot cost: of one kind (where they are to alternate), of one role, and colours that jar. */
function besideCost(a: PotKind, b: PotKind, pattern: PotPattern): number {
  const same = a.plant === b.plant;
  if (pattern === 'blocks') return same ? 0 : 1;
  const jars = a.colour && b.colour && !same ? 0.5 * (1 - sitTogether(a.colour, b.colour, 'harmony')) : 0;
  return (same ? 1 : 0) + (a.role === b.role && !same ? 0.2 : 0) + jars;
}

/**
 * Arranges a group of pots: tall plants in the middles (at the back against a wall), the others around in the pattern wished;
 * then seats of the ring are exchanged while that brings fewer of a kind side by side, trailers to the rim, and colours that
 * sit together next to each other. Nothing is left to chance. Too many plants sit closer; none is left out.
 */
export function arrangePot(pot: PotFields, kinds: readonly PotKind[], pattern: PotPattern, againstWall: boolean): PotPlant[] {
  const { tall } = potHolds(pot);
  const flat = kinds.flatMap((kind, k) => Array.from({ length: kind.count }, () => k));
  const uprights = flat.filter((k) => kinds[k]!.role === 'upright').sort((a, b) => kinds[b]!.height - kinds[a]!.height || a - b);
  // Of several uprights the tallest take the middles; a pot of one plant has it in its middle, whatever it is.
  const lone = flat.length <= pot.count;
  const middles = lone ? flat : uprights.slice(0, Math.max(tall, uprights.length > 0 ? 1 : 0));
  const rest = [...flat];
  for (const k of middles) rest.splice(rest.indexOf(k), 1);
  const seats = seatsOf(pot, middles.length, rest.length, againstWall);
  const placed: PotPlant[] = [];
  const tallSeats = seats.filter((seat) => seat.at === 'middle');
  tallSeats.forEach((seat, i) =>
    placed.push({ kind: middles[i]!, x: seat.x, y: seat.y, pot: seat.pot, at: seat.at, held: false }),
  );
  const ring = seats.filter((seat) => seat.at !== 'middle');
  const order = inPattern(
    kinds.map((_, k) => rest.filter((one) => one === k).length),
    pattern,
  );
  if (pattern !== 'mirrored') exchange(ring, order, kinds, pattern);
  ring.forEach((seat, i) => placed.push({ kind: order[i]!, x: seat.x, y: seat.y, pot: seat.pot, at: seat.at, held: false }));
  return placed;
}

/** Exchanges seats while that is better; each pot’s ring is closed, so its last seat is beside its first. */
function exchange(ring: readonly Seat[], order: number[], kinds: readonly PotKind[], pattern: PotPattern) {
  const beside: [number, number][] = [];
  for (const pot of new Set(ring.map((seat) => seat.pot))) {
    const own = [...ring.keys()].filter((i) => ring[i]!.pot === pot);
    own.forEach((i, at) => own.length > 1 && (own.length > 2 || at === 0) && beside.push([i, own[(at + 1) % own.length]!]));
  }
  const cost = () =>
    beside.reduce((sum, [a, b]) => sum + besideCost(kinds[order[a]!]!, kinds[order[b]!]!, pattern), 0) +
    ring.reduce((sum, seat, i) => sum + (kinds[order[i]!]!.role === 'trailing' && seat.at !== 'rim' ? 0.4 : 0), 0);
  let now = cost();
  for (let better = true; better;) {
    better = false;
    for (let i = 0; i < order.length; i++)
      for (let j = i + 1; j < order.length; j++) {
        if (order[i] === order[j]) continue;
        [order[i], order[j]] = [order[j]!, order[i]!];
        const next = cost();
        if (next < now - 1e-9) {
          now = next;
          better = true;
        } else [order[i], order[j]] = [order[j]!, order[i]!];
      }
  }
}
