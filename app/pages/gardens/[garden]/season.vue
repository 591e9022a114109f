<script setup lang="ts">
const garden = useGardenStore();
const base = computed(() => `/gardens/${garden.id}/season`);
const parts = computed(() => [
  { path: base.value, name: 'Braid' },
  { path: `${base.value}/calendar`, name: 'Calendar' },
  { path: `${base.value}/supply`, name: 'Supply' },
  { path: `${base.value}/timing`, name: 'Timing' },
  { path: `${base.value}/dates`, name: 'Own dates' },
]);
</script>

<template>
  <div>
    <PartTabs label="Parts of the season" :parts="parts" />
    <NuxtPage />
  </div>
</template>
