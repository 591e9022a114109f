import { groundM2 } from '../../match/quantities';
import { SETTINGS } from '../../settings';
import { potPlaces } from '../../match/craft/places';
import type { SiteRoom } from './choices';
import { flowerlessMonths } from './craft-cost';
import { Planting } from './greedy';
import type { Problem } from './problem';

/** How much of a site is still to be planted: places of a pot, or m² of a bed. */
function emptyOn({ site, left, kept }: SiteRoom, planted: number, ground: number, fuller: boolean): number {
  const { potFilled, bedFilled } = SETTINGS.craft;
  const places = potPlaces(site);
  if (places) return Math.ceil(potFilled * places.held - 1e-9) - kept.places - planted;
  return fuller ? left - ground - (1 - bedFilled) * site.area_m2 : 0;
}

/**
 * Fills pots, and beds where less bare ground is wished, beyond what the creatures need: with what serves them too, flowers in
 * months that have no flower yet, is liked best and is there already, within all the rules and the budget. Answers the counts.
 */
export function filled(problem: Problem, counts: Float64Array, budget: number | null): Float64Array {
  const state = new Planting(problem, budget);
  state.reset(counts);
  const { choices, costs, question } = problem;
  const { flowerless } = SETTINGS.planner.weigh;
  const begun = new Set(choices.kept.map((row) => row.plant));
  for (const room of choices.rooms) {
    const here = [...choices.plants.keys()].filter((choice) => choices.plants[choice]!.site === room.site);
    const fitting = here.filter((choice) => choices.plants[choice]!.drawbacks.length === 0 && state.serves(choice));
    for (;;) {
      const planted = here.reduce((sum, choice) => sum + state.counts[choice]!, 0);
      const ground = here.reduce(
        (sum, choice) => sum + groundM2(choices.plants[choice]!.here.plant, state.counts[choice]!, room.site),
        0,
      );
      if (emptyOn(room, planted, ground, question.wishes.fuller) <= 1e-9) break;
      const used = (choice: number) => state.counts[choice]! > 0;
      const bare = flowerlessMonths(room).filter(
        (month) => !here.some((choice) => used(choice) && choices.plants[choice]!.months.has(month)),
      );
      const alive = room.kept.backbone || here.some((choice) => used(choice) && choices.plants[choice]!.backbone);
      const kinds = new Set([...choices.plants.keys()].filter(used).map((choice) => choices.plants[choice]!.here.plant.id));
      let best = { choice: -1, count: 0, value: Infinity };
      for (const choice of fitting) {
        const { here: of, least, months, backbone } = choices.plants[choice]!;
        const count = used(choice) ? 1 : least;
        if (count > state.allowed(choice) || (!alive && !backbone)) continue;
        const { id } = of.plant;
        const kind = kinds.has(id) || begun.has(id) ? 0 : costs.kind.get(id)!;
        const value = costs.each[choice]! + (kind - flowerless * bare.filter((month) => months.has(month)).length) / count;
        if (value < best.value) best = { choice, count, value };
      }
      if (best.choice < 0) break;
      state.add(best.choice, best.count);
    }
  }
  return state.counts;
}
