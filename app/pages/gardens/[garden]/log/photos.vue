<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core';
import type { Entry } from '~~/core/model/log';
import { isPlantNote } from '~~/core/model/vocabulary';

/** All photographs of the garden, by bed or by whom they show. */
const garden = useGardenStore();
const log = useLogStore();
const view = useViewStore();
const by = useLocalStorage<'creature' | 'bed'>('outwash-photos-by', 'creature');
const pictured = computed(() => log.book.entries.filter((entry) => entry.photos.length > 0));
const count = computed(() => pictured.value.reduce((sum, entry) => sum + entry.photos.length, 0));
function groupOf(entry: Entry): string {
  if (by.value === 'bed') return entry.site_id === null ? entry.place || 'no bed' : garden.siteName(entry.site_id);
  if (entry.of === null) return entry.called || 'the garden';
  return isPlantNote(entry.what) ? log.names.plant(entry.of) : log.names.creature(entry.of);
}
const groups = computed(() => {
  const found = new Map<string, Entry[]>();
  for (const entry of pictured.value) found.set(groupOf(entry), [...(found.get(groupOf(entry)) ?? []), entry]);
  return [...found].sort(([a], [b]) => a.localeCompare(b, 'en'));
});
</script>

<template>
  <div>
    <div class="flex flex-wrap items-baseline gap-x-5 gap-y-2">
      <h1>Photographs</h1>
      <p class="text-quiet">{{ count }} in all</p>
      <div class="no-print flex gap-1.5" role="group" aria-label="By">
        <button class="chip" :aria-pressed="by === 'creature'" @click="by = 'creature'">by whom they show</button>
        <button class="chip" :aria-pressed="by === 'bed'" @click="by = 'bed'">by bed</button>
      </div>
    </div>
    <p class="max-w-prose text-quiet">
      They are made smaller on this device, and what the camera wrote into them, such as the place, is left out. They stay with
      the garden and go with its file.
    </p>
    <section v-for="[name, entries] in groups" :key="name" class="mt-3">
      <h2>{{ name }}</h2>
      <PhotoStrip class="mt-1" :entries="entries" :label="`Photographs: ${name}`" />
    </section>
    <NextLine v-if="count === 0" class="mt-3">
      No photograph yet. One goes with whatever you write down, or by itself as a picture of a bed.
      <template #go><button class="press" @click="view.writeDown({ what: 'picture' })">Add a picture</button></template>
    </NextLine>
    <p v-else class="no-print mt-4"><button class="press" @click="view.writeDown({ what: 'picture' })">Add a picture</button></p>
  </div>
</template>
