import { createSharedComposable, useEventListener } from '@vueuse/core';

/** True while the page is put on paper: what only paper shows is made then, and long lists are made whole. */
export const usePrinting = createSharedComposable(() => {
  const printing = ref(false);
  useEventListener(window, 'beforeprint', () => (printing.value = true));
  useEventListener(window, 'afterprint', () => (printing.value = false));
  return printing;
});
