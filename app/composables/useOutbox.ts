import { createStore, entries as all, del, set } from 'idb-keyval';
import type { NewEntry } from '~~/core/model/log';

/** Entries written down while the server did not answer, in the order in which they were written. */
export interface Waiting {
  garden: string;
  entries: NewEntry[];
  /** Why it was not taken, where the server refused it. */
  fault: string;
}

/**
 * What waits on this device to be sent. It is held in the browser’s own database, so that a phone that falls asleep or a
 * page that is closed loses nothing; each entry has its id already, so that one sent twice is saved once.
 */
export function useOutbox() {
  const store = createStore('outwash-outbox', 'waiting');
  const waiting = shallowRef<[key: number, row: Waiting][]>([]);
  let next = Date.now();

  async function read() {
    const rows = (await all(store)) as [number, Waiting][];
    waiting.value = rows.sort(([a], [b]) => a - b);
  }
  async function put(garden: string, entries: NewEntry[]) {
    next = Math.max(next + 1, Date.now());
    await set(next, { garden, entries, fault: '' } satisfies Waiting, store);
    await read();
  }
  async function drop(key: number) {
    await del(key, store);
    await read();
  }
  async function refuse(key: number, row: Waiting, fault: string) {
    await set(key, { ...row, fault }, store);
    await read();
  }
  return { waiting, read, put, drop, refuse };
}
