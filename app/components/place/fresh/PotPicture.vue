<script setup lang="ts">
import type { PotKind } from '~~/core/place/containers/kinds';

/** A pot as people know it, from the side. */
defineProps<{ kind: PotKind }>();
const OUTLINES: Record<PotKind, string> = {
  round: 'M8 4H32L28 22H12Z M7 4H33V7H7Z',
  trough: 'M2 9H38L36 21H4Z M1 9H39V11.5H1Z',
  'half-barrel': 'M5 4C4 10 5 17 8 22H32C35 17 36 10 35 4Z M5 9H35 M6.5 17H33.5',
};
</script>

<template>
  <svg width="40" height="24" viewBox="0 0 40 24" fill="var(--bank)" stroke="var(--shelter)" aria-hidden="true" class="shrink-0">
    <path :d="OUTLINES[kind]" />
  </svg>
</template>
