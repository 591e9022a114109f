<script setup lang="ts">
import type { GlossaryWord } from '~~/core/words/glossary';

/** One of a short list, each with its words. */
const model = defineModel<string | number | null>({ required: true });
defineProps<{
  label: string;
  error?: string;
  hint?: string;
  word?: GlossaryWord;
  choices: readonly { value: string | number | null; words: string }[];
}>();
</script>

<template>
  <FieldRow v-slot="{ bind }" :label="label" :error="error" :hint="hint" :word="word">
    <select v-bind="bind" v-model="model" class="field">
      <option v-for="choice in choices" :key="String(choice.value)" :value="choice.value">{{ choice.words }}</option>
    </select>
  </FieldRow>
</template>
