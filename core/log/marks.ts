import { parseGlyph, WING_MARKS } from '../model/glyph';
import { halfMonthOfDay } from '../model/half-month';
import type { Almanac, TargetHere } from '../model/here';
import type { LookAlike, Target } from '../model/reference';

/** How large a creature looks, wings spread: a thumbnail, a matchbox, a hand. */
export const APPARENT_SIZES = ['small', 'middling', 'large'] as const;
export type ApparentSize = (typeof APPARENT_SIZES)[number];
/** Colours a beginner would name. */
export const APPARENT_COLOURS = ['orange', 'yellow', 'white', 'blue', 'green', 'red', 'brown', 'grey', 'black'] as const;
export type ApparentColour = (typeof APPARENT_COLOURS)[number];

/** What is remembered of a creature whose name is not known; null: not said. */
export interface Marks {
  kind: Target['kind'] | null;
  size: ApparentSize | null;
  colours: readonly ApparentColour[];
}

/** Spans (mm) below which a butterfly or moth looks small, and middling. Judgement. */
const SPANS = { small: 38, middling: 68 };

/** The sizes a creature may look: one near a limit may look either. */
export function sizesOfTarget({
  kind,
  size_min_mm,
  size_max_mm,
}: Pick<Target, 'kind' | 'size_min_mm' | 'size_max_mm'>): ApparentSize[] {
  // Among hummingbirds all are alike in size but for the largest few.
  if (kind === 'hummingbird') return size_max_mm > 115 ? ['large'] : ['small', 'middling'];
  const of = (mm: number): number => (mm < SPANS.small ? 0 : mm < SPANS.middling ? 1 : 2);
  return APPARENT_SIZES.slice(of(size_min_mm), of(size_max_mm) + 1);
}

/** What a beginner would call a colour (#rrggbb). */
export function apparentColour(hex: string): ApparentColour {
  const [r, g, b] = [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16) / 255) as [number, number, number];
  const most = Math.max(r, g, b);
  const span = most - Math.min(r, g, b);
  if (most < 0.27) return 'black';
  if (span < 0.13) return most > 0.78 ? 'white' : 'grey';
  const hue = 60 * (most === r ? ((g - b) / span + 6) % 6 : most === g ? (b - r) / span + 2 : (r - g) / span + 4);
  const full = span / most;
  if (most > 0.88 && full < 0.2) return 'white';
  if (hue < 14 || hue >= 330) return most < 0.5 ? 'brown' : 'red';
  if (hue < 45) return most < 0.7 || full < 0.45 ? 'brown' : 'orange';
  if (hue < 70) return most < 0.6 ? 'brown' : full < 0.25 ? 'white' : 'yellow';
  return hue < 165 ? 'green' : hue < 290 ? 'blue' : 'red';
}

/** Marks of a wing too small to be what one remembers it by. */
const SLIGHT: ReadonlySet<string> = new Set(['veins', 'veinsoft', 'body', 'larva', 'lines', 'cell']);

/** The colours of a creature as its drawing has them: the ground and its larger marks. */
export function coloursOfTarget({ glyph }: Pick<Target, 'glyph'>): ReadonlySet<ApparentColour> {
  const marks = parseGlyph(glyph);
  if ('problem' in marks) return new Set();
  const named = [
    'ground',
    'back',
    'throat',
    'crown',
    'belly',
    'flank',
    ...WING_MARKS.filter((mark) => !SLIGHT.has(mark)),
  ] as const;
  const hexes = named.flatMap((mark) => (marks as Partial<Record<string, unknown>>)[mark] ?? []);
  return new Set(hexes.flatMap((hex) => (typeof hex === 'string' && hex.startsWith('#') ? apparentColour(hex) : [])));
}

/** Is a creature on the wing on a day of the year, or within two weeks of it? */
export function fliesAbout({ flightHalfMonths }: Pick<TargetHere, 'flightHalfMonths'>, day: number): boolean {
  const now = halfMonthOfDay(day);
  return flightHalfMonths.some((h) => Math.min((h - now + 24) % 24, (now - h + 24) % 24) <= 1);
}

/**
 * Creatures of this place that bear the marks that are remembered, those on the wing about this day first, then by how
 * easily they are met. A colour that is named must be among a creature's own.
 */
export function narrowed(
  { targets }: Pick<Almanac, 'targets'>,
  marks: Marks,
  day: number,
): { here: TargetHere; flies: boolean }[] {
  return [...targets.values()]
    .filter(({ target }) => marks.kind === null || target.kind === marks.kind)
    .filter(({ target }) => marks.size === null || sizesOfTarget(target).includes(marks.size))
    .filter(({ target }) => {
      if (marks.colours.length === 0) return true;
      const own = coloursOfTarget(target);
      return marks.colours.every((colour) => own.has(colour));
    })
    .map((here) => ({ here, flies: fliesAbout(here, day) }))
    .sort(
      (a, b) =>
        Number(b.flies) - Number(a.flies) ||
        a.here.occurrence.ease - b.here.occurrence.ease ||
        a.here.target.common.localeCompare(b.here.target.common, 'en'),
    );
}

/** What tells a creature from those it is easily mistaken for and that live here too. */
export interface Telling {
  other: string;
  /** Where to look, and what is seen there of the one and of the other. */
  look: string;
  mine: string;
  theirs: string;
}

/** The marks that tell a creature from its look-alikes of this place. */
export function tellings(target: string, rows: readonly LookAlike[], { targets }: Pick<Almanac, 'targets'>): Telling[] {
  return rows.flatMap(({ a, b, look, a_mark, b_mark }) => {
    if (a === target && targets.has(b)) return [{ other: b, look, mine: a_mark, theirs: b_mark }];
    if (b === target && targets.has(a)) return [{ other: a, look, mine: b_mark, theirs: a_mark }];
    return [];
  });
}
