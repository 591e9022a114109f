<script setup lang="ts">
import type { ColourYear } from '~~/core/layout/colour-year';
import { halfMonthName, HALF_MONTHS } from '~~/core/model/half-month';

/** The colours of a bed through the year: what flowers in each half-month by the ground it covers, and where nothing does. */
const props = defineProps<{ year: ColourYear }>();
const view = useViewStore();
const HIGH = 44;
const WIDE = 960 / HALF_MONTHS;
const most = computed(() => Math.max(0.01, ...props.year.halfMonths.map((row) => row.reduce((sum, { m2 }) => sum + m2, 0))));
const bars = computed(() =>
  props.year.halfMonths.map((row) => {
    let y = HIGH;
    return row.map(({ hex, m2 }) => {
      const high = (m2 / most.value) * (HIGH - 2);
      y -= high;
      return { hex, y, high };
    });
  }),
);
const words = computed(
  () =>
    `In flower, half-month by half-month: ${props.year.halfMonths
      .flatMap((row, h) => (row.length ? [`${halfMonthName(h)} ${view.area(row.reduce((sum, { m2 }) => sum + m2, 0))}`] : []))
      .join('; ')}.`,
);
</script>

<template>
  <svg :viewBox="`0 0 960 ${HIGH + 2}`" class="block h-12 w-full" preserveAspectRatio="none" role="img" :aria-label="words">
    <rect :x="view.halfMonth * WIDE" y="0" :width="WIDE" :height="HIGH" fill="var(--bank)" />
    <g v-for="(bar, h) in bars" :key="h">
      <rect
        v-for="(part, i) in bar"
        :key="i"
        :x="h * WIDE + 2"
        :y="part.y"
        :width="WIDE - 4"
        :height="part.high"
        :fill="part.hex"
        stroke="#3a2d2444"
        stroke-width="0.5"
      />
      <rect
        v-if="year.gaps.includes(h)"
        :x="h * WIDE + 2"
        :y="HIGH - 9"
        :width="WIDE - 4"
        height="8"
        fill="none"
        stroke="var(--gap)"
        stroke-width="1.5"
        rx="4"
      />
    </g>
    <line x1="0" x2="960" :y1="HIGH" :y2="HIGH" stroke="var(--line)" />
  </svg>
</template>
