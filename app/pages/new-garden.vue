<script setup lang="ts">
import type { GardenFields } from '~~/core/model/garden';
import { regionalGarden } from '~~/core/library/regional-garden';

const libraryStore = useLibraryStore();
const gardens = useGardensStore();
await Promise.all([libraryStore.load(), gardens.load()]);
const taken = (gardens.gardens ?? []).map((row) => row.name);
const start = regionalGarden(libraryStore.library!, libraryStore.library!.regions[0]!.id);

async function keep(fields: GardenFields) {
  await navigateTo(`/gardens/${await gardens.make(fields)}/targets`);
}
useHead({ title: 'A new garden · Outwash' });
</script>

<template>
  <main class="mx-auto max-w-4xl px-4 py-8">
    <div><NuxtLink to="/" class="link">All gardens</NuxtLink></div>
    <h1 class="mt-2 mb-1">A new garden</h1>
    <p class="mb-4 max-w-prose text-quiet">
      Where it is, how cold it gets, and what is there: region, frosts, heat and rain follow from the answers, and each can be
      overruled. Then creatures are proposed for it.
    </p>
    <GardenForm :start="start" :revision="null" :keep="keep" :taken="taken" />
  </main>
</template>
