import { useVirtualizer } from '@tanstack/vue-virtual';

/**
 * Rows of a long table of which only those in sight are drawn, inside a scrolling frame. `above` and `below` are the
 * heights (px) of the rows left out. A new `first` row brings the frame back to its top.
 */
export function useVirtualRows(rows: {
  count: () => number;
  key: (index: number) => string;
  height: number;
  first: () => unknown;
}) {
  const frame = ref<HTMLElement | null>(null);
  const virtualizer = useVirtualizer(
    computed(() => ({
      count: rows.count(),
      getScrollElement: () => frame.value,
      getItemKey: rows.key,
      estimateSize: () => rows.height,
      overscan: 2,
      initialRect: { width: 900, height: 560 },
    })),
  );
  const shown = computed(() => virtualizer.value.getVirtualItems());
  const above = computed(() => shown.value[0]?.start ?? 0);
  const below = computed(() => virtualizer.value.getTotalSize() - (shown.value.at(-1)?.end ?? 0));
  watch(rows.first, () => frame.value?.scrollTo({ top: 0 }));
  return { frame, virtualizer, shown, above, below };
}
