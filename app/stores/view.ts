import { useLocalStorage } from '@vueuse/core';
import { halfMonthOfDay, HALF_MONTHS, writeDays, type DateManner } from '~~/core/model/half-month';
import type { UnitSystem } from '~~/core/model/units';
import type { Entry, EntryFields } from '~~/core/model/log';
import { degreesOf, unitsOf, type Degrees } from '~~/core/words/units';
import type { PlaceValue } from '~~/core/garden/place-effects';
import type { SpecialNeed, Stage } from '~~/core/model/vocabulary';

/** What the reasons panel explains. */
export type Subject =
  | { kind: 'fit'; plant: string; site: string }
  | { kind: 'plant'; plant: string }
  | { kind: 'need'; target: string; stage: Stage; special: SpecialNeed | null }
  | { kind: 'target'; target: string }
  | { kind: 'place'; value: PlaceValue }
  | { kind: 'site'; site: string }
  | { kind: 'thing'; thing: string }
  | { kind: 'task'; task: string };

/** Day of the year (1–365) of a date. */
export function dayOfYear(date: Date): number {
  const start = Date.UTC(date.getFullYear(), 0, 1);
  const day = Math.round((Date.UTC(date.getFullYear(), date.getMonth(), date.getDate()) - start) / 86_400_000) + 1;
  return Math.min(365, day);
}

/** What the person looks at: the handle of the year ribbon, the subject of the reasons panel, and remembered choices. */
export const useViewStore = defineStore('view', () => {
  const today = ref(new Date());
  const halfMonth = ref(halfMonthOfDay(dayOfYear(today.value)));
  /** What is explained; nothing: the panel is put away. */
  const subject = ref<Subject | null>(null);
  const units = useLocalStorage<UnitSystem>('outwash-units', 'us');
  const temperature = useLocalStorage<Degrees | 'units'>('outwash-temperature', 'units');
  const currency = useLocalStorage('outwash-currency', 'USD');
  const dates = useLocalStorage<DateManner>('outwash-dates', 'day-first');
  watch(dates, writeDays, { immediate: true, flush: 'sync' });
  /** Are words of the trade explained where they stand? */
  const explained = useLocalStorage('outwash-words', true);
  const theme = useLocalStorage<'day' | 'dusk'>('outwash-theme', 'day');

  function moveTo(h: number) {
    halfMonth.value = (h + HALF_MONTHS) % HALF_MONTHS;
  }
  /** How often something was asked to be explained: each time the focus goes to the reasons. */
  const asked = ref(0);
  function explain(next: Subject) {
    subject.value = next;
    asked.value++;
  }
  /** Shows reasons beside what the person goes on working at: the focus stays there. */
  function show(next: Subject) {
    subject.value = next;
  }
  const degrees = computed(() => (temperature.value === 'units' ? degreesOf(units.value) : temperature.value));
  function closeReasons() {
    subject.value = null;
  }
  /** How sentences write quantities, in the system chosen and the garden's currency. */
  const inUnits = computed(() => unitsOf(units.value, useGardenStore().garden?.money?.currency ?? currency.value, degrees.value));
  const area = (m2: number) => inUnits.value.area(m2);
  const volume = (l: number) => inUnits.value.volume(l);
  const length = (cm: number) => inUnits.value.length(cm);
  const about = (cm: number) => inUnits.value.about(cm);
  const distance = (m: number) => inUnits.value.distance(m);
  /** An area with the length of its edge: `8 m², 12 m round`. */
  const round = (m2: number, m: number) => `${area(m2)}, ${distance(m)} round`;
  const weight = (kg: number) => inUnits.value.weight(kg);
  /** What is being written down, as far as it is said already; null: nothing. */
  const writing = shallowRef<{ start: Partial<EntryFields>; entry: Entry | null } | null>(null);
  const writeDown = (start: Partial<EntryFields> = {}) => void (writing.value = { start, entry: null });
  /** Opens an entry of the log again, to change it. */
  const changeEntry = (entry: Entry) => void (writing.value = { start: entry, entry });
  return {
    writing,
    writeDown,
    changeEntry,
    today,
    halfMonth,
    subject,
    units,
    theme,
    temperature,
    degrees,
    currency,
    dates,
    explained,
    moveTo,
    asked,
    explain,
    show,
    closeReasons,
    inUnits,
    area,
    volume,
    length,
    about,
    distance,
    round,
    weight,
  };
});
