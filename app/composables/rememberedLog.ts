import { createStore, get, set, type UseStore } from 'idb-keyval';
import { packedLog, unpackedLog, type PackedLog } from '~~/core/log/packed';
import type { Entry } from '~~/core/model/log';

/** The log of a garden as it was after a change. */
export interface HeldLog {
  of: string;
  at: number;
  byId: ReadonlyMap<string, Entry>;
}

/** A log with what has changed since. */
export function withChanges(known: HeldLog | null, of: string, answer: PackedLog): HeldLog {
  const byId = new Map(answer.whole ? [] : known?.byId);
  for (const entry of unpackedLog(answer)) byId.set(entry.id, entry);
  for (const id of answer.gone) byId.delete(id);
  return { of, at: answer.at, byId };
}

let opened: UseStore | null = null;
/** Opened once, when it is first wanted. */
const store = () => (opened ??= createStore('outwash-logs', 'logs'));

/** The log as this device last saw it, for a quick start and for the garden without the network. */
export async function rememberedLog(of: string): Promise<HeldLog | null> {
  const known = (await get(of, store()).catch(() => undefined)) as PackedLog | undefined;
  return known ? withChanges(null, of, known) : null;
}

/** Remembers a log on this device; a browser that has no room for it goes without. */
export function rememberLog({ of, at, byId }: HeldLog) {
  const packed = packedLog({ at, whole: true, count: byId.size, put: [...byId.values()], gone: [] });
  set(of, packed, store()).catch((error: unknown) => console.warn('The log is not remembered on this device:', error));
}
