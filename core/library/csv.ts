import { stringify } from 'csv-stringify/sync';
import { safeCell } from '../model/csv-cells';
import type { OwnRowFields } from '../model/garden';
import type { Library } from '../model/reference';
import type { ReferenceFile } from '../model/tables';
import { cellsOf, columnsOf, keyOf, rowsOf } from './cells';
import { checkRows } from './check';
import { withOwn } from './own';
import { parseReferenceFile, type LibraryProblem } from './parse';

/** One table of the library as CSV text with its header, as parseReferenceFile reads it back. */
export function csvOf(library: Library, file: ReferenceFile): string {
  return stringify(
    rowsOf(library, file).map((row) => cellsOf(file, row)),
    { header: true, columns: columnsOf(file), cast: { string: safeCell } },
  );
}

/**
 * The rows of a CSV file that say something else than the library: what importing it would make one's own. Rows
 * that say the same are passed over; rows the file leaves out stay. All or nothing: where anything is wrong,
 * every problem is listed by row and column and nothing is taken. `same`: rows that say what the library says.
 */
export function ownFromCsv(
  library: Library,
  file: ReferenceFile,
  text: string,
): { own: OwnRowFields[]; added: number; same: number; problems: LibraryProblem[] } {
  const nothing = { own: [], added: 0, same: 0 };
  let parsed: ReturnType<typeof parseReferenceFile>;
  try {
    parsed = parseReferenceFile(file, text);
  } catch (error) {
    const line = (error as { lines?: number }).lines ?? 1;
    return {
      ...nothing,
      problems: [{ file, row: line, column: '', message: 'This line cannot be read as CSV: look for a stray quote.' }],
    };
  }
  if (parsed.problems.length > 0) return { ...nothing, problems: parsed.problems };
  if (parsed.rows.length === 0)
    return { ...nothing, problems: [{ file, row: 1, column: '', message: 'There are no rows below the header.' }] };
  const shipped = new Map(rowsOf(library, file).map((row) => [keyOf(file, row), JSON.stringify(cellsOf(file, row))]));
  const own: OwnRowFields[] = [];
  const rowNumber = new Map<string, number>();
  parsed.rows.forEach((row, index) => {
    const cells = cellsOf(file, row as object);
    const key = keyOf(file, row as object);
    rowNumber.set(key, index + 2);
    if (shipped.get(key) !== JSON.stringify(cells)) own.push({ file, key, cells });
  });
  const known = new Set(checkRows(library).map((found) => found.file + found.about + found.message));
  const problems = checkRows(withOwn(library, own))
    .filter((found) => !known.has(found.file + found.about + found.message))
    .map(({ about, message, key }) => ({
      file,
      row: (key && rowNumber.get(key)) || 1,
      column: '',
      message: `${about}: ${message}`,
    }));
  if (problems.length > 0) return { ...nothing, problems };
  const added = own.filter(({ key }) => !shipped.has(key)).length;
  return { own, added, same: parsed.rows.length - own.length, problems: [] };
}
