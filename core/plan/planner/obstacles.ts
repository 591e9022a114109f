import { fit } from '../../match/fit/fit';
import { barred, choicesFor, roomsOf } from './choices';
import { answers, isWanted } from './bed-wish';
import { moneyFor } from './proposal';
import { keptOf, type PlanQuestion } from './question';

/** What stands in the way of a plan. Areas in m², money in hundredths. */
export type Obstacle =
  | { kind: 'no-site' }
  | { kind: 'no-target' }
  /** What is kept takes more ground than a site has. */
  | { kind: 'overfull'; site: string; over_m2: number }
  /** More of a plant is kept than is wanted at most. */
  | { kind: 'over-limit'; plant: string; kept: number; most: number }
  /** A locked planting that may not be grown, or does not fit where it is. */
  | { kind: 'locked-refused' | 'locked-unfit'; plant: string; site: string }
  | { kind: 'over-budget'; bill: number; budget: number }
  /** What is wanted in a bed by name does not go there. */
  | { kind: 'wish-unfit'; site: string; plant: string | null; host_of: string | null };

/**
 * What makes a question unanswerable, or contradicts itself: nothing to plant in, nobody to plant for, kept plants
 * that overfill a bed, pass a limit or the budget. Empty where a plan can be looked for.
 */
export function obstaclesTo(question: PlanQuestion): Obstacle[] {
  const { almanac, sites, targets, wishes } = question;
  if (sites.length === 0) return [{ kind: 'no-site' }];
  if (targets.length === 0) return [{ kind: 'no-target' }];
  const found: Obstacle[] = [];
  const kept = keptOf(question);
  for (const { site, left } of roomsOf(question, kept))
    if (left < -1e-6) found.push({ kind: 'overfull', site: site.id, over_m2: -left });
  const counts = new Map<string, number>();
  for (const row of kept) counts.set(row.plant, (counts.get(row.plant) ?? 0) + row.count);
  for (const [plant, count] of counts) {
    const most = wishes.most[plant];
    if (most !== undefined && count > most) found.push({ kind: 'over-limit', plant, kept: count, most });
  }
  for (const row of kept.filter((planting) => planting.locked && !planting.stays)) {
    const here = almanac.plants.get(row.plant);
    const site = sites.find((of) => of.id === row.site_id);
    if (!here || !site) continue;
    if (barred({ ...question, wishes: { ...wishes, most: {} } }, here, []) === 'refused')
      found.push({ kind: 'locked-refused', plant: row.plant, site: site.id });
    else if (fit(here.plant, site, almanac.place).verdict === 'unsuitable')
      found.push({ kind: 'locked-unfit', plant: row.plant, site: site.id });
  }
  const { plants } = choicesFor(question);
  for (const wish of wishes.here) {
    const there = kept.some(
      (row) => row.site_id === wish.site && almanac.plants.has(row.plant) && isWanted(question, wish, row.plant),
    );
    if (!there && !plants.some((choice) => answers(question, choice, wish))) found.push({ kind: 'wish-unfit', ...wish });
  }
  const bill = moneyFor(question, kept, { plants: [] });
  const budget = wishes.budget_minor;
  if (budget !== null && bill > budget) found.push({ kind: 'over-budget', bill, budget });
  return found;
}
