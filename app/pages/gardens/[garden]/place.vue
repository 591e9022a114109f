<script setup lang="ts">
const garden = useGardenStore();
const base = computed(() => `/gardens/${garden.id}/place`);
/** A balcony has no yard to draw, and no ground around that anything could grow in. */
const parts = computed(() =>
  garden.garden?.balcony
    ? [{ path: base.value, name: 'Pots' }]
    : [
        { path: base.value, name: 'Beds' },
        { path: `${base.value}/yard`, name: 'Yard' },
        { path: `${base.value}/sun`, name: 'Sun' },
        { path: `${base.value}/around`, name: 'Around' },
      ],
);
</script>

<template>
  <div>
    <PartTabs label="Parts of the place" :parts="parts" within="/place/sites/" />
    <NuxtPage />
  </div>
</template>
