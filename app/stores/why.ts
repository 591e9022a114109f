import { diagnosisOf, type Diagnosis } from '~~/core/why/diagnosis';
import { lookOver } from '~~/core/why/overlook';
import type { Question, WhyDay } from '~~/core/why/subject';

/** What is wrong in the open garden: the weekly look, and the causes of what is asked about. */
export const useWhyStore = defineStore('why', () => {
  const garden = useGardenStore();
  const work = useWorkStore();
  const log = useLogStore();
  const libraryStore = useLibraryStore();

  const why = computed(() => (libraryStore.tending && garden.here ? garden.here.why : null));
  const day = computed<WhyDay | null>(() =>
    work.weather && log.ready ? { weather: work.weather, said: work.said, log: log.book } : null,
  );
  /** What the weekly look found; nothing before all it rests on is there. */
  const notices = computed(() => (why.value && day.value && garden.served ? lookOver(why.value, day.value) : []));
  const diagnose = (question: Question): Diagnosis | null =>
    why.value && day.value && why.value.book.symptom(question.symptom) ? diagnosisOf(why.value, day.value, question) : null;
  return { why, day, notices, diagnose };
});
