import type { Side } from '../model/vocabulary';
import { groupsWithin, hidersOf, overEdge } from './score';
import { holds } from '../place/yard/geometry';
import { SETTINGS } from '../settings';
import { wantedApart } from './neighbours';
import { indexOf, type LayoutQuestion, type Standing } from './question';

/** What speaks against the place of one plant. `rule`: no plant is set so by the arranging. */
export type PlaceCheck =
  | { kind: 'outside'; rule: true }
  /** Metres there are and that both want, to the place of another plant in the arrangement. */
  | { kind: 'close'; rule: boolean; other: number; distance: number; wanted: number }
  | { kind: 'climb'; rule: true; distance: number }
  /** Hidden from every side it is looked at from, or hiding others from a side: by their places in the arrangement. */
  | { kind: 'hidden'; rule: false; by: number[] }
  | { kind: 'hides'; rule: false; whom: number[]; side: Side }
  | { kind: 'light'; rule: false; sun_h: number; share: number }
  | { kind: 'water'; rule: false; moisture: number; dry: boolean }
  | { kind: 'laid'; rule: false; sun_h: number }
  | { kind: 'edge'; rule: false; over: number; worn: boolean }
  | { kind: 'harm'; rule: false; harm: 'thorns' | 'sap'; distance: number }
  | { kind: 'overrun'; rule: false; by: number }
  | { kind: 'patch'; rule: false; together: number; wanted: number };

/** Share of what it gives below which a plant’s light or water is worth a word. */
const WORTH_A_WORD = 0.9;

/** Everything that speaks against the place of a plant, rules first. */
export function checksOf(question: LayoutQuestion, plants: readonly Standing[], i: number): PlaceCheck[] {
  const { kinds, frame, light, water, laid, toWorn, climbables, seen } = question;
  const me = plants[i]!;
  const mine = kinds[me.kind]!;
  const found: PlaceCheck[] = [];
  const cell = indexOf(question).nearest(me.x, me.y);
  if (!holds(frame.outline, [me.x, me.y])) found.push({ kind: 'outside', rule: true });
  const wanted = wantedApart(question)[me.kind]!;
  const close = plants.flatMap((other, j) => {
    const distance = Math.hypot(other.x - me.x, other.y - me.y);
    const want = wanted[other.kind]!;
    return j !== i && distance < want * 0.97 - 1e-6 ? [{ other: j, distance, wanted: want }] : [];
  });
  // The nearest, by how much is missing, stands for all.
  close.sort((a, b) => a.distance / a.wanted - b.distance / b.wanted);
  for (const row of close.slice(0, 1))
    found.push({ kind: 'close', rule: row.distance < row.wanted * SETTINGS.layout.closest - 1e-6, ...row });
  if (cell === -1) return found;
  if (mine.layer === 'climber' && climbables.length > 0 && question.toClimb[cell]! > SETTINGS.layout.climbM)
    found.push({ kind: 'climb', rule: true, distance: question.toClimb[cell]! });
  if (mine.layer !== 'between') {
    const hiders = hidersOf(question, plants, i);
    if (hiders.every((list) => list.length > 0)) found.push({ kind: 'hidden', rule: false, by: [...new Set(hiders.flat())] });
  }
  seen.forEach((side, s) => {
    const whom = plants.flatMap((other, j) =>
      kinds[other.kind]!.layer !== 'between' && other.kind !== me.kind && hidersOf(question, plants, j)[s]!.includes(i)
        ? [j]
        : [],
    );
    const hidden = whom.filter((j) => hidersOf(question, plants, j).every((list) => list.length > 0));
    if (hidden.length > 0) found.push({ kind: 'hides', rule: false, whom: hidden, side });
  });
  const [lit, wet, lays] = [light, water, laid].map((of) => of[me.kind]![cell]!) as [number, number, number];
  if (lit < WORTH_A_WORD) found.push({ kind: 'light', rule: false, sun_h: question.sun[cell]!, share: lit });
  if (wet < WORTH_A_WORD) {
    const moisture = question.moisture[cell]!;
    found.push({ kind: 'water', rule: false, moisture, dry: moisture < mine.moisture[0] });
  }
  if (lays < 0.5) found.push({ kind: 'laid', rule: false, sun_h: question.sun[cell]! });
  if (mine.patch > 1) {
    const own = plants.flatMap(({ kind }, j) => (kinds[kind]!.plant === mine.plant ? [j] : []));
    const together = groupsWithin(question, plants, own)[0]!.length;
    if (together < mine.patch) found.push({ kind: 'patch', rule: false, together, wanted: mine.patch });
  }
  const over = overEdge(question, me.kind, cell);
  if (over > SETTINGS.layout.worn.over_m) {
    const worn = toWorn[cell]! - Math.min(mine.radius, SETTINGS.layout.worn.most_m) < 0;
    found.push({ kind: 'edge', rule: false, over, worn });
  }
  if (mine.harm && toWorn[cell]! < SETTINGS.layout.worn.harm_m)
    found.push({ kind: 'harm', rule: false, harm: mine.harm, distance: toWorn[cell]! });
  const runner = mine.weak
    ? plants.findIndex(({ kind, x, y }) => {
        const reach = wanted[kind]! * SETTINGS.layout.neighbour;
        return kinds[kind]!.runs && Math.hypot(x - me.x, y - me.y) < reach;
      })
    : -1;
  if (runner !== -1) found.push({ kind: 'overrun', rule: false, by: runner });
  return found;
}
