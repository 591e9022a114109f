import type { Entry } from '../model/log';
import { isPlantNote, isSighting } from '../model/vocabulary';
import type { LogBook } from './book';

/** What of a log is listed. The work that was done is written down by Work, and no entry is of that group. */
export const LOG_GROUPS = ['all', 'creatures', 'plants', 'walk', 'released', 'picture', 'work'] as const;
export type LogGroup = (typeof LOG_GROUPS)[number];

export interface LogFilter {
  group: LogGroup;
  year: number | null;
  /** A bed; null: any. */
  site: string | null;
  /** A creature or plant; null: any. */
  of: string | null;
  /** Words that are in what an entry says, every one of them. */
  words: string;
}

const inGroup = ({ what }: Entry, group: LogGroup): boolean =>
  group === 'all' || (group === 'creatures' ? isSighting(what) : group === 'plants' ? isPlantNote(what) : what === group);

/** What entries say, in lower case: written out once for each. */
const texts = new WeakMap<Entry, string>();
function textOf(entry: Entry, say: (entry: Entry) => string): string {
  const known = texts.get(entry);
  if (known !== undefined) return known;
  const text = `${say(entry)} ${entry.note} ${entry.place}`.toLowerCase();
  texts.set(entry, text);
  return text;
}

/** The entries of a log that a filter lets through, newest first. `say`: an entry in one line, as the list shows it. */
export function listed(book: LogBook, { group, year, site, of, words }: LogFilter, say: (entry: Entry) => string): Entry[] {
  const wanted = words.toLowerCase().split(/\s+/).filter(Boolean);
  const from = of !== null ? book.about(of) : year !== null ? book.inYear(year) : book.entries;
  return from.filter(
    (entry) =>
      inGroup(entry, group) &&
      (year === null || entry.on_day.startsWith(`${year}-`)) &&
      (site === null || entry.site_id === site) &&
      (wanted.length === 0 || wanted.every((word) => textOf(entry, say).includes(word))),
  );
}
