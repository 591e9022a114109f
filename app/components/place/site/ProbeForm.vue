<script setup lang="ts">
import type { Reading } from '~~/core/model/yard';

const props = defineProps<{ site: string }>();
const yard = useYardStore();
const notices = useNoticesStore();
const empty = (): Reading<'probe'> => ({ ph: null, moisture_pct: null, light_klx: null, device: 'typed' });
const { draft, errors, fault, saving, error, submit } = useMeasure('probe', () => props.site, empty, 'Probe reading recorded.');
const pushing = ref(false);

/** Takes a reading from the simulated probe into the form, where it is checked before it is recorded. */
async function push() {
  pushing.value = true;
  try {
    draft.value.reading = await yard.readProbe(props.site);
  } catch (problem) {
    if (!isApiFault(problem)) throw problem;
    notices.say(problem.message, 'fault');
  } finally {
    pushing.value = false;
  }
}
</script>

<template>
  <MeasureFrame
    v-model="draft"
    title="Probe reading"
    how="Push the probe in at three places and record each: one push says little, the middle of several much. Probes drift; the simulated one does too."
    :errors="errors"
    :fault="fault"
    :saving="saving"
    @submit="submit"
  >
    <div class="grid gap-2 sm:grid-cols-3">
      <NumberField v-model="draft.reading.ph" label="pH" :step="0.1" :error="error('ph')" />
      <NumberField v-model="draft.reading.moisture_pct" label="Moisture (% water)" :error="error('moisture_pct')" />
      <NumberField v-model="draft.reading.light_klx" label="Light (kilolux)" :error="error('light_klx')" />
    </div>
    <p class="flex flex-wrap items-center gap-3 text-sm">
      <button type="button" class="press" :disabled="pushing" @click="push">Push the simulated probe in</button>
      <span v-if="draft.reading.device === 'simulated'" class="text-thin" role="status"
        >A simulated reading, from the stand-in that ships with Outwash.</span
      >
    </p>
  </MeasureFrame>
</template>
