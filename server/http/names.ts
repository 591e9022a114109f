import type { Library } from '../../core/model/reference';
import { Fault } from '../database/faults';

/** Common name of a plant or target by its id, or the id where the library no longer has it. */
export const nameIn =
  (rows: Library['plants'] | Library['targets']) =>
  (id: string): string =>
    rows.find((row) => row.id === id)?.common ?? id;

/** The row with this id; a 422 fault beside the field where the library has none. */
export function mustKnow<T extends { id: string }>(rows: readonly T[], id: string, field: string, what: string): T {
  const row = rows.find((candidate) => candidate.id === id);
  if (!row) {
    const message = `The library has no ${what} “${id}”.`;
    throw new Fault(422, message, { fields: { [field]: message } });
  }
  return row;
}
