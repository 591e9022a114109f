/** A request that cannot be met, with the sentence the gardener is shown. */
export class Fault extends Error {
  constructor(
    readonly status: 400 | 403 | 404 | 409 | 413 | 421 | 422,
    message: string,
    readonly detail: { fields?: Record<string, string>; current?: unknown } = {},
  ) {
    super(message);
  }
}

/** Sentences for what the database itself refuses, by the table and columns it names. */
const UNIQUE: Record<string, string> = {
  'garden_target.garden_id, garden_target.target': 'That creature is among this garden’s targets already.',
  'own_row.garden_id, own_row.file, own_row.key': 'That row of the library is named twice.',
  'plan.garden_id': 'Exactly one plan is the current one.',
};

/**
 * A constraint of the database that a request would break, as a fault: 409 for what is there already or is gone, 422 for
 * a value that cannot stand. Null for every other error.
 */
export function constraintFault(error: unknown): Fault | null {
  const { code, message } = error as { code?: unknown; message?: string };
  if (typeof code !== 'string' || !code.startsWith('SQLITE_CONSTRAINT')) return null;
  if (code === 'SQLITE_CONSTRAINT_UNIQUE' || code === 'SQLITE_CONSTRAINT_PRIMARYKEY') {
    const columns = message?.split('UNIQUE constraint failed: ')[1] ?? '';
    return new Fault(409, UNIQUE[columns] ?? 'That is here already. Nothing was changed.');
  }
  if (code === 'SQLITE_CONSTRAINT_FOREIGNKEY')
    return new Fault(409, 'What this belongs to is no longer here: it may have been removed in another window.');
  return new Fault(422, 'A value cannot stand as it was sent. Nothing was changed.');
}
