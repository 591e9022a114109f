<script setup lang="ts">
import type { Fit } from '~~/core/match/fit/fit';
import type { Site } from '~~/core/model/garden';
import type { PlantHere } from '~~/core/model/here';
import { DIMENSION_LABELS } from '~~/core/words/fit';

/** The verdict of a plant on a site, with what holds it back most; a press explains it. */
const props = defineProps<{ here: PlantHere; site: Site; fit: Fit; named?: boolean }>();
const view = useViewStore();
const short = computed(() => (props.fit.limits[0] ? DIMENSION_LABELS[props.fit.limits[0].dimension].toLowerCase() : ''));
</script>

<template>
  <button
    class="text-left leading-tight hover:underline"
    @click="view.explain({ kind: 'fit', plant: here.plant.id, site: site.id })"
  >
    <span class="sr-only">{{ here.plant.common }} in{{ ' ' }}</span
    ><span :class="named ? 'block text-xs text-quiet' : 'sr-only'">{{ site.name }}<span class="sr-only">: </span></span
    ><FitMark :verdict="fit.verdict" /><span v-if="short" class="block text-xs text-quiet"
      ><span class="sr-only">, </span>{{ short }}</span
    >
  </button>
</template>
