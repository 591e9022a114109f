import type { CoverageInput } from '~~/core/coverage/coverage';
import type { Coverage } from '~~/core/coverage/types';
import type { GardenHere } from '~~/core/garden/here';

/** Plantings times targets from which a screen would wait for coverage (40 sites with 400 plantings have 10,000). */
const LARGE = 2500;
export const isLargeGarden = (here: GardenHere) => here.targets.length * here.plantings.length > LARGE;
/** As long as the calculation may hold up the screen at a time (ms). */
const SLICE_MS = 10;

interface Settled {
  garden: string;
  input: CoverageInput;
  covered: Coverage;
}

/**
 * What coverage is calculated from, and coverage, always of the same state of a garden. Of most gardens it is the present
 * one. Of a large one it follows a moment later: a change is shown at once, and coverage calculated in slices between
 * which the screen answers; a further change meanwhile lets it begin again.
 */
export function useSettled(here: Readonly<Ref<GardenHere | null>>) {
  const settled = shallowRef<Settled | null>(null);
  const nextTask = () => new Promise<void>((resolve) => setTimeout(resolve));
  const painted = () => new Promise<void>((resolve) => requestAnimationFrame(() => setTimeout(resolve)));

  async function settle(now: GardenHere) {
    const steps = now.coveredInSteps();
    await painted();
    while (here.value === now) {
      const until = performance.now() + SLICE_MS;
      let step = steps.next();
      while (!step.done && performance.now() < until) step = steps.next();
      if (step.done) {
        settled.value = { garden: now.garden.id, input: now.input, covered: step.value };
        return;
      }
      await nextTask();
    }
  }
  watch(
    here,
    (now) => {
      if (!now || !isLargeGarden(now)) settled.value = null;
      else if (settled.value?.garden === now.garden.id) void settle(now);
      // What is seen first is whole.
      else settled.value = { garden: now.garden.id, input: now.input, covered: now.covered };
    },
    { flush: 'sync', immediate: true },
  );
  return {
    input: computed(() => (settled.value ?? here.value)?.input ?? null),
    served: computed(() => (settled.value ?? here.value)?.covered ?? null),
  };
}
