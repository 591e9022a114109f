import { Fault } from './faults';

/** Why the database cannot be used, in a sentence for whoever starts the application. */
export class DatabaseRefused extends Error {}

/** What to do where it cannot be opened, by the start of the code that says why. */
const REASONS: [string, (file: string) => string][] = [
  [
    'SQLITE_BUSY',
    (file) => `The database ${file} is in use by another server. Stop that one, or choose another file with OUTWASH_DATABASE.`,
  ],
  ['SQLITE_FULL', (file) => `The disk that ${file} is on is full. Make room on it and start again. Nothing was changed.`],
  ['ENOSPC', (file) => `The disk that ${file} is on is full. Make room on it and start again. Nothing was changed.`],
  ['SQLITE_NOTADB', damaged],
  ['SQLITE_CORRUPT', damaged],
  ['SQLITE_READONLY', readOnly],
  ['SQLITE_CANTOPEN', readOnly],
  ['EACCES', readOnly],
  ['EPERM', readOnly],
  ['EROFS', readOnly],
  ['ENOTDIR', readOnly],
  ['EEXIST', readOnly],
  [
    'SQLITE_IOERR',
    (file) => `The disk that ${file} is on does not work as it should. Copy the newest backup elsewhere before anything else.`,
  ],
];

function damaged(file: string): string {
  return (
    `The file ${file} is damaged, or is no database. Nothing was changed. ` +
    'Move it aside and put the newest backup in its place (README, “A way back”), or choose another file with OUTWASH_DATABASE.'
  );
}
function readOnly(file: string): string {
  return (
    `The database ${file} cannot be written: it or its folder is read-only, or is not there. ` +
    'Give yourself the right to write there, or choose another file with OUTWASH_DATABASE.'
  );
}

/** The error with which the database could not be opened, as a sentence where it is one of those that happen. */
export function refusalFor(error: unknown, file: string): unknown {
  if (error instanceof DatabaseRefused) return error;
  if (error instanceof Fault) return new DatabaseRefused(`${error.message} Nothing was changed.`);
  const code = String((error as { code?: unknown }).code ?? '');
  const reason = REASONS.find(([start]) => code.startsWith(start));
  return reason ? new DatabaseRefused(reason[1](file)) : error;
}
