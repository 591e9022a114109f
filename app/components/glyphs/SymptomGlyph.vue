<script setup lang="ts">
import { shapesOf } from './symptom-shapes';

/** What is seen, drawn: a part of a plant or a creature with its mark. Its name stands beside it. */
defineProps<{ glyph: string; size: number }>();
</script>

<template>
  <svg :width="size" :height="size" viewBox="0 0 64 64" class="shrink-0" aria-hidden="true">
    <path
      v-for="(shape, i) in shapesOf(glyph)"
      :key="i"
      :d="shape.d"
      :fill="shape.fill"
      :stroke="shape.stroke"
      :stroke-width="shape.width"
      :stroke-dasharray="shape.dash"
      stroke-linecap="round"
      stroke-linejoin="round"
    />
  </svg>
</template>
