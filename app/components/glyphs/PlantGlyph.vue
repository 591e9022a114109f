<script setup lang="ts">
import type { Plant } from '~~/core/model/reference';

/** A plant drawn from its row: habit, flower form in its own colour, and height relative to others. */
const props = defineProps<{ plant: Plant; size: number }>();

const tall = computed(() => {
  // Heights run from violets to elms: a logarithm keeps both in the frame.
  const share = Math.log(props.plant.height_max_cm / 8) / Math.log(2500 / 8);
  return 26 + 66 * Math.min(1, Math.max(0, share));
});
const top = computed(() => 98 - tall.value);
const woody = computed(() => props.plant.kind === 'tree' || props.plant.kind === 'shrub');
const heads = computed<[number, number][]>(() => {
  const y = top.value + 6;
  return woody.value
    ? [
        [36, y + 12],
        [52, y + 2],
        [66, y + 14],
        [46, y + 18],
      ]
    : props.plant.kind === 'vine'
      ? [
          [38, y + 4],
          [60, y + 18],
          [42, y + 34],
        ]
      : [
          [32, y + 8],
          [50, y],
          [68, y + 8],
        ];
});
const FLOWERS: Partial<Record<Plant['flower_form'], string>> = {
  flat: 'M-11,-1 Q0,-8 11,-1 Q0,3 -11,-1 Z',
  tube: 'M-2,-9 L2,-9 L3,3 L7,8 L0,6 L-7,8 L-3,3 Z',
  spike: 'M0,-13 C5,-6 4,6 2,9 L-2,9 C-4,6 -5,-6 0,-13 Z',
  globe: 'M-7,0 a7,7 0 1 0 14,0 a7,7 0 1 0 -14,0 Z',
  pea: 'M-8,-2 C-6,-9 6,-9 8,-2 C6,0 2,2 0,8 C-2,2 -6,0 -8,-2 Z',
  bell: 'M-5,-7 C0,-10 5,-7 5,-2 L8,6 L0,4 L-8,6 L-5,-2 Z',
  catkin: 'M0,-8 C4,-6 4,8 0,11 C-4,8 -4,-6 0,-8 Z',
};
</script>

<template>
  <svg :width="size" :height="size" viewBox="0 0 100 100" class="shrink-0" role="img" :aria-label="`${plant.common}, drawn`">
    <line x1="8" x2="92" y1="98" y2="98" stroke="var(--line)" stroke-width="2" />
    <template v-if="woody">
      <path :d="`M50,98 L50,${top + 16}`" stroke="var(--shelter)" :stroke-width="plant.kind === 'tree' ? 6 : 3" />
      <ellipse
        cx="50"
        :cy="top + tall * 0.34"
        :rx="plant.kind === 'tree' ? 30 : 27"
        :ry="tall * 0.36"
        fill="var(--host)"
        opacity="0.75"
      />
    </template>
    <g v-else-if="plant.kind === 'grass' || plant.kind === 'sedge'" fill="none" stroke="var(--host)" stroke-width="2.5">
      <path
        v-for="dx in [-26, -14, -4, 6, 16, 28]"
        :key="dx"
        :d="`M50,98 Q${50 + dx * 0.4},${top + 30} ${50 + dx},${top + Math.abs(dx) * 0.6}`"
      />
    </g>
    <path
      v-else-if="plant.kind === 'vine'"
      :d="`M50,98 C20,80 80,66 50,52 C24,40 70,30 52,${top}`"
      fill="none"
      stroke="var(--host)"
      stroke-width="3.5"
    />
    <g v-else fill="none" stroke="var(--host)" stroke-width="2.6">
      <path v-for="[x, y] in heads" :key="x" :d="`M50,98 Q${50 + (x - 50) * 0.3},${y + 24} ${x},${y}`" />
      <path
        d="M48,96 C30,92 26,84 24,78 C36,80 46,86 50,96 C54,86 64,80 76,78 C74,84 70,92 52,96"
        fill="var(--host)"
        opacity="0.7"
      />
    </g>
    <g v-if="plant.flower_form !== 'none'" :fill="plant.colour_hex" stroke="#0003" stroke-width="0.8">
      <template v-for="[x, y] in heads" :key="`${x}f`">
        <g v-if="plant.flower_form === 'daisy'" :transform="`translate(${x} ${y})`">
          <ellipse v-for="a in 8" :key="a" cx="0" cy="-7" rx="2.6" ry="5.5" :transform="`rotate(${a * 45})`" />
          <circle r="3.4" fill="#8a6420" />
        </g>
        <path v-else :transform="`translate(${x} ${y})`" :d="FLOWERS[plant.flower_form]" />
      </template>
    </g>
  </svg>
</template>
