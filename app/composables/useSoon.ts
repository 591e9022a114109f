/** Resolves when the next frame is on the screen. */
export const drawn = () => new Promise<void>((resolve) => requestAnimationFrame(() => setTimeout(resolve)));

/**
 * Is the first frame of a view on the screen? What takes longer to make waits for it, so that the press that opened the
 * view is answered at once. On paper everything stands.
 */
export function useSoon() {
  const soon = ref(false);
  const printing = usePrinting();
  onMounted(async () => {
    await drawn();
    soon.value = true;
  });
  return computed(() => soon.value || printing.value);
}
