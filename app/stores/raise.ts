import type { BatchHere } from '~~/core/raise/batch-here';
import { ownBySource } from '~~/core/raise/rates';
import { saidOf } from '~~/core/work/standing';
import { doneOnBy } from '~~/core/work/raise-tasks';

/** What is raised for the open garden: what the plan wants, the batches as they stand, and what can be divided. */
export const useRaiseStore = defineStore('raise', () => {
  const garden = useGardenStore();
  const work = useWorkStore();
  const libraryStore = useLibraryStore();
  const raising = computed(() => (libraryStore.tending && garden.here ? garden.here.raising : null));
  const doneOn = computed(() => doneOnBy(saidOf(work.said)));
  const kinds = computed(() => raising.value?.kinds(work.today, doneOn.value) ?? []);
  const batches = computed<BatchHere[]>(() => raising.value?.batches(doneOn.value) ?? []);
  const running = computed(() => batches.value.filter((row) => row.stage !== 'over' && row.stage !== 'planted'));
  const over = computed(() => batches.value.filter((row) => row.stage === 'over' || row.stage === 'planted'));
  const divisions = computed(() => (garden.served && work.work ? work.work.divisions(work.today) : []));
  /** What came of the batches that are over, by plant, way and source. */
  const own = computed(() => ownBySource(garden.here?.records.batches ?? []));
  return { own, raising, kinds, batches, running, over, divisions };
});
