import { larvaePerGram, lightShare, type Lit } from '../../coverage/gives/host';
import type { Rule } from '../../coverage/gives/rule';
import type { Stand } from '../../coverage/stands';
import { patchesBySite } from '../../coverage/supply';
import type { Host } from '../../model/reference';
import { groupBy } from '../../model/group';
import { HALF_MONTHS } from '../../model/half-month';
import type { ProblemBuilder } from './builder';
import type { Term } from './cells';

/** The plants of one kind in one light, to be chosen and kept: they raise larvae of every target in one proportion. */
interface LeafGroup {
  plant: string;
  /** A site whose light stands for all of them. */
  site: Lit;
  choices: number[];
  kept: Stand[];
}

function leafGroups(b: ProblemBuilder, eaten: readonly Rule[]): LeafGroup[] {
  const groups = new Map<string, LeafGroup>();
  // Sites whose light is alike to all who lay on a plant are one.
  const lightsOn = new Map<string, Set<Host['light']>>();
  for (const { target } of eaten)
    for (const [plant, { light }] of target.hosts) lightsOn.set(plant, (lightsOn.get(plant) ?? new Set()).add(light));
  const groupOf = (plant: string, site: Lit) => {
    const key = [plant, ...[...(lightsOn.get(plant) ?? [])].sort().map((light) => lightShare(light, site))].join(' ');
    const known = groups.get(key) ?? { plant, site, choices: [], kept: [] };
    groups.set(key, known);
    return known;
  };
  b.choices.plants.forEach(({ here, site }, choice) => groupOf(here.plant.id, site).choices.push(choice));
  for (const stand of b.stands) groupOf(stand.here.plant.id, stand.site).kept.push(stand);
  return [...groups.values()];
}

const usualLeaf = (b: ProblemBuilder, plant: string, h: number) => b.question.almanac.plants.get(plant)!.foliageShares[h]!;

/** Larvae that one grown, thriving plant of a group raises in a half-month, in its kind's usual leaf. */
function larvaeEach(b: ProblemBuilder, rule: Rule, group: LeafGroup, h: number): number {
  const [choice] = group.choices;
  const stand = choice === undefined ? group.kept[0]! : b.choices.plants[choice]!.stand;
  const leaf = stand.foliageShares[h]!;
  if (leaf === 0 || stand.vigour === 0) return 0;
  return ((rule.of(stand)?.each(h) ?? 0) / (stand.vigour * leaf)) * usualLeaf(b, group.plant, h);
}

/** Kept plants of a group, counted as grown, thriving ones in their kind's usual leaf of a half-month. */
function keptPlants(b: ProblemBuilder, { plant, kept }: LeafGroup, h: number): number {
  const leaf = usualLeaf(b, plant, h);
  return kept.reduce((sum, stand) => sum + (stand.count * stand.vigour * stand.foliageShares[h]!) / leaf, 0);
}

/** What the sharing of leaf depends on in a half-month: which targets feed, and how far the hosts are in leaf. */
function leafPattern(b: ProblemBuilder, groups: readonly LeafGroup[], eaten: readonly Rule[], h: number): string {
  const feeding = eaten.filter(({ need }) => need.halfMonths.includes(h)).map(({ target }) => target.target.id);
  const hosts = groups.filter(({ plant }) => eaten.some(({ target }) => target.hosts.has(plant)));
  const timed = b.stands.filter((stand) => stand.foliageShares !== stand.here.foliageShares);
  return [feeding, hosts.map(({ plant }) => usualLeaf(b, plant, h)), timed.map((stand) => stand.foliageShares[h])].join(' ');
}

/** The patch of a target: null where one that is found stands already. */
function patchFor(b: ProblemBuilder, rule: Rule): number | null {
  const there = patchesBySite(rule, b.stands);
  if (Math.max(0, ...there.values()) >= 1 - 1e-9) return null;
  const bySite = new Map<string, { fixed: number; from: Term[] }>();
  for (const [site, fixed] of there) bySite.set(site, { fixed, from: [] });
  b.choices.plants.forEach(({ stand, site }, choice) => {
    const share = rule.of(stand)?.patch ?? 0;
    if (share === 0) return;
    const row = bySite.get(site.id) ?? { fixed: 0, from: [] };
    row.from.push([choice, share]);
    bySite.set(site.id, row);
  });
  const patch = [...bySite.values()];
  return b.patches.get(JSON.stringify(patch), () => patch);
}

/**
 * Answers the cells of each target's leaf, half-month by half-month; null where what is kept fills one. Leaf that it
 * alone eats adds to its cells directly. Leaf that several targets eat in the same half-month is a shared resource, of
 * which each takes a part; in half-months of one pattern the same is shared in the same way, so that one division serves
 * them all.
 */
export function leafCellsFor(b: ProblemBuilder, eaten: readonly Rule[]): (rule: Rule) => (number | null)[] {
  const groups = leafGroups(b, eaten);
  const patterns = Array.from({ length: HALF_MONTHS }, (_, h) => leafPattern(b, groups, eaten, h));
  const standing = groupBy(b.stands, (stand) => stand.here.plant.id);
  return (rule) => leafCells(b, { groups, patterns, standing, eaten }, rule);
}

/** What all targets' leaf has in common. */
interface AllLeaf {
  groups: readonly LeafGroup[];
  patterns: readonly string[];
  standing: ReadonlyMap<string, Stand[]>;
  eaten: readonly Rule[];
}

function leafCells(b: ProblemBuilder, { groups, patterns, standing, eaten }: AllLeaf, rule: Rule): (number | null)[] {
  const patch = patchFor(b, rule);
  const own = groups.filter(({ plant, site }) => larvaePerGram(rule.target, plant, site) > 0);
  const giving = b.givingTo(rule);
  return rule.need.halfMonths.map((h) => {
    const from: [number, number][] = [];
    const shared: [number, number][] = [];
    let fixed = 0;
    for (const group of own) {
      const each = larvaeEach(b, rule, group, h);
      if (each === 0) continue;
      const total =
        group.choices.length === 0
          ? null
          : b.total(group.choices.map((choice): Term => [choice, b.choices.plants[choice]!.stand.vigour]));
      const kept = keptPlants(b, group, h);
      const eaters = eaten.filter(
        ({ need, target }) => need.halfMonths.includes(h) && larvaePerGram(target, group.plant, group.site) > 0,
      );
      if (eaters.length > 1) {
        const key = `${groups.indexOf(group)} ${patterns[h]}`;
        shared.push([b.resources.get(key, () => ({ total, fixed: kept })), each]);
      } else {
        if (total !== null) from.push([total, each]);
        fixed += kept * each;
      }
    }
    const keptKinds = [...standing].filter(([, stands]) =>
      stands.some((stand) => stand.count >= (rule.of(stand)?.kindFrom(h) ?? Infinity)),
    );
    const there = new Set(keptKinds.map(([plant]) => plant));
    if (shared.length === 0 && fixed >= rule.amount - 1e-9 && there.size >= rule.kinds && patch === null) return null;
    const indicators = [...giving].flatMap(([plant, list]) => (there.has(plant) ? [] : (b.kindIn(list, h) ?? [])));
    const content = {
      whole: false,
      amount: { demand: rule.amount, fixed, from, shared },
      kinds: there.size < rule.kinds ? { wanted: rule.kinds, fixed: there.size, from: indicators } : null,
      patch,
    };
    // A resource is divided between those that feed on it together, so their cells are their own.
    return b.cell(content, shared.length > 0 ? rule.target.target.id : '');
  });
}
