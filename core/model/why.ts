import { z } from './zod';
import { date, id } from './fields';

/** The record of a question that was asked: what was seen, what was answered, and what came of it. */
const OUTCOMES = ['helped', 'partly', 'not', 'dropped'] as const;
export type Outcome = (typeof OUTCOMES)[number];

const answer = z.object({ check: id, yes: z.boolean(), on_day: date });
/** What a look at the plant or creature showed: the answer to a check. */
export type Answer = z.infer<typeof answer>;

export const CaseFields = z
  .object({
    /** The plant or creature it is about; null: only what is seen is known. */
    of: id.nullable().default(null),
    symptom: id,
    planting_id: id.nullable().default(null),
    site_id: id.nullable().default(null),
    /** The batch it is about, where it is one. */
    batch_id: id.nullable().default(null),
    seen_on: date,
    answers: z.array(answer).max(60, 'Keep at most 60 answers with one case.').default([]),
    /** The cause that the gardener acts on, and when that began. */
    cause: id.nullable().default(null),
    acted_on: date.nullable().default(null),
    /** When it is asked whether it helped. */
    ask_on: date.nullable().default(null),
    outcome: z.enum(OUTCOMES).nullable().default(null),
    closed_on: date.nullable().default(null),
    note: z.string().max(500, 'Keep the note under 500 characters.').default(''),
  })
  .refine((row) => row.cause !== null || row.acted_on === null, {
    path: ['cause'],
    message: 'Say which cause you act on.',
  })
  .refine((row) => (row.outcome === null) === (row.closed_on === null), {
    path: ['closed_on'],
    message: 'A case is closed on a day, with what came of it.',
  });
export const CASE_SHAPE = CaseFields.shape;

export type CaseFields = z.infer<typeof CaseFields>;
export type Case = CaseFields & { id: string; revision: number };
