import { effectOf, effectTakenBack, type PlantingChanges } from '../../../core/log/effects';
import type { LogSince } from '../../../core/log/packed';
import type { Entry, EntryFields, NewEntry } from '../../../core/model/log';
import type { Connection } from '../connection';
import { Fault } from '../faults';
import { earliestKnown } from '../changes';
import { record, type Recorder } from '../journal';
import { readRow, readRows } from '../tables';
import { logAt } from './seen';
import { mustRead, mustReadAt, revised, type Known } from './reading';

/**
 * What of a garden's log changed after a change that is known, with the number of the last one and how many entries there
 * are by now; all of the log where none is known (0) or one that has not been made here yet.
 */
export function logSince(db: Connection, gardenId: string, since: number): LogSince {
  mustRead(db, 'garden', gardenId, gardenId);
  const at = logAt(db, gardenId);
  if (since <= 0 || since > at || since < earliestKnown(db)) {
    const put = readRows(db, 'entry', gardenId);
    return { at, whole: true, count: put.length, put, gone: [] };
  }
  const ids = db
    .prepare('SELECT entry FROM log_change WHERE garden_id = ? AND at > ? ORDER BY at')
    .pluck()
    .all(gardenId, since) as string[];
  const put: Entry[] = [];
  const gone: string[] = [];
  for (const id of ids) {
    const row = readRow(db, 'entry', gardenId, id);
    if (row) put.push(row);
    else gone.push(id);
  }
  const count = db.prepare('SELECT count(*) FROM entry WHERE garden_id = ?').pluck().get(gardenId) as number;
  return { at, whole: false, count, put, gone };
}

/** Makes the changes of plantings that follow from an entry, in the same record. */
function follow(db: Connection, gardenId: string, { add, update, remove }: Recorder, changes: PlantingChanges) {
  for (const row of changes.added) add('planting', { ...row, revision: 0 });
  for (const { id, fields } of changes.changed) update('planting', revised(mustRead(db, 'planting', gardenId, id), fields));
  for (const id of changes.removed) remove('planting', id);
}

/** The planting an entry is about, where it changes it; a fault beside the field where it cannot. */
function effectHere(db: Connection, gardenId: string, entry: NewEntry): PlantingChanges {
  if (entry.planting_id === null || (entry.what !== 'lost' && entry.what !== 'mislabelled'))
    return { changed: [], added: [], removed: [] };
  const planting = mustRead(db, 'planting', gardenId, entry.planting_id);
  if (entry.what === 'lost' && (planting.state === 'lost' || planting.state === 'removed'))
    throw new Fault(422, 'It is written down as lost already.', { fields: { count: 'It is written down as lost already.' } });
  if (planting.plant !== entry.of)
    throw new Fault(422, 'Another plant stands there by now.', { fields: { planting_id: 'Another plant stands there by now.' } });
  try {
    return effectOf(entry, planting);
  } catch (error) {
    if (!(error instanceof RangeError)) throw error;
    throw new Fault(422, error.message, { fields: { count: error.message } });
  }
}

/**
 * Writes entries down as one change, with what follows of them for plantings. An entry that is there already by its id,
 * sent again after a lost answer, is left as it is. Returns how many were written.
 */
export function addEntries(db: Connection, gardenId: string, entries: readonly NewEntry[], label: string): number {
  mustRead(db, 'garden', gardenId, gardenId);
  const owner = db.prepare('SELECT garden_id FROM entry WHERE id = ?').pluck();
  const fresh = entries.filter(({ id }) => {
    const known = owner.get(id);
    if (known !== undefined && known !== gardenId) throw new Fault(409, 'Another garden has an entry of that id.');
    return known === undefined;
  });
  if (fresh.length === 0) return 0;
  record(db, gardenId, label, (recorder) => {
    for (const entry of fresh) {
      follow(db, gardenId, recorder, effectHere(db, gardenId, entry));
      recorder.add('entry', { ...entry, revision: 0 });
    }
  });
  return fresh.length;
}

/** Changes an entry; what followed of it for plantings is taken back and follows again from what it says now. */
export function updateEntry(db: Connection, gardenId: string, known: Known, fields: EntryFields) {
  const row = mustReadAt(db, 'entry', gardenId, known);
  record(db, gardenId, 'Change an entry of the log', (recorder) => {
    follow(db, gardenId, recorder, effectTakenBack(row, readRows(db, 'planting', gardenId)));
    const entry = revised(row, fields);
    follow(db, gardenId, recorder, effectHere(db, gardenId, entry));
    recorder.update('entry', entry);
  });
}

/** Removes an entry; what it changed of a planting is taken back, and what was counted on a walk stays without it. */
export function removeEntry(db: Connection, gardenId: string, known: Known) {
  const row = mustReadAt(db, 'entry', gardenId, known);
  record(db, gardenId, 'Remove an entry of the log', (recorder) => {
    follow(db, gardenId, recorder, effectTakenBack(row, readRows(db, 'planting', gardenId)));
    if (row.what === 'walk')
      for (const entry of readRows(db, 'entry', gardenId))
        if (entry.walk_id === row.id) recorder.update('entry', revised(entry, { walk_id: null }));
    recorder.remove('entry', row.id);
  });
}
