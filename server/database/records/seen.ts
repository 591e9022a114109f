import { datesOf, isDated, type DatedEntry } from '../../../core/log/dates';
import type { Seen } from '../../../core/model/seen';
import type { Connection } from '../connection';
import { earliestKnown } from '../changes';
import { onRollback } from '../transaction';

/** The number of the last change of a garden's log; 0 for an empty one. */
export function logAt(db: Connection, gardenId: string): number {
  const at = db.prepare('SELECT max(at) FROM log_change WHERE garden_id = ?').pluck().get(gardenId) as number | null;
  return Math.max(at ?? 0, earliestKnown(db));
}

/** The dates of gardens as of a change of their logs: most presses leave the log as it is. */
const dates = new WeakMap<Connection, Map<string, { at: number; seen: Seen[] }>>();

/** First and last days of bloom and flight from a garden's log. */
export function readSeen(db: Connection, gardenId: string): Seen[] {
  const known = dates.get(db) ?? new Map<string, { at: number; seen: Seen[] }>();
  dates.set(db, known);
  const at = logAt(db, gardenId);
  const before = known.get(gardenId);
  if (before?.at === at) return before.seen;
  const rows = db
    .prepare('SELECT id, what, of, on_day, counts_as FROM entry WHERE garden_id = ? ORDER BY position, id')
    .all(gardenId);
  const seen = datesOf((rows as DatedEntry[]).filter(isDated));
  known.set(gardenId, { at, seen });
  return seen;
}
onRollback((db) => void dates.delete(db));
