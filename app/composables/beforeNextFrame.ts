const waiting = new Set<() => void>();

/**
 * Measures before the next frame is drawn, together with all others that wait: the page is laid out once for them, and
 * what changes by what they find is changed before anybody sees it.
 */
export function beforeNextFrame(measure: () => void) {
  if (waiting.size === 0)
    requestAnimationFrame(() => {
      const all = [...waiting];
      waiting.clear();
      for (const one of all) one();
    });
  waiting.add(measure);
}
