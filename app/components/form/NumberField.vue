<script setup lang="ts">
import type { GlossaryWord } from '~~/core/words/glossary';
import { inUnit, toSi, type Unit } from '~~/core/model/units';

/** A number stored in SI and typed in the unit given; an empty field is null. */
const model = defineModel<number | null>({ required: true });
const props = defineProps<{ label: string; error?: string; hint?: string; word?: GlossaryWord; unit?: Unit; step?: number }>();
const shown = computed(() => (model.value === null ? '' : props.unit ? inUnit(model.value, props.unit) : model.value));

function typed(event: Event) {
  const text = (event.target as HTMLInputElement).value;
  const value = text === '' ? null : Number(text);
  model.value = value === null || !props.unit ? value : toSi(value, props.unit);
}
</script>

<template>
  <FieldRow v-slot="{ bind }" :label="unit ? `${label} (${unit.label})` : label" :error="error" :hint="hint" :word="word">
    <input v-bind="bind" class="field" type="number" :step="step ?? 'any'" :value="shown" @change="typed" />
  </FieldRow>
</template>
