<script setup lang="ts">
import type { GlossaryWord } from '~~/core/words/glossary';

const model = defineModel<string | null>({ required: true });
defineProps<{ label: string; error?: string; hint?: string; word?: GlossaryWord; placeholder?: string; long?: boolean }>();
</script>

<template>
  <FieldRow v-slot="{ bind }" :label="label" :error="error" :hint="hint" :word="word">
    <textarea
      v-if="long"
      v-bind="bind"
      class="field"
      rows="2"
      :value="model ?? ''"
      @input="model = ($event.target as HTMLTextAreaElement).value"
    />
    <input
      v-else
      v-bind="bind"
      class="field"
      type="text"
      :placeholder="placeholder"
      :value="model ?? ''"
      @input="model = ($event.target as HTMLInputElement).value"
    />
  </FieldRow>
</template>
