import { choice, number } from './fields';
import * as words from './vocabulary';
import { z } from './zod';

/** Most plants of a planting, and so most places it can have. */
export const MOST_PLANTS = 5000;

const metres = number(-50, 1000, 'a place in metres');

/**
 * Where one plant stands: metres to the right and up from the lower left corner of the box around its bed (of a pot: from the
 * middle of its top). `held`: it stays there when the bed is arranged again.
 */
export const Spot = z.object({ x: metres, y: metres, held: z.boolean().default(false) });

const SupportEnd = z.tuple([metres, metres]);
/** Something to climb, within a bed: a line from end to end (a post: one place twice), as high as it is. */
export const Support = z.object({
  kind: choice(words.SUPPORTS, 'what it is'),
  from: SupportEnd,
  to: SupportEnd,
  height_m: number(0.2, 10, 'the height of the support in metres'),
});

const sides = z.array(choice(words.SIDES, 'a side')).max(4);

/** How a bed or pot is to be arranged. null everywhere: as the garden’s school says, and as the yard’s drawing shows. */
export const LayoutFields = z.object({
  manner: choice(words.SCHOOLS.layout, 'drifts or scattered').nullable().default(null),
  colour: choice(words.COLOUR_WISHES, 'how colours sit together').default('harmony'),
  /** Is a bed all in one colour in its best month wished for? */
  one_colour: z.boolean().default(false),
  /** Sides from which it is looked at, and sides along which a mower or feet go. */
  seen_from: sides.min(1, 'Choose at least one side.').nullable().default(null),
  worn: sides.nullable().default(null),
  /** The side on which it stays wetter than elsewhere. */
  wetter: choice(words.SIDES, 'a side').nullable().default(null),
  supports: z.array(Support).max(20, 'A bed has at most twenty supports.').default([]),
  /** Of a pot: how its kinds repeat. */
  pattern: choice(words.POT_PATTERNS, 'how kinds repeat').default('alternate'),
});

export type Spot = z.infer<typeof Spot>;
export type Support = z.infer<typeof Support>;
export type LayoutFields = z.infer<typeof LayoutFields>;
