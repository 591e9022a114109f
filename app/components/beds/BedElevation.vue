<script setup lang="ts">
import { useElementSize } from '@vueuse/core';
import { TOWARD, type BedFrame } from '~~/core/place/beds/frame';
import type { Side } from '~~/core/model/vocabulary';
import type { ScenePlant } from './bed-scene';
import { silhouette } from './silhouette';

/** A bed seen from one of its sides: heights in silhouette as they are in the half-month, what stands behind first. */
const props = defineProps<{
  frame: BedFrame;
  side: Side;
  plants: readonly ScenePlant[];
  chosen: ReadonlySet<number>;
  label: string;
}>();
const view = useViewStore();
const long = computed(() => (props.side === 'bottom' || props.side === 'top' ? props.frame.width : props.frame.depth));
/** Metres from the left end as one looks at the bed from the side, and how near to the eye. */
function seat({ x, y }: ScenePlant): { across: number; near: number } {
  const { width, depth } = props.frame;
  const [dx, dy] = TOWARD[props.side];
  const across = { bottom: x, top: width - x, right: y, left: depth - y }[props.side];
  return { across, near: x * dx + y * dy };
}
const rows = computed(() =>
  props.plants
    .map((plant) => ({ plant, ...seat(plant), shape: silhouette(plant) }))
    .filter(({ plant }) => plant.stature.height > 0)
    .sort((a, b) => a.near - b.near),
);
const top = computed(() => Math.max(0.6, ...props.plants.map(({ size }) => size.height.expected / 100)) * 1.06);
const host = useTemplateRef<SVGSVGElement>('host');
const { width: wide } = useElementSize(host);
/** Heights are drawn to the scale of the width; of a very tall bed no higher than the page bears. Letters keep their size. */
const scale = computed(() => Math.min(Math.max(280, wide.value) / (long.value + 1), 270 / top.value));
const ticks = computed(() => {
  const step = view.units === 'us' ? 0.3048 : 0.25;
  const every = step * Math.max(1, Math.ceil(top.value / step / 6));
  return Array.from({ length: Math.floor(top.value / every) }, (_, i) => (i + 1) * every);
});
const width = computed(() => Math.max(280, wide.value));
const inset = computed(() => (width.value - (long.value + 1) * scale.value) / 2);
const height = computed(() => top.value * scale.value + 16);
const x = (m: number) => inset.value + (m + 0.5) * scale.value;
const y = (m: number) => height.value - 10 - m * scale.value;
</script>

<template>
  <svg
    ref="host"
    :viewBox="`0 0 ${width} ${height}`"
    class="block w-full"
    :style="{ height: `${height}px` }"
    role="img"
    :aria-label="label"
  >
    <g v-for="tick in ticks" :key="tick">
      <line :x1="x(-0.4)" :x2="x(long + 0.4)" :y1="y(tick)" :y2="y(tick)" stroke="var(--line)" stroke-width="0.7" />
      <text :x="2" :y="y(tick) - 2" font-size="12" fill="var(--quiet)">{{ view.length(tick * 100) }}</text>
    </g>
    <g
      v-for="{ plant, across, shape } in rows"
      :key="plant.i"
      :transform="`translate(${x(across)} ${y(0)}) scale(${scale} ${-scale})`"
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
      />
      <circle v-if="chosen.has(plant.i)" cx="0" cy="0" r="0.07" fill="var(--press)" />
    </g>
    <line :x1="x(-0.45)" :x2="x(long + 0.45)" :y1="y(0)" :y2="y(0)" stroke="var(--shelter)" stroke-width="2" />
  </svg>
</template>
