<script setup lang="ts">
import type { FitVerdict } from '~~/core/model/here';

defineProps<{ verdict: FitVerdict }>();
</script>

<template>
  <span
    class="font-semibold whitespace-nowrap"
    :class="{ 'text-host': verdict === 'thrives', 'text-thin': verdict === 'workable', 'text-gap': verdict === 'unsuitable' }"
  >
    <svg class="mr-0.5 inline size-3" viewBox="0 0 12 12" aria-hidden="true">
      <circle
        cx="6"
        cy="6"
        r="4.6"
        fill="none"
        stroke="currentColor"
        stroke-width="1.6"
        :stroke-dasharray="verdict === 'unsuitable' ? '2 1.6' : undefined"
      />
      <circle v-if="verdict === 'thrives'" cx="6" cy="6" r="4.6" fill="currentColor" />
      <path v-if="verdict === 'workable'" d="M1.4,6 a4.6,4.6 0 0 0 9.2,0 Z" fill="currentColor" /></svg
    >{{ verdict }}
  </span>
</template>
