import type { PlantHere } from '../../model/here';
import type { Site } from '../../model/garden';
import type { ColourFamily } from '../../model/vocabulary';
import { groundM2 } from '../../match/quantities';
import { SETTINGS } from '../../settings';
import type { Choices, PlantChoice } from './choices';
import type { PlanQuestion } from './question';

/** The family of a flower colour (#rrggbb), by its hue; pale and grey ones are white. */
export function colourFamily(hex: string): ColourFamily {
  const [r, g, b] = [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16) / 255) as [number, number, number];
  const most = Math.max(r, g, b);
  const span = most - Math.min(r, g, b);
  if (span < 0.16) return 'white';
  const hue = 60 * (most === r ? ((g - b) / span + 6) % 6 : most === g ? (b - r) / span + 2 : (r - g) / span + 4);
  if (hue < 15 || hue >= 345) return span / most < 0.55 && most > 0.6 ? 'pink' : 'red';
  const limits: [number, ColourFamily][] = [
    [40, 'orange'],
    [70, 'yellow'],
    [170, 'green'],
    [250, 'blue'],
    [300, 'purple'],
  ];
  return limits.find(([limit]) => hue < limit)?.[1] ?? 'pink';
}

/** What one plant of a choice costs in the gardener's preferences, beside its price (hundredths of the currency). */
function dislike({ wishes, garden }: PlanQuestion, { here, site, verdict, ground, stand, months, price }: PlantChoice): number {
  const { weigh } = SETTINGS.planner;
  const { plant, status } = here;
  const much = (wish: 'natives' | 'deer' | 'water' | 'care' | 'first_year' | 'flowers') => weigh.strength[wishes[wish]];
  const annual = plant.kind === 'annual';
  let each = 0;
  if (!status.native) each += much('natives') * weigh.foreign;
  if (garden.deer !== 'none' && plant.deer !== 'high')
    each += much('deer') * weigh.browsed * (plant.deer === 'low' ? 1 : 0.3) * (garden.deer === 'many' ? 2 : 1);
  if (plant.moisture_min > 3 || site.moisture < plant.moisture_min) each += much('water') * weigh.thirsty;
  each += much('care') * weigh.careful * (Number(verdict === 'workable') + Number(annual) + Number(plant.vigour === 3));
  if (!annual) each += much('first_year') * weigh.lateYear * Math.max(0, Math.min(plant.years_to_flower, 5) - 1);
  if (wishes.colours.length > 0 && plant.bloom_first !== null && !wishes.colours.includes(colourFamily(plant.colour_hex)))
    each += weigh.colour;
  // What flowers long is liked, but never for nothing.
  const shown = months.size / 12;
  const liked = Math.min(0.6 * weigh.ground * ground + 0.6 * price, much('flowers') * weigh.showy * shown * ground);
  return each * ground - liked + (verdict === 'workable' ? weigh.workable : 0) + weigh.unfit * (1 - stand.vigour);
}

/** What choices cost by the gardener's preferences; lower is liked better. One scale with money, hundredths of the currency. */
export interface Costs {
  /** For each plant of each choice. */
  each: Float64Array;
  /** For using a kind at all, by plant id. */
  kind: Map<string, number>;
  feature: number;
}

export function costsOf(question: PlanQuestion, { plants, kept }: Choices): Costs {
  const { weigh } = SETTINGS.planner;
  const money = weigh.money[question.wishes.cheap];
  const begun = new Set(kept.map((row) => row.plant));
  const kind = new Map<string, number>();
  const each = Float64Array.from(plants, (choice) => {
    const id = choice.here.plant.id;
    const foreign = choice.here.status.native ? 0 : weigh.strength[question.wishes.natives] * weigh.foreignKind;
    const { trade } = choice.here;
    const craft =
      weigh.trade[trade] +
      (choice.here.plant.manners === 'wild' ? weigh.wild : 0) +
      (choice.drawbacks.length > 0 ? weigh.drawback : 0);
    // A drawback of one bed counts for the kind.
    const before = kind.get(id) ?? -Infinity;
    kind.set(
      id,
      Math.max(before, money * choice.once + (begun.has(id) ? 0 : foreign + craft + weigh.kind[question.wishes.kinds])),
    );
    return money * choice.price + weigh.ground * choice.ground + dislike(question, choice);
  });
  return { each, kind, feature: weigh.feature };
}

/** Square metres of ground that plants of a list take, and the part of it that is native (0–1). */
export function nativeShare(rows: readonly { here: PlantHere; site: Site; count: number }[]): number {
  const ground = (list: typeof rows) => list.reduce((sum, row) => sum + groundM2(row.here.plant, row.count, row.site), 0);
  const all = ground(rows);
  return all === 0 ? 1 : ground(rows.filter((row) => row.here.status.native)) / all;
}
