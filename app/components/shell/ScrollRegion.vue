<script setup lang="ts">
/** Wide content that scrolls by itself, also from the keyboard, so that the page never does sideways. */
defineProps<{ label: string }>();
</script>

<template>
  <div class="relative overflow-x-auto" tabindex="0" role="region" :aria-label="label"><slot /></div>
</template>
