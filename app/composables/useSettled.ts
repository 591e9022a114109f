import type { CoverageInput } from '~~/core/coverage/coverage';
import type { Coverage } from '~~/core/coverage/types';
import type { GardenHere } from '~~/core/garden/here';

/** Plantings times targets from which a screen would wait for coverage (40 sites with 400 plantings have 10,000). */
const LARGE = 2500;
export const isLargeGarden = (here: GardenHere) => here.targets.length * here.plantings.length > LARGE;

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

  async function calculate(now: GardenHere) {
    const covered = await inSlices(now.coveredInSteps(), () => here.value === now);
    if (covered && here.value === now && isLargeGarden(now)) settled.value = { garden: now.garden.id, input: now.input, covered };
  }
  /** Calculates the garden that was opened, before any of it is shown, so that what is seen first is whole. */
  async function prepare() {
    for (let now = here.value; now; now = here.value === now ? null : here.value) await calculate(now);
  }
  watch(
    here,
    (now) => {
      if (settled.value?.garden === now?.garden.id && now && isLargeGarden(now)) void drawn().then(() => calculate(now));
      else settled.value = null;
    },
    { flush: 'sync', immediate: true },
  );
  return {
    prepare,
    input: computed(() => (settled.value ?? here.value)?.input ?? null),
    served: computed(() => (settled.value ?? here.value)?.covered ?? null),
  };
}
