<script setup lang="ts">
import { cellsOf, columnsOf, type Cells } from '~~/core/library/cells';

/** A plant or creature of the gardener's own, started from one like it. */
const props = defineProps<{ file: 'plants.csv' | 'targets.csv'; word: 'plant' | 'creature' }>();
const route = useRoute();
const garden = useGardenStore();
const rows = computed(() => (props.file === 'plants.csv' ? garden.library!.plants : garden.library!.targets));
const like = ref(String(route.query.like ?? ''));
const model = computed(() => rows.value.find((row) => row.id === like.value));
const start = computed<Cells>(() => {
  const cells = model.value ? cellsOf(props.file, model.value) : Object.fromEntries(columnsOf(props.file).map((c) => [c, '']));
  return { ...cells, id: '', common: '', scientific: model.value?.scientific ?? '', confidence: 'low' };
});
const base = computed(() => `/gardens/${garden.id}/library`);
const sorted = computed(() => [...rows.value].sort((a, b) => a.common.localeCompare(b.common)));
</script>

<template>
  <div class="max-w-5xl">
    <p class="text-sm"><NuxtLink class="link" :to="base">Library</NuxtLink> › add a {{ word }}</p>
    <h1>A {{ word }} of your own</h1>
    <p class="max-w-prose text-quiet">
      Start from one that is like it and change what differs. It is saved in this garden, apart from the shipped library, shown as
      yours, and goes with the garden when it is exported.
    </p>
    <label class="mt-2 block text-sm"
      >Like
      <select v-model="like" class="field ml-1 w-auto! max-w-full">
        <option value="">nothing: start empty</option>
        <option v-for="row in sorted" :key="row.id" :value="row.id">{{ row.common }} · {{ row.scientific }}</option>
      </select></label
    >
    <RowForm
      :key="like"
      class="mt-3"
      :file="file"
      :start="start"
      fresh
      :fixed="[]"
      :label="`A ${word} of your own`"
      @saved="(cells) => navigateTo(`${base}/${file === 'plants.csv' ? 'plants' : 'targets'}/${cells.id}`)"
      @leave="navigateTo(base)"
    />
  </div>
</template>
