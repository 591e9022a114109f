import type { BatchFields } from '../../../core/model/raise';
import type { Connection } from '../connection';
import { record } from '../journal';
import { readRows } from '../tables';
import { mustRead, mustReadAt, newId, revised, type Known } from './reading';

/** Starts a batch and returns its id; `name` is that of its plant. */
export function addBatch(db: Connection, gardenId: string, fields: BatchFields, name: string): string {
  mustRead(db, 'garden', gardenId, gardenId);
  const id = newId();
  record(db, gardenId, `Start ${name}`, ({ add }) => add('batch', { ...fields, id, revision: 0 }));
  return id;
}

/** Changes a batch: its plan, or with one look more what was counted. */
export function updateBatch(db: Connection, gardenId: string, known: Known, fields: BatchFields, name: string) {
  const before = mustReadAt(db, 'batch', gardenId, known);
  const looked = fields.looks.length > before.looks.length;
  record(db, gardenId, looked ? `Look at ${name}` : `Change the batch of ${name}`, ({ update }) =>
    update('batch', revised(before, fields)),
  );
}

/** Removes a batch, and what was said of its steps. */
export function removeBatch(db: Connection, gardenId: string, known: Known) {
  const batch = mustReadAt(db, 'batch', gardenId, known);
  record(db, gardenId, 'Remove a batch', ({ remove }) => {
    for (const said of readRows(db, 'work', gardenId)) if (said.task.split(' ').includes(batch.id)) remove('work', said.id);
    remove('batch', batch.id);
  });
}
