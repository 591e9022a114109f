<script setup lang="ts">
import { parsePlantGlyph } from '~~/core/model/plant-glyph';
import type { Plant } from '~~/core/model/reference';
import { headOf, HEADS, LEAVES } from './plant-shapes';

/** A plant drawn from its row: habit, leaf, heads in their own colour, and height relative to others. */
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
const marks = computed(() => {
  const glyph = parsePlantGlyph(props.plant.glyph);
  return 'problem' in glyph ? {} : glyph;
});
const head = computed(() => {
  const named = props.plant.flower_form === 'none' ? null : (marks.value.head ?? headOf(props.plant));
  return named ? HEADS[named] : null;
});
const leaf = computed(() => LEAVES[marks.value.leaf ?? 'oval'] ?? null);
/** Where a woody plant's crown, and not its foliage by the leaf, is what is seen. */
const crown = computed(() =>
  marks.value.leaf === 'conifer' ? 'cone' : marks.value.leaf === 'fan' || marks.value.leaf === 'cycad' ? 'none' : 'round',
);
const stems = computed(() =>
  head.value?.single && !woody.value && props.plant.kind !== 'vine' ? [heads.value[1]!] : heads.value,
);
/** Heights on the middle stem at which leaves stand, from the ground to below the head. */
const nodes = computed(() => {
  const low = 94;
  const high = heads.value[1]![1] + 16;
  return low - high < 14 ? [92] : [0.12, 0.42, 0.72].map((share) => low - share * (low - high));
});
/** Leaves are small on a violet, and larger on what stands high. */
const leafScale = computed(() => Math.min(1.15, Math.max(0.6, tall.value / 60)));
</script>

<template>
  <svg :width="size" :height="size" viewBox="0 0 100 100" class="shrink-0" role="img" :aria-label="`${plant.common}, drawn`">
    <line x1="8" x2="92" y1="98" y2="98" stroke="var(--line)" stroke-width="2" />
    <template v-if="woody">
      <path :d="`M50,98 L50,${top + 16}`" stroke="var(--shelter)" :stroke-width="plant.kind === 'tree' ? 6 : 3" />
      <path v-if="crown === 'cone'" :d="`M50,${top} L76,88 L24,88 Z`" fill="var(--host)" opacity="0.8" />
      <ellipse
        v-else-if="crown === 'round'"
        cx="50"
        :cy="top + tall * 0.34"
        :rx="plant.kind === 'tree' ? 30 : 27"
        :ry="tall * 0.36"
        fill="var(--host)"
        opacity="0.75"
      />
      <g v-else-if="leaf" fill="var(--host)">
        <path v-for="side in [1, -1]" :key="side" :transform="`translate(50 ${top + 20}) scale(${side * 1.1} 1.1)`" :d="leaf.d" />
      </g>
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
    <g v-else>
      <g fill="none" stroke="var(--host)" stroke-width="2.4">
        <path v-for="[x, y] in stems" :key="x" :d="`M50,98 Q${50 + (x - 50) * 0.3},${y + 24} ${x},${y}`" />
      </g>
      <g v-if="leaf && marks.leaf !== 'bare'" fill="var(--host)" opacity="0.85">
        <template v-for="side in [1, -1]" :key="side">
          <path
            v-if="leaf.basal"
            :transform="`translate(50 97) scale(${side * Math.max(0.7, leafScale)} ${Math.max(0.7, leafScale)})`"
            :d="leaf.d"
          />
          <template v-else>
            <path
              v-for="y in nodes"
              :key="y"
              :transform="`translate(50 ${y}) scale(${side * leafScale} ${leafScale})`"
              :d="leaf.d"
            />
          </template>
        </template>
      </g>
    </g>
    <g v-if="head" stroke="#0003" stroke-width="0.7">
      <g
        v-for="[x, y] in stems"
        :key="`${x}f`"
        :transform="`translate(${x} ${y}) scale(${woody ? 0.7 : stems.length === 1 ? 1.3 : 0.9})`"
      >
        <path :d="head.d" :fill="plant.colour_hex" />
        <path v-if="head.eye" :d="head.eye" :fill="head.eyeFill ?? '#6a4520'" stroke="none" />
      </g>
    </g>
  </svg>
</template>
