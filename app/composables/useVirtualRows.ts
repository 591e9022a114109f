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
  /** On paper every row stands. */
  const printing = usePrinting();
  const shown = computed(() =>
    printing.value
      ? Array.from({ length: rows.count() }, (_, index) => ({ index, key: rows.key(index) }))
      : virtualizer.value.getVirtualItems(),
  );
  const above = computed(() => (printing.value ? 0 : (virtualizer.value.getVirtualItems()[0]?.start ?? 0)));
  const below = computed(() =>
    printing.value ? 0 : virtualizer.value.getTotalSize() - (virtualizer.value.getVirtualItems().at(-1)?.end ?? 0),
  );
  watch(rows.first, () => frame.value?.scrollTo({ top: 0 }));
  return { frame, virtualizer, shown, above, below };
}
