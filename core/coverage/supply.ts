import { groundM2 } from '../match/quantities';
import type { Site } from '../model/garden';
import type { Giving, Rule } from './gives/rule';
import type { Stand } from './stands';
import type { Contribution, FeatureHere } from './types';

/** What the stands and features of a garden give one need in one half-month. */
export interface Supply {
  /** In the need's unit. */
  amount: number;
  /** Kinds that count, by plant; each feature that serves a special need is one too. */
  kinds: Set<string>;
  contributions: Contribution[];
}

/** Features of the sites that serve a need. */
export const featuresFor = (rule: Rule, sites: readonly Site[]): FeatureHere[] =>
  [...rule.features.keys()].flatMap((feature) =>
    sites.filter((site) => site.features.includes(feature)).map((site) => ({ feature, site: site.id })),
  );

/** The largest patch on a site, as a share (0–1 and over) of one that a laying female finds; by site. */
export function patchesBySite(rule: Rule, stands: readonly Stand[]): Map<string, number> {
  const patches = new Map<string, number>();
  for (const stand of stands) {
    const share = stand.count * (rule.of(stand)?.patch ?? 0);
    if (share > 0) patches.set(stand.site.id, (patches.get(stand.site.id) ?? 0) + share);
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
  shared: readonly Float64Array[] | null = null,
): (halfMonth: number) => Supply {
  const features = featuresFor(rule, sites);
  const fromFeatures = features.reduce((sum, { feature }) => sum + rule.features.get(feature)!, 0);
  const giving = stands.map((stand) => rule.of(stand));
  const ground = groundTaken(rule, stands, giving);
  const plantOf = new Map(stands.map((stand) => [stand.id, stand.here.plant.id]));
  return (h) => {
    const supply: Supply = { amount: rule.amount > 0 ? fromFeatures : 0, kinds: new Set(), contributions: [] };
    if (rule.amount === 0) for (const { feature } of features) supply.kinds.add(feature);
    // What serves wholly leaves nothing for plants to add.
    if (rule.whole && supply.kinds.size >= rule.kinds) return supply;
    const amountOf = (s: number) => (shared ? shared[s]![h]! : stands[s]!.count * giving[s]!.each(h));
    const cut = ground ? withinGround(stands, amountOf, ground) : null;
    const byKind = new Map<string, number>();
    stands.forEach((stand, s) => {
      const given = giving[s];
      if (!given) return;
      const amount = amountOf(s) * (cut?.[s] ?? 1);
      if (stand.count >= given.kindFrom(h) && (rule.amount === 0 || amount > 0)) supply.kinds.add(stand.here.plant.id);
      if (amount <= 0) return;
      supply.amount += amount;
      supply.contributions.push({ planting: stand.id, amount: rule.whole ? 1 : amount });
      if (rule.saturates) byKind.set(stand.here.plant.id, (byKind.get(stand.here.plant.id) ?? 0) + amount);
    });
    if (rule.saturates) saturate(supply, byKind, rule.amount, plantOf);
    return supply;
  };
}

/** Takes from a supply what kinds give beyond `most` each, from the plantings of such a kind in proportion. */
function saturate(supply: Supply, byKind: ReadonlyMap<string, number>, most: number, plantOf: ReadonlyMap<string, string>) {
  for (const row of supply.contributions) {
    const all = byKind.get(plantOf.get(row.planting)!)!;
    if (all <= most) continue;
    const kept = (row.amount * most) / all;
    supply.amount -= row.amount - kept;
    row.amount = kept;
  }
}

/** What each stand takes of its site (m²) for what it gives; null where it takes none, or every site holds all of it. */
function groundTaken(rule: Rule, stands: readonly Stand[], giving: readonly (Giving | null)[]): number[] | null {
  if (!rule.limitedByGround) return null;
  const ground = stands.map(({ here, count, site, vigour }, s) =>
    giving[s] ? groundM2(here.plant, count, site) * Math.min(1, vigour) : 0,
  );
  const taken = new Map<Site, number>();
  stands.forEach(({ site }, s) => taken.set(site, (taken.get(site) ?? 0) + ground[s]!));
  return [...taken].every(([site, area]) => area <= site.area_m2) ? null : ground;
}

/**
 * The share (0–1) of each stand's amount for which its site has room. Of an overfull one that which gives most for its
 * ground counts first, so that neither the order of the plantings nor one more of them takes anything away. `ground`: what
 * each stand takes (m²).
 */
function withinGround(stands: readonly Stand[], amountOf: (s: number) => number, ground: readonly number[]): number[] {
  const worth = stands.map((_, s) => (ground[s]! > 0 ? amountOf(s) / ground[s]! : 0));
  const order = [...worth.keys()].filter((s) => worth[s]! > 0);
  order.sort((a, b) => worth[b]! - worth[a]! || (stands[a]!.id < stands[b]!.id ? -1 : 1));
  const left = new Map(stands.map(({ site }) => [site, site.area_m2]));
  const shares = stands.map(() => 1);
  for (const s of order) {
    const { site } = stands[s]!;
    const free = left.get(site)!;
    shares[s] = Math.min(1, free / ground[s]!);
    left.set(site, Math.max(0, free - ground[s]!));
  }
  return shares;
}
