<script setup lang="ts">
import type { PotFields } from '~~/core/model/garden';
import { potHalves, potMiddles } from '~~/core/layout/pots/seats';
import { roleOf } from '~~/core/layout/pots/arrange-pot';
import type { ScenePlant } from './bed-scene';
import { leafColour } from './crown-glyph';
import { silhouette } from './silhouette';

/** A group of pots from the side: tall, filling and hanging plants over and along its wall. */
const props = defineProps<{ pot: PotFields; plants: readonly ScenePlant[]; label: string }>();
const middles = computed(() => potMiddles(props.pot));
const half = computed(() => potHalves(props.pot)[0]);
const depth = computed(() => props.pot.depth_cm / 100);
const base = computed(() => half.value * (props.pot.base_cm / props.pot.top_cm));
const rows = computed(() =>
  [...props.plants]
    .filter(({ stature }) => stature.height > 0)
    .sort((a, b) => b.y - a.y)
    .map((plant) => ({ plant, hangs: roleOf(plant.here.plant) === 'trailing', shape: silhouette(plant) })),
);
const tall = computed(
  () => Math.max(0.3, ...props.plants.map(({ size, stature }) => (size.height.expected / 100) * stature.height)) + 0.05,
);
const reach = computed(() => Math.max(...middles.value) + half.value + 0.25);
/** How far (m) a trailing plant hangs down. */
const hang = (plant: ScenePlant) => Math.min(depth.value * 0.9, plant.size.spread.expected / 200);
</script>

<template>
  <svg
    :viewBox="`${-reach} ${-tall} ${2 * reach} ${tall + depth + 0.03}`"
    class="block max-h-80 w-full"
    role="img"
    :aria-label="label"
  >
    <g
      v-for="{ plant, hangs, shape } in rows.filter((row) => !row.hangs)"
      :key="plant.i"
      :transform="`translate(${plant.x} ${plant.y * 0.15}) scale(1 -1)`"
    >
      <path
        v-for="(path, i) in shape"
        :key="i"
        :d="path.d"
        :fill="path.fill ?? 'none'"
        :stroke="path.stroke"
        :stroke-width="path.width"
        :opacity="path.opacity ?? 1"
        stroke-linecap="round"
        :data-hangs="hangs || undefined"
      />
    </g>
    <path
      v-for="(middle, i) in middles"
      :key="i"
      :d="`M${middle - half},0L${middle + half},0L${middle + base},${depth}L${middle - base},${depth}Z`"
      fill="#b0744c"
      stroke="#8a5a3c"
      stroke-width="0.012"
    />
    <g v-for="{ plant } in rows.filter((row) => row.hangs)" :key="plant.i" :transform="`translate(${plant.x} 0)`">
      <path
        :d="`M-0.05,-0.04Q-0.14,${hang(plant) * 0.4} -0.08,${hang(plant)}Q0,${hang(plant) * 1.1} 0.08,${hang(plant)}Q0.14,${hang(plant) * 0.4} 0.05,-0.04Q0,-0.09 -0.05,-0.04Z`"
        :fill="leafColour(plant.here.plant)"
        opacity="0.92"
      />
      <template v-if="plant.stature.look === 'flower'">
        <circle
          v-for="n in 7"
          :key="n"
          :cx="0.07 * Math.sin(n * 2.4)"
          :cy="(hang(plant) * n) / 7.5"
          r="0.017"
          :fill="plant.here.plant.colour_hex"
        />
      </template>
    </g>
    <line :x1="-reach" :x2="reach" :y1="depth" :y2="depth" stroke="var(--shelter)" stroke-width="0.008" />
  </svg>
</template>
