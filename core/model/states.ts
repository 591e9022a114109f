import type { Planting, PlantingFields, Site } from './garden';
import type { Spot } from './layout';

/** What the states of a planting and of the ground mean to a calculation. */

/** What is only planned so far, beside which plant stands where and how many. */
export const PLANNED = {
  state: 'planned',
  planted_year: null,
  lost_year: null,
  sow_on: null,
  cut: null,
  stays: false,
  locked: false,
  selection: 'species',
  spots: [] as Spot[],
  source: '',
  cost_minor: null,
  notes: '',
} as const satisfies Partial<PlantingFields>;

/** States in which a planting counts as part of the plan. */
export const LIVE_STATES: ReadonlySet<Planting['state']> = new Set(['planned', 'on-order', 'sown', 'in-ground']);

/** Does a planting count in a year (null: in the plan)? What was lost or removed counts in the years before that. */
export function grewIn({ state, planted_year, lost_year }: PlantingFields, year: number | null): boolean {
  if (LIVE_STATES.has(state)) return true;
  return year !== null && planted_year !== null && lost_year !== null && planted_year <= year && year < lost_year;
}

/** Is this ground to be planted? On lawn, in meadow and hedge only what grows there counts. */
export const isPlanted = ({ ground }: { ground: Site['ground'] }): boolean => ground === 'planted';
