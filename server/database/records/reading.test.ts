import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { isChanges, withChanges } from '../../../core/garden/changed';
import { HeldRows } from '../held-rows';
import { historyOf, step } from '../journal';
import { anyPresses, pondGarden, PRESSES } from '../testing/presses';
import { readChanges, readGarden } from './reading';

describe('what changed of a garden since', () => {
  it('after any presses, laid over what was known, gives the garden as it is', () => {
    fc.assert(
      fc.property(anyPresses(6), anyPresses(6), (early, late) => {
        const { db, id } = pondGarden();
        for (const [press, n] of early) PRESSES[press]!(db, id, n);
        const known = readGarden(db, id);
        for (const [press, n] of late) {
          PRESSES[press]!(db, id, n);
          // Rows that go and come back to their places, read in between or not.
          for (let i = 0; i < n % 4 && historyOf(db, id).undo; i++) step(db, id, 'undo');
          if (n % 5 === 0) readGarden(db, id);
          if (n % 3 === 0 && historyOf(db, id).redo) step(db, id, 'redo');
        }
        const answer = readChanges(db, id, known.at);
        expect(isChanges(answer)).toBe(true);
        const now = readGarden(db, id);
        if (isChanges(answer)) expect(withChanges(known, answer)).toEqual(now);
        // What is held of its lists is what the database holds.
        HeldRows.forget(db);
        expect(readGarden(db, id)).toEqual(now);
        db.close();
      }),
      { numRuns: 60 },
    );
  });
  it('one press is sent alone, and nothing where nothing changed', () => {
    const { db, id } = pondGarden();
    const { at, plantings, sites } = readGarden(db, id);
    expect(readChanges(db, id, at)).toMatchObject({ put: {}, gone: {} });
    PRESSES.recount!(db, id, 3);
    const answer = readChanges(db, id, at);
    expect(answer).toMatchObject({ of: id, since: at, gone: {} });
    if (!isChanges(answer)) throw new Error('All of it was sent.');
    expect(answer.put.plantings!.map(({ row, after }) => [row.id, row.count, after])).toEqual([
      [plantings[3]!.id, 4, plantings[2]!.id],
    ]);
    expect(Object.keys(answer.put)).toEqual(['plantings']);
    expect(sites.length).toBeGreaterThan(0);
  });
  it('all of it where the change is unknown here, or from before the database was put back', () => {
    const { db, id } = pondGarden();
    PRESSES.recount!(db, id, 3);
    const { at } = readGarden(db, id);
    expect(isChanges(readChanges(db, id, null))).toBe(false);
    expect(isChanges(readChanges(db, id, at + 1))).toBe(false);
    db.prepare(`INSERT INTO installation (key, value) VALUES ('whole-before', ?)`).run(String(at + 10));
    expect(isChanges(readChanges(db, id, at))).toBe(false);
  });
});
