<script setup lang="ts">
/** What to do where no creature is chosen yet. */
const garden = useGardenStore();
</script>

<template>
  <p class="my-6 max-w-prose">
    Nobody to serve yet. <NuxtLink class="link" :to="`/gardens/${garden.id}/targets`">Choose the species you want</NuxtLink>, and
    their year is drawn here.
  </p>
</template>
