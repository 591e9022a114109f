import { z } from 'zod';

/** The pieces that records are made of, each with the sentence that says what would be right. */
export const id = z.string().regex(/^[a-z0-9][a-z0-9-]{0,63}$/, 'An id is up to 64 lower-case letters, digits and hyphens.');
export const name = z.string('Give a name.').trim().min(1, 'Give a name.').max(80, 'Keep the name under 80 characters.');
export const number = (min: number, max: number, what: string) =>
  z
    .number(`Give ${what} as a number from ${min} to ${max}.`)
    .min(min, `Give ${what} from ${min} to ${max}.`)
    .max(max, `Give ${what} from ${min} to ${max}.`);
export const choice = <const T extends readonly [string, ...string[]]>(list: T, what: string) =>
  z.enum(list, `Choose ${what}: ${list.join(', ')}.`);
