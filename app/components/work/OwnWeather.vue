<script setup lang="ts">
import { OwnDayFields } from '~~/core/model/work';
import { UNITS } from '~~/core/model/units';
import { parseWeatherCsv } from '~~/core/work/weather-csv';

/** A rain gauge and a thermometer typed in, or many days from a CSV file. */
const work = useWorkStore();
const view = useViewStore();
const commands = useCommands();
const form = useDraft(OwnDayFields, () => ({ on_day: work.onDay, low_c: null, high_c: null, rain_mm: null }));
const { draft, errors, fault, saving } = form;
const unit = computed(() => UNITS[view.units].rain);
const fahrenheit = computed(() => view.degrees === 'F');
/** Temperatures are typed in the degrees chosen. */
const inDegrees = (which: 'low_c' | 'high_c') =>
  computed({
    get: () => {
      const c = draft.value[which];
      return c === null || c === undefined ? null : fahrenheit.value ? Math.round((c * 1.8 + 32) * 10) / 10 : c;
    },
    set: (value: number | null) => {
      draft.value[which] = value === null ? null : fahrenheit.value ? (value - 32) / 1.8 : value;
    },
  });
const low = inDegrees('low_c');
const high = inDegrees('high_c');
async function submit() {
  if ((await form.save((fields) => commands.putWeather([fields]))) === 'saved') form.restart();
}
const fileFault = ref('');
async function take(event: Event) {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  input.value = '';
  fileFault.value = '';
  if (!file) return;
  const { days, fault: wrong } = parseWeatherCsv(await file.text());
  if (wrong) {
    fileFault.value = wrong;
    return;
  }
  try {
    await commands.putWeather(days);
  } catch (error) {
    if (!isApiFault(error)) throw error;
    fileFault.value = error.message;
  }
}
</script>

<template>
  <form class="no-print" novalidate @submit.prevent="submit">
    <FaultBanner :fault="fault" :clash="false" />
    <div class="grid max-w-3xl grid-cols-2 items-start gap-x-3 gap-y-2 sm:grid-cols-[10rem_1fr_1fr_1fr_auto]">
      <label class="text-sm font-semibold"
        >Day
        <input v-model="draft.on_day" type="date" class="field font-normal" :max="work.onDay" />
        <span class="block text-gap">{{ errors.on_day }}</span></label
      >
      <NumberField v-model="low" :label="`Low (°${view.degrees})`" :error="errors.low_c" />
      <NumberField v-model="high" :label="`High (°${view.degrees})`" :error="errors.high_c" />
      <NumberField v-model="draft.rain_mm!" label="Rain" :unit="unit" :error="errors.rain_mm" />
      <button class="press press-main sm:mt-5" :disabled="saving">Write it down</button>
    </div>
    <p class="mt-2 text-sm">
      <label class="press cursor-pointer has-focus-visible:outline-2"
        >Many days from a CSV<input type="file" accept=".csv,text/csv" class="sr-only" @change="take"
      /></label>
      <span class="ml-2 text-quiet">Columns: date, low_c, high_c, rain_mm; a cell may be blank.</span>
    </p>
    <p v-if="fileFault" role="alert" class="mt-1 text-sm text-gap">{{ fileFault }}</p>
  </form>
</template>
