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
    :aria-label="`${here.plant.common} in ${site.name}: ${fit.verdict}${short ? `, ${short}` : ''}`"
    @click="view.explain({ kind: 'fit', plant: here.plant.id, site: site.id })"
  >
    <!-- The words are apart in what is read aloud too, as in the label. -->
    <template v-if="named"
      ><span class="block text-xs text-quiet">{{ site.name }}</span
      >{{ ' ' }}</template
    ><FitMark :verdict="fit.verdict" /><template v-if="short"
      >{{ ' ' }}<span class="block text-xs text-quiet">{{ short }}</span></template
    >
  </button>
</template>
