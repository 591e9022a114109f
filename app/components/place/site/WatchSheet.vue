<script setup lang="ts">
import { hoursSeen } from '~~/core/place/sun/watched';
import { clockOffset } from '~~/core/place/sun/clock';
import type { Reading } from '~~/core/model/yard';

/** An hour-by-hour sheet: was the sun on the bed? */
const props = defineProps<{ site: string }>();
const garden = useGardenStore();
const view = useViewStore();
const offset = (date: string) => clockOffset(garden.garden!.lon, date, garden.garden!.jurisdiction);
const { draft, errors, fault, saving, error, submit } = useMeasure(
  'watch',
  () => props.site,
  (): Reading<'watch'> => ({ utc_offset_h: offset(isoDay(view.today)), hours: [] }),
  'Watched day recorded.',
);
watch(
  () => draft.value.taken_on,
  (date) => {
    if (/^\d{4}-\d\d-\d\d$/.test(date)) draft.value.reading.utc_offset_h = offset(date);
  },
);
const HOURS = Array.from({ length: 16 }, (_, i) => i + 5);
const MARKS = [
  { value: 1, words: 'sun' },
  { value: 0.5, words: 'part' },
  { value: 0, words: 'shade' },
] as const;
const markOf = (hour: number) => draft.value.reading.hours.find((row) => row.hour === hour)?.sun ?? null;
function mark(hour: number, sun: 0 | 0.5 | 1 | null) {
  const rest = draft.value.reading.hours.filter((row) => row.hour !== hour);
  draft.value.reading.hours = sun === null ? rest : [...rest, { hour, sun }].sort((a, b) => a.hour - b.hour);
}
const clock = (hour: number) => (view.units === 'us' ? `${((hour + 11) % 12) + 1} ${hour < 12 ? 'am' : 'pm'}` : `${hour}:00`);
const total = computed(() => hoursSeen(draft.value.reading));
</script>

<template>
  <MeasureFrame
    v-model="draft"
    title="A day watched"
    how="On a clear day look at the bed once in each hour, at about half past, and tick what you see. Hours not looked at stay empty. A day in May and one in late June together say most; they are scaled to the growing season by the sun’s path."
    :errors="errors"
    :fault="fault"
    :saving="saving"
    @submit="submit"
  >
    <p v-if="error('hours')" class="text-sm text-gap" role="alert">{{ error('hours') }}</p>
    <ScrollRegion label="Hours of the day">
      <table class="text-center text-sm">
        <thead>
          <tr>
            <th scope="col" class="pr-2">Hour from</th>
            <th v-for="hour in HOURS" :key="hour" scope="col" class="px-1 text-center! font-normal whitespace-nowrap">
              {{ clock(hour) }}
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="{ value, words } in MARKS" :key="words">
            <th scope="row" class="pr-2">{{ words }}</th>
            <td v-for="hour in HOURS" :key="hour">
              <input
                type="checkbox"
                class="size-5"
                :checked="markOf(hour) === value"
                :aria-label="`${words} from ${clock(hour)}`"
                @change="mark(hour, ($event.target as HTMLInputElement).checked ? value : null)"
              />
            </td>
          </tr>
        </tbody>
      </table>
    </ScrollRegion>
    <div class="flex flex-wrap items-end gap-4">
      <NumberField
        v-model="draft.reading.utc_offset_h as number | null"
        class="w-44"
        label="Clock ahead of UTC (hours)"
        :error="error('utc_offset_h')"
        hint="−4 is Eastern summer time."
      />
      <p class="text-sm" role="status">{{ total }} hours of sun seen in {{ draft.reading.hours.length }} hours looked at.</p>
    </div>
  </MeasureFrame>
</template>
