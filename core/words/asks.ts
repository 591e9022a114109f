import { feeds } from '../library/hosts';
import { halfMonthsInWords } from '../model/half-month';
import type { Almanac, TargetHere } from '../model/here';
import type { Planting } from '../model/garden';
import type { Ask } from '../plan/asks/ask';
import type { FirstSet } from '../plan/asks/first-set';
import { listed, sentence } from './lists';
import { FEATURE_NAMES, needName } from './needs';
import { hindranceWords } from './offers';
import type { Units } from './units';

type Known = Pick<Almanac, 'plants' | 'targets'>;

/** Plants of a proposal by kind, with how many in all and whether the kind is planted already. */
function kindsOf({ proposed }: Ask, plantings: readonly Pick<Planting, 'plant'>[]) {
  const counts = new Map<string, number>();
  for (const { plant, count } of proposed.plants) counts.set(plant, (counts.get(plant) ?? 0) + count);
  return [...counts].map(([plant, count]) => ({ plant, count, more: plantings.some((row) => row.plant === plant) }));
}

const kinds = (n: number, more: boolean) => `${n} ${more ? 'further ' : ''}${n === 1 ? 'kind' : 'kinds'} in flower`;

/** What is added for a creature: its hosts by name and number, its flowers by their kinds, and what is not a plant. */
function askedFor(ask: Ask, almanac: Known, plantings: readonly Pick<Planting, 'plant'>[]): string {
  const here = almanac.targets.get(ask.target)!;
  const all = kindsOf(ask, plantings);
  const isHost = ({ plant }: (typeof all)[number]) => ask.ambition !== 'visits' && feeds(here.hosts, plant);
  const name = (row: (typeof all)[number]) => {
    const { common, kind } = almanac.plants.get(row.plant)!.plant;
    return kind === 'tree'
      ? `${row.count === 1 ? 'a tree' : `${row.count} trees`}, ${common}`
      : `${row.count} ${row.more ? 'more ' : ''}${common}`;
  };
  const hosts = all.filter(isHost);
  const flowers = all.filter((row) => !isHost(row));
  const few = flowers.length > 0 && flowers.length + hosts.length <= 2;
  return listed([
    ...hosts.map(name),
    ...(few ? flowers.map(name) : flowers.length > 0 ? [kinds(flowers.length, hosts.length > 0)] : []),
    ...ask.proposed.features.map((row) => FEATURE_NAMES[row.feature]),
  ]);
}

/** What a creature would still ask of this plan, in a line. */
export function askSentence(ask: Ask, almanac: Known, plantings: readonly Pick<Planting, 'plant'>[], units: Units): string {
  const here = almanac.targets.get(ask.target)!;
  const visitor = ask.ambition === 'visits';
  const { obstacle } = ask;
  const why =
    obstacle === 'room'
      ? 'all it asks takes more room than is left'
      : obstacle
        ? `nearest is ${almanac.plants.get(obstacle.plant)!.plant.common}: ${hindranceWords(obstacle.why, units)}`
        : 'nothing here feeds its young';
  const breeding = visitor ? ` To breed here: ${why}.` : '';
  if (ask.served) return visitor ? `Already served as a visitor.${breeding}` : 'Already served.';
  if (!ask.nearly) {
    const [need] = ask.open;
    if (!need || ask.obstacle) return `Not on these beds: ${why}.`;
    return `Not on these beds: nothing that may be planted gives ${needName(need.need, here)}.`;
  }
  const what = askedFor(ask, almanac, plantings);
  const asks = `${visitor ? `As a visitor: ${what}` : sentence(what)}${ask.ground_m2 > 0 ? ` on ${units.area(ask.ground_m2)}` : ''}.`;
  const [short] = ask.open;
  return `${asks}${short ? ` ${lacking(ask, here)}` : ''}${breeding}`;
}

/** What stays short of a creature that is nearly served. */
function lacking({ open }: Ask, here: TargetHere): string {
  const [need] = open;
  return `Even then it is short of ${needName(need!.need, here)} in ${halfMonthsInWords(need!.gaps)}.`;
}

/** Why a creature is in the first set, in a line: what feeds its young, or what it comes to drink. */
export function firstWhy(ask: Ask, almanac: Known): string {
  const here = almanac.targets.get(ask.target)!;
  const all = kindsOf(ask, []);
  const name = (row: (typeof all)[number]) => almanac.plants.get(row.plant)!.plant.common;
  const hosts = ask.ambition === 'visits' ? [] : all.filter((row) => feeds(here.hosts, row.plant));
  const flowers = all.filter((row) => !hosts.includes(row));
  const fed =
    hosts.length > 0
      ? `Its young grow up on ${listed(hosts.map((row) => `${row.count} ${name(row)}`))}`
      : `${here.target.kind === 'hummingbird' ? 'Drinks at' : 'Comes to drink at'} ${listed(flowers.slice(0, 3).map(name)) || 'flowers'}`;
  if (ask.closes) return `${fed}.`;
  const short = listed(ask.open.map((need) => needName(need.need, here)));
  return ask.nearly ? `${fed}. ${lacking(ask, here)}` : `${fed}; at times it is short of ${short}.`;
}

/** What the first set was calculated for. */
export function firstSetGround({ sites, imagined }: FirstSet, units: Units): string {
  const pots = sites.filter((site) => site.kind === 'container').reduce((sum, site) => sum + (site.pot?.count ?? 1), 0);
  const area = units.area(sites.reduce((sum, site) => sum + site.area_m2, 0));
  if (!imagined) return 'on your beds and pots as they are';
  return pots > 0 ? `in ${pots === 4 ? 'four' : pots} ordinary pots in the sun` : `in ${area} of ordinary sunny ground here`;
}
