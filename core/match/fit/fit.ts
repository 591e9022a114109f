import type { Plant } from '../../model/reference';
import { DIMENSIONS, gradeOf, type Dimension, type FitSite, type Grade } from './dimensions';
import type { FitPlace, FitVerdict } from '../../model/here';

const FIT_VERDICTS: readonly FitVerdict[] = ['thrives', 'workable', 'unsuitable'];

export interface Fit {
  verdict: FitVerdict;
  /** What it gives here beside what it gives where it thrives, 0–1: the shares of its dimensions multiplied; 0 where unsuitable. */
  share: number;
  /** Dimensions that hold it back, worst first; empty where nothing does. */
  limits: Array<{ dimension: Dimension; grade: Grade }>;
}

const ENTRIES = Object.entries(DIMENSIONS) as Array<[Dimension, (typeof DIMENSIONS)[Dimension]]>;

/**
 * How a plant would do on a site: the shares that its dimensions leave it, multiplied, so that several that are workable
 * together may be too much. Reasons in words come from fitReasons.
 */
export function fit(plant: Plant, site: FitSite, place: FitPlace): Fit {
  const held: { dimension: Dimension; share: number }[] = [];
  let all = 1;
  for (const [dimension, shareOf] of ENTRIES) {
    const share = shareOf(plant, site, place);
    if (share === 1) continue;
    all *= share;
    held.push({ dimension, share });
  }
  held.sort((a, b) => a.share - b.share);
  const grade = gradeOf(all);
  // Several hardly felt may hold it back together: then the worst of them is named.
  const named = held.filter(({ share }, i) => gradeOf(share) > 0 || (i === 0 && grade > 0));
  return {
    verdict: FIT_VERDICTS[grade]!,
    share: grade === 2 ? 0 : all,
    limits: named.map(({ dimension, share }) => ({ dimension, grade: gradeOf(share) })),
  };
}

/** Fit of every plant on every site: rows follow `plants`, columns follow `sites`. */
export function fitMatrix(plants: readonly Plant[], sites: readonly FitSite[], place: FitPlace): Fit[][] {
  return plants.map((plant) => sites.map((site) => fit(plant, site, place)));
}
