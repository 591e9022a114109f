<script setup lang="ts">
/** A bed or container as its planting plan. */
const route = useRoute();
const garden = useGardenStore();
const records = useRecordsStore();
const id = computed(() => String(route.params.site));
const site = computed(() => garden.sites.find((row) => row.id === id.value));
useHead({ title: () => `${site.value?.name ?? 'Bed'} · ${garden.garden?.name ?? 'Outwash'}` });
</script>

<template>
  <LazyPotPlan v-if="site?.kind === 'container'" :key="`pot-${id}`" :site="site" />
  <LazyBedPlan v-else-if="site" :key="id" :site="site" />
  <div v-else>
    <h1>No such bed</h1>
    <p class="mt-2">
      It may have been removed: <button class="link" @click="records.step('undo')">undo</button>, or go back to
      <NuxtLink class="link" :to="`/gardens/${garden.id}/beds`">all beds</NuxtLink>.
    </p>
  </div>
</template>
