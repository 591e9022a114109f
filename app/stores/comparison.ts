import { GardenHere } from '~~/core/garden/garden-here';
import { coverage } from '~~/core/coverage/coverage';
import { differenceOf } from '~~/core/coverage/difference';
import type { Coverage } from '~~/core/coverage/types';
import type { GardenThen } from '~~/core/model/garden';
import { SPIRITS, type Spirit } from '~~/core/plan/planner/alternatives';

const DAYS = { day: 1, week: 7, month: 30, year: 365 } as const;
export type Then = keyof typeof DAYS | 'last-change';
/** What the braid can be compared with: an earlier state, a saved plan, or one that was proposed and is not saved. */
export type Compared = { kind: 'then'; then: Then } | { kind: 'plan'; id: string } | { kind: 'proposed'; which: 'best' | Spirit };

/** A moment so long ago. */
export const momentOf = (then: keyof typeof DAYS) => new Date(Date.now() - DAYS[then] * 86_400_000);

export const THEN_WORDS: Record<Then, string> = {
  'last-change': 'before the last change',
  day: 'a day ago',
  week: 'a week ago',
  month: 'a month ago',
  year: 'a year ago',
};

/** The season of the garden compared with another: as it was, or by another plan. */
export const useComparisonStore = defineStore('comparison', () => {
  const garden = useGardenStore();
  const records = useRecordsStore();
  const planner = usePlannerStore();
  const choice = ref<Compared | null>(null);
  const then = shallowRef<GardenThen | null>(null);
  const fault = ref('');

  let asked = 0;

  async function fetchThen(moment: Then) {
    fault.value = '';
    const mine = ++asked;
    const at = moment === 'last-change' ? moment : momentOf(moment).toISOString();
    try {
      const answer = await callApi<GardenThen>('GET', `/api/gardens/${garden.id}/as-of/${at}`);
      await records.readyFor(answer);
      // Only the answer that was asked for last counts, whichever comes last.
      if (mine === asked) then.value = answer;
    } catch (error) {
      if (!isApiFault(error)) throw error;
      if (mine === asked) fault.value = error.message;
    }
  }
  function compareWith(next: Compared | null) {
    choice.value = next;
    then.value = null;
    asked++;
    if (next?.kind === 'then') void fetchThen(next.then);
  }
  // A change made meanwhile is one more to take back.
  watch(
    () => records.state,
    () => {
      if (choice.value?.kind === 'then') void fetchThen(choice.value.then);
      if (choice.value?.kind === 'plan' && !others.value.some((row) => row.id === (choice.value as { id: string }).id))
        compareWith(null);
    },
  );
  watch(
    () => garden.id,
    () => compareWith(null),
  );

  const others = computed(() => garden.plans.filter((row) => !row.current));
  const proposed = computed(() =>
    (['best', ...SPIRITS] as const).filter((which) => (which === 'best' ? planner.best : planner.others[which])),
  );
  /** The garden as it stood, by the same way as the garden as it stands. */
  const thenHere = computed(() => {
    const { library } = useLibraryStore();
    return then.value && library ? new GardenHere(then.value, library, records.ownLayer, { year: garden.year }) : null;
  });
  /** All that the other one serves; null while it is fetched, and where nothing is compared. */
  const covered = computed<Coverage | null>(() => {
    const compared = choice.value;
    if (!compared || !garden.here) return null;
    if (compared.kind === 'then') return thenHere.value?.covered ?? null;
    if (compared.kind === 'proposed')
      return (compared.which === 'best' ? planner.best : planner.others[compared.which])?.covered ?? null;
    return coverage(garden.here!.inputOf(compared.id));
  });
  /** What is different here from the other one. */
  const difference = computed(() => {
    if (!covered.value || !garden.served) return null;
    return choice.value?.kind === 'then'
      ? differenceOf(covered.value, garden.served)
      : differenceOf(garden.served, covered.value);
  });
  return { choice, compareWith, then, fault, others, proposed, covered, difference };
});
