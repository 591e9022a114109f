import type { Almanac } from '../../model/here';

/** Chosen targets, by common name, for which a plant is a trap. */
export function trapsFor(almanac: Almanac, chosen: readonly string[], plant: string): string[] {
  return chosen.flatMap((id) => {
    const target = almanac.targets.get(id);
    return target?.hosts.get(plant)?.rank === 'trap' ? [target.target.common] : [];
  });
}
