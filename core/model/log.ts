import { z } from './zod';
import { choice, date, id, line, number } from './fields';
import * as words from './vocabulary';

/**
 * What is written down in a garden: who was seen, what a plant did or suffered, walks, and what was released. All are
 * entries of one log, told apart by `what`; of the fields beside it those are given that say something of it.
 */
const whole = (min: number, max: number, what: string) => number(min, max, what).int('Give a whole number.');

const fields = z.object({
  what: choice(words.ENTRY_KINDS, 'what it is'),
  /** A creature or plant of the library; null: none of them, or not known which. */
  of: id.nullable().default(null),
  /** As it was called by whoever saw it, where the library has no name for it: `a small orange one`. */
  called: line(120, 'Keep it under 120 characters.').default(''),
  on_day: date,
  /** Time of the day by the clock. */
  at: z
    .string()
    .regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'Give the time as 14:30.')
    .nullable()
    .default(null),
  /** How many; null: not counted. */
  count: whole(0, 100_000, 'how many').nullable().default(null),
  /** The plant it was on, and what it did there. */
  plant: id.nullable().default(null),
  doing: choice(words.DOINGS, 'what it did').nullable().default(null),
  /** Of a caterpillar. */
  size: choice(words.LARVA_SIZES, 'how large it was').nullable().default(null),
  site_id: id.nullable().default(null),
  /** A place that is no bed of the garden. */
  place: line(120, 'Keep the place under 120 characters.').default(''),
  /** The planting that it is about. */
  planting_id: id.nullable().default(null),
  /** The walk on which it was counted. */
  walk_id: id.nullable().default(null),
  /** Of a walk: how long it took. */
  minutes: number(1, 1440, 'the minutes').nullable().default(null),
  /** A height in centimetres, or the percent of leaf that is left. */
  amount: number(0, 5000, 'the measure').nullable().default(null),
  /** Of a loss. */
  cause: choice(words.LOSS_CAUSES, 'a cause').nullable().default(null),
  /** What a mislabelled plant is in truth. */
  true_plant: id.nullable().default(null),
  /** The weather of the hour. */
  temp_c: number(-60, 60, 'the temperature in °C').nullable().default(null),
  sky: choice(words.SKIES, 'the sky').nullable().default(null),
  wind: choice(words.WINDS, 'the wind').nullable().default(null),
  /** Is it the first or the last of its year? null: nobody was asked, and its day counts as far as it is near what is expected. */
  counts_as: choice(words.DATE_ROLES, 'first, last or neither').nullable().default(null),
  note: z.string().max(500, 'Keep the note under 500 characters.').default(''),
  /** Photographs of it, by their ids. */
  photos: z.array(id).max(12, 'Keep at most twelve photographs with one entry.').default([]),
});

export const EntryFields = fields
  .refine((row) => !words.isSighting(row.what) || row.of !== null || row.called !== '', {
    path: ['of'],
    message: 'Say which creature it was, or how it looked.',
  })
  .refine((row) => !words.isPlantNote(row.what) || row.of !== null, { path: ['of'], message: 'Say which plant.' })
  .refine((row) => row.what !== 'walk' || row.minutes !== null, {
    path: ['minutes'],
    message: 'Say how many minutes the walk took.',
  })
  .refine((row) => row.what !== 'released' || row.called !== '' || row.of !== null, {
    path: ['called'],
    message: 'Say what was released.',
  })
  .refine((row) => row.what !== 'lost' || (row.count !== null && row.count >= 1), {
    path: ['count'],
    message: 'Say how many were lost.',
  })
  .refine(
    (row) => row.what !== 'mislabelled' || (row.true_plant !== null && row.true_plant !== row.of && row.planting_id !== null),
    {
      path: ['true_plant'],
      message: 'Say which planting it is and what the plant is in truth.',
    },
  )
  .refine((row) => (row.what !== 'height' && row.what !== 'leaf') || row.amount !== null, {
    path: ['amount'],
    message: 'Give the measure.',
  })
  .refine((row) => row.what !== 'leaf' || row.amount === null || row.amount <= 100, {
    path: ['amount'],
    message: 'The leaf that is left is at most 100 percent.',
  });

const jpeg = (most: number, what: string) =>
  z
    .string()
    .max(most, `${what} is too large.`)
    .regex(/^data:image\/jpeg;base64,[A-Za-z0-9+/=]+$/, `${what} is sent as a JPEG.`);

/** A photograph as it is sent and as a file holds it: as it is looked at, and as it lies in a strip. */
export const PhotoFields = z.object({
  full: jpeg(2_000_000, 'The photograph'),
  small: jpeg(120_000, 'The small photograph'),
});
export const Photo = PhotoFields.extend({ id });
export type PhotoFields = z.infer<typeof PhotoFields>;

/** The columns of an entry. */
export const ENTRY_SHAPE = fields.shape;

/** An entry as it is sent: its id is made where it is written, so that one sent twice is saved once. */
export const NewEntry = EntryFields.and(z.object({ id }));

export type EntryFields = z.infer<typeof EntryFields>;
export type NewEntry = EntryFields & { id: string };
export type Entry = EntryFields & { id: string; revision: number };
