import type { GardenFields } from './garden';
import type { PlanWishes } from './wishes';

/** What a plan is asked for where nobody has wished for anything: what the schema of wishes gives (tested there). */
export const FRESH_WISHES: PlanWishes = {
  budget_minor: null,
  keep: 'grown',
  layout: 'drifts',
  tallest_cm: {},
  most: {},
  features: true,
  here: [],
  leave: [],
  fuller: false,
  kinds: 'any',
  natives: 'much',
  cheap: 'some',
  deer: 'off',
  water: 'off',
  care: 'off',
  first_year: 'off',
  flowers: 'off',
  colours: [],
  effort: 'usual',
};

/** The same for a garden: natives count for nothing where its school takes whatever is harmless. */
export const freshWishesFor = ({ school_plants }: Pick<GardenFields, 'school_plants'>): PlanWishes => ({
  ...structuredClone(FRESH_WISHES),
  natives: school_plants === 'any-harmless' ? 'off' : 'much',
});
