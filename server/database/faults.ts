/** A request that cannot be met, with the sentence the gardener is shown. */
export class Fault extends Error {
  constructor(
    readonly status: 400 | 401 | 403 | 404 | 409 | 413 | 415 | 421 | 422 | 429 | 500 | 503 | 507,
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

/** What stops the database from working at all, by the start of SQLite's code. */
const STOPPED: [string, 500 | 503 | 507, string][] = [
  ['SQLITE_FULL', 507, 'The disk is full. Nothing was changed; make room on it and try again.'],
  [
    'SQLITE_IOERR',
    503,
    'The disk that the gardens are on does not work as it should. Nothing was changed: save a backup elsewhere.',
  ],
  ['SQLITE_READONLY', 503, 'The gardens cannot be written: their file or its folder is read-only. Nothing was changed.'],
  ['SQLITE_BUSY', 503, 'The gardens are in use by another program. Nothing was changed; try again in a moment.'],
  ['SQLITE_CORRUPT', 500, 'The file of the gardens is damaged. Put back the newest backup: it is under “Backups” in Settings.'],
  ['SQLITE_NOTADB', 500, 'The file of the gardens is damaged. Put back the newest backup: it is under “Backups” in Settings.'],
];

/**
 * What the database refuses, as a fault: 409 for what is there already or is gone, 422 for a value that cannot stand, 5xx
 * where the disk or the file is at fault. Null for every other error.
 */
export function databaseFault(error: unknown): Fault | null {
  const { code, message } = error as { code?: unknown; message?: string };
  if (typeof code !== 'string') return null;
  const stopped = STOPPED.find(([start]) => code.startsWith(start));
  if (stopped) return new Fault(stopped[1], stopped[2]);
  if (!code.startsWith('SQLITE_CONSTRAINT')) return null;
  if (code === 'SQLITE_CONSTRAINT_UNIQUE' || code === 'SQLITE_CONSTRAINT_PRIMARYKEY') {
    const columns = message?.split('UNIQUE constraint failed: ')[1] ?? '';
    return new Fault(409, UNIQUE[columns] ?? 'That is here already. Nothing was changed.');
  }
  if (code === 'SQLITE_CONSTRAINT_FOREIGNKEY')
    return new Fault(409, 'What this belongs to is no longer here: it may have been removed in another window.');
  return new Fault(422, 'A value cannot stand as it was sent. Nothing was changed.');
}
