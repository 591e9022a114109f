/** What rollup knows of the modules of a build. */
interface Meta {
  getModuleIds: () => IterableIterator<string>;
  getModuleInfo: (id: string) => { isEntry: boolean; importedIds: readonly string[] } | null;
}

/** A view of the garden's work: a station, or the frame around them all. */
const STATION = /\/pages\/gardens\/\[garden\](\/(place|targets|match|plan|season|library)(\/index)?)?\.vue$/;
const FRAME = /\/pages\/gardens\/\[garden\]\.vue$/;
/** The list of gardens, where most begin. */
const LIST = /\/pages\/index\.vue$/;
/** So many stations share what is fetched with the first of them. */
const SHARED_BY = 3;

/** Everything that comes with some modules or chunks, themselves included. */
function closure(ids: readonly string[], importsOf: (id: string) => readonly string[] | undefined): Set<string> {
  const found = new Set(ids);
  for (const next of found) for (const imported of importsOf(next) ?? []) found.add(imported);
  return found;
}

/**
 * One file for what every page begins with, and one for what the frame of the stations or several of them have in common,
 * instead of half a hundred small ones that a browser fetches one after the other.
 */
export function stationChunk() {
  let chunks: Map<string, 'first' | 'stations'> | null = null;
  const find = (meta: Meta): NonNullable<typeof chunks> => {
    const all = [...meta.getModuleIds()];
    const comingWith = (ids: readonly string[]) => closure(ids, (id) => meta.getModuleInfo(id)?.importedIds);
    const users = new Map<string, number>();
    for (const id of all.filter((one) => STATION.test(one)))
      for (const used of comingWith([id])) users.set(used, (users.get(used) ?? 0) + (FRAME.test(id) ? SHARED_BY : 1));
    const shared = new Set([...users].flatMap(([id, count]) => (count >= SHARED_BY ? [id] : [])));
    const first = [
      ...comingWith(all.filter((id) => meta.getModuleInfo(id)?.isEntry)),
      ...[...comingWith(all.filter((id) => LIST.test(id)))].filter((id) => shared.has(id)),
    ];
    return new Map([...[...shared].map((id) => [id, 'stations'] as const), ...first.map((id) => [id, 'first'] as const)]);
  };
  return (id: string, meta: Meta) => (chunks ??= find(meta)).get(id);
}

/** A chunk as the manifest of a build describes it. */
interface Chunk {
  file: string;
  imports?: string[];
  isEntry?: boolean;
}

/** The scripts that each view of the garden's work wants beside those of every page, by its name; '' for the frame alone. */
export function viewFiles(manifest: Record<string, Chunk>): Record<string, string[]> {
  const wanted = (keys: readonly string[]) => closure(keys, (key) => manifest[key]?.imports);
  const always = wanted(Object.keys(manifest).filter((key) => manifest[key]!.isEntry));
  const views = Object.keys(manifest).filter((key) => STATION.test(`/${key}`));
  const frame = views.filter((key) => FRAME.test(`/${key}`));
  return Object.fromEntries(
    views.map((key) => [
      STATION.exec(`/${key}`)![2] ?? '',
      [...wanted([...frame, key])].filter((one) => !always.has(one)).map((one) => manifest[one]!.file),
    ]),
  );
}
