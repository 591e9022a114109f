import type { TargetFields } from '../../../core/model/garden';
import type { Connection } from '../connection';
import { Fault } from '../faults';
import { record } from '../journal';
import { readRows } from '../tables';
import { mustRead, mustReadAt, newId, revised, type Known } from './reading';

/** The common name of a target, for the label of a change. */
type NameOf = (target: string) => string;

function mustBeFree(db: Connection, gardenId: string, target: string, nameOf: NameOf, but?: string) {
  if (readRows(db, 'garden_target', gardenId).some((row) => row.target === target && row.id !== but))
    throw new Fault(409, `${nameOf(target)} is among this garden’s targets already.`);
}

/** Chooses a target and returns the id of its row. */
export function addTarget(db: Connection, gardenId: string, fields: TargetFields, nameOf: NameOf): string {
  mustRead(db, 'garden', gardenId, gardenId);
  mustBeFree(db, gardenId, fields.target, nameOf);
  const id = newId();
  record(db, gardenId, `Choose ${nameOf(fields.target)}`, ({ add }) => add('garden_target', { ...fields, id, revision: 0 }));
  return id;
}

/** Chooses several targets as one change. Who is chosen already stays as it is; a fault where nobody is left to choose. */
export function addTargets(db: Connection, gardenId: string, fields: readonly TargetFields[], nameOf: NameOf) {
  mustRead(db, 'garden', gardenId, gardenId);
  const taken = new Set(readRows(db, 'garden_target', gardenId).map((row) => row.target));
  const fresh = fields.filter(({ target }) => !taken.has(target) && taken.add(target));
  if (fresh.length === 0) throw new Fault(409, 'All of them are among this garden’s targets already.');
  const label = fresh.length === 1 ? `Choose ${nameOf(fresh[0]!.target)}` : `Choose ${fresh.length} targets`;
  record(db, gardenId, label, ({ add }) => {
    for (const row of fresh) add('garden_target', { ...row, id: newId(), revision: 0 });
  });
}

export function updateTarget(db: Connection, gardenId: string, known: Known, fields: TargetFields, nameOf: NameOf) {
  const row = mustReadAt(db, 'garden_target', gardenId, known);
  mustBeFree(db, gardenId, fields.target, nameOf, row.id);
  record(db, gardenId, `Change ${nameOf(fields.target)}`, ({ update }) => update('garden_target', revised(row, fields)));
}

export function removeTarget(db: Connection, gardenId: string, known: Known, nameOf: NameOf) {
  const row = mustReadAt(db, 'garden_target', gardenId, known);
  record(db, gardenId, `Remove ${nameOf(row.target)}`, ({ remove }) => remove('garden_target', row.id));
}
