import { coverage } from '../../coverage/coverage';
import type { Coverage } from '../../coverage/types';
import { choiceOf, barred, roomsOf } from './choices';
import { gardenWith, moneyFor, type Judged, type Proposed } from './proposal';
import { keptOf, type PlanQuestion } from './question';
import { helpersFor } from './why-open';

/** Some plants of a kind on a site. */
interface Row {
  plant: string;
  site_id: string;
  count: number;
}

/** A change of a plan that closes a target it leaves open, tried out. */
export type Remedy =
  | { kind: 'add'; add: Row }
  /** Something that is proposed goes out for it; targets that then open are named. */
  | { kind: 'swap'; out: Row; add: Row; opens: string[] }
  /** It closes where other targets are given up. */
  | { kind: 'instead'; opens: string[] };

/** Most plans that are tried. */
const MOST_TRIES = 160;

const closed = (covered: Coverage) => covered.targets.filter((row) => row.verdict === 'closed').map((row) => row.target);

/**
 * The change that closes a target which a plan leaves open: plants added where there is room, or set in the place of one
 * planting that is proposed; found by trying, the one that opens fewest others first. Null where none of those tried does.
 */
export function remedyFor(question: PlanQuestion, judged: Judged, target: string): Remedy | null {
  const kept = keptOf(question);
  const covered = judged.covered.targets.find((row) => row.target === target)!;
  const { plantings } = gardenWith(question, kept, judged.proposed);
  const helpers = new Map(
    covered.needs
      .filter((need) => need.verdict !== 'closed')
      .flatMap((need) => helpersFor(question, plantings, target, need))
      .map((helper) => [helper.here.plant.id, helper.here]),
  );
  const before = closed(judged.covered);
  let tries = 0;
  /** What a plan changed so comes to; null where it does not close the target, or costs too much. */
  const tried = (proposed: Proposed): string[] | null => {
    tries++;
    const { budget_minor: budget } = question.wishes;
    if (budget !== null && moneyFor(question, kept, proposed) > budget) return null;
    const now = closed(coverage(gardenWith(question, kept, proposed)));
    return now.includes(target) ? before.filter((row) => !now.includes(row)) : null;
  };
  /** Counts to be tried of a plant beside the rest of a plan: the least, and the most that fit. */
  const fitting = (plant: string, site_id: string, rest: Proposed['plants']): number[] => {
    const here = helpers.get(plant)!;
    const there = gardenWith(question, kept, { plants: rest, features: [] }).plantings;
    const room = roomsOf(question, there).find(({ site }) => site.id === site_id);
    if (!room || barred(question, here, there)) return [];
    const choice = choiceOf(question, here, room, there);
    return typeof choice === 'string'
      ? []
      : [...new Set([choice.least, Math.ceil((choice.least + choice.most) / 2), choice.most])];
  };
  const more = (rest: Proposed['plants'], add: Row): Proposed => {
    const same = rest.find((row) => row.plant === add.plant && row.site_id === add.site_id);
    const plants = same ? rest.map((row) => (row === same ? { ...row, count: row.count + add.count } : row)) : [...rest, add];
    return { ...judged.proposed, plants };
  };
  const sites = question.sites.map((site) => site.id);
  for (const plant of helpers.keys())
    for (const site_id of sites)
      for (const count of fitting(plant, site_id, judged.proposed.plants)) {
        const add = { plant, site_id, count };
        if (tries < MOST_TRIES && tried(more(judged.proposed.plants, add))?.length === 0) return { kind: 'add', add };
      }
  let best: Extract<Remedy, { kind: 'swap' }> | null = null;
  for (const out of judged.proposed.plants)
    for (const plant of helpers.keys()) {
      if (plant === out.plant || tries >= MOST_TRIES) continue;
      const rest = judged.proposed.plants.filter((row) => row !== out);
      for (const count of fitting(plant, out.site_id, rest)) {
        const add = { plant, site_id: out.site_id, count };
        const opens = tried(more(rest, add));
        if (opens === null) continue;
        if (opens.length === 0) return { kind: 'swap', out, add, opens };
        if (!best || opens.length < best.opens.length) best = { kind: 'swap', out, add, opens };
        break;
      }
    }
  return best;
}
