<script setup lang="ts">
import { darwinCore, PLACE_GRAINS, type PlaceGrain } from '~~/core/log/exchange/darwin-core';
import { logNames } from '~~/core/log/exchange/names';
import { useLocalStorage } from '@vueuse/core';

/** Sightings for those who gather them from many gardens: a Darwin Core Archive, its places as coarse as is wished. */
const garden = useGardenStore();
const log = useLogStore();
const grain = useLocalStorage<PlaceGrain>('outwash-grain', 'kilometre');
const locality = ref(false);
const said = ref('');
const WORDS: Record<PlaceGrain, string> = {
  garden: 'to the garden',
  kilometre: 'to about a kilometre',
  'ten-kilometres': 'to about ten kilometres',
  none: 'no coordinates',
};
const choices = PLACE_GRAINS.map((value) => ({ value, words: WORDS[value] }));
async function save() {
  const { garden: place, library } = garden;
  if (!place || !library) return;
  const { zipSync, strToU8 } = await import('fflate');
  const targets = new Map(library.targets.map((row) => [row.id, row]));
  const archive = darwinCore(log.book, place, targets, logNames(library, garden.sites), {
    grain: grain.value,
    locality: locality.value,
  });
  const files = Object.fromEntries(Object.entries(archive.files).map(([name, content]) => [name, strToU8(content)]));
  saveBlob(`${garden.id}-dwca.zip`, new Blob([zipSync(files)], { type: 'application/zip' }));
  said.value = [
    `${archive.occurrences} occurrences.`,
    archive.unnamed > 0 ? `${archive.unnamed} sightings without a name of the library are not in it.` : '',
    archive.coarsened.length > 0
      ? `The places of ${archive.coarsened.map(garden.creatureName).join(', ')} are rounded to about ten kilometres: species of concern.`
      : '',
  ]
    .filter(Boolean)
    .join(' ');
}
</script>

<template>
  <div>
    <p class="max-w-prose text-quiet">
      Occurrences with their walks as events, as biodiversity databases take them. Species of concern are given to about ten
      kilometres at most; notes go out as they are written: look for names of people in them first.
    </p>
    <div class="mt-2 flex flex-wrap items-end gap-4">
      <label class="text-sm"
        >Places
        <select v-model="grain" class="field w-auto! phone:min-h-[44px]">
          <option v-for="row in choices" :key="row.value" :value="row.value">{{ row.words }}</option>
        </select></label
      >
      <label class="inline-flex min-h-[26px] items-center gap-1.5 text-sm phone:min-h-[44px]"
        ><input v-model="locality" type="checkbox" /> with the garden’s name</label
      >
      <button class="press" @click="save">Save the archive</button>
    </div>
    <p v-if="said" role="status" class="mt-1 text-sm">{{ said }}</p>
  </div>
</template>
