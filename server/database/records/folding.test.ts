import { describe, expect, it } from 'vitest';
import type { Connection } from '../connection';
import { historyOf, step } from '../journal';
import { pondGarden, PRESSES } from '../testing/presses';
import { gardenAsOf } from './as-of';
import { foldHistory, FOLDING } from './folding';
import { readGarden } from './reading';

const FEW = { ...FOLDING, changes: 4, least: 2, slack: 1, snapshots: 3 };
const countIn = (db: Connection, table: string) => db.prepare(`SELECT count(*) FROM ${table}`).pluck().get();

/** A garden with one change in every month from January on: a bed's hours of sun are the number of the month. */
function yearOfChanges(months: number) {
  const { db, id } = pondGarden();
  for (let month = 1; month <= months; month++) {
    PRESSES.changePlace!(db, id, month);
    db.prepare('UPDATE journal SET at = ? WHERE id = (SELECT max(id) FROM journal)').run(
      `2025-${String(month).padStart(2, '0')}-10T00:00:00.000Z`,
    );
  }
  return { db, id, metresOn: (moment: string) => gardenAsOf(db, id, moment).garden.elevation_m };
}

describe('a long history', () => {
  it('is left as it is while it is short', () => {
    const { db, id } = yearOfChanges(4);
    expect(foldHistory(db, id, FEW)).toBe(0);
    expect(countIn(db, 'snapshot')).toBe(0);
  });
  it('is folded to the newest changes, and the garden is known at the end of each month before', () => {
    const { db, id, metresOn } = yearOfChanges(6);
    const before = readGarden(db, id);
    expect(foldHistory(db, id, FEW)).toBe(2);
    expect(countIn(db, 'journal')).toBe(4);
    expect(readGarden(db, id)).toEqual(before);
    expect(['2025-01-20', '2025-02-20', '2025-03-20', '2025-06-20'].map((day) => metresOn(`${day}T00:00:00.000Z`))).toEqual([
      1, 2, 3, 6,
    ]);
    expect(gardenAsOf(db, id, '2025-01-20T00:00:00.000Z').stood_at).toBe('2025-01-10T00:00:00.000Z');
    // Before all that is known, the earliest that is.
    expect(gardenAsOf(db, id, '2024-05-01T00:00:00.000Z')).toMatchObject({ stood_at: '2025-01-10T00:00:00.000Z' });
    expect(gardenAsOf(db, id, '2025-03-20T00:00:00.000Z').stood_at).toBeNull();
  });
  it('can still be undone as far as its changes are remembered, and no farther', () => {
    const { db, id } = yearOfChanges(6);
    foldHistory(db, id, FEW);
    for (let i = 0; i < 4; i++) step(db, id, 'undo');
    expect(readGarden(db, id).garden.elevation_m).toBe(2);
    expect(historyOf(db, id).undo).toBeNull();
  });
  it('is folded by its size too, and keeps no more snapshots than it may', () => {
    const { db, id, metresOn } = yearOfChanges(9);
    expect(foldHistory(db, id, { ...FEW, changes: 1000, bytes: 10 })).toBe(7);
    expect(countIn(db, 'journal')).toBe(2);
    expect(countIn(db, 'snapshot')).toBe(3);
    expect(metresOn('2025-05-20T00:00:00.000Z')).toBe(5);
    expect(metresOn('2025-02-20T00:00:00.000Z')).toBe(5);
  });
  it('of two foldings in one month the later stands for it', () => {
    const { db, id, metresOn } = yearOfChanges(6);
    db.prepare(`UPDATE journal SET at = '2025-01-2' || id || 'T00:00:00.000Z'`).run();
    foldHistory(db, id, { ...FEW, changes: 5 });
    foldHistory(db, id, { ...FEW, changes: 3 });
    expect(countIn(db, 'snapshot')).toBe(1);
    expect(metresOn('2025-01-01T00:00:00.000Z')).toBe(3);
  });
});
