<script setup lang="ts">
import { jarFractions, textureClass } from '~~/core/place/soil/texture';

const props = defineProps<{ site: string }>();
const { draft, errors, fault, saving, error, submit } = useMeasure(
  'jar',
  () => props.site,
  () => ({ sand_mm: 0, silt_mm: 0, clay_mm: 0 }),
  'Jar test recorded.',
);
const LAYERS = [
  ['sand_mm', 'Sand, below (mm)'],
  ['silt_mm', 'Silt, between (mm)'],
  ['clay_mm', 'Clay, above (mm)'],
] as const;
const live = computed(() => {
  const { sand_mm, silt_mm, clay_mm } = draft.value.reading;
  return sand_mm + silt_mm + clay_mm >= 10 ? textureClass(jarFractions(draft.value.reading)) : '';
});
</script>

<template>
  <MeasureFrame
    v-model="draft"
    title="Jar test"
    how="Fill a straight jar a third with soil from spade’s depth, without stones or roots; top up with water and a drop of dish soap, shake for three minutes. Mark the sand after one minute, the silt after two hours, the clay after two days."
    :errors="errors"
    :fault="fault"
    :saving="saving"
    @submit="submit"
  >
    <div class="grid grid-cols-3 gap-2">
      <NumberField
        v-for="[key, label] in LAYERS"
        :key="key"
        v-model="draft.reading[key] as number | null"
        :label="label"
        :error="error(key)"
      />
    </div>
    <p v-if="live" class="text-sm" role="status">
      That is <strong>{{ live }}</strong>.
    </p>
  </MeasureFrame>
</template>
