<script setup lang="ts" generic="V extends string">
/** One of a few, pressed; pressed once more it is taken back. */
const model = defineModel<V | null>({ required: true });
const props = defineProps<{ label: string; choices: readonly { value: V; words: string }[]; wanted?: boolean; error?: string }>();
function press(value: V) {
  model.value = model.value === value && !props.wanted ? null : value;
}
</script>

<template>
  <fieldset>
    <legend class="text-sm font-semibold">{{ label }}</legend>
    <div class="mt-1 flex flex-wrap gap-1.5">
      <button
        v-for="choice in choices"
        :key="choice.value"
        type="button"
        class="chip"
        :aria-pressed="model === choice.value"
        @click="press(choice.value)"
      >
        {{ choice.words }}
      </button>
    </div>
    <p v-if="error" class="text-sm text-gap">{{ error }}</p>
  </fieldset>
</template>
