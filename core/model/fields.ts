import { z } from './zod';

/** The pieces that records are made of, each with the sentence that says what would be right. */
export const id = z.string().regex(/^[a-z0-9][a-z0-9-]{0,63}$/, 'An id is up to 64 lower-case letters, digits and hyphens.');

/** No control characters, line breaks or marks that turn the direction of what follows: these hide what a line says. */
const UNPLAIN = '\\u0000-\\u001f\\u007f-\\u009f\\u2028-\\u202e\\u2066-\\u2069';
const ONE_LINE = new RegExp(`^[^${UNPLAIN}]*$`);
const BROKEN = new RegExp(`[${UNPLAIN}]+`, 'g');
/** A text without what a line may not hold. */
export const plainLine = (text: string): string => text.replace(BROKEN, ' ').trim();
/** A text of one line. */
export const line = (most: number, tooLong: string, missing?: string) =>
  z
    .string(missing)
    .trim()
    .max(most, tooLong)
    .regex(ONE_LINE, 'Leave out control characters and marks that turn the direction of writing.');
export const name = line(80, 'Keep the name under 80 characters.', 'Give a name.').min(1, 'Give a name.');
export const number = (min: number, max: number, what: string) =>
  z
    .number(`Give ${what} as a number from ${min} to ${max}.`)
    .min(min, `Give ${what} from ${min} to ${max}.`)
    .max(max, `Give ${what} from ${min} to ${max}.`);
export const choice = <const T extends readonly [string, ...string[]]>(list: T, what: string) =>
  z.enum(list, `Choose ${what}: ${list.join(', ')}.`);

/** An `MM-DD` that exists in every year. */
export const monthDay = z
  .string()
  .regex(/^\d\d-\d\d$/, 'Give a month and day, such as 05-04.')
  .refine((text) => {
    const [month, day] = text.split('-').map(Number) as [number, number];
    const lengths = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];
    return day >= 1 && day <= (lengths[month - 1] ?? 0);
  }, 'That day is not in the calendar.');

/** Does an ISO date lie in the years that a garden is looked at in? */
export const isWithin = (iso: string): boolean => iso >= '1950-01-01' && iso <= '2150-12-31';

/** An ISO date that is in the calendar. */
export const date = z
  .string()
  .regex(/^\d{4}-\d\d-\d\d$/, 'Give the date as 2026-05-14.')
  .refine(
    (text) => !Number.isNaN(Date.parse(`${text}T00:00:00Z`)) && new Date(`${text}T00:00:00Z`).toISOString().startsWith(text),
    {
      message: 'That day is not in the calendar.',
    },
  );
