/**
 * The first rows of a list at once, the others a few with each frame that follows: a long view answers the press that
 * opened it with what can be seen of it.
 */
export function useGrowing<T>(rows: () => readonly T[], first: number, more = 10) {
  const shown = ref(first);
  const printing = usePrinting();
  let ended = false;
  function grow() {
    if (ended) return;
    if (shown.value >= rows().length) {
      // All stand: whatever is added later stands too.
      shown.value = Infinity;
      return;
    }
    shown.value += more;
    void drawn().then(grow);
  }
  onMounted(() => void drawn().then(grow));
  onBeforeUnmount(() => (ended = true));
  return computed(() => (printing.value || shown.value >= rows().length ? rows() : rows().slice(0, shown.value)));
}
