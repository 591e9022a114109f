<script setup lang="ts">
import { drainageOf, drainRate } from '~~/core/place/soil/drainage';
import { UNITS } from '~~/core/model/units';

const props = defineProps<{ site: string }>();
const view = useViewStore();
const { draft, errors, fault, saving, error, submit } = useMeasure(
  'hole',
  () => props.site,
  () => ({ drop_cm: 0, minutes: 60 }),
  'Hole test recorded.',
);
const unit = computed(() => UNITS[view.units].length);
const live = computed(() =>
  draft.value.reading.minutes > 0 && draft.value.reading.drop_cm > 0
    ? `${view.length(drainRate(draft.value.reading))} an hour: ${drainageOf(draft.value.reading)} drainage`
    : '',
);
</script>

<template>
  <MeasureFrame
    v-model="draft"
    title="Hole test"
    how="Dig a hole a foot deep and wide; have buried services marked first. Fill it, let it run out, fill it again and measure how far the water has fallen after an hour, or after a night."
    :errors="errors"
    :fault="fault"
    :saving="saving"
    @submit="submit"
  >
    <div class="grid gap-2 sm:grid-cols-3">
      <NumberField
        v-model="draft.reading.drop_cm as number | null"
        label="The water fell"
        :unit="unit"
        :error="error('drop_cm')"
      />
      <NumberField v-model="draft.reading.minutes as number | null" label="in minutes" :error="error('minutes')" />
    </div>
    <p v-if="live" class="text-sm" role="status">{{ live }}.</p>
  </MeasureFrame>
</template>
