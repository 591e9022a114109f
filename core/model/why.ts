import { z } from './zod';
import { date, id } from './fields';

/**
 * What is wrong with a plant or a creature: the parts on which it is seen, the facts of a garden that speak for or against
 * a cause, and the record of a question that was asked.
 */
export const PLANT_PARTS = ['flower', 'leaf', 'stem', 'whole', 'root'] as const;
export const CREATURE_PARTS = ['adult', 'egg', 'larva', 'pupa'] as const;
export type SymptomPart = (typeof PLANT_PARTS)[number] | (typeof CREATURE_PARTS)[number];
const OF_CREATURES: ReadonlySet<SymptomPart> = new Set(CREATURE_PARTS);
/** Is a symptom seen on this part one of creatures? */
export const isOfCreatures = (part: SymptomPart): boolean => OF_CREATURES.has(part);

/** Facts of a plant, its place, its age, its year, the weather of the last weeks, the work and the log. */
const PLANT_FACTS = [
  'shade',
  'light-right',
  'too-sunny',
  'dark-autumn',
  'shade-crept',
  'dry-site',
  'wet-site',
  'drains-badly',
  'limy',
  'sour',
  'ph-right',
  'rich',
  'salty',
  'windy',
  'steep',
  'crowded',
  'under-tree',
  'walnut-near',
  'lawn-near',
  'pot',
  'pot-small',
  'deer',
  'dogs',
  'cats',
  'first-year',
  'last-autumn',
  'young',
  'settled',
  'old-clump',
  'at-its-end',
  'alone',
  'bought',
  'own-raised',
  'raised-indoors',
  'biennial',
  'evergreen',
  'vigorous',
  'runner',
  'seeder',
  'listed',
  'not-hardy',
  'hardy',
  'before-leaf',
  'leaf-ending',
  'before-bloom',
  'in-bloom',
  'after-bloom',
  'host',
  'no-host',
  'bud-host',
  'larvae-due',
  'larvae-on-it',
  'eggs-on-it',
  'eaten-seen',
  'wants-cold',
  'no-cold-given',
  'cold-given',
  'wants-light',
  'wants-warmth',
  'hard-coat',
  'not-due',
  'overdue',
] as const;
/** Facts of the weather and of the work done, which hold for plants and creatures alike. */
const COMMON_FACTS = [
  'dry-spell',
  'wet-spell',
  'heat',
  'cold-nights',
  'late-frost',
  'hard-winter',
  'storm',
  'winter-now',
  'thirsty',
  'watered-often',
  'fed',
  'cut-lately',
  'cut-in-bud',
  'cut-down-autumn',
] as const;
/** Facts of a creature in this garden. */
const CREATURE_FACTS = [
  'no-host-here',
  'host-here',
  'host-few',
  'host-lost',
  'host-wrong-light',
  'host-young',
  'host-bought',
  'trap-here',
  'leaf-short',
  'evergreen-milkweed',
  'nectar-gap',
  'nectar-now',
  'no-perch',
  'feeder-here',
  'not-flying',
  'flying',
  'flight-begins',
  'flight-ends',
  'passing-through',
  'not-laying',
  'seldom-here',
  'shy',
  'winters-as-pupa',
  'winters-as-larva',
  'larvae-grown',
  'eggs-seen',
  'eggs-fresh',
  'released-lately',
  'little-looked',
] as const;
export const FACTS = [...PLANT_FACTS, ...COMMON_FACTS, ...CREATURE_FACTS] as const;
export type FactId = (typeof FACTS)[number];

/** What came of a remedy. */
const OUTCOMES = ['helped', 'partly', 'not', 'dropped'] as const;
export type Outcome = (typeof OUTCOMES)[number];

const answer = z.object({ check: id, yes: z.boolean(), on_day: date });
/** What a look at the plant or creature showed: the answer to a check. */
export type Answer = z.infer<typeof answer>;

export const CaseFields = z
  .object({
    /** The plant or creature it is about; null: only what is seen is known. */
    of: id.nullable().default(null),
    symptom: id,
    planting_id: id.nullable().default(null),
    site_id: id.nullable().default(null),
    seen_on: date,
    answers: z.array(answer).max(60, 'Keep at most 60 answers with one case.').default([]),
    /** The cause that the gardener acts on, and when that began. */
    cause: id.nullable().default(null),
    acted_on: date.nullable().default(null),
    /** When it is asked whether it helped. */
    ask_on: date.nullable().default(null),
    outcome: z.enum(OUTCOMES).nullable().default(null),
    closed_on: date.nullable().default(null),
    note: z.string().max(500, 'Keep the note under 500 characters.').default(''),
  })
  .refine((row) => row.cause !== null || row.acted_on === null, {
    path: ['cause'],
    message: 'Say which cause you act on.',
  })
  .refine((row) => (row.outcome === null) === (row.closed_on === null), {
    path: ['closed_on'],
    message: 'A case is closed on a day, with what came of it.',
  });
export const CASE_SHAPE = CaseFields.shape;
/** The most cases of one garden. */
export const MOST_CASES = 2000;

export type CaseFields = z.infer<typeof CaseFields>;
export type Case = CaseFields & { id: string; revision: number };
