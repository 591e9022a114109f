<script setup lang="ts">
import { BarController, BarElement, CategoryScale, Chart, LinearScale, PointElement, ScatterController, Tooltip } from 'chart.js';
import { Bar } from 'vue-chartjs';
import { useMediaQuery } from '@vueuse/core';
import type { FirstsRow } from '~~/core/log/firsts';
import { dayName, MONTH_LENGTHS, SHORT_MONTHS, wrapDay } from '~~/core/model/half-month';

/** Expected windows as bars, the first and last day seen of each year as points upon them. */
const props = defineProps<{ rows: FirstsRow[]; years: number[]; label: string }>();
Chart.register(BarController, BarElement, CategoryScale, LinearScale, PointElement, ScatterController, Tooltip);
Chart.defaults.font.family = getComputedStyle(document.body).fontFamily;
const ink = useInk();
const still = useMediaQuery('(prefers-reduced-motion: reduce)');
const INKS = ['press', 'gap', 'shelter', 'special', 'thin', 'quiet'] as const;
const POINTS = ['circle', 'rect', 'triangle', 'rectRot', 'star', 'cross'] as const;
const MONTHS = MONTH_LENGTHS.map((_, m) => 1 + MONTH_LENGTHS.slice(0, m).reduce((sum, days) => sum + days, 0));
const data = computed(() => ({
  labels: props.rows.map((row) => row.name),
  datasets: [
    ...props.years.map((year, i) => ({
      type: 'scatter' as const,
      label: String(year),
      data: props.rows.flatMap((row, r) => {
        const span = row.years.find((one) => one.year === year);
        if (!span) return [];
        return [...new Set([span.first, span.last])].map((x) => ({ x, y: props.rows[r]!.name }));
      }),
      backgroundColor: ink.value[INKS[i % INKS.length]!],
      borderColor: ink.value[INKS[i % INKS.length]!],
      pointStyle: POINTS[i % POINTS.length],
      pointRadius: 4.5,
      borderWidth: 1.6,
      order: 0,
    })),
    {
      type: 'bar' as const,
      label: 'expected',
      data: props.rows.map((row): [number, number] => [row.expected.from, row.expected.to]),
      backgroundColor: props.rows.map((row) => `${ink.value[row.kind === 'flight' ? 'ink' : 'nectar']}55`),
      barPercentage: 0.55,
      order: 1,
    },
  ],
}));
const options = computed(() => ({
  indexAxis: 'y' as const,
  responsive: true,
  maintainAspectRatio: false,
  animation: still.value ? (false as const) : { duration: 300 },
  scales: {
    x: {
      min: 1,
      max: 365,
      afterBuildTicks: (axis: { ticks: { value: number }[] }) => (axis.ticks = MONTHS.map((value) => ({ value }))),
      ticks: { color: ink.value.quiet, callback: (value: number) => SHORT_MONTHS[MONTHS.indexOf(value)] ?? '' },
      grid: { color: ink.value.line },
    },
    y: {
      type: 'category' as const,
      labels: props.rows.map((row) => row.name),
      ticks: { color: ink.value.ink, autoSkip: false },
      grid: { display: false },
    },
  },
  plugins: {
    legend: { display: false },
    tooltip: {
      callbacks: {
        label: (item: { dataset: { label: string }; raw: unknown }) => {
          const days = Array.isArray(item.raw) ? item.raw : [(item.raw as { x: number }).x];
          return `${item.dataset.label}: ${(days as number[]).map((day) => dayName(wrapDay(day))).join(' to ')}`;
        },
      },
    },
  },
}));
</script>

<template>
  <figure>
    <div :style="{ height: `${60 + rows.length * 24}px` }">
      <Bar :data="data as never" :options="options as never" :aria-label="label" />
    </div>
    <figcaption class="flex flex-wrap gap-x-4 text-sm text-quiet">
      <span>bars: expected</span>
      <span v-for="(year, i) in years" :key="year" :style="{ color: ink[INKS[i % INKS.length]!] }"
        >{{ year }}:
        {{
          POINTS[i % POINTS.length] === 'rectRot'
            ? 'diamond'
            : POINTS[i % POINTS.length] === 'rect'
              ? 'square'
              : POINTS[i % POINTS.length]
        }}</span
      >
    </figcaption>
  </figure>
</template>
