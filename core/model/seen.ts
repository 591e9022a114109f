import type { SeenKind } from './vocabulary';

/** A first or last day of bloom or flight, as the log gives it: what moves the calendar of a garden. */
export interface Seen {
  /** The entry of the log that it comes from. */
  id: string;
  /** A plant or a creature of the library. */
  of: string;
  what: SeenKind;
  on_day: string;
  /** Did the gardener say that it is the first or the last? If not, it counts only near what is expected. */
  sure: boolean;
}
