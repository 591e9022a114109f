<script setup lang="ts">
import { parseGlyph, WING_MARKS, type Glyph, type WingMark } from '~~/core/model/glyph';
import type { Target } from '~~/core/model/reference';
import { TAIL_PATHS, WING_SHAPES } from './wing-shapes';
import { WING_DRAWS } from './wing-marks';

/**
 * The adult, drawn from the field marks of its reference row: wings spread, seen from above, and the right ones from below where
 * that tells it from its kin; a bird from the side.
 */
const props = defineProps<{ target: Pick<Target, 'glyph' | 'common'>; size: number }>();
const marks = computed<Glyph>(() => {
  const glyph = parseGlyph(props.target.glyph);
  return 'problem' in glyph ? { shape: 'rounded' } : glyph;
});
const shape = computed(() => (marks.value.shape === 'bird' ? null : WING_SHAPES[marks.value.shape]));
const ground = computed(() => marks.value.ground ?? '#b0a89a');
const tail = computed(() => {
  const kind = marks.value.tail as keyof typeof TAIL_PATHS | undefined;
  return kind && TAIL_PATHS[kind] ? { kind, d: TAIL_PATHS[kind] } : null;
});
/** Of the right wings (1) and the left (-1): the ground, and the marks laid on it. */
const wings = computed(() =>
  ([1, -1] as const).map((side) => {
    const worn: Partial<Record<WingMark | 'ground', string>> = side === 1 ? (marks.value.below ?? marks.value) : marks.value;
    return {
      side,
      ground: worn.ground ?? ground.value,
      draws: WING_MARKS.flatMap((mark) => (worn[mark] ? [{ mark, colour: worn[mark], draws: WING_DRAWS[mark] }] : [])),
    };
  }),
);
const id = useId();
</script>

<template>
  <svg
    :width="size"
    :height="size * 0.8"
    viewBox="0 0 100 80"
    class="shrink-0 overflow-visible"
    role="img"
    :aria-label="`${target.common}, drawn`"
  >
    <g v-if="shape" :transform="`translate(50 41) scale(${shape.scale}) translate(-50 -41)`">
      <defs>
        <clipPath :id="id">
          <path :d="shape.fore" />
          <path :d="shape.hind" />
        </clipPath>
      </defs>
      <g
        v-for="{ side, ground: shade, draws } in wings"
        :key="side"
        :transform="side === 1 ? undefined : 'translate(100 0) scale(-1 1)'"
      >
        <path
          v-if="tail"
          :d="tail.d"
          :fill="tail.kind === 'hair' ? 'none' : (marks.margin ?? ground)"
          :stroke="tail.kind === 'hair' ? (marks.margin ?? '#3a332c') : 'var(--quiet)'"
          :stroke-width="tail.kind === 'hair' ? 1.6 : 0.6"
        />
        <path :d="shape.hind" :fill="shade" stroke="var(--quiet)" stroke-width="1.2" />
        <path :d="shape.fore" :fill="shade" stroke="var(--quiet)" stroke-width="1.2" />
        <g :clip-path="`url(#${id})`">
          <template v-for="row in draws" :key="row.mark">
            <path
              v-for="(draw, i) in row.draws"
              :key="i"
              :d="draw.d"
              :fill="draw.stroke ? 'none' : row.colour"
              :stroke="draw.stroke ? row.colour : draw.ringed"
              :stroke-width="draw.stroke ?? (draw.ringed ? 1.3 : undefined)"
              :stroke-dasharray="draw.dash"
              :opacity="draw.opacity"
            />
          </template>
        </g>
      </g>
      <template v-if="shape.body === 'furry'">
        <path
          d="M50,26 C57,29 57,56 53.5,66 L58,72 L42,72 L46.5,66 C43,56 43,29 50,26 Z"
          :fill="marks.body ?? ground"
          stroke="#0003"
          stroke-width="0.8"
        />
        <path v-if="marks.bodylines" d="M47.6,30 V44 M50,29 V45 M52.4,30 V44" :stroke="marks.bodylines" stroke-width="1" />
        <g v-if="marks.bodydots" :fill="marks.bodydots">
          <template v-for="y in [44, 49, 54, 59, 64]" :key="y">
            <circle cx="46.6" :cy="y" r="1.5" />
            <circle cx="53.4" :cy="y" r="1.5" />
          </template>
        </g>
        <rect v-if="marks.belt" x="44.6" y="50" width="10.8" height="8" :fill="marks.belt" />
      </template>
      <path
        v-else
        :d="
          shape.body === 'stout'
            ? 'M50,29 C55,32 55,58 50,64 C45,58 45,32 50,29 Z'
            : 'M50,30 C52.6,32 52.4,58 50,62 C47.6,58 47.4,32 50,30 Z'
        "
        :fill="marks.body ?? '#2b2420'"
      />
      <path
        :d="
          shape.body === 'furry'
            ? 'M48,29 C45,24 42,21 38,19 M52,29 C55,24 58,21 62,19'
            : 'M50,31 C48,24 45,19 41,15 M50,31 C52,24 55,19 59,15'
        "
        fill="none"
        stroke="#4a4038"
        :stroke-width="marks.shape === 'luna' || marks.shape === 'silk' ? 3 : 1.2"
        :stroke-dasharray="marks.shape === 'luna' || marks.shape === 'silk' ? '1 0.8' : undefined"
      />
    </g>
    <BirdMarks v-else :marks="marks" />
  </svg>
</template>
