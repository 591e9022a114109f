<script setup lang="ts">
import { HALF_MONTHS } from '~~/core/model/half-month';

/** A year in a small strip: shares (0–1) of each half-month, in a colour, with the ribbon's handle through it. */
defineProps<{ shares: readonly number[]; colour: string; label: string }>();
const view = useViewStore();
</script>

<template>
  <svg class="h-4 w-28 min-w-20" viewBox="0 0 120 16" preserveAspectRatio="none" role="img" :aria-label="label">
    <line v-for="m in 11" :key="m" :x1="m * 10" :x2="m * 10" y1="0" y2="16" stroke="var(--line)" stroke-width="0.6" />
    <template v-for="h in HALF_MONTHS" :key="h">
      <rect
        v-if="shares[h - 1]! > 0.02"
        :x="(h - 1) * 5"
        :y="13 - 9 * shares[h - 1]!"
        width="5.1"
        :height="9 * shares[h - 1]!"
        :fill="colour"
        stroke="#0002"
        stroke-width="0.3"
      />
    </template>
    <line x1="0" x2="120" y1="13.5" y2="13.5" stroke="var(--line)" />
    <line :x1="view.halfMonth * 5 + 2.5" :x2="view.halfMonth * 5 + 2.5" y1="0" y2="16" stroke="var(--press)" stroke-width="1.2" />
  </svg>
</template>
