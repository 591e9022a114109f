import type { PlantHere } from '../../model/here';
import { SETTINGS } from '../../settings';
import { supportsFor } from '../../match/craft/kinds';
import { filledSites, goodsFor, goodsPrice, mixFor, mulchLitres } from '../shopping/goods';
import { lossShare, unitPrice, unitsToBuy } from '../shopping/sizes';
import { keptCount } from './choices';
import { times, type ModelBuilder } from './model';
import { sizeFor } from './question';
import type { Entry } from './rows';

/** What a plan must keep to beside the room there is. */
export interface Limits {
  /** Money (hundredths) for what is proposed; null: no limit. */
  budget: number | null;
}

/** Capacity rows: crowns of each site, the gardener's limits, and money. */
export function addLimits(model: ModelBuilder, { budget }: Limits) {
  const { choices, question } = model.problem;
  const { plants, rooms, kept } = choices;
  for (const { site, crowns } of rooms) {
    const trees = plants.flatMap((row, choice) => (row.site === site && row.crown > 0 ? [choice] : []));
    if (trees.length > 0) model.rows.atMost(crowns, ...trees.map((of): Entry => [model.count[of]!, plants[of]!.crown]));
  }
  for (const [plant, list] of model.byPlant) {
    const wanted = question.wishes.most[plant];
    if (wanted === undefined || list.length === 1) continue;
    model.rows.atMost(wanted - keptCount(kept, plant), ...list.map((of): Entry => [model.count[of]!, 1]));
  }
  if (budget !== null) addBudget(model, budget);
}

/** The budget row: all that is bought, spares and packets in whole numbers, apart from what kept plants cost anyway. */
function addBudget(model: ModelBuilder, budget: number) {
  const { question, choices } = model.problem;
  const { plantsPerPacket } = SETTINGS.shopping;
  const bill: Entry[] = [];
  for (const [id, list] of model.byPlant) {
    const { plant } = choices.plants[list[0]!]!.here;
    const size = sizeFor(question, plant);
    const price = unitPrice(plant, size, question.prices);
    const counts = list.map((of) => model.count[of]!);
    const there = choices.kept
      .filter((row) => row.plant === id && row.state === 'planned')
      .reduce((sum, row) => sum + row.count, 0);
    const bought = unitsToBuy(id, there, size, question.losses);
    const share = size === 'seed' ? 1 / plantsPerPacket : lossShare(id, size, question.losses);
    // Whole packets, or whole spares rounded as they are on the list.
    const extra = model.columns.integer(Infinity);
    const least = size === 'seed' ? there * share - bought : there * share - 0.5 - (bought - there) + 1e-6;
    model.rows.atLeast(least, [extra, 1], ...times(counts, -share));
    bill.push([extra, price]);
    if (size !== 'seed') bill.push(...times(counts, price));
  }
  bill.push(...goodsBill(model));
  model.rows.atMost(budget, ...bill);
}

/** What is bought beside plants, in whole bags and supports, apart from what kept plants want anyway. */
function goodsBill(model: ModelBuilder): Entry[] {
  const { question, choices } = model.problem;
  const { plants, kept, rooms } = choices;
  const { goods } = SETTINGS.shopping;
  const plantOf = (id: string) => question.almanac.plants.get(id)?.plant;
  const size = (plant: PlantHere['plant']) => sizeFor(question, plant);
  const there = goodsFor(kept, question.sites, plantOf, size);
  const bill: Entry[] = [];
  const inBags = (of: 'mix' | 'mulch', litres: readonly Entry[]) => {
    if (litres.length === 0) return;
    const before = there.find((row) => row.goods === of);
    const column = model.columns.integer(Infinity);
    // Whole bags over those that are bought anyway.
    model.rows.atLeast(
      (before?.litres ?? 0) - (before?.units ?? 0) * goods[of].bag_l,
      [column, goods[of].bag_l],
      ...litres.map(([at, each]): Entry => [at, -each]),
    );
    bill.push([column, goodsPrice(of, question.prices)]);
  };
  inBags(
    'mulch',
    plants.flatMap(({ here, site }, choice): Entry[] => {
      const litres = mulchLitres(here.plant, size(here.plant), site);
      return litres > 0 ? [[model.count[choice]!, litres]] : [];
    }),
  );
  const full = filledSites(kept);
  const mix = rooms.flatMap(({ site, places }): Entry[] => {
    const begun = full.has(site.id) || kept.some((row) => row.site_id === site.id && row.state === 'planned');
    const here = plants.flatMap((row, choice) => (row.site === site ? [model.count[choice]!] : []));
    if (!places || begun || here.length === 0) return [];
    const used = model.columns.integer(1);
    model.rows.atMost(0, ...times(here, 1), [used, -Math.max(0, places.held)]);
    model.filled.push({ column: used, choices: plants.flatMap((row, choice) => (row.site === site ? [choice] : [])) });
    return [[used, mixFor(site)]];
  });
  inBags('mix', mix);
  plants.forEach(({ here }, choice) => {
    const one = supportsFor(here.plant, 1);
    if (one === 0) return;
    const per = SETTINGS.craft.perSupport[here.plant.kind === 'vine' ? 'woody' : 'summer'];
    const column = model.columns.integer(Infinity);
    model.rows.atLeast(0, [column, per], [model.count[choice]!, -1]);
    bill.push([column, goodsPrice('support', question.prices)]);
  });
  return bill;
}
