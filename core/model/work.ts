import { z } from './zod';
import { choice, date, id, line, number } from './fields';
import { CARE_ACTIONS } from './vocabulary';

/** What a gardener says of the work: a task done, skipped or put off, and tasks of their own. */
const WORK_KINDS = ['done', 'skipped', 'put-off', 'own'] as const;

export const WorkFields = z
  .object({
    what: choice(WORK_KINDS, 'done, skipped, put off or a task of your own'),
    /** The task it speaks of; of an own task its own name, under which it is done again. */
    task: z.string().trim().min(1, 'Say which task is meant.').max(200),
    /** When it was done, skipped or put off; of an own task the first day of it. */
    on_day: date,
    /** Put off until. */
    until: date.nullable().default(null),
    /** Of an own task: what is to be done, where, for how long, and after how many days again. */
    title: line(120, 'Keep it under 120 characters.').default(''),
    action: z.enum(CARE_ACTIONS).nullable().default(null),
    site_id: id.nullable().default(null),
    minutes: number(0, 1440, 'the minutes').nullable().default(null),
    every_days: number(1, 366, 'the days until it is due again').int('Whole days.').nullable().default(null),
    /** Water given (litres), where that is what was done. */
    litres: number(0, 100_000, 'the litres').nullable().default(null),
    note: z.string().max(500, 'Keep the note under 500 characters.').default(''),
  })
  .refine((row) => row.what !== 'own' || row.title !== '', { path: ['title'], message: 'Say what is to be done.' })
  .refine((row) => row.what !== 'put-off' || (row.until !== null && row.until > row.on_day), {
    path: ['until'],
    message: 'Put it off until a later day.',
  });

/** A day as the gardener's own gauge and thermometer showed it. */
export const OwnDayFields = z
  .object({
    on_day: date,
    low_c: number(-60, 45, 'the lowest temperature in °C').nullable().default(null),
    high_c: number(-50, 60, 'the highest temperature in °C').nullable().default(null),
    rain_mm: number(0, 600, 'the rain in millimetres').nullable().default(null),
  })
  .refine((day) => day.low_c !== null || day.high_c !== null || day.rain_mm !== null, {
    path: ['rain_mm'],
    message: 'Give the rain or a temperature.',
  })
  .refine((day) => day.low_c === null || day.high_c === null || day.low_c <= day.high_c, {
    path: ['low_c'],
    message: 'The lowest temperature is above the highest.',
  });

export type WorkFields = z.infer<typeof WorkFields>;
export type Work = WorkFields & { id: string; revision: number };
export type OwnDayFields = z.infer<typeof OwnDayFields>;
export type OwnDay = OwnDayFields & { id: string; revision: number };
