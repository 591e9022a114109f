import type { PlantHere } from '../../model/here';
import type { Planting, Site } from '../../model/garden';
import type { Propagation } from '../../model/reference';
import { isWoody, type PlantSize } from '../../model/vocabulary';
import { groundM2 } from '../../match/quantities';
import { SETTINGS } from '../../settings';
import { bags, layerLitres, mixLitres } from '../../place/soil/volumes';
import { costOf, sizesOf, unitPrice, unitsToBuy, type OwnPrices } from './sizes';

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
  unit_minor: number;
  total_minor: number;
  source: Source;
  season: BuyingSeason;
  /** Sites it is for. */
  sites: string[];
  /** What to ask the nursery. */
  ask: Question[];
}
export interface GoodsLine {
  kind: 'goods';
  goods: 'mix' | 'mulch';
  litres: number;
  units: number;
  unit_minor: number;
  total_minor: number;
  source: 'yard';
  season: 'spring';
  sites: string[];
}
export type ShoppingLine = PlantLine | GoodsLine;

/** Key of the price of a bag of mix or mulch. */
export const goodsKey = (goods: GoodsLine['goods']) => `${goods} bag`;

function seasonOf(here: PlantHere, size: PlantSize, propagation: readonly Propagation[]): BuyingSeason {
  if (size === 'bulb') return 'autumn';
  if (size === 'seed') {
    // Seed that needs weeks of cold is sown in winter, so it is ordered in autumn.
    return propagation.some((row) => row.plant === here.plant.id && (row.stratify_days ?? 0) > 0) ? 'autumn' : 'winter';
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
 * What is to be bought for the planned plantings: plants with their spares, potting mix for the pots they stand in and
 * mulch for the ground they take, with prices by size (the gardener's own before the library's).
 */
export function shoppingList(
  rows: readonly Pick<Planting, 'plant' | 'site_id' | 'count' | 'state'>[],
  sites: readonly Site[],
  plantHere: (id: string) => PlantHere | undefined,
  choices: {
    prices: OwnPrices;
    sizes: Readonly<Record<string, PlantSize>>;
    hosts: ReadonlySet<string>;
    propagation: readonly Propagation[];
  },
): ShoppingLine[] {
  const siteOf = new Map(sites.map((site) => [site.id, site]));
  const counts = new Map<string, { here: PlantHere; count: number; sites: Set<string> }>();
  const planted = new Map<string, number>();
  for (const { plant, site_id, count, state } of rows) {
    const here = plantHere(plant);
    const site = siteOf.get(site_id);
    if (state !== 'planned' || !here || !site) continue;
    const row = counts.get(plant) ?? { here, count: 0, sites: new Set() };
    row.count += count;
    row.sites.add(site.name);
    counts.set(plant, row);
    planted.set(site.id, (planted.get(site.id) ?? 0) + groundM2(here.plant, count, site));
  }
  const lines: ShoppingLine[] = [...counts.values()].map(({ here, count, sites: names }): PlantLine => {
    const { plant } = here;
    const sizes = sizesOf(plant);
    const size = choices.sizes[plant.id] ?? sizes[0]!;
    const units = unitsToBuy(count, size);
    return {
      kind: 'plant',
      here,
      size,
      sizes,
      count,
      units,
      spares: size === 'seed' ? 0 : units - count,
      unit_minor: unitPrice(plant, size, choices.prices),
      total_minor: costOf(plant, count, size, choices.prices),
      source: size === 'seed' ? 'seed' : size === 'bulb' ? 'bulbs' : 'nursery',
      season: seasonOf(here, size, choices.propagation),
      sites: [...names],
      ask: questionsFor(here, size, choices.hosts.has(plant.id)),
    };
  });
  const { goods, mulchCm } = SETTINGS.shopping;
  const add = (of: GoodsLine['goods'], litres: number, names: string[]) => {
    const units = bags(litres, goods[of].bag_l);
    const unit_minor = choices.prices[goodsKey(of)] ?? goods[of].price;
    if (units > 0)
      lines.push({
        kind: 'goods',
        goods: of,
        litres,
        units,
        unit_minor,
        total_minor: units * unit_minor,
        source: 'yard',
        season: 'spring',
        sites: names,
      });
  };
  // A pot in which something grows is filled already.
  const full = new Set(rows.filter((row) => row.state === 'in-ground' || row.state === 'sown').map((row) => row.site_id));
  const pots = sites.filter((site) => site.kind === 'container' && planted.has(site.id) && !full.has(site.id));
  const filled = pots.reduce((sum, site) => sum + (site.pot ? mixLitres(site.pot) : (site.volume_l ?? 0)), 0);
  add(
    'mix',
    filled,
    pots.map((site) => site.name),
  );
  const beds = sites.filter((site) => site.kind === 'bed' && planted.has(site.id));
  const mulched = beds.reduce((sum, site) => sum + layerLitres(Math.min(site.area_m2, planted.get(site.id)!), mulchCm), 0);
  add(
    'mulch',
    mulched,
    beds.map((site) => site.name),
  );
  const order: Source[] = ['nursery', 'bulbs', 'seed', 'yard'];
  const nameOf = (line: ShoppingLine) => (line.kind === 'plant' ? line.here.plant.common : line.goods);
  return lines.sort((a, b) => order.indexOf(a.source) - order.indexOf(b.source) || nameOf(a).localeCompare(nameOf(b), 'en'));
}

export interface Bill {
  plants_minor: number;
  goods_minor: number;
  total_minor: number;
}

/** Totals of a list (hundredths): plants, which the budget is for, and the rest. */
export function billOf(lines: readonly ShoppingLine[]): Bill {
  const sum = (kind: ShoppingLine['kind']) =>
    lines.filter((line) => line.kind === kind).reduce((all, line) => all + line.total_minor, 0);
  const [plants_minor, goods_minor] = [sum('plant'), sum('goods')];
  return { plants_minor, goods_minor, total_minor: plants_minor + goods_minor };
}
