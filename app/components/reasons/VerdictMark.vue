<script setup lang="ts">
import type { CoverageVerdict } from '~~/core/coverage/types';

defineProps<{ verdict: CoverageVerdict; words?: string }>();
</script>

<template>
  <span
    class="font-semibold whitespace-nowrap"
    :class="{ 'text-host': verdict === 'closed', 'text-thin': verdict === 'thin', 'text-gap': verdict === 'open' }"
  >
    <svg class="mr-0.5 inline h-2.5 w-5" viewBox="0 0 20 10" aria-hidden="true">
      <rect v-if="verdict === 'closed'" x="0" y="1.5" width="20" height="7" rx="3.5" fill="currentColor" />
      <path
        v-else-if="verdict === 'thin'"
        d="M0,3.5 h4 m2,0 h5 m2,0 h5 M2,6.5 h5 m2,0 h4 m2,0 h4"
        stroke="currentColor"
        stroke-width="1.8"
      />
      <rect
        v-else
        x="0.8"
        y="1.6"
        width="18.4"
        height="6.8"
        rx="3.4"
        fill="none"
        stroke="currentColor"
        stroke-width="1.4"
        stroke-dasharray="2.5 2"
      /></svg
    >{{ words ?? verdict }}
  </span>
</template>
