import type { Case } from '~~/core/model/why';

/** What was asked of what is wrong in the open garden, and what came of it. */
export const useCasesStore = defineStore('cases', () => {
  const garden = useGardenStore();
  const work = useWorkStore();
  const records = useRecordsStore();
  const libraryStore = useLibraryStore();
  const book = computed(() => (libraryStore.tending && garden.here ? garden.here.causes : null));
  /** What may be seen, where the rules of care have come. */
  const symptoms = computed(() => book.value?.symptoms ?? []);
  /** The latest first. */
  const all = computed(() =>
    [...(records.state?.cases ?? [])].sort((a, b) => b.seen_on.localeCompare(a.seen_on) || b.id.localeCompare(a.id)),
  );
  const open = computed(() => all.value.filter((row) => row.outcome === null));
  const closed = computed(() => all.value.filter((row) => row.outcome !== null));
  /** Open cases of which it is time to ask whether it helped. */
  const due = computed(() => open.value.filter((row) => row.ask_on !== null && row.ask_on <= work.onDay));
  const of = (id: string) => all.value.filter((row) => row.of === id);
  const inSite = (site: string) => all.value.filter((row) => row.site_id === site);
  const symptomName = (id: string) => book.value?.symptom(id)?.name ?? id;
  const causeOf = ({ symptom, cause }: Pick<Case, 'symptom' | 'cause'>) =>
    cause === null ? null : (book.value?.cause(symptom, cause) ?? null);
  /** A plant or creature by its name; nothing where nobody knows which. */
  const nameOf = (id: string | null) =>
    id === null ? '' : garden.almanac?.plants.has(id) ? garden.nameOf(id) : garden.creatureName(id);
  return { symptoms, all, open, closed, due, of, inSite, symptomName, causeOf, nameOf };
});
