import type { Case } from '~~/core/model/why';
import type { Question } from '~~/core/why/subject';

/** The address of a case: what was asked, with the answers saved. */
export function caseQuery({ id, symptom, of, planting_id, site_id, batch_id, answers }: Case): Record<string, string> {
  const said = (yes: boolean) => answers.flatMap((one) => (one.yes === yes ? [one.check] : [])).join(',');
  const query = {
    case: id,
    symptom,
    of,
    planting: planting_id,
    site: site_id,
    batch: batch_id,
    yes: said(true),
    no: said(false),
  };
  return Object.fromEntries(Object.entries(query).filter((pair): pair is [string, string] => Boolean(pair[1])));
}

/** What the address asks: a symptom, of whom, where, with the answers given so far, so that going back takes one back. */
export function useWhyQuestion() {
  const route = useRoute();
  const router = useRouter();
  const text = (key: string) => {
    const value = route.query[key];
    return typeof value === 'string' ? value : '';
  };
  const list = (key: string) => text(key).split(',').filter(Boolean);
  const symptom = computed(() => text('symptom'));
  const asked = computed<Question>(() => ({
    symptom: symptom.value,
    of: text('of') || null,
    planting: text('planting') || null,
    site: text('site') || null,
    batch: text('batch') || null,
    answers: [...list('yes').map((check) => ({ check, yes: true })), ...list('no').map((check) => ({ check, yes: false }))],
    passed: list('pass'),
  }));
  const caseId = computed(() => text('case'));

  const go = (query: Record<string, string | null>, replace = false) => {
    const next: Record<string, string> = {};
    for (const [key, value] of Object.entries({ ...(route.query as Record<string, string>), ...query }))
      if (value) next[key] = value;
    return replace ? router.replace({ query: next }) : router.push({ query: next });
  };
  /** Asks about somebody else, or about something else that is seen. */
  const ask = (of: Partial<Pick<Question, 'symptom' | 'of' | 'planting' | 'site' | 'batch'>>) =>
    router.push({ query: Object.fromEntries(Object.entries(of).filter(([, value]) => value)) as Record<string, string> });

  /** Puts a check among those answered with yes, with no, or passed over; null takes the answer back. */
  function answer(check: string, said: 'yes' | 'no' | 'pass' | null) {
    const without = (key: string) => list(key).filter((one) => one !== check);
    const query: Record<string, string> = {};
    for (const key of ['yes', 'no', 'pass']) query[key] = [...without(key), ...(said === key ? [check] : [])].join(',');
    return go(query);
  }
  return { symptom, asked, caseId, go, ask, answer };
}
