<script setup lang="ts">
import { HALF_MONTHS } from '~~/core/model/half-month';

/** A year in a small strip: shares (0–1) of each half-month, in a colour, with the ribbon's handle through it. */
const props = defineProps<{ shares: readonly number[]; colour: string; label: string }>();
const view = useViewStore();
/** The bounds of the months, in one stroke: a long list has many strips. */
const MONTHS = Array.from({ length: 11 }, (_, m) => `M${10 * (m + 1)},0V16`).join('');
const outline = computed(() => {
  let path = '';
  for (let h = 0; h < HALF_MONTHS; h++) {
    const share = props.shares[h]!;
    if (share <= 0.02) continue;
    const top = 13.5 - 9 * share;
    path += (h === 0 || props.shares[h - 1]! <= 0.02 ? `M${h * 5},13.5 V${top}` : `V${top}`) + `H${h * 5 + 5}`;
    if (h === HALF_MONTHS - 1 || props.shares[h + 1]! <= 0.02) path += 'V13.5 Z ';
  }
  return path;
});
</script>

<template>
  <svg class="h-4 w-28 min-w-20" viewBox="0 0 120 16" preserveAspectRatio="none" role="img" :aria-label="label">
    <path :d="MONTHS" stroke="var(--line)" stroke-width="0.6" />
    <path :d="outline" :fill="colour" stroke="var(--quiet)" stroke-width="0.7" />
    <line x1="0" x2="120" y1="13.5" y2="13.5" stroke="var(--line)" />
    <line :x1="view.halfMonth * 5 + 2.5" :x2="view.halfMonth * 5 + 2.5" y1="0" y2="16" stroke="var(--press)" stroke-width="1.2" />
  </svg>
</template>
