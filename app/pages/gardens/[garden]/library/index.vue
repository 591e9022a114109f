<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core';
import { ADMISSIBLE } from '~~/core/library/hosts';
import type { Plant, Target } from '~~/core/model/reference';

const garden = useGardenStore();
const { find } = useLibrarySearch();
const { about } = useOwn();
const soon = useSoon();
const words = ref('');
const show = useLocalStorage<'target' | 'plant'>('outwash-library-shows', 'target');
const kind = ref('');
const plate = useLocalStorage('outwash-library-plate', false);
const only = ref({ here: true, native: false, host: false, unsure: false, own: false });
watch(show, () => (kind.value = ''));

const kinds = computed(() =>
  show.value === 'target'
    ? ['butterfly', 'moth', 'hummingbird']
    : [...new Set(garden.plants.map((here) => here.plant.kind))].sort(),
);
const hostHere = computed(() => {
  const found = new Set<string>();
  for (const here of garden.almanac?.targets.values() ?? [])
    for (const [plant, host] of here.hosts) if (ADMISSIBLE.has(host.rank)) found.add(plant);
  return found;
});
function passes(row: Target | Plant): boolean {
  if (kind.value && row.kind !== kind.value) return false;
  if (only.value.unsure && row.confidence !== 'low') return false;
  if (only.value.own && about(row.id).length === 0) return false;
  // Who asks by name wants to find it, wherever it lives.
  const here = only.value.here && !words.value.trim();
  if (show.value === 'target') return !here || Boolean(garden.almanac?.targets.has(row.id));
  const plant = garden.almanac?.plants.get(row.id);
  if (here && !plant?.status.row) return false;
  if (only.value.native && !plant?.status.native) return false;
  return !only.value.host || hostHere.value.has(row.id);
}
const everything = computed(() => find(words.value));
const entries = computed(() => everything.value.filter((entry) => entry.what === show.value && passes(entry.row)));
const others = computed(() => (words.value.trim() ? everything.value.filter((entry) => entry.what !== show.value).length : 0));
const base = computed(() => `/gardens/${garden.id}/library`);
</script>

<template>
  <div>
    <div class="flex flex-wrap items-baseline gap-x-5 gap-y-1">
      <h1>Library</h1>
      <p class="text-quiet">
        {{ garden.library?.targets.length }} creatures and {{ garden.library?.plants.length }} plants;
        {{ garden.almanac?.targets.size }} creatures live in or pass through {{ garden.almanac?.region.name }}
      </p>
      <p class="no-print ml-auto flex gap-3 text-sm">
        <NuxtLink class="link" :to="`${base}/${show}s/new`">Add a {{ show === 'target' ? 'creature' : 'plant' }}</NuxtLink>
        <NuxtLink class="link" :to="`${base}/tables`">Tables and corrections</NuxtLink>
      </p>
    </div>
    <div class="no-print mt-2 flex flex-wrap items-center gap-x-4 gap-y-2 text-sm">
      <div role="group" aria-label="What to show" class="flex">
        <button
          class="press"
          :aria-pressed="show === 'target'"
          :class="show === 'target' ? 'press-main' : ''"
          @click="show = 'target'"
        >
          Creatures
        </button>
        <button
          class="press"
          :aria-pressed="show === 'plant'"
          :class="show === 'plant' ? 'press-main' : ''"
          @click="show = 'plant'"
        >
          Plants
        </button>
      </div>
      <label>Name <input v-model="words" class="field ml-1 w-48!" type="search" placeholder="swalowtail, aster …" /></label>
      <label
        >Kind
        <select v-model="kind" class="field ml-1 w-auto!">
          <option value="">all</option>
          <option v-for="each in kinds" :key="each">{{ each }}</option>
        </select></label
      >
      <label><input v-model="only.here" type="checkbox" /> {{ show === 'target' ? 'of this region' : 'recorded here' }}</label>
      <template v-if="show === 'plant'">
        <label><input v-model="only.native" type="checkbox" /> native here</label>
        <label><input v-model="only.host" type="checkbox" /> hosts</label>
      </template>
      <label><input v-model="only.unsure" type="checkbox" /> unsure rows</label>
      <label v-if="garden.own.length"><input v-model="only.own" type="checkbox" /> with your own word</label>
      <label v-if="show === 'target'"><input v-model="plate" type="checkbox" /> as a plate</label>
      <span class="text-quiet" role="status">{{ soon ? `${entries.length} shown` : '' }}</span>
    </div>
    <p v-if="soon && entries.length === 0" class="my-6 max-w-prose">
      Nothing here is called that<template v-if="others">
        , but {{ others }} of the {{ show === 'target' ? 'plants' : 'creatures' }}
        <button class="link" @click="show = show === 'target' ? 'plant' : 'target'">
          {{ others === 1 ? 'is' : 'are' }}
        </button> </template
      >. Try fewer letters, or widen the filters.
    </p>
    <CreaturePlate v-else-if="soon && plate && show === 'target'" :targets="entries.map((entry) => entry.row as Target)" />
    <LibraryList v-else-if="soon" :entries="entries" />
    <p class="mt-3 max-w-prose text-sm text-quiet">
      Compiled from general knowledge, with the doubtful rows marked. Lists and laws change: check with your local extension
      office before you plant.
    </p>
  </div>
</template>
