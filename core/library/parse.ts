import { parse } from 'csv-parse/sync';
import { plainCell } from '../model/csv-cells';
import { SCHEMAS, type Library } from '../model/reference';
import { REFERENCE_FILE_NAMES, type ReferenceFile, TABLES } from '../model/tables';

/** Something wrong in a reference file: where, and in a sentence what would be right. Row 1 is the header. */
export interface LibraryProblem {
  file: ReferenceFile;
  row: number;
  column: string;
  message: string;
}

/** What parts the cells of a table: the comma, or what spreadsheets of other countries write, by its header. */
function delimiterOf(text: string): ',' | ';' | '\t' {
  const header = text.slice(0, text.search(/[\r\n]|$/));
  const counted = ([';', '\t', ','] as const).map((one) => ({ one, count: header.split(one).length }));
  return counted.reduce((best, row) => (row.count > best.count ? row : best), counted[2]!).one;
}

/** Rows of one CSV file of the library, each cell checked by the file's schema, and all problems found. */
export function parseReferenceFile(file: ReferenceFile, text: string): { rows: unknown[]; problems: LibraryProblem[] } {
  const schema = SCHEMAS[file];
  const { key } = TABLES[file];
  const problems: LibraryProblem[] = [];
  const rows: unknown[] = [];
  const delimiter = delimiterOf(text);
  const records = parse(text, {
    bom: true,
    columns: true,
    delimiter,
    skip_empty_lines: true,
    relax_column_count: true,
    cast: plainCell,
  }) as Record<string, string>[];
  // Where cells are parted by semicolons, decimals are written with a comma.
  if (delimiter === ';')
    for (const record of records)
      for (const [column, cell] of Object.entries(record)) if (/^-?\d+,\d+$/.test(cell)) record[column] = cell.replace(',', '.');
  const columns = Object.keys(schema.shape);
  // A table saved by an earlier version may lack a column that a row can do without.
  const needed = (column: string) =>
    !(schema.shape as Record<string, { safeParse(cell: unknown): { success: boolean } }>)[column]!.safeParse(undefined).success;
  const missing = columns.filter((column) => records[0] && !(column in records[0]) && needed(column));
  for (const column of missing) problems.push({ file, row: 1, column, message: `The column ${column} is missing.` });
  if (missing.length > 0) return { rows, problems };

  const seen = new Map<string, number>();
  records.forEach((record, index) => {
    const row = index + 2;
    const result = schema.safeParse(record);
    if (!result.success) {
      for (const issue of result.error.issues)
        problems.push({ file, row, column: String(issue.path[0] ?? ''), message: issue.message });
      return;
    }
    const id = key.map((column) => record[column]).join(' + ');
    const first = seen.get(id);
    if (first !== undefined) problems.push({ file, row, column: key[0]!, message: `${id} stands in row ${first} already.` });
    else seen.set(id, row);
    rows.push(result.data);
  });
  return { rows, problems };
}

/** The whole library from the text of its files. */
export function parseLibrary(texts: Record<ReferenceFile, string>): { library: Library; problems: LibraryProblem[] } {
  const problems: LibraryProblem[] = [];
  const lists = REFERENCE_FILE_NAMES.map((file) => {
    const parsed = parseReferenceFile(file, texts[file]);
    problems.push(...parsed.problems);
    return [TABLES[file].list, parsed.rows] as const;
  });
  return { library: Object.fromEntries(lists) as unknown as Library, problems };
}
