<script setup lang="ts">
import { basisSentences } from '~~/core/words/basis';
import { hostClauses } from '~~/core/words/hosts';
import type { Planting } from '~~/core/model/garden';
import { dayName } from '~~/core/model/half-month';

const props = defineProps<{ plant: string }>();
const garden = useGardenStore();
const view = useViewStore();
const here = computed(() => garden.almanac?.plants.get(props.plant));
const gates = computed(() => garden.gatesByPlant.get(props.plant) ?? []);
const hostOf = computed(() =>
  [...(garden.almanac?.targets.values() ?? [])].flatMap(({ target, hosts }) => {
    const host = hosts.get(props.plant);
    return host ? [{ target, host }] : [];
  }),
);
const status = computed(() => {
  const row = here.value?.status.row;
  return row ? `${here.value!.status.status} here (${row.as_of})` : 'no status recorded here: check before planting';
});
/** Where it stands in the ground: what it does there may be written down. */
const grown = computed(() => garden.plantings.find((row) => row.plant === props.plant && row.state === 'in-ground') ?? null);
const note = (row: Planting) =>
  view.writeDown({ what: 'first-flower', of: row.plant, planting_id: row.id, site_id: row.site_id });
</script>

<template>
  <div v-if="here">
    <div class="mt-1 flex items-center gap-3">
      <PlantGlyph :plant="here.plant" :size="60" />
      <div>
        <h3 class="text-xl">{{ here.plant.common }}</h3>
        <p class="scientific">{{ here.plant.scientific }}</p>
      </div>
    </div>
    <p class="mt-2 text-sm">
      {{ here.plant.kind }}, {{ view.length(here.plant.height_min_cm) }} to {{ view.length(here.plant.height_max_cm) }} tall, set
      {{ view.length(here.plant.spacing_cm) }} apart; {{ status }}.
      <template v-if="here.bloom">
        Flowers {{ here.plant.colour }} {{ dayName(here.bloom.from) }} to {{ dayName(here.bloom.to) }} here.</template
      >
      <span v-if="here.status.row?.note" class="text-quiet"> {{ here.status.row.note }}</span>
    </p>
    <GateList :gates="gates" />
    <h4 class="mt-2 font-semibold">On your sites</h4>
    <ul class="text-sm">
      <li v-for="(site, i) in garden.sites" :key="site.id">
        <button class="link" @click="view.explain({ kind: 'fit', plant, site: site.id })">{{ site.name }}</button>:
        <FitMark :verdict="garden.fits.get(plant)![i]!.verdict" />
      </li>
    </ul>
    <InsteadOf :plant="plant" heading="h4" />
    <h4 class="mt-2 font-semibold">Who uses it</h4>
    <ul class="text-sm">
      <li v-for="row in hostOf" :key="row.target.id">
        Caterpillars of
        <button class="link" @click="view.explain({ kind: 'target', target: row.target.id })">{{ row.target.common }}</button>:
        <span :class="row.host.rank === 'trap' ? 'font-semibold text-gap' : ''">{{ row.host.rank }}</span>{{
          ['', ...hostClauses(row.target, row.host)].join(' · ')
        }}
      </li>
      <li>
        Nectar: butterflies {{ here.plant.nectar_butterfly }}, hummingbirds {{ here.plant.nectar_hummingbird }}, moths
        {{ here.plant.nectar_moth }} (of 3).
      </li>
    </ul>
    <p v-if="grown" class="mt-2">
      <button class="press" @click="note(grown)">Write down how it fares</button>
    </p>
    <p class="mt-2 text-sm">
      <NuxtLink class="link" :to="`/gardens/${garden.id}/library/plants/${plant}`">Its page in the library</NuxtLink>
      <NuxtLink class="link ml-4" :to="{ path: `/gardens/${garden.id}/log/why`, query: { of: plant } }"
        >What is wrong with it?</NuxtLink
      >
    </p>
    <p v-for="words in basisSentences(here.plant)" :key="words" class="mt-2 text-sm text-quiet">{{ words }}</p>
    <p class="mt-2 text-sm text-quiet">
      Confidence: {{ here.plant.confidence }}. Lists and laws change: check with your local extension office.
    </p>
  </div>
</template>
