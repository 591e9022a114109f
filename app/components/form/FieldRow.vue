<script setup lang="ts">
/** A label with its control and, beside it, what is wrong with what was typed. The slot is given ids to tie them. */
defineProps<{ label: string; error?: string; hint?: string }>();
const id = useId();
</script>

<template>
  <div>
    <label :for="id" class="block text-sm font-semibold">{{ label }}</label>
    <slot :bind="{ id, 'aria-invalid': Boolean(error), 'aria-describedby': error || hint ? `${id}-more` : undefined }" />
    <p v-if="error || hint" :id="`${id}-more`" class="text-sm" :class="error ? 'text-gap' : 'text-quiet'">{{ error || hint }}</p>
  </div>
</template>
