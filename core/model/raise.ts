import { z } from './zod';
import { choice, date, id, line, number } from './fields';
import { RAISE_METHODS } from './vocabulary';

/**
 * Batches: seed sown, cuttings stuck or a plant divided on one day, and what became of them. The counts of a look are
 * totals so far, so that a look that was left out loses nothing.
 */
const total = (what: string) => number(0, 10_000, what).int('Count whole ones.').default(0);

export const LookFields = z
  .object({
    on_day: date,
    /** Came up or rooted; of those: lost, potted on or pricked out, planted out, given away. */
    up: total('how many came up or rooted'),
    lost: total('how many were lost'),
    potted: total('how many were potted'),
    planted: total('how many were planted out'),
    given: total('how many were given away'),
    note: z.string().max(300, 'Keep the note under 300 characters.').default(''),
  })
  .refine((look) => look.lost + look.planted + look.given <= look.up, {
    path: ['up'],
    message: 'More were lost, planted and given away than ever came up.',
  })
  .refine((look) => look.potted <= look.up, { path: ['potted'], message: 'More were potted than ever came up.' });

const fields = z.object({
  plant: id,
  method: choice(RAISE_METHODS, 'a way of raising it'),
  /** Where the seed or the cuttings come from. */
  source: line(120, 'Keep the source under 120 characters.').default(''),
  /** The day it is to begin, and the day it did. */
  planned_on: date,
  begun_on: date.nullable().default(null),
  /** Seeds, cuttings or pieces; the containers they are in, and where those stand. */
  units: number(1, 10_000, 'how many seeds, cuttings or pieces').int('Count whole ones.'),
  containers: number(0, 1000, 'how many containers').int('Count whole ones.').default(0),
  place: line(120, 'Keep the place under 120 characters.').default(''),
  /** Plants wanted of it. */
  wanted: number(0, 5000, 'how many plants are wanted').int('Count whole plants.').default(0),
  looks: z.array(LookFields).max(200, 'Keep at most 200 looks with one batch.').default([]),
  /** Nothing more comes of it: its figures count. */
  ended: z.boolean().default(false),
  note: z.string().max(500, 'Keep the note under 500 characters.').default(''),
});
export const BATCH_SHAPE = fields.shape;

export const BatchFields = fields
  .refine((batch) => batch.looks.length === 0 || batch.begun_on !== null, {
    path: ['begun_on'],
    message: 'Say when it was begun: something was counted already.',
  })
  .refine((batch) => batch.looks.every((look) => look.up <= batch.units), {
    path: ['units'],
    message: 'More came up than were sown.',
  })
  .refine((batch) => batch.looks.every((look, i) => i === 0 || batch.looks[i - 1]!.on_day <= look.on_day), {
    path: ['looks'],
    message: 'The looks are not in the order of their days.',
  });

export type LookFields = z.infer<typeof LookFields>;
export type BatchFields = z.infer<typeof BatchFields>;
export type Batch = BatchFields & { id: string; revision: number };
