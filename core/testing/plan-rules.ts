import { fit } from '../match/fit/fit';
import type { Planting } from '../model/garden';
import { gardenSeason, potPlaces } from '../match/craft/places';
import { groundM2 } from '../match/quantities';
import { barred, choiceOf, keptCount, roomsOf } from '../plan/planner/choices';
import { moneyFor, type Proposed } from '../plan/planner/proposal';
import { keptOf, type PlanQuestion } from '../plan/planner/question';

/**
 * The rules that a proposal breaks, in words; empty for a sound one. Written against the records, not against the
 * program, so that it can judge whatever the solver returns: ground, height, fit, gates, drifts, limits, money and craft.
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
      const free = { ...rooms.find((of) => of.site === site)!, left: Infinity, crowns: Infinity };
      const choice = choiceOf(question, question.almanac.plants.get(row.plant)!, free, []);
      return typeof choice === 'string' ? sum : sum + row.count * choice.crown;
    }, 0);
    if (shaded > crowns + 1e-6 && shaded > 0) broken.push(`${site.name}: its trees crowd each other.`);
  }
  for (const [plant, count] of counts) {
    const most = question.wishes.most[plant];
    const there = keptCount(kept, plant);
    if (most !== undefined && there + count > most) broken.push(`${there + count} ${plant}, where ${most} are wanted at most.`);
  }
  broken.push(...brokenCraft(question, proposed, kept));
  const budget = question.wishes.budget_minor;
  const money = moneyFor(question, kept, proposed);
  if (budget !== null && proposed.plants.length > 0 && money > budget) broken.push(`It costs ${money}, ${budget} is there.`);
  return broken;
}

/** The rules of the craft that a proposal breaks: danger, pots by role, one kind too much, places left bare, wishes in beds. */
function brokenCraft(question: PlanQuestion, proposed: Proposed, kept: readonly Planting[]): string[] {
  const { almanac, garden, wishes } = question;
  const broken: string[] = [];
  const season = gardenSeason(almanac.frosts);
  for (const site of question.sites) {
    const rows = proposed.plants.filter((row) => row.site_id === site.id && almanac.plants.has(row.plant));
    if (rows.length === 0) continue;
    if (wishes.leave.includes(site.id)) broken.push(`${site.name} was to stay as it is.`);
    const hereOf = (row: { plant: string }) => almanac.plants.get(row.plant)!;
    for (const row of rows) {
      const here = hereOf(row);
      const { common, id } = here.plant;
      if (!garden.allowed.includes(id))
        for (const { hazard, severity, note } of here.cautions) {
          const lives =
            (garden.children && (hazard === 'people' || hazard === 'skin-eye')) ||
            ((garden.dogs || garden.cats) && hazard === 'pets') ||
            (garden.grazing && hazard === 'livestock');
          const passes = garden.passers_by && (hazard === 'people' || hazard === 'skin-eye');
          if ((lives && severity >= 2) || (passes && severity >= 3)) broken.push(`${common} in ${site.name}: ${note}`);
        }
      const there = kept.filter((of) => of.plant === row.plant && of.site_id === site.id).reduce((sum, of) => sum + of.count, 0);
      const all = there + row.count;
      // One plant there may always be, and a drift of the least number where the bed is small.
      const share =
        site.kind === 'container' ? all / potPlaces(site)!.held : (all * groundM2(here.plant, 1, site)) / site.area_m2;
      if (all > 1 && share > 0.4 + 1e-9) broken.push(`${all} ${common} take ${(100 * share).toFixed(0)} % of ${site.name}.`);
    }
    const places = potPlaces(site);
    if (places) {
      const count = (list: readonly { plant: string; count: number }[], tall: boolean) =>
        list.reduce((sum, row) => sum + (!tall || hereOf(row).plant.container_role === 'upright' ? row.count : 0), 0);
      const stays = kept.filter((row) => row.site_id === site.id && almanac.plants.has(row.plant));
      const free = Math.max(0, places.held - count(stays, false));
      if (count(rows, false) > free) broken.push(`${site.name} has ${free} places, not ${count(rows, false)}.`);
      const middle = Math.max(0, places.upright - count(stays, true));
      if (count(rows, true) > middle) broken.push(`${site.name} has room for ${middle} tall ones, not ${count(rows, true)}.`);
    }
    const there = [...rows, ...kept.filter((row) => row.site_id === site.id && almanac.plants.has(row.plant))];
    const bare = season.filter(
      (h) => !there.some((row) => hereOf(row).foliageShares[h]! >= 0.5 || hereOf(row).bloomShares[h]! >= 0.5),
    );
    if (bare.length > 0.3 * season.length + 1e-9)
      broken.push(`${site.name} is bare for ${bare.length} of ${season.length} half-months.`);
  }
  return broken;
}
