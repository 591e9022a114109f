import type { Entry } from '../model/log';

/** What changed of a log since some change. */
export interface LogSince {
  /** The number of the last change in it. */
  at: number;
  /** Is it all of the log, rather than what changed? */
  whole: boolean;
  /** How many entries the log has by now: whoever has another number has missed something. */
  count: number;
  put: readonly Entry[];
  /** Entries that are gone. */
  gone: string[];
}

/** The same as it travels: columns once, and rows as values in their order. */
export type PackedLog = Omit<LogSince, 'put'> & { columns: string[]; rows: unknown[][] };

export function packedLog({ put, ...rest }: LogSince): PackedLog {
  const columns = Object.keys(put[0] ?? {});
  return { ...rest, columns, rows: put.map((row) => columns.map((column) => row[column as keyof Entry])) };
}

export function unpackedLog({ columns, rows }: Pick<PackedLog, 'columns' | 'rows'>): Entry[] {
  return rows.map((row) => {
    const entry: Record<string, unknown> = {};
    for (let i = 0; i < columns.length; i++) entry[columns[i]!] = row[i];
    return entry as unknown as Entry;
  });
}
