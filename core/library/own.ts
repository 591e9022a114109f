import type { OwnRowFields } from '../model/garden';
import { monthDayOf } from '../model/half-month';
import { Flight, type Library, SCHEMAS } from '../model/reference';
import { TABLES, type ReferenceFile } from '../model/tables';
import { checkRows } from './check';
import { basisCorrected } from './basis';
import { cellsOf, keyOf, rowsOf, type Cells } from './cells';
import { isSeedMethod } from './ways';

/**
 * The gardener's own rows of the library: corrected, added or struck out. They are stored apart from the shipped
 * library, and win over it.
 */

/** The shipped library with a gardener's own rows laid over it. Own rows are taken to be well-formed. */
export function withOwn(library: Library, own: readonly OwnRowFields[]): Library {
  if (own.length === 0) return library;
  const laid: Library = { ...library };
  // A change that is undone may bring back a row of a table that is no more.
  for (const file of new Set(own.map((row) => row.file).filter((name) => name in TABLES))) {
    const mine = new Map(own.filter((row) => row.file === file).map((row) => [row.key, row]));
    const parse = (cells: Cells) => SCHEMAS[file].parse(asNow(file, cells)) as object;
    const rows: object[] = [];
    for (const shipped of rowsOf(library, file)) {
      const key = keyOf(file, shipped);
      const over = mine.get(key);
      mine.delete(key);
      if (!over) rows.push(shipped);
      else if (over.cells)
        rows.push(parse(file === 'plants.csv' ? basisCorrected(over.cells, cellsOf(file, shipped)) : over.cells));
    }
    for (const added of mine.values()) if (added.cells) rows.push(parse(added.cells));
    (laid as unknown as Record<string, object[]>)[TABLES[file].list] = rows;
  }
  return withEarlierFlights(laid, own);
}

/**
 * Own rows of occurrence.csv saved before the parts of a year had a table of their own state the flight themselves: it
 * stands in place of the shipped parts, unless the gardener has since said more in flights.csv.
 */
function withEarlierFlights(library: Library, own: readonly OwnRowFields[]): Library {
  const said = new Set(
    own.flatMap(({ file, key }) => (file === 'flights.csv' ? [key.split(' + ').slice(0, 2).join(' + ')] : [])),
  );
  const earlier = own.flatMap(({ file, key, cells }): Flight[] => {
    if (file !== 'occurrence.csv' || !cells?.first || !cells.last || said.has(key)) return [];
    const { target, region, status, first, last, broods = '0' } = cells;
    const part = status === 'winter' ? 'winter' : broods === '0' ? 'passage' : 'breeding';
    const laying = part === 'breeding' ? 'y' : 'n';
    const row = Flight.safeParse({ target, region, part, first, last, broods, laying, zones: '' });
    return row.success ? [row.data] : [];
  });
  if (earlier.length === 0) return library;
  const replaced = new Set(earlier.map((row) => `${row.target} + ${row.region}`));
  return {
    ...library,
    flights: [...library.flights.filter((row) => !replaced.has(`${row.target} + ${row.region}`)), ...earlier],
  };
}

/** A row of care as its columns are now: one saved before care had windows says one day, by an anchor and days from it. */
function careNow(cells: Cells): Cells {
  if (!isEarlierCare(cells)) return cells;
  const { plant = '', action = '', anchor = '', offset_days = '0', zones = '', note = '' } = cells;
  const days = Number(offset_days);
  const offset = days === 0 ? '' : days > 0 ? `+${days}` : String(days);
  const from = anchor === 'month' ? monthDayOf(days) : anchor === 'night-below-c' ? `cool-nights ${days}` : `${anchor}${offset}`;
  const { every_days = '', every_years = '', school = '' } = cells;
  return {
    plant,
    action: action === 'plant-out' ? 'watch' : action,
    from,
    until: '',
    every_days,
    every_years,
    where: zones,
    school,
    thirst: action === 'water' ? 'even' : '',
    minutes: '1',
    tools: '',
    unit: '',
    how: note || 'As you wrote it down.',
    why: note || 'A row of your own.',
    confidence: 'medium',
  };
}
const isEarlierCare = (cells: Cells): boolean => 'anchor' in cells;

/** A way of raising as its columns are now: rows saved before had single figures for the days and the share. */
function wayNow(cells: Cells): Cells {
  if (!isEarlierWay(cells)) return cells;
  const { plant = '', method = '', stratify_days = '', light = 'n', treatment = 'none', germinate_c = '', rate = '' } = cells;
  const { germinate_days = '', rooting_days = '', node_count = '', divide_every_years = '', note = '' } = cells;
  const now = EARLIER_METHODS[method] ?? method;
  const seed = isSeedMethod(now);
  const days = seed ? germinate_days : rooting_days;
  const share = rate || '0.5';
  return {
    plant,
    method: now === 'bought' ? 'any' : now,
    never: now === 'bought' ? 'y' : 'n',
    window: '',
    treatment: treatment === 'none' || treatment === 'double' ? '' : treatment,
    chill_days: seed ? stratify_days || (now === 'chilled-indoors' ? '30' : '0') : '',
    depth_mm: seed ? (light === 'y' ? '0' : '5') : '',
    warmth_c: germinate_c,
    days_from: days,
    days_to: days,
    rate_from: share,
    rate_to: share,
    nodes: node_count,
    every_from: divide_every_years,
    every_to: divide_every_years,
    fails: note,
    confidence: 'low',
  };
}
const isEarlierWay = (cells: Cells): boolean => 'stratify_days' in cells;
const EARLIER_METHODS: Record<string, string> = {
  'winter-outdoor': 'winter-container',
  'autumn-direct': 'autumn-in-place',
  'spring-direct': 'spring-in-place',
  'chill-indoor': 'chilled-indoors',
  indoor: 'indoors',
  layer: 'layering',
};

/** The cells of an own row as the columns of its file are now. */
function asNow(file: ReferenceFile, cells: Cells): Cells {
  if (file === 'care.csv') return careNow(cells);
  return file === 'propagation.csv' ? wayNow(cells) : cells;
}

/** What is wrong with an own row by itself, by column: its cells against the schema of their file. */
export function malformed({ file, key, cells }: OwnRowFields): Record<string, string> {
  if (!cells) return {};
  if ((file === 'care.csv' && isEarlierCare(cells)) || (file === 'propagation.csv' && isEarlierWay(cells)))
    return SCHEMAS[file].safeParse(asNow(file, cells)).success ? {} : { plant: 'This row of an earlier version cannot be read.' };
  const result = SCHEMAS[file].safeParse(cells);
  if (!result.success)
    return Object.fromEntries(result.error.issues.map((issue) => [issue.path.join('.'), issue.message]).reverse());
  return keyOf(file, result.data) === key
    ? {}
    : { [TABLES[file].key[0]!]: 'The names that make this row its own cannot be changed: add another row.' };
}

/**
 * One own row checked: by its schema, and by what it would contradict in the library it is laid over. Returns
 * the problems by column; empty where it may stand.
 */
export function problemsOfOwn(library: Library, row: OwnRowFields): Record<string, string> {
  const problems = malformed(row);
  if (Object.keys(problems).length > 0) return problems;
  const before = new Set(checkRows(library).map(({ file, about, message }) => file + about + message));
  for (const { file, about, message } of checkRows(withOwn(library, [row])))
    if (!before.has(file + about + message))
      problems[row.file === file ? 'row' : 'library'] ??= row.file === file ? message : `${about}: ${message}`;
  return problems;
}
