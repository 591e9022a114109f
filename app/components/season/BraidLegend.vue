<script setup lang="ts">
defineProps<{ seen?: boolean }>();
const STRANDS = ['host', 'nectar', 'shelter', 'special'] as const;
</script>

<template>
  <ul class="flex flex-wrap gap-x-5 gap-y-1 text-sm text-quiet" aria-label="How the strands are drawn">
    <li v-for="stage in STRANDS" :key="stage" class="inline-flex items-center gap-1.5">
      <svg class="h-2 w-6" viewBox="0 0 24 8" aria-hidden="true">
        <rect width="24" height="8" rx="4" :fill="stage === 'host' ? 'var(--host)' : `url(#weave-${stage})`" />
      </svg>
      {{ stage }}
    </li>
    <li class="inline-flex items-center gap-1.5">
      <svg class="h-2.5 w-6" viewBox="0 0 24 10" aria-hidden="true">
        <path d="M0,5 h24" stroke="var(--host)" stroke-width="3" />
        <path d="M2,2 l4,-2 m3,10 l4,-2 m3,-6 l4,-2" stroke="var(--thin)" stroke-width="1.4" />
      </svg>
      thin
    </li>
    <li class="inline-flex items-center gap-1.5">
      <svg class="h-2.5 w-6" viewBox="0 0 24 10" aria-hidden="true">
        <rect
          x="1"
          y="1"
          width="22"
          height="8"
          rx="4"
          fill="none"
          stroke="var(--gap)"
          stroke-width="1.4"
          stroke-dasharray="3 2.2"
        />
      </svg>
      open: a dry bed
    </li>
    <li v-if="seen" class="inline-flex items-center gap-1.5">
      <svg class="h-2.5 w-6" viewBox="0 0 24 10" aria-hidden="true">
        <path d="M4,5 h20" stroke="var(--press)" stroke-width="8" stroke-linecap="round" />
        <circle cx="6" cy="5" r="2.2" fill="var(--ground)" />
      </svg>
      seen to close, this year or last
    </li>
  </ul>
</template>
