import { fit } from '../fit/fit';
import { metricArea, type AreaWords } from '../model/units';
import { barred, roomsOf } from './choices';
import { moneyFor } from './proposal';
import { keptOf, type PlanQuestion } from './question';

/** What stands in the way of a plan, in a sentence that says what to change, and where that is changed. */
export interface Obstacle {
  sentence: string;
  where: 'place' | 'targets' | 'plan' | 'wishes';
}

/** How a sentence tells money given in hundredths. */
export type MoneyWords = (minor: number) => string;

/**
 * What makes a question unanswerable, or contradicts itself: nothing to plant in, nobody to plant for, kept plants
 * that overfill a bed, pass a limit or the budget. Empty where a plan can be looked for.
 */
export function obstaclesTo(
  question: PlanQuestion,
  area: AreaWords = metricArea,
  money: MoneyWords = (m) => (m / 100).toFixed(2),
): Obstacle[] {
  const { almanac, sites, targets, wishes } = question;
  if (sites.length === 0)
    return [{ sentence: 'There is no bed and no container to plant: add one, and a plan can be made for it.', where: 'place' }];
  if (targets.length === 0)
    return [
      { sentence: 'No creature is chosen: choose whom the garden is for, and a plan can be made for them.', where: 'targets' },
    ];
  const found: Obstacle[] = [];
  const kept = keptOf(question);
  const rooms = roomsOf(question, kept);
  for (const { site, left } of rooms)
    if (left < -1e-6)
      found.push({
        sentence: `What is kept in ${site.name} takes ${area(-left)} more than there is: unlock or take out some of it, or correct its area.`,
        where: 'plan',
      });
  const counts = new Map<string, number>();
  for (const row of kept) counts.set(row.plant, (counts.get(row.plant) ?? 0) + row.count);
  for (const [plant, count] of counts) {
    const most = wishes.most[plant];
    const name = almanac.plants.get(plant)?.plant.common ?? plant;
    if (most !== undefined && count > most)
      found.push({
        sentence: `${count} ${name} are kept, but no more than ${most} are wanted: raise that limit, or unlock some.`,
        where: 'wishes',
      });
  }
  for (const row of kept.filter((planting) => planting.locked && !planting.stays)) {
    const here = almanac.plants.get(row.plant);
    const site = sites.find((of) => of.id === row.site_id);
    if (!here || !site) continue;
    if (barred({ ...question, wishes: { ...wishes, most: {} } }, here, []) === 'refused')
      found.push({
        sentence: `${here.plant.common} is locked in ${site.name}, but may not be grown here: unlock it and take it out.`,
        where: 'plan',
      });
    else if (fit(here.plant, site, almanac.place).verdict === 'unsuitable')
      found.push({
        sentence: `${here.plant.common} is locked in ${site.name}, where it does not fit and serves nobody: unlock it, or move it.`,
        where: 'plan',
      });
  }
  const bill = moneyFor(question, kept, { plants: [] });
  if (wishes.budget_minor !== null && bill > wishes.budget_minor)
    found.push({
      sentence: `What is planned and kept costs ${money(bill)}, more than the ${money(wishes.budget_minor)} there is: raise the budget by ${money(bill - wishes.budget_minor)}, or unlock some of it.`,
      where: 'wishes',
    });
  return found;
}
