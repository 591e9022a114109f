<script setup lang="ts">
const garden = useGardenStore();
const route = useRoute();
const base = computed(() => `/gardens/${garden.id}/place`);
const parts = computed(() => [
  { path: base.value, name: 'Beds' },
  { path: `${base.value}/yard`, name: 'Yard' },
  { path: `${base.value}/sun`, name: 'Sun' },
  { path: `${base.value}/around`, name: 'Around' },
]);
const here = (path: string) =>
  path === base.value ? route.path === path || route.path.includes('/place/sites/') : route.path === path;
</script>

<template>
  <div>
    <nav aria-label="Parts of the place" class="no-print mb-3 flex gap-5 border-b border-line">
      <NuxtLink
        v-for="part in parts"
        :key="part.path"
        :to="part.path"
        class="-mb-px border-b-2 px-1 pb-1 font-semibold"
        :class="here(part.path) ? 'border-press text-press' : 'border-transparent text-quiet'"
        :aria-current="here(part.path) ? 'page' : undefined"
        >{{ part.name }}</NuxtLink
      >
    </nav>
    <NuxtPage />
  </div>
</template>
