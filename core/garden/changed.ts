import type { GardenRecords, GardenState } from '../model/garden';

/** The lists of a garden's records whose rows have an id and a revision. */
type List = Exclude<keyof GardenRecords, 'garden' | 'seen'>;
type Row<L extends List> = GardenState[L][number];

/** A row as it is now, and the one that stands before it in its list; null: it is the first. */
export interface PutRow<R> {
  row: R;
  after: string | null;
}

/** What changed of a garden after a change that is known. */
export interface GardenChanges extends Pick<GardenState, 'history' | 'at' | 'log_at'> {
  /** The garden this is about, and the change that is known. */
  of: string;
  since: number;
  garden?: GardenState['garden'];
  seen?: GardenState['seen'];
  /** Rows that came or changed, in the order of their list, and the ids of those that went. */
  put: { [L in List]?: PutRow<Row<L>>[] };
  gone: { [L in List]?: string[] };
}

export const isChanges = (answer: GardenChanges | GardenState): answer is GardenChanges => 'put' in answer;

/** A list with rows put and removed; rows that stay keep their identity. */
function listWith<R extends { id: string }>(before: readonly R[], put: readonly PutRow<R>[], gone: readonly string[]): R[] {
  const out = new Set(gone);
  const rows = out.size > 0 ? before.filter((row) => !out.has(row.id)) : [...before];
  const at = new Map(rows.map((row, i) => [row.id, i]));
  const fresh = new Map<string | null, R[]>();
  // Rows that came one behind the other go behind the row that was here before the first of them.
  const anchors = new Map<string | null, string | null>();
  for (const { row, after } of put) {
    const place = at.get(row.id);
    if (place !== undefined) {
      rows[place] = row;
      continue;
    }
    const known = anchors.get(after);
    const anchor = known === undefined ? after : known;
    anchors.set(row.id, anchor);
    const behind = fresh.get(anchor);
    if (behind) behind.push(row);
    else fresh.set(anchor, [row]);
  }
  if (fresh.size === 0) return rows;
  return [...(fresh.get(null) ?? []), ...rows.flatMap((row) => [row, ...(fresh.get(row.id) ?? [])])];
}

/**
 * The garden as it is after changes that count from it. Null where they do not: they are of another garden, or count from
 * a state that it is not.
 */
export function withChanges(before: GardenState, changes: GardenChanges): GardenState | null {
  if (before.garden.id !== changes.of || before.at !== changes.since) return null;
  const { put, gone, garden = before.garden, seen = before.seen, history, at, log_at } = changes;
  const after: GardenState = { ...before, garden, seen, history, at, log_at };
  const change = <L extends List>(list: L) => {
    if (put[list] || gone[list])
      Object.assign(after, { [list]: listWith<Row<L>>(before[list], put[list] ?? [], gone[list] ?? []) });
  };
  for (const list of new Set([...Object.keys(put), ...Object.keys(gone)]) as Set<List>) change(list);
  return after;
}
