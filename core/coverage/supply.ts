import { groundM2 } from '../match/quantities';
import type { Site } from '../model/garden';
import { groupsOf } from '../place/beds/groups';
import { SETTINGS } from '../settings';
import type { Rule } from './gives/rule';
import type { Stand } from './stands';
import type { Contribution, FeatureHere } from './types';

/** What the stands and features of a garden give one need in one half-month. */
export interface Supply {
  /** In the need's unit. */
  amount: number;
  /** Kinds that count, by plant; each feature that serves a special need is one too. */
  kinds: Set<string>;
  /** What of the amount comes from plants that are not pale, and from pale ones before their part is limited. */
  strong: number;
  pale: number;
  contributions: Contribution[];
}

/** Features of the sites that serve a need. */
export const featuresFor = (rule: Rule, sites: readonly Site[]): FeatureHere[] =>
  [...rule.features.keys()].flatMap((feature) =>
    sites.filter((site) => site.features.includes(feature)).map((site) => ({ feature, site: site.id })),
  );

/**
 * The largest patch on a site, as a share (0–1 and over) of one that a laying female finds; by site. Of what is arranged the
 * largest group counts, whose plants stand no farther from the next than SETTINGS.host.patchReach_m; what is not arranged is
 * taken to stand with it.
 */
export function patchesBySite(rule: Rule, stands: readonly Stand[]): Map<string, number> {
  const patches = new Map<string, number>();
  const placed = new Map<string, { x: number; y: number; share: number }[]>();
  for (const stand of stands) {
    const each = rule.of(stand)?.patch ?? 0;
    if (each === 0) continue;
    const { site, spots, count } = stand;
    const own = placed.get(site.id) ?? [];
    placed.set(site.id, own);
    if (spots) own.push(...spots.map(({ x, y }) => ({ x, y, share: each })));
    else patches.set(site.id, (patches.get(site.id) ?? 0) + count * each);
  }
  for (const [site, plants] of placed) {
    const groups = groupsOf(plants, SETTINGS.host.patchReach_m);
    const most = Math.max(0, ...groups.map((group) => group.reduce((sum, i) => sum + plants[i]!.share, 0)));
    if (most > 0) patches.set(site, (patches.get(site) ?? 0) + most);
  }
  return patches;
}

/**
 * What a garden gives a need, as a function of the half-month: what each of its stands gives, and its features. `shared`:
 * what each stand gives in each half-month where several draw on it; else all it has.
 */
export function supplyTo(
  rule: Rule,
  stands: readonly Stand[],
  sites: readonly Site[],
  shared: readonly (Float64Array | null)[] | null = null,
): (halfMonth: number) => Supply {
  const features = featuresFor(rule, sites);
  const fromFeatures = features.reduce((sum, { feature }) => sum + rule.features.get(feature)!, 0);
  const all = stands.map((stand) => rule.of(stand));
  const at = [...stands.keys()].filter((s) => all[s] !== null);
  const serving = at.map((s) => stands[s]!);
  const giving = at.map((s) => all[s]!);
  const ground = groundTaken(rule, serving);
  const supplyIn = (h: number): Supply => {
    const there = rule.amount > 0 ? fromFeatures : 0;
    const supply: Supply = { amount: there, kinds: new Set(), strong: there, pale: 0, contributions: [] };
    if (rule.amount === 0) for (const { feature } of features) supply.kinds.add(feature);
    // What serves wholly leaves nothing for plants to add.
    if (rule.whole && supply.kinds.size >= rule.kinds) return supply;
    const amounts = serving.map(({ count }, i) => (shared ? (shared[at[i]!]?.[h] ?? 0) : count * giving[i]!.each(h)));
    if (ground) withinGround(serving, amounts, ground);
    for (let i = 0; i < serving.length; i++) {
      const { id } = serving[i]!.here.plant;
      // Where others crowd all the young off a host, it is still laid on.
      const gives = rule.amount === 0 || (shared ? giving[i]!.each(h) : amounts[i]!) > 0;
      if (!gives || serving[i]!.count < giving[i]!.kindFrom(h) || supply.kinds.has(id)) continue;
      supply.kinds.add(id);
    }
    if (rule.saturates) saturate(serving, amounts, rule.amount);
    for (let i = 0; i < serving.length; i++) supply[giving[i]!.pale ? 'pale' : 'strong'] += amounts[i]!;
    // Pale plants add no more than as much again.
    const ofPale = supply.pale > supply.strong ? supply.strong / supply.pale : 1;
    if (ofPale < 1) for (let i = 0; i < serving.length; i++) if (giving[i]!.pale) amounts[i]! *= ofPale;
    for (let i = 0; i < serving.length; i++) {
      const amount = amounts[i]!;
      if (amount <= 0) continue;
      supply.amount += amount;
      supply.contributions.push({ planting: serving[i]!.id, amount: rule.whole ? 1 : amount });
    }
    return supply;
  };
  if (!rule.steady) return supplyIn;
  let always: Supply | null = null;
  return (h) => (always ??= supplyIn(h));
}

/** Takes from the amounts what kinds give beyond `most` each, from the plantings of such a kind in proportion. */
function saturate(stands: readonly Stand[], amounts: number[], most: number) {
  const byKind = new Map<string, number>();
  let plenty = false;
  for (let i = 0; i < stands.length; i++) {
    const { id } = stands[i]!.here.plant;
    const all = (byKind.get(id) ?? 0) + amounts[i]!;
    byKind.set(id, all);
    if (all > most) plenty = true;
  }
  if (!plenty) return;
  for (let i = 0; i < stands.length; i++) {
    const all = byKind.get(stands[i]!.here.plant.id)!;
    if (all > most) amounts[i] = (amounts[i]! * most) / all;
  }
}

/** What each stand takes of its site (m²) for what it gives; null where it takes none, or every site holds all of it. */
function groundTaken(rule: Rule, stands: readonly Stand[]): number[] | null {
  if (!rule.limitedByGround) return null;
  const ground = stands.map(({ here, count, site, vigour }) => groundM2(here.plant, count, site) * Math.min(1, vigour));
  const taken = new Map<string, number>();
  stands.forEach(({ site }, i) => taken.set(site.id, (taken.get(site.id) ?? 0) + ground[i]!));
  return stands.every(({ site }) => taken.get(site.id)! <= site.area_m2) ? null : ground;
}

/**
 * Cuts the amount of each stand to that for which its site has room. Of an overfull one that which gives most for its ground
 * counts first, so that neither the order of the plantings nor one more of them takes anything away. `ground`: what each
 * stand takes (m²).
 */
function withinGround(stands: readonly Stand[], amounts: number[], ground: readonly number[]) {
  const worth = amounts.map((amount, i) => (ground[i]! > 0 ? amount / ground[i]! : 0));
  const order = [...worth.keys()].filter((i) => worth[i]! > 0);
  order.sort((a, b) => worth[b]! - worth[a]! || (stands[a]!.id < stands[b]!.id ? -1 : 1));
  const left = new Map(stands.map(({ site }) => [site.id, site.area_m2]));
  for (const i of order) {
    const { site } = stands[i]!;
    const free = left.get(site.id)!;
    amounts[i]! *= Math.min(1, free / ground[i]!);
    left.set(site.id, Math.max(0, free - ground[i]!));
  }
}
