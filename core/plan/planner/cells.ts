/** A choice and the coefficient of one of it. */
export type Term = readonly [choice: number, each: number];

/** A need in a half-month that is not yet filled; one cell where several targets or half-months ask for the very same. */
export interface Cell {
  of: { goal: number; share: number }[];
  /** Met wholly or not at all. */
  whole: boolean;
  /** Amount wanted and there; totals that add to it, and parts of shared resources that can be taken for it. */
  amount: {
    demand: number;
    fixed: number;
    /** What of `fixed` is not pale; pale plants count for no more than as much again. */
    strong: number;
    from: [total: number, each: number][];
    /** Those of `from` that are pale. */
    pale: number[];
    /** Larvae of a brood raised on shared leaf, by the part of the half-month in which the leaf is there. */
    shared: [part: number, there: number][];
  } | null;
  /** Kinds wanted and there, and the indicators of further kinds. */
  kinds: { wanted: number; fixed: number; from: number[] } | null;
  patch: number | null;
}

/** What of an amount is still missing: in all, or of what is not pale, of which half must come. */
export const missingOf = ({ demand, fixed, strong }: Pick<NonNullable<Cell['amount']>, 'demand' | 'fixed' | 'strong'>): number =>
  Math.max(0, demand - fixed, demand / 2 - strong);

/** A kind counts once any of these choices reaches its minimum count. */
export type Indicator = Term[];

/** Leaf that several targets share: plants of it (grown and thriving), to be divided between their broods. */
export interface SharedLeaf {
  total: number | null;
  fixed: number;
  /** In each half-month that may bind: the share of one plant's leaf that a larva of each brood has eaten by then. */
  rows: [part: number, takes: number][][];
}

/** The larvae of one brood of one target raised on a shared leaf. */
export interface LeafPart {
  resource: number;
  /** Larvae that one plant raises if nobody else eats of it; targets that eat of it. */
  alone: number;
  users: number;
}

/** Host patches site by site, as shares of one that is found; the largest counts. */
export type Patch = { fixed: number; from: Term[] }[];
