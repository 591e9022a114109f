<script setup lang="ts">
import { SHORT_MONTHS } from '~~/core/model/half-month';
import { stepOfShare, waterYear } from '~~/core/place/soil/water-year';
import type { MeasuredSite } from '~~/core/place/survey/measured';

/** Moisture of a bed through the year, calculated from rain, thirst and soil, without watering. */
const props = defineProps<{ site: MeasuredSite }>();
const garden = useGardenStore();
const WORDS = ['', 'dry', 'fairly dry', 'even', 'moist', 'wet'];
const months = computed(() =>
  waterYear(props.site, garden.climate!.months).map((share) => ({ share, step: stepOfShare(share) })),
);
</script>

<template>
  <figure>
    <figcaption class="text-sm text-quiet">
      Moisture through the year without watering, of what the soil can hold (1 dry to 5 wet)
    </figcaption>
    <ol class="mt-1 grid grid-cols-12 gap-px text-center text-xs" aria-label="Moisture by month">
      <li v-for="(month, m) in months" :key="m" class="flex flex-col">
        <span class="block h-14 bg-bank" aria-hidden="true">
          <span class="block" :style="{ height: `${100 * (1 - Math.min(1.3, month.share) / 1.3)}%` }" />
          <span class="block bg-special" :style="{ height: `${(100 * Math.min(1.3, month.share)) / 1.3}%` }" />
        </span>
        <span>{{ SHORT_MONTHS[m] }}</span>
        <span class="text-quiet"
          ><span class="sm:hidden">{{ month.step }}</span
          ><span class="hidden sm:inline">{{ WORDS[month.step] }}</span></span
        >
      </li>
    </ol>
  </figure>
</template>
