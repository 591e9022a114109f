<script setup lang="ts">
import type { Glyph } from '~~/core/model/glyph';

/** A hummingbird at the flower, facing right, in the creature's field of 100 × 80. */
const props = defineProps<{ marks: Glyph }>();
const tip = computed(() => 68 + (props.marks.bill ?? 16) * 1.25);
const bill = computed(() =>
  props.marks.curve ? `M66,21.5 Q${(66 + tip.value) / 2},18 ${tip.value},25` : `M66,21.5 L${tip.value},19.5`,
);
</script>

<template>
  <g>
    <path
      d="M44,50 L20,68 L25,72 L30,72 L34,75 L38,73 L42,75 L52,56 Z"
      :fill="typeof marks.tail === 'string' ? marks.tail : marks.back"
    />
    <path v-if="marks.tailtip" d="M20,68 L25,72 L30,72 L34,75 L38,73 L42,75 L45,69 L28,62 Z" :fill="marks.tailtip" />
    <path d="M58,14 C49,18 38,34 38,52 C42,60 52,60 58,52 C64,43 66,34 66,26 Z" :fill="marks.belly" stroke="#0002" />
    <path d="M58,14 C49,16 36,30 37,52 C43,54 48,46 51,38 C54,32 57,28 60,25 Z" :fill="marks.back" />
    <path v-if="marks.flank" d="M50,40 C56,42 58,48 54,56 C46,59 42,56 41,53 C46,52 49,46 50,40 Z" :fill="marks.flank" />
    <circle cx="61" cy="19" r="9" :fill="marks.back" />
    <path v-if="marks.crown" d="M52.4,16.5 C54,9 66,8 69.6,16 L66,19 L56,19 Z" :fill="marks.crown" />
    <path d="M55,24 C58,34 66,35 70,24 L69,21 C65,24 60,25 56,22 Z" :fill="marks.throat" stroke="#0002" />
    <path v-if="marks.gorget" d="M56,24 L52,38 L60,31 C64,33 68,30 70,25 C66,29 60,29 56,24 Z" :fill="marks.gorget" />
    <g v-if="marks.streaks" :stroke="marks.streaks" stroke-width="1.6">
      <path d="M58,24 L57,34 M61,25 L60.5,34 M64,25 L64,33 M67,24 L67.5,31" />
    </g>
    <path v-if="marks.brow" d="M53,19 C58,15 62,16 66,17" fill="none" :stroke="marks.brow" stroke-width="2" />
    <path :d="bill" fill="none" :stroke="marks.billhue ?? '#211f1c'" stroke-width="2" />
    <path v-if="marks.billhue" :d="`M${tip - 6},19.9 L${tip},19.5`" stroke="#211f1c" stroke-width="1.6" />
    <circle cx="63.5" cy="17.6" r="1.7" fill="#14120f" />
    <path d="M52,34 C38,28 18,14 6,6 C12,18 26,38 46,46 Z" :fill="marks.back" opacity="0.78" />
    <path d="M10,12 L46,42 M20,22 L48,40" stroke="#0002" stroke-width="1" />
  </g>
</template>
