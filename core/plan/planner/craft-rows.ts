import { SETTINGS } from '../../settings';
import { answers, isWanted } from './bed-wish';
import { flowerlessMonths } from './craft-cost';
import { times, type ModelBuilder } from './model';
import type { Entry } from './rows';

/**
 * The rows of the craft. Rules: a pot holds what it holds, tall ones in its middle; what leaves its place bare comes with
 * what does not; what is wanted in a bed is there. A wish, as a cost: a flower in every month everywhere.
 */
export function addCraft(model: ModelBuilder) {
  const { choices, question } = model.problem;
  const { flowerless } = SETTINGS.planner.weigh;
  const { plants, rooms } = choices;
  for (const room of rooms) {
    const here = plants.flatMap((row, choice) => (row.site === room.site ? [choice] : []));
    if (here.length === 0) continue;
    const counts = (of: readonly number[]) => of.map((choice) => model.count[choice]!);
    const ground = (of: readonly number[]) => of.map((choice): Entry => [model.count[choice]!, plants[choice]!.ground]);
    model.rows.atMost(Math.max(0, room.left), ...ground(here));
    if (room.places) {
      model.rows.atMost(Math.max(0, room.places.held), ...times(counts(here), 1));
      const upright = here.filter((choice) => plants[choice]!.upright);
      if (upright.length > 0) model.rows.atMost(Math.max(0, room.places.upright), ...times(counts(upright), 1));
    }
    const passing = here.filter((choice) => !plants[choice]!.backbone);
    if (!room.kept.backbone && passing.length > 0) {
      const backbone = here.filter((choice) => plants[choice]!.backbone);
      const stands = model.columns.integer(1);
      model.backbones.push({ column: stands, choices: backbone });
      model.rows.atMost(0, [stands, 1], ...times(counts(backbone), -1));
      model.rows.atMost(0, ...ground(passing), [stands, -Math.max(0, room.left)]);
    }
    for (const month of flowerlessMonths(room)) {
      const lack = model.columns.share();
      model.cost.push([lack, flowerless]);
      const open = here.filter((choice) => plants[choice]!.months.has(month));
      model.rows.atLeast(1, [lack, 1], ...times(counts(open), 1));
    }
  }
  for (const wish of question.wishes.here) {
    if (choices.kept.some((row) => row.site_id === wish.site && isWanted(question, wish, row.plant))) continue;
    const that = plants.flatMap((row, choice) => (answers(question, row, wish) ? [model.count[choice]!] : []));
    if (that.length > 0) model.rows.atLeast(1, ...times(that, 1));
  }
}
