import type { Host, Plant } from '../model/reference';

/** Ranks of host on which a brood grows up. */
export const ADMISSIBLE: ReadonlySet<Host['rank'] | undefined> = new Set(['primary', 'accepted'] as const);

/** Rows are not changed once read, and their names are asked for by every creature in turn. */
const namesOf = new WeakMap<object, string[]>();

/** The names a host row may use for a plant, most particular first: itself, its species, its genus, its family. */
export function hostNames(plant: Pick<Plant, 'id' | 'scientific' | 'family'>): string[] {
  const known = namesOf.get(plant);
  if (known) return known;
  const words = plant.scientific
    .toLowerCase()
    .replace(/[^a-z -]/g, '')
    .split(/\s+/);
  const names = [plant.id, words.slice(0, 2).join('-'), words[0]!, plant.family];
  namesOf.set(plant, names);
  return names;
}

/** One target's host rows laid over the plants: a species row wins over its genus, a genus over its family. */
export function resolveHosts(rows: readonly Host[], plants: readonly Plant[]): Map<string, Host> {
  const byName = new Map(rows.map((row) => [row.plant, row]));
  const found = new Map<string, Host>();
  for (const plant of plants) {
    const name = hostNames(plant).find((candidate) => byName.has(candidate));
    if (name) found.set(plant.id, byName.get(name)!);
  }
  return found;
}
