<script setup lang="ts">
const garden = useGardenStore();
const work = useWorkStore();
const base = computed(() => `/gardens/${garden.id}/work`);
const parts = computed(() => [
  { path: base.value, name: 'What to do now' },
  { path: `${base.value}/raise`, name: 'Raise' },
  { path: `${base.value}/planting`, name: 'Planting day' },
  { path: `${base.value}/year`, name: 'The year' },
  { path: `${base.value}/weather`, name: 'Weather' },
]);
work.begin();
</script>

<template>
  <div>
    <PartTabs label="Parts of the work" :parts="parts" />
    <p v-if="work.fault" role="alert" class="border-l-4 border-gap pl-3">
      {{ work.fault }} <button class="link min-h-[26px]" @click="work.load()">Ask again</button>
    </p>
    <p v-else-if="!work.day" role="status" class="text-quiet">Calculating the work …</p>
    <NuxtPage v-else />
  </div>
</template>
