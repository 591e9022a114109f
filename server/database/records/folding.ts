import { gzipSync } from 'node:zlib';
import type { Connection } from '../connection';
import { changesSince, type Change } from '../journal';
import { EarlierGarden } from './as-of';
import { inTransaction } from '../transaction';

/** How much of a garden's history is remembered change by change: so many changes, and so many characters of them. */
export const FOLDING = { changes: 2000, bytes: 16_000_000, least: 50, slack: 1.25, snapshots: 120 };
export type Folding = typeof FOLDING;

type Size = { id: number; at: string; bytes: number };

/** Is more remembered of a garden than is worth folding? */
function isLong(db: Connection, gardenId: string, limits: Folding): boolean {
  const held = db.prepare('SELECT count(*) AS changes, coalesce(sum(bytes), 0) AS bytes FROM journal WHERE garden_id = ?');
  const { changes, bytes } = held.get(gardenId) as { changes: number; bytes: number };
  return changes > limits.changes * limits.slack || (bytes > limits.bytes * limits.slack && changes > limits.least);
}

/**
 * Folds the oldest changes of a garden together where there are too many: for each of their months the garden is saved as
 * it stood after the last of them, and the changes go. Those that can still be undone step by step stay. Returns how many
 * were folded.
 */
export function foldHistory(db: Connection, gardenId: string, limits: Folding = FOLDING): number {
  if (!isLong(db, gardenId, limits)) return 0;
  return inTransaction(db, () => {
    const sizes = db
      .prepare('SELECT id, at, bytes FROM journal WHERE garden_id = ? AND undone = 0 ORDER BY id DESC')
      .all(gardenId) as Size[];
    let bytes = 0;
    let kept = 0;
    for (const size of sizes) {
      bytes += size.bytes;
      if (kept >= limits.changes || (bytes > limits.bytes && kept >= limits.least)) break;
      kept++;
    }
    const folded = sizes.slice(kept);
    if (folded.length === 0) return 0;
    const garden = new EarlierGarden(db, gardenId);
    // What stays is taken back first.
    for (const { changes } of changesSince(db, gardenId, sizes[kept - 1]!.id - 1)) garden.takeBack(changes);
    const changesOf = db.prepare('SELECT changes FROM journal WHERE id = ?').pluck();
    const save = db.prepare('INSERT OR REPLACE INTO snapshot (garden_id, at, records) VALUES (?, ?, ?)');
    const months = db.prepare('DELETE FROM snapshot WHERE garden_id = ? AND substr(at, 1, 7) = ?');
    let month = '';
    for (const { id, at } of folded) {
      if (at.slice(0, 7) !== month) {
        month = at.slice(0, 7);
        months.run(gardenId, month);
        save.run(gardenId, at, gzipSync(JSON.stringify(garden.records)));
      }
      garden.takeBack(JSON.parse(changesOf.get(id) as string) as Change[]);
    }
    db.prepare('DELETE FROM journal WHERE garden_id = ? AND id <= ?').run(gardenId, folded[0]!.id);
    db.prepare(
      'DELETE FROM snapshot WHERE garden_id = ? AND at NOT IN (SELECT at FROM snapshot WHERE garden_id = ? ORDER BY at DESC LIMIT ?)',
    ).run(gardenId, gardenId, limits.snapshots);
    return folded.length;
  });
}
