import { groundM2 } from '../../match/quantities';
import type { Planting, Site } from '../../model/garden';
import type { Plant } from '../../model/reference';
import type { PlantSize } from '../../model/vocabulary';
import { bags, layerLitres, mixLitres } from '../../place/soil/volumes';
import { SETTINGS } from '../../settings';
import { supportsFor } from '../../match/craft/kinds';
import type { OwnPrices } from './sizes';

/** What is bought beside plants. */
export type Goods = 'mix' | 'mulch' | 'support';

/** How much of some goods, and what for. */
export interface GoodsNeed {
  goods: Goods;
  /** Litres of mix or mulch; 0 for supports, which are counted. */
  litres: number;
  units: number;
  /** Names of the sites. */
  sites: string[];
}

/** Key of the price of a bag of mix or mulch, or of a support. */
export const goodsKey = (goods: Goods) => (goods === 'support' ? goods : `${goods} bag`);

/** Price (hundredths) of a bag or a support: the gardener's own, or the usual one. */
export const goodsPrice = (goods: Goods, own: OwnPrices = {}): number =>
  own[goodsKey(goods)] ?? SETTINGS.shopping.goods[goods].price;

/** Litres of mulch about one plant: none in a pot, over seed, or where plants of sharp drainage want bare sand. */
export function mulchLitres(plant: Plant, size: PlantSize, site: Pick<Site, 'kind' | 'drainage'>): number {
  if (site.kind !== 'bed' || size === 'seed' || site.drainage === 'sharp') return 0;
  return layerLitres(groundM2(plant, 1, site), SETTINGS.shopping.mulchCm);
}

/** Litres of mix that fill a container. */
export const mixFor = ({ pot, volume_l }: Pick<Site, 'pot' | 'volume_l'>): number => (pot ? mixLitres(pot) : (volume_l ?? 0));

/** Containers in which something grows already: they are filled. */
export const filledSites = (rows: readonly Pick<Planting, 'site_id' | 'state'>[]): Set<string> =>
  new Set(rows.filter((row) => row.state === 'in-ground' || row.state === 'sown').map((row) => row.site_id));

/**
 * What is to be bought beside the plants that are planned: mix for the pots they stand in, mulch for the ground they take,
 * supports for what climbs.
 */
export function goodsFor(
  rows: readonly Pick<Planting, 'plant' | 'site_id' | 'count' | 'state'>[],
  sites: readonly Site[],
  plantOf: (id: string) => Plant | undefined,
  sizeOf: (plant: Plant) => PlantSize,
): GoodsNeed[] {
  const { goods } = SETTINGS.shopping;
  const full = filledSites(rows);
  const planned = rows.filter((row) => row.state === 'planned');
  const found: GoodsNeed[] = [];
  const add = (of: 'mix' | 'mulch', bySite: readonly [Site, number][]) => {
    const some = bySite.filter(([, litres]) => litres > 0);
    const litres = some.reduce((sum, [, each]) => sum + each, 0);
    const units = bags(litres, goods[of].bag_l);
    if (units > 0) found.push({ goods: of, litres, units, sites: some.map(([site]) => site.name) });
  };
  const hereOf = (site: Site) => planned.filter((row) => row.site_id === site.id && plantOf(row.plant));
  add(
    'mix',
    sites
      .filter((site) => site.kind === 'container' && !full.has(site.id) && hereOf(site).length > 0)
      .map((site): [Site, number] => [site, mixFor(site)]),
  );
  add(
    'mulch',
    sites.map((site): [Site, number] => {
      const litres = hereOf(site).reduce((sum, { plant, count }) => {
        const of = plantOf(plant)!;
        return sum + count * mulchLitres(of, sizeOf(of), site);
      }, 0);
      return [site, Math.min(litres, layerLitres(site.area_m2, SETTINGS.shopping.mulchCm))];
    }),
  );
  const supports = sites.map((site): [Site, number] => [
    site,
    hereOf(site).reduce((sum, { plant, count }) => sum + supportsFor(plantOf(plant)!, count), 0),
  ]);
  const units = supports.reduce((sum, [, each]) => sum + each, 0);
  if (units > 0)
    found.push({ goods: 'support', litres: 0, units, sites: supports.filter(([, each]) => each > 0).map(([site]) => site.name) });
  return found;
}
