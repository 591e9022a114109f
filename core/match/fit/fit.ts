import type { Plant } from '../../model/reference';
import { DIMENSIONS, type Dimension, type FitSite, type Grade } from './dimensions';
import type { FitPlace, FitVerdict } from '../../model/here';

const FIT_VERDICTS: readonly FitVerdict[] = ['thrives', 'workable', 'unsuitable'];

export interface Fit {
  verdict: FitVerdict;
  /** Dimensions that hold it back, worst first; empty where it thrives. */
  limits: Array<{ dimension: Dimension; grade: Grade }>;
}

const ENTRIES = Object.entries(DIMENSIONS) as Array<[Dimension, (typeof DIMENSIONS)[Dimension]]>;

/** How a plant would do on a site: as well as its worst dimension. Reasons in words come from explainFit. */
export function fit(plant: Plant, site: FitSite, place: FitPlace): Fit {
  const limits: Fit['limits'] = [];
  let worst: Grade = 0;
  for (const [dimension, grade] of ENTRIES) {
    const g = grade(plant, site, place);
    if (g === 0) continue;
    if (g > worst) worst = g;
    if (g === 2) limits.unshift({ dimension, grade: g });
    else limits.push({ dimension, grade: g });
  }
  return { verdict: FIT_VERDICTS[worst]!, limits };
}

/** Fit of every plant on every site: rows follow `plants`, columns follow `sites`. */
export function fitMatrix(plants: readonly Plant[], sites: readonly FitSite[], place: FitPlace): Fit[][] {
  return plants.map((plant) => sites.map((site) => fit(plant, site, place)));
}
