import { SETTINGS } from '../../settings';
import { unitPrice, unitsToBuy } from '../shopping/sizes';
import { keptCount } from './choices';
import { times, type ModelBuilder } from './model';
import { sizeFor } from './question';
import type { Entry } from './rows';

/** At least this share of the kinds of a plan must not be among `plants`. */
export interface Difference {
  plants: ReadonlySet<string>;
  share: number;
}

/** What a plan must keep to beside the room there is. */
export interface Limits {
  /** Money (hundredths) for what is proposed; null: no limit. */
  budget: number | null;
  differences: readonly Difference[];
}

/** Capacity rows: ground and crowns of each site, the gardener's limits, money, and how far it differs from other plans. */
export function addLimits(model: ModelBuilder, { budget, differences }: Limits) {
  const { choices, question } = model.problem;
  const { plants, rooms, kept } = choices;
  for (const { site, left, crowns } of rooms) {
    const here = plants.flatMap((row, choice) => (row.site === site ? [choice] : []));
    const trees = here.filter((choice) => plants[choice]!.crown > 0);
    if (here.length > 0) model.rows.atMost(left, ...here.map((of): Entry => [model.count[of]!, plants[of]!.ground]));
    if (trees.length > 0) model.rows.atMost(crowns, ...trees.map((of): Entry => [model.count[of]!, plants[of]!.crown]));
  }
  for (const [plant, list] of model.byPlant) {
    const wanted = question.wishes.most[plant];
    if (wanted === undefined || list.length === 1) continue;
    model.rows.atMost(wanted - keptCount(kept, plant), ...list.map((of): Entry => [model.count[of]!, 1]));
  }
  if (budget !== null) addBudget(model, budget);
  for (const { plants: others, share } of differences)
    model.rows.atMost(0, ...[...model.kind].map(([plant, column]): Entry => [column, others.has(plant) ? share : share - 1]));
}

/** The budget row: all that is bought, spares and packets in whole numbers, apart from what kept plants cost anyway. */
function addBudget(model: ModelBuilder, budget: number) {
  const { question, choices } = model.problem;
  const { losses, plantsPerPacket } = SETTINGS.shopping;
  const bill: Entry[] = [];
  for (const [id, list] of model.byPlant) {
    const { plant } = choices.plants[list[0]!]!.here;
    const size = sizeFor(question, plant);
    const price = unitPrice(plant, size, question.prices);
    const counts = list.map((of) => model.count[of]!);
    const there = choices.kept
      .filter((row) => row.plant === id && row.state === 'planned')
      .reduce((sum, row) => sum + row.count, 0);
    const bought = unitsToBuy(there, size);
    const share = size === 'seed' ? 1 / plantsPerPacket : losses[size];
    // Whole packets, or whole spares rounded as they are on the list.
    const extra = model.columns.integer(Infinity);
    const least = size === 'seed' ? there * share - bought : there * share - 0.5 - (bought - there) + 1e-6;
    model.rows.atLeast(least, [extra, 1], ...times(counts, -share));
    bill.push([extra, price]);
    if (size !== 'seed') bill.push(...times(counts, price));
  }
  model.rows.atMost(budget, ...bill);
}
