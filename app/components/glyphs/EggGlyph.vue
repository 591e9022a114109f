<script setup lang="ts">
import { parseGlyph } from '~~/core/model/glyph';
import type { Target } from '~~/core/model/reference';
import { eggOf } from './young-shapes';

/** The egg, much enlarged, in the form of its family; several where they are laid in masses. */
const props = defineProps<{ target: Pick<Target, 'glyph' | 'common' | 'family' | 'clutch'>; size: number }>();
const shade = computed(() => {
  const glyph = parseGlyph(props.target.glyph);
  return 'problem' in glyph ? null : (glyph.egg ?? null);
});
const egg = computed(() => eggOf(props.target));
const PLACES = [
  [0, 0, 1],
  [-2, 12, 0.6],
  [17, 12, 0.6],
  [8, -2, 0.6],
] as const;
const places = computed(() => (props.target.clutch ? PLACES.slice(1) : PLACES.slice(0, 1)));
</script>

<template>
  <svg
    v-if="shade"
    :width="size"
    :height="size"
    viewBox="0 0 40 40"
    class="shrink-0 overflow-visible"
    role="img"
    :aria-label="`${target.clutch ? 'Eggs' : 'Egg'} of ${target.common}, drawn`"
  >
    <line x1="2" x2="38" y1="34.5" y2="34.5" stroke="var(--line)" stroke-width="2" />
    <g v-for="[x, y, scale] in places" :key="x" :transform="`translate(${x} ${y}) scale(${scale})`">
      <path :d="egg.d" :fill="shade" stroke="var(--quiet)" stroke-width="1.2" />
      <path v-if="egg.lines" :d="egg.lines" fill="none" stroke="#0004" stroke-width="1" />
    </g>
  </svg>
</template>
