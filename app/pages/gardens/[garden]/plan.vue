<script setup lang="ts">
const garden = useGardenStore();
const base = computed(() => `/gardens/${garden.id}/plan`);
const parts = computed(() => [
  { path: base.value, name: 'Plantings' },
  { path: `${base.value}/propose`, name: 'Propose' },
  { path: `${base.value}/what-if`, name: 'What if' },
  { path: `${base.value}/leaf`, name: 'Leaf' },
  { path: `${base.value}/shopping`, name: 'Shopping' },
]);
</script>

<template>
  <div>
    <PartTabs label="Parts of the plan" :parts="parts" />
    <NuxtPage />
  </div>
</template>
