import type { SeenFields } from '../../../core/model/seen';
import type { Connection } from '../connection';
import { record } from '../journal';
import { mustRead, mustReadAt, newId, type Known } from './reading';

/** Records a first or last day of bloom or flight and returns its id. */
export function addSeen(db: Connection, gardenId: string, fields: SeenFields, label: string): string {
  mustRead(db, 'garden', gardenId, gardenId);
  const id = newId();
  record(db, gardenId, label, ({ add }) => add('seen', { ...fields, id, revision: 0 }));
  return id;
}

export function removeSeen(db: Connection, gardenId: string, known: Known) {
  const row = mustReadAt(db, 'seen', gardenId, known);
  record(db, gardenId, 'Delete a date', ({ remove }) => remove('seen', row.id));
}
