import { useTimeoutFn } from '@vueuse/core';
import type { Point } from '~~/core/model/yard';

const REST_MS = 400;

/**
 * Moves by keys: gathered for a moment and kept as one change. `nudged` is where the thing is meanwhile. Going on to
 * another thing keeps the first at once.
 */
export function useNudge<T extends { id: string }>(move: (of: T, points: Point[]) => Promise<unknown>) {
  const nudged = shallowRef<{ of: T; points: Point[] } | null>(null);
  async function keep() {
    stop();
    const last = nudged.value;
    if (!last) return;
    await move(last.of, last.points);
    if (nudged.value === last) nudged.value = null;
  }
  const { start, stop } = useTimeoutFn(() => void keep(), REST_MS, { immediate: false });
  function nudge(of: T, points: Point[]) {
    if (nudged.value && nudged.value.of.id !== of.id) void keep();
    nudged.value = { of, points };
    start();
  }
  onBeforeUnmount(() => void keep());
  return { nudged, nudge };
}
