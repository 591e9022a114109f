import type { Steps } from '~~/core/model/steps';

/** As long as a calculation may hold up the screen at a time (ms). */
const SLICE_MS = 10;

/** Lets the screen answer what waits; a browser that can goes on right after that. */
const { scheduler } = globalThis as { scheduler?: { yield?: () => Promise<void> } };
const pause = () => scheduler?.yield?.() ?? new Promise<void>((resolve) => setTimeout(resolve));

/**
 * Runs a calculation to its end in slices, between which the screen answers, while it is `wanted`; null where it was not
 * to the end.
 */
export async function inSlices<T>(steps: Steps<T>, wanted: () => boolean = () => true): Promise<T | null> {
  while (wanted()) {
    const until = performance.now() + SLICE_MS;
    do {
      const step = steps.next();
      if (step.done) return step.value;
    } while (performance.now() < until);
    await pause();
  }
  return null;
}
