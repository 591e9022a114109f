import type { PlantHere } from '../model/here';
import type { PlanWishes } from '../model/wishes';
import type { Trade } from '../model/vocabulary';
import type { Drawback } from '../match/craft/kinds';
import type { Money } from '../plan/planner/proposal';
import type { Remedy } from '../plan/planner/remedy';
import { listed } from './lists';
import type { Units } from './units';

/** What speaks against a kind, in a clause that follows its name. */
const DRAWBACKS: Record<Drawback, string> = {
  'exotic-milkweed': 'is a milkweed of another country',
  seldom: 'is seldom for sale here',
  'seed-only': 'is sold as seed only',
  weedy: 'looks like a weed in a border',
  prickly: 'is spiny, burred or raises a rash',
  parasite: 'lives on the roots of its neighbours, and is seldom raised from seed',
  runs: 'runs, and will want to be held',
  'poor-in-pots': 'only just lives in a pot',
  disease: 'is taken by a disease',
};

/** What speaks against a plant that is offered: `; it is seldom for sale here`. Empty where nothing does. */
export const drawbackClause = (drawbacks: readonly Drawback[]): string =>
  drawbacks.length === 0 ? '' : `; it ${listed(drawbacks.map((row) => DRAWBACKS[row]))}`;

/** Why a kind with drawbacks is there all the same: `Stinging nettle is seldom for sale here; nothing else closes it.` */
export function drawbackSentence(common: string, drawbacks: readonly Drawback[], nextBest: string | null): string {
  const instead = nextBest ? ` Next best: ${nextBest}.` : ' Nothing else of the library would do.';
  return `${common} ${listed(drawbacks.map((row) => DRAWBACKS[row]))}: it is there because something closes or is fed only by it.${instead}`;
}

/** How a plant can be had. */
export const TRADE_WORDS: Record<Trade, string> = {
  common: 'sold everywhere',
  'native-nurseries': 'from native nurseries',
  'seed-only': 'as seed only',
  seldom: 'seldom for sale here',
};

/** The names that sentences about a remedy use. */
interface RemedyNames {
  plant: (id: string) => string;
  site: (id: string) => string;
  target: (id: string) => string;
}

/** The change that closes a target, in a sentence. */
export function remedySentence(remedy: Remedy, target: string, names: RemedyNames): string {
  const some = ({ count, plant }: { count: number; plant: string }) => `${count} ${names.plant(plant)}`;
  const opens = (list: readonly string[]) => (list.length > 0 ? `, but ${listed(list.map(names.target))} would open` : '');
  const who = names.target(target);
  switch (remedy.kind) {
    case 'add':
      return `There is room: ${some(remedy.add)} in ${names.site(remedy.add.site_id)} would close ${who}.`;
    case 'swap':
      return `${names.site(remedy.out.site_id)} is full: take out the ${names.plant(remedy.out.plant)}, and ${some(remedy.add)} in its place would close ${who}${opens(remedy.opens)}.`;
    case 'instead':
      return remedy.opens.length > 0
        ? `On these beds ${who} closes only in the place of ${listed(remedy.opens.map(names.target))}: give that up, or give ${who} a higher priority.`
        : `Another plan of the same beds would close ${who} too: look more thoroughly.`;
  }
}

/** Money told apart: `$96.00: plants $55.00, 2 bags of mix $28.00, …`. */
export function moneyWords({ plants, goods, total }: Money, units: Units): string {
  if (goods.length === 0) return `${units.money(total)} for plants`;
  const parts = goods.map(({ goods: of, units: count, minor }) => {
    const bags = count === 1 ? 'bag' : 'bags';
    const what = of === 'support' ? (count === 1 ? 'support' : 'supports') : `${bags} of ${of}`;
    return `${count} ${what} ${units.money(minor)}`;
  });
  return `${units.money(total)}: plants ${units.money(plants)}, ${parts.join(', ')}`;
}

const KEEP = { grown: 'keeping what grows', planned: 'keeping what is planned too', bare: 'from bare soil' };
const PREFERENCES = {
  natives: 'natives',
  cheap: 'little money',
  deer: 'left by deer',
  water: 'little watering',
  care: 'little care',
  first_year: 'flowers in the first year',
  flowers: 'much in flower',
} as const;

/** What was wished of a plan, as it stands beside the result. */
export function wishesWords(wishes: PlanWishes, names: RemedyNames, units: Units): string {
  const parts: string[] = [KEEP[wishes.keep]];
  if (wishes.budget_minor !== null) parts.push(`up to ${units.money(wishes.budget_minor)} for everything`);
  if (wishes.kinds !== 'any') parts.push(wishes.kinds === 'few' ? 'few kinds' : 'many kinds');
  if (wishes.layout === 'scattered') parts.push('planted singly');
  for (const [key, word] of Object.entries(PREFERENCES)) {
    const strength = wishes[key as keyof typeof PREFERENCES];
    if (strength !== 'off') parts.push(`${word} ${strength === 'much' ? 'matters much' : 'matters'}`);
  }
  if (wishes.colours.length > 0) parts.push(`in ${listed(wishes.colours)}`);
  if (wishes.fuller) parts.push('less bare ground');
  for (const row of wishes.here)
    parts.push(`${row.plant ? names.plant(row.plant) : `a host of ${names.target(row.host_of!)}`} in ${names.site(row.site)}`);
  for (const site of wishes.leave) parts.push(`${names.site(site)} as it is`);
  for (const [site, cm] of Object.entries(wishes.tallest_cm))
    parts.push(`nothing over ${units.length(cm)} in ${names.site(site)}`);
  for (const [plant, most] of Object.entries(wishes.most))
    parts.push(most === 0 ? `no ${names.plant(plant)}` : `at most ${most} ${names.plant(plant)}`);
  return parts.join('; ');
}

/** What a proposed tree comes to: `In ten years about 5 m tall; its crown then shades 6 m², grown 50 m².` */
export function treeSentence(
  { plant }: Pick<PlantHere, 'plant'>,
  size: { height_cm: number; crown_m2: number; grown_m2: number },
  units: Units,
): string {
  return `In ten years ${plant.common} is about ${units.length(size.height_cm)} tall and shades ${units.area(size.crown_m2)}; grown, ${units.area(size.grown_m2)}.`;
}
