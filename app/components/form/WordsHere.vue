<script setup lang="ts">
import { GLOSSARY, type GlossaryWord } from '~~/core/words/glossary';

/** The words of a view with their sentences, at its foot: where a column has no head to mark, they are found here. */
defineProps<{ words: readonly GlossaryWord[] }>();
const view = useViewStore();
</script>

<template>
  <details v-if="view.explained" class="no-print mt-6 max-w-prose text-sm">
    <summary class="text-press">Words on this page</summary>
    <dl class="mt-1 space-y-1">
      <div v-for="word in words" :key="word">
        <dt class="sr-only">{{ word }}</dt>
        <dd :data-word="word">{{ GLOSSARY[word] }}</dd>
      </div>
    </dl>
  </details>
</template>
