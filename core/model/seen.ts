import { z } from './zod';
import { choice, date, id } from './fields';
import { SEEN_KINDS } from './vocabulary';

/** One such day as the gardener saw it, of a plant or a target of the library. */
export const SeenFields = z.object({
  of: id,
  what: choice(SEEN_KINDS, 'what was seen'),
  on_day: date,
  note: z.string().max(500, 'Keep the note under 500 characters.').default(''),
});
export type SeenFields = z.infer<typeof SeenFields>;
export type Seen = SeenFields & { id: string; revision: number };
