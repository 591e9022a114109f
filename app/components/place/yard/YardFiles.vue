<script setup lang="ts">
import {
  drawingChange,
  GeoJsonFault,
  yardFromGeoJson,
  yardToGeoJson,
  type DrawingChange,
  type YardDrawing,
} from '~~/core/place/yard/geojson';

/** The yard out as PNG, SVG and GeoJSON, and in as GeoJSON. */
const props = defineProps<{ drawing: { picture: () => string } | null }>();
const garden = useGardenStore();
const records = useRecordsStore();
const yard = useYardStore();
const view = useViewStore();

const drawn = useYardSvg();
const svg = () => saveText(`${garden.id}-yard.svg`, 'image/svg+xml', drawn());
function geoJson() {
  const collection = yardToGeoJson(yard.yard, garden.things, garden.sites, garden.garden!);
  saveText(`${garden.id}-yard.geojson`, 'application/geo+json', JSON.stringify(collection, null, 2));
}
/** What is in a file, before it is taken in; and what is wrong with it. */
const found = shallowRef<{ drawing: YardDrawing; change: DrawingChange } | null>(null);
const faults = ref<readonly string[]>([]);
async function look(event: Event) {
  const field = event.target as HTMLInputElement;
  const file = field.files?.[0];
  if (!file) return;
  found.value = null;
  faults.value = [];
  try {
    const drawing = yardFromGeoJson(JSON.parse(await file.text()), garden.garden!);
    found.value = { drawing, change: drawingChange(drawing, garden.things.length, garden.siteRecords) };
  } catch (error) {
    if (error instanceof GeoJsonFault) faults.value = error.faults;
    else if (error instanceof SyntaxError) faults.value = ['That file is not readable as GeoJSON.'];
    else throw error;
  } finally {
    field.value = '';
  }
}
async function takeIn() {
  const { drawing } = found.value!;
  const said = `${drawing.things.length} things and ${drawing.beds.length} beds taken in.`;
  if (await records.attempt(() => records.change('PUT', '/drawing', drawing, said))) found.value = null;
}
const picture = () => props.drawing && saveAs(`${garden.id}-yard.png`, props.drawing.picture());
</script>

<template>
  <p class="no-print ml-auto flex flex-wrap gap-x-3 text-sm">
    <button class="link" @click="picture">PNG</button>
    <button class="link" @click="svg">SVG</button>
    <button class="link" @click="geoJson">GeoJSON</button>
    <label class="link cursor-pointer focus-within:outline-2"
      >Take GeoJSON in<input class="sr-only" type="file" accept=".geojson,.json,application/geo+json" @change="look"
    /></label>
  </p>
  <section v-if="faults.length" class="w-full border-l-4 border-gap pl-3" role="alert">
    <p class="font-semibold">
      {{ faults.length === 1 ? 'One thing is wrong' : `${faults.length} things are wrong` }} with that file; nothing was changed.
    </p>
    <ul class="list-disc pl-5 text-sm">
      <li v-for="fault in faults" :key="fault">{{ fault }}</li>
    </ul>
    <button class="link text-sm" @click="faults = []">Close</button>
  </section>
  <section v-if="found" class="w-full border-l-4 border-press bg-raised p-2" aria-label="What the file would change">
    <p>
      The file holds {{ found.change.things.then }} things and {{ found.change.beds.length }} beds.
      <template v-if="found.change.things.now">
        The {{ found.change.things.now }} things drawn now are replaced; beds keep their plants.</template
      >
    </p>
    <ul class="list-disc pl-5 text-sm">
      <li v-for="bed in found.change.beds" :key="bed.name">
        {{ bed.name }}:
        {{
          bed.now_m2 === null
            ? `new${bed.then_m2 === null ? '' : `, ${view.area(bed.then_m2)}`}`
            : bed.then_m2 !== null && Math.abs(bed.then_m2 - bed.now_m2) > 0.05
              ? `drawn again, ${view.area(bed.now_m2)} becomes ${view.area(bed.then_m2)}; its sun is then computed`
              : 'drawn again, as large as it is'
        }}
      </li>
    </ul>
    <p class="mt-1 flex gap-2">
      <button class="press press-main" @click="takeIn">Take it in</button>
      <button class="press" @click="found = null">Leave it</button>
    </p>
  </section>
</template>
