import { coverage, type CoverageInput } from '../../coverage/coverage';
import type { Coverage } from '../../coverage/types';
import type { Planting } from '../../model/garden';
import { PLANNED } from '../../model/states';
import type { Feature } from '../../model/vocabulary';
import { goodsFor, goodsPrice, type Goods } from '../shopping/goods';
import { costOf } from '../shopping/sizes';
import type { Choices } from './choices';
import { craftCost } from './craft-cost';
import type { Costs } from './preferences';
import { sizeFor, type PlanQuestion } from './question';
import { compareWorth, worthOf, type Worth } from './worth';

/** What a proposal adds to what is kept. */
export interface Proposed {
  plants: { plant: string; site_id: string; count: number }[];
  features: { feature: Feature; site_id: string }[];
}

/** The counts of the choices (plants first, then features) as what they add. */
export function proposedOf({ plants, features }: Choices, counts: ArrayLike<number>): Proposed {
  return {
    plants: plants.flatMap(({ here, site }, i) => {
      const count = Math.round(counts[i]!);
      return count > 0 ? [{ plant: here.plant.id, site_id: site.id, count }] : [];
    }),
    features: features.flatMap(({ feature, site }, i) =>
      Math.round(counts[plants.length + i]!) > 0 ? [{ feature, site_id: site.id }] : [],
    ),
  };
}

/** The plantings of a garden with a proposal planted: what is kept, and each addition as a planned planting. */
function plantingsWith(kept: readonly Planting[], proposed: Pick<Proposed, 'plants'>): Planting[] {
  return [
    ...kept,
    ...proposed.plants.map(({ plant, site_id, count }): Planting => ({
      id: `proposed ${plant} ${site_id}`,
      revision: 0,
      plan_id: 'proposed',
      plant,
      site_id,
      count,
      ...PLANNED,
    })),
  ];
}

/** The garden with a proposal carried out, as coverage reads it: plants grown, features made. */
export function gardenWith(question: PlanQuestion, kept: readonly Planting[], proposed: Proposed): CoverageInput {
  const { almanac, garden, targets, places } = question;
  const sites = question.sites.map((site) => {
    const added = proposed.features.filter((row) => row.site_id === site.id).map((row) => row.feature);
    return added.length === 0 ? site : { ...site, features: [...site.features, ...added] };
  });
  return { almanac, garden, targets, sites, plantings: plantingsWith(kept, proposed), places, year: null };
}

/** A proposal with what coverage says of it. */
export interface Judged {
  proposed: Proposed;
  covered: Coverage;
  /** What it is worth to the targets (worthOf), and what it costs by the preferences; of equal worth the cheaper is better. */
  worth: Worth;
  cost: number;
  /** Money for all there is to buy (hundredths): plants with usual losses, mix, mulch and supports. */
  money: number;
}

/** What a plan costs (hundredths), told apart. */
export interface Money {
  plants: number;
  goods: { goods: Goods; units: number; minor: number }[];
  total: number;
}

/**
 * Money for all there is to buy: plants proposed and those kept that are planned and not yet ordered, by how they are bought,
 * with the mix, mulch and supports they want.
 */
export function moneySplit(question: PlanQuestion, kept: readonly Planting[], proposed: Pick<Proposed, 'plants'>): Money {
  const plantOf = (id: string) => question.almanac.plants.get(id)?.plant;
  const rows = [...kept, ...proposed.plants.map((row) => ({ ...row, state: 'planned' as const }))];
  const counts = new Map<string, number>();
  for (const { plant, count, state } of rows) if (state === 'planned') counts.set(plant, (counts.get(plant) ?? 0) + count);
  let plants = 0;
  for (const [id, count] of counts) {
    const plant = plantOf(id);
    if (plant) plants += costOf(plant, count, sizeFor(question, plant), question.prices, question.losses);
  }
  const goods = goodsFor(rows, question.sites, plantOf, (plant) => sizeFor(question, plant)).map(({ goods: of, units }) => ({
    goods: of,
    units,
    minor: units * goodsPrice(of, question.prices),
  }));
  return { plants, goods, total: plants + goods.reduce((sum, { minor }) => sum + minor, 0) };
}

/** The same in all. */
export const moneyFor = (question: PlanQuestion, kept: readonly Planting[], proposed: Pick<Proposed, 'plants'>): number =>
  moneySplit(question, kept, proposed).total;

/** What counts of the choices cost by the preferences. */
export function costOfCounts(choices: Choices, costs: Costs, counts: ArrayLike<number>): number {
  const { plants, features } = choices;
  const kinds = new Set<string>();
  let cost = 0;
  plants.forEach(({ here }, i) => {
    if (!counts[i]) return;
    cost += counts[i]! * costs.each[i]!;
    kinds.add(here.plant.id);
  });
  features.forEach((_, i) => (cost += counts[plants.length + i]! * costs.feature));
  for (const kind of kinds) cost += costs.kind.get(kind)!;
  return cost + craftCost(choices, counts);
}

/** Tries a proposal on the garden. */
export function judge(question: PlanQuestion, choices: Choices, costs: Costs, counts: ArrayLike<number>): Judged {
  const proposed = proposedOf(choices, counts);
  const covered = coverage(gardenWith(question, choices.kept, proposed));
  return {
    proposed,
    covered,
    worth: worthOf(covered, question.targets),
    cost: costOfCounts(choices, costs, counts),
    money: moneyFor(question, choices.kept, proposed),
  };
}

/** Is one proposal better than another: worth more to the targets, or as much and cheaper by the preferences? */
export function isBetter(a: Judged, b: Judged | null): boolean {
  if (!b) return true;
  const more = compareWorth(a.worth, b.worth);
  return more === 0 ? a.cost < b.cost - 1e-6 : more > 0;
}
