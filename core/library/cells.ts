import { type Library, SCHEMAS } from '../model/reference';
import { type ReferenceFile, TABLES } from '../model/tables';

/** A row as its CSV cells, by column: what a file holds, a form shows and a gardener's own row is kept as. */
export type Cells = Record<string, string>;

/** The columns of a file, in their order. */
export const columnsOf = (file: ReferenceFile): string[] => Object.keys(SCHEMAS[file].shape);

/** A parsed row as the cells it is written with. */
export function cellsOf(file: ReferenceFile, row: object): Cells {
  const values = row as Record<string, unknown>;
  const text = (value: unknown) => {
    if (value === null || value === undefined) return '';
    if (Array.isArray(value)) return value.join('|');
    if (typeof value === 'boolean') return value ? 'y' : 'n';
    return String(value);
  };
  return Object.fromEntries(columnsOf(file).map((column) => [column, text(values[column])]));
}

/** What makes a row of its file unlike every other: its key columns, joined. */
export function keyOf(file: ReferenceFile, row: object): string {
  const values = row as Record<string, unknown>;
  // A last name left blank leaves no blank behind: keys are saved without.
  return TABLES[file].key
    .map((column) => String(values[column] ?? ''))
    .join(' + ')
    .trimEnd();
}

/** The rows of one file in a library. */
export const rowsOf = (library: Library, file: ReferenceFile): object[] => library[TABLES[file].list];
