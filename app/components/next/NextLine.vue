<script setup lang="ts">
/** The one next step of a view, before all else, with a way to it. */
defineSlots<{ default(): unknown; go(): unknown }>();
</script>

<template>
  <section aria-label="Next step" class="no-print my-2 flex flex-wrap items-center gap-x-4 gap-y-1 border-l-4 border-press pl-3">
    <p class="max-w-[52rem]"><slot /></p>
    <slot name="go" />
  </section>
</template>
