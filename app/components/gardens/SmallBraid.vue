<script setup lang="ts">
import type { SmallChannel } from '~~/core/season/small-braid';

/**
 * A garden's braid in small: a line for each target, full where it is served, thin where hardly, a hollow bed where not;
 * those that close flow together at the right.
 */
const props = defineProps<{ channels: SmallChannel[]; closed: number }>();
const WIDTH = 144;
const FLOW = 22;
const CELL = (WIDTH - FLOW) / 24;
const HEIGHT = 34;
const lane = computed(() => Math.min(5, HEIGHT / Math.max(1, props.channels.length)));
/** Stretches of one state, so that a line is a few marks and not twenty-four. */
const lines = computed(() =>
  props.channels.map(({ cells, closes }, row) => {
    const reaches: { from: number; to: number; verdict: string }[] = [];
    cells.forEach((verdict, h) => {
      if (!verdict) return;
      const open = reaches.at(-1);
      if (open && open.to === h && open.verdict === verdict) open.to = h + 1;
      else reaches.push({ from: h, to: h + 1, verdict });
    });
    return { y: (row + 0.5) * lane.value, closes, reaches };
  }),
);
const middle = computed(() => (props.channels.length * lane.value) / 2);
const wide = computed(() => (props.channels.length ? lane.value * 0.7 * props.closed : 0));
const COLOURS: Record<string, string> = { closed: 'var(--host)', thin: 'var(--thin)', open: 'var(--gap)' };
</script>

<template>
  <svg :width="WIDTH" :height="HEIGHT" :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" fill="none" aria-hidden="true" class="block">
    <g v-for="line in lines" :key="line.y">
      <path
        v-for="reach in line.reaches"
        :key="reach.from"
        :d="`M${reach.from * CELL} ${line.y}H${reach.to * CELL}`"
        :stroke="COLOURS[reach.verdict]"
        :stroke-width="reach.verdict === 'closed' ? lane * 0.7 : reach.verdict === 'thin' ? lane * 0.4 : 1"
        :stroke-dasharray="reach.verdict === 'open' ? '1.5 1.5' : undefined"
      />
      <path
        v-if="line.closes"
        :d="`M${WIDTH - FLOW} ${line.y}C${WIDTH - FLOW / 2} ${line.y} ${WIDTH - FLOW / 2} ${middle} ${WIDTH - 5} ${middle}`"
        stroke="var(--host)"
        :stroke-width="lane * 0.5"
        opacity="0.7"
      />
    </g>
    <path v-if="wide > 0" :d="`M${WIDTH - 6} ${middle}H${WIDTH}`" stroke="var(--press)" :stroke-width="Math.max(2, wide)" />
  </svg>
</template>
