<script setup lang="ts">
import { useMutationObserver, useResizeObserver } from '@vueuse/core';

/**
 * The place of a table. Where the table is wider than its place, each of its rows is laid out as a small sheet: the
 * heading of the row with what can be pressed (class `act`, or `lead` before it), then its cells, each under the name of
 * its column. Whatever else is too wide scrolls by itself, also from the keyboard, so that the page never does sideways.
 */
defineProps<{ label: string }>();
const region = useTemplateRef<HTMLElement>('region');
const table = shallowRef<HTMLTableElement | null>(null);
const asRows = ref(false);
provide('as-rows', readonly(asRows));
const printing = usePrinting();
/** The width the table asked for when it was last too wide (px). */
let wanted = 0;

function fit() {
  const place = region.value;
  if (!place || !table.value || place.clientWidth === 0 || printing.value) return;
  if (asRows.value) asRows.value = place.clientWidth < wanted;
  else if (place.scrollWidth > place.clientWidth + 1) {
    wanted = place.scrollWidth;
    asRows.value = true;
  }
}
/** Gives each cell the name of its column, which stands over it in a row laid out as a sheet. */
function nameCells() {
  const heads = [...(table.value?.tHead?.rows[0]?.cells ?? [])].map((cell) => (cell.textContent ?? '').trim());
  for (const row of table.value?.querySelectorAll<HTMLTableRowElement>('tbody > tr') ?? [])
    for (const [i, cell] of [...row.cells].entries())
      if (cell.tagName === 'TD' && cell.colSpan === 1 && heads[i]) cell.dataset.label = heads[i];
}
function look() {
  table.value = region.value?.querySelector('table') ?? null;
  nameCells();
}
onMounted(() => {
  look();
  beforeNextFrame(fit);
});
useMutationObserver(region, look, { childList: true, subtree: true });
useResizeObserver([region, table], fit);
</script>

<template>
  <div
    ref="region"
    class="relative overflow-x-auto print:overflow-visible"
    :class="asRows && !printing ? 'as-rows' : ''"
    :tabindex="asRows ? undefined : 0"
    role="region"
    :aria-label="label"
  >
    <slot />
  </div>
</template>
