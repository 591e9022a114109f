<script setup lang="ts">
import { fitReasons } from '~~/core/match/fit/reasons';
import { fitWords, togetherWords } from '~~/core/words/fit';

const props = defineProps<{ plant: string; site: string }>();
const garden = useGardenStore();
const view = useViewStore();
const here = computed(() => garden.almanac?.plants.get(props.plant));
const site = computed(() => garden.sites.find((row) => row.id === props.site));
const column = computed(() => garden.sites.findIndex((row) => row.id === props.site));
const fit = computed(() => garden.fits.get(props.plant)?.[column.value]);
const reasons = computed(() =>
  here.value && site.value
    ? fitReasons(here.value.plant, site.value, garden.almanac!.place).map((reason) => ({
        ...reason,
        ...fitWords(reason, view.inUnits),
      }))
    : [],
);
const together = computed(() => (fit.value ? togetherWords(fit.value) : ''));
const gates = computed(() => garden.gatesByPlant.get(props.plant) ?? []);
/** Where it stands in the bed, of what is arranged there: what counts for it then. */
const places = computed(() =>
  garden.livePlantings.flatMap((row) => {
    const placed = row.plant === props.plant && row.site_id === props.site ? garden.here?.places.get(row.id) : undefined;
    return placed ? [{ id: row.id, count: row.count, ...placed }] : [];
  }),
);
const WORDS = ['thrives', 'workable', 'unsuitable'] as const;
</script>

<template>
  <div v-if="here && site && fit">
    <h3 class="mt-1 text-xl">{{ here.plant.common }}</h3>
    <p>
      <span class="scientific">{{ here.plant.scientific }}</span> in {{ site.name }}:
      <FitMark :verdict="fit.verdict" />
    </p>
    <p v-if="together" class="text-sm text-gap">{{ together }}</p>
    <p v-for="row in places" :key="row.id" class="text-sm">
      Arranged: its {{ row.count }} {{ row.count === 1 ? 'plant stands' : 'plants stand' }} in {{ row.sun_h.toFixed(1) }} h of sun
      and moisture {{ row.moisture.toFixed(1) }} of 5; what it gives is counted there. The table is of the whole bed.
    </p>
    <GateList :gates="gates" />
    <AddToSite :plant="plant" :site="site.id" :refused="gates.some((gate) => gate.effect === 'refuse')" />
    <table class="tabular text-sm">
      <thead>
        <tr>
          <th scope="col">What</th>
          <th scope="col">Here</th>
          <th scope="col">It wants</th>
        </tr>
      </thead>
      <tbody>
        <template v-for="reason in reasons" :key="reason.dimension">
          <tr :class="reason.grade === 2 ? 'text-gap' : reason.grade === 1 ? 'text-thin' : ''">
            <th scope="row" class="font-normal">
              {{ reason.label }}<span class="sr-only">: {{ WORDS[reason.grade] }}</span>
            </th>
            <td>{{ reason.here }}</td>
            <td>{{ reason.wants }}</td>
          </tr>
          <tr v-if="reason.remedy || reason.basis">
            <td colspan="3" class="pl-4! text-quiet">
              {{ reason.remedy }} <span v-if="reason.basis" class="text-xs">Here: {{ reason.basis }}.</span>
            </td>
          </tr>
        </template>
      </tbody>
    </table>
    <p class="mt-2 text-sm">
      <NuxtLink class="link" :to="`/gardens/${garden.id}/place/sites/${site.id}`">Measure {{ site.name }}</NuxtLink>
    </p>
    <p class="mt-2 text-sm text-quiet">Confidence in this plant’s row: {{ here.plant.confidence }}.</p>
  </div>
</template>
