<script setup lang="ts">
import type { BedAnswers } from '~~/core/place/yard/answers';

/** The sun's way over a day from east to west, the part that reaches the bed drawn strong. */
const props = defineProps<{ sun: BedAnswers['sun'] }>();
/** Parts of the arc, from 0 (sunrise) to 1 (sunset). */
const LIT = {
  'all-day': [0.05, 0.95],
  morning: [0.05, 0.48],
  afternoon: [0.52, 0.95],
  little: [0.38, 0.62],
  shade: [0, 0],
} as const;
const point = (share: number) => [20 - 17 * Math.cos(Math.PI * share), 21 - 17 * Math.sin(Math.PI * share)] as const;
const path = (from: number, to: number) => `M${point(from).join()} A17 17 0 0 1 ${point(to).join()}`;
const lit = computed(() => LIT[props.sun]);
</script>

<template>
  <svg width="40" height="24" viewBox="0 0 40 24" fill="none" aria-hidden="true" class="shrink-0">
    <path :d="path(0, 1)" stroke="var(--line)" stroke-width="2" />
    <path v-if="lit[1] > lit[0]" :d="path(lit[0], lit[1])" stroke="var(--thin)" stroke-width="4" stroke-linecap="round" />
    <path d="M1 22.5H39" stroke="var(--quiet)" />
  </svg>
</template>
