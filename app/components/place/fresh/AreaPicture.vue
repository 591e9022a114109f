<script setup lang="ts">
/** A piece of ground beside a person, both to one scale. */
const props = defineProps<{ m2: number }>();
/** Twice as long as it is deep; a metre is 3.2 px. */
const METRE = 3.6;
const deep = computed(() => Math.sqrt(props.m2 / 2) * METRE);
</script>

<template>
  <svg width="50" height="24" viewBox="0 0 50 24" aria-hidden="true" class="shrink-0">
    <rect x="8" :y="23 - deep" :width="2 * deep" :height="deep" fill="var(--bank)" stroke="var(--quiet)" />
    <g stroke="var(--ink)" stroke-width="1.2" fill="none">
      <circle cx="4" cy="18.2" r="0.9" fill="var(--ink)" stroke="none" />
      <path d="M4 19V21.2L3 23.5M4 21.2L5 23.5" />
    </g>
  </svg>
</template>
