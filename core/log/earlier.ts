import type { GardenFile } from '../model/garden';
import { BLANK_ENTRY } from '../model/blank-entry';
import type { NewEntry } from '../model/log';

/** The log of a garden file, with the dates of an earlier one as entries of it. */
export function entriesOf({ log, seen }: Pick<GardenFile, 'log' | 'seen'>): NewEntry[] {
  const dates = seen.map(({ of, what, on_day, note }, i): NewEntry => {
    const counts_as = what.startsWith('first') ? 'first' : 'last';
    const kind = what.endsWith('flight') ? 'adult' : (`${counts_as}-flower` as const);
    return { ...BLANK_ENTRY, id: `earlier-${i + 1}`, what: kind, of, on_day, note, counts_as };
  });
  return [...dates, ...log];
}
