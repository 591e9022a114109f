import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ownFromCsv } from '../../core/library/csv';
import { withOwn } from '../../core/library/own';
import { parseLibrary } from '../../core/library/parse';
import type { OwnRowFields } from '../../core/model/garden';
import { REFERENCE_FILE_NAMES, type ReferenceFile } from '../../core/model/tables';

/** What a table of the library is checked against: the shipped tables, and what is said over them here. */
export interface TableToCheck {
  /** The folder of the shipped tables. */
  folder: string;
  over: OwnRowFields[][];
  file: ReferenceFile;
  text: string;
}
/** What was found: of what is wrong the first, and how much there is. */
export type TableChecked = ReturnType<typeof ownFromCsv> & { faults: number };
/** So many of what is wrong with a table are named; more are not read by anybody. */
const MOST_PROBLEMS = 500;

/** Checks a table. A long one takes seconds, for which nobody should wait: it is done in a thread (check-table.thread.ts). */
export function checkTable({ folder, over, file, text }: TableToCheck): TableChecked {
  const texts = Object.fromEntries(REFERENCE_FILE_NAMES.map((name) => [name, readFileSync(join(folder, name), 'utf8')]));
  const { library } = parseLibrary(texts as Record<ReferenceFile, string>);
  const found = ownFromCsv(over.reduce(withOwn, library), file, text);
  return { ...found, problems: found.problems.slice(0, MOST_PROBLEMS), faults: found.problems.length };
}
