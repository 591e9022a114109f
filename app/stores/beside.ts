import { almanacFor } from '~~/core/almanac/almanac';
import { coverage } from '~~/core/coverage/coverage';
import { differenceOf } from '~~/core/coverage/difference';
import type { Coverage } from '~~/core/coverage/types';
import type { GardenThen } from '~~/core/model/garden';
import { SPIRITS, type Spirit } from '~~/core/planner/alternatives';

const DAYS = { day: 1, week: 7, month: 30, year: 365 } as const;
export type Then = keyof typeof DAYS | 'last-change';
/** What the braid can be put beside: an earlier state, a plan that is kept, or one that was proposed and is not. */
export type Beside = { kind: 'then'; then: Then } | { kind: 'plan'; id: string } | { kind: 'proposed'; which: 'best' | Spirit };

/** A moment so long ago. */
export const momentOf = (then: keyof typeof DAYS) => new Date(Date.now() - DAYS[then] * 86_400_000);

export const THEN_WORDS: Record<Then, string> = {
  'last-change': 'before the last change',
  day: 'a day ago',
  week: 'a week ago',
  month: 'a month ago',
  year: 'a year ago',
};

/** The season of the garden beside another: as it was, or by another plan. */
export const useBesideStore = defineStore('beside', () => {
  const garden = useGardenStore();
  const planner = usePlannerStore();
  const choice = ref<Beside | null>(null);
  const then = shallowRef<GardenThen | null>(null);
  const fault = ref('');

  async function remember(moment: Then) {
    fault.value = '';
    const at = moment === 'last-change' ? moment : momentOf(moment).toISOString();
    const of = garden.id;
    try {
      const answer = await callApi<GardenThen>('GET', `/api/gardens/${garden.id}/as-of/${at}`);
      if (of === garden.id && choice.value?.kind === 'then' && choice.value.then === moment) then.value = answer;
    } catch (error) {
      if (!isApiFault(error)) throw error;
      fault.value = error.message;
    }
  }
  function put(next: Beside | null) {
    choice.value = next;
    then.value = null;
    if (next?.kind === 'then') void remember(next.then);
  }
  // A change made meanwhile is one more to take back.
  watch(
    () => garden.state,
    () => {
      if (choice.value?.kind === 'then') void remember(choice.value.then);
      if (choice.value?.kind === 'plan' && !others.value.some((row) => row.id === (choice.value as { id: string }).id)) put(null);
    },
  );
  watch(
    () => garden.id,
    () => put(null),
  );

  const others = computed(() => garden.plans.filter((row) => !row.current));
  const proposed = computed(() =>
    (['best', ...SPIRITS] as const).filter((which) => (which === 'best' ? planner.best : planner.others[which])),
  );
  const thenCovered = computed<Coverage | null>(() => {
    const was = then.value;
    if (!was || !garden.library || !garden.input) return null;
    const plan = was.plans.find((row) => row.current)!;
    return coverage({
      almanac: almanacFor(garden.library, was.garden, garden.seen),
      garden: was.garden,
      sites: was.sites,
      targets: [...was.targets].sort((a, b) => a.priority - b.priority),
      plantings: was.plantings.filter((row) => row.plan_id === plan.id),
      year: garden.year,
    });
  });
  /** All that the other one serves; null while it is fetched, and where there is nothing beside. */
  const covered = computed<Coverage | null>(() => {
    const beside = choice.value;
    if (!beside || !garden.input) return null;
    if (beside.kind === 'then') return thenCovered.value;
    if (beside.kind === 'proposed')
      return (beside.which === 'best' ? planner.best : planner.others[beside.which])?.covered ?? null;
    const plantings = (garden.state?.plantings ?? []).filter((row) => row.plan_id === beside.id);
    return coverage({ ...garden.input, plantings });
  });
  /** What is different here from the other one. */
  const difference = computed(() => {
    if (!covered.value || !garden.served) return null;
    return choice.value?.kind === 'then'
      ? differenceOf(covered.value, garden.served)
      : differenceOf(garden.served, covered.value);
  });
  return { choice, put, then, fault, others, proposed, covered, difference };
});
