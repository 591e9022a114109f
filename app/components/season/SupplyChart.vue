<script setup lang="ts">
import {
  BarController,
  BarElement,
  CategoryScale,
  Chart,
  LineController,
  LineElement,
  LinearScale,
  PointElement,
  Tooltip,
} from 'chart.js';
import { Bar } from 'vue-chartjs';
import { useMediaQuery } from '@vueuse/core';
import { halfMonthName, HALF_MONTHS, shareOfYear, SHORT_MONTHS, stretchesOf, wrapDay } from '~~/core/model/half-month';
import type { SupplyYear } from '~~/core/season/supply-year';
import { bandInk, patternOf } from './chart-inks';

/** What a need finds through the year, band upon band, against what it wants; its short half-months marked. */
const props = defineProps<{
  of: 'nectar' | 'host';
  year: SupplyYear;
  unit: string;
  halfMonth: number;
  nameOf: (of: string) => string;
  label: string;
  /** Stretches of days named above the bars: the broods. */
  spans?: { from: number; to: number; name: string }[];
}>();
const emit = defineEmits<{ pick: [halfMonth: number] }>();
Chart.register(BarController, BarElement, CategoryScale, LinearScale, LineController, LineElement, PointElement, Tooltip);
Chart.defaults.font.family = getComputedStyle(document.body).fontFamily;
/** Height kept for the named spans, three lines of them. */
const SPANS_PX = 54;
const ink = useInk();
const still = useMediaQuery('(prefers-reduced-motion: reduce)');

const data = computed(() => ({
  labels: Array.from({ length: HALF_MONTHS }, (_, h) => halfMonthName(h)),
  datasets: [
    {
      type: 'line' as const,
      label: 'wanted',
      data: props.year.cells.map((cell) => cell?.demand ?? null),
      borderColor: ink.value.ink,
      borderWidth: 2,
      borderDash: [5, 3],
      pointRadius: props.year.cells.map((cell, h) => (cell && !props.year.cells[h - 1] && !props.year.cells[h + 1] ? 4 : 0)),
      pointBackgroundColor: ink.value.ink,
      stepped: 'middle' as const,
      order: 0,
    },
    ...props.year.bands.map((band, i) => ({
      type: 'bar' as const,
      label: props.nameOf(band.of),
      data: band.amounts,
      backgroundColor: patternOf(bandInk(props.of, i), ink.value),
      borderColor: ink.value.ground,
      borderWidth: 0.6,
      stack: 'supply',
      categoryPercentage: 0.94,
      barPercentage: 1,
      order: 1,
    })),
  ],
}));

