<script setup lang="ts">
import type { TargetCoverage } from '~~/core/coverage/types';
import { braid } from '~~/core/season/braid';
import { HALF_MONTHS } from '~~/core/model/half-month';

/** A braid in small: each target a channel, each need a strand; full where closed, thin where thin, hollow where open. */
const props = defineProps<{ targets: TargetCoverage[]; label: string }>();
const garden = useGardenStore();
const CELL = 7;
const NAMES = 104;
const channels = computed(() => {
  let top = 2;
  return braid(props.targets).map((channel) => {
    const lanes = channel.strands.filter((strand) => strand.stage !== 'special');
    const row = { channel, top, strands: lanes.map((strand, i) => ({ strand, y: top + 3 + i * 5 })) };
    top += Math.max(2, lanes.length) * 5 + 5;
    return row;
  });
});
const height = computed(() => (channels.value.at(-1)?.top ?? 0) + 24);
const COLOURS = { host: 'var(--host)', nectar: 'var(--nectar)', shelter: 'var(--shelter)', special: 'var(--special)' };
const nameOf = (target: string) => garden.almanac?.targets.get(target)?.target.common ?? target;
const short = (target: string) => (nameOf(target).length > 17 ? `${nameOf(target).slice(0, 16)}…` : nameOf(target));
</script>

<template>
  <svg :viewBox="`0 0 ${NAMES + HALF_MONTHS * CELL + 14} ${height}`" class="block w-full" role="img" :aria-label="label">
    <g v-for="{ channel, top, strands } in channels" :key="channel.target">
      <text x="0" :y="top + 10" font-size="10" font-family="var(--font-serif)" fill="var(--ink)">
        {{ short(channel.target) }}
      </text>
      <g v-for="{ strand, y } in strands" :key="strand.stage">
        <rect
          v-for="reach in strand.reaches"
          :key="reach.first"
          :x="NAMES + reach.first * CELL"
          :y="reach.verdict === 'thin' ? y + 1 : y"
          :width="(reach.last - reach.first + 1) * CELL - 0.8"
          :height="reach.verdict === 'thin' ? 1.6 : 3.6"
          rx="1.2"
          :fill="reach.verdict === 'open' ? 'var(--ground)' : COLOURS[strand.stage]"
          :stroke="reach.verdict === 'open' ? 'var(--gap)' : 'none'"
          stroke-width="0.8"
          :stroke-dasharray="reach.verdict === 'open' ? '2 1.5' : undefined"
        />
      </g>
      <circle v-if="channel.closes" :cx="NAMES + HALF_MONTHS * CELL + 7" :cy="top + 8" r="3.4" fill="var(--press)" />
      <circle
        v-else
        :cx="NAMES + HALF_MONTHS * CELL + 7"
        :cy="top + 8"
        r="3"
        fill="none"
        stroke="var(--gap)"
        stroke-width="1.2"
      />
    </g>
  </svg>
</template>
