import type { Feature } from '../model/vocabulary';
import type { Need } from './needs';

export type CoverageVerdict = 'closed' | 'thin' | 'open';

/** What one planting gives to a need in one half-month, in the need's own unit. */
export interface Contribution {
  planting: string;
  amount: number;
}

/** One need in one half-month. */
export interface CoverageCell {
  halfMonth: number;
  supply: number;
  demand: number;
  /** Kinds serving, of those wanted (need.kinds); for host, also the patch. */
  kinds: number;
  /** Supply ÷ demand, the weakest of amount, kinds and patch. */
  ratio: number;
  verdict: CoverageVerdict;
  contributions: Contribution[];
}

export interface NeedCoverage {
  need: Need;
  cells: CoverageCell[];
  /** The weakest cell. */
  ratio: number;
  verdict: CoverageVerdict;
  /** Half-months that are not closed. */
  gaps: number[];
  /** What holds it down: how much there is, how many kinds, or how large a patch; null where it is closed. */
  limit: 'amount' | 'kinds' | 'patch' | null;
  /** Host only: largest patch as a share of one that is found (≥ 1 found). */
  patch: number | null;
  /** Features of the sites that serve it. */
  features: FeatureHere[];
}

/** A feature of a site, by the site's id. */
export interface FeatureHere {
  feature: Feature;
  site: string;
}

/** A planting that gives nothing, and why. */
export interface Fault {
  planting: string;
  kind: 'unsuitable' | 'refused' | 'trap';
  target: string | null;
}

export interface TargetCoverage {
  target: string;
  needs: NeedCoverage[];
  /** As strong as its weakest need. */
  ratio: number;
  verdict: CoverageVerdict;
}

export interface Coverage {
  targets: TargetCoverage[];
  faults: Fault[];
  /** Targets whose life cycle closes: the score of the garden. */
  closed: number;
}
