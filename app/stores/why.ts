import { yearOf } from '~~/core/model/days';
import type { Case } from '~~/core/model/why';
import { diagnosisOf, type Diagnosis } from '~~/core/why/diagnosis';
import { lookOver } from '~~/core/why/overlook';
import type { Question, WhyDay } from '~~/core/why/subject';

/** What is wrong in the open garden: the weekly look, the causes of what is asked about, and the cases. */
export const useWhyStore = defineStore('why', () => {
  const garden = useGardenStore();
  const work = useWorkStore();
  const log = useLogStore();
  const records = useRecordsStore();
  const libraryStore = useLibraryStore();

  const why = computed(() => (libraryStore.tending && garden.here ? garden.here.why : null));
  const day = computed<WhyDay | null>(() =>
    work.weather && log.ready ? { weather: work.weather, said: work.said, log: log.book } : null,
  );
  /** What the weekly look found; nothing before all it rests on is there. */
  const notices = computed(() => (why.value && day.value && garden.served ? lookOver(why.value, day.value) : []));
  const cases = computed(() =>
    [...(records.state?.cases ?? [])].sort((a, b) => b.seen_on.localeCompare(a.seen_on) || b.id.localeCompare(a.id)),
  );
  const open = computed(() => cases.value.filter((row) => row.outcome === null));
  const closed = computed(() => cases.value.filter((row) => row.outcome !== null));
  /** Open cases of which it is time to ask whether it helped. */
  const due = computed(() => open.value.filter((row) => row.ask_on !== null && row.ask_on <= work.onDay));
  const casesOf = (of: string) => cases.value.filter((row) => row.of === of);

  const diagnose = (question: Question): Diagnosis | null =>
    why.value && day.value && why.value.book.symptom(question.symptom) ? diagnosisOf(why.value, day.value, question) : null;
  const symptomName = (id: string) => why.value?.book.symptom(id)?.name ?? id;
  const causeOf = ({ symptom, cause }: Pick<Case, 'symptom' | 'cause'>) =>
    cause === null ? null : (why.value?.book.cause(symptom, cause) ?? null);
  /** A plant or creature by its name; null: not known which. */
  const nameOf = (of: string | null) =>
    of === null ? '' : garden.almanac?.plants.has(of) ? garden.nameOf(of) : garden.creatureName(of);
  const year = computed(() => yearOf(work.today));
  return { why, day, notices, cases, open, closed, due, casesOf, diagnose, symptomName, causeOf, nameOf, year };
});
