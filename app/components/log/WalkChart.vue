<script setup lang="ts">
import {
  BarController,
  BarElement,
  CategoryScale,
  Chart,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  Tooltip,
} from 'chart.js';
import { Bar } from 'vue-chartjs';
import { useMediaQuery } from '@vueuse/core';
import { halfMonthName, HALF_MONTHS, SHORT_MONTHS } from '~~/core/model/half-month';
import type { Rate } from '~~/core/log/walks';

/** Counts per hour by half-month, a line for each year and its range as a bar behind it. */
const props = defineProps<{ years: { year: number; rates: (Rate | null)[] }[]; label: string }>();
Chart.register(BarController, BarElement, CategoryScale, LinearScale, LineController, LineElement, PointElement, Tooltip);
Chart.defaults.font.family = getComputedStyle(document.body).fontFamily;
const ink = useInk();
const still = useMediaQuery('(prefers-reduced-motion: reduce)');
const INKS = ['press', 'nectar', 'shelter', 'special', 'host', 'thin'] as const;
const POINTS = ['circle', 'rect', 'triangle', 'rectRot', 'star', 'cross'] as const;
const DASHES = [[], [6, 3], [2, 3], [9, 3, 2, 3], [4, 2], [1, 2]];
const data = computed(() => ({
  labels: Array.from({ length: HALF_MONTHS }, (_, h) => halfMonthName(h)),
  datasets: props.years.flatMap(({ year, rates }, i) => {
    const colour = ink.value[INKS[i % INKS.length]!];
    return [
      {
        type: 'line' as const,
        label: String(year),
        data: rates.map((rate) => rate?.perHour ?? null),
        borderColor: colour,
        backgroundColor: colour,
        borderDash: DASHES[i % DASHES.length],
        pointStyle: POINTS[i % POINTS.length],
        pointRadius: 4.5,
        borderWidth: 1.8,
        spanGaps: true,
        order: 0,
      },
      {
        type: 'bar' as const,
        label: `${year}, range`,
        data: rates.map((rate) => (rate ? ([rate.low, rate.high] as [number, number]) : null)),
        backgroundColor: `${colour}44`,
        borderColor: colour,
        borderWidth: 1,
        barPercentage: 0.35,
        order: 1,
      },
    ];
  }),
}));
const options = computed(() => ({
  responsive: true,
  maintainAspectRatio: false,
  animation: still.value ? (false as const) : { duration: 300 },
  scales: {
    x: {
      ticks: {
        color: ink.value.quiet,
        maxRotation: 0,
        autoSkip: false,
        callback: (_: unknown, h: number) => (h % 2 === 0 ? SHORT_MONTHS[h / 2]! : ''),
      },
      grid: { display: false },
    },
    y: {
      beginAtZero: true,
      ticks: { color: ink.value.quiet },
      grid: { color: ink.value.line },
      title: { display: true, text: 'an hour', color: ink.value.quiet },
    },
  },
  plugins: { legend: { display: false }, tooltip: { enabled: true } },
}));
</script>

<template>
  <figure>
    <div class="h-64">
      <!-- Lines and bars in one chart: the component is typed for bars alone. -->
      <Bar :data="data as never" :options="options as never" :aria-label="label" />
    </div>
    <figcaption class="flex flex-wrap gap-x-4 text-sm">
      <span v-for="({ year }, i) in years" :key="year" class="inline-flex items-center gap-1.5"
        ><svg width="26" height="10" aria-hidden="true">
          <line
            x1="0"
            x2="26"
            y1="5"
            y2="5"
            :stroke="ink[INKS[i % INKS.length]!]"
            stroke-width="2"
            :stroke-dasharray="DASHES[i % DASHES.length]!.join(' ')"
          /></svg
        >{{ year }}</span
      >
      <span class="text-quiet">bars: the range in which the true number lies nineteen times in twenty</span>
    </figcaption>
  </figure>
</template>
