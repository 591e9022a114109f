import { averageDay, dayNumber, yearOf, type DayNumber } from '~~/core/model/days';
import type { Weather } from '~~/core/place/weather/weather';
import { withOwnDays } from '~~/core/place/weather/weather';
import { isNow } from '~~/core/work/standing';
import type { Names } from '~~/core/words/work';

/** The work of the open garden on the day its clock stands at, with the weather of its station. */
export const useWorkStore = defineStore('work', () => {
  const garden = useGardenStore();
  const records = useRecordsStore();
  const view = useViewStore();
  const libraryStore = useLibraryStore();

  /** The day of the garden: its clock’s, or the one it is. */
  const onDay = computed(() => garden.garden?.clock ?? isoDay(view.today));
  const today = computed<DayNumber>(() => dayNumber(onDay.value));
  /** As the station answered, and for which garden, place and day. */
  const station = shallowRef<{ of: string; weather: Weather } | null>(null);
  const fault = ref('');
  const wanted = computed(() => {
    const { lat, lon, elevation_m, region, rain_mm } = garden.garden ?? {};
    return garden.garden ? JSON.stringify([garden.id, onDay.value, lat, lon, elevation_m, region, rain_mm]) : '';
  });
  /** Asked for when the work is first looked at, and again when the day or the place is another. */
  const asked = ref(false);
  async function load() {
    const of = wanted.value;
    if (!of || station.value?.of === of) return;
    fault.value = '';
    try {
      const [weather] = await Promise.all([
        callApi<Weather>('GET', `/api/gardens/${garden.id}/weather?on=${onDay.value}`),
        libraryStore.loadTending(),
      ]);
      if (wanted.value === of) station.value = { of, weather };
    } catch (error) {
      if (!isApiFault(error)) throw error;
      fault.value = error.message;
    }
  }
  watch([wanted, asked], () => asked.value && load(), { immediate: true });
  const begin = () => void (asked.value = true);

  const weather = computed(() => {
    if (!station.value || station.value.of !== wanted.value || !records.state) return null;
    return withOwnDays(station.value.weather, records.state.weather);
  });
  const work = computed(() => (libraryStore.tending && garden.here ? garden.here.work : null));
  const said = computed(() => records.state?.work ?? []);
  const day = computed(() => (weather.value && work.value && garden.served ? work.value.on(weather.value, said.value) : null));
  const tasks = computed(() => day.value?.tasks ?? []);
  const now = computed(() => tasks.value.filter(isNow));
  const taskOf = (key: string) => tasks.value.find((task) => task.key === key) ?? null;
  /** Minutes of each half-month of this year. */
  const minutes = computed(() => work.value?.minutesOf(yearOf(today.value)) ?? []);
  const names: Names = { plant: garden.nameOf, site: garden.siteName, creature: garden.creatureName };
  const dayOfTheYear = computed(() => averageDay(today.value));
  return {
    onDay,
    today,
    dayOfTheYear,
    weather,
    fault,
    begin,
    load,
    work,
    said,
    day,
    tasks,
    now,
    taskOf,
    minutes,
    names,
  };
});
