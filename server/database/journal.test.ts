import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Fault } from './faults';
import { exportGarden } from './records/garden-file';
import { readGarden } from './records/reading';
import { historyOf, record, step } from './journal';
import { anyPresses, pondGarden, PRESSES } from './testing/presses';

describe('the journal', () => {
  it('whatever is pressed, undo brings all of it back and redo makes it again', () => {
    fc.assert(
      fc.property(anyPresses(12), (list) => {
        const { db, id } = pondGarden();
        const before = exportGarden(db, id);
        for (const [press, n] of list) PRESSES[press]!(db, id, n);
        const after = exportGarden(db, id);
        while (historyOf(db, id).undo) step(db, id, 'undo');
        expect(exportGarden(db, id)).toEqual(before);
        while (historyOf(db, id).redo) step(db, id, 'redo');
        expect(exportGarden(db, id)).toEqual(after);
        db.close();
      }),
      { numRuns: 25 },
    );
  });
  it('a change that fails half-way leaves nothing behind', () => {
    const { db, id } = pondGarden();
    const before = exportGarden(db, id);
    expect(() =>
      record(db, id, 'Fail', ({ update, remove }) => {
        remove('planting', readGarden(db, id).plantings[0]!.id);
        update('site', { ...readGarden(db, id).sites[0]!, name: 'Half done' });
        throw new Error('the power went');
      }),
    ).toThrow('the power went');
    expect(exportGarden(db, id)).toEqual(before);
    expect(historyOf(db, id)).toEqual({ undo: null, redo: null });
  });
  it('does not undo what has changed since by another way', () => {
    const { db, id } = pondGarden();
    PRESSES.changeBed!(db, id, 5);
    db.prepare('UPDATE site SET sun_h = 1 WHERE garden_id = ?').run(id);
    expect(() => step(db, id, 'undo')).toThrow(Fault);
    expect(readGarden(db, id).sites.every((row) => row.sun_h === 1)).toBe(true);
  });
});
