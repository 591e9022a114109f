<script setup lang="ts">
import type { PotFields } from '~~/core/model/garden';
import { potHalves, potMiddles } from '~~/core/layout/pots/seats';
import type { ScenePlant } from './bed-scene';

/** A group of pots from above, to scale: its plants as they are in the half-month. Plants can be chosen where `chosen` is given. */
const props = defineProps<{
  pot: PotFields;
  plants: readonly ScenePlant[];
  chosen?: ReadonlySet<number>;
  label: string;
  high?: string;
}>();
const emit = defineEmits<{ choose: [plant: number] }>();
const middles = computed(() => potMiddles(props.pot));
const halves = computed(() => potHalves(props.pot));
const AROUND = 0.14;
const box = computed(() => {
  const [half, wide] = halves.value;
  const reach = Math.max(...middles.value) + half + AROUND;
  return { left: -reach, top: -wide - AROUND, width: 2 * reach, height: 2 * (wide + AROUND) };
});
/** Crowns in a pot are held small by their neighbours. */
const radius = (plant: ScenePlant) => Math.min(plant.now, Math.max(0.09, halves.value[1] * 0.55));
const stroke = (width: number | undefined, plant: ScenePlant) => Math.max(width ?? 0, 0.004 / radius(plant));
</script>

<template>
  <svg
    :viewBox="`${box.left} ${box.top} ${box.width} ${box.height}`"
    class="block w-full"
    :style="{ maxHeight: high ?? '20rem' }"
    :role="chosen ? 'group' : 'img'"
    :aria-label="label"
  >
    <g v-for="(middle, i) in middles" :key="i">
      <ellipse
        v-if="pot.shape !== 'box'"
        :cx="middle"
        cy="0"
        :rx="halves[0]"
        :ry="halves[1]"
        fill="#6b5136"
        stroke="#8a5a3c"
        stroke-width="0.022"
      />
      <rect
        v-else
        :x="middle - halves[0] + 0.01"
        :y="-halves[1]"
        :width="2 * halves[0] - 0.02"
        :height="2 * halves[1]"
        fill="#6b5136"
        stroke="#8a5a3c"
        stroke-width="0.022"
        rx="0.015"
      />
    </g>
    <g
      v-for="plant in plants"
      :key="plant.i"
      :transform="`translate(${plant.x} ${-plant.y})`"
      :role="chosen ? 'button' : undefined"
      :tabindex="chosen ? 0 : undefined"
      :aria-label="chosen ? `${plant.kind}.${plant.nth} ${plant.here.plant.common}` : undefined"
      :aria-pressed="chosen ? chosen.has(plant.i) : undefined"
      :class="chosen ? 'cursor-pointer' : ''"
      @click="chosen && emit('choose', plant.i)"
      @keydown.enter.prevent="chosen && emit('choose', plant.i)"
      @keydown.space.prevent="chosen && emit('choose', plant.i)"
    >
      <circle v-if="chosen" :r="Math.max(radius(plant), 0.06)" fill="transparent" />
      <g :transform="`rotate(${plant.turn}) scale(${radius(plant)})`">
        <path
          v-for="(path, p) in plant.paths"
          :key="p"
          :d="path.d"
          :fill="path.fill ?? 'none'"
          :stroke="path.stroke"
          :stroke-width="stroke(path.width, plant)"
          :opacity="path.opacity ?? 1"
        />
      </g>
      <circle v-if="chosen?.has(plant.i)" :r="radius(plant) * 1.05" fill="none" stroke="var(--press)" stroke-width="0.012" />
    </g>
  </svg>
</template>
