<script setup lang="ts">
import { frostRange } from '~~/core/place/climate/garden-climate';
import { frostFree } from '~~/core/place/climate/frost';
import { GardenFields } from '~~/core/model/garden';
import { dayName, SHORT_MONTHS } from '~~/core/model/half-month';
import type { Region } from '~~/core/model/reference';
import { UNITS } from '~~/core/model/units';
import { HUMIDITIES, SUMMERS } from '~~/core/model/vocabulary';

/** Frosts with their spread, summers, air and rain: the region's, each open to the gardener's own word. */
const draft = defineModel<
  Pick<GardenFields, 'last_frost' | 'first_frost' | 'frost_spread_d' | 'summer' | 'humidity' | 'rain_mm'>
>({ required: true });
const props = defineProps<{ region: Region | undefined; errors: Record<string, string>; rain: readonly number[] }>();
const view = useViewStore();
const unit = computed(() => UNITS[view.units].rain);
const asRegion = (list: readonly string[], own: string | undefined) => [
  { value: null, words: own ? `as the region: ${own}` : 'as the region' },
  ...list.map((value) => ({ value, words: value })),
];
const season = computed(() => {
  const whole = GardenFields.pick({ last_frost: true, first_frost: true }).safeParse(draft.value);
  return whole.success ? `${frostFree(whole.data).days} frost-free days` : '';
});
const range = (key: 'last_frost' | 'first_frost') => {
  const whole = GardenFields.pick({ last_frost: true }).safeParse({ last_frost: draft.value[key] });
  if (!whole.success || !whole.data.last_frost || !props.region) return '';
  const { from, to } = frostRange(whole.data.last_frost, draft.value.frost_spread_d ?? props.region.frost_spread_d);
  return `In 8 years of 10 between ${dayName(from)} and ${dayName(to)}.`;
};
function setRain(month: number, mm: number | null) {
  const now = [...(draft.value.rain_mm ?? props.rain)];
  now[month] = mm ?? props.rain[month]!;
  draft.value.rain_mm = now.every((value, m) => value === props.rain[m]) ? null : now;
}
</script>

<template>
  <div class="space-y-3">
    <div class="grid gap-3 sm:grid-cols-2 xl:grid-cols-3">
      <DayField
        v-model="draft.last_frost"
        label="Last frost of spring"
        none="none is usual"
        :error="errors.last_frost"
        :hint="range('last_frost') || season"
      />
      <DayField
        v-model="draft.first_frost"
        label="First frost of autumn"
        none="none is usual"
        :error="errors.first_frost"
        :hint="range('first_frost') || 'Averages: one year in two is earlier.'"
      />
      <NumberField
        v-model="draft.frost_spread_d"
        label="Spread of the frosts (days)"
        :error="errors.frost_spread_d"
        :hint="`Standard deviation; empty is the region’s ${region?.frost_spread_d ?? ''}.${season ? ` ${season}.` : ''}`"
      />
      <ChoiceField v-model="draft.summer" label="Summers" :error="errors.summer" :choices="asRegion(SUMMERS, region?.summer)" />
      <ChoiceField
        v-model="draft.humidity"
        label="Summer air"
        :error="errors.humidity"
        :choices="asRegion(HUMIDITIES, region?.humidity)"
      />
    </div>
    <details>
      <summary class="text-sm font-semibold text-press">
        Rain by month{{ draft.rain_mm ? ', your own' : ', the region’s' }}
      </summary>
      <div class="mt-1 grid grid-cols-4 gap-2 sm:grid-cols-6 lg:grid-cols-12">
        <NumberField
          v-for="(mm, m) in draft.rain_mm ?? rain"
          :key="m"
          :model-value="mm"
          :label="`${SHORT_MONTHS[m]}`"
          :unit="unit"
          :error="errors[`rain_mm.${m}`]"
          @update:model-value="setRain(m, $event)"
        />
      </div>
      <button v-if="draft.rain_mm" type="button" class="link text-sm" @click="draft.rain_mm = null">
        Back to the region’s rain
      </button>
    </details>
  </div>
</template>
