import type { Rollup } from 'vite';

/** A view of the garden's work: a station, or the frame around them all. */
const STATION = /\/app\/pages\/gardens\/\[garden\](\/(place|targets|match|plan|season|library)(\/index)?)?\.vue$/;
const FRAME = /\/app\/pages\/gardens\/\[garden\]\.vue$/;
/** So many stations share what is fetched with the first of them. */
const SHARED_BY = 3;

type Meta = Parameters<Rollup.GetManualChunk>[1];

/** Everything that comes with a module. */
function closure(id: string, { getModuleInfo }: Meta): Set<string> {
  const found = new Set([id]);
  for (const next of found) for (const imported of getModuleInfo(next)?.importedIds ?? []) found.add(imported);
  return found;
}

/**
 * One file for what the frame of the stations or several of them have in common, instead of half a hundred small ones that
 * a browser fetches one after the other.
 */
export function stationChunk(): Rollup.GetManualChunk {
  let shared: Set<string> | null = null;
  const find = (meta: Meta) => {
    const all = [...meta.getModuleIds()];
    const always = new Set(all.filter((id) => meta.getModuleInfo(id)?.isEntry).flatMap((id) => [...closure(id, meta)]));
    const users = new Map<string, number>();
    for (const id of all.filter((one) => STATION.test(one)))
      for (const used of closure(id, meta)) users.set(used, (users.get(used) ?? 0) + (FRAME.test(id) ? SHARED_BY : 1));
    return new Set([...users].flatMap(([id, count]) => (count >= SHARED_BY && !always.has(id) ? [id] : [])));
  };
  return (id, meta) => ((shared ??= find(meta)).has(id) ? 'stations' : undefined);
}
