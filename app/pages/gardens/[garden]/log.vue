<script setup lang="ts">
const garden = useGardenStore();
const work = useWorkStore();
const log = useLogStore();
const base = computed(() => `/gardens/${garden.id}/log`);
const parts = computed(() => [
  { path: base.value, name: 'Log' },
  { path: `${base.value}/why`, name: 'Why' },
  { path: `${base.value}/walks`, name: 'Walks' },
  { path: `${base.value}/stages`, name: 'Stages seen' },
  { path: `${base.value}/dates`, name: 'First and last' },
  { path: `${base.value}/grown`, name: 'What grew' },
  { path: `${base.value}/photos`, name: 'Photographs' },
  { path: `${base.value}/review`, name: 'The year' },
  { path: `${base.value}/files`, name: 'In and out' },
]);
work.begin();
log.begin();
</script>

<template>
  <div>
    <PartTabs label="Parts of the log" :parts="parts" />
    <p v-if="log.fault" role="alert" class="border-l-4 border-gap pl-3">
      {{ log.fault }} <button class="link min-h-[26px]" @click="log.load()">Ask again</button>
    </p>
    <p v-else-if="!log.ready" role="status" class="text-quiet">Fetching the log …</p>
    <NuxtPage v-if="log.ready" />
  </div>
</template>
