import type { SeenFields } from '../../core/model/seen';
import type { Connection } from './connection';
import { mustRead, newId } from './gardens';
import { record } from './journal';

/** Writes down a first or last day of bloom or flight. */
export function addSeen(db: Connection, gardenId: string, fields: SeenFields, label: string) {
  mustRead(db, 'garden', gardenId, gardenId, 'garden');
  record(db, gardenId, label, ({ write }) => write('seen', { ...fields, id: newId(), revision: 0 }));
}

export function removeSeen(db: Connection, gardenId: string, id: string) {
  mustRead(db, 'seen', gardenId, id, 'date');
  record(db, gardenId, 'Strike a date', ({ remove }) => remove('seen', id));
}
