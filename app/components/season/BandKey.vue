<script setup lang="ts">
import { bandInk, patternOf } from './chart-inks';

/** The key of a chart’s bands, in the weave they are drawn in. */
const props = defineProps<{ of: 'nectar' | 'host'; bands: string[] }>();
const ink = useInk();
const swatches = ref<HTMLCanvasElement[]>([]);
watch(
  [() => props.bands, () => props.of, ink],
  () =>
    nextTick(() =>
      swatches.value.forEach((canvas, i) => {
        const ctx = canvas.getContext('2d')!;
        ctx.fillStyle = patternOf(bandInk(props.of, i), ink.value);
        ctx.fillRect(0, 0, 24, 12);
      }),
    ),
  { immediate: true },
);
</script>

<template>
  <ul class="flex flex-wrap gap-x-4 gap-y-1 text-sm text-quiet" aria-label="What the bands are">
    <li v-for="band in bands" :key="band" class="inline-flex items-center gap-1.5">
      <canvas ref="swatches" width="24" height="12" aria-hidden="true" />{{ band }}
    </li>
    <li class="inline-flex items-center gap-1.5">
      <svg class="h-2 w-6" viewBox="0 0 24 8" aria-hidden="true">
        <path d="M0,4 h24" stroke="var(--ink)" stroke-width="2" stroke-dasharray="5 3" /></svg
      >wanted
    </li>
  </ul>
</template>
