<script setup lang="ts">
import type { MeasuredSite } from '~~/core/place/survey/measured';

/** A bed to plant by, on paper and as files. */
const props = defineProps<{ site: MeasuredSite; picture: () => string | null }>();
const garden = useGardenStore();
const base = computed(() => `/gardens/${garden.id}/beds/${props.site.id}`);
const files = useBedFiles(() => props.site.id);
function png() {
  const href = props.picture();
  if (href) saveAs(`${props.site.id}.png`, href);
}
</script>

<template>
  <p class="flex flex-wrap gap-x-3 text-sm">
    <NuxtLink class="link" :to="`${base}/sheet`">Sheet to plant by</NuxtLink>
    <NuxtLink class="link" :to="`${base}/labels`">Plant labels</NuxtLink>
    <span class="text-quiet">Files:</span>
    <button class="link" @click="files.svg()">SVG</button>
    <button class="link" @click="png()">PNG</button>
    <button class="link" @click="files.geojson()">GeoJSON</button>
    <button class="link" @click="files.csv()">CSV</button>
  </p>
</template>
