import type { PlantHere, TargetHere } from '../../model/here';
import type { Feature } from '../../model/vocabulary';
import type { Need } from '../needs';
import type { Stand } from '../stands';
import type { Eaten } from './leaf-stock';

/**
 * What one plant of a stand gives a need. Everything that asks what a planting is worth to a need asks here: coverage sums
 * it, the planner takes its coefficients from it, offers and explanations ask whether and how many.
 */
export interface Giving {
  /** What one plant gives in a half-month, in the need's unit, if nobody else draws on it. */
  each(halfMonth: number): number;
  /** Plants of it from which it counts as one of the kinds wanted in a half-month; Infinity where it never does. */
  kindFrom(halfMonth: number): number;
  /** The part of a findable patch on its site that one plant is; 0 where no patch is wanted. */
  patch: number;
  /** Does it help others out at most: is it no kind, and no more of it counted than of those that are better? */
  pale?: boolean;
}

/** How one need of one target is served: by what, how much of it is wanted, and what an unmet one is worth. */
export interface Rule {
  need: Need;
  target: TargetHere;
  /** Amount wanted in each half-month; 0 where only kinds are. */
  amount: number;
  /** Kinds wanted at once; 0 where none are. */
  kinds: number;
  /** Is a patch wanted that a laying female finds? */
  patch: boolean;
  /** Met wholly or not at all. */
  whole: boolean;
  /** The ratio of a half-month in which nothing serves it. */
  unmet: number;
  /** Does a plant of this place serve enough of a half-month to be offered for it? */
  isWorth(here: PlantHere, halfMonth: number): boolean;
  /** Does the work of the autumn decide what is left of it? */
  autumn: boolean;
  /** Do all the plantings of a site give no more than its ground holds of them? */
  limitedByGround: boolean;
  /** Does it serve only near a host of the target? */
  near: boolean;
  /** Does everything give alike in every half-month? */
  steady: boolean;
  /** Does a kind count for no more than all that is wanted, however much of it there is? */
  saturates: boolean;
  /** What each feature of a site gives, the usual one first. */
  features: ReadonlyMap<Feature, number>;
  /** What a plant of a stand gives; null for one that never gives anything. */
  of(stand: Stand): Giving | null;
  /** Host alone: how its broods eat a plant of a stand; null for one that is no host. */
  eats?(stand: Stand): Eaten | null;
}

export const NO_FEATURES: ReadonlyMap<Feature, number> = new Map();

/** Does a stand serve the need in a half-month, in amount or as a kind? */
export const serves = (giving: Giving, halfMonth: number) => giving.each(halfMonth) > 0 || giving.kindFrom(halfMonth) < Infinity;
