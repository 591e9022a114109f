import { EntryFields, type NewEntry } from '../../model/log';
import { BLANK_ENTRY } from '../../model/blank-entry';
import { ENTRY_KINDS, isPlantNote, isSighting, type EntryKind } from '../../model/vocabulary';
import { KIND_SYNONYMS } from './synonyms';
import { LOG_COLUMNS, type LogColumn } from './csv-table';
import type { LogNames } from './names';

/** Which column of a table (from 0) gives which of ours. */
export type ColumnMap = Partial<Record<LogColumn, number>>;

/** How a table writes its days. */
export const DAY_ORDERS = ['year-month-day', 'month/day/year', 'day/month/year'] as const;
export type DayOrder = (typeof DAY_ORDERS)[number];

export interface ReadChoices {
  days: DayOrder;
  /** A blank name or kind repeats the one above, as one writes lists by hand. */
  repeat: boolean;
  /** A creature the library does not have is written down as it is called; else it is refused. */
  unknown: boolean;
  /** What a row is that does not say so. */
  kind: EntryKind;
}

/** What cannot be read: in which row (from 1, without the heading) and column, and what would be right. */
export interface TableProblem {
  row: number;
  column: string;
  message: string;
}

const plain = (word: string) =>
  word
    .trim()
    .toLowerCase()
    .replace(/[\s_-]+/g, ' ');

const HEADINGS: Record<LogColumn, readonly string[]> = {
  day: ['day', 'date', 'event date', 'observed on', 'when'],
  time: ['time', 'event time', 'hour'],
  what: ['what', 'stage', 'life stage', 'kind', 'type'],
  name: ['name', 'species', 'creature', 'common name', 'who', 'vernacular name'],
  scientific: ['scientific', 'scientific name', 'latin name', 'taxon'],
  count: ['count', 'number', 'individual count', 'how many', 'n'],
  doing: ['doing', 'behavior', 'behaviour', 'activity'],
  size: ['size', 'instar'],
  on_plant: ['on plant', 'plant', 'on', 'nectar plant', 'host plant', 'host'],
  bed: ['bed', 'site'],
  place: ['place', 'location', 'locality', 'where'],
  minutes: ['minutes', 'effort', 'duration'],
  walk: ['walk', 'event id'],
  amount: ['amount', 'height cm', 'measure'],
  cause: ['cause'],
  truly: ['truly', 'true name'],
  temp_c: ['temp c', 'temperature'],
  sky: ['sky'],
  wind: ['wind'],
  first_or_last: ['first or last'],
  note: ['note', 'notes', 'remarks', 'comment', 'comments'],
};

/** The columns of a table by their headings, as far as they are known words. */
export function guessColumns(headings: readonly string[]): ColumnMap {
  const found: ColumnMap = {};
  headings.forEach((heading, i) => {
    const column = LOG_COLUMNS.find((one) => found[one] === undefined && HEADINGS[one].includes(plain(heading)));
    if (column) found[column] = i;
  });
  return found;
}

/** A day as a table writes it, as an ISO date; null where it is none. A year of two digits is of this century. */
function dayOf(text: string, order: DayOrder): string | null {
  const parts = text
    .trim()
    .split(/[-/. T]/)
    .slice(0, 3);
  if (parts.length < 3 || parts.some((part) => !/^\d{1,4}$/.test(part))) return null;
  const numbers = parts.map(Number) as [number, number, number];
  const isoFirst = parts[0]!.length === 4;
  const [year, month, day] =
    order === 'year-month-day' || isoFirst
      ? numbers
      : order === 'month/day/year'
        ? [numbers[2], numbers[0], numbers[1]]
        : [numbers[2], numbers[1], numbers[0]];
  const full = year < 100 ? 2000 + year : year;
  return `${String(full).padStart(4, '0')}-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`;
}

/** Time as 14:30 from 14:30, 2:30 pm or 14.30; the text as it is where it is none. */
function timeOf(text: string): string {
  const found = /^(\d{1,2})[:.](\d\d)(?::\d\d)?\s*([ap]m)?/i.exec(text.trim());
  if (!found) return text.trim();
  const hour = (Number(found[1]) % (found[3] ? 12 : 24)) + (found[3]?.toLowerCase() === 'pm' ? 12 : 0);
  return `${String(hour).padStart(2, '0')}:${found[2]}`;
}

function kindOf(text: string): EntryKind | null {
  const word = plain(text);
  return ENTRY_KINDS.find((kind) => plain(kind) === word) ?? KIND_SYNONYMS[word] ?? null;
}

/**
 * Reads rows of a table as entries of the log: all of them, or none and what is wrong with each, by row and column.
 * `newId` makes the ids; rows of one walk are tied by its word in the column `walk`.
 */
