import { useIntervalFn, useLocalStorage } from '@vueuse/core';

/** A walk that is under way. It is held on this device, so that a phone that sleeps or a page that is closed loses nothing. */
export interface RunningWalk {
  garden: string;
  /** The entry’s id, made when the walk began: what is counted says which walk it belongs to. */
  id: string;
  /** When it began (ms), how long it is meant to take, and the milliseconds it has rested. */
  began: number;
  minutes: number;
  rested: number;
  /** When the rest it is in began; null: it goes on. */
  restsSince: number | null;
  sky: string | null;
  wind: string | null;
  /** Counts by creature, and the order in which they were first met. */
  counts: Record<string, number>;
  order: string[];
}

/** The one walk under way on this device, with its clock. */
export function useRunningWalk() {
  const walk = useLocalStorage<RunningWalk | null>('outwash-walk', null, {
    serializer: { read: (text) => JSON.parse(text) as RunningWalk | null, write: (value) => JSON.stringify(value) },
    listenToStorageChanges: false,
    writeDefaults: false,
  });
  const now = ref(Date.now());
  useIntervalFn(() => (now.value = Date.now()), 500);
  /** Milliseconds walked so far. */
  const walked = computed(() => {
    if (!walk.value) return 0;
    const resting = walk.value.restsSince === null ? 0 : now.value - walk.value.restsSince;
    return Math.max(0, now.value - walk.value.began - walk.value.rested - resting);
  });
  function begin(garden: string, minutes: number) {
    now.value = Date.now();
    walk.value = {
      garden,
      id: freshId(),
      began: now.value,
      minutes,
      rested: 0,
      restsSince: null,
      sky: null,
      wind: null,
      counts: {},
      order: [],
    };
  }
  function count(creature: string, by: number) {
    if (!walk.value) return;
    const before = walk.value.counts[creature] ?? 0;
    const order = walk.value.order.includes(creature) ? walk.value.order : [...walk.value.order, creature];
    walk.value = { ...walk.value, order, counts: { ...walk.value.counts, [creature]: Math.max(0, before + by) } };
  }
  function rest() {
    if (!walk.value) return;
    const at = Date.now();
    now.value = at;
    walk.value =
      walk.value.restsSince === null
        ? { ...walk.value, restsSince: at }
        : { ...walk.value, rested: walk.value.rested + at - walk.value.restsSince, restsSince: null };
  }
  const set = (fields: Partial<RunningWalk>) => walk.value && (walk.value = { ...walk.value, ...fields });
  const end = () => (walk.value = null);
  return { walk, walked, begin, count, rest, set, end };
}
