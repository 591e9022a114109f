import { fit } from '../match/fit/fit';
import { groundM2 } from '../match/quantities';
import { barred, choiceOf, keptCount, roomsOf } from '../plan/planner/choices';
import { moneyFor, type Proposed } from '../plan/planner/proposal';
import { keptOf, type PlanQuestion } from '../plan/planner/question';

/**
 * The rules that a proposal breaks, in words; empty for a sound one. Written against the records, not against the
 * program, so that it can judge whatever the solver returns: ground, height, fit, gates, drifts, limits and money.
 */
export function brokenRules(question: PlanQuestion, proposed: Proposed): string[] {
  const kept = keptOf(question);
  const rooms = roomsOf(question, kept);
  const broken: string[] = [];
  const counts = new Map<string, number>();
  for (const { plant, site_id, count } of proposed.plants) {
    const here = question.almanac.plants.get(plant);
    const room = rooms.find(({ site }) => site.id === site_id);
    if (!here || !room) {
      broken.push(`${plant} on ${site_id} is unknown.`);
      continue;
    }
    const what = `${count} ${here.plant.common} in ${room.site.name}`;
    counts.set(plant, (counts.get(plant) ?? 0) + count);
    const ruling = barred(question, here, kept) ?? choiceOf(question, here, room, kept);
    if (typeof ruling === 'string') broken.push(`${what}: ${ruling}.`);
    else if (count < ruling.least || count > ruling.most || !Number.isInteger(count))
      broken.push(`${what}: ${ruling.least} to ${ruling.most} are allowed.`);
    if (fit(here.plant, room.site, question.almanac.place).verdict === 'unsuitable') broken.push(`${what}: unsuitable.`);
  }
  for (const { site, left, crowns } of rooms) {
    const here = proposed.plants.filter((row) => row.site_id === site.id && question.almanac.plants.has(row.plant));
    if (here.length === 0) continue;
    const used = here.reduce((sum, row) => sum + groundM2(question.almanac.plants.get(row.plant)!.plant, row.count, site), 0);
    if (used > left + 1e-6) broken.push(`${site.name}: ${used.toFixed(2)} m² are used, ${left.toFixed(2)} are left.`);
    const shaded = here.reduce((sum, row) => {
      const choice = choiceOf(question, question.almanac.plants.get(row.plant)!, { site, left: Infinity, crowns: Infinity }, []);
      return typeof choice === 'string' ? sum : sum + row.count * choice.crown;
    }, 0);
    if (shaded > crowns + 1e-6 && shaded > 0) broken.push(`${site.name}: its trees crowd each other.`);
  }
  for (const [plant, count] of counts) {
    const most = question.wishes.most[plant];
    const there = keptCount(kept, plant);
    if (most !== undefined && there + count > most) broken.push(`${there + count} ${plant}, where ${most} are wanted at most.`);
  }
  const budget = question.wishes.budget_minor;
  const money = moneyFor(question, kept, proposed);
  if (budget !== null && proposed.plants.length > 0 && money > budget) broken.push(`It costs ${money}, ${budget} is there.`);
  return broken;
}
