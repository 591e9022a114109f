import type { Library } from '../model/reference';
import type { Steps } from '../model/steps';

/**
 * The library as it travels: a fraction of its plain JSON, and read list by list. Each line is one list as JSON: its name,
 * its columns, and for each column the values of all its rows, since what stands together is alike and packs well.
 */
export type LibraryList = keyof Library;

/** What is asked first, where a garden is made and named; everything that grows and flies; and how it is cared for and raised, which work asks. */
export const LIBRARY_PARTS = {
  places: ['regions', 'normals', 'areas'],
  living: [
    'targets',
    'occurrence',
    'flights',
    'hosts',
    'plants',
    'blooms',
    'status',
    'cautions',
    'clearing',
    'lookalikes',
    'prices',
  ],
  tending: ['care', 'tags', 'propagation', 'symptoms', 'causes', 'checks'],
} as const satisfies Record<string, LibraryList[]>;
export type LibraryPart = keyof typeof LIBRARY_PARTS;
export type PartOfLibrary<P extends LibraryPart> = Pick<Library, (typeof LIBRARY_PARTS)[P][number]>;

/** The lists of one part, of a whole library. */
export function partOf<P extends LibraryPart>(library: Library, part: P): PartOfLibrary<P> {
  return Object.fromEntries(LIBRARY_PARTS[part].map((list) => [list, library[list]])) as unknown as PartOfLibrary<P>;
}

/** Rows that are read in one step. */
const ROWS_A_STEP = 200;

/** One part of a library as it travels. Rows of one list have the same columns. */
export function packed(library: Library, part: LibraryPart): string {
  return LIBRARY_PARTS[part]
    .map((list) => {
      const rows: readonly object[] = library[list];
      const columns = Object.keys(rows[0] ?? {});
      return JSON.stringify([
        list,
        columns,
        columns.map((column) => rows.map((row) => (row as Record<string, unknown>)[column])),
      ]);
    })
    .join('\n');
}

/** Reads what `packed` wrote. Throws a SyntaxError where it is not JSON. */
export function* unpacked<P extends LibraryPart>(text: string): Steps<PartOfLibrary<P>> {
  const found: Record<string, object[]> = {};
  for (const line of text.split('\n')) {
    const [list, columns, values] = JSON.parse(line) as [string, string[], unknown[][]];
    yield;
    const rows: object[] = [];
    for (let n = 0; n < (values[0]?.length ?? 0); n++) {
      if (n % ROWS_A_STEP === ROWS_A_STEP - 1) yield;
      const one: Record<string, unknown> = {};
      for (let i = 0; i < columns.length; i++) one[columns[i]!] = values[i]![n];
      rows.push(one);
    }
    found[list] = rows;
  }
  return found as unknown as PartOfLibrary<P>;
}
