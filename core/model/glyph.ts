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
  'snout',
  'leafwing',
  'dagger',
  'tiger',
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
  'cloud',
  'subband',
  'hairline',
  'hairwhite',
  'wline',
  'chevrons',
  'ringrow',
  'silverspots',
] as const;
/** Shades of the early stages: of the egg, and of the chrysalis or cocoon and its marks. */
const STAGE_MARKS = ['egg', 'pupa', 'pupa2'] as const;
const BODY_MARKS = ['body', 'bodylines', 'bodydots', 'belt'] as const;
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
  'tufts',
] as const;

export type WingMark = (typeof WING_MARKS)[number];

const MARKS = [...WING_MARKS, ...BODY_MARKS, ...BIRD_MARKS, ...LARVA_MARKS, ...STAGE_MARKS] as const;
/** Marks of the underside are written `u-` before the mark: where there are any, the right wings are drawn from below. */
const BELOW = 'u-';

/** Field marks from which a creature is drawn: the `glyph` cell of a target, `key:value` pairs joined by `|`. Colours as #rrggbb. */
export type Glyph = Partial<Record<(typeof MARKS)[number] | 'ground', string>> & {
  shape: (typeof GLYPH_SHAPES)[number];
  tail?: string;
  /** Length of the bill (mm). */
  bill?: number;
  /** The underside, where it is what tells the creature from its kin. */
  below?: Partial<Record<WingMark | 'ground', string>>;
};

const isColour = (value: string) => /^#[0-9a-f]{6}$/.test(value);
const COLOUR = 'A colour is written #rrggbb in lower case.';
const oneOf = (list: readonly string[]) => (value: string) => (list.includes(value) ? null : `One of: ${list.join(', ')}.`);
/** What is wrong with the value of a mark; null where nothing is. */
const CHECKS: Record<string, (value: string) => string | null> = {
  ...Object.fromEntries(
    [...MARKS, 'ground', ...[...WING_MARKS, 'ground'].map((mark) => BELOW + mark)].map((mark) => [
      mark,
      (value: string) => (isColour(value) ? null : COLOUR),
    ]),
  ),
  shape: oneOf(GLYPH_SHAPES),
  tail: (value) => (isColour(value) ? null : oneOf(GLYPH_TAILS)(value)),
  bill: (value) => (Number(value) >= 8 && Number(value) <= 40 ? null : 'Give a length from 8 to 40.'),
};

const parsed = new Map<string, Glyph | { problem: string }>();

/** The marks of a glyph cell, or the sentence that says what is wrong with it. Each cell is read once. */
export function parseGlyph(cell: string): Glyph | { problem: string } {
  const known = parsed.get(cell) ?? readGlyph(cell);
  parsed.set(cell, known);
  return known;
}

function readGlyph(cell: string): Glyph | { problem: string } {
  const marks = new Map(cell.split('|').map((pair) => pair.split(':', 2) as [string, string | undefined]));
  for (const [mark, value = ''] of marks) {
    const check = Object.hasOwn(CHECKS, mark) ? CHECKS[mark] : undefined;
    const problem = check ? check(value) : 'There is no such mark.';
    if (problem) return { problem: `The glyph's ${mark || 'marks'}: ${problem}` };
  }
  if (!marks.has('shape')) return { problem: `The glyph's shape: ${oneOf(GLYPH_SHAPES)('')}` };
  const bill = marks.get('bill');
  const isBelow = ([mark]: readonly [string, unknown]) => mark.startsWith(BELOW);
  const below = [...marks].filter(isBelow).map(([mark, value]) => [mark.slice(BELOW.length), value] as const);
  return {
    ...Object.fromEntries([...marks].filter((pair) => !isBelow(pair))),
    ...(bill === undefined ? {} : { bill: Number(bill) }),
    ...(below.length === 0 ? {} : { below: Object.fromEntries(below) }),
  } as Glyph;
}
