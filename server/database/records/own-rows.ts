import type { OwnRowFields } from '../../../core/model/garden';
import type { Connection } from '../connection';
import { record } from '../journal';
import { readRows } from '../tables';
import { mustRead, newId, revised } from './reading';

/** Saves rows of the library as this garden's own, over what it said of them before. */
export function saveOwnRows(db: Connection, gardenId: string, rows: readonly OwnRowFields[], label: string) {
  mustRead(db, 'garden', gardenId, gardenId);
  const before = new Map(readRows(db, 'own_row', gardenId).map((row) => [`${row.file} ${row.key}`, row]));
  record(db, gardenId, label, ({ add, update }) => {
    for (const row of rows) {
      const old = before.get(`${row.file} ${row.key}`);
      if (old) update('own_row', revised(old, row));
      else add('own_row', { ...row, id: newId(), revision: 0 });
    }
  });
}

/** Goes back to what the shipped library says. */
export function revertOwnRows(db: Connection, gardenId: string, ids: readonly string[], label: string) {
  for (const id of ids) mustRead(db, 'own_row', gardenId, id);
  record(db, gardenId, label, ({ remove }) => {
    for (const id of ids) remove('own_row', id);
  });
}
