<script setup lang="ts">
import { UNITS } from '~~/core/model/units';
import type { Point } from '~~/core/model/yard';
import { cornersFrom, cornersText } from './corners-text';

/** Corners to type, for a measure better than a hand's and for the keyboard. */
const props = defineProps<{ points: readonly Point[]; error?: string }>();
const emit = defineEmits<{ moved: [points: Point[]] }>();
const view = useViewStore();
const unit = computed(() => UNITS[view.units].distance);
const fault = ref('');

function typed(event: Event) {
  const found = cornersFrom((event.target as HTMLInputElement).value, unit.value.perSi);
  fault.value = found ? '' : 'Write corners as 0, 0; 6, 0; 6, 4.';
  if (found) emit('moved', found);
}
</script>

<template>
  <FieldRow v-slot="{ bind }" :label="`Corners (${unit.label} from the left, from the bottom)`" :error="fault || error">
    <input v-bind="bind" class="field text-sm" :value="cornersText(props.points, unit.perSi)" @change.stop="typed" />
  </FieldRow>
</template>
