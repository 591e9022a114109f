<script setup lang="ts">
/** Whether the application works without the network on this device, and what does not where it cannot. */
defineProps<{ onlyIfNot?: boolean }>();
const can = canWorkOffline();
</script>

<template>
  <p v-if="!can" class="max-w-prose text-sm">
    This page came over plain http, so the browser does not hold it on this device: without the network it cannot be opened again.
    While it stays open, what you write down waits here and is sent later. Served over https it works everywhere; the README says
    how.
  </p>
  <p v-else-if="!onlyIfNot" class="max-w-prose text-sm text-quiet">
    Held on this device: opened once, it works without the network. What you write down meanwhile is sent when the server answers
    again.
  </p>
</template>
