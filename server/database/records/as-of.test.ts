import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { gardenAsOf } from './as-of';
import { step } from '../journal';
import { anyPresses, pondGarden, PRESSES } from '../testing/presses';
import { LISTS } from '../tables';
import { readGarden } from './reading';

const bare = (rows: readonly { id: string; revision: number }[]) => rows.map(({ revision: _, ...row }) => row);
const minute = (n: number) => `2026-03-01T00:${String(n).padStart(2, '0')}:00.000Z`;

describe('a garden as it stood', () => {
  it('after any presses, every moment between them is remembered', () => {
    fc.assert(
      fc.property(anyPresses(8), (list) => {
        const { db, id } = pondGarden();
        const snapshots = [readGarden(db, id)];
        list.forEach(([press, n], i) => {
          const known = db.prepare('SELECT coalesce(max(id), 0) FROM journal').pluck().get() as number;
          PRESSES[press]!(db, id, n);
          db.prepare('UPDATE journal SET at = ? WHERE id > ?').run(minute(i + 1), known);
          snapshots.push(readGarden(db, id));
        });
        snapshots.forEach((was, i) => {
          const then = gardenAsOf(db, id, minute(i));
          for (const list of Object.keys(LISTS) as (keyof typeof LISTS)[])
            expect(bare(then[list]), list).toEqual(bare(was[list]));
          expect(then.seen).toEqual(was.seen);
          expect(bare([then.garden])).toEqual(bare([was.garden]));
        });
        db.close();
      }),
      { numRuns: 20 },
    );
  });
  it('before the last change, with what changed since', () => {
    const { db, id } = pondGarden();
    const before = readGarden(db, id);
    PRESSES.plant!(db, id, 1);
    PRESSES.takeOut!(db, id, 2);
    const then = gardenAsOf(db, id, 'last-change');
    expect(then.changes).toHaveLength(1);
    expect(then.plantings).toHaveLength(before.plantings.length + 1);
    expect(gardenAsOf(db, id, '2000-01-01T00:00:00.000Z').changes).toHaveLength(2);
  });
  it('what was undone since counts as never made', () => {
    const { db, id } = pondGarden();
    const before = readGarden(db, id);
    PRESSES.plant!(db, id, 1);
    step(db, id, 'undo');
    const then = gardenAsOf(db, id, '2000-01-01T00:00:00.000Z');
    expect(then.changes).toEqual([]);
    expect(bare(then.plantings)).toEqual(bare(before.plantings));
    expect(then.begun).toMatch(/^20/);
  });
  it('a row remembered from before a column came is given what stands for it', () => {
    const { db, id } = pondGarden();
    PRESSES.takeOut!(db, id, 0);
    const entry = db.prepare('SELECT id, changes FROM journal').get() as { id: number; changes: string };
    const changes = JSON.parse(entry.changes) as { before: Record<string, unknown> }[];
    delete changes[0]!.before.cut;
    delete changes[0]!.before.lost_year;
    db.prepare('UPDATE journal SET changes = ? WHERE id = ?').run(JSON.stringify(changes), entry.id);
    const then = gardenAsOf(db, id, 'last-change');
    expect(then.plantings.every((row) => row.cut === null && row.lost_year !== undefined)).toBe(true);
  });
  it('an unknown garden is a fault', () => {
    const { db } = pondGarden();
    expect(() => gardenAsOf(db, 'atlantis', 'last-change')).toThrow(/no garden “atlantis”/);
  });
});
