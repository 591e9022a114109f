import { warningsFor, type Gate, type GateGarden } from '../../match/gates/gates';
import type { PlantHere } from '../../model/here';
import type { Planting, Site } from '../../model/garden';
import type { WayBook } from '../../library/ways';
import { isWoody, type PlantSize } from '../../model/vocabulary';
import { goodsFor, goodsPrice, type Goods } from './goods';
import { costOf, sizesOf, unitPrice, unitsToBuy, usualSize, type OwnLosses, type OwnPrices } from './sizes';

/** Where things are bought, and in which season. */
export type Source = 'nursery' | 'seed' | 'bulbs' | 'yard';
export type BuyingSeason = 'autumn' | 'winter' | 'spring';

/** What to ask of whoever sells a plant. */
export type Question = 'true-to-name' | 'no-systemics' | 'no-systemics-host' | 'untreated-seed' | 'nursery-raised';

export interface PlantLine {
  kind: 'plant';
  here: PlantHere;
  size: PlantSize;
  sizes: PlantSize[];
  /** Plants wanted, what is bought for them, and how many of those are spares. */
  count: number;
  units: number;
  spares: number;
  /** What was lost of it here in its first winter, where that is on record: the spares follow from it too. */
  lost: OwnLosses[string] | null;
  unit_minor: number;
  total_minor: number;
  source: Source;
  season: BuyingSeason;
  /** Sites it is for. */
  sites: string[];
  /** What to ask the nursery, and whom it can hurt here or what takes it. */
  ask: Question[];
  warnings: Gate[];
}
export interface GoodsLine {
  kind: 'goods';
  goods: Goods;
  litres: number;
  units: number;
  unit_minor: number;
  total_minor: number;
  source: 'yard';
  season: 'spring';
  sites: string[];
}
export type ShoppingLine = PlantLine | GoodsLine;

function seasonOf(here: PlantHere, size: PlantSize, ways: WayBook): BuyingSeason {
  if (size === 'bulb') return 'autumn';
  if (size === 'seed') {
    // Seed that needs weeks of cold is sown in winter, so it is ordered in autumn.
    return ways.wantsCold(here.plant) ? 'autumn' : 'winter';
  }
  return isWoody(here.plant) ? 'autumn' : 'spring';
}

/** What to ask of whoever sells a plant that this garden's larvae and guests depend on. */
function questionsFor({ status }: PlantHere, size: PlantSize, isHost: boolean): Question[] {
  if (size === 'seed') return ['true-to-name', 'untreated-seed'];
  const ask: Question[] = ['true-to-name', isHost ? 'no-systemics-host' : 'no-systemics'];
  return status.native ? [...ask, 'nursery-raised'] : ask;
}

/**
 * What is to be bought for the planned plantings: plants with their spares, potting mix for the pots they stand in, mulch
 * for the ground they take and supports for what climbs, with prices by size (the gardener's own before the library's).
 */
export function shoppingList(
  rows: readonly Pick<Planting, 'plant' | 'site_id' | 'count' | 'state'>[],
  sites: readonly Site[],
  plantHere: (id: string) => PlantHere | undefined,
  choices: {
    prices: OwnPrices;
    losses: OwnLosses;
    sizes: Readonly<Record<string, PlantSize>>;
    raises: boolean;
    garden: GateGarden;
    hosts: ReadonlySet<string>;
    ways: WayBook;
  },
): ShoppingLine[] {
  const siteOf = new Map(sites.map((site) => [site.id, site]));
  const counts = new Map<string, { here: PlantHere; count: number; sites: Set<string> }>();
  for (const { plant, site_id, count, state } of rows) {
    const here = plantHere(plant);
    const site = siteOf.get(site_id);
    if (state !== 'planned' || !here || !site) continue;
    const row = counts.get(plant) ?? { here, count: 0, sites: new Set() };
    row.count += count;
    row.sites.add(site.name);
    counts.set(plant, row);
  }
  const lines: ShoppingLine[] = [...counts.values()].map(({ here, count, sites: names }): PlantLine => {
    const { plant } = here;
    const sizes = sizesOf(plant);
    const size = choices.sizes[plant.id] ?? usualSize(plant, choices.raises);
    const units = unitsToBuy(plant.id, count, size, choices.losses);
    return {
      kind: 'plant',
      here,
      size,
      sizes,
      count,
      units,
      spares: size === 'seed' ? 0 : units - count,
      lost: choices.losses[plant.id] ?? null,
      unit_minor: unitPrice(plant, size, choices.prices),
      total_minor: costOf(plant, count, size, choices.prices, choices.losses),
      source: size === 'seed' ? 'seed' : size === 'bulb' ? 'bulbs' : 'nursery',
      season: seasonOf(here, size, choices.ways),
      sites: [...names],
      warnings: warningsFor(here, choices.garden),
      ask: questionsFor(here, size, choices.hosts.has(plant.id)),
    };
  });
  const sizeOf = (plant: PlantHere['plant']) => choices.sizes[plant.id] ?? usualSize(plant, choices.raises);
  for (const need of goodsFor(rows, sites, (id) => plantHere(id)?.plant, sizeOf)) {
    const unit_minor = goodsPrice(need.goods, choices.prices);
    lines.push({
      ...need,
      kind: 'goods',
      unit_minor,
      total_minor: need.units * unit_minor,
      source: 'yard',
      season: 'spring',
    });
  }
  const order: Source[] = ['nursery', 'bulbs', 'seed', 'yard'];
  const nameOf = (line: ShoppingLine) => (line.kind === 'plant' ? line.here.plant.common : line.goods);
  return lines.sort((a, b) => order.indexOf(a.source) - order.indexOf(b.source) || nameOf(a).localeCompare(nameOf(b), 'en'));
}

export interface Bill {
  plants_minor: number;
  goods_minor: number;
  total_minor: number;
}

/** Totals of a list (hundredths): plants, the rest, and both together, which the budget is for. */
export function billOf(lines: readonly ShoppingLine[]): Bill {
  const sum = (kind: ShoppingLine['kind']) =>
    lines.filter((line) => line.kind === kind).reduce((all, line) => all + line.total_minor, 0);
  const [plants_minor, goods_minor] = [sum('plant'), sum('goods')];
  return { plants_minor, goods_minor, total_minor: plants_minor + goods_minor };
}
