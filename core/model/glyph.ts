import { z } from 'zod';

const colour = z.string().regex(/^#[0-9a-f]{6}$/);

/** Field marks from which a creature is drawn: the `glyph` cell of a target, `key:value` pairs joined by `|`. */
export const Glyph = z.object({
  shape: z.enum(['rounded', 'angled', 'ragged', 'swallowtail', 'small', 'hawk', 'bird']),
  ground: colour.optional(),
  base: colour.optional(),
  margin: colour.optional(),
  tip: colour.optional(),
  veins: colour.optional(),
  band: colour.optional(),
  dots: colour.optional(),
  blue: colour.optional(),
  checks: colour.optional(),
  eye: colour.optional(),
  eyes: colour.optional(),
  window: colour.optional(),
  body: colour.optional(),
  belt: colour.optional(),
  tail: z.union([z.enum(['short', 'long', 'hair']), colour]).optional(),
  larva: colour.optional(),
  rings: colour.optional(),
  rings2: colour.optional(),
  stripe: colour.optional(),
  spines: colour.optional(),
  horns: colour.optional(),
  horn: colour.optional(),
  saddle: colour.optional(),
  filaments: colour.optional(),
  falseeyes: colour.optional(),
  back: colour.optional(),
  throat: colour.optional(),
  belly: colour.optional(),
  bill: z.coerce.number().min(8).max(40).optional(),
});
export type Glyph = z.infer<typeof Glyph>;

/** The marks of a glyph cell, or the sentence that says what is wrong with it. */
export function parseGlyph(cell: string): Glyph | { problem: string } {
  const pairs = cell.split('|').map((pair) => pair.split(':') as [string, string | undefined]);
  const result = Glyph.strict().safeParse(Object.fromEntries(pairs));
  if (result.success) return result.data;
  const issue = result.error.issues[0]!;
  return { problem: `The glyph's ${issue.path.join('.') || 'marks'}: ${issue.message}` };
}
