<script setup lang="ts">
const garden = useGardenStore();
const plants = computed(() => garden.livePlantings.reduce((sum, row) => sum + row.count, 0));
const kinds = computed(() => new Set(garden.livePlantings.map((row) => row.plant)).size);
const natives = computed(() => {
  const native = garden.livePlantings.filter((row) => garden.almanac!.plants.get(row.plant)?.status.native);
  return native.reduce((sum, row) => sum + row.count, 0);
});
</script>

<template>
  <div>
    <div class="flex flex-wrap items-baseline gap-x-5">
      <h1>Plan</h1>
      <p v-if="plants" class="text-quiet">
        {{ plants }} plants of {{ kinds }} kinds, {{ Math.round((100 * natives) / plants) }} % of them native here
      </p>
    </div>
    <p v-if="garden.sites.length === 0" class="my-6">
      A plan needs somewhere to stand. <NuxtLink class="link" :to="`/gardens/${garden.id}/place`">Add a bed</NuxtLink> first.
    </p>
    <SavedPlans v-if="garden.sites.length > 0" />
    <SitePlan v-for="site in garden.sites" :key="site.id" :site="site" />
  </div>
</template>
