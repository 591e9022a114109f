<script setup lang="ts">
import type { Bar, SeenMark } from './calendar-bars';
import { HALF_MONTHS, shareOfYear, stretchesOf } from '~~/core/model/half-month';

/** A row of the calendar: bars of days over the year, the handle's half-month and the months behind them. */
defineProps<{ bars: Bar[]; halfMonth: number; label: string; marks?: readonly SeenMark[] }>();
const W = 480;
const x = (day: number) => shareOfYear(day) * W;
const rects = (bar: Bar) =>
  stretchesOf(bar).map(([from, to]) => ({ x: x(from), width: Math.max(1.5, x(to + 1) - x(from)), key: `${from}-${to}` }));
</script>

<template>
  <svg :viewBox="`0 0 ${W} 20`" class="block h-6 w-full" preserveAspectRatio="none" role="img" :aria-label="label">
    <rect
      v-for="m in 6"
      :key="m"
      :x="(m - 1) * (W / 6) + W / 12"
      y="0"
      :width="W / 12"
      height="20"
      fill="var(--bank)"
      opacity="0.5"
    />
    <rect :x="(halfMonth * W) / HALF_MONTHS" y="0" :width="W / HALF_MONTHS" height="20" fill="var(--press)" opacity="0.13" />
    <template v-for="bar in bars" :key="bar.title">
      <rect
        v-for="rect in rects(bar)"
        :key="rect.key"
        :x="rect.x"
        :y="bar.y - bar.height / 2"
        :width="rect.width"
        :height="bar.height"
        :fill="bar.fill"
        :stroke="bar.stroke ?? 'none'"
        :stroke-dasharray="bar.dash"
        vector-effect="non-scaling-stroke"
      >
        <title>{{ bar.title }}</title>
      </rect>
    </template>
    <line
      v-for="mark in marks"
      :key="mark.title"
      :x1="x(mark.day)"
      :x2="x(mark.day)"
      y1="1"
      y2="12"
      :stroke="mark.latest ? 'var(--gap)' : 'var(--quiet)'"
      :stroke-width="mark.latest ? 2.4 : 1.4"
      vector-effect="non-scaling-stroke"
    >
      <title>{{ mark.title }}</title>
    </line>
    <line
      :x1="((halfMonth + 0.5) * W) / HALF_MONTHS"
      :x2="((halfMonth + 0.5) * W) / HALF_MONTHS"
      y1="0"
      y2="20"
      stroke="var(--press)"
      stroke-width="1.6"
      vector-effect="non-scaling-stroke"
    />
  </svg>
</template>