export function readLogTable(
  rows: readonly (readonly string[])[],
  map: ColumnMap,
  choices: ReadChoices,
  names: LogNames,
  newId: () => string,
): { entries: NewEntry[]; problems: TableProblem[] } {
  const entries: NewEntry[] = [];
  const problems: TableProblem[] = [];
  const walks = new Map<string, string>();
  const walkId = (word: string) => {
    const id = walks.get(word) ?? newId();
    walks.set(word, id);
    return id;
  };
  let [lastName, lastKind] = ['', choices.kind as string];
  rows.forEach((row, i) => {
    if (row.every((cell) => cell.trim() === '')) return;
    const cell = (column: LogColumn): string => (map[column] === undefined ? '' : (row[map[column]] ?? '').trim());
    const wrong = (column: string, message: string) => problems.push({ row: i + 1, column, message });
    const number = (column: LogColumn): number | null => {
      const text = cell(column).replace(',', '.');
      if (text === '') return null;
      const value = Number(text);
      if (Number.isNaN(value)) wrong(column, `“${cell(column)}” is no number.`);
      return value;
    };
    let name = cell('name') || cell('scientific');
    let kindText = cell('what');
    const kindSaid = kindText !== '';
    if (choices.repeat) {
      if (!name && !kindSaid) name = lastName;
      else if (!name && kindSaid && kindOf(kindText) !== 'walk') name = lastName;
      if (!kindSaid) kindText = map.what === undefined ? choices.kind : lastKind;
    }
    if (!kindText) kindText = choices.kind;
    const what = kindOf(kindText);
    if (what === null) return wrong('what', `“${kindText}” is none of: ${ENTRY_KINDS.join(', ')}.`);
    [lastName, lastKind] = [name, kindText];
    const on_day = dayOf(cell('day'), choices.days);
    if (on_day === null) return wrong('day', `“${cell('day')}” is no day; days are read as ${choices.days}.`);
    const before = problems.length;
    const find = (text: string, by: (name: string) => string | null, column: LogColumn, kind: string): string | null => {
      if (!text) return null;
      const found = by(text);
      if (found === null) wrong(column, `The library has no ${kind} “${text}”.`);
      return found;
    };
    let of: string | null = null;
    let called = '';
    if (isSighting(what)) {
      of = (cell('scientific') && names.creature(cell('scientific'))) || names.creature(name);
      if (of === null && name) {
        if (choices.unknown) called = name;
        else wrong(cell('name') ? 'name' : 'scientific', `The library has no creature “${name}”.`);
      }
    } else if (isPlantNote(what)) of = find(name, names.plant, 'name', 'plant');
    else if (what === 'released') {
      of = names.creature(name);
      called = of === null ? name : '';
    }
    const bed = cell('bed');
    const site_id = bed ? names.site(bed) : null;
    const place = [bed && site_id === null ? bed : '', cell('place')].filter(Boolean).join(', ');
    const plant = find(cell('on_plant'), names.plant, 'on_plant', 'plant');
    const true_plant = find(cell('truly'), names.plant, 'truly', 'plant');
    const walk = cell('walk');
    const fields = {
      ...BLANK_ENTRY,
      what,
      of,
      called,
      on_day,
      at: cell('time') ? timeOf(cell('time')) : null,
      count: number('count'),
      plant,
      doing: cell('doing') || null,
      size: cell('size') || null,
      site_id,
      place,
      walk_id: walk && what !== 'walk' ? walkId(walk) : null,
      minutes: number('minutes'),
      amount: number('amount'),
      cause: cell('cause') || null,
      true_plant,
      temp_c: number('temp_c'),
      sky: cell('sky') || null,
      wind: cell('wind') || null,
      counts_as: cell('first_or_last') || null,
      note: cell('note'),
    };
    if (problems.length > before) return;
    const result = EntryFields.safeParse(fields);
    if (!result.success) {
      for (const issue of result.error.issues) wrong(columnOf(String(issue.path[0] ?? '')), issue.message);
      return;
    }
    entries.push({ ...result.data, id: what === 'walk' && walk ? walkId(walk) : newId() });
  });
  return problems.length > 0 ? { entries: [], problems } : { entries, problems };
}

/** The column of a field of an entry. */
const COLUMN_OF: Record<string, LogColumn> = {
  on_day: 'day',
  at: 'time',
  of: 'name',
  called: 'name',
  plant: 'on_plant',
  site_id: 'bed',
  walk_id: 'walk',
  true_plant: 'truly',
  counts_as: 'first_or_last',
};
const columnOf = (field: string): string => COLUMN_OF[field] ?? field;
