<script setup lang="ts">
import { parseGlyph, type Glyph } from '~~/core/model/glyph';
import type { Target } from '~~/core/model/reference';

/** The adult, drawn from the field marks of its reference row; wings spread, seen from above. */
const props = defineProps<{ target: Pick<Target, 'glyph' | 'common'>; size: number }>();
const marks = computed<Glyph>(() => {
  const glyph = parseGlyph(props.target.glyph);
  return 'problem' in glyph ? { shape: 'rounded' } : glyph;
});

// Right wings in a 100 × 80 field about the middle x = 50; the left ones are their mirror.
const FORE: Record<Exclude<Glyph['shape'], 'bird'>, string> = {
  rounded: 'M51,36 C60,14 82,6 95,9 C98,20 92,36 78,42 C66,46 56,44 51,42 Z',
  angled: 'M51,36 C60,14 80,5 94,9 C92,14 95,19 90,26 C86,36 74,44 51,42 Z',
  ragged: 'M51,36 C60,14 80,5 95,8 C90,14 93,19 88,24 C91,30 80,36 76,42 C66,46 56,44 51,42 Z',
  swallowtail: 'M51,35 C62,12 84,4 97,6 C97,18 90,34 76,42 C66,46 56,44 51,41 Z',
  small: 'M51,38 C58,22 74,15 84,19 C86,30 80,40 70,43 C62,45 55,44 51,43 Z',
  hawk: 'M51,34 C64,22 86,12 98,16 C92,28 74,38 51,40 Z',
};
const HIND: Record<Exclude<Glyph['shape'], 'bird'>, string> = {
  rounded: 'M51,42 C64,44 80,44 84,54 C84,68 68,75 58,68 C53,62 51,52 51,46 Z',
  angled: 'M51,42 C64,44 80,44 84,54 C83,66 70,73 59,67 C53,61 51,52 51,46 Z',
  ragged: 'M51,42 C64,44 80,43 82,52 C79,55 83,60 76,62 C78,70 68,70 66,68 C60,72 52,60 51,46 Z',
  swallowtail: 'M51,42 C64,42 78,44 81,54 C80,62 74,66 68,68 C58,70 52,58 51,46 Z',
  small: 'M51,43 C60,44 74,45 76,53 C75,62 65,66 58,62 C53,58 51,51 51,47 Z',
  hawk: 'M51,40 C62,40 72,42 76,48 C70,54 58,52 51,47 Z',
};
const TAILS = { short: 'M66,66 L70,76 L73,66 Z', long: 'M66,66 C67,74 69,80 73,79 C77,77 73,70 73,65 Z', hair: 'M68,61 L72,70' };
const tail = computed(() => {
  const kind = marks.value.tail;
  return kind === 'short' || kind === 'long' || kind === 'hair' ? TAILS[kind] : null;
});
const winged = computed(() =>
  marks.value.shape === 'bird' ? null : { fore: FORE[marks.value.shape], hind: HIND[marks.value.shape] },
);
const id = useId();
</script>

