import { stringify } from 'csv-stringify/browser/esm/sync';
import { safeCell } from '../model/csv-cells';

type Cell = string | number | boolean | null | undefined;

/** A table as CSV text that is safe to open in a spreadsheet. */
export const csvText = (rows: readonly (readonly Cell[])[]): string => stringify(rows.map((row) => row.map(safeCell)));
