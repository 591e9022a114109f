import type { EntryFields } from './log';

const BLANK = {
  of: null,
  called: '',
  at: null,
  count: null,
  plant: null,
  doing: null,
  size: null,
  site_id: null,
  place: '',
  planting_id: null,
  walk_id: null,
  minutes: null,
  amount: null,
  cause: null,
  true_plant: null,
  temp_c: null,
  sky: null,
  wind: null,
  counts_as: null,
  note: '',
} as const satisfies Omit<EntryFields, 'what' | 'on_day' | 'photos'>;

/** An entry of which nothing is said yet beside what it is and when. */
export const BLANK_ENTRY: Omit<EntryFields, 'what' | 'on_day'> = { ...BLANK, photos: [] };
