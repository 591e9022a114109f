import { SETTINGS } from '../settings';
import { apart } from './apart';
import type { LayoutKind } from './kinds';
import type { LayoutQuestion, Standing } from './question';

/** Two plants near each other, by their places in the arrangement: how far apart they stand and want to (m). */
export interface Pair {
  a: number;
  b: number;
  distance: number;
  wanted: number;
}

/** Distances that each two kinds want, by kind and kind; made once for a question. */
const tables = new WeakMap<LayoutQuestion, Float64Array[]>();
export function wantedApart(question: LayoutQuestion): Float64Array[] {
  let known = tables.get(question);
  if (!known) {
    known = question.kinds.map((a) => Float64Array.from(question.kinds, (b) => apart(a, b)));
    tables.set(question, known);
  }
  return known;
}

/** All pairs of plants nearer than SETTINGS.layout.neighbour times what they want. */
export function pairsOf(question: LayoutQuestion, plants: readonly Standing[]): Pair[] {
  const wanted = wantedApart(question);
  const { neighbour } = SETTINGS.layout;
  const found: Pair[] = [];
  for (let a = 0; a < plants.length; a++) {
    const { x, y, kind } = plants[a]!;
    const row = wanted[kind]!;
    for (let b = a + 1; b < plants.length; b++) {
      const other = plants[b]!;
      const want = row[other.kind]!;
      const reach = want * neighbour;
      const dx = other.x - x;
      if (dx > reach || dx < -reach) continue;
      const dy = other.y - y;
      const d2 = dx * dx + dy * dy;
      if (d2 < reach * reach) found.push({ a, b, distance: Math.sqrt(d2), wanted: want });
    }
  }
  return found;
}

/** Half-months that two kinds flower together, each by the share of it. */
export function bloomTogether(a: Pick<LayoutKind, 'bloom'>, b: Pick<LayoutKind, 'bloom'>): number {
  return a.bloom.reduce((sum, share, h) => sum + Math.min(share, b.bloom[h]!), 0);
}
/** Half-months together from which their colours are seen beside each other. Judgement. */
export const TOGETHER_FROM = 0.3;
