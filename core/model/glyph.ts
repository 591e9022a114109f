import { z } from './zod';

const colour = z.string().regex(/^#[0-9a-f]{6}$/, 'A colour is written #rrggbb in lower case.');

/** Outlines a creature may have: wings spread and seen from above, or a bird from the side. */
export const GLYPH_SHAPES = [
  'rounded',
  'angled',
  'ragged',
  'notched',
  'hooked',
  'hookedsmall',
  'long',
  'small',
  'swallowtail',
  'kite',
  'skipper',
  'skippertail',
  'grass',
  'hawk',
  'luna',
  'silk',
  'bird',
] as const;
export const GLYPH_TAILS = ['short', 'long', 'spoon', 'two', 'sword', 'hair', 'luna'] as const;

/** Field marks of the spread wings, in the order in which they are laid on: later marks lie over earlier ones. */
export const WING_MARKS = [
  'hindfill',
  'hindpale',
  'hindshade',
  'hindrose',
  'base',
  'frost',
  'sheen',
  'under',
  'silver',
  'forepatch',
  'hindpatch',
  'fire',
  'fire2',
  'darkpatch',
  'window',
  'blue',
  'tipo',
  'tip',
  'tipsoft',
  'jag',
  'jagbig',
  'thin',
  'stripes',
  'bars',
  'zebra',
  'margin',
  'narrow',
  'dogface',
  'inner',
  'costa',
  'veins',
  'veinsoft',
  'whiteveins',
  'pinkveins',
  'lines',
  'pinkline',
  'hawkband',
  'band',
  'cross',
  'bandw',
  'whiteband',
  'redband',
  'bar',
  'tipband',
  'tipbar',
  'tippatch',
  'tipdots',
  'goldpatch',
  'goldspots',
  'patchsq',
  'slash',
  'dashes',
  'glass',
  'checks',
  'creamchecks',
  'hem',
  'hemband',
  'hemdots',
  'hindedge',
  'bluehem',
  'bluerow',
  'chain',
  'crescents',
  'ringed',
  'dots',
  'dotsbig',
  'dotsrow',
  'threedots',
  'cell',
  'cellbar',
  'cellbars',
  'hindspot',
  'eye',
  'eyes',
  'eyesF',
  'bigeyes',
  'bigeyesH',
  'eyesmall',
  'eyesrow',
  'eyerow',
  'eyepairs',
  'foreeye',
  'foreeyes',
  'foredot',
  'fringe',
] as const;
const BODY_MARKS = ['body', 'bodylines', 'belt'] as const;
const BIRD_MARKS = [
  'back',
  'throat',
  'gorget',
  'streaks',
  'crown',
  'brow',
  'flank',
  'belly',
  'tail',
  'tailtip',
  'billhue',
  'curve',
] as const;
export const LARVA_MARKS = [
  'larva',
  'stripe',
  'bandl',
  'rings',
  'rings2',
  'saddle',
  'rump',
  'ovals',
  'specks',
  'redspots',
  'falseeyes',
  'head',
  'spines',
  'knobs',
  'knobs2',
  'knobs3',
  'filaments',
  'midpair',
  'horns',
  'horn',
  'forkt',
] as const;

export type WingMark = (typeof WING_MARKS)[number];

/** Field marks from which a creature is drawn: the `glyph` cell of a target, `key:value` pairs joined by `|`. */
const marks = <const T extends readonly string[]>(list: T) =>
  Object.fromEntries(list.map((mark) => [mark, colour.optional()])) as Record<T[number], z.ZodOptional<typeof colour>>;
export const Glyph = z.object({
  ...marks(WING_MARKS),
  ...marks(BODY_MARKS),
  ...marks(BIRD_MARKS),
  ...marks(LARVA_MARKS),
  shape: z.enum(GLYPH_SHAPES),
  ground: colour.optional(),
  tail: z.union([z.enum(GLYPH_TAILS), colour]).optional(),
  bill: z.coerce.number().min(8).max(40).optional(),
});
export type Glyph = z.infer<typeof Glyph>;
const OnlyKnownMarks = Glyph.strict();

const parsed = new Map<string, Glyph | { problem: string }>();

/** The marks of a glyph cell, or the sentence that says what is wrong with it. Each cell is read once. */
export function parseGlyph(cell: string): Glyph | { problem: string } {
  const known = parsed.get(cell) ?? readGlyph(cell);
  parsed.set(cell, known);
  return known;
}

function readGlyph(cell: string): Glyph | { problem: string } {
  const pairs = cell.split('|').map((pair) => pair.split(':') as [string, string | undefined]);
  const result = OnlyKnownMarks.safeParse(Object.fromEntries(pairs));
  if (result.success) return result.data;
  const issue = result.error.issues[0]!;
  return { problem: `The glyph's ${issue.path.join('.') || 'marks'}: ${issue.message}` };
}
