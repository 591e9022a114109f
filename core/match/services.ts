import type { Almanac, PlantHere, TargetHere } from '../model/here';
import { ADMISSIBLE } from '../library/hosts';
import { nectarOfFlower, drinksNectar } from './nectar';
import type { Host } from '../model/reference';
import { SETTINGS } from '../settings';

/** Whom one plant serves among the chosen targets, whatever the beds are like. */
export interface Service {
  here: PlantHere;
  hostOf: { target: string; common: string; rank: Host['rank'] }[];
  nectarFor: { target: string; common: string }[];
  /** How much it serves, to sort by: a host of a brood counts four drinkers. */
  weight: number;
}

const byName = new Intl.Collator('en');

/** The targets of which a plant raises a brood. */
export const raisedBy = ({ hostOf }: Pick<Service, 'hostOf'>): string[] =>
  hostOf.filter(({ rank }) => ADMISSIBLE.has(rank)).map(({ target }) => target);

/** Whom one plant serves among some targets: as host by rank, and with nectar each can reach in some half-month of its flight. */
export function serviceOf(here: PlantHere, targets: readonly TargetHere[]): Service {
  const hostOf = targets.flatMap(({ target, hosts }) => {
    const host = hosts.get(here.plant.id);
    return host ? [{ target: target.id, common: target.common, rank: host.rank }] : [];
  });
  const nectarFor = targets
    .filter((t) => drinksNectar(t.target) && nectarOfFlower(t.target, here.plant) > 0)
    .filter((t) => t.flightHalfMonths.some((h) => here.bloomShares[h]! >= SETTINGS.nectar.inBloomShare))
    .map(({ target }) => ({ target: target.id, common: target.common }));
  return { here, hostOf, nectarFor, weight: 4 * raisedBy({ hostOf }).length + nectarFor.length };
}

/** Whom each plant of an almanac serves among the `chosen` targets, in the order of the plants' common names. */
export function services(almanac: Almanac, chosen: readonly string[]): Service[] {
  const targets = chosen.flatMap((id) => almanac.targets.get(id) ?? []);
  return [...almanac.plants.values()]
    .map((here) => serviceOf(here, targets))
    .sort((a, b) => byName.compare(a.here.plant.common, b.here.plant.common));
}
