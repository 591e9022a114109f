import type { Entry } from '../model/log';

/** What changed of a log since some change, as it travels: columns once, and rows as values in their order. */
export interface PackedLog {
  /** The number of the last change in it. */
  at: number;
  columns: string[];
  rows: unknown[][];
  /** Entries that are gone. */
  gone: string[];
}

export function packedLog({ at, put, gone }: { at: number; put: readonly Entry[]; gone: string[] }): PackedLog {
  const columns = Object.keys(put[0] ?? {});
  return { at, columns, rows: put.map((row) => columns.map((column) => row[column as keyof Entry])), gone };
}

export function unpackedLog({ columns, rows }: Pick<PackedLog, 'columns' | 'rows'>): Entry[] {
  return rows.map((row) => Object.fromEntries(columns.map((column, i) => [column, row[i]])) as unknown as Entry);
}
