<script setup lang="ts">
import { depthOf } from '~~/core/layout/planting-sheet';
import { driftOutlines } from '~~/core/layout/drift-outline';
import { baselineOf } from '~~/core/layout/staking';
import { DEPTH_WORDS, SELECTION_WORDS, tape } from '~~/core/words/layout';
import { halfMonthName } from '~~/core/model/half-month';
import { sheetSvg } from '~/components/beds/sheet-svg';

/** The sheet to plant a bed by: to scale, with a grid from a corner that can be measured, and each plant by the tape. */
const route = useRoute();
const garden = useGardenStore();
const beds = useBedsStore();
const view = useViewStore();
const id = computed(() => String(route.params.site));
const site = computed(() => garden.sites.find((row) => row.id === id.value));
const files = useBedFiles(() => id.value);
const length = (m: number) => tape(m, view.inUnits);
const baseline = computed(() => (files.bed.value ? baselineOf(files.bed.value.frame) : null));
const drifts = computed(() => {
  const spacings = files.plantings.value.map((_, kind) => ({
    spacing: (files.rows.value.find((row) => row.kind === kind + 1)?.size.spacing ?? 30) / 100,
  }));
  return driftOutlines(spacings, beds.saved(id.value).plants);
});
const drawn = (options: { wide: number; high: number }) =>
  sheetSvg(files.bed.value!.frame, files.scene.value, files.climbables.value, drifts.value, {
    title: `${site.value!.name}, to plant by`,
    step: view.units === 'us' ? 0.3048 : 0.5,
    words: length,
    ...options,
  });
const picture = computed(() => (files.bed.value && files.rows.value.length > 0 ? drawn({ wide: 1000, high: 900 }) : null));
/** One to how many the drawing is on a page 180 mm wide. */
const ratio = computed(() => (files.bed.value ? Math.round((files.bed.value.frame.width + 0.7) / 0.18) : 0));
const kinds = computed(() =>
  files.plantings.value.flatMap((planting, kind) => {
    const own = files.rows.value.filter((row) => row.kind === kind + 1);
    return own.length > 0 ? [{ kind: kind + 1, planting, here: own[0]!.here, size: own[0]!.size, own }] : [];
  }),
);
const busy = ref(false);
async function pdf() {
  busy.value = true;
  try {
    const { bedSheetPdf } = await import('~/composables/useBedPdf');
    const { svg } = drawn({ wide: 540, high: 420 });
    saveBlob(
      `${garden.id}-${id.value}.pdf`,
      await bedSheetPdf(garden.garden!.name, site.value!.name, svg, kinds.value, view.inUnits, length(baseline.value!.length)),
    );
  } finally {
    busy.value = false;
  }
}
const print = () => window.print();
useHead({ title: () => `Sheet to plant by · ${site.value?.name ?? 'Bed'}` });
</script>

<template>
  <div v-if="site">
    <p class="no-print text-sm">
      <NuxtLink class="link" :to="`/gardens/${garden.id}/beds/${id}`">{{ site.name }}</NuxtLink>
    </p>
    <div class="flex flex-wrap items-baseline gap-x-4 gap-y-1">
      <h1>{{ site.name }}: to plant by</h1>
      <p v-if="picture" class="no-print flex flex-wrap gap-x-3">
        <button class="press press-main" @click="print()">Print</button>
        <button class="press" :disabled="busy" @click="pdf()">PDF</button>
      </p>
    </div>
    <p v-if="!picture" class="mt-2">
      No plant of this bed has a place yet.
      <NuxtLink class="link" :to="`/gardens/${garden.id}/beds/${id}`">Arrange it</NuxtLink> first.
    </p>
    <template v-else>
      <p class="mt-1 max-w-prose text-sm">
        Stretch a tape along the edge from A to B ({{ length(baseline!.length) }}). Each plant stands where its two distances
        meet; or count the squares of {{ length(view.units === 'us' ? 0.3048 : 0.5) }} from A. Dashed lines are the drifts, to lay
        out with string or flour. Have buried services marked before you dig.
      </p>
      <img
        class="mt-2 w-full max-w-[64rem]"
        :src="`data:image/svg+xml,${encodeURIComponent(picture.svg)}`"
        :alt="`${site.name} to scale with a grid from corner A`"
      />
      <p class="text-sm text-quiet">About 1 : {{ ratio }} where it is 180 mm (7 in) wide; the squares are exact at any size.</p>
      <section v-for="{ kind, planting, here, size, own } in kinds" :key="kind" class="mt-3 break-inside-avoid">
        <h2>
          {{ kind }}. {{ here.plant.common }} <span class="text-base italic">{{ here.plant.scientific }}</span>
        </h2>
        <p class="text-sm">
          {{ planting.count }} {{ planting.count === 1 ? 'plant' : 'plants'
          }}{{ planting.selection === 'species' ? '' : ` of ${SELECTION_WORDS[planting.selection]}` }},
          {{ view.about(size.spacing) }} apart, grown about {{ view.about(size.height.expected) }} tall.
          {{ DEPTH_WORDS[depthOf(here.plant)] }}
          <template v-if="here.bloom"
            >Flowers {{ halfMonthName(here.bloomShares.findIndex((share) => share > 0.1)) }} on.</template
          >
        </p>
        <ul class="columns-1 gap-x-6 text-sm sm:columns-2 lg:columns-3 print:columns-3">
          <li v-for="row in own" :key="row.nth" class="tabular-nums">
            <strong>{{ row.kind }}.{{ row.nth }}</strong> A {{ length(row.tape.fromA) }}, B {{ length(row.tape.fromB) }}
          </li>
        </ul>
      </section>
    </template>
  </div>
</template>
