import type { Library } from '../../model/reference';

/** Names of creatures, plants and beds, both ways. */
export interface LogNames {
  commonOf(id: string): string;
  scientificOf(id: string): string;
  siteOf(id: string): string;
  /** Ids by a name as somebody writes it, common or scientific; null for an unknown one. */
  creature(name: string): string | null;
  plant(name: string): string | null;
  site(name: string): string | null;
}

const plain = (name: string): string =>
  name
    .trim()
    .toLowerCase()
    .replaceAll('’', "'")
    .replace(/[\s-]+/g, ' ');

/** The names of a library and a garden's beds. */
export function logNames(
  { targets, plants }: Pick<Library, 'targets' | 'plants'>,
  sites: readonly { id: string; name: string }[],
): LogNames {
  const all = new Map([...targets, ...plants].map((row) => [row.id, row]));
  const index = (rows: readonly { id: string; common: string; scientific: string; also: string }[]) => {
    const older = rows.flatMap((row) => row.also.split('|').map((name) => [plain(name), row.id] as const));
    const current = rows.flatMap((row) => [row.common, row.scientific, row.id].map((name) => [plain(name), row.id] as const));
    // A name in use today wins over one that another bore before.
    return new Map([...older.filter(([name]) => name !== ''), ...current]);
  };
  const creatures = index(targets);
  const grown = index(plants);
  const beds = new Map(sites.map((row) => [plain(row.name), row.id]));
  const bedNames = new Map(sites.map((row) => [row.id, row.name]));
  return {
    commonOf: (id) => all.get(id)?.common ?? id,
    scientificOf: (id) => all.get(id)?.scientific ?? '',
    siteOf: (id) => bedNames.get(id) ?? '',
    creature: (name) => creatures.get(plain(name)) ?? null,
    plant: (name) => grown.get(plain(name)) ?? null,
    site: (name) => beds.get(plain(name)) ?? null,
  };
}
