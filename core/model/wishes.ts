import { z } from './zod';
import { choice, id, number } from './fields';
import { COLOUR_FAMILIES } from './vocabulary';

/** What the gardener asks of a proposed plan: limits that are kept, and preferences that decide between plans. */
const STRENGTHS = ['off', 'some', 'much'] as const;

/** What stays: all that grows or is on order; what is planned too; or only what grew here before and is kept. */
const KEEPS = ['grown', 'planned', 'bare'] as const;
const KIND_WISHES = ['few', 'any', 'many'] as const;
/** Drifts: herbs in threes at least, since massed flowers are found. Scattered: singly. */
const LAYOUTS = ['drifts', 'scattered'] as const;
/** How thoroughly a plan is looked for: until it is sound; as is usual; until it is proven or nearly so. */
const EFFORTS = ['quick', 'usual', 'long'] as const;

const strength = choice(STRENGTHS, 'how much it matters').default('off');

export const PlanWishes = z.object({
  /** Most money for plants, in hundredths of the currency; null: no limit. */
  budget_minor: number(0, 100_000_000, 'the budget').int('Give the budget in whole cents.').nullable().default(null),
  keep: choice(KEEPS, 'what stays').default('grown'),
  layout: choice(LAYOUTS, 'drifts or scattered').default('drifts'),
  /** Height (cm) that no plant of a site may pass, by site id. */
  tallest_cm: z.record(z.string(), number(5, 4000, 'the height in centimetres')).default({}),
  /** Most plants of a kind in the whole garden, by plant id; 0: none of it. */
  most: z.record(z.string(), number(0, 500, 'how many at most').int('Count whole plants.')).default({}),
  /** May it add a log pile, a patch of mud or bare soil, a dish of fruit? */
  features: z.boolean().default(true),
  /** What is wanted in a bed: a plant, or a host of a creature. */
  here: z
    .array(
      z
        .object({ site: id, plant: id.nullable().default(null), host_of: id.nullable().default(null) })
        .refine((row) => (row.plant === null) !== (row.host_of === null), 'Name a plant, or a creature whose host is wanted.'),
    )
    .max(60, 'Ask for no more than 60 plants by name.')
    .default([]),
  /** Beds that stay as they are, by site id. */
  leave: z.array(id).max(500).default([]),
  /** Fill the beds that are planted, beyond what the creatures need. */
  fuller: z.boolean().default(false),
  kinds: choice(KIND_WISHES, 'few kinds or many').default('any'),
  natives: strength.default('much'),
  cheap: strength.default('some'),
  deer: strength,
  water: strength,
  care: strength,
  first_year: strength,
  flowers: strength,
  colours: z.array(choice(COLOUR_FAMILIES, 'a colour')).max(COLOUR_FAMILIES.length).default([]),
  effort: choice(EFFORTS, 'how thoroughly to look').default('usual'),
});
export type PlanWishes = z.infer<typeof PlanWishes>;
