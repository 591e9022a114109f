import type { Plant } from '../../model/reference';
import type { PlantSize } from '../../model/vocabulary';
import { SETTINGS } from '../../settings';

/** The sizes a plant is sold in, the usual one first. */
export function sizesOf({ kind }: Pick<Plant, 'kind'>): PlantSize[] {
  if (kind === 'annual' || kind === 'biennial') return ['seed', 'plug', 'pot'];
  if (kind === 'bulb') return ['bulb', 'pot'];
  if (kind === 'shrub' || kind === 'tree' || kind === 'vine') return ['large', 'pot'];
  return ['pot', 'plug', 'seed'];
}

/** What a plant is bought as unless the gardener says otherwise: as seed where they raise it and it is easy, or is sold as nothing else. */
export function usualSize(plant: Pick<Plant, 'kind' | 'trade' | 'raising'>, raises: boolean): PlantSize {
  const sizes = sizesOf(plant);
  const seed = raises ? plant.raising === 'easy' && sizes[0] === 'seed' : false;
  if (seed || (plant.trade === 'seed-only' && sizes.includes('seed'))) return 'seed';
  return sizes.find((size) => size !== 'seed')!;
}

/** Prices the gardener has set, in hundredths, by plant and size. */
export type OwnPrices = Readonly<Record<string, number>>;
export const priceKey = (plant: string, size: PlantSize) => `${plant} ${size}`;

/** Price (hundredths of the currency) of one pot, plug, bulb or packet: the gardener's own, or the library's by size. */
export function unitPrice(plant: Pick<Plant, 'id' | 'kind' | 'price_minor'>, size: PlantSize, own: OwnPrices = {}): number {
  const set = own[priceKey(plant.id, size)];
  if (set !== undefined) return set;
  const { packet, share } = SETTINGS.shopping.prices;
  return size === 'seed' ? packet : Math.round(plant.price_minor * share[size]);
}

/** Plants of a garden of which the first winter is over, and how many of them were lost by then, by plant. */
export type OwnLosses = Readonly<Record<string, { planted: number; lost: number }>>;

/**
 * Share of plants lost in their first year, to be bought as spares: the trade's by size, and with own plants on record those
 * as well, the trade's counting as much as SETTINGS.shopping.lossesWeigh of them (the mean of a beta-binomial).
 */
export function lossShare(plant: string, size: Exclude<PlantSize, 'seed'>, own: OwnLosses = {}): number {
  const { losses, lossesWeigh } = SETTINGS.shopping;
  const { planted, lost } = own[plant] ?? { planted: 0, lost: 0 };
  return (losses[size] * lossesWeigh + lost) / (lossesWeigh + planted);
}

/** Pots, plugs, bulbs or packets to buy for a number of grown plants, the usual losses counted in whole plants. */
export function unitsToBuy(plant: string, count: number, size: PlantSize, own: OwnLosses = {}): number {
  if (count === 0) return 0;
  return size === 'seed'
    ? Math.ceil(count / SETTINGS.shopping.plantsPerPacket)
    : count + Math.round(count * lossShare(plant, size, own));
}

/** Money for `count` plants (hundredths of the currency), spares counted. */
export const costOf = (
  plant: Pick<Plant, 'id' | 'kind' | 'price_minor'>,
  count: number,
  size: PlantSize,
  own: OwnPrices = {},
  losses: OwnLosses = {},
) => unitsToBuy(plant.id, count, size, losses) * unitPrice(plant, size, own);
