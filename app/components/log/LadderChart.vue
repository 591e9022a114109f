<script setup lang="ts">
import { BarController, BarElement, CategoryScale, Chart, LinearScale, Tooltip } from 'chart.js';
import { Bar } from 'vue-chartjs';
import { useMediaQuery } from '@vueuse/core';
import type { Ladder } from '~~/core/log/stages';
import { RUNG_WORDS } from '~~/core/words/log';
import { bandInk, patternOf } from '~/components/season/chart-inks';

/** How often each step of a life was seen, year beside year. */
const props = defineProps<{ ladders: Ladder[]; label: string }>();
Chart.register(BarController, BarElement, CategoryScale, LinearScale, Tooltip);
Chart.defaults.font.family = getComputedStyle(document.body).fontFamily;
const ink = useInk();
const still = useMediaQuery('(prefers-reduced-motion: reduce)');
const data = computed(() => ({
  labels: props.ladders[0]?.rungs.map((row) => RUNG_WORDS[row.rung]) ?? [],
  datasets: props.ladders.map((ladder, i) => ({
    label: String(ladder.year),
    data: ladder.rungs.map((row) => row.times),
    backgroundColor: patternOf(bandInk('host', i), ink.value),
    borderColor: ink.value.quiet,
    borderWidth: 0.7,
  })),
}));
const options = computed(() => ({
  responsive: true,
  maintainAspectRatio: false,
  animation: still.value ? (false as const) : { duration: 300 },
  scales: {
    x: { ticks: { color: ink.value.ink }, grid: { display: false } },
    y: {
      beginAtZero: true,
      ticks: { color: ink.value.quiet, precision: 0 },
      grid: { color: ink.value.line },
      title: { display: true, text: 'times seen', color: ink.value.quiet },
    },
  },
  plugins: { legend: { display: false } },
}));
</script>

<template>
  <figure>
    <div class="h-52"><Bar :data="data as never" :options="options as never" :aria-label="label" /></div>
    <figcaption class="text-sm text-quiet">
      For each step a bar a year, from left to right: {{ ladders.map((row) => row.year).join(', ') }}.
    </figcaption>
  </figure>
</template>
