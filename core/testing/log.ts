import type { Entry } from '../model/log';
import { BLANK_ENTRY } from '../model/blank-entry';

let made = 0;

/** An entry of a log that says what it is, of whom and when, and what is given besides. */
export const entry = (what: Entry['what'], of: string | null, on_day: string, over: Partial<Entry> = {}): Entry => ({
  ...BLANK_ENTRY,
  id: `e${++made}`,
  revision: 0,
  what,
  of,
  on_day,
  ...over,
});
