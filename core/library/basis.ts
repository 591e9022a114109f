import type { Plant } from '../model/reference';
import { BASES, BASIS_GROUPS, type Basis, type BasisGroup } from '../model/vocabulary';

/** The columns of plants.csv whose values share what they rest on. */
const GROUP_COLUMNS: Readonly<Record<BasisGroup, readonly (keyof Plant)[]>> = {
  life: ['life_years'],
  flowering: ['years_to_flower'],
  foliage: ['foliage_first', 'foliage_last'],
  ph: ['ph_min', 'ph_max'],
  salt: ['salt'],
  textures: ['textures'],
  deer: ['deer'],
  leaf: ['leaf_g'],
  price: ['price_minor'],
};

/** What the values of each group rest on, from the `basis` cell of a plant; a group that is not named there is known. */
export function basisOf({ basis }: Pick<Plant, 'basis'>): Record<BasisGroup, Basis> {
  const said = new Map(basis.split('|').map((pair) => pair.split(':') as [BasisGroup, Basis]));
  return Object.fromEntries(BASIS_GROUPS.map((group) => [group, said.get(group) ?? 'known'])) as Record<BasisGroup, Basis>;
}

/** How many plants have how much of each group known, estimated and at a default. */
export function basisCounts(plants: readonly Pick<Plant, 'basis'>[]): Record<BasisGroup, Record<Basis, number>> {
  const counts = Object.fromEntries(
    BASIS_GROUPS.map((group) => [group, Object.fromEntries(BASES.map((basis) => [basis, 0]))]),
  ) as Record<BasisGroup, Record<Basis, number>>;
  for (const plant of plants)
    for (const [group, basis] of Object.entries(basisOf(plant))) counts[group as BasisGroup][basis] += 1;
  return counts;
}

/**
 * The cells of a corrected plant with what its gardener changed taken as known: a value of their own is no estimate of the
 * library's. `before` are the cells of the shipped row.
 */
export function basisCorrected(cells: Record<string, string>, before: Record<string, string>): Record<string, string> {
  const rest = (cells.basis ?? before.basis ?? '').split('|').filter((pair) => {
    const columns = GROUP_COLUMNS[pair.split(':')[0] as BasisGroup] ?? [];
    return pair !== '' && columns.every((column) => cells[column] === before[column]);
  });
  return { ...cells, basis: rest.join('|') };
}

/** Prices of a usual plant of each kind in trade (hundredths), and what a scarcer trade makes of them. */
const USUAL_PRICE: Readonly<Record<Plant['kind'], number>> = {
  annual: 350,
  biennial: 400,
  herb: 400,
  bulb: 350,
  sedge: 450,
  grass: 500,
  perennial: 600,
  fern: 800,
  vine: 1800,
  shrub: 2800,
  tree: 5500,
};
const TRADE_FACTOR: Readonly<Record<Plant['trade'], number>> = {
  common: 1,
  'native-nurseries': 1.15,
  'seed-only': 1,
  seldom: 1.5,
};

/** Price (hundredths) of a plant nobody has priced: that of its kind, dearer where it is hard to have, cheaper for a low shrub. */
export function priceByRule({ kind, trade, height_max_cm }: Pick<Plant, 'kind' | 'trade' | 'height_max_cm'>): number {
  const usual = kind === 'shrub' && height_max_cm < 100 ? 1800 : USUAL_PRICE[kind];
  return 50 * Math.round((usual * TRADE_FACTOR[trade]) / 50);
}
