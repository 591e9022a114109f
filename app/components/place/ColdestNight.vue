<script setup lang="ts">
import { zoneOfColdestNight } from '~~/core/place/climate/garden-climate';
import { fahrenheitToCelsius } from '~~/core/place/climate/zones';
import { zoneChoices } from './choices';

/** The half-zone, chosen, or found by the coldest night that one remembers. */
const zone = defineModel<string>({ required: true });
defineProps<{ error?: string; label?: string }>();
const view = useViewStore();
const remembered = ref<number | null>(null);
const fault = ref('');
const unit = computed(() => `°${view.degrees}`);

function remember(value: number | null) {
  remembered.value = value;
  fault.value = '';
  if (value === null) return;
  const celsius = view.degrees === 'F' ? fahrenheitToCelsius(value) : value;
  if (celsius < -55 || celsius > 20) fault.value = `Give the temperature of a winter night in ${unit.value}.`;
  else zone.value = zoneOfColdestNight(celsius);
}
</script>

<template>
  <div class="grid gap-3 sm:grid-cols-2">
    <ChoiceField
      v-model="zone"
      :label="label ?? 'Hardiness half-zone (coldest night)'"
      word="half-zone"
      :error="error"
      :choices="zoneChoices(view.degrees)"
    />
    <NumberField
      :model-value="remembered"
      :label="`or the coldest night you remember (${unit})`"
      :error="fault"
      hint="Taken as half a zone below the yearly average, which is what a zone means."
      @update:model-value="remember"
    />
  </div>
</template>
