import { z } from './zod';
import { choice, date, id } from './fields';

/** The days of a year that move a calendar: a plant’s first and last flower, a creature’s first and last adult. */
export const SEEN_KINDS = ['first-bloom', 'last-bloom', 'first-flight', 'last-flight'] as const;
export type SeenKind = (typeof SEEN_KINDS)[number];

/** One such day as the gardener saw it, of a plant or a target of the library. */
export const SeenFields = z.object({
  of: id,
  what: choice(SEEN_KINDS, 'what was seen'),
  on_day: date,
  note: z.string().max(500, 'Keep the note under 500 characters.').default(''),
});
export type SeenFields = z.infer<typeof SeenFields>;
export type Seen = SeenFields & { id: string; revision: number };

/** What was seen, in words. */
export const SEEN_WORDS: Record<SeenKind, string> = {
  'first-bloom': 'first flower',
  'last-bloom': 'last flower',
  'first-flight': 'first adult',
  'last-flight': 'last adult',
};
