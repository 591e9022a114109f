import { proxy } from 'comlink';
import type { Ask } from '~~/core/plan/asks/ask';
import type { FirstSet } from '~~/core/plan/asks/first-set';
import { isPlanted } from '~~/core/model/states';
import type { Asker } from '~/workers/asker';

/** What the creatures that are not chosen would ask of the garden, and whom to begin with; found in a worker. */
export const useAsksStore = defineStore('asks', () => {
  const garden = useGardenStore();
  const libraryStore = useLibraryStore();
  const notices = useNoticesStore();
  const task = useWorkerTask<Asker>(
    () => new Worker(new URL('../workers/asker.ts', import.meta.url), { type: 'module' }),
    (cause) => notices.say(`What the creatures would ask was not found: ${cause}.`, 'fault'),
  );
  const asks = shallowRef<ReadonlyMap<string, Ask>>(new Map());
  const first = shallowRef<FirstSet | null>(null);
  /** How many creatures have been looked at, of how many. */
  const done = ref(0);
  const of = computed(() => garden.almanac?.targets.size ?? 0);
  /** What an answer rests on. */
  const subject = computed(() =>
    restsOn([garden.garden, garden.sites, garden.targets, garden.plantings, garden.own, garden.dates, garden.plan?.wishes]),
  );
  let known = '';

  /** Finds what is not known yet of the garden as it is: the first set while nobody is chosen, then each creature's wants. */
  async function find() {
    const here = garden.here;
    if (!here || known === subject.value) return;
    known = subject.value;
    // Plain copies: a worker is sent no reactive object. The library is large and plain already.
    const records = JSON.parse(JSON.stringify(here.records)) as typeof here.records;
    const library = toRaw(libraryStore.library!);
    const chosen = new Set(garden.targets.map((row) => row.target));
    const others = [...here.almanac.targets.keys()].filter((id) => !chosen.has(id));
    done.value = 0;
    first.value = null;
    const asked = known;
    const found = await task.run(async (asker, mine) => {
      if (chosen.size === 0) {
        const set = await asker.first(
          library,
          records,
          proxy((n: number) => void (mine() && (done.value = n))),
        );
        if (mine()) first.value = set;
      }
      if (!garden.sites.some(isPlanted)) return true;
      done.value = 0;
      const answers = new Map<string, Ask>();
      await asker.each(
        library,
        records,
        others,
        proxy((ask: Ask) => {
          if (!mine()) return;
          answers.set(ask.target, ask);
          done.value = answers.size;
        }),
      );
      if (mine()) asks.value = answers;
      return true;
    });
    // Stopped before its end: asked again, it begins again.
    if (!found && known === asked) known = '';
  }
  function stop() {
    task.stop();
  }
  const stale = computed(() => known !== subject.value);
  watch(
    () => garden.id,
    () => {
      stop();
      asks.value = new Map();
      first.value = null;
      known = '';
    },
  );
  return { asks, first, done, of, finding: task.running, stale, subject, find, stop };
});
