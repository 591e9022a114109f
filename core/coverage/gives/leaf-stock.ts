import { HALF_MONTHS, halfMonthsTouched, shareOfHalfMonth } from '../../model/half-month';
import type { LarvalPeriod, TargetHere } from '../../model/here';
import type { Plant } from '../../model/reference';
import { isWoody } from '../../model/vocabulary';
import { SETTINGS } from '../../settings';
import type { Stand } from '../stands';

/**
 * Leaf as a stock carried through the year. A plant has so much to spare in each half-month; a brood eats of it while it
 * feeds, and what is gone grows back after it by the plant's kind and the season, or comes again with the next leaf.
 */
export interface LeafStock {
  /** Leaf (g) that one plant can spare in each half-month if nothing has eaten of it; 0 where it has none. */
  spare: number[];
  /** Share (0–1) of each half-month in which it is there to be eaten. */
  there: readonly number[];
  /** Share of what is missing that grows back in each half-month. */
  regrowth: number[];
}

/** Buds and flowers stand before the bloom opens, and green pods after it. */
function budShares({ present }: Stand['bloom']): number[] {
  return present.map((share, h) =>
    Math.max(share, present[(h + 1) % HALF_MONTHS]!, present[(h + HALF_MONTHS - 1) % HALF_MONTHS]! * SETTINGS.leaf.podsShare),
  );
}

/** New leaf is small at first: the share of full leaf in each half-month in which a plant is in leaf. */
function flush(shares: readonly number[]): number[] {
  if (shares.every((share) => share > 0)) return shares.map(() => 1);
  const { opening } = SETTINGS.leaf;
  return shares.map((share, h) => {
    if (share === 0) return 0;
    let open = 0;
    while (open < opening.length && shares[(h - open - 1 + 2 * HALF_MONTHS) % HALF_MONTHS]! > 0) open++;
    return opening[open] ?? 1;
  });
}

const REGROWTH: Record<Plant['kind'], keyof typeof SETTINGS.leaf.regrowth> = {
  annual: 'herb',
  biennial: 'herb',
  perennial: 'herb',
  bulb: 'bulb',
  fern: 'herb',
  herb: 'herb',
  grass: 'grass',
  sedge: 'grass',
  vine: 'vine',
  shrub: 'shrub',
  tree: 'tree',
};

/** Does leaf on a site grow on through a dry month: in a pot that is watered, or on ground that stays even or wet? */
export const isWatered = (site: Pick<Stand['site'], 'kind' | 'moisture' | 'drainage'>): boolean =>
  site.kind === 'container' || site.moisture >= SETTINGS.leaf.wateredFrom || site.drainage === 'wet';

/** The leaf of one plant of a stand, or for those that eat them its buds and flowers. */
export function leafStock({ here, site, vigour, foliageShares, bloom }: Stand, eats: TargetHere['target']['eats']): LeafStock {
  const { plant, growing } = here;
  const { regrowth, flushEnds, lateShare, budsShare, budsAgain } = SETTINGS.leaf;
  const watered = isWatered(site);
  const growth = growing.warmth.map((warmth, h) => warmth * (watered ? 1 : growing.rain[h]!));
  const spared = plant.leaf_g * vigour * SETTINGS.host.usableShare;
  if (eats === 'buds') {
    const there = budShares(bloom);
    return {
      there,
      spare: there.map((share) => (share > 0 ? spared * budsShare : 0)),
      regrowth: growth.map((share) => share * budsAgain),
    };
  }
  const again = regrowth[REGROWTH[plant.kind]];
  return {
    there: foliageShares,
    spare: flush(foliageShares).map((share) => spared * share),
    // Woody plants flush once, and hardly again after midsummer.
    regrowth: growth.map(
      (share, h) => share * again * (isWoody(plant) && plant.kind !== 'vine' && h >= flushEnds ? lateShare : 1),
    ),
  };
}

/** A brood as it eats: in which half-months, and what one larva has eaten and is not grown back by any half-month. */
export interface EatingBrood {
  halfMonths: number[];
  /** Grams still missing in each half-month for one larva of the brood raised on the plant. */
  missing: Float64Array;
}

/**
 * What one larva of a brood takes from a plant's stock: its appetite (g) evenly over the days of the brood while there is
 * leaf, growing back only once the brood is over; gone with the old leaf where it falls. `within`: the half-months in which
 * it eats here, if not in all of them.
 */
export function eatingOf(
  period: LarvalPeriod,
  stock: LeafStock,
  appetite_g: number,
  within: (halfMonth: number) => boolean = () => true,
): EatingBrood {
  const halfMonths = halfMonthsTouched(period);
  const shares = halfMonths.map((h) => shareOfHalfMonth(h, period.from, period.to));
  const all = shares.reduce((sum, share) => sum + share, 0);
  const missing = new Float64Array(HALF_MONTHS);
  let taken = 0;
  let eaten = 0;
  for (let i = 0; i < HALF_MONTHS; i++) {
    const h = (halfMonths[0]! + i) % HALF_MONTHS;
    if (stock.spare[h] === 0) taken = eaten = 0;
    else if (i < halfMonths.length) {
      if (within(h)) taken += shares[i]!;
      eaten = (appetite_g * taken) / all;
    } else eaten *= 1 - stock.regrowth[h]!;
    missing[h] = eaten;
  }
  return { halfMonths, missing };
}

/** The brood that feeds for the longest part of each half-month; -1 where none does. */
export function broodByHalfMonth(periods: readonly LarvalPeriod[]): Int8Array {
  const found = new Int8Array(HALF_MONTHS).fill(-1);
  const most = new Float64Array(HALF_MONTHS);
  periods.forEach((period, brood) => {
    for (const h of halfMonthsTouched(period)) {
      const share = shareOfHalfMonth(h, period.from, period.to);
      if (share <= most[h]!) continue;
      most[h] = share;
      found[h] = brood;
    }
  });
  return found;
}

/** A host as the broods of one target eat it: its stock, and each brood that feeds on it. */
export interface Eaten {
  stock: LeafStock;
  /** Leaf (g) of it that raises one larva. */
  appetite_g: number;
  broods: EatingBrood[];
}
