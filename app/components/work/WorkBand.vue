<script setup lang="ts">
import { halfMonthName, halfMonthOfDay, HALF_MONTHS } from '~~/core/model/half-month';
import { minutesWords } from '~~/core/words/work';

/** The year's work under the ribbon: hours in each half-month, as this garden usually asks for. */
const work = useWorkStore();
const view = useViewStore();
const most = computed(() => Math.max(60, ...work.minutes));
const total = computed(() => work.minutes.reduce((sum, minutes) => sum + minutes, 0));
const nowIn = computed(() => halfMonthOfDay(work.dayOfTheYear));
const shown = computed(() => work.minutes[view.halfMonth] ?? 0);
const WIDTH = 960;
const HEIGHT = 30;
const cell = WIDTH / HALF_MONTHS;
</script>

<template>
  <section v-if="work.minutes.length" class="no-print mb-1" aria-label="The year’s work by half-month">
    <svg
      :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
      class="block h-7 w-full"
      preserveAspectRatio="none"
      role="img"
      :aria-label="`Work by half-month: ${minutesWords(total)} in a usual year, most in ${halfMonthName(work.minutes.indexOf(Math.max(...work.minutes)))}`"
    >
      <line x1="0" :x2="WIDTH" :y1="HEIGHT - 1" :y2="HEIGHT - 1" stroke="var(--line)" stroke-width="2" />
      <rect
        v-for="(minutes, h) in work.minutes"
        :key="h"
        :x="h * cell + 3"
        :width="cell - 6"
        :y="HEIGHT - 1 - (minutes / most) * (HEIGHT - 3)"
        :height="(minutes / most) * (HEIGHT - 3)"
        :fill="h === nowIn ? 'var(--press)' : 'var(--shelter)'"
        :opacity="h === nowIn ? 1 : 0.5"
      />
    </svg>
    <p class="flex flex-wrap justify-between gap-x-4 text-xs text-quiet">
      <span
        ><strong class="text-ink">{{ halfMonthName(view.halfMonth) }}: {{ shown < 1 ? 'no work' : minutesWords(shown) }}</strong>
        in a usual year</span
      >
      <span>{{ minutesWords(total) }} in all; minutes are estimates</span>
    </p>
  </section>
</template>
