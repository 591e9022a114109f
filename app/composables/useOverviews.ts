import { useLocalStorage } from '@vueuse/core';
import { proxy } from 'comlink';
import type { GardenSummary } from '~~/core/model/garden';
import type { Overview, Overviewer } from '~/workers/overviewer';

/**
 * How each garden of a list stands: calculated in a worker once the list is drawn, and remembered until the garden or the
 * library has changed.
 */
export function useOverviews(gardens: () => readonly GardenSummary[]) {
  const notices = useNoticesStore();
  // What comes in quick succession is not to be overtaken by what was written a moment before.
  const kept = useLocalStorage<Record<string, { of: string; overview: Overview }>>(
    'outwash-overviews',
    {},
    { shallow: true, listenToStorageChanges: false, writeDefaults: false },
  );
  const task = useWorkerTask<Overviewer>(
    () => new Worker(new URL('../workers/overviewer.ts', import.meta.url), { type: 'module' }),
    (cause) => notices.say(`How the gardens stand was not calculated: ${cause}.`, 'fault'),
  );
  const library = () => document.querySelector<HTMLMetaElement>('meta[name=library]')?.content ?? '';
  // What is to do is another thing on another day.
  const today = isoDay(new Date());
  const basis = (row: GardenSummary) => `${library()} ${row.stamp} ${today}`;
  const overviewOf = (row: GardenSummary) => {
    const known = kept.value[row.id];
    return known?.of === basis(row) ? known.overview : null;
  };
  async function find() {
    const missing = gardens().filter((row) => !overviewOf(row));
    if (missing.length === 0 || !library()) return;
    const bases = new Map(missing.map((row) => [row.id, basis(row)]));
    const ended = await task.run(async (worker, mine) => {
      await worker.each(
        library(),
        missing.map((row) => row.id),
        today,
        proxy((id: string, overview: Overview) => {
          if (mine()) kept.value = { ...kept.value, [id]: { of: bases.get(id)!, overview } };
        }),
      );
      return true;
    });
    if (!ended) return;
    // What is no longer in any list is forgotten.
    const listed = new Set(useGardensStore().gardens?.map((row) => row.id));
    kept.value = Object.fromEntries(Object.entries(kept.value).filter(([id]) => listed.has(id)));
  }
  watch(gardens, () => requestIdleCallback(() => void find()), { immediate: true });
  onBeforeUnmount(task.stop);
  return { overviewOf, finding: task.running };
}
