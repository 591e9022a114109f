<script setup lang="ts">
import type { GlossaryWord } from '~~/core/words/glossary';

/** A label with its control and, beside it, what is wrong with what was typed. The slot is given ids to tie them. */
defineProps<{ label: string; error?: string; hint?: string; word?: GlossaryWord }>();
const id = useId();
</script>

<template>
  <div>
    <span class="flex items-center gap-1 text-sm md:h-[1.4em]"
      ><label :for="id" class="font-semibold">{{ label }}</label
      ><WordMark v-if="word" :of="word"
        ><span aria-hidden="true" class="inline-block min-h-[26px] min-w-[26px] text-center leading-[26px]">?</span
        ><span class="sr-only">what is this</span></WordMark
      ></span
    >
    <slot :bind="{ id, 'aria-invalid': Boolean(error), 'aria-describedby': error || hint ? `${id}-more` : undefined }" />
    <p v-if="error || hint" :id="`${id}-more`" class="text-sm" :class="error ? 'text-gap' : 'text-quiet'">{{ error || hint }}</p>
  </div>
</template>
