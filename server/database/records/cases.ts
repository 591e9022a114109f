import type { CaseFields } from '../../../core/model/why';
import type { Connection } from '../connection';
import { record } from '../journal';
import { readRows } from '../tables';
import { mustRead, mustReadAt, newId, revised, type Known } from './reading';

/** Opens a case of what is wrong and returns its id; `name` is what is seen. */
export function addCase(db: Connection, gardenId: string, fields: CaseFields, name: string): string {
  mustRead(db, 'garden', gardenId, gardenId);
  const id = newId();
  record(db, gardenId, `Save “${name}”`, ({ add }) => add('why_case', { ...fields, id, revision: 0 }));
  return id;
}

/** Changes a case: an answer, the cause that is acted on, or what came of it. */
export function updateCase(db: Connection, gardenId: string, known: Known, fields: CaseFields, name: string) {
  const before = mustReadAt(db, 'why_case', gardenId, known);
  const closed = fields.outcome !== null && before.outcome === null;
  const acted = fields.acted_on !== null && before.acted_on === null;
  const does = closed ? 'Say what came of' : acted ? 'Act on' : 'Change';
  record(db, gardenId, `${does} “${name}”`, ({ update }) => update('why_case', revised(before, fields)));
}

/** Removes a case, and what was said of its tasks. */
export function removeCase(db: Connection, gardenId: string, known: Known) {
  const row = mustReadAt(db, 'why_case', gardenId, known);
  record(db, gardenId, 'Remove a case', ({ remove }) => {
    for (const said of readRows(db, 'work', gardenId)) if (said.task.split(' ').includes(row.id)) remove('work', said.id);
    remove('why_case', row.id);
  });
}
