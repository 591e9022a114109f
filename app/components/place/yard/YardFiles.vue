<script setup lang="ts">
import { GeoJsonFault, yardFromGeoJson, yardToGeoJson } from '~~/core/place/yard/geojson';

/** The yard out as PNG, SVG and GeoJSON, and in as GeoJSON. */
const props = defineProps<{ drawing: { picture: () => string } | null }>();
const garden = useGardenStore();
const records = useRecordsStore();
const yard = useYardStore();
const notices = useNoticesStore();

const drawn = useYardSvg();
const svg = () => saveText(`${garden.id}-yard.svg`, 'image/svg+xml', drawn());
function geoJson() {
  const collection = yardToGeoJson(yard.yard, garden.things, garden.sites, garden.garden!);
  saveText(`${garden.id}-yard.geojson`, 'application/geo+json', JSON.stringify(collection, null, 2));
}
async function takeIn(event: Event) {
  const field = event.target as HTMLInputElement;
  const file = field.files?.[0];
  if (!file) return;
  try {
    const json: unknown = JSON.parse(await file.text());
    const drawing = yardFromGeoJson(json, garden.garden!);
    await records.attempt(() =>
      records.change('PUT', '/drawing', drawing, `${drawing.things.length} things and ${drawing.beds.length} beds taken in.`),
    );
  } catch (error) {
    if (error instanceof GeoJsonFault) notices.say(error.message, 'fault');
    else if (error instanceof SyntaxError) notices.say('That file is not readable as GeoJSON.', 'fault');
    else throw error;
  } finally {
    field.value = '';
  }
}
const picture = () => props.drawing && saveAs(`${garden.id}-yard.png`, props.drawing.picture());
</script>

<template>
  <p class="no-print ml-auto flex flex-wrap gap-x-3 text-sm">
    <button class="link" @click="picture">PNG</button>
    <button class="link" @click="svg">SVG</button>
    <button class="link" @click="geoJson">GeoJSON</button>
    <label class="link cursor-pointer focus-within:outline-2"
      >Take GeoJSON in<input class="sr-only" type="file" accept=".geojson,.json,application/geo+json" @change="takeIn"
    /></label>
  </p>
</template>
