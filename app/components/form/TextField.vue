<script setup lang="ts">
const model = defineModel<string | null>({ required: true });
defineProps<{ label: string; error?: string; hint?: string; placeholder?: string; long?: boolean }>();
</script>

<template>
  <FieldRow v-slot="{ bind }" :label="label" :error="error" :hint="hint">
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
