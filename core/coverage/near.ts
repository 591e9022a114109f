import type { Site } from '../model/garden';
import type { TargetHere } from '../model/here';
import { metresBetween } from '../place/yard/neighbours';
import { SETTINGS } from '../settings';
import { isLaidOn } from './gives/host';
import type { Rule } from './gives/rule';
import type { Stand } from './stands';

/** Do two sites lie so near that what grew up on the one winters on the other? Of what is not drawn nobody can say: it does. */
export function isNear(a: Pick<Site, 'id' | 'outline'>, b: Pick<Site, 'id' | 'outline'>): boolean {
  if (a.id === b.id) return true;
  const metres = metresBetween(a, b);
  return metres === null || metres <= SETTINGS.shelter.nearM;
}

/**
 * The sites near a host on which a target lays, by id, those of trees that stand around among them; null where it has no
 * host at all, so that its shelter is not told apart.
 */
function nearHosts(target: TargetHere, stands: readonly Stand[], sites: readonly Site[]): Set<string> | null {
  const hosts = [...new Set(stands.filter(({ here, site }) => isLaidOn(target, here.plant.id, site)).map(({ site }) => site))];
  if (hosts.length === 0) return null;
  const all = new Map([...sites, ...stands.map(({ site }) => site)].map((site) => [site.id, site]));
  return new Set([...all.values()].filter((site) => hosts.some((host) => isNear(host, site))).map(({ id }) => id));
}

/** The stands and sites that count for a rule: where it serves only near a host, those near one of the `hosts`. */
export function withinReach(
  rule: Rule,
  stands: readonly Stand[],
  sites: readonly Site[],
  hosts: readonly Stand[] = stands,
): { stands: readonly Stand[]; sites: readonly Site[]; reaches: (site: string) => boolean } {
  const near = rule.near ? nearHosts(rule.target, hosts, sites) : null;
  if (!near) return { stands, sites, reaches: () => true };
  return {
    stands: stands.filter(({ site }) => near.has(site.id)),
    sites: sites.filter(({ id }) => near.has(id)),
    reaches: (site) => near.has(site),
  };
}
