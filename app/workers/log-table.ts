import { expose } from 'comlink';
import { parse } from 'csv-parse/browser/esm/sync';
import { logNames } from '~~/core/log/exchange/names';
import { guessColumns, readLogTable, type ColumnMap, type ReadChoices, type TableProblem } from '~~/core/log/exchange/read-table';
import { plainCell } from '~~/core/model/csv-cells';
import type { NewEntry } from '~~/core/model/log';
import { freshId } from '~/composables/freshId';

/** A table as it was read: how many rows it has with its heading, and what that heading is taken for. */
export interface TableRead {
  rows: number;
  first: string[];
  map: ColumnMap;
}
/** What a table comes to: how many entries and the first of them, or what is wrong with it. */
export interface TableFound {
  count: number;
  shown: NewEntry[];
  problems: TableProblem[];
  faults: number;
}
const SHOWN_ENTRIES = 6;
const SHOWN_PROBLEMS = 20;

type Names = Parameters<typeof logNames>;
let rows: string[][] = [];
let entries: NewEntry[] = [];

/** Reads a long table of the log beside the page, which is sent only what it shows and, in parts, what is taken. */
const logTable = {
  /** Throws where it cannot be read. */
  read(content: string): TableRead {
    const first = content.split('\n', 1)[0] ?? '';
    const delimiter = ['\t', ';', ','].find((sign) => first.includes(sign)) ?? ',';
    rows = parse(content, {
      delimiter,
      bom: true,
      relax_column_count: true,
      skip_empty_lines: true,
      trim: true,
      cast: plainCell,
    }) as string[][];
    return { rows: rows.length, first: rows[0] ?? [], map: guessColumns(rows[0] ?? []) };
  },
  /** Ids are made when it is looked at: what is sent again has the same ones. */
  find(headed: boolean, map: ColumnMap, choices: ReadChoices, library: Names[0], sites: Names[1]): TableFound {
    const found = readLogTable(headed ? rows.slice(1) : rows, map, choices, logNames(library, sites), freshId);
    ({ entries } = found);
    return {
      count: entries.length,
      shown: entries.slice(0, SHOWN_ENTRIES),
      problems: found.problems.slice(0, SHOWN_PROBLEMS),
      faults: found.problems.length,
    };
  },
  part: (from: number, to: number): NewEntry[] => entries.slice(from, to),
};
export type LogTable = typeof logTable;

expose(logTable);
