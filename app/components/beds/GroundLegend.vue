<script setup lang="ts">
import type { LayoutQuestion } from '~~/core/layout/question';
import { GROUND_COLOURS } from './ground-picture';

/** What the ground under the plants shows, and from what to what it reaches in this bed. */
const props = defineProps<{ of: 'sun' | 'moisture'; question: LayoutQuestion }>();
const scale = computed(() => GROUND_COLOURS[props.of]);
const rgb = (colour: readonly number[]) => `rgb(${colour.join(' ')})`;
const range = computed(() => {
  let [low, high] = [Infinity, -Infinity];
  for (const value of props.question[props.of]) [low, high] = [Math.min(low, value), Math.max(high, value)];
  return props.of === 'sun'
    ? `${low.toFixed(1)} to ${high.toFixed(1)} h of sun a day in this bed`
    : `${low.toFixed(1)} to ${high.toFixed(1)} of 5 in this bed`;
});
</script>

<template>
  <p class="mt-1 flex flex-wrap items-center gap-x-2 text-sm text-quiet">
    {{ scale.words[0] }}
    <span
      class="inline-block h-3 w-32 border border-line"
      :style="{ background: `linear-gradient(to right, ${rgb(scale.from)}, ${rgb(scale.to)})` }"
      aria-hidden="true"
    />
    {{ scale.words[1] }}: {{ range }}
  </p>
</template>
