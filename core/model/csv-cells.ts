/**
 * Cells that a spreadsheet would take for a formula: it runs what begins so, whoever wrote it. They go out behind an
 * apostrophe, as spreadsheets themselves mark text, and come back without it. A plain number stays a number.
 */
const RISKY = /^'*[=+\-@\t\r]/;
const NUMBER = /^[-+]?\d+([.,]\d+)?$/;

/** A cell as it is written to a table. Other values than text are no risk. */
export const safeCell = <T>(value: T): T | string =>
  typeof value === 'string' && RISKY.test(value) && !NUMBER.test(value) ? `'${value}` : value;

/** A cell of a table as it was before it was made safe. */
export const plainCell = (cell: string): string => (cell.startsWith("'") && RISKY.test(cell) ? cell.slice(1) : cell);