/** Behind the bars the handle's half-month, and where the need is not met, ochre or red; above them the named spans. */
const marks = computed(() => ({
  id: 'marks',
  beforeDatasetsDraw(chart: Chart) {
    const { ctx, chartArea, scales } = chart;
    const w = chartArea.width / HALF_MONTHS;
    ctx.save();
    props.year.cells.forEach((cell, h) => {
      const x = scales.x!.getPixelForValue(h) - w / 2;
      if (cell && cell.verdict !== 'closed') {
        ctx.fillStyle = cell.verdict === 'open' ? ink.value.gap : ink.value.thin;
        ctx.globalAlpha = 0.16;
        ctx.fillRect(x, chartArea.top, w, chartArea.height);
        ctx.globalAlpha = 1;
        ctx.fillRect(x + 1, chartArea.top, w - 2, 4);
      }
      if (h === props.halfMonth) {
        ctx.fillStyle = ink.value.press;
        ctx.globalAlpha = 0.16;
        ctx.fillRect(x, chartArea.top, w, chartArea.height);
        ctx.globalAlpha = 1;
      }
    });
    ctx.restore();
  },
  afterDatasetsDraw(chart: Chart) {
    const { ctx, chartArea, scales } = chart;
    const w = chartArea.width / HALF_MONTHS;
    ctx.save();
    // A bar cut off at the top is torn there, and its height written over the first of a run.
    props.year.cells.forEach((cell, h) => {
      if (!cell || cell.supply <= cutAt.value) return;
      const x = scales.x!.getPixelForValue(h) - w / 2;
      ctx.fillStyle = ink.value.ground;
      ctx.beginPath();
      ctx.moveTo(x, chartArea.top - 1);
      for (let i = 0; i <= 4; i++) ctx.lineTo(x + (w * i) / 4, chartArea.top + (i % 2 === 0 ? 3 : 9));
      ctx.lineTo(x + w, chartArea.top - 1);
      ctx.fill();
      const before = props.year.cells[h - 1];
      if (before && tall(before.supply) === tall(cell.supply) && before.supply > cutAt.value) return;
      ctx.font = `600 11px ${Chart.defaults.font.family}`;
      ctx.fillText(`↑ ${tall(cell.supply)}`, x + 1, chartArea.top + 21);
    });
    ctx.fillStyle = ctx.strokeStyle = ink.value.host;
    ctx.lineWidth = 3;
    ctx.font = `11px ${Chart.defaults.font.family}`;
    (props.spans ?? []).forEach((span, i) => {
      const y = chartArea.top - SPANS_PX + 16 + (i % 3) * 16;
      ctx.fillText(span.name, chartArea.left + shareOfYear(wrapDay(span.from)) * chartArea.width, y - 4);
      for (const [from, to] of stretchesOf(span)) {
        ctx.beginPath();
        ctx.moveTo(chartArea.left + shareOfYear(from) * chartArea.width, y);
        ctx.lineTo(chartArea.left + shareOfYear(to + 1) * chartArea.width, y);
        ctx.stroke();
      }
    });
    ctx.restore();
  },
}));
/** Plenty is cut off at six times what is wanted, so that what is wanted keeps its height; a cut bar says how high it goes. */
const wanted = computed(() => Math.max(1e-9, ...props.year.cells.map((cell) => cell?.demand ?? 0)));
const cutAt = computed(() =>
  Math.max(...props.year.cells.map((cell) => cell?.supply ?? 0)) > 6 * wanted.value ? 6 * wanted.value : Infinity,
);
const most = computed(() => (cutAt.value < Infinity ? { max: cutAt.value } : { suggestedMax: 1.3 * wanted.value }));
const tall = (amount: number) => (amount >= 100 ? `${Math.round(amount / 10) * 10}` : `${Math.round(amount)}`);
const options = computed(() => ({
  responsive: true,
  maintainAspectRatio: false,
  animation: still.value ? (false as const) : { duration: 400 },
  layout: { padding: { top: props.spans?.length ? SPANS_PX : 0 } },
  interaction: { mode: 'index' as const, intersect: false },
  onClick: (_event: unknown, elements: { index: number }[]) => elements[0] && emit('pick', elements[0].index),
  scales: {
    x: {
      stacked: true,
      grid: { display: false },
      ticks: {
        color: ink.value.quiet,
        autoSkip: false,
        maxRotation: 0,
        callback: (_value: unknown, h: number) => (h % 2 === 0 ? SHORT_MONTHS[h / 2] : ''),
      },
    },
    y: {
      stacked: true,
      ...most.value,
      title: { display: true, text: props.unit, color: ink.value.quiet },
      grid: { color: ink.value.line },
      ticks: { color: ink.value.quiet, precision: 1 },
    },
  },
  plugins: {
    legend: { display: false },
    tooltip: { itemSort: (a: { datasetIndex: number }, b: { datasetIndex: number }) => b.datasetIndex - a.datasetIndex },
  },
}));
</script>

<template>
  <div class="h-72">
    <Bar
      :key="JSON.stringify(ink) + halfMonth"
      :aria-label="label"
      :data="data as never"
      :options="options as never"
      :plugins="[marks]"
    />
  </div>
</template>
