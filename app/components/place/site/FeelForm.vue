<script setup lang="ts">
import { feelTexture } from '~~/core/place/soil/texture';

const props = defineProps<{ site: string }>();
const { draft, errors, fault, saving, error, submit } = useMeasure(
  'feel',
  () => props.site,
  () => ({ ball: true, ribbon_mm: 0, grain: 'neither' }),
  'Feel test recorded.',
);
const GRAINS = [
  { value: 'gritty', words: 'gritty: one hears the sand' },
  { value: 'smooth', words: 'smooth like flour' },
  { value: 'neither', words: 'neither' },
];
</script>

<template>
  <MeasureFrame
    v-model="draft"
    title="Ribbon and feel"
    how="Wet a spoonful until it is like putty. Does it hold a ball? Press it between thumb and finger into a ribbon and measure where it breaks; then rub a wet pinch in the palm."
    :errors="errors"
    :fault="fault"
    :saving="saving"
    @submit="submit"
  >
    <div class="grid gap-2 sm:grid-cols-3">
      <label class="mt-5 inline-flex items-center gap-1.5"
        ><input v-model="draft.reading.ball" type="checkbox" class="size-4" />it holds a ball</label
      >
      <NumberField v-model="draft.reading.ribbon_mm as number | null" label="Ribbon (mm)" :error="error('ribbon_mm')" />
      <ChoiceField v-model="draft.reading.grain" label="In the palm it is" :choices="GRAINS" :error="error('grain')" />
    </div>
    <p class="text-sm" role="status">
      That is <strong>{{ feelTexture(draft.reading) }}</strong>.
    </p>
  </MeasureFrame>
</template>
