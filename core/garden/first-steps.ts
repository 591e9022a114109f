import type { Coverage, NeedCoverage, TargetCoverage } from '../coverage/types';
import type { SiteValue } from '../model/vocabulary';
import type { MeasuredSite } from '../place/survey/measured';

/** What each kind of site can be measured for: a pot has its own mix. */
const OF_BED: readonly SiteValue[] = ['sun', 'texture', 'drainage', 'ph', 'moisture'];
const OF_CONTAINER: readonly SiteValue[] = ['sun', 'moisture'];

/**
 * The site of which least is measured, with the values that are only as the gardener stated them; of several the one
 * with the most ground (m²). Null where everything is measured.
 */
export function leastMeasured(sites: readonly MeasuredSite[]): { site: MeasuredSite; values: SiteValue[] } | null {
  const found = sites
    .map((site) => ({
      site,
      values: (site.kind === 'bed' ? OF_BED : OF_CONTAINER).filter((value) => site.figures[value][0]?.source === 'stated'),
    }))
    .filter(({ values }) => values.length > 0);
  found.sort((a, b) => b.values.length - a.values.length || b.site.area_m2 - a.site.area_m2);
  return found[0] ?? null;
}

/**
 * The target that is nearest to closing its life cycle, with the need that holds it back most: the one with the fewest
 * needs not closed, of those the one best served. Null where none is chosen or all close.
 */
export function nearestToClosing({ targets }: Pick<Coverage, 'targets'>): { row: TargetCoverage; need: NeedCoverage } | null {
  const openOf = (row: TargetCoverage) => row.needs.filter((need) => need.verdict !== 'closed');
  const open = targets.filter((row) => row.verdict !== 'closed' && openOf(row).length > 0);
  open.sort((a, b) => openOf(a).length - openOf(b).length || b.ratio - a.ratio);
  const row = open[0];
  if (!row) return null;
  return { row, need: openOf(row).reduce((worst, need) => (need.ratio < worst.ratio ? need : worst)) };
}
