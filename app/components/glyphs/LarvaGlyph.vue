<script setup lang="ts">
import { parseGlyph } from '~~/core/model/glyph';
import type { Target } from '~~/core/model/reference';
import { larvaBody } from './young-shapes';

/** The grown caterpillar from the side, head to the right, drawn from the field marks of its reference row. */
const props = defineProps<{ target: Pick<Target, 'glyph' | 'common' | 'family'>; size: number }>();
const marks = computed(() => {
  const glyph = parseGlyph(props.target.glyph);
  return 'problem' in glyph || !glyph.larva ? null : glyph;
});
const body = computed(() => larvaBody(props.target));
/** Middles of the eleven segments. */
const SEGMENTS = Array.from({ length: 11 }, (_, i) => 17 + i * 7);
const INNER = SEGMENTS.slice(1, 10);
const id = useId();
</script>

<template>
  <svg
    v-if="marks"
    :width="size"
    :height="size * 0.45"
    viewBox="0 0 104 46"
    class="shrink-0 overflow-visible"
    role="img"
    :aria-label="`Caterpillar of ${target.common}, drawn`"
  >
    <defs>
      <clipPath :id="id"><path :d="body" /></clipPath>
    </defs>
    <g v-if="marks.spines" fill="none" :stroke="marks.spines" stroke-width="1.3">
      <path v-for="x in SEGMENTS" :key="x" :d="`M${x},16 L${x - 1.5},7 M${x - 1},10 L${x - 4},8 M${x - 1},10 L${x + 2},8`" />
      <path v-for="x in SEGMENTS" :key="-x" :d="`M${x},30 L${x - 1},36`" />
    </g>
    <g v-if="marks.filaments" fill="none" :stroke="marks.filaments" stroke-width="2">
      <path d="M87,16 C89,10 93,6 98,4 M15,18 C12,13 9,11 5,10" />
      <path v-if="marks.midpair" d="M45,15 C44,10 42,7 38,5" />
    </g>
    <g v-if="marks.tufts" fill="none" :stroke="marks.tufts" stroke-width="1.1">
      <path
        v-for="x in SEGMENTS"
        :key="x"
        :d="`M${x},16 L${x - 4},4 M${x},16 L${x},3 M${x},16 L${x + 4},5 M${x},31 L${x - 3},39 M${x},31 L${x + 3},39`"
      />
    </g>
    <path v-if="marks.horn" d="M17,16 C14,12 10,8 5,7 C9,11 11,15 13,20 Z" :fill="marks.horn" />
    <path v-if="marks.forkt" d="M14,22 L4,20 L13,25 L4,29 L15,29 Z" :fill="marks.forkt" />
    <path v-if="marks.horns" d="M87,16 L93,5 L91,17 M91,18 L99,9 L93,21" fill="none" :stroke="marks.horns" stroke-width="1.8" />
    <g fill="#5a4a3a">
      <path v-for="x in [32, 39, 46, 53, 75, 80, 85]" :key="x" :d="`M${x - 1.6},32 L${x},38 L${x + 1.6},32 Z`" />
    </g>
    <path :d="body" :fill="marks.larva" stroke="var(--quiet)" stroke-width="1.1" />
    <g :clip-path="`url(#${id})`">
      <path v-if="marks.saddle" d="M40,12 L60,12 L56,26 L46,24 Z" :fill="marks.saddle" />
      <path v-if="marks.rump" d="M8,12 L22,12 L18,34 L8,34 Z" :fill="marks.rump" />
      <g v-if="marks.rings" :stroke="marks.rings" stroke-width="2.4">
        <path v-for="x in SEGMENTS" :key="x" :d="`M${x + 2.4},12 V34`" />
      </g>
      <g v-if="marks.rings2" :fill="marks.rings2">
        <template v-for="x in SEGMENTS" :key="x">
          <circle :cx="x + 2.4" cy="19" r="1.5" />
          <circle :cx="x + 2.4" cy="27" r="1.5" />
        </template>
      </g>
      <path v-if="marks.stripe" d="M8,27.5 H96" :stroke="marks.stripe" stroke-width="2.8" />
      <path v-if="marks.bandl" d="M76,12 V34" :stroke="marks.bandl" stroke-width="2.6" />
      <g v-if="marks.ovals" :fill="marks.ovals">
        <ellipse v-for="x in [30, 40, 50, 60, 70]" :key="x" :cx="x" cy="23" rx="2.4" ry="3.6" />
      </g>
      <g v-if="marks.specks" :fill="marks.specks">
        <template v-for="x in SEGMENTS" :key="x">
          <circle :cx="x - 1" cy="18" r="1" />
          <circle :cx="x + 2" cy="23" r="1" />
          <circle :cx="x - 1" cy="28" r="1" />
        </template>
      </g>
      <g v-if="marks.redspots" :fill="marks.redspots">
        <circle v-for="x in INNER" :key="x" :cx="x" cy="18" r="2.2" />
      </g>
    </g>
    <g v-if="marks.knobs">
      <circle
        v-for="(x, i) in SEGMENTS"
        :key="x"
        :cx="x"
        cy="14"
        r="1.9"
        :fill="i > 7 ? (marks.knobs2 ?? marks.knobs) : marks.knobs"
        stroke="#0003"
        stroke-width="0.5"
      />
      <template v-if="marks.knobs3">
        <circle v-for="x in SEGMENTS" :key="-x" :cx="x" cy="26" r="1.4" :fill="marks.knobs3" />
      </template>
    </g>
    <circle v-if="marks.head" cx="91" cy="24" r="6.2" :fill="marks.head" stroke="#0003" stroke-width="0.8" />
    <g v-if="marks.falseeyes">
      <circle
        :cx="marks.head ? 92.5 : 82"
        :cy="marks.head ? 22.5 : 20"
        r="2.7"
        :fill="marks.falseeyes"
        stroke="#211f1c"
        stroke-width="0.8"
      />
      <circle :cx="marks.head ? 93 : 82.4" :cy="marks.head ? 22.5 : 20" r="1" fill="#211f1c" />
    </g>
  </svg>
</template>
