import type { Host, Plant, Target } from '../model/reference';

/** Ranks of host on which a brood grows up. */
export const ADMISSIBLE: ReadonlySet<Host['rank'] | undefined> = new Set(['primary', 'accepted'] as const);

/** Does a creature live on the buds and flowers of a host, or on its leaf: as the host's row says, else as it usually does? */
export const eatsOf = ({ eats }: Pick<Target, 'eats'>, host: Pick<Host, 'part'> | undefined): Target['eats'] =>
  host?.part ? (host.part === 'buds' ? 'buds' : 'leaf') : eats;

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

/** Which plants a name speaks of, by their place in the list, and how particular it is of each: 0 for itself. */
type Named = Map<string, { place: number; wide: number }[]>;

/** Lists of plants are not changed once read, and every creature asks for its hosts among all of them. */
const namedIn = new WeakMap<readonly Plant[], Named>();

function namesIn(plants: readonly Plant[]): Named {
  const known = namedIn.get(plants);
  if (known) return known;
  const named: Named = new Map();
  plants.forEach((plant, place) =>
    hostNames(plant).forEach((name, wide) => {
      const list = named.get(name);
      if (list) list.push({ place, wide });
      else named.set(name, [{ place, wide }]);
    }),
  );
  namedIn.set(plants, named);
  return named;
}

/** One target's host rows laid over the plants: a species row wins over its genus, a genus over its family. */
export function resolveHosts(rows: readonly Host[], plants: readonly Plant[]): Map<string, Host> {
  const named = namesIn(plants);
  const best = new Map<number, { wide: number; row: Host }>();
  for (const row of rows)
    for (const { place, wide } of named.get(row.plant) ?? []) {
      const before = best.get(place);
      // Of two rows of one name the later counts.
      if (!before || wide <= before.wide) best.set(place, { wide, row });
    }
  return new Map([...best].sort(([a], [b]) => a - b).map(([place, { row }]) => [plants[place]!.id, row]));
}

/** Do the larvae of a creature grow up on a plant, by its hosts here? */
export function feeds(hosts: ReadonlyMap<string, Host> | undefined, plant: string): boolean {
  const host = hosts?.get(plant);
  return host !== undefined && ADMISSIBLE.has(host.rank);
}
