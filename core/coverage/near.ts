import type { Site } from '../model/garden';
import type { TargetHere } from '../model/here';
import { metresBetween } from '../place/yard/neighbours';
import { SETTINGS } from '../settings';
import { isLaidOn } from './gives/host';
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
export function nearHosts(target: TargetHere, stands: readonly Stand[], sites: readonly Site[]): Set<string> | null {
  const hosts = [...new Set(stands.filter(({ here, site }) => isLaidOn(target, here.plant.id, site)).map(({ site }) => site))];
  if (hosts.length === 0) return null;
  const all = new Map([...sites, ...stands.map(({ site }) => site)].map((site) => [site.id, site]));
  return new Set([...all.values()].filter((site) => hosts.some((host) => isNear(host, site))).map(({ id }) => id));
}