<template>
  <svg
    :width="size"
    :height="size * 0.8"
    viewBox="0 0 100 80"
    class="shrink-0"
    role="img"
    :aria-label="`${target.common}, drawn`"
  >
    <template v-if="winged">
      <defs>
        <clipPath :id="id">
          <path :d="winged.fore" />
          <path :d="winged.hind" />
        </clipPath>
      </defs>
      <g v-for="side in [1, -1]" :key="side" :transform="side === 1 ? undefined : 'translate(100 0) scale(-1 1)'">
        <path
          v-if="tail"
          :d="tail"
          :fill="marks.tail === 'hair' ? 'none' : marks.ground"
          :stroke="marks.tail === 'hair' ? marks.margin : 'none'"
          stroke-width="1.5"
        />
        <path :d="winged.hind" :fill="marks.ground" stroke="var(--quiet)" stroke-width="1.2" />
        <path :d="winged.fore" :fill="marks.ground" stroke="var(--quiet)" stroke-width="1.2" />
        <g :clip-path="`url(#${id})`">
          <ellipse v-if="marks.base" cx="52" cy="42" rx="24" ry="22" :fill="marks.base" opacity="0.75" />
          <path
            v-if="marks.window"
            d="M60,34 C70,26 82,19 92,19 C86,28 74,35 60,37 Z M56,42 L70,45 L60,49 Z"
            :fill="marks.window"
          />
          <path v-if="marks.blue" d="M54,48 C62,46 74,50 78,58 L70,68 C60,68 54,60 54,48 Z" :fill="marks.blue" opacity="0.75" />
          <path v-if="marks.tip" d="M78,4 L100,4 L100,30 L86,34 Z" :fill="marks.tip" />
          <g v-if="marks.margin" fill="none" :stroke="marks.margin" stroke-width="9">
            <path :d="winged.fore" />
            <path :d="winged.hind" />
          </g>
          <path
            v-if="marks.veins"
            d="M51,38 L96,10 M51,39 L92,26 M51,40 L80,40 M62,22 L70,42 M51,44 L84,52 M51,45 L78,66 M51,46 L62,70"
            fill="none"
            :stroke="marks.veins"
            stroke-width="1.8"
          />
          <path
            v-if="marks.band"
            d="M84,14 C80,26 74,36 66,44 M78,50 C70,54 60,58 54,62"
            fill="none"
            :stroke="marks.band"
            stroke-width="4"
            :stroke-dasharray="marks.shape === 'swallowtail' ? '4 1.6' : undefined"
          />
          <g v-if="marks.checks" :fill="marks.checks">
            <rect
              v-for="[x, y] in [
                [62, 30],
                [70, 24],
                [78, 20],
                [68, 36],
                [77, 31],
                [85, 25],
                [62, 52],
                [70, 54],
                [77, 56],
                [64, 61],
              ]"
              :key="`${x}${y}`"
              :x="x"
              :y="y"
              width="4.6"
              height="2.6"
              :transform="`rotate(-28 ${x} ${y})`"
            />
          </g>
          <g v-if="marks.dots" :fill="marks.dots">
            <circle
              v-for="[x, y] in [
                [92, 13],
                [90, 20],
                [86, 28],
                [80, 35],
                [72, 40],
                [81, 53],
                [78, 60],
                [72, 66],
                [64, 69],
              ]"
              :key="`${x}${y}`"
              :cx="x"
              :cy="y"
              r="1.9"
            />
          </g>
          <g v-if="marks.eyes">
            <circle
              v-for="[x, y] in [
                [64, 60],
                [75, 57],
              ]"
              :key="x"
              :cx="x"
              :cy="y"
              r="3.2"
              :fill="marks.eyes"
              stroke="#211f1c"
              stroke-width="1.2"
            />
          </g>
          <circle
            v-if="marks.eye"
            :cx="marks.shape === 'small' ? 66 : 60"
            :cy="marks.shape === 'small' ? 59 : 65"
            r="2.6"
            :fill="marks.eye"
          />
        </g>
      </g>
      <path
        v-if="marks.shape === 'hawk'"
        d="M50,24 C56,28 56,58 53,66 L57,72 L43,72 L47,66 C44,58 44,28 50,24 Z"
        :fill="marks.body"
      />
      <rect v-if="marks.belt" x="45.4" y="50" width="9.2" height="9" :fill="marks.belt" />
      <path v-if="marks.shape !== 'hawk'" d="M50,30 C52.6,32 52.4,58 50,62 C47.6,58 47.4,32 50,30 Z" fill="#2b2420" />
      <path d="M50,30 C48,24 45,20 42,17 M50,30 C52,24 55,20 58,17" fill="none" stroke="#2b2420" stroke-width="1.1" />
    </template>
    <template v-else>
      <path d="M48,44 L28,70 L36,70 L42,62 L44,72 L56,50 Z" :fill="typeof marks.tail === 'string' ? marks.tail : marks.back" />
      <path d="M62,22 C52,22 40,32 38,52 C48,62 62,54 66,38 Z" :fill="marks.back" />
      <path d="M66,30 C68,42 60,56 46,57 C54,50 58,40 60,30 Z" :fill="marks.belly" />
      <circle cx="64" cy="22" r="9" :fill="marks.back" />
      <path d="M58,27 C62,32 68,32 72,25 L70,22 C66,26 62,26 58,25 Z" :fill="marks.throat" />
      <path :d="`M72,20 L${72 + (marks.bill ?? 16) * 1.4},15`" stroke="#211f1c" stroke-width="1.6" />
      <circle cx="67" cy="19.5" r="1.5" fill="#211f1c" />
      <path d="M52,34 C36,30 16,14 6,4 C18,6 42,12 60,30 Z" :fill="marks.back" opacity="0.7" />
    </template>
  </svg>
</template>
