import type { EntryFields } from '../../model/log';
import type { LogNames } from './names';

/** The columns in which the log is written as CSV, and in which it is read back. */
export const LOG_COLUMNS = [
  'day',
  'time',
  'what',
  'name',
  'scientific',
  'count',
  'doing',
  'size',
  'on_plant',
  'bed',
  'place',
  'minutes',
  'walk',
  'amount',
  'cause',
  'truly',
  'temp_c',
  'sky',
  'wind',
  'first_or_last',
  'note',
] as const;
export type LogColumn = (typeof LOG_COLUMNS)[number];

/** Entries as rows of text, by the columns; creatures, plants and beds by their names. */
export function logRows(entries: readonly (EntryFields & { id: string })[], names: LogNames): string[][] {
  const text = (value: string | number | null): string => (value === null ? '' : String(value));
  return entries.map((entry) => {
    const { of, called, plant, true_plant, site_id, walk_id } = entry;
    const cells: Record<LogColumn, string> = {
      day: entry.on_day,
      time: text(entry.at),
      what: entry.what,
      name: of === null ? called : names.commonOf(of),
      scientific: of === null ? '' : names.scientificOf(of),
      count: text(entry.count),
      doing: text(entry.doing),
      size: text(entry.size),
      on_plant: plant === null ? '' : names.commonOf(plant),
      bed: site_id === null ? '' : names.siteOf(site_id),
      place: entry.place,
      minutes: text(entry.minutes),
      // A walk and what was counted on it have the same word here.
      walk: entry.what === 'walk' ? entry.id : text(walk_id),
      amount: text(entry.amount),
      cause: text(entry.cause),
      truly: true_plant === null ? '' : names.commonOf(true_plant),
      temp_c: text(entry.temp_c),
      sky: text(entry.sky),
      wind: text(entry.wind),
      first_or_last: text(entry.counts_as),
      note: entry.note,
    };
    return LOG_COLUMNS.map((column) => cells[column]);
  });
}
